import { describe, expect, test } from '@jest/globals';
import { type Plan } from '../plan/index.js';
import { group, lies, planWith } from '../testing/plans.js';
import { laidDemo } from '../test-support/demo.js';
import { layPlan } from '../lay/index.js';
import { taskSaid } from './said.js';
import { buildStep } from './steps.js';
import { surfacesOf } from './task.js';
import { tasksOf } from './tasks/index.js';
import { inEnglish } from '../words/index.js';

const demo = laidDemo();

describe('a table laid from the sheet alone', () => {
  const tasks = tasksOf(demo);

  test('each task of laying shows its foods, and what lies there by then; all tasks together lay everything once', () => {
    for (const surface of demo.surfaces) {
      const builds = tasks.filter((task) => task.kind === 'build' && task.surfaceId === surface.id);
      // little plates that are alike are laid with the first of them
      if (builds.length === 0) continue;
      const laid = builds.flatMap((task) => buildStep(demo, tasks, task)?.now ?? []);
      const elements = demo.layout.find(({ surfaceId }) => surfaceId === surface.id)!.elements;
      expect(laid.flatMap(({ elements }) => elements.map(({ id }) => id)).sort()).toEqual(
        elements.map(({ id }) => id).sort(),
      );
      const last = buildStep(demo, tasks, builds.at(-1)!)!;
      expect(last.before.length + last.now.length).toBe(laid.length);
    }
  });

  test('little boxes that are alike are laid in one go, food by food, and every surface is in some task', () => {
    const [board] = planWith({}).surfaces;
    const outline = { kind: 'rectangle' as const, lengthMm: 160, widthMm: 120, cornerMm: 8 };
    const boxes = [1, 2, 3].map((n) => ({ ...board!, id: `box-${n}` as never, name: `Box ${n}`, outline }));
    const plan = planWith({
      party: [group('all', 6)],
      surfaces: [board!, ...boxes],
      placements: [board!, ...boxes].map(({ id }) => lies('brie', 60, { surfaceId: id })),
    });
    const builds = tasksOf(plan).filter(({ kind }) => kind === 'build');
    expect(builds.map((task) => surfacesOf(task))).toEqual([['board'], ['box-1', 'box-2', 'box-3']]);
    expect(inEnglish(taskSaid(plan, builds[1]!))).toContain('Box 1 and 2 like it');
    const said = tasks.filter(({ kind }) => kind === 'build').flatMap((task) => surfacesOf(task));
    expect(new Set(said)).toEqual(new Set(demo.surfaces.map(({ id }) => id)));
  });

  test('what stands in a bowl and lies loose too is shown in each stage as it lies there', () => {
    const plan = layPlan(
      planWith({
        party: [group('all', 8)],
        placements: [
          lies('almonds', 80, { contained: true }),
          lies('young-gouda', 120, { form: 'cubes', contained: true }),
          lies('young-gouda', 150, { form: 'slices', contained: false }),
          lies('brie', 250),
        ],
      }),
      1,
    ).plan;
    const tasks = tasksOf(plan);
    const shown = tasks
      .filter(({ kind }) => kind === 'build')
      .flatMap((task) => buildStep(plan, tasks, task)?.now ?? []);
    const ids = shown.flatMap(({ elements }) => elements.map(({ id }) => id));
    expect([...ids].sort()).toEqual(plan.layout[0]!.elements.map(({ id }) => id).sort());
  });

  test('other work has no picture, nor has a board that is not laid', () => {
    const build = tasks.find(({ kind }) => kind === 'build')!;
    expect(buildStep({ ...demo, layout: [] }, tasks, build)).toBe(undefined);
    expect(
      buildStep(
        demo,
        tasks,
        tasks.find(({ kind }) => kind === 'wash')!,
      ),
    ).toBe(undefined);
  });
});

describe('what is carried out', () => {
  const [board] = planWith({}).surfaces;
  const carries = (plan: Plan) => tasksOf(plan).filter(({ kind }) => kind === 'carry');
  const at = (id: string, massG: number) => lies('brie', massG, { surfaceId: id as never });

  test('goes board by board after it is laid; a heavy one takes two; what is built in place, or comes by car, none', () => {
    const heavy = { ...board!, weightG: 7000 };
    const light = { ...board!, id: 'second' as never, weightG: 900 };
    const plan = planWith({
      party: [group('all', 8)],
      surfaces: [heavy, light],
      placements: [at('board', 400), at('second', 400)],
    });
    expect(carries(plan).map(({ id, handsMin }) => [id, handsMin])).toEqual([
      ['carry-board', 2],
      ['carry-second', 1],
    ]);
    expect(taskSaid(plan, carries(plan)[0]!).say).toBe('task.carry-two');
    for (const { after } of carries(plan))
      expect(after.every(({ id }) => id.startsWith('build-'))).toBe(true);
    expect(carries({ ...plan, occasion: { ...plan.occasion, carMin: 20 } })).toEqual([]);
    expect(carries({ ...plan, surfaces: [{ ...heavy, inPlace: true }, light] })).toHaveLength(1);
  });

  test('goes on trays where it is little', () => {
    const boxes = Array.from({ length: 9 }, (_, i) => ({
      ...board!,
      id: `box-${i}` as never,
      outline: { kind: 'rectangle' as const, lengthMm: 160, widthMm: 120, cornerMm: 8 },
      weightG: 60,
    }));
    const plan = planWith({
      party: [group('all', 9)],
      surfaces: boxes,
      placements: boxes.map(({ id }) => at(id, 60)),
    });
    expect(carries(plan)).toMatchObject([{ id: 'carry-trays', pieces: 9, handsMin: 3 }]);
  });
});
