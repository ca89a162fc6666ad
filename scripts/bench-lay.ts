import { readFileSync } from 'node:fs';
import { CATALOGUE, FORMS, usualForm, type Component } from '../core/catalogue/index.js';
import { inside, outlineOfPiece, placed, type Point } from '../core/geometry/index.js';
import { hardOverlaps, judged, laySurface, servingGround, TERMS } from '../core/lay/index.js';
import { partsOf, type Part } from '../core/lay/parts.js';
import { createRandom, seedOf, type Random } from '../core/measure/index.js';
import { planLarder, readPlanText, type LaidElement, type Plan, type Surface } from '../core/plan/index.js';
import { gPerCm2, surfaceAreaCm2 } from '../core/portion/index.js';
import { board, group, lies as placement, planWith } from '../core/testing/plans.js';
import { DEMOS } from '../demo/index.js';

/**
 * How boards are laid, beside three baselines of the same run: piles at random with rejection, the largest first into the
 * widest gap, and plain annealing of discs for the same time. All are judged by the same terms; the ground that food hides
 * is counted once more on a raster of a millimetre by code that shares nothing with the solver.
 */
const GENERATED = Number(process.env.PLANS ?? 60);
const SEEDS = [1];

interface Case {
  name: string;
  plan: Plan;
  surface: Surface;
}

// ------------------------------------------------------------------ what is laid

const SHAPES: readonly Surface['outline'][] = [
  { kind: 'round', diameterMm: 450 },
  { kind: 'rectangle', lengthMm: 480, widthMm: 320, cornerMm: 20 },
  { kind: 'rectangle', lengthMm: 900, widthMm: 220, cornerMm: 12 },
];
const LAID = CATALOGUE.filter(({ family, forms }) => family !== 'garnish' && forms.length > 0);

/** So many kinds on one of three surfaces, their grams such that they fill it, or three quarters of it. */
function generated(n: number): Case {
  const random = createRandom(seedOf('bench lay', n));
  const kinds = 5 + Math.floor((n / GENERATED) * 41);
  const isFull = n % 2 === 0;
  const zoned = n % 5 === 4;
  const all = [group('all', 12), group('nut', 1, [], { needs: [{ id: 'tree-nut-free', settings: {} }] })];
  const surface = board({
    outline: SHAPES[n % SHAPES.length]!,
    ...(zoned ? { zoneFor: [all[1]!.id] } : {}),
  });
  const foods: Component[] = [];
  while (foods.length < kinds) {
    const food = LAID[random.int(LAID.length)]!;
    if (!foods.includes(food)) foods.push(food);
  }
  const shares = foods.map(() => random.range(0.5, 1.5));
  const cm2 = surfaceAreaCm2(surface) * (isFull ? 1 : 0.75);
  const sum = shares.reduce((a, b) => a + b, 0);
  const placements = foods.map((food, i) => {
    const { form } = usualForm(food);
    const massG = ((cm2 * shares[i]!) / sum) * gPerCm2(food, form, FORMS[form].bowl === true);
    return placement(food.id, Math.max(10, Math.round(massG)), zoned && i < 3 ? { inZone: true } : {});
  });
  const plan = planWith({ party: all, surfaces: [surface], placements });
  // half of them have a star
  const wish = createRandom(seedOf('bench star', n));
  return {
    name: `${kinds} kinds, ${surface.outline.kind === 'round' ? 'round' : `${surface.outline.lengthMm} mm`}, ${isFull ? 'full' : 'calm'}${zoned ? ', zone' : ''}`,
    plan: { ...plan, wishes: { ...plan.wishes, star: wish.next() < 0.5 ? wish.pick(foods).id : null } },
    surface,
  };
}

const demos = (): Case[] =>
  Object.keys(DEMOS).map((name) => {
    const read = readPlanText(readFileSync(`app/public/demo/${name}.plate.json`, 'utf8'));
    if (!read.ok) throw new Error(`${name} is not there: npm run demo makes it`);
    return { name, plan: { ...read.plan, layout: [] }, surface: read.plan.surfaces[0]! };
  });

