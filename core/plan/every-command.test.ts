import { describe, expect, test } from '@jest/globals';
import { ownComponent } from '../catalogue/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import {
  applyCommand,
  canonicalText,
  COMMAND_NAMES,
  planSchema,
  play,
  type Command,
  type LaidElement,
  type Plan,
  type Surface,
} from './index.js';

const vegans = group('vegans', 2, ['vegan']);
const board = planWith({}).surfaces[0]!;
const tray = { ...board, id: 'tray', name: 'Tray' } as Surface;
const when = '2027-05-01T10:00';

const element: LaidElement = {
  id: 'brie-1',
  componentId: id('brie'),
  form: 'wheel',
  contained: false,
  x: 10,
  y: 0,
  angle: 0,
  layer: 4,
  pinned: false,
  outline: [
    [0, 0],
    [20, 0],
    [20, 20],
  ],
  pieces: [[0, 0, 0]],
  bowlMm: null,
};

const answer = {
  componentId: id('brie'),
  fact: 'rennet' as const,
  value: 'microbial',
  who: 'Jory',
  when,
  seen: 'label',
};
const overruling = { componentId: id('brie'), groupId: vegans.id, who: 'Jory', why: 'asked', when };
const settled = { key: 'season', how: 'left', when };

/** A plan with something of everything, so that each command has something to change. */
const start: Plan = planWith({
  party: [group('all', 4), vegans],
  surfaces: [board, tray],
  placements: [lies('brie', 250), lies('green-grapes', 300)],
  layout: [{ surfaceId: board.id, elements: [element] }],
  answers: [answer],
  overrulings: [overruling],
  settled: [settled],
});

const surfaceId = board.id;
const componentId = id('green-grapes');

