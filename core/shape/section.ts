/** A fruit or vegetable as it is bought: middle sizes of shops (house default). */
interface Whole {
  /** Uncut: the larder's food is named by how it is served. */
  name: string;
  massG: number;
  /** Along its axis, and across it. */
  lengthMm: number;
  acrossMm: number;
  /** Of its mass, what is eaten after peel, core, stones and ends. */
  edible: number;
  /** Its flesh turns brown in the air: acidulated water, as late as possible (craft, section 8). */
  browns: boolean;
  /** It bleeds: it is drained on paper for ten minutes (craft, section 8). */
  bleeds: boolean;
  cuts: readonly CutId[];
}

export const CUT_IDS = [
  'fan',
  'wheels',
  'coins',
  'waves',
  'sticks',
  'zigzag',
  'balls',
  'bowl',
  'ribbons',
  'quarters',
] as const;
export type CutId = (typeof CUT_IDS)[number];

const whole = (
  name: string,
  massG: number,
  lengthMm: number,
  acrossMm: number,
  edible: number,
  cuts: string,
  more: Partial<Pick<Whole, 'browns' | 'bleeds'>> = {},
): Whole => ({
  name,
  massG,
  lengthMm,
  acrossMm,
  edible,
  cuts: cuts.split(' ') as CutId[],
  browns: false,
  bleeds: false,
  ...more,
});
const BROWNS = { browns: true };
const BLEEDS = { bleeds: true };

/** By the id of the food of the larder. */
const WHOLES: Readonly<Record<string, Whole>> = {
  'apple-fans': whole('Apple', 180, 70, 76, 0.88, 'fan quarters', BROWNS),
  'pear-fans': whole('Pear', 190, 92, 66, 0.88, 'fan quarters', BROWNS),
  'orange-wheels': whole('Orange', 200, 74, 76, 0.85, 'wheels zigzag quarters', BLEEDS),
  'blood-orange': whole('Blood orange', 170, 68, 70, 0.85, 'wheels zigzag quarters', BLEEDS),
  grapefruit: whole('Grapefruit', 350, 92, 100, 0.65, 'wheels zigzag bowl quarters', BLEEDS),
  kiwi: whole('Kiwi', 85, 62, 50, 0.85, 'coins zigzag quarters'),
  melon: whole('Melon', 1200, 140, 130, 0.6, 'balls bowl zigzag quarters'),
  honeydew: whole('Honeydew', 1500, 160, 140, 0.6, 'balls bowl zigzag quarters'),
  watermelon: whole('Watermelon', 4000, 230, 210, 0.6, 'balls bowl quarters'),
  papaya: whole('Papaya', 450, 150, 88, 0.65, 'balls zigzag quarters'),
  cucumber: whole('Cucumber', 350, 300, 42, 0.95, 'coins waves sticks ribbons balls'),
  'carrot-sticks': whole('Carrot', 90, 180, 26, 0.85, 'sticks coins waves ribbons'),
  celery: whole('Celery stick', 60, 260, 20, 0.75, 'sticks'),
  'pepper-strips': whole('Bell pepper', 180, 90, 80, 0.82, 'sticks bowl zigzag'),
  radishes: whole('Radish', 15, 26, 26, 0.85, 'coins quarters zigzag'),
  kohlrabi: whole('Kohlrabi', 280, 75, 80, 0.65, 'sticks coins'),
  daikon: whole('Daikon', 400, 250, 50, 0.85, 'sticks coins waves ribbons'),
  'courgette-ribbons': whole('Courgette', 220, 190, 42, 0.95, 'ribbons coins sticks'),
  'roast-beetroot': whole('Beetroot', 160, 66, 68, 0.8, 'coins quarters'),
  'raw-mushrooms': whole('Mushroom', 18, 34, 38, 0.95, 'fan quarters', BROWNS),
  strawberries: whole('Strawberry', 16, 36, 30, 0.95, 'fan quarters'),
  avocado: whole('Avocado', 220, 105, 70, 0.7, 'fan quarters', BROWNS),
  banana: whole('Banana', 150, 180, 34, 0.65, 'coins', BROWNS),
};

export const SECTION_FOODS: readonly string[] = Object.keys(WHOLES);
export const wholeName = (id: string): string | undefined => WHOLES[id]?.name;
export const cutsOf = (id: string): readonly CutId[] => WHOLES[id]?.cuts ?? [];

export interface Section {
  pieces: number;
  /** Of all pieces of one fruit, and of one of them. */
  grams: number;
  pieceG: number;
  wasteG: number;
  /** What a hollowed half or whole holds; undefined for what is not hollowed. */
  bowlMl?: number;
  /** Millimetres of a slice, stick or ball. */
  pieceMm: number;
  drainMin: number;
  browns: boolean;
  /** Coins, balls and firm sticks are choking shapes for under-fives (craft, section 6). */
  notUnder5: boolean;
}

