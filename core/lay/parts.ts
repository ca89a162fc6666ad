import { FORMS, formOf, usualForm, type Component, type FormFact } from '../catalogue/index.js';
import {
  compartmentsOf,
  oneOfEach,
  planLarder,
  type LaidElement,
  type Motif,
  type Placement,
  type Plan,
  type Surface,
} from '../plan/index.js';
import { nearColour } from '../board/index.js';
import { bowlsInUse, gPerCm2, surfaceAreaCm2, type BowlInUse } from '../portion/index.js';
import { ellipse, pieceOutline, type Point } from '../geometry/index.js';
import { HARD_LAYER, HERB_LAYER, RIM_LEAF_LAYER } from './lies.js';

/** One thing to lay: a bowl, a cheese, or a heap or run of pieces. Ground in cm², sizes in mm. */
export interface Part {
  id: string;
  component: Component;
  fact: FormFact;
  contained: boolean;
  pieces: number;
  massG: number;
  groundCm2: number;
  /** A line is a few small pieces one behind the other, along the rim or round a bowl. */
  kind: 'hard' | 'run' | 'loose' | 'line' | 'herb';
  /** Drawn size of the whole, for hard parts. */
  lengthMm: number;
  widthMm: number;
  outline: Point[];
  bowlMm: number | null;
  /** What its bowl is made of, where that is known; of ice with the thickness of the wall. */
  ware?: LaidElement['ware'];
  wallMm?: number;
  inZone: boolean;
  ownTool: boolean;
  /** The motif that it lies in. */
  motif: Motif | undefined;
  /** Where the stylist pinned it. */
  pinned: LaidElement | undefined;
}

/** A pile of a soft food has no more than so many grams (sense, section 2), or so much ground as a run or as a heap (notes on laying). */
const MOST_PILE_G = 160;
const MOST_RUN_CM2 = 80;
const MOST_HEAP_CM2 = 56;
/** Fewer pieces than this are one pile, and a pile has at least so much ground: less reads as a crumb. */
const LEAST_PIECES = 3;
const LEAST_PILE_CM2 = 15;
/** On a surface with less ground than this each food has one place: a box, a child's plate. */
const LEAST_SHARED_CM2 = 450;
/** Two or three piles of a food, more on a board of a metre or a table (craft, section 9; the latter by eye). */
const MOST_PILES = 3;
const TABLE_CM2 = 4000;
/** Uneven splits look laid by hand. */
const SHARES: Readonly<Record<'run' | 'heap', readonly (readonly number[])[]>> = {
  run: [[1], [0.63, 0.37], [0.5, 0.29, 0.21], [0.34, 0.28, 0.22, 0.16], [0.28, 0.23, 0.2, 0.16, 0.13]],
  heap: [[1], [0.6, 0.4], [0.44, 0.32, 0.24], [0.34, 0.27, 0.22, 0.17], [0.28, 0.23, 0.2, 0.16, 0.13]],
};

/** Of a heap of many small pieces this share runs in lines of about so many. */
const LINED = 0.3;
const [LINE_FROM, LINE_PIECES] = [24, [9, 7, 11]] as const;
/** No larger than a berry or a nut. */
const MOST_LINED_MM = 25;
const MOST_LINES = 3;

/** How many pieces run in each of a food's lines. */
function linesOf(fact: FormFact, pieces: number, areaCm2: number): number[] {
  if (areaCm2 < LEAST_SHARED_CM2 || pieces < LINE_FROM || fact.lengthMm > MOST_LINED_MM) return [];
  let left = Math.round(pieces * LINED);
  const lines: number[] = [];
  for (const n of LINE_PIECES.slice(0, MOST_LINES)) {
    if (left < n) break;
    lines.push(n);
    left -= n;
  }
  return lines;
}

/** Ground over which a food's piles spread, and in how many it is to lie at least where it can. */
interface Sharing {
  areaCm2: number;
  least: number;
}