// ------------------------------------------------------------------ baselines

interface Disc {
  part: Part;
  r: number;
  x: number;
  y: number;
}

const discsOf = ({ plan, surface }: Case): Disc[] =>
  partsOf(plan, surface).map((part) => ({
    part,
    r:
      part.kind === 'hard'
        ? Math.max(part.lengthMm, part.widthMm) / 2
        : Math.sqrt((part.groundCm2 * 100) / Math.PI),
    x: 0,
    y: 0,
  }));

const GOLDEN = Math.PI * (3 - Math.sqrt(5));

/** A disc's pieces on a spiral over its ground. */
function elementOf({ part, r, x, y }: Disc): LaidElement {
  const reach = Math.max(1, r - Math.min(part.fact.lengthMm, part.fact.widthMm) / 2);
  const isHard = part.kind === 'hard';
  return {
    id: part.id,
    componentId: part.component.id,
    form: part.fact.form,
    contained: part.contained,
    x,
    y,
    angle: 0,
    layer: isHard ? 4 : part.kind === 'run' ? 1 : 2,
    pinned: false,
    outline: placed(part.outline, x, y, 0).map(([a, b]): [number, number] => [a, b]),
    pieces: isHard
      ? [[0, 0, 0]]
      : Array.from({ length: part.pieces }, (_, i): [number, number, number] => {
          const far = reach * Math.sqrt((i + 0.5) / part.pieces);
          return [far * Math.cos(i * GOLDEN), far * Math.sin(i * GOLDEN), (i * 137) % 360];
        }),
    bowlMm: part.bowlMm,
  };
}

const boundsOf = (ground: readonly Point[]) => ({
  x: Math.max(...ground.map((p) => p[0])),
  y: Math.max(...ground.map((p) => p[1])),
});

const over = (a: Disc, b: Disc): number => Math.max(0, a.r + b.r - Math.hypot(a.x - b.x, a.y - b.y));

/** At random, tried again while it overlaps, the hard things first; given up after two hundred darts. */
function atRandom(of: Case, random: Random): LaidElement[] {
  const ground = servingGround(of.surface);
  const { x, y } = boundsOf(ground);
  const down: Disc[] = [];
  for (const disc of discsOf(of).sort(
    (a, b) => Number(b.part.kind === 'hard') - Number(a.part.kind === 'hard'),
  )) {
    for (let tries = 0; tries < 200; tries++) {
      [disc.x, disc.y] = [random.range(-x, x), random.range(-y, y)];
      if (inside(ground, disc.x, disc.y) && down.every((other) => over(disc, other) < disc.r * 0.3)) break;
    }
    down.push(disc);
  }
  return down.map(elementOf);
}

/** The largest first, each to the place where it overlaps least, as near to the middle as it goes. */
function largestFirst(of: Case): LaidElement[] {
  const ground = servingGround(of.surface);
  const { x, y } = boundsOf(ground);
  const down: Disc[] = [];
  for (const disc of discsOf(of).sort((a, b) => b.r - a.r)) {
    let [best, bx, by] = [Infinity, 0, 0];
    for (let px = -x; px <= x; px += 10)
      for (let py = -y; py <= y; py += 10) {
        if (!inside(ground, px, py)) continue;
        [disc.x, disc.y] = [px, py];
        const cost = down.reduce((sum, other) => sum + over(disc, other), 0) + Math.hypot(px, py) / 1000;
        if (cost < best) [best, bx, by] = [cost, px, py];
      }
    [disc.x, disc.y] = [bx, by];
    down.push(disc);
  }
  return down.map(elementOf);
}

