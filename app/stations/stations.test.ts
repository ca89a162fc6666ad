import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { checkPlan, finding, type Finding, type FindingCode, type Severity } from '../../core/check/index.js';
import { laySurface } from '../../core/lay/index.js';
import type { Plan, Surface } from '../../core/plan/index.js';
import { group, id, lies, planWith } from '../../core/testing/plans.js';
import { STATIONS, stationOf } from './registry.js';
import { hangsAt, stationState } from './state.js';
import { flagged } from '../plate/SlipFlags.js';
import { numbersOf } from '../sheet/NumberedBoard.js';
import { answersIn } from '../rail/LabelDialog.js';
import { sizeWords, spotsOf } from './brief/TableSurfaces.js';
import { massByFamily } from './choose/families.js';
import { surfacesFor } from '../../core/board/index.js';
import { gramsPlaced } from './choose/placing.js';
import { planLarder } from '../../core/plan/index.js';

const all = group('all', 6);
const slip = (code: FindingCode, severity: Severity): Finding =>
  finding(code, { key: code, severity, args: {} as never });
const station = (id: string) => stationOf(id)!;
const state = (id: string, plan: Plan) => stationState(station(id), plan, checkPlan(plan));

describe('stations', () => {
  test('what stops service hangs everywhere, Check shows all', () => {
    for (const station of STATIONS) expect(hangsAt(station, slip('too-heavy', 'blocker'))).toBe(true);
    expect(hangsAt(station('check'), slip('out-of-season', 'caution'))).toBe(true);
    expect(hangsAt(station('lay'), slip('out-of-season', 'caution'))).toBe(false);
    expect(hangsAt(station('choose'), slip('out-of-season', 'caution'))).toBe(true);
  });

  test('nobody is coming: every plate is empty; a party alone fills Brief', () => {
    const nobody = planWith({});
    for (const station of STATIONS)
      expect(state(station.id, nobody)).toEqual({ severity: 'good', ready: null });
    const party = planWith({ party: [all] });
    expect(state('brief', party)).toEqual({ severity: 'good', ready: 1 });
    for (const s of ['choose', 'check', 'lay']) expect(state(s, party).ready).toBeNull();
  });

  test('Check fills with those who are looked after, Lay with the surfaces that are laid', () => {
    const board = planWith({}).surfaces[0]!;
    const tray = { ...board, id: 'tray' } as Surface;
    const plan = planWith({
      party: [all, group('vegans', 2, ['vegan'])],
      surfaces: [board, tray],
      placements: [
        lies('brie', 900),
        lies('water-crackers', 400),
        lies('strawberries', 900),
        lies('kiwi', 500),
      ],
    });
    expect(state('check', plan).ready).toBeLessThan(1);
    expect(state('lay', plan).ready).toBeNull();
    const layout = [{ surfaceId: board.id, elements: laySurface(plan, board, 1).elements }];
    expect(state('lay', planWith({ ...plan, layout })).ready).toBe(0.5);
  });
});

describe('the table of the brief', () => {
  const surface = (n: number, outline: Surface['outline']): Surface => ({
    ...planWith({}).surfaces[0]!,
    id: `s${n}` as Surface['id'],
    outline,
  });
  const outlines = fc.oneof(
    fc.record({ kind: fc.constant('round' as const), diameterMm: fc.integer({ min: 120, max: 700 }) }),
    fc.record({
      kind: fc.constant('rectangle' as const),
      lengthMm: fc.integer({ min: 120, max: 900 }),
      widthMm: fc.integer({ min: 120, max: 500 }),
      cornerMm: fc.constant(20),
    }),
  );

  test('surfaces never lie on each other, keep their proportions, and each has one place', () => {
    fc.assert(
      fc.property(fc.array(outlines, { minLength: 1, maxLength: 7 }), (list) => {
        const surfaces = list.map((outline, i) => surface(i, outline));
        const { spots, scale } = spotsOf(surfaces);
        expect(spots.map((spot) => spot.surface.id).sort()).toEqual(
          surfaces.map((surface) => surface.id).sort(),
        );
        for (const spot of spots) {
          const outline = spot.surface.outline;
          expect(spot.length).toBeCloseTo(
            (outline.kind === 'round' ? outline.diameterMm : outline.lengthMm) * scale,
            6,
          );
        }
        spots.forEach((spot, i) =>
          spots.slice(i + 1).forEach((otherSpot) => {
            const apart =
              Math.abs(spot.x - otherSpot.x) >= (spot.length + otherSpot.length) / 2 - 1e-6 ||
              Math.abs(spot.y - otherSpot.y) >= (spot.width + otherSpot.width) / 2 - 1e-6;
            expect(apart).toBe(true);
          }),
        );
      }),
    );
  });

  test('sizes are said in the stylist’s units', () => {
    expect(sizeWords({ kind: 'round', diameterMm: 500 }, 'metric')).toBe('Ø 500 mm');
    expect(sizeWords({ kind: 'rectangle', lengthMm: 420, widthMm: 300, cornerMm: 0 }, 'imperial')).toBe(
      '16.5 in × 11.8 in',
    );
  });
});

