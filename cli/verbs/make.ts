import {
  makingOf,
  RECIPES,
  STAPLES,
  goodOf,
  CATALOGUE,
  type ComponentId,
} from '../../core/catalogue/index.js';
import { readPrices } from '../../core/exchange/index.js';
import {
  packsText,
  scheduleOf,
  shopFor,
  taskSaid,
  toolSaid,
  toolsOf,
  waysOf,
  waySaid,
} from '../../core/make/index.js';
import { planMaking } from '../../core/portion/index.js';
import { addMinutes } from '../../core/measure/index.js';
import { planLarder, readPlanText, type Plan } from '../../core/plan/index.js';
import { textOf } from '../../core/check/index.js';
import { guestsIn } from '../../core/party/index.js';
import { later as laterOf, withCounts } from '../../core/swap/index.js';
import { ENGLISH, inEnglish } from '../../core/words/index.js';
import { nodeSolver } from '../../solver/node.js';
import { BadInput, numberOf, planOf, problemsInWords, seedOf, type Call } from '../call.js';

export const MAKE_HELP: Record<string, string> = {
  shop: 'shop <plan…> [--prices csv]: one list for all plans: {lines: [{id, name, aisle, when, shop, neededG, ownedG, basketG, packs, weighedG, boughtG, costMinor, leftG, goesInto}], costMinor, leftMinor, perPortionMinor, bySurface}; home-made foods as their ingredients. The price book has the columns component (id or name), pack g, price, and if wanted shop',
  schedule:
    'schedule <plan> [--helpers n] [--seed s] [--steps k]: {tasks: [{id, what, start, handsFree, end, who, clean, uses}], cost, bound, cleanDowns, conflicts: [{task, what}], faults, ways: [{text, left}]}; --helpers counts hands beside yours, and takes the place of those that the plan names',
  later:
    'later <plan> --guests group=n [--guests group=n …]: another number of guests, by id of the group: {how, guests, buy: [{id, name, text}], foods: [{id, beforeG, afterG, made}], boxes, costMinor, brings: [{severity, text}], plan}',
  tools: 'tools <plan>: [{id, what, count, have, of}], counted from the plan',
  recipe:
    'recipe <id> --for grams [--plan file]: {parts: [{id, name, grams}], handsMin, waitMin, keepsH, steps}',
};

function plansOf(call: Call): Plan[] {
  if (call.words.length === 0) throw new BadInput('name one plan file or more, or - for standard input');
  return call.words.map((file) => {
    const read = readPlanText(readText(call, file));
    if (!read.ok) throw new BadInput(`the plan ${file} was refused`, problemsInWords(read.problems));
    return read.plan;
  });
}

function readText(call: Call, file: string): string {
  try {
    return call.read(file);
  } catch {
    throw new BadInput(`the file "${file}" cannot be read`);
  }
}

/** The plan with the price book over its own prices. */
function priced(call: Call, plan: Plan): Plan {
  const file = call.options.prices?.[0];
  if (file === undefined) return plan;
  const { prices, problems } = readPrices(readText(call, file), planLarder(plan), plan.currency);
  if (problems.length > 0) throw new BadInput('the price book was refused', problemsInWords(problems));
  const own = plan.prices.filter((old) => !prices.some(({ componentId }) => componentId === old.componentId));
  return { ...plan, prices: [...own, ...prices] };
}

const tenth = (grams: number): number => Math.round(grams * 10) / 10;

export function shop(call: Call): void {
  const { lines, costMinor, leftMinor, portions, bySurface } = shopFor(
    plansOf(call).map((plan) => priced(call, plan)),
  );
  call.print({
    lines: lines.map((line) => ({
      id: line.id,
      name: line.name,
      aisle: line.aisle,
      when: line.day,
      neededG: tenth(line.neededG),
      ownedG: tenth(line.ownedG),
      packs: line.packs,
      text: packsText(line),
      weighedG: line.weighedG,
      shop: line.shop,
      basketG: tenth(line.basket?.massG ?? 0),
      boughtG: tenth(line.boughtG),
      costMinor: line.costMinor,
      leftG: tenth(line.leftG),
      unknown: line.unknown,
      goesInto: line.goesInto.map((into) => ({ ...into, massG: tenth(into.massG) })),
    })),
    costMinor,
    leftMinor,
    perPortionMinor: portions > 0 ? Math.round(costMinor / portions) : null,
    bySurface: bySurface.map((share) => ({ ...share, costMinor: Math.round(share.costMinor) })),
  });
}