/** Discs annealed against their overlaps and the rim for so many milliseconds. */
function annealed(of: Case, random: Random, ms: number): LaidElement[] {
  const ground = servingGround(of.surface);
  const { x, y } = boundsOf(ground);
  const discs = discsOf(of);
  for (const disc of discs)
    do [disc.x, disc.y] = [random.range(-x, x) * 0.9, random.range(-y, y) * 0.9];
    while (!inside(ground, disc.x, disc.y));
  const cost = (disc: Disc): number => {
    if (!inside(ground, disc.x, disc.y)) return Infinity;
    let e = 0;
    for (const other of discs) if (other !== disc) e += over(disc, other) ** 2;
    return e;
  };
  const started = performance.now();
  for (let now = 0; now < 1; now = (performance.now() - started) / ms)
    for (let k = 0; k < 200; k++) {
      const disc = discs[random.int(discs.length)]!;
      const [px, py, before] = [disc.x, disc.y, cost(disc)];
      const reach = 4 + (1 - now) * x * 0.5;
      [disc.x, disc.y] = [px + random.range(-reach, reach), py + random.range(-reach, reach)];
      const rise = cost(disc) - before;
      if (rise > 0 && random.next() >= Math.exp(-rise / (0.1 + 300 * (1 - now) ** 2)))
        [disc.x, disc.y] = [px, py];
    }
  return discs.map(elementOf);
}

// ------------------------------------------------------------------ judging

/** Share of the ground that pieces hide, on a raster of a millimetre; even-odd by hand, nothing of the solver. */
function coveredAtOne({ plan, surface }: Case, elements: readonly LaidElement[]): number {
  const larder = planLarder(plan);
  const ground = servingGround(surface);
  const { x, y } = boundsOf(ground);
  const [columns, rows] = [Math.ceil(2 * x), Math.ceil(2 * y)];
  const mark = (polygon: readonly Point[], cells: Uint8Array) => {
    for (let j = 0; j < rows; j++) {
      const py = j - y + 0.5;
      const xs: number[] = [];
      polygon.forEach(([ax, ay], i) => {
        const [bx, by] = polygon[(i + 1) % polygon.length]!;
        if (ay > py !== by > py) xs.push(ax + ((py - ay) * (bx - ax)) / (by - ay));
      });
      xs.sort((a, b) => a - b);
      for (let k = 0; k + 1 < xs.length; k += 2)
        for (
          let i = Math.max(0, Math.ceil(xs[k]! + x - 0.5));
          i < Math.min(columns, xs[k + 1]! + x - 0.5);
          i++
        )
          cells[j * columns + i] = 1;
    }
  };
  const [board, food] = [new Uint8Array(columns * rows), new Uint8Array(columns * rows)];
  mark(ground, board);
  for (const element of elements.filter(({ layer }) => layer < 6)) {
    const component = larder.get(element.componentId)!;
    const fact = component.forms.find(({ form }) => form === element.form);
    const turn = (element.angle * Math.PI) / 180;
    if (element.layer === 4 || !fact) mark(element.outline, food);
    else
      element.pieces.forEach(([px, py, angle], n) =>
        mark(
          placed(
            outlineOfPiece(fact, n),
            element.x + px * Math.cos(turn) - py * Math.sin(turn),
            element.y + px * Math.sin(turn) + py * Math.cos(turn),
            angle + element.angle,
          ),
          food,
        ),
      );
  }
  let [all, hidden] = [0, 0];
  board.forEach((on, c) => {
    all += on;
    hidden += on && food[c]! ? 1 : 0;
  });
  return hidden / Math.max(1, all);
}

type Way = 'ours' | 'at random' | 'largest first' | 'annealed';
const WAYS: readonly Way[] = ['ours', 'at random', 'largest first', 'annealed'];
interface Tally {
  n: number;
  whole: number;
  covered: number;
  overlaps: number;
  scores: Map<string, number>;
}
const tally = (): Tally => ({ n: 0, whole: 0, covered: 0, overlaps: 0, scores: new Map() });

