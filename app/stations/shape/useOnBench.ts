import { useMemo } from 'react';
import { create } from 'zustand';
import type { Component, ComponentId } from '../../../core/catalogue/index.js';
import { applyCommand, planLarder, type Cut, type Plan, type SurfaceId } from '../../../core/plan/index.js';
import { layCutOuts, surfaceOfFood } from '../../../core/board/index.js';
import { guestsIn } from '../../../core/party/index.js';
import {
  benchFoods,
  bent,
  needOfCut,
  proposedCut,
  sliceFigures,
  type CutNeed,
  type SliceFigures,
} from '../../../core/shape/index.js';
import { useNested, type OnBench } from '../../store/bench.js';
import { useSession } from '../../store/session.js';

interface Picked {
  /** The food on the bench, by plan; the one of which most lies where none is picked. */
  food: Readonly<Record<string, ComponentId>>;
  /** How many are wanted, by plan and food, while they are not on a board. */
  wanted: Readonly<Record<string, number>>;
}

/** What is picked on the bench: of this tab, and no part of a plan. */
export const useBenchPick = create<Picked>(() => ({ food: {}, wanted: {} }));

export interface Bench {
  foods: readonly Component[];
  component: Component;
  /** As it is kept in the plan, or as it is proposed. */
  cut: Cut;
  /** With the pieces where they lie so far. */
  shown: Cut;
  isKept: boolean;
  nested: OnBench | undefined;
  figures: SliceFigures;
  surfaceId: SurfaceId;
  /** Pieces that lie on boards now, and pieces that are wanted. */
  onBoards: number;
  wanted: number;
  want(pieces: number): void;
  /** What the wanted pieces need, and the plan as it would be with them. */
  need: CutNeed | undefined;
  bend(by: Parameters<typeof bent>[1]): void;
  /** Writes the cut as it is given. */
  keep(cut: Cut): void;
}

/** Two for each guest, where nothing of the food lies on a board (house default). */
const EACH = 2;
const MOST = 5000;

/** How many are wanted before anybody says so: as many as the grams of the food on the board give. */
function usualWanted(plan: Plan, cut: Cut, figures: SliceFigures, surfaceId: SurfaceId): number {
  const grams = plan.placements
    .filter((placement) => placement.componentId === cut.componentId && placement.surfaceId === surfaceId)
    .reduce((sum, { massG }) => sum + massG, 0);
  const each = figures.pieceG > 0 ? Math.floor(grams / figures.pieceG) : 0;
  return Math.min(MOST, Math.max(1, Math.min(each || Infinity, EACH * Math.max(1, guestsIn(plan.party)))));
}

/** What lies on the bench; undefined where nothing on the boards is cut with cutters and nothing was picked. */
export function useOnBench(plan: Plan): Bench | undefined {
  const picked = useBenchPick((pick) => pick.food[plan.id]);
  const larder = useMemo(() => planLarder(plan), [plan]);
  const foods = useMemo(() => benchFoods(plan, larder), [plan, larder]);
  const component = (picked && larder.get(picked)) ?? foods[0];
  const kept = plan.cuts.find((cut) => cut.componentId === component?.id);
  const { motifs } = plan.occasion.theme;
  const proposed = useMemo(
    () => (component && !kept ? proposedCut(component, motifs, plan.seed) : undefined),
    [component, kept, motifs, plan.seed],
  );
  const cut = kept ?? proposed;
  const nested = useNested(cut, kept !== undefined);
  const shown = useMemo(() => (cut && nested ? { ...cut, pieces: nested.pieces } : cut), [cut, nested]);
  const wish = useBenchPick((pick) => pick.wanted[`${plan.id} ${component?.id}`]);
  const surfaceId = component && surfaceOfFood(plan, component.id);
  const edit = useSession((session) => session.edit);
  const onBoards = plan.placements
    .filter((placement) => placement.componentId === component?.id && placement.form === 'cut-outs')
    .reduce((sum, { pieces }) => sum + pieces, 0);
  const figures = component && shown ? sliceFigures(component, shown) : undefined;
  const wanted =
    wish ?? (onBoards || (shown && figures && surfaceId ? usualWanted(plan, shown, figures, surfaceId) : 1));
  const need = useMemo(
    () =>
      shown && shown.pieces.length > 0 && surfaceId ? needWith(plan, shown, wanted, surfaceId) : undefined,
    [plan, shown, wanted, surfaceId],
  );
  if (!component || !cut || !shown || !figures || !surfaceId) return undefined;
  const keep = (next: Cut): void => {
    // it stays on the bench, whatever lies most on the boards after the edit
    pickFood(plan, component.id);
    edit({ name: 'set-cut', cut: next });
  };
  return {
    foods,
    component,
    cut,
    shown,
    isKept: kept !== undefined,
    nested,
    figures,
    surfaceId,
    onBoards,
    wanted,
    want: (pieces) =>
      useBenchPick.setState((pick) => ({
        wanted: { ...pick.wanted, [`${plan.id} ${component.id}`]: pieces },
      })),
    need,
    bend: (by) => keep(bent(shown, by)),
    keep,
  };
}

/** The needs of so many pieces, reckoned on the plan as it would be with them. */
function needWith(plan: Plan, cut: Cut, pieces: number, surfaceId: SurfaceId): CutNeed | undefined {
  const done = applyCommand(plan, layCutOuts(plan, cut, pieces, surfaceId));
  if (!done.ok) return undefined;
  const component = planLarder(done.plan).get(cut.componentId);
  return component && needOfCut(component, cut, done.plan);
}

export const pickFood = (plan: Plan, id: ComponentId): void =>
  useBenchPick.setState((pick) => ({ food: { ...pick.food, [plan.id]: id } }));