/** One example of each command, and what it must have changed. */
const EXAMPLES: Record<string, [Command, (p: Plan) => unknown, unknown]> = {
  'set-theme': [
    {
      name: 'set-theme',
      theme: { name: 'Frost', palette: ['#ffffff'], motifs: ['star'], region: 'alps', mood: 'calm' },
      pinned: [componentId],
      excluded: [id('salami')],
    },
    (p) => [p.occasion.theme.region, p.wishes.pinned, p.wishes.excluded],
    ['alps', ['green-grapes'], ['salami']],
  ],
  'set-star': [{ name: 'set-star', star: componentId }, (p) => p.wishes.star, 'green-grapes'],
  'set-school': [{ name: 'set-school', school: 'combined' }, (p) => p.school, 'combined'],
  'set-own-school': [
    { name: 'set-own-school', ownSchool: { name: 'Mine', rows: { cheese: 80 } } },
    (p) => [p.school, p.ownSchool?.rows],
    ['own', { cheese: 80 }],
  ],
  'set-past-boards': [
    {
      name: 'set-past-boards',
      pastBoards: [{ name: 'May', portions: 10, role: 'drinks', otherDishes: 0, eatenG: { cheese: 500 } }],
    },
    (p) => p.pastBoards.length,
    1,
  ],
  'set-pantry': [
    { name: 'set-pantry', pantry: [{ componentId, massG: 300 }] },
    (p) => p.pantry,
    [{ componentId: 'green-grapes', massG: 300 }],
  ],
  'set-work': [{ name: 'set-work', work: { minutes: 90, helpers: 1 } }, (p) => p.work.minutes, 90],
  'set-zone': [
    { name: 'set-zone', surfaceId: board.id, groups: [vegans.id] },
    (p) => p.surfaces.map((s) => s.zoneFor),
    [[vegans.id], undefined],
  ],
  'in-zone': [
    { name: 'in-zone', surfaceId: board.id, componentId: id('brie'), on: true },
    (p) => p.placements.map((x) => [x.inZone, x.ownTool]),
    [
      [true, true],
      [undefined, undefined],
    ],
  ],
  'set-occasion': [
    { name: 'set-occasion', patch: { otherDishes: 4 } },
    (p) => [p.occasion.otherDishes, p.occasion.name],
    [4, start.occasion.name],
  ],
  'set-party': [{ name: 'set-party', party: [vegans] }, (p) => p.party.map((g) => g.id), ['vegans']],
  'set-group': [
    { name: 'set-group', group: { ...vegans, count: 9 } },
    (p) => p.party.map((g) => g.count),
    [4, 9],
  ],
  'remove-group': [
    { name: 'remove-group', groupId: vegans.id },
    (p) => [p.party.length, p.overrulings],
    [1, []],
  ],
  'set-surface': [
    { name: 'set-surface', surface: { ...tray, name: 'Late tray' } },
    (p) => p.surfaces.map((s) => s.name),
    ['Board', 'Late tray'],
  ],
  'remove-surface': [
    { name: 'remove-surface', surfaceId },
    (p) => [p.surfaces.length, p.placements.length, p.layout.length],
    [1, 0, 0],
  ],
  'set-budget': [{ name: 'set-budget', budgetMinor: 12_000 }, (p) => p.budgetMinor, 12_000],
  'set-currency': [{ name: 'set-currency', currency: 'SEK' }, (p) => p.currency, 'SEK'],
  'set-policy': [{ name: 'set-policy', policy: 'everything-fits' }, (p) => p.policy, 'everything-fits'],
  'set-prep': [
    { name: 'set-prep', prep: { freeFromFirst: true, freshGloves: true } },
    (p) => p.prep.freshGloves,
    true,
  ],
  'own-tool': [
    { name: 'own-tool', componentId, surfaceId, on: true },
    (p) => p.placements.filter((x) => x.ownTool).length,
    1,
  ],
  'remove-component': [
    { name: 'remove-component', componentId },
    (p) => p.placements.map((x) => x.componentId),
    ['brie'],
  ],
  'set-notes': [{ name: 'set-notes', notes: 'ring the bell' }, (p) => p.notes, 'ring the bell'],
  'set-bowls': [
    { name: 'set-bowls', bowls: [{ diameterMm: 90, count: 3 }] },
    (p) => p.bowls,
    [{ diameterMm: 90, count: 3 }],
  ],
  'set-tools': [{ name: 'set-tools', tools: { knives: 1, spoons: 2, tongs: 3 } }, (p) => p.tools.tongs, 3],
  'set-levers': [
    { name: 'set-levers', levers: { bolder: 1, colour: -1, cheaper: 2, lessWork: 0, season: 0 } },
    (p) => p.wishes.levers.cheaper,
    2,
  ],
  'set-seed': [{ name: 'set-seed', seed: 77 }, (p) => p.seed, 77],
  pin: [{ name: 'pin', componentId, on: true }, (p) => p.wishes.pinned, ['green-grapes']],
  exclude: [
    { name: 'exclude', componentId, on: true },
    (p) => [p.wishes.excluded, p.placements.map((x) => x.componentId)],
    [['green-grapes'], ['brie']],
  ],
  place: [
    { name: 'place', componentId: id('feta'), surfaceId: tray.id, placements: [lies('feta', 90)] },
    (p) => p.placements.find((x) => x.componentId === 'feta')?.surfaceId,
    'tray',
  ],
  'leave-out': [{ name: 'leave-out', componentId }, (p) => p.placements.map((x) => x.componentId), ['brie']],
  'set-form': [
    { name: 'set-form', componentId, surfaceId, form: 'quartered', pieces: 200 },
    (p) => p.placements.find((x) => x.componentId === componentId),
    { ...lies('green-grapes', 300), form: 'quartered', pieces: 200 },
  ],
  contain: [
    { name: 'contain', componentId, surfaceId, on: true },
    (p) => p.placements.map((x) => x.contained),
    [false, true],
  ],
  move: [
    { name: 'move', componentId, from: surfaceId, to: tray.id },
    (p) => p.placements.map((x) => x.surfaceId),
    ['board', 'tray'],
  ],
  'set-board': [{ name: 'set-board', placements: [] }, (p) => p.placements, []],
  'add-component': [
    { name: 'add-component', component: ownComponent('Aunt’s chutney', 'spread-dip') },
    (p) => p.ownComponents.map((c) => c.name),
    ['Aunt’s chutney'],
  ],
  'set-layout': [
    { name: 'set-layout', surfaceId: tray.id, elements: [{ ...element, id: 'other' }] },
    (p) => p.layout.map((l) => l.surfaceId),
    ['board', 'tray'],
  ],
  'move-element': [
    { name: 'move-element', surfaceId, elementId: 'brie-1', x: 30, y: 5, angle: 0 },
    (p) => [p.layout[0]!.elements[0]!.x, p.layout[0]!.elements[0]!.outline[0]],
    [30, [20, 5]],
  ],
  'pin-element': [
    { name: 'pin-element', surfaceId, elementId: 'brie-1', on: true },
    (p) => p.layout[0]!.elements[0]!.pinned,
    true,
  ],
  answer: [
    { name: 'answer', answer: { ...answer, value: 'animal' } },
    (p) => p.answers.map((a) => a.value),
    ['animal'],
  ],
  'take-back-answer': [
    { name: 'take-back-answer', componentId: id('brie'), fact: 'rennet' },
    (p) => p.answers,
    [],
  ],
  overrule: [
    { name: 'overrule', overruling: { ...overruling, why: 'asked again' } },
    (p) => p.overrulings.map((o) => o.why),
    ['asked again'],
  ],
  'take-back-overruling': [
    { name: 'take-back-overruling', componentId: id('brie'), groupId: vegans.id },
    (p) => p.overrulings,
    [],
  ],
  settle: [
    { name: 'settle', settled: { ...settled, key: 'cold-air' } },
    (p) => p.settled.map((s) => s.key),
    ['season', 'cold-air'],
  ],
  unsettle: [{ name: 'unsettle', key: 'season' }, (p) => p.settled, []],
};