function count(into: Tally, of: Case, elements: readonly LaidElement[]): number {
  const { scores, whole } = judged(of.plan, of.surface, elements);
  into.n += 1;
  into.whole += whole;
  into.covered += coveredAtOne(of, elements);
  into.overlaps += hardOverlaps(elements).length;
  for (const [id, score] of Object.entries(scores)) into.scores.set(id, (into.scores.get(id) ?? 0) + score);
  return whole;
}

const median = (values: readonly number[]): number =>
  [...values].sort((a, b) => a - b)[Math.floor(values.length / 2)] ?? 0;

/** Everything laid in every way; what ours does not win is named. */
function run(title: string, cases: readonly Case[]): void {
  const tallies = new Map(WAYS.map((way) => [way, tally()]));
  const lost: string[] = [];
  const [drafts, settled]: [number[], number[]] = [[], []];
  let pinsKept = true;
  let [left, things] = [0, 0];
  for (const of of cases)
    for (const seed of SEEDS) {
      let started = performance.now();
      laySurface(of.plan, of.surface, seed, { steps: 0 });
      drafts.push(performance.now() - started);
      started = performance.now();
      const ours = laySurface(of.plan, of.surface, seed).elements;
      const ms = performance.now() - started;
      settled.push(ms);
      const parts = partsOf(of.plan, of.surface).filter(({ kind }) => kind === 'hard');
      things += parts.length;
      left += parts.filter(({ id }) => !ours.some((element) => element.id === id)).length;
      const mine = count(tallies.get('ours')!, of, ours);
      const random = createRandom(seedOf('baselines', of.name, seed));
      const others: [Way, LaidElement[]][] = [
        ['at random', atRandom(of, random)],
        ['largest first', largestFirst(of)],
        ['annealed', annealed(of, random, ms)],
      ];
      for (const [way, elements] of others)
        if (count(tallies.get(way)!, of, elements) >= mine) lost.push(`${of.name} by ${way}`);
      const pins = ours
        .filter(({ layer }) => layer < 6)
        .slice(0, 2)
        .map((element) => ({ ...element, pinned: true }));
      const again = laySurface(
        { ...of.plan, layout: [{ surfaceId: of.surface.id, elements: pins }] },
        of.surface,
        seed + 5,
      ).elements;
      pinsKept &&= pins.every((pin) =>
        again.some(
          ({ id, x, y, angle }) => id === pin.id && x === pin.x && y === pin.y && angle === pin.angle,
        ),
      );
    }
  console.log(`\n${title}: ${cases.length} plans, seeds ${SEEDS.join(' and ')}`);
  const cell = (text: string) => text.padStart(14);
  console.log(['                ', ...WAYS.map(cell)].join(''));
  const row = (name: string, of: (tally: Tally) => number, digits: number) =>
    console.log(
      [name.padEnd(16), ...WAYS.map((way) => cell(of(tallies.get(way)!).toFixed(digits)))].join(''),
    );
  row('weighted sum', ({ whole, n }) => whole / n, 3);
  row('covered at 1 mm', ({ covered, n }) => covered / n, 3);
  row('hard overlaps', ({ overlaps }) => overlaps, 0);
  for (const { id, weight } of TERMS) row(`${id} (${weight})`, ({ scores, n }) => scores.get(id)! / n, 2);
  console.log(`  ours has no place for ${left} of ${things} bowls and cheeses, and says so`);
  console.log(`  ours loses the weighted sum: ${lost.length === 0 ? 'nowhere' : lost.join('; ')}`);
  console.log(`  pins kept when it is laid again: ${pinsKept ? 'all' : 'NOT ALL'}`);
  console.log(
    `  first draft ${Math.round(median(drafts))} ms, settled ${Math.round(median(settled))} ms (half of them), the longest ${Math.round(Math.max(...settled))} ms`,
  );
}

// the first board warms the code up
laySurface(generated(20).plan, generated(20).surface, 1);
run('Demo plans, their main surface', demos());
run(
  'Generated plans',
  Array.from({ length: GENERATED }, (_, n) => generated(n)),
);
