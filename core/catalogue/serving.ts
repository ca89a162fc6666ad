import { BODIES } from './data/serving-bodies.js';
import { COOKED } from './data/serving-cooked.js';
import { FRESH } from './data/serving-fresh.js';
import { BESIDE } from './data/serving-rest.js';
import { GREEN_SETS, PARTNERS, PLAIN_BESIDE, SAME_JOB, SOLD_ALL_YEAR } from './data/serving-sets.js';
import type { Component, ComponentId, Family } from './facts.js';

/** What a board is for, beside its role in the meal; none is fine. */
export const OCCASIONS = [
  'none',
  'drinks',
  'meal',
  'breakfast',
  'sweet',
  'children',
  'afternoon',
  'iftar',
  'picnic',
  'film',
  'walk',
] as const;
export type Occasion = (typeof OCCASIONS)[number];

/** Eaten from the hand, without a knife. */
const FROM_THE_HAND: readonly Occasion[] = ['afternoon', 'picnic', 'film', 'walk'];
/** Carried in a box that shakes: what weeps, drips or stands in a bowl is not. */
export const IN_A_BOX: ReadonlySet<Occasion> = new Set<Occasion>(['walk']);

/** Most of the mass; beside it; or a colour and a surprise, small. */
export type Weight = 'base' | 'companion' | 'accent';
/** How it is eaten; `carrier` holds a slice of cheese without breaking. */
export type Way =
  | 'picked'
  | 'dipper'
  | 'spooned'
  | 'carried'
  | 'spread'
  | 'carrier'
  | 'dip'
  | 'condiment'
  | 'garnish';
/** What may be laid on it: a slice of cheese, or dips only; or, for who eats no bread, cheese on a leaf. */
export type Carries = 'all' | 'dips' | 'keto' | 'none';
export type Partners =
  | 'cheese'
  | 'pate'
  | 'ham'
  | 'salami'
  | 'smokedfish'
  | 'cream'
  | 'breakfastcream'
  | 'bread'
  | 'sweetbread'
  | 'caprese'
  | 'mince'
  | 'cooked'
  | 'shell'
  | 'sweetdipper'
  | 'sweetcream'
  | 'yoghurt'
  | 'pancake'
  | 'scone';

/** Grams that one grown taker has of one food on a mixed board at drinks. */
export interface Helping {
  little: number;
  usual: number;
  most: number;
}

/** How a food is served: kitchen knowledge, to be bent by the stylist's own log. */
export interface Serving {
  helping: Helping;
  /** Of a hundred grown guests who may eat it, how many take some, as a share; and of children. */
  takers: number;
  childTakers: number;
  weight: Weight;
  ways: readonly Way[];
  carries: Carries;
  leads: ReadonlySet<Occasion>;
  never: ReadonlySet<Occasion>;
  /** What such an occasion is known by: nobody forgives a board that has none of these foods. */
  hearts: ReadonlySet<Occasion>;
  /** It is there only beside one of these. */
  partners: readonly Partners[];
  /** The kind of food that it is served as: a word of the tables. */
  class: string;
  source: 'house default' | 'guess by family';
}

type Numbers = readonly [little: number, usual: number, most: number];
interface Own {
  helping?: Numbers;
  weight?: Weight;
  eaten?: string;
  never?: string;
  hearts?: string;
  carries?: Carries;
  partners?: string;
}

/** Rows of the data files: class by class, and in each its foods by id. */
export type ServingTable = Readonly<
  Record<
    string,
    {
      helping: Numbers;
      weight: Weight;
      eaten: string;
      never?: string;
      carries?: Carries;
      foods: Readonly<Record<string, readonly [grown: number, children: number, leads?: string, own?: Own]>>;
    }
  >
>;

const words = <T extends string>(text: string): T[] => text.split(' ').filter(Boolean) as T[];
/** Words of a row that mean several occasions: the fast is broken with a meal. */
const MEANT: Readonly<Record<string, readonly Occasion[]>> = { hand: FROM_THE_HAND, meal: ['meal', 'iftar'] };
const occasions = (text: string): ReadonlySet<Occasion> =>
  new Set(words(text).flatMap((word) => MEANT[word] ?? [word as Occasion]));
const helpingOf = ([little, usual, most]: Numbers): Helping => ({ little, usual, most });

const TABLES: readonly ServingTable[] = [FRESH, BODIES, COOKED, BESIDE];

const KNOWN = new Map<string, Serving>(
  TABLES.flatMap((table) =>
    Object.entries(table).flatMap(([name, row]) =>
      Object.entries(row.foods).map(([id, [grown, children, leads = '', own = {}]]): [string, Serving] => [
        id,
        {
          helping: helpingOf(own.helping ?? row.helping),
          takers: grown / 100,
          childTakers: children / 100,
          weight: own.weight ?? row.weight,
          ways: words<Way>(own.eaten ?? row.eaten),
          carries: own.carries ?? row.carries ?? 'none',
          leads: occasions(leads),
          never: occasions(own.never ?? row.never ?? ''),
          hearts: occasions(own.hearts ?? ''),
          partners: words<Partners>(own.partners ?? ''),
          class: name,
          source: 'house default',
        },
      ]),
    ),
  ),
);

