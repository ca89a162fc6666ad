import { z } from 'zod';
import {
  FAMILIES,
  FORM_IDS,
  REGION_IDS,
  componentIdSchema,
  componentSchema,
  isFactKey,
  packSchema,
  type FactKey,
} from '../catalogue/index.js';
import { CURRENCIES, parseLocalTime } from '../measure/index.js';
import { groupIdSchema, groupSchema } from '../party/index.js';
import { FREE_FROM_IDS } from './free-from.js';
import { crossProblems } from './problems.js';

export const PLAN_FORMAT = 'round-plate.plan';
export const PLAN_VERSION = 4;

const text = (max: number) => z.string().trim().max(max);
const localTime = z
  .string()
  .refine((text) => parseLocalTime(text) !== undefined, 'a local date and time such as 2027-05-15T22:00');
const hex = z.string().regex(/^#[0-9a-f]{6}$/, 'a colour such as #d9b98a');
const mm = z.number().min(20).max(5000);
const idText = z.string().regex(/^[A-Za-z0-9-]{1,60}$/, 'letters, digits and hyphens, at most 60');

export type SurfaceId = string & z.$brand<'SurfaceId'>;
const surfaceIdSchema = idText.brand<'SurfaceId'>();

export const ROLES = ['meal', 'drinks', 'one-of-many', 'sweet', 'children'] as const;
export const MOTIFS = [
  'none',
  'comet',
  'crescent',
  'star',
  'kite',
  'wave',
  'fish',
  'weave',
  'lamp',
  'leaf',
] as const;

export const themeSchema = z.strictObject({
  name: text(60),
  palette: z.array(hex).max(6),
  motifs: z.array(z.enum(MOTIFS)).max(3),
  /** Where its foods come from; empty for anywhere. */
  region: z.enum(['', ...REGION_IDS]),
  /** Full to the rim, or calm with open ground. */
  mood: z.enum(['abundant', 'calm']),
});
export type Theme = z.infer<typeof themeSchema>;

export const occasionSchema = z.strictObject({
  name: text(80).min(1),
  host: text(80),
  start: localTime,
  durationMin: z.number().int().min(15).max(1440),
  place: text(120),
  where: z.enum(['indoors', 'outdoors']),
  airTempC: z.number().min(-30).max(50),
  role: z.enum(ROLES),
  otherDishes: z.number().int().min(0).max(50),
  /** Minutes out of the cold before opening: on the road, and while the board is built. */
  carMin: z.number().int().min(0).max(600),
  buildMin: z.number().int().min(0).max(600),
  /** Half of the world: its months of fruit. */
  hemisphere: z.enum(['north', 'south']),
  theme: themeSchema,
});

export const surfaceSchema = z.strictObject({
  id: surfaceIdSchema,
  name: text(60).min(1),
  outline: z.discriminatedUnion('kind', [
    z.strictObject({ kind: z.literal('round'), diameterMm: mm }),
    z.strictObject({
      kind: z.literal('rectangle'),
      lengthMm: mm,
      widthMm: mm,
      cornerMm: z.number().min(0).max(200),
    }),
  ]),
  /** Width of the rim where nothing lies. */
  rimMm: z.number().min(0).max(60),
  material: z.enum(['oak', 'walnut', 'slate', 'marble', 'china', 'enamel', 'tin', 'paper']),
  /** Whom it is for; null is everybody. */
  serves: z.array(groupIdSchema).max(60).nullable(),
  freeFrom: z.array(z.enum(FREE_FROM_IDS)).max(FREE_FROM_IDS.length),
  /** Can small hands reach it? Then choking shapes on it concern every child under five. */
  smallHands: z.boolean(),
  /** Part of it is kept for these groups, with open ground around: the foods that lie there say so. */
  zoneFor: z.array(groupIdSchema).min(1).max(60).optional(),
});
export type Surface = z.infer<typeof surfaceSchema>;

export const placementSchema = z.strictObject({
  componentId: componentIdSchema,
  surfaceId: surfaceIdSchema,
  form: z.enum(FORM_IDS),
  massG: z.number().positive().max(100_000),
  pieces: z.number().int().min(1).max(20_000),
  /** 0 is laid at opening; later lots wait in the cold. */
  lot: z.number().int().min(0).max(9),
  /** In a bowl of its own, whatever its form. */
  contained: z.boolean(),
  /** Served with a knife, spoon or tongs that touch nothing else. */
  ownTool: z.boolean().optional(),
  /** In the part of its surface that is kept for somebody. */
  inZone: z.boolean().optional(),
});
export type Placement = z.infer<typeof placementSchema>;

const coordinate = z.number().min(-5000).max(5000);
const point = z.tuple([coordinate, coordinate]);

export const elementSchema = z.strictObject({
  id: idText,
  componentId: componentIdSchema,
  form: z.enum(FORM_IDS),
  contained: z.boolean(),
  /** Millimetres from the surface's centre, y down. */
  x: coordinate,
  y: coordinate,
  /** Degrees, clockwise. */
  angle: z.number().min(-360).max(360),
  layer: z.number().int().min(0).max(9),
  pinned: z.boolean(),
  /** The ground it covers, from the surface's centre. */
  outline: z.array(point).min(3).max(400),
  /** Each piece from the element's own place: x, y, degrees. */
  pieces: z.array(z.tuple([coordinate, coordinate, z.number()])).max(5000),
  /** Radius of the bowl, for what stands in one. */
  bowlMm: z.number().positive().max(400).nullable(),
  /** Served with a tool of its own, drawn beside it. */
  ownTool: z.boolean().optional(),
  /** Laid in the part of the surface that is kept for somebody. */
  inZone: z.boolean().optional(),
});
export type LaidElement = z.infer<typeof elementSchema>;

const factKey = z.custom<FactKey>((v) => typeof v === 'string' && isFactKey(v), 'a fact of the catalogue');

export const answerSchema = z.strictObject({
  componentId: componentIdSchema,
  fact: factKey,
  value: text(40).min(1),
  who: text(60).min(1),
  when: localTime,
  /** What was read or shown: "label, lot 12", "certificate 2026". */
  seen: text(160),
  /** Where a photograph of it is kept, in words: nothing is uploaded. */
  photo: text(160).optional(),
});
export type Answer = z.infer<typeof answerSchema>;

export const overrulingSchema = z.strictObject({
  componentId: componentIdSchema,
  groupId: groupIdSchema,
  who: text(60).min(1),
  why: text(300).min(1),
  when: localTime,
});
export type Overruling = z.infer<typeof overrulingSchema>;

/** How much of each family for a grown guest. By family, since that is how stylists note it. */
const grams = z.number().min(0).max(1000);
const perFamily = z.partialRecord(z.enum(FAMILIES), grams);

/** A portion school of the stylist's own: grams for a grown guest at drinks. */
export const ownSchoolSchema = z.strictObject({ name: text(40).min(1), rows: perFamily });
export type OwnSchool = z.infer<typeof ownSchoolSchema>;

/** What was eaten at a board of one's own: grams in all, by family, and for how many portions. */
export const pastBoardSchema = z.strictObject({
  name: text(80).min(1),
  portions: z.number().positive().max(2000),
  role: z.enum(ROLES),
  otherDishes: z.number().int().min(0).max(50),
  eatenG: z.partialRecord(z.enum(FAMILIES), z.number().min(0).max(200_000)),
});
export type PastBoard = z.infer<typeof pastBoardSchema>;

export const SCHOOL_IDS = ['cheese-only', 'by-family', 'combined', 'log', 'own'] as const;
export type SchoolId = (typeof SCHOOL_IDS)[number];

/** A slip that the stylist has read and left as it is. */
export const settledSchema = z.strictObject({ key: text(200).min(1), how: text(120), when: localTime });

const lever = z.number().int().min(-2).max(2);

/** The packs of one food at the stylist's own shop; in another currency they say nothing. */
export const priceSchema = z.strictObject({
  componentId: componentIdSchema,
  currency: z.enum(CURRENCIES),
  packs: z.array(packSchema).min(1).max(6),
});
export type Price = z.infer<typeof priceSchema>;

export const planSchema = z
  .strictObject({
    format: z.literal(PLAN_FORMAT),
    version: z.literal(PLAN_VERSION),
    id: idText,
    occasion: occasionSchema,
    budgetMinor: z.number().int().min(0).max(100_000_000).nullable(),
    currency: z.enum(CURRENCIES),
    school: z.enum(SCHOOL_IDS),
    ownSchool: ownSchoolSchema.nullable(),
    pastBoards: z.array(pastBoardSchema).max(50),
    policy: z.enum(['everything-fits', 'looked-after', 'own-plate']),
    wishes: z.strictObject({
      pinned: z.array(componentIdSchema).max(200),
      excluded: z.array(componentIdSchema).max(1000),
      /** The one piece that gets the best place; null lets the composer choose it. */
      star: componentIdSchema.nullable(),
      /** −2 to 2: gentler or bolder, plainer or more colour, richer or cheaper, more work or less, from anywhere or in season. */
      levers: z.strictObject({
        bolder: lever,
        colour: lever,
        cheaper: lever,
        lessWork: lever,
        season: lever,
      }),
    }),
    seed: z.number().int().min(0).max(2_147_483_647),
    party: z.array(groupSchema).max(60),
    surfaces: z.array(surfaceSchema).max(20),
    placements: z.array(placementSchema).max(1000),
    layout: z
      .array(z.strictObject({ surfaceId: surfaceIdSchema, elements: z.array(elementSchema).max(400) }))
      .max(20),
    bowls: z
      .array(
        z.strictObject({ diameterMm: z.number().min(30).max(400), count: z.number().int().min(0).max(99) }),
      )
      .max(20),
    tools: z.strictObject({
      knives: z.number().int().min(0).max(99),
      spoons: z.number().int().min(0).max(99),
      tongs: z.number().int().min(0).max(99),
    }),
    ownComponents: z.array(componentSchema).max(300),
    answers: z.array(answerSchema).max(2000),
    overrulings: z.array(overrulingSchema).max(500),
    settled: z.array(settledSchema).max(500),
    /** What the kitchen promises about the order of work: it closes the routes over gloves and cutting boards. */
    prep: z.strictObject({ freeFromFirst: z.boolean(), freshGloves: z.boolean() }),
    /** What is in the house already: used first, and not bought. */
    pantry: z
      .array(z.strictObject({ componentId: componentIdSchema, massG: z.number().positive().max(100_000) }))
      .max(300),
    /** What foods cost where the stylist buys; the catalogue's are middle prices. */
    prices: z.array(priceSchema).max(600),
    /** Hands for the preparation, and minutes each can give; null asks for no limit. */
    work: z.strictObject({
      minutes: z.number().int().min(5).max(2880).nullable(),
      helpers: z.number().int().min(0).max(20),
    }),
    notes: text(5000),
  })
  .superRefine((plan, ctx) => {
    for (const problem of crossProblems(plan)) ctx.addIssue({ code: 'custom', ...problem });
  });
export type Plan = z.infer<typeof planSchema>;

/** A new plan: an empty brief that already says what everybody is asked first. */
export function emptyPlan(id: string, start: string): Plan {
  return planSchema.parse({
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    id,
    occasion: {
      name: 'New occasion',
      host: '',
      start,
      durationMin: 120,
      place: '',
      where: 'indoors',
      airTempC: 20,
      role: 'drinks',
      otherDishes: 0,
      carMin: 0,
      buildMin: 30,
      hemisphere: 'north',
      theme: { name: '', palette: [], motifs: ['none'], region: '', mood: 'abundant' },
    },
    budgetMinor: null,
    currency: 'EUR',
    school: 'by-family',
    ownSchool: null,
    pastBoards: [],
    policy: 'looked-after',
    wishes: {
      pinned: [],
      excluded: [],
      star: null,
      levers: { bolder: 0, colour: 0, cheaper: 0, lessWork: 0, season: 0 },
    },
    seed: 1,
    party: [],
    surfaces: [
      {
        id: 'board',
        name: 'Board',
        outline: { kind: 'round', diameterMm: 400 },
        rimMm: 10,
        material: 'oak',
        serves: null,
        freeFrom: [],
        smallHands: true,
      },
    ],
    placements: [],
    layout: [],
    bowls: [
      { diameterMm: 80, count: 4 },
      { diameterMm: 100, count: 4 },
      { diameterMm: 120, count: 4 },
    ],
    tools: { knives: 4, spoons: 4, tongs: 2 },
    ownComponents: [],
    answers: [],
    overrulings: [],
    settled: [],
    prep: { freeFromFirst: false, freshGloves: false },
    pantry: [],
    prices: [],
    work: { minutes: null, helpers: 0 },
    notes: '',
  });
}

/** What is wrong with a surface, naming the field; undefined when nothing is. */
export function surfaceProblem(surface: unknown): string | undefined {
  const parsed = surfaceSchema.safeParse(surface);
  const issue = parsed.success ? undefined : parsed.error.issues[0];
  return issue && `${issue.path.join(' ')}: ${issue.message}`;
}
