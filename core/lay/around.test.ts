import { beforeAll, describe, expect, test } from '@jest/globals';
import { madeDemo } from '../../demo/made.js';
import { formOf } from '../catalogue/index.js';
import { planLarder, planSchema, type LaidElement, type Placement, type Plan } from '../plan/index.js';
import { swapsFor } from '../swap/index.js';
import { createRandom } from '../measure/index.js';
import { after, board, group, id, lies, planWith } from '../testing/plans.js';
import { hardOverlaps, layAround, layPlan } from './index.js';

const foods = [
  lies('brie', 130),
  lies('water-crackers', 70),
  lies('green-grapes', 110),
  lies('strawberries', 80),
  lies('salami', 70),
  lies('almonds', 50),
  lies('hummus-home', 110, { contained: true }),
];
const SMALL = board({ outline: { kind: 'round', diameterMm: 290 } });
let plan: Plan;
beforeAll(() => {
  plan = layPlan(planWith({ party: [group('all', 4)], surfaces: [SMALL], placements: foods }), 4).plan;
});

const elements = (plan: Plan): LaidElement[] => plan.layout[0]!.elements;
const around = (edited: Plan, from: Plan = plan) => layAround(from, edited, 4);
const byId = (list: readonly LaidElement[]) => new Map(list.map((element) => [element.id, element]));
const swapped = (food: string, from: Plan = plan): Plan[] =>
  swapsFor(from, id(food), { judge: false }).map((swap) => after(from, swap.command));

/** Every kind that was placed lies there, with all its pieces, and nothing else does. */
function liesWhole(plan: Plan, list: readonly LaidElement[]): void {
  for (const placement of plan.placements) {
    const here = list.filter(
      (element) => element.componentId === placement.componentId && element.form === placement.form,
    );
    expect([
      placement.componentId,
      here.reduce((sum, element) => sum + element.pieces.length, 0) > 0,
    ]).toEqual([placement.componentId, true]);
  }
  const placed = new Set(plan.placements.map((placement) => placement.componentId));
  expect(list.filter((element) => !placed.has(element.componentId))).toEqual([]);
}

/** A bowl of something spread is one piece, whatever it holds. */
const drawnPieces = (from: Plan, placement: Placement): number =>
  placement.contained &&
  formOf(planLarder(from).get(placement.componentId)!, placement.form)?.piece === 'bowl'
    ? 1
    : placement.pieces;

/** The same food with other pieces, each as heavy as before. */
function withPieces(from: Plan, food: string, pieces: number): Plan {
  return {
    ...from,
    placements: from.placements.map((placement) =>
      placement.componentId === food
        ? { ...placement, pieces, massG: (placement.massG / placement.pieces) * pieces }
        : placement,
    ),
  };
}

