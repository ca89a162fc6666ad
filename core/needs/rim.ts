import type { NeedPack, RimPattern } from './pack.js';
import { NEEDS } from './registry.js';

/** What is painted within the band, so that needs of one family (all allergens, all schools of meat) are told apart. */
export interface RimInner {
  ring: 'none' | 'line' | 'dashes' | 'points';
  /** The plate's middle is tinted. */
  tint: boolean;
  /** A second line near the middle. */
  second: boolean;
}

/** How the plate of a need is painted. */
export interface RimLook {
  pattern: RimPattern;
  inner: RimInner;
}

const RINGS = ['none', 'line', 'dashes', 'points'] as const;

const innerOf = (nth: number): RimInner => ({
  ring: RINGS[nth % 4]!,
  tint: Math.floor(nth / 4) % 2 === 1,
  second: Math.floor(nth / 8) % 2 === 1,
});

export const plainRim = (pattern: RimPattern): RimLook => ({ pattern, inner: innerOf(0) });

/** No two needs are painted alike: those that share a pattern differ within it. A rule of one's own comes after them. */
export function rimLook(pack: Pick<NeedPack, 'id' | 'rim'>): RimLook {
  const family = NEEDS.filter((otherPack) => otherPack.rim === pack.rim);
  const nth = family.findIndex((otherPack) => otherPack.id === pack.id);
  return { pattern: pack.rim, inner: innerOf(nth < 0 ? family.length : nth) };
}
