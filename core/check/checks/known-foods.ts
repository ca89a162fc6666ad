import { wordsOf, type Component } from '../../catalogue/index.js';
import type { Group } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding } from '../finding.js';
import { addHelper } from '../remedies.js';

const NEW_FOR_EACH_PAIR = 2;
const ADDED_G = 20;

const knows = (c: Component, group: Group): boolean => {
  const words = new Set([c.name, c.baseFood, ...c.synonyms].flatMap(wordsOf));
  return (group.knownFoods ?? []).some((food) => wordsOf(food).every((w) => words.has(w)));
};

/** Picky children: two foods that they know from home for each new one (craft, on children). */
export function knownFoods(c: CheckContext): Finding[] {
  return c.plan.party.flatMap((group) => {
    if (!group.knownFoods?.length) return [];
    const foods = [...new Set(c.placed.filter((l) => c.counts(l, group)).map((l) => l.component))];
    const known = foods.filter((f) => knows(f, group));
    if (foods.length === 0 || known.length >= NEW_FOR_EACH_PAIR) return [];
    const surface = c.plan.surfaces.find((s) => c.groupsAt(s).includes(group));
    const helper =
      surface &&
      addHelper(
        c,
        surface,
        ADDED_G * group.count,
        (x) => knows(x, group) && !known.some((k) => k.baseFood === x.baseFood),
      );
    return [
      finding('too-few-known-foods', {
        key: `known-foods ${group.id}`,
        concerns: [group.id],
        surfaceId: surface?.id ?? null,
        args: { group: group.name, n: known.length, known: { all: group.knownFoods, most: 4 } },
        facts: [
          {
            what: { say: 'fact.name.known-foods' },
            value: known.length > 0 ? { foods: known.map((k) => k.name) } : { say: 'fact.none' },
            source: 'house default',
          },
        ],
        remedies: helper ? [helper] : [],
      }),
    ];
  });
}