/** The class that an unknown food of a family is served as. */
const USUAL_CLASS: Record<Family, string> = {
  cheese: 'cheese',
  'cured-meat': 'cured',
  fish: 'fish',
  'plant-protein': 'plant-body',
  cooked: 'dish',
  vehicle: 'bread',
  'fresh-fruit': 'fruit-soft',
  'dried-fruit': 'dried',
  vegetable: 'veg',
  pickle: 'pickle',
  'nut-seed': 'nut',
  'spread-dip': 'dip',
  'sweet-bite': 'sweet',
  garnish: 'herb',
};
/** Of a food of the stylist's own nobody has said how many take it. */
const GUESSED_TAKERS = 0.6;
const GUESSED_CHILDREN = 0.4;

/** Very sweet spreads go by the spoon, as honey does; strong cheese by the crumb. */
const VERY = 4;
function classOf({ family, taste }: Pick<Component, 'family' | 'taste'>): string {
  if (family === 'spread-dip' && (taste?.sweet ?? 0) >= VERY) return 'jam';
  if (family === 'cheese' && (taste?.strength ?? 0) >= VERY) return 'cheese-strong';
  return USUAL_CLASS[family];
}

function guessed(name: string): Serving {
  const row = TABLES.find((table) => table[name])![name]!;
  return {
    helping: helpingOf(row.helping),
    takers: GUESSED_TAKERS,
    childTakers: GUESSED_CHILDREN,
    weight: row.weight,
    ways: words<Way>(row.eaten),
    carries: row.carries ?? 'none',
    leads: new Set(),
    never: new Set(),
    hearts: new Set(),
    partners: [],
    class: name,
    source: 'guess by family',
  };
}
const GUESSED = new Map<string, Serving>();

/** How a food is served; one that the tables do not know as its family usually is. */
export function servingOf(component: Pick<Component, 'id' | 'family' | 'taste'>): Serving {
  const known = KNOWN.get(component.id);
  if (known) return known;
  const name = classOf(component);
  const guess = GUESSED.get(name) ?? guessed(name);
  GUESSED.set(name, guess);
  return guess;
}

const PARTNER_FOODS = new Map(
  Object.entries(PARTNERS).map(([name, foods]) => [name, new Set(words<ComponentId>(foods))]),
);
const SPREADS: ReadonlySet<string> = new Set(['cheese-spread']);

/** Is `other` what a condiment of these partners is eaten with? */
export const isPartner = (partners: readonly Partners[], other: Component): boolean =>
  partners.some((name) =>
    name === 'cheese'
      ? other.family === 'cheese' && !SPREADS.has(servingOf(other).class)
      : PARTNER_FOODS.get(name)!.has(other.id),
  );

const PLAIN_FOODS = new Map(
  Object.entries(PLAIN_BESIDE).map(([id, foods]) => [id, new Set(words<ComponentId>(foods))]),
);

/** The plain foods in the place of one that is bought for its label; undefined where it is bought for itself. */
export const plainBeside = (id: ComponentId): ReadonlySet<ComponentId> | undefined => PLAIN_FOODS.get(id);

const ALL_YEAR = new Set(words<ComponentId>(SOLD_ALL_YEAR));

/** Do shops have it in the months in which it does not grow outdoors? */
export const isSoldAllYear = (id: ComponentId): boolean => ALL_YEAR.has(id);

export const GREENS: Readonly<Record<keyof typeof GREEN_SETS, ReadonlySet<ComponentId>>> = {
  everywhere: new Set(words<ComponentId>(GREEN_SETS.everywhere)),
  fresh: new Set(words<ComponentId>(GREEN_SETS.fresh)),
};

/** Sets of foods that do the same, and how many of one are enough for up to 24 guests and for more. */
export const SAME_SETS: readonly { few: number; many: number; foods: ReadonlySet<ComponentId> }[] =
  SAME_JOB.map(({ at: [few, many], foods }) => ({ few, many, foods: new Set(words<ComponentId>(foods)) }));

const LIKES = new Map<ComponentId, Set<ComponentId>>();
for (const { foods } of SAME_SETS)
  for (const id of foods)
    LIKES.set(id, new Set([...(LIKES.get(id) ?? []), ...foods].filter((other) => other !== id)));

const NONE: ReadonlySet<ComponentId> = new Set();
/** The foods that do what this one does. */
export const likesOf = (id: ComponentId): ReadonlySet<ComponentId> => LIKES.get(id) ?? NONE;
