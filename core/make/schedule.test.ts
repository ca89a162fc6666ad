import { beforeAll, describe, expect, test } from '@jest/globals';
import { applyCommand, type Command, type Plan } from '../plan/index.js';
import { effortOf, holdingOf, minutesOf } from '../portion/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { laidDemo } from '../test-support/demo.js';
import { shiftsOf } from './hands.js';
import { keptDayOf, slipsOfDay } from './kept.js';
import { daysOf, firstFitOf, keptDay, restOf, scheduleOf, searched, type Schedule } from './schedule.js';
import { coldUntil, makeContext, type Work } from './tasks/context.js';
import { tasksOf } from './tasks/index.js';
import { boughtInstead, buyInstead } from './instead.js';
import { waysOf } from './ways.js';

const edited = (plan: Plan, command: Command): Plan => {
  const done = applyCommand(plan, command);
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.plan;
};
const ROUNDS = 60;

let plan: Plan;
let schedule: Schedule;
beforeAll(() => {
  plan = laidDemo();
  schedule = scheduleOf(plan, { rounds: ROUNDS });
});

describe('the work of a plan', () => {
  test('each task stands after those that it needs, and all that it needs are there', () => {
    const tasks = tasksOf(plan);
    const seen = new Set<string>();
    for (const task of tasks) {
      for (const { id } of task.after) expect([task.id, id, seen.has(id)]).toEqual([task.id, id, true]);
      seen.add(task.id);
    }
    expect(new Set(tasks.map(({ id }) => id)).size).toBe(tasks.length);
  });

  test('what is bought and only cut takes the minutes that Choose counts', () => {
    const one = planWith({
      party: [group('all', 4)],
      placements: [lies('carrot-sticks', 400), lies('mature-cheddar', 300)],
    });
    const hands = tasksOf(one)
      .filter(({ kind }) => ['wash', 'cut', 'open'].includes(kind))
      .reduce((sum, task) => sum + task.handsMin, 0);
    const { works } = makeContext(one);
    const counted = works.reduce(
      (sum, { component, form, massG }) => sum + minutesOf(effortOf(component, form), massG),
      0,
    );
    // each task is rounded to whole minutes
    expect(Math.abs(hands - counted)).toBeLessThanOrEqual(works.length);
  });

  test('what perishes is laid no sooner than its clock allows, what was on the bench counted', () => {
    const context = makeContext(plan);
    for (const task of tasksOf(plan).filter(({ kind }) => kind === 'build'))
      for (const food of task.foods) {
        // one food may lie in two forms, each with its own minutes on the bench
        const works = context.works.filter(({ component }) => component.id === food);
        const [{ component }] = works as [Work];
        const bench = Math.min(...works.map(({ minutes }) => (minutes.cut ?? 0) + (minutes.fold ?? 0)));
        const { limitMin, leadMin, lots } = holdingOf(component, plan);
        if (limitMin === Infinity) continue;
        const lead = lots === 1 ? limitMin - plan.occasion.durationMin : leadMin;
        expect(task.from).toBeGreaterThanOrEqual(-lead);
        expect(task.from).toBeGreaterThanOrEqual(Math.floor(-coldUntil(context, component, bench)));
      }
  });

  test('pineapples do not brown like apples', () => {
    const fresh = (food: string) =>
      tasksOf(planWith({ party: [group('all', 4)], placements: [lies(food, 400)] })).find(
        ({ kind }) => kind === 'cut',
      )!.fresh;
    expect(fresh('pineapple')).toBeLessThan(fresh('apple-fans'));
  });

  test('nothing laid is no work', () => {
    expect(tasksOf(planWith({ party: [group('all', 4)] }))).toEqual([]);
  });
});