describe('flags on the board', () => {
  const plan = planWith({ placements: [lies('strawberries', 300), lies('brie', 250)] });
  const surface = plan.surfaces[0]!;
  const { elements } = laySurface(plan, surface, 3);

  test('stand in the largest part of each food that a slip names, and only on its surface', () => {
    const flag: Finding = {
      ...slip('no-smoke', 'caution'),
      components: [id('strawberries'), id('brie'), id('feta')],
    };
    const found = flagged(flag, surface, elements);
    expect(found.map((element) => element.componentId)).toEqual(['strawberries', 'brie']);
    const most = Math.max(
      ...elements
        .filter((element) => element.componentId === 'strawberries')
        .map((element) => element.pieces.length),
    );
    expect(found[0]!.pieces).toHaveLength(most);
    expect(flagged({ ...flag, surfaceId: 'tray' as never }, surface, elements)).toEqual([]);
  });
});

describe('the numbered board of the sheet', () => {
  test('gives every part of a food the number that the list has, and herbs none', () => {
    const plan = planWith({
      placements: [lies('strawberries', 300), lies('brie', 250), lies('rosemary', 6)],
    });
    const { elements } = laySurface(plan, plan.surfaces[0]!, 3);
    const numbers = numbersOf(elements, [id('brie'), id('strawberries')]);
    const parts = (food: string) => elements.filter((element) => element.componentId === food).length;
    expect(numbers.filter((n) => n.number === 1)).toHaveLength(parts('brie'));
    expect(numbers.filter((n) => n.number === 2)).toHaveLength(parts('strawberries'));
    expect(numbers).toHaveLength(parts('brie') + parts('strawberries'));
  });
});

describe('small helpers of the stations', () => {
  test('a command’s answers are found alone and in a bundle, and nowhere else', () => {
    const answer = {
      componentId: id('brie'),
      fact: 'rennet' as const,
      value: 'microbial',
      who: 'a',
      when: '2027-05-01T10:00',
      seen: '',
    };
    expect(answersIn({ name: 'answer', answer })).toEqual([answer]);
    expect(
      answersIn({
        name: 'together',
        label: '',
        commands: [
          { name: 'set-seed', seed: 1 },
          { name: 'answer', answer },
        ],
      }),
    ).toEqual([answer]);
    expect(answersIn({ name: 'set-seed', seed: 1 })).toEqual([]);
  });

  test('grams by family leave garnish and unknown foods out', () => {
    const plan = planWith({
      placements: [
        lies('brie', 200),
        lies('feta', 100),
        lies('rosemary', 6),
        { ...lies('brie', 50), componentId: id('gone') },
      ],
    });
    expect(massByFamily(plan, planLarder(plan))).toEqual({ cheese: 300 });
  });

  test('grams that were typed become whole pieces, nought takes the food away', () => {
    const plan = planWith({});
    const brie = planLarder(plan).get(id('brie'))!;
    const grapes = planLarder(plan).get(id('green-grapes'))!;
    const at = plan.surfaces[0]!.id;
    expect(gramsPlaced(plan, brie, at, 0)).toEqual([]);
    expect(gramsPlaced(plan, brie, at, 10)[0]).toMatchObject({ pieces: 1, massG: 250 });
    const [bunch] = gramsPlaced(plan, grapes, at, 100);
    expect(Math.abs(bunch!.massG - 100)).toBeLessThanOrEqual(grapes.forms[0]!.pieceG);
  });

  test('a surface whose promise the food breaks is not offered', () => {
    const board = planWith({}).surfaces[0]!;
    const tray = { ...board, id: 'tray', freeFrom: ['gluten'] } as Surface;
    const plan = planWith({ surfaces: [board, tray] });
    const bread = planLarder(plan).get(id('breadsticks'))!;
    expect(surfacesFor(plan, bread).map((surface) => surface.id)).toEqual(['board']);
  });
});
