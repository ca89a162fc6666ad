/**
 * `npm run bench make`: the day of the five demos with one, two and four pairs of hands beside a day written down as it
 * comes; packs beside rounding each need up; three hundred tasks. Counts hold on every machine, seconds are for reading.
 */
import { readFileSync } from 'node:fs';
import { firstFitOf, scheduleOf, searched, shopFor, type Days, type Task } from '../core/make/index.js';
import type { ComponentId } from '../core/catalogue/index.js';
import { planLarder, readPlanText, type Plan } from '../core/plan/index.js';

const NAMES = ['comet-watch', 'kite-meadow', 'last-ferry', 'open-loom', 'lamp-boat-sweets'];
const plans = NAMES.map((name): Plan => {
  const read = readPlanText(
    readFileSync(new URL(`../app/public/demo/${name}.plate.json`, import.meta.url), 'utf8'),
  );
  if (!read.ok) throw new Error(`${name} was refused`);
  return read.plan;
});

const cell = (value: string | number, width = 10): string => String(value).padStart(width);
console.log('The day, beside one that is written down as it comes (in brackets)');
console.log(
  `${'plan'.padEnd(18)}${['hands', 'tasks', 'left', 'cleans', 'points', 'bound', 'ms'].map((head) => cell(head, 12)).join('')}`,
);
for (const plan of plans)
  for (const hands of [1, 2, 4]) {
    const with_ = {
      ...plan,
      work: { ...plan.work, helpers: hands - 1 },
      day: { ...plan.day, hands: [], tasks: [] },
    };
    const start = performance.now();
    const found = scheduleOf(with_);
    const ms = performance.now() - start;
    const plain = firstFitOf(with_);
    const faults = found.faults.filter(({ kind }) => kind !== 'missing').length;
    if (faults > 0) throw new Error(`${plan.id}: ${faults} faults`);
    console.log(
      `${plan.id.padEnd(18)}${[
        hands,
        found.tasks.length,
        `${found.day.left.length} (${plain.day.left.length})`,
        `${found.day.cost.cleans} (${plain.day.cost.cleans})`,
        `${Math.round(found.day.cost.sum)} (${Math.round(plain.day.cost.sum)})`,
        Math.round(found.bound),
        Math.round(ms),
      ]
        .map((value) => cell(value, 12))
        .join('')}`,
    );
  }

/** Each need in the smallest pack that a shop has, as often as it takes; what is weighed costs the same. */
function rounded(plan: Plan): number {
  const larder = planLarder(plan);
  return shopFor([plan]).lines.reduce((sum, line) => {
    const packs = larder.get(line.id as ComponentId)?.packs ?? line.packs;
    if (line.weighedG !== null || packs.length === 0) return sum + line.costMinor;
    const small = packs.reduce((least, pack) => (pack.massG < least.massG ? pack : least));
    return sum + Math.ceil((line.neededG - line.ownedG) / small.massG - 1e-9) * small.priceMinor;
  }, 0);
}

console.log('\nPacks: the cheapest mix, and the smallest pack as often as it takes, in minor units');
for (const plan of plans)
  console.log(`${plan.id.padEnd(18)}${cell(shopFor([plan]).costMinor)}${cell(rounded(plan))}`);
const together = shopFor(plans).costMinor;
const apart = plans.reduce((sum, plan) => sum + shopFor([plan]).costMinor, 0);
console.log(`all five from one shop ${together}, apart ${apart}`);

const many = (n: number): Days => {
  const tasks = Array.from({ length: n }, (_, i): Task => ({
    id: `t${i}`,
    kind: 'cut',
    foods: [],
    massG: 0,
    pieces: 0,
    handsMin: 2 + (i % 7),
    waitMin: i % 5 === 0 ? 20 : 0,
    from: -2880,
    by: 0,
    fresh: -60 * (1 + (i % 9)),
    ripe: -10 * (i % 4),
    after: i % 3 === 0 && i > 2 ? [{ id: `t${i - 3}`, what: 'all' }] : [],
    uses: i % 10 === 0 ? [{ equipment: 'oven', during: 20 }] : [],
    leaves: i % 4 === 0 ? 1 : i % 4 === 1 ? 2 : 0,
    keeps: i % 4 === 2 ? 1 : i % 4 === 3 ? 2 : 0,
    sharp: false,
    fine: false,
    ahead: false,
  }));
  const hands = ['a', 'b', 'c', 'd'].map((id) => ({
    id,
    name: id,
    sharp: true,
    fine: true,
    shifts: [
      { from: -2220, till: -1500 },
      { from: -780, till: 0 },
    ],
  }));
  return { tasks, hands, kitchen: { oven: 1, hob: 2, blender: 1, freezer: 1, fridge: 3 } };
};
const start = performance.now();
const found = searched(many(300), 1);
console.log(
  `\n300 tasks, 4 pairs of hands: ${Math.round(performance.now() - start)} ms, ${found.day.left.length} left, ${found.day.cost.cleans} clean-downs, points ${Math.round(found.day.cost.sum)}, no day under ${Math.round(found.bound)}`,
);
