import { z } from 'zod';

export type GroupId = string & z.$brand<'GroupId'>;

export const groupIdSchema = z
  .string()
  .regex(/^[a-z0-9]+(?:-[a-z0-9]+)*$/, 'lower-case words joined by hyphens')
  .max(40)
  .brand<'GroupId'>();

/** A need as a guest lives by it: which pack, and where its schools differ, which one. */
export const needChoiceSchema = z.strictObject({
  id: z
    .string()
    .regex(/^[a-z0-9-]+$/)
    .max(40),
  settings: z.record(z.string().max(30), z.string().max(120)),
});
export type NeedChoice = z.infer<typeof needChoiceSchema>;

export const groupSchema = z
  .strictObject({
    id: groupIdSchema,
    name: z.string().trim().min(1).max(60),
    count: z.number().int().min(1).max(500),
    band: z.enum(['adult', 'child']),
    /** Ages that were said, in years; fewer than `count` when some were not. */
    ages: z.array(z.number().int().min(1).max(17)).max(500),
    needs: z.array(needChoiceSchema).max(20),
    dislikes: z.array(z.string().trim().min(1).max(60)).max(30),
    /** 1 is usual; hosts know when their crowd eats double. */
    appetite: z.number().min(0.5).max(2),
  })
  .refine((g) => g.ages.length <= g.count, { path: ['ages'], message: 'more ages than guests' });
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

export const guestsIn = (party: readonly Group[]): number => party.reduce((n, g) => n + g.count, 0);

export const portionsIn = (party: readonly Group[]): number => party.reduce((n, g) => n + portionsOf(g), 0);

/** A child whose age nobody said: judged by the strictest band until somebody does. */
export const agesMissing = (group: Group): number =>
  group.band === 'child' ? Math.max(0, group.count - group.ages.length) : 0;

/** The youngest age in a children's group; undefined while one is missing. */
export function youngest(group: Group): number | undefined {
  if (group.band === 'adult' || agesMissing(group) > 0) return undefined;
  return Math.min(...group.ages);
}

/** Needs that age alone brings; an age that was not said counts as the strictest band. */
export function ageNeeds(group: Group): NeedChoice[] {
  if (group.band === 'adult') return [];
  const age = youngest(group) ?? 1;
  if (age <= 3) return [{ id: 'child-1-3', settings: {} }];
  if (age === 4) return [{ id: 'child-4', settings: {} }];
  return [];
}

/** Everything the group lives by: what was said, and what its age brings. A need that was said wins with its settings. */
export function needsOf(group: Group): NeedChoice[] {
  const said = new Set(group.needs.map((n) => n.id));
  return [...group.needs, ...ageNeeds(group).filter((n) => !said.has(n.id))];
}

/** Under five: choking shapes, raw milk and very salty food matter. */
export const hasSmallChildren = (group: Group): boolean =>
  needsOf(group).some((n) => n.id === 'child-1-3' || n.id === 'child-4');