describe('the demo’s day', () => {
  test('has a place for everything, no fault, and no more clean-downs than writing it down as it comes', () => {
    expect(schedule.day.left).toEqual([]);
    expect(schedule.faults).toEqual([]);
    expect(schedule.day.cost.cleans).toBeLessThanOrEqual(firstFitOf(plan).day.cost.cleans);
    expect(schedule.bound).toBeLessThanOrEqual(schedule.day.cost.sum);
  });

  test('kept in the plan it is read again without fault, and promises that free-from work meets nothing', () => {
    // also where a search washes the board before it must, because there is time then
    for (const rounds of [ROUNDS, 200, 400, 800, 1500]) {
      const found = scheduleOf(plan, { rounds });
      const day = keptDayOf(edited(plan, { name: 'set-day', tasks: keptDay(plan, found) }));
      expect([rounds, found.faults, day.faults, day.missing]).toEqual([rounds, [], [], []]);
      expect(day.cleans).toBeLessThanOrEqual(found.day.cost.cleans);
    }
    const day = keptDayOf(edited(plan, { name: 'set-day', tasks: keptDay(plan, schedule) }));
    expect(slipsOfDay(day).filter(({ severity }) => severity === 'blocker')).toEqual([]);
    expect(slipsOfDay(day).at(-1)).toMatchObject({ kind: 'kept-apart' });
  });

  test('a task that a hand moves to where it must not be is told by its slip', () => {
    const kept = edited(plan, { name: 'set-day', tasks: keptDay(plan, schedule) });
    const bread = kept.day.tasks.find(({ task }) => task === 'build-oak-breads')!;
    const early = edited(kept, { name: 'move-work', task: bread.task, hand: bread.hand, startMin: -900 });
    const kinds = slipsOfDay(keptDayOf(early)).map(({ kind }) => kind);
    expect(kinds).toContain('crisp-early');
    expect(kinds).toContain('order');
    const cold = kept.day.tasks.find(({ task }) => task === 'build-oak-meat')!;
    const out = edited(kept, { name: 'move-work', task: cold.task, hand: cold.hand, startMin: -400 });
    expect(slipsOfDay(keptDayOf(out)).find(({ kind }) => kind === 'cold-too-long')?.tasks).toEqual([
      'build-oak-meat',
    ]);
  });

  test('a pinned task stays when the day is laid out again', () => {
    const kept = edited(plan, { name: 'set-day', tasks: keptDay(plan, schedule) });
    const tools = kept.day.tasks.find(({ task }) => task === 'tools')!;
    const pinned = edited(kept, { name: 'move-work', task: 'tools', hand: tools.hand, startMin: -170 });
    const again = scheduleOf(pinned, { rounds: 20 });
    expect(again.day.placed.find(({ task }) => task === 'tools')).toMatchObject({
      start: -170,
      hand: tools.hand,
    });
    expect(again.faults).toEqual([]);
  });

  test('a food that comes later is missing until the day is laid out again', () => {
    const kept = edited(plan, { name: 'set-day', tasks: keptDay(plan, schedule) });
    const more = {
      ...kept,
      placements: [...kept.placements, lies('persimmon', 200, { surfaceId: 'oak' as never })],
    };
    expect(keptDayOf(more).missing.map(({ id }) => id)).toContain('cut-persimmon-slices');
  });
});

