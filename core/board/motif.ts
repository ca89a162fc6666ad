import { FORMS, formOf, type Component, type FormFact } from '../catalogue/index.js';
import type { Polygon } from '../geometry/index.js';
import {
  type Command,
  type Cut,
  cutOutsForm,
  type Motif,
  type MotifFood,
  outlinePolygon,
  outlineSize,
  type Placement,
  type Plan,
  planLarder,
  type SingleCommand,
  type Surface,
} from '../plan/index.js';
import { lotShares } from '../portion/index.js';
import {
  borderSpots,
  canWeave,
  CUTTER_OF_MOTIF,
  cutterById,
  cutterOutline,
  detailsFor,
  ownCutter,
  proposedAcross,
  DETAIL_THICKNESS_MM,
  detailOutline,
  detailSpots,
  fillOf,
  usualSliceOf,
  weaveSpots,
} from '../shape/index.js';
import { lessBy } from './cut-outs.js';
import { coloursApart, isFresh } from './tastes.js';

/** Whole pieces of a food in a motif, with their grams. */
export interface MotifHeap {
  component: Component;
  fact: FormFact;
  pieces: number;
  massG: number;
}

export interface MotifHeaps {
  fill: MotifHeap;
  border: MotifHeap | undefined;
  detail: MotifHeap | undefined;
  /** What its details are cut from. */
  cut: Cut | undefined;
  areaCm2: number;
}

/** A motif's border and details are as many pieces as there are places for; its filling as many as its ground asks for. */
export function motifHeaps(plan: Plan, motif: Motif): MotifHeaps | undefined {
  const larder = planLarder(plan);
  const factOf = (food: MotifFood | null) => {
    const component = food ? larder.get(food.componentId) : undefined;
    const fact = component && formOf(component, food!.form);
    return component && fact ? { component, fact } : undefined;
  };
  const fill = factOf(motif.fill);
  if (!fill) return undefined;
  const border = factOf(motif.border);
  const heap = (of: { component: Component; fact: FormFact }, pieces: number): MotifHeap => ({
    ...of,
    pieces,
    massG: Math.max(0.1, Math.round(pieces * of.fact.pieceG * 10) / 10),
  });
  const { areaCm2, ...heaped } = fillOf(motif.outline, fill.fact);
  const { pieces, massG } = isWoven(motif, fill.fact)
    ? heap(fill, Math.max(1, weaveSpots(motif.outline, fill.fact).length))
    : heaped;
  const cut = motif.detail ? detailCut(plan, motif) : undefined;
  const detailed = cut && larder.get(cut.componentId);
  const spots = motif.detail
    ? detailSpots(motif.outline, motif.cutter, motif.detail.kind, motif.acrossMm).length
    : 0;
  return {
    fill: { ...fill, pieces, massG },
    border:
      border &&
      heap(border, borderSpots(motif.outline, border.fact, FORMS[border.fact.form].lies === 'run').length),
    detail:
      cut && detailed && spots > 0
        ? heap({ component: detailed, fact: cutOutsForm(detailed, cut) }, spots)
        : undefined,
    cut,
    areaCm2,
  };
}

/** A food that was put in the place of another may be too short to be woven. */
export const isWoven = (motif: Pick<Motif, 'woven'>, fact: FormFact): boolean =>
  motif.woven === true && canWeave(fact);

const DETAIL_NAMES = { eyes: 'Eye', stripes: 'Stripe', stitches: 'Stitch' } as const;

/** The eyes, stripes or stitches of a motif on the bench: cut from thin slices of their food. */
function detailCut(plan: Plan, { detail, acrossMm }: Motif): Cut | undefined {
  if (!detail) return undefined;
  const { kind, componentId } = detail;
  const outline = detailOutline(kind, acrossMm);
  const across = 2 * Math.max(...outline.map(([x, y]) => Math.hypot(x, y)));
  return {
    componentId,
    slice: usualSliceOf(componentId).slice,
    thicknessMm: DETAIL_THICKNESS_MM,
    gapMm: 1,
    marginMm: 2,
    turns: null,
    cutters: [
      {
        id: kind === 'eyes' ? 'round' : 'own-1',
        name: DETAIL_NAMES[kind],
        outline: outline.map(([x, y]) => [Math.round(x * 100) / 100, Math.round(y * 100) / 100]),
        acrossMm: Math.max(2, Math.round(across * 10) / 10),
        want: null,
      },
    ],
    pieces: [],
    offcuts: 'board',
    ownCutters: false,
    seed: plan.seed,
  };
}

