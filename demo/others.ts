import type { ComponentId } from '../core/catalogue/index.js';
import { planSchema, emptyPlan, type Plan, type Surface } from '../core/plan/index.js';
import type { Group, NeedChoice } from '../core/party/index.js';
import { advisedOutline } from '../core/portion/index.js';
import { groupSchema } from '../core/party/index.js';

/** Made-up scenarios beside the main one. Nothing is chosen or laid here; the composer and the layout do that. */

const guests = (
  id: string,
  name: string,
  count: number,
  needs: (string | NeedChoice)[] = [],
  more: Partial<Group> = {},
): Group =>
  groupSchema.parse({
    id,
    name,
    count,
    band: 'adult',
    ages: [],
    needs: needs.map((need) => (typeof need === 'string' ? { id: need, settings: {} } : need)),
    dislikes: [],
    appetite: 1,
    ...more,
  });

const rectangle = (lengthMm: number, widthMm: number, cornerMm = 20): Surface['outline'] => ({
  kind: 'rectangle',
  lengthMm,
  widthMm,
  cornerMm,
});

interface Scenario {
  id: string;
  seed: number;
  occasion: Partial<Plan['occasion']>;
  party: Group[];
  surfaces: (Omit<Partial<Surface>, 'id'> & { id: string })[];
  /** The size that the advice gives, unless a surface is bought as it is. */
  asIs?: boolean;
  /** Hands beside one's own. */
  helpers?: number;
  rest?: Partial<Plan>;
}

/** Surfaces take the size that the advice gives before anything is chosen, in their own shape. */
function planOf({ id, seed, occasion, party, surfaces, rest, asIs, helpers = 1 }: Scenario): Plan {
  const empty = emptyPlan(id, '2027-06-12T15:00');
  const plan = planSchema.parse({
    ...empty,
    seed,
    occasion: { ...empty.occasion, ...occasion },
    party,
    surfaces: surfaces.map((surface) => ({
      name: 'Board',
      outline: rectangle(600, 400),
      rimMm: 10,
      material: 'oak',
      serves: null,
      freeFrom: [],
      smallHands: false,
      ...surface,
    })),
    bowls: [
      { diameterMm: 80, count: 12 },
      { diameterMm: 100, count: 12 },
      { diameterMm: 120, count: 12 },
      { diameterMm: 220, count: 4 },
    ],
    tools: { knives: 12, spoons: 30, tongs: 12 },
    prep: { freeFromFirst: true, freshGloves: true },
    work: { minutes: null, helpers },
    ...rest,
  });
  if (asIs) return plan;
  return {
    ...plan,
    surfaces: plan.surfaces.map((surface) => ({
      ...surface,
      outline: advisedOutline(plan, surface) ?? surface.outline,
    })),
  };
}

/** A children's kite-making picnic at 31 °C, without nuts. */
export const kiteMeadowBrief = (): Plan =>
  planOf({
    id: 'kite-meadow',
    seed: 3,
    occasion: {
      name: 'Kite Meadow',
      host: 'kite makers of the lower meadow',
      start: '2027-06-19T11:00',
      durationMin: 60,
      place: 'under the two lindens',
      where: 'outdoors',
      airTempC: 31,
      role: 'children',
      kind: 'children',
      otherDishes: 1,
      carMin: 10,
      buildMin: 15,
      theme: {
        name: 'Kites up',
        palette: ['#d8322b', '#f0b434', '#5c9a3c'],
        motifs: ['kite'],
        region: '',
        mood: 'abundant',
      },
    },
    party: [
      guests('grown', 'Grown-ups', 6),
      guests('children', 'Children, 6 to 9', 12, [], {
        band: 'child',
        ages: [6, 6, 6, 7, 7, 7, 8, 8, 8, 9, 9, 9],
      }),
      guests('nut', 'Nut allergy, 8', 1, ['tree-nut-free', 'peanut-free'], { band: 'child', ages: [8] }),
    ],
    surfaces: [
      { id: 'cloth-one', name: 'First cloth board', material: 'paper', freeFrom: ['nuts', 'peanuts'] },
    ],
  });

