import { FORMS, formOf, usualForm, type Component, type FormFact } from '../catalogue/index.js';
import { createRandom, seedOf } from '../measure/index.js';
import { planLarder, type LaidElement, type Plan, type Surface } from '../plan/index.js';
import { closed, darker, smooth, type Brush } from './brush.js';
import { smallChildrenWithin, wantsPick } from '../board/index.js';
import { HARD_LAYER, lies, stackOf } from '../lay/index.js';
import { areaOf, signedArea, type Point } from '../geometry/index.js';
import { BASKET_MM } from '../portion/index.js';
import { drawCloth, drawnSize, drawSurface, drawWalls, groundOutline, surfaceOutline } from './boards.js';
import type { Pen } from './pen.js';
import { bowlIn, bowlOf, isSpooned } from './recipes/bowl.js';
import { RECIPES } from './recipes/index.js';
import { SvgSink } from './svg.js';
import { drawLabels } from './labels.js';
import { drawLane, drawOwnTools, drawPicks } from './tools.js';
import { drawTwigs } from './twig.js';

/** How an element is shown in a guest's view. */
export type Showing = 'full' | 'pale' | 'hatched';

function brushFor(
  pen: Pen,
  component: Component,
  fact: FormFact,
  l: number,
  w: number,
  angle: number,
  seed: number,
  nth: number,
): Brush {
  return {
    pen,
    nth,
    // words after the number spread it: neighbours that are counted through would all begin alike
    random: createRandom(seedOf('piece', seed, 'as drawn')),
    component,
    fact,
    l,
    w,
    angle,
    main: component.colours[0],
    second: component.colours[1],
    third: component.colours[2],
  };
}

/** Round food is drawn unturned, so that its light stays with the board. */
const TURNLESS = new Set<FormFact['piece']>([
  'grape',
  'cherry',
  'berry',
  'drupelet',
  'tomato',
  'ball',
  'bowl',
]);

export function drawPiece(
  pen: Pen,
  component: Component,
  fact: FormFact,
  l: number,
  w: number,
  x: number,
  y: number,
  angle: number,
  seed: number,
): void {
  const turn = TURNLESS.has(fact.piece) ? 0 : angle;
  pen.group(x, y, turn, () => RECIPES[fact.piece](brushFor(pen, component, fact, l, w, turn, seed, seed)));
}

/** One laid element around its own place. Hard pieces take the size that the layout gave their outline. */
export function drawElement(pen: Pen, element: LaidElement, component: Component): void {
  const fact = formOf(component, element.form) ?? usualForm(component);
  const seed = seedOf(element.id);
  const angle = element.angle;
  pen.group(element.x, element.y, element.bowlMm !== null ? 0 : angle, () => {
    if (element.bowlMm !== null) return drawBowl(pen, element, component, fact, seed);
    const scale = hardScale(element, fact);
    element.pieces.forEach(([x, y, turn], i) =>
      drawTurned(pen, component, fact, scale, x, y, turn, angle, seed + i, i),
    );
    const centres = element.pieces.map(([x, y]): Point => [x, y]);
    drawTwigs(pen, { fact, random: createRandom(seed) }, centres);
  });
}

/** A piece inside a turned element: the element's turn counts for the light too. */
function drawTurned(
  pen: Pen,
  component: Component,
  fact: FormFact,
  scale: number,
  x: number,
  y: number,
  turn: number,
  outer: number,
  seed: number,
  nth: number,
): void {
  const free = TURNLESS.has(fact.piece);
  pen.group(x, y, free ? -outer : turn, () =>
    RECIPES[fact.piece](
      brushFor(
        pen,
        component,
        fact,
        fact.lengthMm * scale,
        fact.widthMm * scale,
        free ? 0 : turn + outer,
        seed,
        nth,
      ),
    ),
  );
}

/** Wedges and logs are cut to their mass: their outline tells how much larger or smaller they are. */
function hardScale(element: LaidElement, fact: FormFact): number {
  if (element.layer !== 4) return 1;
  const far = Math.max(...element.outline.map(([x, y]) => Math.hypot(x - element.x, y - element.y)));
  return (
    far / Math.hypot(fact.lengthMm / 2, fact.form === 'log' || fact.form === 'word' ? fact.widthMm / 2 : 0)
  );
}

function drawBowl(pen: Pen, element: LaidElement, component: Component, fact: FormFact, seed: number): void {
  const r = element.bowlMm!;
  if (fact.piece === 'bowl') {
    bowlIn(brushFor(pen, component, fact, r * 2, r * 2, 0, seed, 0), element);
    return;
  }
  const brush = brushFor(pen, component, fact, r * 2, r * 2, 0, seed, 0);
  const isBread = component.job === 'vehicle';
  const content = (inner: number) => {
    if (isBread) napkin(pen, inner);
    else pen.ellipse(0, 0, inner, inner, { fill: darker(component.colours[1], 0.4) });
    [...element.pieces]
      .reverse()
      .forEach(([x, y, turn], i) => drawTurned(pen, component, fact, 1, x, y, turn, 0, seed + i, i));
  };
  // bread comes in a basket of wood, unless it was said of what
  bowlOf(brush, r, content, isBread && 2 * r >= BASKET_MM ? { ware: 'wood', ...element } : element);
}