const USUAL_PLACES = 2;
/** A colour of the theme is seen in so many places (sense, section 2). */
const THEME_PLACES = 3;

/** Foods that alone show a colour of the theme: in two places it would be missed at the third. */
function shownAlone(plan: Plan, surface: Surface): ReadonlySet<Component> {
  const larder = planLarder(plan);
  const here = plan.placements
    .filter(({ surfaceId, lot }) => surfaceId === surface.id && lot === 0)
    .flatMap((placement) => {
      const component = larder.get(placement.componentId);
      return component && component.family !== 'garnish' ? [{ component, placement }] : [];
    });
  return new Set(
    plan.occasion.theme.palette.flatMap((colour) => {
      const shows = here.filter(({ component }) =>
        component.colours.slice(0, 2).some((own) => nearColour(own, colour)),
      );
      const divided = shows.filter(
        ({ placement }) => !placement.contained && FORMS[placement.form].lies !== 'alone',
      );
      const places = shows.length + divided.length * (USUAL_PLACES - 1);
      return places < THEME_PLACES ? divided.map(({ component }) => component) : [];
    }),
  );
}

/** In how many piles a food lies, so that several sides reach it and none is a field of it. */
function pilesOf(
  massG: number,
  groundCm2: number,
  pieces: number,
  isRun: boolean,
  { areaCm2, least }: Sharing,
): number {
  if (areaCm2 < LEAST_SHARED_CM2) return 1;
  const wanted = Math.max(
    least,
    Math.ceil(massG / MOST_PILE_G),
    Math.round(groundCm2 / (isRun ? MOST_RUN_CM2 : MOST_HEAP_CM2)),
  );
  const room = Math.min(Math.floor(pieces / LEAST_PIECES), Math.floor(groundCm2 / LEAST_PILE_CM2));
  const most = areaCm2 < TABLE_CM2 ? MOST_PILES : SHARES.run.length;
  return Math.max(1, Math.min(most, wanted, room));
}

/** Ground over which a food's piles spread; in a box with walls each food has one place. */
const areaToShare = (surface: Surface): number =>
  compartmentsOf(surface).length > 0 ? 0 : surfaceAreaCm2(surface);

/** Everything of lot 0 on one surface, as parts; a food that nobody knows is left out and Check says so. */
export function partsOf(all: Plan, surface: Surface, areaCm2 = areaToShare(surface)): Part[] {
  const plan = oneOfEach(all);
  const larder = planLarder(plan);
  const pinned = (plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? []).filter(
    (element) => element.pinned,
  );
  const parts: Part[] = [];
  // no bowl is laid that nobody owns: those at hand are shared out over the whole table
  const bowls = bowlsInUse(plan).filter((bowl) => bowl.surfaceId === surface.id);
  const alone = shownAlone(plan, surface);
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
        : split(
            bowls,
            surface,
            placement,
            component,
            fact,
            { areaCm2, least: alone.has(component) ? THEME_PLACES : USUAL_PLACES },
            pinned,
          )),
    );
  }
  for (const part of parts) part.pinned ??= pinned.find((element) => element.id === part.id);
  return parts;
}

function split(
  bowls: readonly BowlInUse[],
  surface: Surface,
  placement: Placement,
  component: Component,
  fact: FormFact,
  sharing: Sharing,
  pinned: readonly LaidElement[],
): Part[] {
  const part = (n: number | string, pieces: number, massG: number) =>
    partOf(bowls, surface, component, fact, placement, n, pieces, massG);
  if (placement.contained)
    return bowls
      .filter((bowl) => bowl.componentId === component.id && bowl.form === placement.form)
      .slice(0, MOST_STANDING)
      .map((bowl) => part(bowl.n, bowl.pieces, bowl.massG));
  if (FORMS[fact.form].lies === 'alone') return even(placement, part);
  const usual = usualPiles(fact, component, placement, sharing, part);
  const held = pinned.filter((element) => element.layer < HARD_LAYER && isOf(placement, element));
  const asUsual = held.every(({ id, pieces }) =>
    usual.some((pile) => pile.id === id && pile.pieces === pieces.length),
  );
  return asUsual ? usual : aroundHeld(placement, usual, held, part);
}

