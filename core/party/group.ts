import { z } from 'zod';

export type GroupId = string & z.$brand<'GroupId'>;

export const groupIdSchema = z
  .string()
  .regex(/^[a-z0-9]+(?:-[a-z0-9]+)*$/, 'lower-case words joined by hyphens')
  .max(40)
  .brand<'GroupId'>();

/** How a need is kept: gladly, always, or as an allergy, where traces count and a breach stops service. */
export const STRICTNESSES = ['preference', 'strict', 'allergy'] as const;
export type Strictness = (typeof STRICTNESSES)[number];

const needId = z
  .string()
  .regex(/^[a-z0-9-]+$/)
  .max(40);
const words = (max: number) => z.string().trim().min(1).max(max);

/** A need that the stylist put together from facts and foods: "no onion", "no red meat". It travels with its guests. */
export const ownNeedSchema = z.strictObject({
  id: needId.regex(/^own-/, 'an own need begins with own-'),
  name: words(60),
  facts: z
    .array(
      z.strictObject({
        fact: z.string().max(60),
        values: z.array(z.string().max(30)).min(1).max(20),
        verdict: z.enum(['forbidden', 'ask']),
        why: z.string().trim().max(120),
      }),
    )
    .max(40),
  /** Foods by name: a component, a base food, an ingredient. */
  foods: z.array(words(60)).max(40),
});
export type OwnNeed = z.infer<typeof ownNeedSchema>;

/** A need as a guest lives by it: which pack, how strictly, and where its schools differ, which one. */
export const needChoiceSchema = z.strictObject({
  id: needId,
  settings: z.record(z.string().max(30), z.string().max(120)),
  /** As the pack has it when nobody said. */
  strictness: z.enum(STRICTNESSES).optional(),
  own: ownNeedSchema.optional(),
});
export type NeedChoice = z.infer<typeof needChoiceSchema>;

export const groupSchema = z
  .strictObject({
    id: groupIdSchema,
    name: z.string().trim().min(1).max(60),
    count: z.number().int().min(1).max(500),
    band: z.enum(['adult', 'child']),
    /** Ages that were said, in whole years (0 is under twelve months); fewer than `count` when some were not. */
    ages: z.array(z.number().int().min(0).max(17)).max(500),
    needs: z.array(needChoiceSchema).max(20),
    dislikes: z.array(words(60)).max(30),
    /** Foods that picky children know from home; each new one wants two of them beside it. */
    knownFoods: z.array(words(60)).max(60).optional(),
    /** Names of the guests, only where the stylist wishes them. */
    seats: z.array(words(40)).max(500).optional(),
    /** 1 is usual; hosts know when their crowd eats double. */
    appetite: z.number().min(0.5).max(2),
  })
  .refine((group) => group.ages.length <= group.count, { path: ['ages'], message: 'more ages than guests' });
export type Group = z.infer<typeof groupSchema>;

/** Share of a grown guest's portion by age (craft: children 4–12 × 0.6, 1–3 × 0.35). */
export function ageFactor(age: number | undefined, band: Group['band']): number {
  if (band === 'adult') return 1;
  if (age === undefined) return 0.6;
  if (age <= 3) return 0.35;
  return age <= 12 ? 0.6 : 1;
}

/** Portions of a grown guest that the group eats, appetite included. */
export function portionsOf(group: Group): number {
  let sum = 0;
  for (let i = 0; i < group.count; i++) sum += ageFactor(group.ages[i], group.band);
  return sum * group.appetite;
}

export const guestsIn = (party: readonly Group[]): number =>
  party.reduce((sum, group) => sum + group.count, 0);

export const portionsIn = (party: readonly Group[]): number =>
  party.reduce((sum, group) => sum + portionsOf(group), 0);

/** A child whose age nobody said: judged by the strictest band until somebody does. */
export const agesMissing = (group: Group): number =>
  group.band === 'child' ? Math.max(0, group.count - group.ages.length) : 0;

/** The youngest age in a children's group; undefined while one is missing. */
export function youngest(group: Group): number | undefined {
  if (group.band === 'adult' || agesMissing(group) > 0) return undefined;
  return Math.min(...group.ages);
}

interface AgeBand {
  /** Up to and with this age, in whole years. */
  to: number;
  needs: NeedChoice[];
  /** Choking shapes, raw milk and very salty food matter. */
  small: boolean;
}

const band = (to: number, id: string, small: boolean): AgeBand => ({
  to,
  needs: [{ id, settings: {} }],
  small,
});

/** The needs that age alone brings, from the youngest on. */
const AGE_BANDS: readonly AgeBand[] = [
  band(0, 'child-under-1', true),
  band(3, 'child-1-3', true),
  band(4, 'child-4', true),
  band(12, 'child-5-12', false),
];

const AGE_NEEDS = new Set(AGE_BANDS.flatMap((band) => band.needs.map((choice) => choice.id)));
const SMALL = new Set(
  AGE_BANDS.filter((band) => band.small).flatMap((band) => band.needs.map((choice) => choice.id)),
);

/** Is it a need that comes with a child's age? */
export const isAgeNeed = (id: string): boolean => AGE_NEEDS.has(id);

/** Needs that age alone brings; an age that was not said counts as one to three, the strictest band but for babies. */
export function ageNeeds(group: Group): NeedChoice[] {
  if (group.band === 'adult') return [];
  const age = youngest(group) ?? Math.min(1, ...group.ages);
  return AGE_BANDS.find((band) => age <= band.to)?.needs ?? [];
}

/** Everything the group lives by: what was said, and what its age brings. A need that was said wins with its settings. */
export function needsOf(group: Group): NeedChoice[] {
  const said = new Set(group.needs.map((choice) => choice.id));
  return [...group.needs, ...ageNeeds(group).filter((choice) => !said.has(choice.id))];
}

/** Under five: choking shapes, raw milk and very salty food matter. */
export const hasSmallChildren = (group: Group): boolean =>
  needsOf(group).some((choice) => SMALL.has(choice.id));

/** Eats everything that is there: no need, no small child. */
export const isUnrestricted = (group: Group): boolean => group.needs.length === 0 && !hasSmallChildren(group);

/** Counts on some of the foods only, by need or by taste: others can take what it counts on. */
export const countsOnSome = (group: Group): boolean => !isUnrestricted(group) || group.dislikes.length > 0;