/** The cloth that bread lies on, with its folds. */
function napkin(pen: Pen, inner: number): void {
  pen.ellipse(0, 0, inner, inner, { fill: '#efe7d4' });
  const folds = [0.4, 1.6, 2.7, 3.9, 5.1].map((a) => {
    const at = (k: number, turn: number): Point => [
      inner * k * Math.cos(a + turn),
      inner * k * Math.sin(a + turn),
    ];
    return smooth([at(0.97, 0), at(0.62, 0.14), at(0.25, -0.1)], false);
  });
  pen.path(folds.join(''), { stroke: '#c9bda2', width: inner * 0.05, opacity: 0.55 });
  pen.path(folds.join(''), { stroke: '#fffaf0', width: inner * 0.02, opacity: 0.8 });
}

/** The food's own dark tone under its region, so that gaps read as depth and not as wood. It counts as no cover. */
function underlay(pen: Pen, element: LaidElement, component: Component): void {
  if (element.layer >= 4 || element.outline.length < 4) return;
  const colour = darker(component.colours[1], 0.52);
  // a figure keeps its tips
  if (element.motif) pen.path(closed(element.outline), { fill: colour });
  else if (isLoose(element, component))
    pen.path(loops(element, component), { fill: colour, stroke: colour, width: 4 });
  else pen.path(smooth(element.outline), { fill: colour, stroke: colour, width: 5 });
}

/** All pieces of an element as one path: loops that are drawn the same way round are one shape. */
const loops = (element: LaidElement, component: Component): string =>
  lies(element, component)
    .map((outline) => closed(signedArea(outline) < 0 ? [...outline].reverse() : outline))
    .join('');

/** Pieces that cover less than this of their ground lie loose on it: the board shows between them, no dark ground. */
const LOOSE = 1.15;
const isLoose = (element: LaidElement, component: Component): boolean =>
  lies(element, component).reduce((sum, outline) => sum + areaOf(outline), 0) <
  LOOSE * areaOf(element.outline);

const SHADOW = '#1c0b02';
/** A pile's shadow falls so far of its height to the right and down, and no farther than a thumb's width. */
const [SHADOW_X, SHADOW_Y, MOST_SHADOW_MM] = [0.14, 0.22, 9];

/** How far the shadow where a pile touches what lies under it goes. */
const CONTACT_MM = 3.2;

/** One shadow of a whole pile on what lies under it: it turns patches into heaps. */
function pileShadow(pen: Pen, element: LaidElement, component: Component): void {
  const fact = formOf(component, element.form);
  if (!fact || element.layer >= HARD_LAYER || element.pieces.length < 2) return;
  const fall = (share: number): number => Math.min(MOST_SHADOW_MM, share * fact.heightMm);
  const d = loops(element, component);
  pen.group(fall(SHADOW_X), fall(SHADOW_Y), 0, () => pen.path(d, { fill: SHADOW, opacity: 0.26 }));
  // and close around it, where no light comes between: what parts one pile from the next
  pen.group(0.4, 0.9, 0, () =>
    pen.path(d, { fill: 'none', stroke: SHADOW, width: CONTACT_MM, opacity: 0.24 }),
  );
}

export interface DrawOptions {
  /** By an element's id; one that is not named is shown in full. */
  showing?: ReadonlyMap<string, Showing>;
  /** As it is served: a card at each cheese and at what is free from something, picks in the bowls of small things. */
  labels?: boolean;
  /** Leave the board itself out, to draw food on something else. */
  bare?: boolean;
  /** On a cloth of linen, as a picture for who ordered it. */
  cloth?: boolean;
}

