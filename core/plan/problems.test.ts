import { describe, expect, test } from '@jest/globals';
import type { NeedChoice } from '../party/index.js';
import { board, group, lies, planWith } from '../testing/plans.js';
import { inEnglish, refusalOf } from '../words/index.js';
import { needProblem as problemOf, planSchema, type Plan } from './index.js';

const need = (id: string, settings: Record<string, string> = {}): NeedChoice => ({ id, settings });

const needProblem = (choice: NeedChoice): string | undefined => {
  const problem = problemOf(choice);
  return problem && inEnglish(problem);
};

/** Every problem of a plan, as "path: reason". */
function problems(patch: Partial<Plan>): string[] {
  const plan = planWith({ party: [group('all', 4)], placements: [lies('brie', 250)] });
  const read = planSchema.safeParse({ ...plan, ...patch });
  return read.success
    ? []
    : read.error.issues.map((issue) => `${issue.path.join('.')}: ${inEnglish(refusalOf(issue))}`);
}

describe('a plan whose parts do not fit each other', () => {
  test('a plan that fits has no problem', () => expect(problems({})).toEqual([]));

  test('a guest group or a surface that stands there twice is named at its second place', () => {
    expect(problems({ party: [group('all', 4), group('all', 2)] })).toEqual([
      'party.1.id: “all” stands there twice',
    ]);
    expect(problems({ surfaces: [board(), board({ name: 'Another' })] })).toEqual([
      `surfaces.1.id: “${board().id}” stands there twice`,
    ]);
  });

  test('what lies or is laid on no surface is named', () => {
    const lost = [{ ...lies('brie', 250), surfaceId: 'attic' as Plan['surfaces'][number]['id'] }];
    expect(problems({ placements: lost })).toEqual(['placements.0.surfaceId: there is no surface “attic”']);
    const layout = [{ surfaceId: 'attic' as Plan['surfaces'][number]['id'], elements: [] }];
    expect(problems({ layout })).toEqual(['layout.0.surfaceId: there is no surface “attic”']);
  });

  test('a surface that serves nobody who comes, or keeps a part for them, is named', () => {
    const ghost = ['ghost' as Plan['party'][number]['id']];
    expect(problems({ surfaces: [board({ serves: ghost })] })).toEqual([
      'surfaces.0.serves.0: there is no group “ghost”',
    ]);
    expect(problems({ surfaces: [board({ zoneFor: ghost })] })).toEqual([
      'surfaces.0.zoneFor.0: there is no group “ghost”',
    ]);
  });

  test('several problems are all told, each at its place', () => {
    const found = problems({
      party: [group('all', 4, ['moon']), group('all', 1)],
      placements: [{ ...lies('brie', 250), surfaceId: 'attic' as never }],
    });
    expect(found.map((p) => p.split(':')[0])).toEqual([
      'party.1.id',
      'placements.0.surfaceId',
      'party.0.needs.0',
    ]);
  });
});

describe('a need and its settings', () => {
  test('a need that there is, with the settings that it has, is no problem', () => {
    expect(needProblem(need('vegan'))).toBeUndefined();
    expect(needProblem(need('vegetarian', { rennet: 'lenient' }))).toBeUndefined();
  });

  test('an unknown need, setting or value is refused with what there is', () => {
    expect(needProblem(need('hallal'))).toBe('there is no need “hallal”');
    expect(needProblem(need('halal', { renet: 'strict' }))).toMatch(
      /^halal has no setting “renet”: it has .*rennet/,
    );
    expect(needProblem(need('halal', { rennet: 'maybe' }))).toMatch(
      /^“maybe” is no value of halal rennet: use /,
    );
  });

  test('a number is taken between its bounds, and nothing else that looks like one', () => {
    const grams = (text: string) => needProblem(need('keto', { limit: text }));
    for (const good of ['1', '20', '12.5', '100']) expect([good, grams(good)]).toEqual([good, undefined]);
    for (const bad of ['0', '101', '-5', '1e2', '', ' 20', 'many'])
      expect([bad, grams(bad)]).toEqual([bad, expect.stringMatching(/1 to 100 g/)]);
  });

  test('a list is taken when each of its words is known', () => {
    const nuts = (text: string) => needProblem(need('tree-nut-free', { species: text }));
    expect(nuts('walnut, hazelnut')).toBeUndefined();
    expect(nuts('walnut, acorn')).toMatch(/^“acorn” is no value of tree-nut-free species/);
  });

  test('a rule of one’s own stands under its own name only', () => {
    const own = { id: 'own-x', name: 'No pips', forbids: [], asks: [] } as unknown as NonNullable<
      NeedChoice['own']
    >;
    expect(needProblem({ id: 'own-y', settings: {}, own })).toBe('the own need “own-x” stands under “own-y”');
  });
});
