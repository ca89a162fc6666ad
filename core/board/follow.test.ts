import { expect, test } from '@jest/globals';
import { applyCommand, moduleKey, type Command, type Plan } from '../plan/index.js';
import { group, lies, planWith } from '../testing/plans.js';
import { advisedOutline } from '../portion/index.js';
import { advisedTable, fittedTo, roomOn, servingAreas, withSize } from './index.js';
import { inEnglish } from '../words/index.js';

const base = planWith({ party: [] });
const come = (n: number): Command => ({ name: 'set-party', party: [group('all', n)] });
const after = (plan: Plan, command: Command): Plan => {
  const done = applyCommand(plan, withSize(plan, command));
  if (!done.ok) throw new Error(inEnglish(done.problems[0]!.reason));
  return done.plan;
};
const size = (plan: Plan) => plan.surfaces[0]!.outline;

test('a new surface takes the size of the party, and keeps to it as the party grows, in one step of undo', () => {
  const twelve = after(base, come(12));
  expect(size(twelve)).toEqual(advisedOutline(twelve, twelve.surfaces[0]!));
  const twenty = after(twelve, come(20));
  expect(size(twenty)).not.toEqual(size(twelve));
  expect(withSize(twelve, come(20))).toMatchObject({ name: 'together', label: 'change the party' });
});

test('a long party gets a table in parts that are alike, and one board again when fewer come', () => {
  const twelve = after(base, come(12));
  const many = after(twelve, come(70));
  expect(many.surfaces).toHaveLength(4);
  expect(many.surfaces.map(({ name }) => name)).toEqual(['Board 1', 'Board 2', 'Board 3', 'Board 4']);
  expect(new Set(many.surfaces.map(moduleKey)).size).toBe(1);
  expect(servingAreas(many)).toMatchObject([{ copies: 4 }]);
  expect(many.surfaces).toEqual(advisedTable(many, many.surfaces[0]!));
  expect(after(many, come(12)).surfaces).toEqual(twelve.surfaces);
  // what nobody said of bowls and tools follows too; what somebody said stays
  expect(many.bowls).toContainEqual({ diameterMm: 100, count: 8 });
  expect(many.tools).toEqual({ knives: 12, spoons: 8, tongs: 4 });
  expect(after(many, come(12))).toMatchObject({ bowls: base.bowls, tools: base.tools });
  const mine = [{ diameterMm: 120, count: 3 }];
  expect(after({ ...twelve, bowls: mine }, come(70)).bowls).toEqual(mine);
  // more than a plan holds surfaces is not asked for
  expect(after(many, come(500)).surfaces).toHaveLength(20);
});

test('one of the parts changed by hand makes them the stylist’s own', () => {
  const many = after(after(base, come(12)), come(70));
  const byHand = after(many, { name: 'set-surface', surface: { ...many.surfaces[1]!, freeFrom: ['pork'] } });
  expect(after(byHand, come(12)).surfaces).toEqual(byHand.surfaces);
});

test('a size given by hand stays, and so does one that food lies on', () => {
  const [surface] = base.surfaces;
  const byHand = after(base, {
    name: 'set-surface',
    surface: { ...surface!, outline: { kind: 'round', diameterMm: 330 } },
  });
  expect(size(after(byHand, come(12)))).toEqual({ kind: 'round', diameterMm: 330 });
  const twelve = after(base, come(12));
  const laid = { ...twelve, placements: [lies('brie', 200)] };
  expect(size(after(laid, come(30)))).toEqual(size(twelve));
  // the size of a fresh plan, chosen again by hand, is a choice too
  const again = after(twelve, { name: 'set-surface', surface: { ...surface! } });
  expect(size(after(again, come(30)))).toEqual(size(base));
});

test('two surfaces are the stylist’s own affair, and a refused edit comes back as it was', () => {
  const two = { ...base, surfaces: [base.surfaces[0]!, { ...base.surfaces[0]!, id: 'b' as never }] };
  expect(withSize(two, come(12))).toEqual(come(12));
  const wrong = { name: 'set-party', party: 'nobody' } as unknown as Command;
  expect(withSize(base, wrong)).toBe(wrong);
});

/** A plan with this on it, in the size that it asks for. */
const proposed = (plan: Plan, placements: Plan['placements']): Plan =>
  after(plan, {
    name: 'together',
    label: 'compose the board',
    commands: [{ name: 'set-board', placements }, ...fittedTo(plan, placements)],
  });

test('a proposal that does not fit, or looks mean, brings its size, and the next one another', () => {
  const twelve = after(base, come(12));
  const asked = twelve.surfaces[0]!;
  const much = proposed(twelve, [lies('brie', 3500), lies('almonds', 3000)]);
  expect(roomOn({ ...much, surfaces: [asked] }, asked).is).toBe('small');
  expect(roomOn(much, much.surfaces[0]!).is).toBe('fitting');
  const little = proposed(much, [lies('brie', 900)]);
  expect(roomOn(little, asked).is).toBe('large');
  expect(roomOn(little, little.surfaces[0]!).is).toBe('fitting');
  // what fits changes nothing
  expect(fittedTo(little, little.placements)).toEqual([]);
});

test('a table set by hand keeps its size whatever is proposed for it', () => {
  const twelve = after(base, come(12));
  const [surface] = twelve.surfaces;
  const byHand = after(twelve, {
    name: 'set-surface',
    surface: { ...surface!, outline: { kind: 'round', diameterMm: 330 } },
  });
  expect(fittedTo(byHand, [lies('brie', 2500)])).toEqual([]);
  expect(fittedTo(base, [lies('brie', 2500)])).toEqual([]);
});

test('the parts of a table stay alike when a proposal brings their size', () => {
  const many = after(base, come(70));
  const food = many.surfaces.map(({ id }, i) => ({ ...lies('brie', i === 0 ? 3000 : 2900), surfaceId: id }));
  const then = proposed(many, food);
  expect(new Set(then.surfaces.map(moduleKey)).size).toBe(1);
  expect(size(then)).not.toEqual(size(many));
  for (const surface of then.surfaces) expect(roomOn(then, surface).is).toBe('fitting');
});
