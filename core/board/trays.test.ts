import { describe, expect, test } from '@jest/globals';
import { applyCommand, emptyPlan, type Command, type Plan } from '../plan/index.js';
import type { Group } from '../party/index.js';
import { group } from '../testing/plans.js';
import {
  advisedSetting,
  bindsOthers,
  servingAreas,
  smallChildrenWithin,
  trayFor,
  withSize,
} from './index.js';

const all = (n: number): Group => group('all', n);
const children = (...ages: number[]): Group => group('children', ages.length, [], { band: 'child', ages });
const GF = group('gf', 2, ['gluten-free']);
const MILK = group('milk', 1, ['dairy-free']);
const KOSHER = group('kosher', 2, ['kosher-style']);

const NEW = emptyPlan('new', '2027-06-12T18:00');
const withParty = (party: Group[], occasion: Partial<Plan['occasion']> = {}): Plan => ({
  ...NEW,
  occasion: { ...NEW.occasion, ...occasion },
  party,
});
const after = (plan: Plan, command: Command): Plan => {
  const done = applyCommand(plan, withSize(plan, command));
  if (!done.ok) throw new Error(JSON.stringify(done.problems));
  return done.plan;
};
const come = (...party: Group[]): Plan => after(NEW, { name: 'set-party', party });

describe('whose needs bind the others', () => {
  test.each<[string, Group, Group[], ReturnType<typeof bindsOthers>]>([
    ['bread for many', GF, [all(22)], 'bread'],
    ['bread for few stands in a bowl', GF, [all(12)], undefined],
    ['two of five are not few', GF, [all(3)], undefined],
    ['cheese for eight', MILK, [all(8)], 'cheese'],
    ['cheese that nobody else eats', MILK, [group('vegan', 12, ['vegan'])], undefined],
    ['meat beside cheese', KOSHER, [all(10)], 'courses'],
    ['all of them keep meat and milk apart', KOSHER, [group('more', 10, ['kosher-style'])], undefined],
    ['small pieces', children(2, 3), [all(10)], 'pieces'],
    ['children who chew', children(7, 8), [all(10)], undefined],
    ['vegans', group('vegan', 3, ['vegan']), [all(30)], undefined],
    ['no nuts', group('nuts', 1, ['tree-nut-free']), [all(30)], undefined],
    ['halal', group('halal', 3, ['halal']), [all(30)], undefined],
  ])('%s', (_, few, others, what) => {
    expect(bindsOthers(withParty([few, ...others]), few, others)).toBe(what);
  });

  test('a party of children is cut for children', () => {
    const [small, parents] = [children(2, 3), all(10)];
    expect(bindsOthers(withParty([small, parents], { kind: 'children' }), small, [parents])).toBeUndefined();
  });

  test('a sweet course has neither bread nor cheese to bind', () => {
    for (const few of [GF, MILK, KOSHER])
      expect(bindsOthers(withParty([few, all(30)], { role: 'sweet' }), few, [all(30)])).toBeUndefined();
  });

  test('where a contact is not minded nothing is bound', () => {
    const relaxed = { ...GF, needs: [{ id: 'gluten-free', settings: { contact: 'none' } }] };
    expect(bindsOthers(withParty([relaxed, all(40)]), relaxed, [all(40)])).toBeUndefined();
  });
});

describe('the setting of a new plan', () => {
  test('the few eat from a tray that keeps their promise, and all others from the table', () => {
    const plan = come(all(22), group('vegan', 4, ['vegan']), GF);
    const [tray] = plan.surfaces.filter(({ name }) => name.startsWith('Tray'));
    expect(tray).toMatchObject({ name: 'Tray for gf', serves: ['gf'], freeFrom: ['gluten'] });
    const tables = plan.surfaces.filter((surface) => surface !== tray);
    expect(tables.length).toBeGreaterThan(0);
    expect(tables.every(({ serves }) => serves?.join(' ') === 'all vegan')).toBe(true);
    expect(servingAreas(plan)).toHaveLength(2);
  });

  test('small children’s plate frees the table of what chokes', () => {
    const plan = come(all(12), children(2, 3));
    const [board, plate] = plan.surfaces;
    expect(smallChildrenWithin(plan, board!)).toEqual([]);
    expect(smallChildrenWithin(plan, plate!)).toEqual([plan.party[1]]);
  });

  test('follows who comes and who stays away, as one step', () => {
    const plan = come(all(22), GF);
    const without = after(plan, { name: 'remove-group', groupId: GF.id });
    expect(without.surfaces).toEqual(come(all(22)).surfaces);
    expect(after(without, { name: 'set-party', party: [all(22), GF] }).surfaces).toEqual(plan.surfaces);
    // fewer come: bread stands in a bowl, and nobody sits apart
    expect(after(plan, { name: 'set-party', party: [all(10), GF] }).surfaces).toMatchObject([
      { serves: null },
    ]);
  });

  test('a tray that was taken away by hand does not come back, and its guests come to the table', () => {
    const plan = come(all(22), GF);
    const tray = plan.surfaces.at(-1)!;
    const alone = after(plan, { name: 'remove-surface', surfaceId: tray.id });
    expect(alone.surfaces.every(({ serves }) => serves === null)).toBe(true);
    const more = after(alone, { name: 'set-party', party: [all(24), GF] });
    expect(more.surfaces.some(({ name }) => name.startsWith('Tray'))).toBe(false);
  });

  test('who asks the same of a tray shares it, who asks other things has one more', () => {
    const plan = withParty([all(40), GF, { ...GF, id: 'more' as Group['id'], name: 'more' }, MILK]);
    const trays = advisedSetting(plan, plan.surfaces[0]!).filter(({ name }) => name.startsWith('Tray'));
    expect(trays.map(({ serves, freeFrom }) => [serves, freeFrom])).toEqual([
      [['gf', 'more'], ['gluten']],
      [['milk'], ['milk']],
    ]);
    expect(new Set(trays.map(({ id }) => id)).size).toBe(2);
  });

  test('a tray is as large as what is eaten from it', () => {
    const plan = withParty([all(60), GF]);
    const five = { ...GF, count: 5 };
    const across = (groups: Group[]) => {
      const { outline } = trayFor({ ...plan, party: [all(60), ...groups] }, groups);
      return outline.kind === 'round' ? outline.diameterMm : 0;
    };
    expect(across([five])).toBeGreaterThan(across([GF]) * 1.3);
  });
});

test('a plate says for whom it is, where small children have needs of their own', () => {
  const egg = group('egg', 1, ['egg-free'], { band: 'child', ages: [3], name: 'Children of 3, egg allergy' });
  const plan = withParty([all(12), children(3, 3), egg]);
  expect(trayFor(plan, [children(3, 3)]).name).toBe('Small children’s plate');
  expect(trayFor(plan, [egg]).name).toBe('Plate for Children of 3, egg allergy');
  const many = group('many', 1, ['egg-free'], {
    name: 'Egg allergy, tree-nut allergy, peanut allergy, sesame …',
  });
  const { name } = trayFor(plan, [many]);
  expect(name.length).toBeLessThanOrEqual(60);
  expect(name).toMatch(/^Tray for Egg allergy, tree-nut allergy, peanut allergy( …|, sesame …)$/);
});