describe('a day under way', () => {
  const underWay = () => edited(plan, { name: 'set-day', tasks: keptDay(plan, schedule) });

  test('with nothing late the rest stays as it is', () => {
    const kept = underWay();
    const first = Math.min(...kept.day.tasks.map(({ startMin }) => startMin));
    const rest = searched(restOf(kept, { now: first }), 1, 20);
    expect(rest.day.cost.moved).toBe(0);
    expect(rest.day.placed.map(({ task, start, hand }) => [task, start, hand])).toEqual(
      schedule.day.placed.map(({ task, start, hand }) => [task, start, hand]),
    );
  });

  test('what is late begins now or after, what is done is not done again, and little else moves', () => {
    const kept = underWay();
    const order = [...kept.day.tasks].sort((a, b) => a.startMin - b.startMin);
    // one that wants no oven: two that do cannot both be late
    const wants = new Set(schedule.tasks.filter(({ uses }) => uses.length > 0).map(({ id }) => id));
    const k = order.findIndex(({ task, startMin }, i) => i >= 5 && startMin > -1000 && !wants.has(task));
    const now = order[k + 1]!.startMin + 3;
    const over = new Map(schedule.day.placed.map(({ task, handsEnd }) => [task, handsEnd]));
    const ticked = order
      .slice(0, k)
      .reduce((plan, { task }) => edited(plan, { name: 'work-done', task, doneMin: over.get(task)! }), kept);
    const rest = searched(restOf(ticked, { now }), 1, 400);
    const done = new Set(order.slice(0, k).map(({ task }) => task));
    const running = order
      .filter(({ startMin, task }) => startMin < now && !done.has(task))
      .map(({ task }) => task);
    for (const { task, handsEnd } of rest.day.placed.filter(({ start }) => start < now)) {
      expect(done.has(task) || running.includes(task)).toBe(true);
      if (done.has(task)) expect(handsEnd).toBeLessThanOrEqual(now);
    }
    expect(rest.day.left).toEqual([]);
    const was = new Map(kept.day.tasks.map((work) => [work.task, work.startMin]));
    const moved = rest.day.placed.filter(({ task, start }) => was.get(task) !== start);
    expect(moved.length).toBeLessThan(rest.day.placed.length / 2);
  });

  test('who has left does nothing more, and what failed is not used', () => {
    const kept = underWay();
    const gone = searched(restOf(kept, { now: -170, gone: ['piet'] }), 1, 60);
    expect(gone.day.placed.some(({ hand }) => hand === 'piet')).toBe(false);
    const first = Math.min(...kept.day.tasks.map(({ startMin }) => startMin));
    const cold = searched(restOf(kept, { now: first, failed: ['oven'] }), 1, 10);
    const ovens = cold.tasks
      .filter(({ uses }) => uses.some(({ equipment }) => equipment === 'oven'))
      .map(({ id }) => id);
    expect(ovens.length).toBeGreaterThan(0);
    expect(cold.day.left).toEqual(expect.arrayContaining(ovens));
  });

  test('what is done has soiled the board: free-from work after it has it washed', () => {
    const kept = underWay();
    const day = keptDayOf(kept);
    const soiling = day.kept.find(
      ({ task }) => task.leaves !== 0 && day.kept.some((other) => (other.task.keeps & task.leaves) !== 0),
    )!;
    const now = soiling.placed.handsEnd + 1;
    const ticked = edited(kept, { name: 'work-done', task: soiling.task.id, doneMin: now });
    const rest = restOf(ticked, { now });
    expect(rest.stays!.get(soiling.task.id)).toMatchObject({ fixed: true, hand: soiling.placed.hand });
    const found = searched(rest, 1, 10);
    expect(found.faults.filter(({ kind }) => kind === 'meets')).toEqual([]);
  });
});

describe('a day that is near', () => {
  test('has nothing begin before now, and a label that is still to be read is nobody’s promise yet', () => {
    const late = scheduleOf(plan, { rounds: 20, now: -300 });
    expect(late.day.placed.every(({ start }) => start >= -300)).toBe(true);
    const nut = group('nut', 1, ['tree-nut-free']);
    const { works } = makeContext(
      planWith({
        party: [group('all', 3), nut],
        placements: [lies('almonds', 100), lies('brie', 200), lies('dark-chocolate', 90)],
      }),
    );
    const by = new Map(works.map((work) => [work.component.id as string, work]));
    expect(by.get('almonds')!.leaves).not.toBe(0);
    expect(by.get('almonds')!.keeps & by.get('almonds')!.leaves).toBe(0);
    // it may hold nuts, as its label says or does not: it is not promised
    expect(by.get('dark-chocolate')!.keeps & by.get('almonds')!.leaves).toBe(0);
    expect(by.get('brie')!.keeps & by.get('almonds')!.leaves).not.toBe(0);
  });
});

