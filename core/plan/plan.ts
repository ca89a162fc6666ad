import { z } from 'zod';
import { componentSchema } from '../catalogue/index.js';
import { CURRENCIES } from '../measure/index.js';
import { groupSchema } from '../party/index.js';
import { crossProblems } from './problems.js';
import { withBasics } from './pantry.js';
import { bowlsSchema, pantrySchema, prepSchema, toolsSchema, workSchema } from './records/at-hand.js';
import { cutSchema } from './records/cut.js';
import { daySchema, EMPTY_DAY } from './records/day.js';
import { motifSchema } from './records/motif.js';
import { elementSchema } from './records/element.js';
import { idText, text } from './records/fields.js';
import { occasionSchema } from './records/occasion.js';
import { placementSchema } from './records/placement.js';
import { priceSchema } from './records/price.js';
import { EMPTY_OFFER, offerSchema } from './records/offer.js';
import { ownRecipeSchema } from './records/recipe.js';
import { answerSchema, overrulingSchema, settledSchema } from './records/said.js';
import { SCHOOL_IDS, ownSchoolSchema, pastBoardSchema } from './records/school.js';
import { surfaceIdSchema, surfaceSchema } from './records/surface.js';
import { wishesSchema } from './records/wishes.js';

export const PLAN_FORMAT = 'round-plate.plan';
export const PLAN_VERSION = 14;

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
    wishes: wishesSchema,
    seed: z.number().int().min(0).max(2_147_483_647),
    party: z.array(groupSchema).max(60),
    surfaces: z.array(surfaceSchema).max(20),
    placements: z.array(placementSchema).max(1000),
    layout: z
      .array(z.strictObject({ surfaceId: surfaceIdSchema, elements: z.array(elementSchema).max(400) }))
      .max(20),
    /** What is cut out, one record a food. */
    cuts: z.array(cutSchema).max(40),
    /** Figures that are filled with one food. */
    motifs: z.array(motifSchema).max(20),
    bowls: bowlsSchema,
    tools: toolsSchema,
    ownComponents: z.array(componentSchema).max(300),
    answers: z.array(answerSchema).max(2000),
    overrulings: z.array(overrulingSchema).max(500),
    settled: z.array(settledSchema).max(500),
    prep: prepSchema,
    pantry: pantrySchema,
    /** What foods cost where the stylist buys; the catalogue's are middle prices. */
    prices: z.array(priceSchema).max(600),
    /** What the stylist makes, beside the recipes of the larder. */
    recipes: z.array(ownRecipeSchema).max(100),
    work: workSchema,
    /** Who does what when, what is bought and packed. */
    day: daySchema,
    /** What an offer to the client says beside the plan. */
    offer: offerSchema,
    notes: text(5000),
  })
  .superRefine((plan, ctx) => {
    for (const { path, said } of crossProblems(plan))
      ctx.addIssue({ code: 'custom', path, params: { said } });
  });
export type Plan = z.infer<typeof planSchema>;

const NEW_OCCASION: z.input<typeof planSchema>['occasion'] = {
  name: 'New occasion',
  host: '',
  start: '',
  durationMin: 120,
  place: '',
  where: 'indoors',
  airTempC: 20,
  role: 'drinks',
  kind: 'none',
  otherDishes: 0,
  carMin: 0,
  buildMin: 30,
  hemisphere: 'north',
  theme: { name: '', palette: [], motifs: ['none'], region: '', mood: 'abundant' },
};
const NEW_BOARD: z.input<typeof planSchema>['surfaces'][number] = {
  id: 'board',
  name: 'Board',
  outline: { kind: 'round', diameterMm: 400 },
  rimMm: 10,
  material: 'oak',
  serves: null,
  freeFrom: [],
  smallHands: true,
};

/** A new plan: an empty brief that already says what everybody is asked first. */
export function emptyPlan(id: string, start: string): Plan {
  return planSchema.parse({
    format: PLAN_FORMAT,
    version: PLAN_VERSION,
    id,
    occasion: { ...NEW_OCCASION, start },
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
      lately: [],
      levers: { bolder: 0, colour: 0, cheaper: 0, lessWork: 0, season: 0 },
    },
    seed: 1,
    party: [],
    surfaces: [NEW_BOARD],
    placements: [],
    layout: [],
    cuts: [],
    motifs: [],
    bowls: [
      { diameterMm: 80, count: 4 },
      { diameterMm: 100, count: 4 },
      { diameterMm: 120, count: 4 },
      { diameterMm: 160, count: 2 },
      { diameterMm: 220, count: 2 },
    ],
    tools: { knives: 4, spoons: 4, tongs: 2 },
    ownComponents: [],
    answers: [],
    overrulings: [],
    settled: [],
    prep: { freeFromFirst: false, freshGloves: false },
    pantry: withBasics({ pantry: [] }, true),
    prices: [],
    recipes: [],
    work: { minutes: null, helpers: 0 },
    day: EMPTY_DAY,
    offer: EMPTY_OFFER,
    notes: '',
  });
}

/** What is wrong with a surface, naming the field; undefined when nothing is. */
export function surfaceProblem(surface: unknown): string | undefined {
  const parsed = surfaceSchema.safeParse(surface);
  const issue = parsed.success ? undefined : parsed.error.issues[0];
  return issue && `${issue.path.join(' ')}: ${issue.message}`;
}
