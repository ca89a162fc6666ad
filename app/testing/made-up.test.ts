import './indexed-db.js';
import { afterAll, describe, expect, jest, test } from '@jest/globals';
import type { NeedPack } from '../../core/needs/index.js';
import type { ExportRecord } from '../exports/registry.js';
import type { StationRecord } from '../stations/station.js';

/**
 * One more need, form, check, export and station: each is a record in its own folder and one registry. A made-up one of
 * each takes the place of such a record here, and is found wherever the others are.
 */
const moonShy: NeedPack = {
  id: 'moon-shy',
  name: 'Moon-shy',
  also: ['moon shy'],
  rim: 'waves',
  summary: 'Nothing that was made by moonlight.',
  strictness: 'allergy',
  settings: [
    {
      id: 'contact',
      name: 'How near',
      values: [{ id: 'same-surface', name: 'on one surface' }],
      default: 'same-surface',
    },
  ],
  rules: [
    {
      fact: 'allergen.sesame',
      forbidden: ['contains'],
      ask: ['may'],
      why: 'it has moon dust',
      source: 'stylist',
    },
  ],
  contact: {
    carriers: [{ fact: 'allergen.sesame', values: ['contains'] }],
    what: 'moon dust',
    shunned: true,
  },
  page: { traps: [], good: [], note: '', sources: [] },
};
jest.unstable_mockModule('../../core/needs/packs/lighter.js', () => ({ lighter: moonShy }));

const forms = await import('../../core/catalogue/forms.js');
const spiral = {
  ...forms.FORMS.slices,
  name: 'spirals',
  lies: 'alone' as const,
  large: true as const,
  verb: 'Cut in a spiral',
};
Object.assign(forms.FORMS, { spiral });
forms.FORM_IDS.push('spiral' as never);

const { CATALOGUE } = await import('../../core/catalogue/index.js');
const { CHECKS, checkPlan, factCells, finding, FINDING_KINDS, textOf } =
  await import('../../core/check/index.js');
const { promisesFor, quietAreas, reachesUnsheltered, servingAreas, toolsInUse, placementsOf } =
  await import('../../core/board/index.js');
const { problemOf } = await import('../../core/compose/index.js');
const { judgeGroup, NEED_WORDS, isFoodWord } = await import('../../core/needs/index.js');
const { readParty } = await import('../../core/party/index.js');
const { planSchema } = await import('../../core/plan/index.js');
const { laySurface } = await import('../../core/lay/index.js');
const { EN, ENGLISH } = await import('../../core/words/index.js');
const { group, lies, planWith, board } = await import('../../core/testing/plans.js');
const { EXPORTS } = await import('../exports/registry.js');
const { exportsFor } = await import('../exports/save.js');
const { STATIONS } = await import('../stations/registry.js');
const { hangsAt, stationState } = await import('../stations/state.js');
const { commandsAt } = await import('../commands/registry.js');

const food = (id: string) => CATALOGUE.find((component) => component.id === id)!;
const go: string[] = [];
const words = (plan: ReturnType<typeof planWith>) =>
  commandsAt({ plan, go: (a) => go.push(a) }).map((command) => command.words);

describe('a made-up need', () => {
  const guest = group('shy', 2, ['moon-shy']);
  const plan = planWith({
    party: [group('all', 4), guest],
    placements: [lies('hummus-bought', 100), lies('cucumber', 90)],
  });

  test('is read from a typed line, judged, told by Check and kept away by the composer', () => {
    const read = readParty('2 moon shy, 4 eat everything', NEED_WORDS, isFoodWord);
    expect(read.groups.some((group) => group.needs.some((choice) => choice.id === 'moon-shy'))).toBe(true);
    const verdict = judgeGroup(food('hummus-bought'), 'bowl', guest);
    expect(verdict.reasons[0]?.why).toEqual({ word: 'it has moon dust' });
    const loose = {
      ...plan,
      placements: plan.placements.map((placement) => ({ ...placement, contained: false })),
    };
    const slip = checkPlan(loose).findings.find((finding) => finding.code === 'same-surface')!;
    expect([slip.severity, slip.grave]).toEqual(['blocker', true]);
    expect(`${textOf(slip, ENGLISH)} ${factCells(slip.facts[0]!, ENGLISH).value}`).toContain('moon dust');
    const [area] = servingAreas(plan);
    expect(reachesUnsheltered(food('hummus-bought'), area!, new Map())).toBe(true);
  });

  test('turns to a surface that promises to keep its carrier away, without a word written for it', () => {
    expect(promisesFor(guest)).toEqual([['sesame']]);
    const tray = { ...board(), id: 'tray' as never, freeFrom: ['sesame' as const], serves: [guest.id] };
    const areas = servingAreas({ ...plan, surfaces: [...plan.surfaces, tray] });
    expect([...quietAreas(plan.party, areas).get(guest.id)!].map((area) => area.surface.id)).toEqual([
      'tray',
    ]);
  });

  test('is a word of the command box', () => {
    expect(words(plan)).toContain('Turn the board: moon-shy');
  });
});

