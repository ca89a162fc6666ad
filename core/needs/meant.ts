import { readPhrases, type NeedChoice, type OwnNeed } from '../party/index.js';
import type { NeedPack } from './pack.js';
import { isFoodWord, NEED_WORDS, needPack } from './registry.js';

const readAsNeeds = (food: string): NeedChoice[] =>
  readPhrases(`no ${food}`, { words: NEED_WORDS, isFood: isFoodWord }).needs.map(({ need }) => need);

interface Meant {
  /** What the foods mean beyond their names. */
  choices: readonly NeedChoice[];
  /** Foods that go by their names. */
  named: readonly string[];
}
const meant = new WeakMap<OwnNeed, Meant>();

/** Who leaves out nuts leaves out almonds, and of sesame seeds tahini, but not what is packed without nuts. */
export function meantBy(own: OwnNeed): Meant {
  const known = meant.get(own);
  if (known) return known;
  const read = own.foods.map((food) => ({
    food,
    needs: readAsNeeds(food),
  }));
  const of: Meant = {
    choices: read.flatMap(({ needs }) =>
      // a rule that is read of it has the same foods
      needs
        .filter((need) => (need.own?.facts.length ?? 1) > 0)
        .map((need) => (need.own ? { ...need, own: { ...need.own, foods: [] } } : need)),
    ),
    named: read
      .filter(({ needs }) => needs.length === 0 || needs.some((need) => need.own))
      .map(({ food }) => food),
  };
  meant.set(own, of);
  return of;
}

/** Needs that foods of an own rule stand for: as needs of their own they mind what touches them, too. */
export const packsMeant = (foods: readonly string[]): NeedPack[] => [
  ...new Set(foods.flatMap(readAsNeeds).flatMap((need) => (need.own ? [] : (needPack(need.id) ?? [])))),
];