/** The foods of a motif on its surface, in the place of as many grams of each that lay there. */
export function layMotifOf(plan: Plan, motif: Motif): Command | undefined {
  const heaps = motifHeaps(plan, motif);
  if (!heaps) return undefined;
  const { fill, border, detail, cut } = heaps;
  const places = [fill, border, detail].flatMap((heap) => (heap ? [placed(plan, motif, heap)] : []));
  return {
    name: 'together',
    label: 'lay the motif',
    commands: [
      ...(cut ? [{ name: 'set-cut' as const, cut }] : []),
      { name: 'set-motif', motif },
      ...gone(plan, motif, heaps),
      ...places,
    ],
  };
}

/**
 * One food in the place of another in every motif that has it: what is changed in them, and what lies in them then. A motif
 * that the new food cannot fill is taken away; one that has lost the food of its details has none.
 */
export function swappedInMotifs(
  plan: Plan,
  from: Component['id'],
  to: Component,
): { commands: SingleCommand[]; placements: Placement[] } {
  const fact = finestForm(to);
  const food = fact && { componentId: to.id, form: fact.form };
  const commands: SingleCommand[] = [];
  const placements: Placement[] = [];
  for (const motif of plan.motifs) {
    const isFill = motif.fill.componentId === from;
    const isBorder = motif.border?.componentId === from;
    const isDetail = motif.detail?.componentId === from;
    if (!isFill && !isBorder && !isDetail) continue;
    if (isFill && !food) {
      commands.push({ name: 'remove-motif', motifId: motif.id });
      continue;
    }
    const now: Motif = {
      ...motif,
      fill: isFill ? food! : motif.fill,
      border: isBorder ? (food ?? null) : motif.border,
      detail: isDetail ? null : motif.detail,
    };
    commands.push({ name: 'set-motif', motif: now });
    const heaps = motifHeaps(plan, now);
    const heap = isFill ? heaps?.fill : isBorder ? heaps?.border : undefined;
    if (heap) placements.push(placementOf(now, heap));
  }
  return { commands, placements };
}

const placementOf = ({ surfaceId, id }: Motif, { component, fact, pieces, massG }: MotifHeap): Placement => ({
  componentId: component.id,
  surfaceId,
  form: fact.form,
  massG,
  pieces,
  lot: 0,
  contained: false,
  motif: id,
});

const isThere =
  ({ surfaceId }: Motif, componentId: Component['id']) =>
  (placement: Placement): boolean =>
    placement.surfaceId === surfaceId && placement.componentId === componentId;

/** What lies of a food on the motif's surface, without what lies in the motif already. */
const besides = (plan: Plan, motif: Motif, componentId: Component['id']): Placement[] =>
  plan.placements.filter(isThere(motif, componentId)).filter((placement) => placement.motif !== motif.id);

function placed(plan: Plan, motif: Motif, heap: MotifHeap): SingleCommand {
  const { component, massG } = heap;
  const { surfaceId, id } = motif;
  const all = besides(plan, motif, component.id);
  const kept = all.filter((placement) => placement.motif !== undefined || placement.contained);
  const others = all.filter((placement) => !kept.includes(placement));
  // what lay in it before is laid anew: only what it takes more comes from the rest
  const before = plan.placements.find(
    (placement) => isThere(motif, component.id)(placement) && placement.motif === id,
  );
  const moreG = massG - (before?.massG ?? 0);
  return {
    name: 'place',
    componentId: component.id,
    surfaceId,
    placements: [
      ...kept,
      ...(moreG === 0 ? others : lessBy(plan, component, others, moreG)),
      placementOf(motif, heap),
    ],
  };
}