describe('a made-up form', () => {
  test('is planned, rounded to pieces, laid, and wants its knife', () => {
    const brie = food('brie');
    const fact = { ...brie.forms[0]!, form: 'spiral' as never, pieceG: 40 };
    const own = { ...brie, id: 'own-spiral' as never, forms: [fact] };
    const surface = board();
    const plan = planWith({
      surfaces: [surface],
      ownComponents: [own],
      tools: { ...planWith({}).tools, knives: 0 },
      occasion: { ...planWith({}).occasion, durationMin: 45 },
    });
    const placements = placementsOf({ plan, component: own, fact, surfaceId: surface.id, massG: 110 });
    expect(placements.map((placement) => [placement.form, placement.pieces])).toEqual([['spiral', 3]]);
    const laid = planSchema.parse({ ...plan, placements });
    expect(laySurface(laid, surface, 1).elements.map((element) => element.form)).toEqual([
      'spiral',
      'spiral',
      'spiral',
    ]);
    expect(toolsInUse(laid).knives).toBe(1);
    expect(checkPlan(laid).findings.map((finding) => finding.code)).toContain('too-few-knives');
    expect(
      problemOf({ ...laid, party: [group('all', 4)] }).candidates.some(
        (candidate) => candidate.form === ('spiral' as never),
      ),
    ).toBe(true);
  });
});

describe('a made-up check', () => {
  const code = 'full-moon' as 'no-smoke';
  Object.assign(FINDING_KINDS, { [code]: { stations: ['lay'], overrulable: true } });
  Object.assign(EN, {
    'finding.full-moon.text': 'The moon is full.',
    'finding.full-moon.why': 'Cheese howls.',
  });
  const check = () => [finding(code, { key: 'moon', severity: 'ask' as const, args: {} })];
  (CHECKS as (typeof check)[]).push(check);
  afterAll(() => void (CHECKS as unknown[]).pop());

  test('hangs on its stations, in its order, with its words', () => {
    const { findings } = checkPlan(planWith({ party: [group('all', 2)], placements: [lies('brie', 250)] }));
    const told = findings.find((finding) => finding.code === code)!;
    expect(textOf(told, ENGLISH)).toBe('The moon is full.');
    expect(findings.indexOf(told)).toBeLessThan(
      findings.findIndex((finding) => finding.severity === 'caution'),
    );
    expect(STATIONS.filter((station) => hangsAt(station, told)).map((station) => station.id)).toEqual([
      'check',
      'lay',
    ]);
  });
});

describe('a made-up export', () => {
  test('is offered among the files of a plan and found by its words', () => {
    const record: ExportRecord = {
      id: 'moon',
      words: 'Save the moon',
      of: 'plan',
      kind: 'paper',
      save: () => undefined,
    };
    (EXPORTS as ExportRecord[]).push(record);
    const plan = planWith({});
    expect(exportsFor(plan, plan.surfaces[0]).map((record) => record.words)).toContain('Save the moon');
    expect(words(plan)).toContain('Save the moon');
    (EXPORTS as ExportRecord[]).pop();
  });
});

describe('a made-up station', () => {
  test('has its address, key, help, findings and commands', async () => {
    const record: StationRecord = {
      id: 'moon',
      name: 'Moon',
      key: '9',
      help: 'what shines',
      view: () => Promise.reject(new Error('not fetched')),
      findings: 'choose',
      ready: () => 0.5,
      commands: () => [{ id: 'shine', words: 'Shine', run: () => undefined }],
    };
    (STATIONS as StationRecord[]).push(record);
    const plan = planWith({ party: [group('all', 2)], placements: [lies('brie', 250)] });
    const { APP_ROUTES } = await import('../../server/routes.js');
    expect(APP_ROUTES.test('/plan/a1/moon')).toBe(true);
    expect(APP_ROUTES.test('/plan/a1/sun')).toBe(false);
    const commands = commandsAt({ plan, go: (a) => go.push(a) });
    const there = commands.find((command) => command.words === 'Go to Moon')!;
    there.run();
    expect([there.keys, there.keyWords, go.at(-1)]).toEqual([
      ['9'],
      'Moon: what shines',
      `/plan/${plan.id}/moon`,
    ]);
    expect(commands.map((command) => command.words)).toContain('Shine');
    expect(stationState(record, plan, checkPlan(plan)).ready).toBe(0.5);
    (STATIONS as StationRecord[]).pop();
  });
});