/** A harbour retirement: a covered table for sixty-four, in four modules that are alike. */
export const lastFerryBrief = (): Plan => {
  const party = [
    guests('everything', 'Eat everything', 44),
    guests('pescatarian', 'Fish, no meat', 12, ['pescatarian']),
    guests('keto', 'Low in carbohydrate', 8, ['keto']),
  ];
  return planOf({
    id: 'last-ferry',
    seed: 5,
    helpers: 3,
    occasion: {
      name: 'Last Ferry',
      host: 'crew of the evening boat',
      start: '2027-09-03T18:30',
      durationMin: 120,
      place: 'net loft on the quay',
      where: 'indoors',
      airTempC: 19,
      role: 'drinks',
      kind: 'drinks',
      otherDishes: 2,
      carMin: 15,
      buildMin: 60,
      theme: {
        name: 'Last boat home',
        palette: ['#3f6f8f', '#f2eee1', '#c8553d'],
        motifs: ['wave', 'fish'],
        region: '',
        mood: 'abundant',
      },
    },
    party,
    surfaces: [1, 2, 3, 4].map((n) => ({
      id: `module-${n}`,
      name: `Table, part ${n}`,
      inPlace: true,
      outline: rectangle(900, 450),
      serves: party.map((group) => group.id),
    })),
  });
};

/** A weavers' afternoon, halal and vegetarian. */
export const openLoomBrief = (): Plan =>
  planOf({
    id: 'open-loom',
    seed: 4,
    occasion: {
      name: 'Open Loom',
      host: 'weavers of the long room',
      start: '2027-04-10T15:00',
      durationMin: 120,
      place: 'the long room',
      where: 'indoors',
      airTempC: 20,
      role: 'drinks',
      kind: 'afternoon',
      otherDishes: 1,
      buildMin: 40,
      theme: {
        name: 'Warp and weft',
        palette: ['#a8432f', '#d9a441', '#3d5a40'],
        motifs: ['weave'],
        region: 'levant',
        mood: 'abundant',
      },
    },
    party: [
      guests('everything', 'Eat everything', 5),
      guests('halal', 'Halal', 6, ['halal']),
      guests('vegetarian', 'Vegetarian', 5, ['vegetarian']),
    ],
    surfaces: [
      { id: 'loom', name: 'Loom board', freeFrom: ['pork', 'alcohol'], material: 'walnut', inPlace: true },
    ],
  });

/** Labels that the rowers' stylist has read: sweets are mixed by a maker, and only the label tells. */
const SWEETS_READ = ['chocolate-strawberries', 'vegan-dark-chocolate', 'fruit-gums-pectin'].flatMap(
  (componentId) =>
    (['allergen.gluten', 'allergen.egg'] as const).map((fact) => ({
      componentId: componentId as ComponentId,
      fact,
      value: 'free',
      who: 'Odile',
      when: '2027-07-20T10:00',
      seen: 'label: no cereals with gluten, no egg, no traces named',
    })),
);

/** A sweet course without egg and gluten, in a box for each of eighteen. */
export const lampBoatBrief = (): Plan => {
  const party = [
    guests('everything', 'Eat everything', 12),
    guests('egg', 'No egg', 3, ['egg-free']),
    guests('coeliac', 'Coeliac', 3, ['gluten-free']),
  ];
  return planOf({
    id: 'lamp-boat-sweets',
    seed: 2,
    occasion: {
      name: 'Lamp Boat Sweets',
      host: 'rowers of the lamp boats',
      start: '2027-07-30T21:30',
      durationMin: 60,
      place: 'the lower landing',
      where: 'outdoors',
      airTempC: 18,
      role: 'sweet',
      kind: 'sweet',
      otherDishes: 0,
      carMin: 5,
      buildMin: 40,
      theme: {
        name: 'Lamps on the water',
        palette: ['#f0b434', '#c94f7c', '#4a5687'],
        motifs: ['lamp', 'wave'],
        region: '',
        mood: 'abundant',
      },
    },
    party,
    surfaces: [
      {
        id: 'box',
        name: 'Box',
        outline: rectangle(110, 80, 8),
        rimMm: 4,
        material: 'paper' as const,
        serves: party.map((group) => group.id),
        singles: 18,
      },
    ],
    rest: { policy: 'everything-fits', bowls: [{ diameterMm: 45, count: 40 }], answers: SWEETS_READ },
    asIs: true,
  });
};
