import { describe, expect, test } from '@jest/globals';
import { applyCommand, planSchema, type Command, type Plan } from '../plan/index.js';
import { layPlan } from '../lay/index.js';
import { boardSvg } from '../picture/index.js';
import { iceBowl } from '../shape/index.js';
import { group, lies, planWith } from '../testing/plans.js';
import { inEnglish } from '../words/index.js';
import { taskCautions } from './cautions.js';
import { taskSaid } from './said.js';
import { scheduleOf } from './schedule.js';
import { tasksOf } from './tasks/index.js';
import { toolsOf } from './tools.js';

const edited = (plan: Plan, command: Command): Plan => {
  const done = applyCommand(plan, command);
  if (!done.ok) throw new Error(JSON.stringify(done));
  return done.plan;
};
const ice = { innerMm: 100, wallMm: 25 };
const bare = planWith({
  party: [group('all', 10)],
  bowls: [{ diameterMm: 120, count: 3, ware: 'wood' }],
  placements: [lies('tzatziki', 150), lies('honey', 60), lies('brie', 250), lies('water-crackers', 120)],
});
const [dip] = bare.placements as [(typeof bare.placements)[number]];
const iced = edited(bare, {
  name: 'set-ice',
  componentId: dip.componentId,
  surfaceId: dip.surfaceId,
  ice,
});

describe('a food on ice', () => {
  const tasks = tasksOf(iced);
  const freeze = tasks.find(({ kind }) => kind === 'freeze')!;
  const fill = tasks.find(({ kind, foods }) => kind === 'fill-bowls' && foods.includes(dip.componentId))!;

  test('is frozen for long enough, said with its caution, and filled late, when that is done', () => {
    expect(tasksOf(bare).some(({ kind }) => kind === 'freeze')).toBe(false);
    expect(freeze.waitMin).toBe(iceBowl(ice, bare.occasion.airTempC, 60).freezeMin);
    expect(inEnglish(taskSaid(iced, freeze))).toMatch(/^Freeze a bowl of ice for tzatziki/);
    expect(taskCautions(iced, freeze)).toEqual(['ice']);
    expect(fill.after).toContainEqual({ id: freeze.id, what: 'all' });
    expect(fill.foods).toEqual([dip.componentId]);
    const before = tasksOf(bare).find(
      ({ kind, foods }) => kind === 'fill-bowls' && foods.includes(dip.componentId),
    )!;
    expect(fill.fresh).toBeGreaterThan(before.fresh);
  });

  test('on one surface alone is filled late there alone', () => {
    const [board] = iced.surfaces as [(typeof iced.surfaces)[number]];
    const tray = { ...board, id: 'tray' as typeof board.id, name: 'Tray' };
    const both = {
      ...iced,
      surfaces: [board, tray],
      placements: [...iced.placements, { ...dip, surfaceId: tray.id }],
    };
    const fills = tasksOf(both).filter(
      ({ kind, foods }) => kind === 'fill-bowls' && foods.includes(dip.componentId),
    );
    const at = (id: string) => fills.find(({ surfaceId }) => surfaceId === id)!;
    expect(at(tray.id).fresh).toBeLessThan(at(board.id).fresh);
  });

  test('has a place in the day, also where it is driven somewhere: turned out there, and laid last', () => {
    for (const plan of [iced, { ...iced, occasion: { ...iced.occasion, carMin: 60, buildMin: 60 } }]) {
      const { faults, day } = scheduleOf(plan, { rounds: 200 });
      expect([faults, day.left]).toEqual([[], []]);
      const at = (id: string) => day.placed.find(({ task }) => task === id)!;
      expect(at(freeze.id).end).toBeLessThanOrEqual(at(fill.id).start);
      const [, board] = /^ice-(.*)-1$/.exec(fill.id)!;
      const last = at(`build-${board}-ice`);
      for (const { task, handsEnd } of day.placed)
        if (task.startsWith('build-')) expect(handsEnd).toBeLessThanOrEqual(last.handsEnd);
      expect(at(fill.id).end).toBeLessThanOrEqual(last.start);
      if (plan.occasion.carMin > 0) expect(at('drive').handsEnd).toBeLessThanOrEqual(at(fill.id).start);
    }
  });

  test('wants a dish beneath, and none of the bowls at hand', () => {
    const lines = toolsOf(iced);
    expect(lines.find(({ id }) => id === 'ice-dish')).toMatchObject({ count: 1 });
    expect(lines.filter(({ id }) => id === 'bowl').map(({ count }) => count)).toEqual([1]);
  });

  test('is laid and drawn as ice, the other bowl as wood; more of it stays on ice, taken off it is in a bowl again', () => {
    const { plan } = layPlan(iced, 1);
    expect(planSchema.safeParse(JSON.parse(JSON.stringify(plan))).error).toBeUndefined();
    const elements = plan.layout.flatMap(({ elements }) => elements);
    const of = (id: string) => elements.find(({ componentId }) => componentId === id)!;
    expect(of('tzatziki')).toMatchObject({ bowlMm: 75, ware: 'ice', wallMm: 25 });
    expect(of('honey')).toMatchObject({ bowlMm: 60, ware: 'wood' });
    const svg = boardSvg(plan, plan.surfaces[0]!);
    expect(svg).toContain('#b4d3df');
    expect(svg).toContain('#b98249');
    const place = { name: 'place' as const, componentId: dip.componentId, surfaceId: dip.surfaceId };
    const more = edited(iced, { ...place, placements: [{ ...dip, massG: 200 }] });
    expect(more.placements.find(({ componentId }) => componentId === dip.componentId)?.ice).toEqual(ice);
    const off = edited(iced, { ...place, name: 'set-ice', ice: null });
    expect(off.placements.find(({ componentId }) => componentId === dip.componentId)).toEqual(dip);
  });
});
