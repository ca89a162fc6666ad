import { wordsOf, type Component } from '../../catalogue/index.js';
import type { Group } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { names, type Finding } from '../finding.js';
import { addHelper } from '../remedies.js';

const NEW_FOR_EACH_PAIR = 2;

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
        20 * group.count,
        (x) => knows(x, group) && !known.some((k) => k.baseFood === x.baseFood),
      );
    return [
      {
        key: `known-foods ${group.id}`,
        code: 'too-few-known-foods',
        glyph: 'chipped' as const,
        concerns: [group.id],
        components: [],
        surfaceId: surface?.id ?? null,
        text: `${group.name}: ${known.length === 0 ? 'nothing' : 'only one food'} that they know.`,
        why: `They know ${names(group.knownFoods, 4)}. Two known foods for each new one, in small portions.`,
        facts: [
          {
            what: 'known foods here',
            value: names(known.map((k) => k.name)) || 'none',
            source: 'house default' as const,
          },
        ],
        remedies: helper ? [helper] : [],
        grave: false,
      },
    ];
  });
}
