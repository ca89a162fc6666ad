import { wordsOf, type Component } from '../../catalogue/index.js';
import type { Group } from '../../party/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding } from '../finding.js';
import { addHelper } from '../remedies.js';

const NEW_FOR_EACH_PAIR = 2;
const ADDED_G = 20;

const knows = (component: Component, group: Group): boolean => {
  const words = new Set([component.name, component.baseFood, ...component.synonyms].flatMap(wordsOf));
  return (group.knownFoods ?? []).some((food) => wordsOf(food).every((word) => words.has(word)));
};

/** Picky children: two foods that they know from home for each new one (craft, on children). */
export function knownFoods(context: CheckContext): Finding[] {
  return context.plan.party.flatMap((group) => {
    if (!group.knownFoods?.length) return [];
    const foods = [
      ...new Set(
        context.placed.filter((placed) => context.counts(placed, group)).map((placed) => placed.component),
      ),
    ];
    const known = foods.filter((component) => knows(component, group));
    if (foods.length === 0 || known.length >= NEW_FOR_EACH_PAIR) return [];
    const surface = context.plan.surfaces.find((surface) => context.groupsAt(surface).includes(group));
    const helper =
      surface &&
      addHelper(
        context,
        surface,
        (component) =>
          knows(component, group) &&
          !known.some((otherComponent) => otherComponent.baseFood === component.baseFood),
        ADDED_G * group.count,
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
            value:
              known.length > 0 ? { foods: known.map((component) => component.name) } : { say: 'fact.none' },
            source: 'house default',
          },
        ],
        remedies: helper ? [helper] : [],
      }),
    ];
  });
}
