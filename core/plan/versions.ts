import { INGREDIENTS } from '../catalogue/index.js';
import { PLAN_VERSION } from './plan.js';

/** One step of the chain: takes a stored plan of version `from` and returns one of `from + 1`. Pure; never removed, never changed. */
export interface Migration {
  from: number;
  name: string;
  step(stored: Record<string, unknown>): Record<string, unknown>;
}

const isRecord = (value: unknown): value is Record<string, unknown> =>
  typeof value === 'object' && value !== null && !Array.isArray(value);

/** An own component of version 1 knows nothing of the facts that came later: they are unknown, so they ask. */
function knowsMore(component: unknown): unknown {
  // a broken one is left as it is: the schema refuses it with its path
  if (!isRecord(component) || !isRecord(component.animal) || !isRecord(component.per100g)) return component;
  return {
    ...component,
    animal: { ...component.animal, game: 'unknown', beeswax: 'unknown' },
    notable: Object.fromEntries(INGREDIENTS.map((i) => [i, 'unknown'])),
    process: 'unknown',
    lactose: 'unknown',
    fishKind: 'unknown',
    supervision: 'unknown',
    per100g: { ...component.per100g, erythritolG: null },
  };
}

/** In order. The samples hold one plan of each version that was ever stored. */
export const MIGRATIONS: readonly Migration[] = [
  {
    from: 1,
    name: 'more facts about own components; what the kitchen promises about the order of work',
    step: (stored) => ({
      ...stored,
      ownComponents: Array.isArray(stored.ownComponents)
        ? stored.ownComponents.map(knowsMore)
        : stored.ownComponents,
      prep: { freeFromFirst: false, freshGloves: false },
    }),
  },
  {
    from: 2,
    name: 'portion schools, a star, more levers, the pantry, work, region and mood of the theme',
    step: (stored) => ({
      ...stored,
      occasion: isRecord(stored.occasion)
        ? {
            ...stored.occasion,
            hemisphere: 'north',
            theme: isRecord(stored.occasion.theme)
              ? { ...stored.occasion.theme, region: '', mood: 'abundant' }
              : stored.occasion.theme,
          }
        : stored.occasion,
      wishes: isRecord(stored.wishes)
        ? {
            ...stored.wishes,
            star: null,
            levers: isRecord(stored.wishes.levers)
              ? { ...stored.wishes.levers, lessWork: 0, season: 0 }
              : stored.wishes.levers,
          }
        : stored.wishes,
      ownSchool: null,
      pastBoards: [],
      pantry: [],
      work: { minutes: null, helpers: 0 },
    }),
  },
  {
    from: 3,
    name: 'prices of one’s own',
    step: (stored) => ({ ...stored, prices: [] }),
  },
];

/** Brings a stored plan up to `to`. The version is stamped only after its step has succeeded. */
export function migrate(
  stored: Record<string, unknown>,
  migrations: readonly Migration[] = MIGRATIONS,
  to: number = PLAN_VERSION,
): Record<string, unknown> {
  let now = stored;
  for (let version = Number(stored.version); version < to; version++) {
    const found = migrations.find((migration) => migration.from === version);
    if (!found) throw new Error(`no way from version ${version} to ${version + 1}`);
    now = { ...found.step(now), version: version + 1 };
  }
  return now;
}
