import { CATALOGUE } from '../catalogue/index.js';
import { layPlan } from '../lay/index.js';
import { createRandom } from '../measure/index.js';
import type { Plan, Surface } from '../plan/index.js';
import { board, lies, planWith } from './plans.js';
import { NEEDY_PARTIES } from './parties.js';

const pick = <T>(list: readonly T[], n: number): T => list[n % list.length]!;

/**
 * A board as nobody would compose it: foods and grams at random, for a needy party, in heat or cold, with little of
 * everything. It has slips of every kind. The same number gives the same board.
 */
export function wildBoard(n: number): Plan {
  const random = createRandom(n * 7919 + 3);
  const { party } = pick(NEEDY_PARTIES, n * 37);
  const tray: Surface = {
    ...board({ outline: { kind: 'round', diameterMm: 180 } }),
    id: 'tray' as Surface['id'],
    name: 'Small tray',
    serves: [party.at(-1)!.id],
    freeFrom: n % 2 ? ['nuts', 'gluten'] : ['milk'],
    smallHands: n % 3 === 0,
  };
  const foods = Array.from({ length: 4 + random.int(20) }, () => CATALOGUE[random.int(CATALOGUE.length)]!);
  const base = planWith({
    party,
    surfaces: [board(), tray],
    policy: pick(['looked-after', 'own-plate', 'everything-fits'], n),
  });
  const plan: Plan = {
    ...base,
    occasion: {
      ...base.occasion,
      role: pick(['meal', 'drinks', 'one-of-many', 'sweet'], n),
      where: n % 2 ? 'outdoors' : 'indoors',
      airTempC: pick([6, 20, 34], n),
      durationMin: pick([60, 240], n),
      carMin: pick([0, 130], n),
    },
    party: party.map((group) => ({
      ...group,
      dislikes: n % 4 ? [] : [foods[0]!.name],
      knownFoods: n % 5 ? [] : ['bananas'],
    })),
    wishes: { ...base.wishes, star: n % 3 ? null : pick(CATALOGUE, n * 11).id },
    placements: [...new Set(foods.map((component) => component.id))].map((id, i) =>
      lies(id, 5 + random.int(700), { surfaceId: i % 4 ? ('board' as Surface['id']) : tray.id }),
    ),
    budgetMinor: n % 3 ? null : 2000,
    bowls: [{ diameterMm: 60, count: n % 3 }],
    work: { minutes: n % 2 ? 20 : null, helpers: 0 },
    tools: { ...base.tools, knives: n % 2 },
  };
  return n % 15 === 0 ? layPlan(plan, n).plan : plan;
}

export const boardsOfMany = (count = 36): Plan[] => Array.from({ length: count }, (_, n) => wildBoard(n));
