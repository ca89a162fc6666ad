import type { ComponentId, Source } from '../catalogue/index.js';
import type { GroupId } from '../party/index.js';
import type { Command, SurfaceId } from '../plan/index.js';

/** State by shape: good, take care, stops service, ask. */
export type Glyph = 'whole' | 'chipped' | 'cracked' | 'covered';

export interface Fact {
  what: string;
  value: string;
  source: Source | 'this plan';
}

/** Something the application can do about it: the words, what it brings, and the edit itself. */
export interface Remedy {
  label: string;
  effect: string;
  command: Command;
}

export interface Finding {
  /** The same slip keeps its key while the plan changes around it. */
  key: string;
  code: string;
  glyph: Glyph;
  concerns: GroupId[];
  components: ComponentId[];
  surfaceId: SurfaceId | null;
  /** One plain sentence. */
  text: string;
  /** Why, in small. */
  why: string;
  facts: Fact[];
  remedies: Remedy[];
  /** About an allergy or a small child's safety: it cannot be settled by reading it, only by a remedy or an overruling. */
  grave: boolean;
}

const ORDER: Record<Glyph, number> = { cracked: 0, covered: 1, chipped: 2, whole: 3 };

/** Most urgent first; grave before the rest; the registry's order within. */
export function byUrgency(findings: readonly Finding[]): Finding[] {
  return findings
    .map((finding, i) => ({ finding, i }))
    .sort(
      (a, b) =>
        ORDER[a.finding.glyph] - ORDER[b.finding.glyph] ||
        Number(b.finding.grave) - Number(a.finding.grave) ||
        a.i - b.i,
    )
    .map((f) => f.finding);
}

const list = new Intl.ListFormat('en', { type: 'conjunction' });

/** "a, b and c"; after three names the rest is counted. */
export function names(items: readonly string[], most = 3): string {
  if (items.length <= most) return list.format(items).replace(', and ', ' and ');
  return `${items.slice(0, most).join(', ')} and ${items.length - most} more`;
}

export const lower = (name: string): string =>
  /^[A-Z]{2}/.test(name) ? name : name.charAt(0).toLowerCase() + name.slice(1);

export const capital = (t: string): string => t.charAt(0).toUpperCase() + t.slice(1);

const OF_THE_LAYOUT = new Set(['not-all-laid', 'over-the-rim', 'bowls-laid-otherwise']);

/** Told of the layout, which is made anew after a change of the food: no proposal is to be blamed or praised for it. */
export const isOfTheLayout = (f: Finding): boolean => OF_THE_LAYOUT.has(f.code);