type MakePart = (n: number | string, pieces: number, massG: number) => Part;

function usualPiles(
  fact: FormFact,
  component: Component,
  { pieces, massG }: Placement,
  sharing: Sharing,
  part: MakePart,
): Part[] {
  const isRun = FORMS[fact.form].lies === 'run';
  const each = massG / pieces;
  const lines = isRun || component.family === 'garnish' ? [] : linesOf(fact, pieces, sharing.areaCm2);
  const heaped = pieces - lines.reduce((sum, n) => sum + n, 0);
  const piles = pilesOf(heaped * each, (heaped * each) / fact.gPerCm2, heaped, isRun, sharing);
  const shares = SHARES[isRun ? 'run' : 'heap'][piles - 1]!;
  return [
    ...sharedOut(heaped, shares).map((n, i) => part(i + 1, n, each * n)),
    ...lines.map((n, i): Part => ({ ...part(`line${i + 1}`, n, each * n), kind: 'line' })),
  ];
}

/** So many pieces by these shares, at least one each while there are so many; the last takes what is left. */
function sharedOut(pieces: number, shares: readonly number[]): number[] {
  const all = shares.reduce((sum, share) => sum + share, 0);
  let left = pieces;
  return shares.map((share, i) => {
    const n =
      i === shares.length - 1 ? left : Math.min(left, Math.max(1, Math.round((pieces * share) / all)));
    left -= n;
    return n;
  });
}

/** What hands have divided stays so, and the rest of the food is shared out over the piles that are left. */
function aroundHeld(
  placement: Placement,
  usual: readonly Part[],
  held: readonly LaidElement[],
  part: MakePart,
): Part[] {
  const each = placement.massG / placement.pieces;
  let left = placement.pieces;
  const kept = held.flatMap((element): Part[] => {
    // there may be less of the food than when it was laid
    const pieces = element.pieces.slice(0, left);
    left -= pieces.length;
    if (pieces.length === 0) return [];
    return [
      {
        ...part(element.id, pieces.length, each * pieces.length),
        id: element.id,
        kind: kindOf(element),
        pinned: { ...element, pieces },
      },
    ];
  });
  const ids = new Set(held.map(({ id }) => id));
  const open = usual.filter(({ id }) => !ids.has(id));
  const free = open.length > 0 ? open : [part(freeNumber(usual, ids, part), left, each * left)];
  const shares = sharedOut(
    left,
    free.map(({ pieces }) => pieces),
  );
  return [
    ...kept,
    ...free.flatMap((pile, i) => {
      const pieces = shares[i]!;
      const massG = each * pieces;
      return pieces > 0 ? [{ ...pile, pieces, massG, groundCm2: (pile.groundCm2 / pile.massG) * massG }] : [];
    }),
  ];
}

/** The first number that no pile has. */
function freeNumber(usual: readonly Part[], ids: ReadonlySet<string>, part: MakePart): number {
  for (let n = usual.length + 1; ; n++) if (!ids.has(part(n, 1, 1).id)) return n;
}

const isOf = (placement: Placement, element: LaidElement): boolean =>
  element.componentId === placement.componentId &&
  element.form === placement.form &&
  element.motif === placement.motif;

const kindOf = (element: LaidElement): Part['kind'] =>
  element.layer === HERB_LAYER || element.layer === RIM_LEAF_LAYER
    ? 'herb'
    : element.layer === 1
      ? 'run'
      : 'loose';

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
    ...(bowl?.ware ? { ware: bowl.ware } : {}),
    ...(bowl?.ice ? { wallMm: bowl.ice.wallMm } : {}),
    ownTool: ownTool === true,
    motif: undefined,
    inZone: surface.zoneFor !== undefined && inZone === true,
    pinned: undefined,
  };
}
