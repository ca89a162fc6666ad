import { FORMS, formOf, usualForm, type Component, type FormFact } from '../catalogue/index.js';
import {
  planLarder,
  type LaidElement,
  type Motif,
  type Placement,
  type Plan,
  type Surface,
} from '../plan/index.js';
import { bowlsInUse, gPerCm2, type BowlInUse } from '../portion/index.js';
import { ellipse, pieceOutline, type Point } from '../geometry/index.js';

/** One thing to lay: a bowl, a cheese, or a heap or run of pieces. Ground in cm², sizes in mm. */
export interface Part {
  id: string;
  component: Component;
  fact: FormFact;
  contained: boolean;
  pieces: number;
  massG: number;
  groundCm2: number;
  kind: 'hard' | 'run' | 'loose' | 'herb';
  /** Drawn size of the whole, for hard parts. */
  lengthMm: number;
  widthMm: number;
  outline: Point[];
  bowlMm: number | null;
  inZone: boolean;
  ownTool: boolean;
  /** The motif that it lies in. */
  motif: Motif | undefined;
  /** Where the stylist pinned it. */
  pinned: LaidElement | undefined;
}

/** A soft food that would take more of the board than this is split, so that several sides reach it. */
const SPLIT_TWO = 0.05;
const SPLIT_THREE = 0.1;
/** Uneven splits look laid by hand. */
const TWO = [0.6, 0.4];
const THREE = [0.43, 0.33, 0.24];

/** Everything of lot 0 on one surface, as parts; a food that nobody knows is left out and Check says so. */
export function partsOf(plan: Plan, surface: Surface, areaCm2: number): Part[] {
  const larder = planLarder(plan);
  const pinned = (plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? []).filter(
    (element) => element.pinned,
  );
  const parts: Part[] = [];
  // no bowl is laid that nobody owns: those at hand are shared out over the whole table
  const bowls = bowlsInUse(plan).filter((bowl) => bowl.surfaceId === surface.id);
  for (const placement of plan.placements) {
    if (placement.surfaceId !== surface.id || placement.lot !== 0) continue;
    const component = larder.get(placement.componentId);
    if (!component) continue;
    const fact = formOf(component, placement.form) ?? usualForm(component);
    const motif = plan.motifs.find(({ id, surfaceId }) => id === placement.motif && surfaceId === surface.id);
    parts.push(
      ...(motif
        ? [
            {
              ...partOf(
                bowls,
                surface,
                component,
                fact,
                placement,
                `of-${motif.id}`,
                placement.pieces,
                placement.massG,
              ),
              motif,
            },
          ]
        : split(bowls, surface, placement, component, fact, areaCm2)),
    );
  }
  for (const part of parts) part.pinned = pinned.find((element) => element.id === part.id);
  return parts;
}

function split(
  bowls: readonly BowlInUse[],
  surface: Surface,
  placement: Placement,
  component: Component,
  fact: FormFact,
  areaCm2: number,
): Part[] {
  const part = (n: number, pieces: number, massG: number) =>
    partOf(bowls, surface, component, fact, placement, n, pieces, massG);
  if (placement.contained)
    return bowls
      .filter((bowl) => bowl.componentId === component.id && bowl.form === placement.form)
      .slice(0, MOST_STANDING)
      .map((bowl) => part(bowl.n, bowl.pieces, bowl.massG));
  if (FORMS[fact.form].lies === 'alone') return even(placement, part);
  const share = placement.massG / fact.gPerCm2 / areaCm2;
  const shares =
    placement.pieces >= 9 && share > SPLIT_THREE
      ? THREE
      : placement.pieces >= 6 && share > SPLIT_TWO
        ? TWO
        : [1];
  let left = placement.pieces;
  return shares.map((share, i) => {
    const pieces = i === shares.length - 1 ? left : Math.max(1, Math.round(placement.pieces * share));
    left -= pieces;
    return part(i + 1, pieces, (placement.massG * pieces) / placement.pieces);
  });
}

/** What stands alone is laid one by one: more of one food than this is no layout any more, and Check tells what is left over. */
export const MOST_STANDING = 60;

const even = (placement: Placement, part: (n: number, pieces: number, massG: number) => Part): Part[] =>
  Array.from({ length: Math.min(MOST_STANDING, placement.pieces) }, (_, i) =>
    part(i + 1, 1, placement.massG / placement.pieces),
  );

function partOf(
  bowls: readonly BowlInUse[],
  surface: Surface,
  component: Component,
  fact: FormFact,
  { contained, ownTool, inZone }: Placement,
  n: number | string,
  pieces: number,
  massG: number,
): Part {
  const bowl = contained
    ? bowls.find((bowl) => bowl.componentId === component.id && bowl.form === fact.form && bowl.n === n)
    : undefined;
  const bowlMm = bowl ? bowl.diameterMm / 2 : null;
  // a wedge or log cut larger or smaller keeps its shape
  const scale = Math.sqrt(massG / (pieces * fact.pieceG));
  const hard = bowlMm !== null || FORMS[fact.form].hard;
  const lengthMm = bowlMm !== null ? bowlMm * 2 : hard ? fact.lengthMm * scale : fact.lengthMm;
  const widthMm = bowlMm !== null ? bowlMm * 2 : hard ? fact.widthMm * scale : fact.widthMm;
  const outline =
    bowlMm !== null ? ellipse(lengthMm, lengthMm, 36) : pieceOutline(fact.piece, lengthMm, widthMm);
  const kind =
    component.family === 'garnish'
      ? 'herb'
      : hard
        ? 'hard'
        : FORMS[fact.form].lies === 'run'
          ? 'run'
          : 'loose';
  return {
    id: `${surface.id}-${component.id}-${fact.form}-${n}`.slice(0, 60),
    component,
    fact,
    contained,
    pieces,
    massG,
    groundCm2: massG / gPerCm2(component, fact.form, contained),
    kind,
    lengthMm,
    widthMm,
    outline,
    bowlMm,
    ownTool: ownTool === true,
    motif: undefined,
    inZone: surface.zoneFor !== undefined && inZone === true,
    pinned: undefined,
  };
}
