import { describe, expect, test } from '@jest/globals';
import { ownComponent } from '../catalogue/index.js';
import { group, herbCheese, id, lies, planWith } from '../testing/plans.js';
import {
  applyCommand,
  canonicalText,
  COMMAND_NAMES,
  EMPTY_DAY,
  planLarder,
  planSchema,
  play,
  type Command,
  type Cut,
  type LaidElement,
  type Motif,
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
/** Four berries in a row, and two beside them. */
const heap: LaidElement = {
  ...element,
  id: 'berries-1',
  componentId: id('blueberries'),
  form: 'scatter',
  x: 50,
  y: 0,
  layer: 1,
  outline: [
    [25, -5],
    [75, -5],
    [75, 5],
    [25, 5],
  ],
  pieces: [-20, -7, 7, 20].map((x): [number, number, number] => [x, 0, 0]),
  bowlMm: null,
};
const otherHeap: LaidElement = {
  ...heap,
  id: 'berries-2',
  x: -50,
  outline: heap.outline.map(([x, y]) => [x - 100, y]),
  pieces: [
    [-5, 0, 0],
    [5, 0, 0],
  ],
};
const piecesOf = (plan: Plan) =>
  Object.fromEntries(plan.layout[0]!.elements.map(({ id, pieces }) => [id, pieces.length]));

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

const cut: Cut = {
  componentId: id('young-gouda'),
  slice: { shape: 'rect', lengthMm: 110, widthMm: 80 },
  thicknessMm: 6,
  gapMm: 2,
  marginMm: 2,
  turns: null,
  cutters: [
    {
      id: 'square',
      name: 'Square',
      outline: [
        [-5, -5],
        [5, -5],
        [5, 5],
        [-5, 5],
      ],
      acrossMm: 10,
      want: null,
    },
  ],
  pieces: [],
  offcuts: 'waste',
  ownCutters: false,
  seed: 1,
};

const motif: Motif = {
  id: 'star',
  surfaceId: board.id,
  cutter: 'star-5',
  name: 'Star',
  acrossMm: 180,
  outline: [
    [0, -90],
    [78, 45],
    [-78, 45],
  ],
  fill: { componentId: id('green-grapes'), form: 'cluster' },
  border: null,
  detail: null,
};

/** A plan with something of everything, so that each command has something to change. */
const start: Plan = planWith({
  party: [group('all', 4), vegans],
  surfaces: [board, tray],
  placements: [lies('brie', 250), lies('green-grapes', 300, { motif: motif.id })],
  cuts: [cut],
  motifs: [motif],
  layout: [{ surfaceId: board.id, elements: [element, heap, otherHeap] }],
  answers: [answer],
  overrulings: [overruling],
  settled: [settled],
  recipes: [herbCheese],
  day: {
    ...EMPTY_DAY,
    bought: [{ id: 'young-gouda', packs: null }],
    tasks: [{ task: 'wash-1', hand: 'you', startMin: -300, pinned: false, doneMin: null }],
  },
});

const surfaceId = board.id;
const componentId = id('green-grapes');

/** One example of each command, and what it must have changed. */
const EXAMPLES: Record<string, [Command, (plan: Plan) => unknown, unknown]> = {
  'set-theme': [
    {
      name: 'set-theme',
      theme: { name: 'Frost', palette: ['#ffffff'], motifs: ['star'], region: 'alps', mood: 'calm' },
      pinned: [componentId],
      excluded: [id('salami')],
    },
    (plan) => [plan.occasion.theme.region, plan.wishes.pinned, plan.wishes.excluded],
    ['alps', ['green-grapes'], ['salami']],
  ],
  'set-star': [{ name: 'set-star', star: componentId }, (plan) => plan.wishes.star, 'green-grapes'],
  'set-school': [{ name: 'set-school', school: 'combined' }, (plan) => plan.school, 'combined'],
  'set-own-school': [
    { name: 'set-own-school', ownSchool: { name: 'Mine', rows: { cheese: 80 } } },
    (plan) => [plan.school, plan.ownSchool?.rows],
    ['own', { cheese: 80 }],
  ],
  'set-past-boards': [
    {
      name: 'set-past-boards',
      pastBoards: [{ name: 'May', portions: 10, role: 'drinks', otherDishes: 0, eatenG: { cheese: 500 } }],
    },
    (plan) => plan.pastBoards.length,
    1,
  ],
  'set-pantry': [
    { name: 'set-pantry', pantry: [{ componentId, massG: 300 }] },
    (plan) => plan.pantry,
    [{ componentId: 'green-grapes', massG: 300 }],
  ],
  'set-lately': [
    { name: 'set-lately', lately: [componentId] },
    (plan) => plan.wishes.lately,
    ['green-grapes'],
  ],
  'set-price': [
    { name: 'set-price', componentId, packs: [{ massG: 250, priceMinor: 310 }] },
    (plan) => planLarder(plan).get(componentId)!.packs,
    [{ massG: 250, priceMinor: 310 }],
  ],
  'set-recipe': [
    { name: 'set-recipe', recipe: { ...herbCheese, handsMin: 12 } },
    (plan) => plan.recipes.map((recipe) => recipe.handsMin),
    [12],
  ],
  'remove-recipe': [{ name: 'remove-recipe', id: herbCheese.id }, (plan) => plan.recipes, []],
  'set-work': [{ name: 'set-work', work: { minutes: 90, helpers: 1 } }, (plan) => plan.work.minutes, 90],
  'set-zone': [
    { name: 'set-zone', surfaceId: board.id, groups: [vegans.id] },
    (plan) => plan.surfaces.map((surface) => surface.zoneFor),
    [[vegans.id], undefined],
  ],
  'in-zone': [
    { name: 'in-zone', surfaceId: board.id, componentId: id('brie'), on: true },
    (plan) => plan.placements.map((placement) => [placement.inZone, placement.ownTool]),
    [
      [true, true],
      [undefined, undefined],
    ],
  ],
  'set-occasion': [
    { name: 'set-occasion', patch: { otherDishes: 4 } },
    (plan) => [plan.occasion.otherDishes, plan.occasion.name],
    [4, start.occasion.name],
  ],
  'set-party': [
    { name: 'set-party', party: [vegans] },
    (plan) => plan.party.map((group) => group.id),
    ['vegans'],
  ],
  'set-group': [
    { name: 'set-group', group: { ...vegans, count: 9 } },
    (plan) => plan.party.map((group) => group.count),
    [4, 9],
  ],
  'remove-group': [
    { name: 'remove-group', groupId: vegans.id },
    (plan) => [plan.party.length, plan.overrulings],
    [1, []],
  ],
  'set-surface': [
    { name: 'set-surface', surface: { ...tray, name: 'Late tray' } },
    (plan) => plan.surfaces.map((surface) => surface.name),
    ['Board', 'Late tray'],
  ],
  'remove-surface': [
    { name: 'remove-surface', surfaceId },
    (plan) => [plan.surfaces.length, plan.placements.length, plan.layout.length],
    [1, 0, 0],
  ],
  'set-table': [
    {
      name: 'set-table',
      surfaceIds: [surfaceId],
      parts: [board, { ...board, id: 'board-2' as Surface['id'], name: 'Board 2' }],
    },
    (plan) => [
      plan.surfaces.map((surface) => surface.name),
      plan.placements.map(({ componentId: food, surfaceId: on, pieces }) => [food, on, pieces]),
      plan.layout.length,
    ],
    [
      ['Board', 'Board 2', 'Tray'],
      [
        // one wheel stays whole
        ['brie', 'board', 1],
        ['green-grapes', 'board', lies('green-grapes', 300).pieces / 2],
        ['green-grapes', 'board-2', lies('green-grapes', 300).pieces / 2],
      ],
      0,
    ],
  ],
  'set-budget': [{ name: 'set-budget', budgetMinor: 12_000 }, (plan) => plan.budgetMinor, 12_000],
  'set-currency': [{ name: 'set-currency', currency: 'SEK' }, (plan) => plan.currency, 'SEK'],
  'set-policy': [{ name: 'set-policy', policy: 'everything-fits' }, (plan) => plan.policy, 'everything-fits'],
  'set-hands': [
    {
      name: 'set-hands',
      hands: [
        { id: 'edda', name: 'Edda', from: '09:00', till: '18:00', daysBefore: 1, sharp: true, fine: true },
      ],
    },
    (plan) => plan.day.hands[0]?.name,
    'Edda',
  ],
  'set-kitchen': [
    { name: 'set-kitchen', kitchen: { oven: 2, hob: 2, blender: 0, freezer: 1, fridge: 2 } },
    (plan) => plan.day.kitchen.oven,
    2,
  ],
  'set-day': [
    {
      name: 'set-day',
      tasks: [{ task: 'tools', hand: 'you', startMin: -90, pinned: false, doneMin: null }],
    },
    (plan) => plan.day.tasks.length,
    1,
  ],
  'move-work': [
    { name: 'move-work', task: 'wash-1', hand: 'you', startMin: -200 },
    (plan) => plan.day.tasks[0],
    { task: 'wash-1', hand: 'you', startMin: -200, pinned: true, doneMin: null },
  ],
  'pin-work': [{ name: 'pin-work', task: 'wash-1', on: true }, (plan) => plan.day.tasks[0]!.pinned, true],
  'work-done': [
    { name: 'work-done', task: 'wash-1', doneMin: -140 },
    (plan) => plan.day.tasks[0]!.doneMin,
    -140,
  ],
  'set-offer': [{ name: 'set-offer', patch: { marginPercent: 20 } }, (plan) => plan.offer.marginPercent, 20],
  'set-bought': [
    { name: 'set-bought', basket: { id: 'brie', packs: [{ massG: 250, priceMinor: 390, count: 2 }] } },
    (plan) => plan.day.bought.at(-1),
    { id: 'brie', packs: [{ massG: 250, priceMinor: 390, count: 2 }] },
  ],
  'put-back': [{ name: 'put-back', id: 'young-gouda' }, (plan) => plan.day.bought, []],
  'set-errands': [
    { name: 'set-errands', errands: [{ trip: 'ahead|Market hall', hand: 'you' }] },
    (plan) => plan.day.errands[0]!.hand,
    'you',
  ],
  'set-boards': [
    { name: 'set-boards', boards: [{ touches: 'fish', colour: 'blue' }] },
    (plan) => plan.day.boards[0]!.colour,
    'blue',
  ],
  'tick-packed': [{ name: 'tick-packed', id: 'knives', on: true }, (plan) => plan.day.packed, ['knives']],
  'set-prep': [
    { name: 'set-prep', prep: { freeFromFirst: true, freshGloves: true } },
    (plan) => plan.prep.freshGloves,
    true,
  ],
  'own-tool': [
    { name: 'own-tool', componentId, surfaceId, on: true },
    (plan) => plan.placements.filter((placement) => placement.ownTool).length,
    1,
  ],
  'remove-component': [
    { name: 'remove-component', componentId },
    (plan) => plan.placements.map((placement) => placement.componentId),
    ['brie'],
  ],
  'set-notes': [{ name: 'set-notes', notes: 'ring the bell' }, (plan) => plan.notes, 'ring the bell'],
  'set-bowls': [
    { name: 'set-bowls', bowls: [{ diameterMm: 90, count: 3 }] },
    (plan) => plan.bowls,
    [{ diameterMm: 90, count: 3 }],
  ],
  'set-tools': [
    { name: 'set-tools', tools: { knives: 1, spoons: 2, tongs: 3 } },
    (plan) => plan.tools.tongs,
    3,
  ],
  'set-levers': [
    { name: 'set-levers', levers: { bolder: 1, colour: -1, cheaper: 2, lessWork: 0, season: 0 } },
    (plan) => plan.wishes.levers.cheaper,
    2,
  ],
  'set-seed': [{ name: 'set-seed', seed: 77 }, (plan) => plan.seed, 77],
  pin: [{ name: 'pin', componentId, on: true }, (plan) => plan.wishes.pinned, ['green-grapes']],
  exclude: [
    { name: 'exclude', componentId, on: true },
    (plan) => [plan.wishes.excluded, plan.placements.map((placement) => placement.componentId)],
    [['green-grapes'], ['brie']],
  ],
  place: [
    { name: 'place', componentId: id('feta'), surfaceId: tray.id, placements: [lies('feta', 90)] },
    (plan) => plan.placements.find((placement) => placement.componentId === 'feta')?.surfaceId,
    'tray',
  ],
  'leave-out': [
    { name: 'leave-out', componentId },
    (plan) => plan.placements.map((placement) => placement.componentId),
    ['brie'],
  ],
  'set-form': [
    { name: 'set-form', componentId, surfaceId, form: 'quartered', pieces: 200 },
    (plan) => plan.placements.find((placement) => placement.componentId === componentId),
    { ...lies('green-grapes', 300, { motif: motif.id }), form: 'quartered', pieces: 200 },
  ],
  contain: [
    { name: 'contain', componentId, surfaceId, on: true },
    (plan) => plan.placements.map((placement) => placement.contained),
    [false, true],
  ],
  'set-ice': [
    { name: 'set-ice', componentId, surfaceId, ice: { innerMm: 110, wallMm: 25 } },
    (plan) => plan.placements.find((placement) => placement.componentId === componentId)?.ice,
    { innerMm: 110, wallMm: 25 },
  ],
  move: [
    { name: 'move', componentId, from: surfaceId, to: tray.id },
    (plan) => plan.placements.map((placement) => placement.surfaceId),
    ['board', 'tray'],
  ],
  'set-board': [{ name: 'set-board', placements: [] }, (plan) => plan.placements, []],
  'add-component': [
    { name: 'add-component', component: ownComponent('Aunt’s chutney', 'spread-dip') },
    (plan) => plan.ownComponents.map((component) => component.name),
    ['Aunt’s chutney'],
  ],
  'set-cut': [
    { name: 'set-cut', cut: { ...cut, thicknessMm: 12 } },
    (plan) => plan.cuts.map(({ thicknessMm }) => thicknessMm),
    [12],
  ],
  'remove-cut': [{ name: 'remove-cut', componentId: id('young-gouda') }, (plan) => plan.cuts, []],
  'set-motif': [
    { name: 'set-motif', motif: { ...motif, acrossMm: 240 } },
    (plan) => plan.motifs.map(({ acrossMm }) => acrossMm),
    [240],
  ],
  'remove-motif': [
    { name: 'remove-motif', motifId: motif.id },
    (plan) => [plan.motifs, plan.placements.some((placement) => placement.motif !== undefined)],
    [[], false],
  ],
  'set-layout': [
    { name: 'set-layout', surfaceId: tray.id, elements: [{ ...element, id: 'other' }] },
    (plan) => plan.layout.map((layer) => layer.surfaceId),
    ['board', 'tray'],
  ],
  'move-element': [
    { name: 'move-element', surfaceId, elementId: 'brie-1', x: 30, y: 5, angle: 0 },
    (plan) => [plan.layout[0]!.elements[0]!.x, plan.layout[0]!.elements[0]!.outline[0]],
    [30, [20, 5]],
  ],
  'pin-element': [
    { name: 'pin-element', surfaceId, elementId: 'brie-1', on: true },
    (plan) => plan.layout[0]!.elements[0]!.pinned,
    true,
  ],
  'part-pile': [
    { name: 'part-pile', surfaceId, elementId: 'berries-1', newId: 'berries-3' },
    piecesOf,
    { 'brie-1': 1, 'berries-1': 2, 'berries-3': 2, 'berries-2': 2 },
  ],
  'join-piles': [
    { name: 'join-piles', surfaceId, elementId: 'berries-1', otherId: 'berries-2' },
    piecesOf,
    { 'brie-1': 1, 'berries-1': 6 },
  ],
  'give-pieces': [
    { name: 'give-pieces', surfaceId, fromId: 'berries-1', toId: 'berries-2', count: 3 },
    piecesOf,
    { 'brie-1': 1, 'berries-1': 1, 'berries-2': 5 },
  ],
  'bend-row': [
    { name: 'bend-row', surfaceId, elementId: 'berries-1', byMm: 20 },
    (plan) => plan.layout[0]!.elements.map(({ pinned }) => pinned),
    [false, true, false],
  ],
  'pull-row-end': [
    { name: 'pull-row-end', surfaceId, elementId: 'berries-1', end: 1, dxMm: 20, dyMm: 10 },
    (plan) => plan.layout[0]!.elements.map(({ pinned }) => pinned),
    [false, true, false],
  ],
  'trade-places': [
    { name: 'trade-places', surfaceId, elementId: 'berries-1', otherId: 'berries-2' },
    (plan) => plan.layout[0]!.elements.map(({ x, pinned }) => [x, pinned]),
    [
      [10, false],
      [-50, true],
      [50, true],
    ],
  ],
  answer: [
    { name: 'answer', answer: { ...answer, value: 'animal' } },
    (plan) => plan.answers.map((answer) => answer.value),
    ['animal'],
  ],
  'take-back-answer': [
    { name: 'take-back-answer', componentId: id('brie'), fact: 'rennet' },
    (plan) => plan.answers,
    [],
  ],
  overrule: [
    { name: 'overrule', overruling: { ...overruling, why: 'asked again' } },
    (plan) => plan.overrulings.map((overruling) => overruling.why),
    ['asked again'],
  ],
  'take-back-overruling': [
    { name: 'take-back-overruling', componentId: id('brie'), groupId: vegans.id },
    (plan) => plan.overrulings,
    [],
  ],
  settle: [
    { name: 'settle', settled: { ...settled, key: 'cold-air' } },
    (plan) => plan.settled.map((s) => s.key),
    ['season', 'cold-air'],
  ],
  unsettle: [{ name: 'unsettle', key: 'season' }, (plan) => plan.settled, []],
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