export function schedule(call: Call): void {
  const read = planOf(call);
  const helpers = numberOf(call, 'helpers', 0, 20);
  const plan =
    helpers === undefined
      ? read
      : { ...read, work: { ...read.work, helpers }, day: { ...read.day, hands: [] } };
  const steps = numberOf(call, 'steps', 0, 100_000);
  const found = scheduleOf(plan, {
    seed: seedOf(call, plan),
    ...(steps === undefined ? {} : { rounds: steps }),
  });
  const byId = new Map(found.tasks.map((task) => [task.id, task]));
  const names = new Map(found.hands.map(({ id, name }) => [id, name]));
  const what = (id: string): string => inEnglish(taskSaid(plan, byId.get(id)!));
  const at = (minute: number): string => addMinutes(plan.occasion.start, minute);
  call.print({
    tasks: found.day.placed.map(({ task, hand, start, handsEnd, end, clean }) => ({
      id: task,
      what: what(task),
      start: at(start),
      handsFree: at(handsEnd),
      end: at(end),
      who: names.get(hand),
      clean,
      uses: byId.get(task)!.uses.map(({ equipment }) => equipment),
    })),
    cost: tenth(found.day.cost.sum),
    bound: tenth(found.bound),
    cleanDowns: found.day.cost.cleans,
    conflicts: found.day.left.map((task) => ({ task, what: what(task) })),
    faults: found.faults.filter(({ kind }) => kind !== 'missing'),
    ways: waysOf(plan, found).map((way) => ({ text: inEnglish(waySaid(way)), left: way.left })),
  });
}

/** Counts by group, as "vegan=9". */
function countsIn(call: Call, plan: Plan): Map<string, number> {
  const ids = plan.party.map(({ id }) => id as string);
  return new Map(
    (call.options.guests ?? []).map((text) => {
      const [id = '', count = ''] = text.split('=');
      const n = Number(count);
      if (!ids.includes(id)) throw new BadInput(`no group is called "${id}"`, { valid: ids });
      if (count === '' || !Number.isInteger(n) || n < 0 || n > MOST_GUESTS)
        throw new BadInput(`--guests ${text}: say a whole number of guests, such as ${id}=9`);
      return [id, n] as const;
    }),
  );
}

const MOST_GUESTS = 1000;

export async function later(call: Call): Promise<void> {
  const plan = planOf(call);
  const counts = countsIn(call, plan);
  if (counts.size === 0) throw new BadInput('say how many come, such as --guests vegan=9');
  const party = withCounts(plan.party, counts);
  if (party.length === 0) throw new BadInput('somebody must come');
  const found = laterOf(plan, party, await nodeSolver());
  call.print({
    how: found.how,
    guests: guestsIn(party),
    buy: found.buy.map(({ line }) => ({ id: line.id, name: line.name, text: packsText(line) })),
    foods: found.foods.map((food) => ({ ...food, beforeG: tenth(food.beforeG), afterG: tenth(food.afterG) })),
    boxes: found.boxes,
    costMinor: found.costMinor,
    brings: found.brings.map((slip) => ({ severity: slip.severity, text: textOf(slip, ENGLISH) })),
    plan: found.plan,
  });
}

export function tools(call: Call): void {
  const plan = planOf(call);
  call.print(
    toolsOf(plan).map((line) => ({
      id: line.key,
      what: inEnglish(toolSaid(line)),
      count: line.count,
      have: line.have,
      of: line.of,
    })),
  );
}

export function recipe(call: Call): void {
  const [id] = call.words;
  const known = [
    ...CATALOGUE.filter(({ made }) => made === 'home-made').map(({ id }) => id as string),
    ...RECIPES.map(({ id }) => `home-${id}`),
  ];
  if (id === undefined) throw new BadInput('name a food that is made at home', { valid: known });
  const file = call.options.plan?.[0];
  const plan = file === undefined ? undefined : plansOf({ ...call, words: [file] })[0];
  const making = plan ? planMaking(plan, id as ComponentId) : makingOf(id as ComponentId);
  if (!making) throw new BadInput(`"${id}" is no food that is made at home`, { valid: known });
  const grams = numberOf(call, 'for', 1, 100_000) ?? making.outG;
  const larder = new Map(CATALOGUE.map((component) => [component.id as string, component.name]));
  call.print({
    id,
    grams,
    parts: making.parts.map(([part, inG]) => ({
      id: part,
      name: larder.get(part) ?? STAPLES.get(part)?.name ?? goodOf(part)?.name ?? part,
      grams: tenth((inG * grams) / making.outG),
    })),
    batchG: making.outG,
    handsMin: making.handsMin,
    waitMin: making.waitMin,
    keepsH: making.keepsH,
    uses: making.uses,
    steps: making.steps,
  });
}
