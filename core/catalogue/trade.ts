import type { Allergen, Family, Presence } from './facts.js';

/**
 * Families whose bought food holds no fish by trade practice: bread, dried fruit, vegetables in brine, cheese, nuts. What
 * does (kimchi with fish sauce, olives with anchovy, crackers with seaweed) says so itself.
 */
const WITHOUT_FISH: ReadonlySet<Family> = new Set(['vehicle', 'dried-fruit', 'pickle', 'cheese', 'nut-seed']);
/** And no shellfish; sweets may be set with gelatine of fish, but of nothing that has a shell. */
const WITHOUT_SHELLFISH: ReadonlySet<Family> = new Set([...WITHOUT_FISH, 'sweet-bite']);

/** Allergens of the water that a bought food of this family is free from by trade practice. */
export const notInTrade = (family: Family): readonly Allergen[] => [
  ...(WITHOUT_FISH.has(family) ? (['fish'] as const) : []),
  ...(WITHOUT_SHELLFISH.has(family) ? (['crustaceans', 'molluscs'] as const) : []),
];

/**
 * Nuts, seeds, dried fruit and sesame are packed on the same lines, fish and shellfish on others: their labels warn of one
 * another more often than not (label practice). Which does is said by the pack.
 */
const PACKED_TOGETHER: Partial<Record<Family, readonly Allergen[]>> = {
  'nut-seed': ['tree-nuts', 'peanuts', 'sesame'],
  'dried-fruit': ['tree-nuts', 'peanuts'],
  // smoked, tinned or picked where the others are
  fish: ['fish', 'crustaceans', 'molluscs'],
};

/** What the pack of a single food of this family may warn of. */
export const tracesInTrade = (family: Family): Partial<Record<Allergen, Presence>> =>
  Object.fromEntries((PACKED_TOGETHER[family] ?? []).map((allergen) => [allergen, 'brand' as const]));