describe('every command', () => {
  test('has its example here, and no example is of no command', () => {
    expect(Object.keys(EXAMPLES).sort()).toEqual([...COMMAND_NAMES].sort());
  });

  test.each(Object.entries(EXAMPLES))(
    '%s does what its name says, is undone and done again',
    (name, example) => {
      const [command, look, expected] = example;
      expect(command.name).toBe(name);
      const done = applyCommand(start, command);
      if (!done.ok) throw new Error(JSON.stringify(done.problems));
      expect(look(done.plan)).toEqual(expected);
      expect(done.label.length).toBeGreaterThan(2);
      expect(done.changes.length).toBeGreaterThan(0);
      expect(planSchema.safeParse(done.plan).success).toBe(true);
      const back = play(done.plan, done.changes, 'back');
      expect(canonicalText(back)).toBe(canonicalText(start));
      expect(canonicalText(play(back, done.changes, 'forward'))).toBe(canonicalText(done.plan));
    },
  );

  test.each(Object.entries(EXAMPLES))('%s with a field too many is refused', (_name, [command]) => {
    const done = applyCommand(start, { ...command, extra: 1 } as unknown as Command);
    expect(done.ok).toBe(false);
  });

  test('a command of no name is refused and changes nothing', () => {
    for (const bad of [{ name: 'set-everything' }, {}, null, 'pin', { name: 'together', label: 'x' }])
      expect(applyCommand(start, bad as Command).ok).toBe(false);
  });

  test('an empty bundle of edits changes nothing', () => {
    const done = applyCommand(start, { name: 'together', label: 'nothing', commands: [] });
    expect(done.ok && [done.plan, done.changes]).toEqual([start, []]);
  });

  test('pinning allows an excluded food again, excluding lets its pin go', () => {
    const excluded = applyCommand(start, { name: 'exclude', componentId, on: true });
    const pinned = excluded.ok && applyCommand(excluded.plan, { name: 'pin', componentId, on: true });
    expect(pinned && pinned.ok && [pinned.plan.wishes.pinned, pinned.plan.wishes.excluded]).toEqual([
      ['green-grapes'],
      [],
    ]);
    const again =
      pinned && pinned.ok && applyCommand(pinned.plan, { name: 'exclude', componentId, on: true });
    expect(again && again.ok && [again.plan.wishes.pinned, again.plan.wishes.excluded]).toEqual([
      [],
      ['green-grapes'],
    ]);
  });
});