describe('hands', () => {
  const hand = { id: 'a', name: 'A', from: '09:00', till: '21:00', daysBefore: 1, sharp: true, fine: true };
  test('that have never folded a rose get none; who can does it', () => {
    const rose = planWith({
      party: [group('all', 8)],
      placements: [lies('salami', 150, { form: 'rose' }), lies('cucumber', 200)],
      day: {
        ...planWith({}).day,
        hands: [
          { ...hand, fine: false },
          { ...hand, id: 'b', name: 'B' },
        ],
      },
    });
    const { day, faults, tasks } = scheduleOf(rose, { rounds: 20 });
    const folds = tasks.filter(({ kind }) => kind === 'fold').map(({ id }) => id);
    expect(folds).toHaveLength(1);
    expect([day.left, faults]).toEqual([[], []]);
    expect(day.placed.find(({ task }) => task === folds[0])!.hand).toBe('b');
    const nobody = { ...rose, day: { ...rose.day, hands: [{ ...hand, fine: false }] } };
    expect(scheduleOf(nobody, { rounds: 20 }).day.left).toEqual(folds);
  });

  test('share the shelves of the fridge: what stands in the cold one after the other needs one', () => {
    const cold = planWith({
      party: [group('all', 8)],
      placements: [lies('herb-tofu', 150), lies('tofu-feta', 150)],
    });
    const shelves = (fridge: number) =>
      scheduleOf({ ...cold, day: { ...cold.day, kitchen: { ...cold.day.kitchen, fridge } } }, { rounds: 20 });
    expect(shelves(2).day.left).toEqual([]);
    const one = shelves(1);
    expect(one.faults.filter(({ kind }) => kind === 'equipment')).toEqual([]);
    const spans = one.day.placed
      .filter(({ task }) => task.startsWith('make-'))
      .map(({ handsEnd, end }) => ({ from: handsEnd, till: end }));
    expect(spans).toHaveLength(2);
    const [first, second] = spans.sort((a, b) => a.from - b.from);
    expect(first!.till).toBeLessThanOrEqual(second!.from);
    expect(shelves(0).day.left).toHaveLength(2);
  });

  test('work on the day until it opens, on days before by the clock', () => {
    expect(shiftsOf(hand, '2027-05-15T22:00')).toEqual([
      { from: -2220, till: -1500 },
      { from: -780, till: 0 },
    ]);
    // a breakfast begins early
    expect(shiftsOf({ ...hand, daysBefore: 0 }, '2027-05-15T10:00')).toEqual([{ from: -240, till: 0 }]);
  });

  test('where one pair is too few, more of them are offered and tried', () => {
    const alone = {
      ...plan,
      day: { ...plan.day, hands: [{ ...plan.day.hands[0]!, daysBefore: 0, from: '20:00' }] },
    };
    const short = scheduleOf(alone, { rounds: 20 });
    expect(short.day.left.length).toBeGreaterThan(0);
    const ways = waysOf(alone, short);
    expect(ways.some(({ changes }) => changes.some(({ kind }) => kind === 'hands'))).toBe(true);
    for (const way of ways) {
      expect(way.left).toBeLessThan(short.day.left.length);
      const done = way.commands.reduce(edited, alone);
      expect(scheduleOf(done, { rounds: 60 }).day.left.length).toBe(way.left);
    }
    // two together are offered only where they leave less than each of them
    const alones = ways.filter(({ changes }) => changes.length === 1);
    const both = ways.filter(({ changes }) => changes.length === 2);
    const least = Math.min(...alones.map(({ left }) => left));
    if (least === 0) expect(both).toEqual([]);
    for (const way of both)
      for (const { kind } of way.changes)
        expect(way.left).toBeLessThan(alones.find(({ changes }) => changes[0]!.kind === kind)!.left);
    expect(waysOf(plan, schedule)).toEqual([]);
  });

  test('bought instead of made is offered where it is no worse for anybody', () => {
    const made = planWith({ party: [group('all', 6)], placements: [lies('hummus-home', 300)] });
    const bought = boughtInstead(made, id('hummus-home'))!;
    expect([bought.id, bought.made]).toEqual(['hummus-bought', 'compound']);
    const after = edited(made, buyInstead(made, [[id('hummus-home'), bought]]));
    expect(after.placements).toMatchObject([{ componentId: 'hummus-bought', form: 'bowl' }]);
    expect(tasksOf(after).some(({ kind }) => kind === 'make')).toBe(false);
    // the one without sesame is made for somebody: what has sesame, or may have it, does not stand in for it
    const sesame = planWith({
      party: [group('no-sesame', 2, ['sesame-free'])],
      placements: [lies('hummus-no-sesame', 300)],
    });
    expect(boughtInstead(sesame, id('hummus-no-sesame'))).toBe(undefined);
  });

  test('the day of a plan without hands of its own is yours and that of its helpers', () => {
    const one = planWith({ work: { minutes: null, helpers: 2 }, placements: [lies('brie', 250)] });
    expect(daysOf(one).hands.map(({ id }) => id)).toEqual(['you', 'helper-1', 'helper-2']);
  });
});