/** Draws a surface with all that lies on it, from the bottom up. Elements whose component is unknown are skipped. */
function drawBoard(pen: Pen, plan: Plan, surface: Surface, options: DrawOptions): void {
  const elements = plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? [];
  const larder = planLarder(plan);
  if (!options.bare) drawSurface(pen, surface);
  const known = elements.flatMap((element) => {
    const component = larder.get(element.componentId);
    return component ? [{ e: element, component }] : [];
  });
  drawLane(pen, surface, elements);
  // a region's smoothed edge may run over a corner of the ground: no dark ground looks out there
  pen.within(closed(groundOutline(surface)), () => {
    for (const { e: element, component } of known) if (!element.motif) underlay(pen, element, component);
  });
  const stacked = [...known].sort((a, b) => stackOf(a.e, a.component) - stackOf(b.e, b.component));
  const low = stacked.filter((one) => stackOf(one.e, one.component) < HARD_LAYER - 0.5).length;
  for (const [i, { e: element, component }] of stacked.entries()) {
    if (i === low) drawWalls(pen, surface);
    const showing = options.showing?.get(element.id) ?? 'full';
    const drawn = (): void => {
      if (element.motif) underlay(pen, element, component);
      pileShadow(pen, element, component);
      drawElement(pen, element, component);
    };
    pen.group(0, 0, 0, drawn, {
      'data-element': element.id,
      ...(showing === 'pale' ? { opacity: '0.22' } : {}),
    });
    if (showing === 'hatched') hatch(pen, element);
  }
  if (low === stacked.length) drawWalls(pen, surface);
  // a spoon that stands in its bowl is its tool already
  const tooled = known.filter(({ e, component }) => !(FORMS[e.form].bowl && isSpooned(component)));
  drawOwnTools(
    pen,
    tooled.map(({ e }) => e),
  );
  if (options.labels) {
    const picked = known.filter(
      ({ e, component }) => e.bowlMm !== null && !e.ownTool && wantsPick(component, e.form),
    );
    // a pick is sharp: none where a small child reaches it
    if (smallChildrenWithin(plan, surface).length === 0)
      drawPicks(
        pen,
        picked.map(({ e }) => e),
      );
    drawLabels(pen, surface, elements, larder);
  }
  if (!options.bare) warmth(pen, surface);
}

/** Touched by what a guest must not meet: slanting lines over its ground, framed in the same ink. */
function hatch(pen: Pen, element: LaidElement): void {
  const xs = element.outline.map((p) => p[0]);
  const ys = element.outline.map((p) => p[1]);
  const [x0, x1, y0, y1] = [Math.min(...xs), Math.max(...xs), Math.min(...ys), Math.max(...ys)];
  pen.path(smooth(element.outline), { fill: '#fdfdf9', opacity: 0.62 });
  // the gap grows with the area, so that a large wheel is not louder than a small heap
  const gap = 7 + Math.sqrt((x1 - x0) * (y1 - y0)) * 0.05;
  const lines: string[] = [];
  for (let c = x0 - (y1 - y0); c < x1; c += gap) lines.push(...clippedLine(element.outline, c, y0, y1));
  pen.path(lines.join(''), { stroke: '#1f2c5e', width: 1.5, opacity: 0.8 });
  pen.path(smooth(element.outline), { stroke: '#1f2c5e', width: 1.8 });
}

/** The parts inside the outline of a 45° line that starts at (c, y0). */
function clippedLine(outline: LaidElement['outline'], c: number, y0: number, y1: number): string[] {
  const hits: number[] = [];
  for (let i = 0; i < outline.length; i++) {
    const [ax, ay] = outline[i]!;
    const [bx, by] = outline[(i + 1) % outline.length]!;
    const [da, db] = [ax - c - (ay - y0), bx - c - (by - y0)];
    if (da > 0 !== db > 0) hits.push(ay + ((by - ay) * da) / (da - db));
  }
  hits.sort((a, b) => a - b);
  const out: string[] = [];
  for (let i = 0; i + 1 < hits.length; i += 2) {
    const [ya, yb] = [Math.max(y0, hits[i]!), Math.min(y1, hits[i + 1]!)];
    out.push(`M${(c + ya - y0).toFixed(1)} ${ya.toFixed(1)}L${(c + yb - y0).toFixed(1)} ${yb.toFixed(1)}`);
  }
  return out;
}

/** One warm light from the top left over the whole. */
function warmth(pen: Pen, surface: Surface): void {
  pen.path(closed(surfaceOutline(surface)), {
    fill: {
      radial: [
        [0, '#fff3d6', 0.15],
        [0.42, '#fff3d6', 0.03],
        [0.76, '#2a1200', 0.04],
        [1, '#2a1200', 0.2],
      ],
      cx: 0.36,
      cy: 0.3,
      r: 0.85,
    },
  });
}

/** The board of a plan as a whole SVG file. */
export function boardSvg(plan: Plan, surface: Surface, options: DrawOptions = {}): string {
  const [sink, box, title] = drawn(plan, surface, options);
  return sink.whole(box, title);
}

/** The same in sheets of about so many letters, to be laid one over the other. */
export function boardSheets(plan: Plan, surface: Surface, options: DrawOptions, letters: number): string[] {
  const [sink, box, title] = drawn(plan, surface, options);
  return sink.sheets(box, title, letters);
}

function drawn(
  plan: Plan,
  surface: Surface,
  options: DrawOptions,
): [SvgSink, readonly [number, number, number, number], string] {
  const sink = new SvgSink(`${surface.id}-`);
  if (options.cloth) drawCloth(sink, surface);
  drawBoard(sink, plan, surface, options);
  const [length, width] = drawnSize(surface, options.cloth);
  return [sink, [-length / 2, -width / 2, length, width], `${plan.occasion.name}: ${surface.name}`];
}
