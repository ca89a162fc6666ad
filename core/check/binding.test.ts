import { describe, expect, test } from '@jest/globals';
import { applyCommand, isOnlyFor, type Plan } from '../plan/index.js';
import { group, lies, planWith } from '../testing/plans.js';
import { checkPlan } from './index.js';

const GF = group('gf', 2, ['gluten-free']);
const party = [group('all', 24), GF];
const told = (plan: Plan) => checkPlan(plan).findings.find(({ code }) => code === 'binds-others');
const pressed = (plan: Plan): Plan => {
  const done = applyCommand(plan, told(plan)!.remedies[0]!.command);
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.plan;
};

describe('a table set by hand, with a few whose needs bind the others', () => {
  test('is told, and one press gives them a tray that keeps their promise', () => {
    const plan = planWith({ party });
    expect(told(plan)).toMatchObject({ severity: 'caution', args: { group: 'gf', what: 'bread' } });
    const then = pressed(plan);
    expect(told(then)).toBeUndefined();
    expect(then.surfaces).toMatchObject([{ serves: ['all'] }, { serves: ['gf'], freeFrom: ['gluten'] }]);
  });

  test('with food on it, what they may eat moves to their plate with them', () => {
    const foods = [
      lies('baguette-toasts', 400),
      lies('corn-crackers', 200),
      lies('aged-gouda', 500),
      lies('dry-cured-ham', 400),
      lies('red-grapes', 900),
      lies('cherry-tomatoes', 500),
      lies('walnuts', 200),
    ];
    const then = pressed(planWith({ party, placements: foods }));
    const own = then.surfaces.find((surface) => isOnlyFor(surface, GF.id))!;
    const there = then.placements.filter(({ surfaceId }) => surfaceId === own.id);
    expect(there.map(({ componentId }) => componentId)).toEqual(
      expect.arrayContaining(['corn-crackers', 'aged-gouda']),
    );
    expect(there.map(({ componentId }) => componentId)).not.toContain('baguette-toasts');
    expect(told(then)).toBeUndefined();
  });

  test('is not told where they have a plate, where they are many, or where all is to fit everybody', () => {
    const plan = planWith({ party });
    const [board] = plan.surfaces;
    const plate = { ...board!, id: 'plate' as never, serves: [GF.id] };
    expect(told({ ...plan, surfaces: [board!, plate] })).toBeUndefined();
    expect(told(planWith({ party: [group('all', 24), { ...GF, count: 12 }] }))).toBeUndefined();
    expect(told({ ...plan, policy: 'everything-fits' })).toBeUndefined();
  });
});

describe('a surface that is said to be out of small hands', () => {
  const small = group('small', 2, [], { band: 'child', ages: [3, 3] });
  const at = (
    smallHands: boolean,
    serves: string[] | null,
    foods = [lies('walnuts', 200), lies('almonds', 100)],
  ) => {
    const base = planWith({ party: [group('all', 12), small], placements: foods });
    const [board] = base.surfaces;
    const plate = { ...board!, id: 'plate' as never, name: 'Plate', serves: [small.id], smallHands: true };
    const plan = { ...base, surfaces: [{ ...board!, smallHands, serves: serves as never }, plate] };
    return checkPlan(plan).findings.filter(({ code }) => code === 'out-of-small-hands');
  };

  test('is told while it holds what would choke them', () => {
    const [slip, ...more] = at(false, ['all']);
    expect(more).toEqual([]);
    expect(slip).toMatchObject({
      severity: 'caution',
      concerns: ['small'],
      components: ['walnuts', 'almonds'],
    });
  });

  test('and not where it holds nothing of the kind, or where small hands reach it: that stops service', () => {
    expect(at(false, ['all'], [lies('raspberries', 200)])).toEqual([]);
    expect(at(true, ['all'])).toEqual([]);
    expect(at(false, null)).toEqual([]);
  });
});