/** A food that the motif had before and has no more. */
function gone(plan: Plan, motif: Motif, { fill, border, detail }: MotifHeaps): SingleCommand[] {
  const stays = new Set([fill, border, detail].map((heap) => heap?.component.id));
  const left = plan.placements.filter(
    (placement) => placement.motif === motif.id && !stays.has(placement.componentId),
  );
  return [...new Set(left.map(({ componentId }) => componentId))].map((componentId) => ({
    name: 'place',
    componentId,
    surfaceId: motif.surfaceId,
    placements: besides(plan, motif, componentId),
  }));
}

// ------------------------------------------------------------------ a first proposal

/** Pieces of a filling are no larger than this, and those of a border (house default). */
const [MOST_FILL_MM, MOST_BORDER_MM] = [26, 44];
const leastSide = (fact: FormFact): number => Math.min(fact.lengthMm, fact.widthMm);

/** Forms in which a food fills a figure or goes around one: small pieces that lie loose or in rows, the finest first. */
export const motifForms = (component: Component): FormFact[] =>
  component.forms
    .filter(({ form }) => form !== 'cut-outs' && FORMS[form].lies !== 'alone')
    .sort((a, b) => leastSide(a) - leastSide(b));

/** The form that is proposed: as the food is served anyhow, where that is fine enough, and else its finest. */
export function finestForm(component: Component): FormFact | undefined {
  const [finest] = motifForms(component);
  const usual = motifForms(component).find(({ form }) => form === component.forms[0]!.form);
  return usual && leastSide(usual) <= MOST_FILL_MM ? usual : finest;
}

/** The form in which a food can be woven: as it is served, where that is long enough. */
export const wovenForm = (component: Component): FormFact | undefined =>
  motifForms(component)
    .filter(canWeave)
    .toSorted(
      (a, b) => Number(b.form === component.forms[0]!.form) - Number(a.form === component.forms[0]!.form),
    )[0];

/** It fills a figure as it is served anyhow. */
const asServed = (component: Component): boolean => finestForm(component)?.form === component.forms[0]!.form;

export const isBorder = (component: Component): boolean => {
  const fact = finestForm(component);
  return fact !== undefined && fact.lengthMm <= MOST_BORDER_MM;
};

/** Foods of which a motif can be made: those of the plan first, then the larder's. */
export function foodsForMotif(plan: Plan): Component[] {
  const onPlan = new Set(plan.placements.map(({ componentId }) => componentId));
  return [...planLarder(plan).values()]
    .filter((component) => finestForm(component) !== undefined && component.family !== 'garnish')
    .sort((a, b) => Number(onPlan.has(b.id)) - Number(onPlan.has(a.id)) || a.name.localeCompare(b.name));
}

/** How far a figure with its border goes from its middle, of what its surface has room for: above 1 it does not fit. */
export function roomTaken({ outline, rimMm }: Surface, outer: Polygon): number {
  const ground = outlinePolygon(outline, rimMm);
  // a ground that bulges outward holds a point that no side has on its far side
  const sides = ground.map(([ax, ay], i) => {
    const [bx, by] = ground[(i + 1) % ground.length]!;
    const [nx, ny] = [by - ay, ax - bx];
    return { nx, ny, far: Math.max(1e-9, nx * ax + ny * ay) };
  });
  return Math.max(...outer.flatMap(([x, y]) => sides.map(({ nx, ny, far }) => (nx * x + ny * y) / far)));
}

const tenth = (mm: number): number => Math.round(mm * 10) / 10;

/** A motif after a drawing of one's own (y upwards, any size), as large as it was. */
export function ownMotif(motif: Motif, name: string, outline: Polygon): Motif {
  const sized = ownCutter('own', name, outline, motif.acrossMm).outline;
  return {
    ...motif,
    cutter: 'own',
    name,
    outline: sized.map(([x, y]) => [tenth(x), tenth(-y)]),
    detail: motif.detail?.kind === 'eyes' ? null : motif.detail,
  };
}

