import { readFileSync } from 'node:fs';
import { describe, expect, test } from '@jest/globals';
import ICAL from 'ical.js';
import Papa from 'papaparse';
import { GOOD_IDS, STAPLES } from '../catalogue/index.js';
import { keptDay, scheduleOf, shopFor, taskSaid, type Task } from '../make/index.js';
import { planLarder, readPlanText, type Plan } from '../plan/index.js';
import { lies, planWith } from '../testing/plans.js';
import { inEnglish } from '../words/index.js';
import { dayCalendar, dayCsv, dayRows } from './day.js';
import { readPrices, writePrices } from './prices-csv.js';

const read = readPlanText(
  readFileSync(new URL('../../demo/made/comet-watch.plate.json', import.meta.url), 'utf8'),
);
if (!read.ok) throw new Error('the demo was refused');
const brief: Plan = read.plan;
const plan: Plan = {
  ...brief,
  day: { ...brief.day, tasks: keptDay(brief, scheduleOf(brief, { rounds: 10 })) },
};
const words = (task: Task): string => inEnglish(taskSaid(plan, task));

describe('the day as files', () => {
  test('another library reads the calendar: an event a task, at its local time', () => {
    const events = new ICAL.Component(ICAL.parse(dayCalendar(plan, words)))
      .getAllSubcomponents('vevent')
      .map((event) => new ICAL.Event(event));
    const rows = dayRows(plan);
    expect(events).toHaveLength(rows.length);
    const first = events.find(({ uid }) => uid === `${plan.id}-${rows[0]!.task.id}@round-plate`)!;
    expect(first.startDate.toString()).toBe(`${rows[0]!.from}:00`);
    expect(first.endDate.toString()).toBe(`${rows[0]!.till}:00`);
    expect(first.summary).toContain(rows[0]!.hand);
    expect(dayCalendar(plan, words)).toBe(dayCalendar(plan, words));
    expect(dayCalendar(brief, words)).toBe('');
  });

  test('the table has a line a task, in the order of the day', () => {
    const parsed = Papa.parse<Record<string, string>>(dayCsv(plan, words).trim(), { header: true });
    expect(parsed.errors).toEqual([]);
    expect(parsed.data.map((row) => row.from)).toEqual(dayRows(plan).map(({ from }) => from));
  });
});

describe('the price book', () => {
  const larder = planLarder(planWith({}));
  test('comes back as it went out, foods, staples and goods alike', () => {
    const prices = ['brie', [...STAPLES.keys()][0]!, GOOD_IDS[0]!].map((id, i) => ({
      componentId: id as never,
      currency: 'EUR' as const,
      packs: [
        { massG: 100 + i, priceMinor: 199 + i },
        { massG: 500, priceMinor: 899 },
      ],
    }));
    expect(readPrices(writePrices(prices, larder), larder, 'EUR')).toEqual({ prices, problems: [] });
  });

  test('names what cannot be read by row and column, and takes the rest', () => {
    const { prices, problems } = readPrices(
      'component,pack g,price\nBrie,250,4.20\nmoon cheese,1,1\nbrie,much,1\nbrie,100,-3\n',
      larder,
      'EUR',
    );
    expect(prices).toEqual([
      { componentId: 'brie', currency: 'EUR', packs: [{ massG: 250, priceMinor: 420 }] },
    ]);
    expect(problems.map(({ row, column }) => [row, column])).toEqual([
      [3, 'component'],
      [4, 'pack g'],
      [5, 'price'],
    ]);
    expect(readPrices('a,b\n1,2', larder, 'EUR').problems.length).toBeGreaterThan(0);
  });

  test('is what the list reckons with, for ingredients too', () => {
    const { prices } = readPrices('component,pack g,price\nflour,500,9.99\n', larder, 'EUR');
    const line = shopFor([planWith({ placements: [lies('home-crackers', 300)], prices })]).lines.find(
      ({ id }) => id === 'flour',
    )!;
    expect(line.costMinor).toBe(999);
  });
});