describe('laying what changed', () => {
  test('nothing changed, nothing is laid', () => {
    expect(around(plan)).toEqual([]);
    expect(around({ ...plan, notes: 'in the tent' })).toEqual([]);
  });

  test('a swapped food lies where ground came free, and nothing else moves', () => {
    const old = byId(elements(plan));
    let compared = 0;
    for (const food of ['green-grapes', 'salami', 'water-crackers'])
      for (const edited of swapped(food).slice(0, 3)) {
        const [laid] = around(edited);
        liesWhole(edited, laid!.elements);
        expect(hardOverlaps(laid!.elements)).toEqual([]);
        const stays = new Set(
          foods.map((placement) => placement.componentId as string).filter((x) => x !== food),
        );
        // a bowl that comes makes others move, which the next test but one looks at
        if (laid!.elements.some((element) => !old.has(element.id) && element.layer === 4)) continue;
        const stood = laid!.elements.filter((element) => stays.has(element.componentId));
        expect(stood).toHaveLength(
          [...old.values()].filter((element) => stays.has(element.componentId)).length,
        );
        for (const element of stood) expect(element).toEqual(old.get(element.id));
        compared += stood.length;
      }
    expect(compared).toBeGreaterThan(20);
  });

  test('the ground is covered about as well as before', () => {
    const before = layPlan({ ...plan, layout: [] }, 4).surfaces[0]!.coverage;
    for (const edited of swapped('green-grapes').slice(0, 3))
      expect(around(edited)[0]!.coverage).toBeGreaterThan(before - 0.12);
  });

  test('where a bowl comes to stand, what lay there makes room', () => {
    const edited = after(plan, {
      name: 'together',
      label: 'another bowl',
      commands: [
        {
          name: 'set-board',
          placements: [
            ...plan.placements.filter((placement) => placement.componentId !== id('almonds')),
            lies('guacamole', 120, { contained: true }),
          ],
        },
      ],
    });
    const [laid] = around(edited);
    liesWhole(edited, laid!.elements);
    expect(hardOverlaps(laid!.elements)).toEqual([]);
    const bowl = laid!.elements.find((element) => element.componentId === 'guacamole')!;
    const buried = (element: LaidElement) =>
      element.pieces.filter(([x, y]) => {
        const [c, s] = [Math.cos((element.angle * Math.PI) / 180), Math.sin((element.angle * Math.PI) / 180)];
        return (
          Math.hypot(element.x + x * c - y * s - bowl.x, element.y + x * s + y * c - bowl.y) <
          bowl.bowlMm! * 0.8
        );
      }).length / element.pieces.length;
    expect(
      laid!.elements
        .filter((element) => element.layer < 4 && buried(element) > 0.2)
        .map((element) => element.componentId),
    ).toEqual([]);
  });

  test('what the hand pinned stays pinned, what was only held does not', () => {
    const [first] = elements(plan);
    const pinned = after(plan, {
      name: 'pin-element',
      surfaceId: board().id,
      elementId: first!.id,
      on: true,
    });
    const food = first!.componentId === id('salami') ? 'green-grapes' : 'salami';
    const edited = swapped(food, pinned)[0]!;
    const [laid] = around(edited, pinned);
    expect(laid!.elements.filter((element) => element.pinned).map((element) => element.id)).toEqual([
      first!.id,
    ]);
  });

  test('another size of the surface, or most foods changed: it is laid afresh', () => {
    const wider = {
      ...plan,
      surfaces: [{ ...plan.surfaces[0]!, outline: { kind: 'round' as const, diameterMm: 360 } }],
    };
    expect(around(wider)).toEqual(layPlan(wider, 4).surfaces);
    const most = {
      ...plan,
      placements: foods.map((placement, i) =>
        i < 4 ? { ...placement, massG: placement.massG + 20 } : placement,
      ),
    };
    expect(around(most)).toEqual(layPlan(most, 4).surfaces);
  });

  test('a board that was never laid is laid, and only the surface that changed', () => {
    expect(around({ ...plan, layout: [] }, { ...plan, layout: [] })).toEqual([]);
    const bare = { ...plan, layout: [] };
    const edited = after(bare, { name: 'leave-out', componentId: id('almonds') });
    expect(layAround(bare, edited, 4)).toEqual(layPlan(edited, 4).surfaces);
  });

  test('through a chain of edits every piece stays counted and nothing hard is stood on', () => {
    const random = createRandom(11);
    let now = plan;
    for (let step = 0; step < 12; step++) {
      const from = now;
      const placement = now.placements[random.int(now.placements.length)]!;
      const swaps = swapped(placement.componentId, now);
      const kind = random.int(4);
      if (kind === 0 && now.placements.length > 4)
        now = after(now, { name: 'leave-out', componentId: placement.componentId });
      else if (kind === 1 && !placement.contained && placement.pieces > 3)
        now = withPieces(now, placement.componentId, placement.pieces - 1);
      else if (swaps.length > 0) now = swaps[random.int(Math.min(5, swaps.length))]!;
      const laid = layAround(from, now, 4);
      const layout = now.layout.map(
        (layer) => laid.find((laid) => laid.surfaceId === layer.surfaceId) ?? layer,
      );
      now = {
        ...now,
        layout: layout.map(({ surfaceId, elements }) => ({ surfaceId, elements: elements })),
      };
      expect(planSchema.safeParse(now).success).toBe(true);
      liesWhole(now, elements(now));
      expect(hardOverlaps(elements(now))).toEqual([]);
      for (const otherPlacement of now.placements) {
        const pieces = elements(now)
          .filter(
            (element) =>
              element.componentId === otherPlacement.componentId && element.form === otherPlacement.form,
          )
          .reduce((sum, element) => sum + element.pieces.length, 0);
        expect([step, otherPlacement.componentId, pieces]).toEqual([
          step,
          otherPlacement.componentId,
          drawnPieces(now, otherPlacement),
        ]);
      }
    }
  });

  test('so it goes on a whole table too, with every piece somewhere', async () => {
    const table = layPlan({ ...(await madeDemo('small-watch')), layout: [] }, 15).plan;
    const main = table.placements.filter((placement) => placement.surfaceId === table.surfaces[0]!.id);
    for (const placement of [main[0]!, main[3]!, main.at(-1)!])
      for (const edited of swapped(placement.componentId, table).slice(0, 1))
        for (const laid of layAround(table, edited, 15)) {
          const here = edited.placements.filter(
            (otherPlacement) => otherPlacement.surfaceId === laid.surfaceId && otherPlacement.lot === 0,
          );
          liesWhole({ ...edited, placements: here }, laid.elements);
          expect(hardOverlaps(laid.elements)).toEqual([]);
        }
  });
});