/** Thickness of slices, coins, waves and ribbons; side of a stick; diameter of a ball (craft, section 8, for fans: 3 mm). */
const SIZE_MM: Readonly<Record<CutId, number>> = {
  fan: 3,
  wheels: 6,
  coins: 5,
  waves: 8,
  sticks: 10,
  zigzag: 0,
  balls: 25,
  bowl: 8,
  ribbons: 1.5,
  quarters: 0,
};
/** Ends that are no slice, as a share of the length; of a melon's flesh, what balls take (house default). */
const ENDS = 0.12;
const BALLS_OF_FLESH = 0.5;
const STICK_MM = 80;
const RIBBON_OF_WIDTH = 0.75;
const FLESH_G_PER_ML = 0.95;
const DRAIN_MIN = 10;
const NOT_UNDER_5: ReadonlySet<CutId> = new Set<CutId>(['coins', 'waves', 'sticks', 'balls']);

/** How many pieces a whole one gives by its measures. */
function piecesOf(cut: CutId, { lengthMm, acrossMm, massG, edible }: Whole, mm: number): number {
  const slices = Math.floor((lengthMm * (1 - ENDS)) / mm);
  switch (cut) {
    case 'fan':
      // two halves, sliced across their width
      return 2 * Math.floor((acrossMm * 0.8) / mm);
    case 'wheels':
    case 'coins':
    case 'waves':
      return Math.max(1, slices);
    case 'sticks': {
      const lengths = Math.max(1, Math.floor((lengthMm * (1 - ENDS)) / STICK_MM));
      return lengths * Math.max(1, Math.floor((Math.PI * acrossMm * acrossMm) / 4 / (mm * mm)));
    }
    case 'ribbons':
      return Math.floor((acrossMm * RIBBON_OF_WIDTH) / mm);
    case 'balls':
      return Math.floor(
        (massG * edible * BALLS_OF_FLESH) / ((Math.PI * mm ** 3) / 6 / 1000) / FLESH_G_PER_ML,
      );
    case 'zigzag':
      return 2;
    case 'bowl':
      return 1;
    case 'quarters':
      return 4;
  }
}

/** Of what is eaten, the part that ends up in the pieces. */
const USED: Partial<Record<CutId, number>> = {
  balls: BALLS_OF_FLESH,
  wheels: 1 - ENDS,
  coins: 1 - ENDS,
  waves: 1 - ENDS,
  sticks: 0.85,
  ribbons: RIBBON_OF_WIDTH,
  bowl: 0.35,
};

/** What one fruit gives in a cut. Undefined for a food or a cut that is not known for it. `mm`: thickness, side or diameter. */
export function sectionOf(id: string, cut: CutId, mm?: number): Section | undefined {
  const known = WHOLES[id];
  if (!known?.cuts.includes(cut)) return undefined;
  const pieceMm = mm ?? SIZE_MM[cut];
  const pieces = piecesOf(cut, known, Math.max(0.5, pieceMm));
  const grams = known.massG * known.edible * (USED[cut] ?? 1);
  const inner = known.acrossMm - 2 * SIZE_MM.bowl;
  return {
    pieces,
    grams: Math.round(grams * 10) / 10,
    pieceG: Math.round((grams / Math.max(1, pieces)) * 10) / 10,
    wasteG: Math.round((known.massG - grams) * 10) / 10,
    // half an ellipsoid, hollowed to a wall of 8 mm
    ...(cut === 'bowl'
      ? {
          bowlMl: Math.round(
            ((Math.PI / 6) * inner * inner * (known.lengthMm - 2 * SIZE_MM.bowl) * 0.5) / 1000,
          ),
        }
      : {}),
    pieceMm,
    drainMin: known.bleeds ? DRAIN_MIN : 0,
    browns: known.browns,
    notUnder5: NOT_UNDER_5.has(cut),
  };
}

// ------------------------------------------------------------------ skewers and cups

export interface SkewerPart {
  name: string;
  /** Pieces of it at hand, and on each skewer. */
  atHand: number;
  each: number;
  colour?: string;
}

/** How many skewers the pieces at hand give, and which part runs out first. */
export function skewersFrom(parts: readonly SkewerPart[]): { count: number; first: string | undefined } {
  const counted = parts.filter(({ each }) => each > 0);
  if (counted.length === 0) return { count: 0, first: undefined };
  const counts = counted.map(({ atHand, each }) => Math.floor(atHand / each));
  const count = Math.min(...counts);
  return { count, first: counted[counts.indexOf(count)]!.name };
}

/**
 * The order in which the pieces of one skewer are put on: no two alike side by side where that can be, the most frequent
 * first at each place.
 */
export function skewerOrder(parts: readonly Pick<SkewerPart, 'name' | 'each'>[]): string[] {
  const left = new Map(parts.map(({ name, each }) => [name, each]));
  const order: string[] = [];
  const total = parts.reduce((sum, { each }) => sum + each, 0);
  while (order.length < total) {
    const [next] = [...left]
      .filter(([, n]) => n > 0)
      .sort(([a, n], [b, m]) => Number(a === order.at(-1)) - Number(b === order.at(-1)) || m - n);
    order.push(next![0]);
    left.set(next![0], next![1] - 1);
  }
  return order;
}

/** Whole pieces into so many cups, as even as can be: what each has, and what is left over. */
export function equalFill(pieces: number, cups: number): { each: number; leftOver: number } {
  const each = cups > 0 ? Math.floor(pieces / cups) : 0;
  return { each, leftOver: pieces - each * cups };
}