/** The outline of a motif in another size or of another cutter, as it lies on a surface. */
export function sizedMotif(motif: Motif, cutterId: string, acrossMm: number): Motif {
  const cutter = cutterById(cutterId);
  if (!cutter) {
    const k = acrossMm / motif.acrossMm;
    return { ...motif, acrossMm, outline: motif.outline.map(([x, y]) => [tenth(x * k), tenth(y * k)]) };
  }
  const outline = cutterOutline(cutter, acrossMm).map(([x, y]): [number, number] => [tenth(x), tenth(-y)]);
  const kind = motif.detail?.kind;
  return {
    ...motif,
    cutter: cutter.id,
    name: cutter.name,
    acrossMm,
    outline,
    detail: kind && !detailsFor(cutter.id).includes(kind) ? null : motif.detail,
  };
}

/** A square as large to the eye as a star that is so much wider (house default). */
const SQUARE_SHARE = 0.75;
/** A proposal asks for no more of its filling than so many times what lies there, and is no smaller than this (house default). */
const [MOST_MORE, LEAST_PROPOSED_MM] = [1.5, 120];

/**
 * What is proposed for a surface: the theme's motif, filled with the fine fresh food that most lies there, with a border of
 * the one whose colour is farthest from it.
 */
export function proposedMotif(plan: Plan, surface: Surface): Motif | undefined {
  const larder = planLarder(plan);
  const lying = plan.placements
    .filter((placement) => placement.surfaceId === surface.id && !placement.contained)
    .toSorted((a, b) => b.massG - a.massG)
    .flatMap(({ componentId }) => larder.get(componentId) ?? []);
  const all = [...new Set([...lying, ...foodsForMotif(plan)])].filter(
    (component) =>
      component.family !== 'garnish' &&
      component.made !== 'unknown' &&
      // a figure lies from first to last: what is served in lots would stand too long
      lotShares(component, plan).length === 1,
  );
  const foods = all.filter(isBorder);
  const isFine = (component: Component) => leastSide(finestForm(component)!) <= MOST_FILL_MM;
  const suits = (component: Component): number =>
    (asServed(component) ? 1 : 0) + (isFresh(component) ? 2 : 0);
  const { motifs } = plan.occasion.theme;
  const woven =
    motifs[0] === 'weave'
      ? all.find((component) => lying.includes(component) && wovenForm(component))
      : undefined;
  const fill = woven ?? foods.filter(isFine).toSorted((a, b) => suits(b) - suits(a))[0];
  if (!fill) return undefined;
  const apart = (component: Component) => coloursApart(component.colours[0], fill.colours[0]);
  const beside = foods.filter(
    (component) => component !== fill && (lying.length < 2 || lying.includes(component)),
  );
  const [border] = beside.toSorted(
    (a, b) => Number(asServed(b)) - Number(asServed(a)) || apart(b) - apart(a),
  );
  const food = (component: Component): MotifFood => ({
    componentId: component.id,
    form: finestForm(component)!.form,
  });
  const [length, width] = outlineSize(surface.outline);
  const most = proposedAcross(length - 2 * surface.rimMm, width - 2 * surface.rimMm);
  const cutter = motifs.flatMap((motif) => CUTTER_OF_MOTIF[motif] ?? [])[0] ?? (woven ? 'square' : 'star');
  const across = cutter === 'square' ? Math.round((most * SQUARE_SHARE) / 5) * 5 : most;
  const id = `motif-${surface.id}`.slice(0, 60);
  const bare = {
    id,
    surfaceId: surface.id,
    cutter,
    name: cutter,
    acrossMm: across,
    outline: [],
    fill: woven ? { componentId: woven.id, form: wovenForm(woven)!.form } : food(fill),
    ...(woven ? { woven: true } : {}),
    border: border ? food(border) : null,
    detail: null,
  };
  const proposed = sizedMotif(bare, cutter, across);
  const lies = plan.placements
    .filter((placement) => placement.componentId === fill.id && placement.surfaceId === surface.id)
    .reduce((sum, placement) => sum + placement.massG, 0);
  const asks = motifHeaps(plan, proposed)?.fill.massG ?? 0;
  if (lies === 0 || asks <= lies * MOST_MORE) return proposed;
  const smaller = Math.floor((across * Math.sqrt((lies * MOST_MORE) / asks)) / 5) * 5;
  return sizedMotif(bare, cutter, Math.max(LEAST_PROPOSED_MM, smaller));
}
