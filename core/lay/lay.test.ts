import { PIECES } from '../geometry/index.js';
import { beforeAll, describe, expect, test } from '@jest/globals';
import { madeDemo } from '../../demo/made.js';
import { FORMS, formOf } from '../catalogue/index.js';
import { boardSvg, RECIPES, SvgSink, drawPiece } from '../picture/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { convexOverlap, inside } from '../geometry/index.js';
import { group, lies, planWith } from '../testing/plans.js';
import { hardOverlaps, layPlan, laySurface, unlaidOn, type LaidSurface } from './index.js';

let plan: Plan;
let laid: LaidSurface[];
beforeAll(async () => {
  plan = { ...(await madeDemo('comet-watch')), layout: [] };
  const done = layPlan(plan, 15);
  plan = done.plan;
  laid = done.surfaces;
});

describe('the demo laid', () => {
  test('pieces on the board × their mass are the plan, within a piece, for every food of lot 0', () => {
    const larder = planLarder(plan);
    for (const otherLaid of laid)
      for (const placement of plan.placements.filter(
        (otherPlacement) => otherPlacement.surfaceId === otherLaid.surfaceId && otherPlacement.lot === 0,
      )) {
        const here = otherLaid.elements.filter(
          (element) => element.componentId === placement.componentId && element.form === placement.form,
        );
        const pieces = here.reduce((sum, element) => sum + element.pieces.length, 0);
        expect(pieces).toBe(placement.pieces);
        const fact = formOf(larder.get(placement.componentId)!, placement.form)!;
        if (FORMS[placement.form].lies !== 'alone')
          expect(Math.abs(pieces * fact.pieceG - placement.massG)).toBeLessThanOrEqual(fact.pieceG);
      }
  });

  test('at least 95 % of the oak and of the tray is covered by food', () => {
    for (const otherLaid of laid.slice(0, 2)) expect(otherLaid.coverage).toBeGreaterThanOrEqual(0.95);
  });

  test('hard things never overlap and stay on the board', () => {
    for (const otherLaid of laid) {
      expect(hardOverlaps(otherLaid.elements)).toEqual([]);
      for (const element of otherLaid.elements.filter((otherElement) => otherElement.layer === 4))
        expect(inside(otherLaid.outline, element.x, element.y)).toBe(true);
    }
  });

  test('every food of lot 0 is there, and nothing else', () => {
    for (const otherLaid of laid) {
      const wanted = new Set(
        plan.placements
          .filter((placement) => placement.surfaceId === otherLaid.surfaceId && placement.lot === 0)
          .map((placement) => placement.componentId),
      );
      expect(new Set(otherLaid.elements.map((element) => element.componentId))).toEqual(wanted);
    }
  });

  test('the same seed lays the same board, another seed another one', () => {
    const tray = plan.surfaces[1]!;
    const laidBy = (seed: number) => laySurface({ ...plan, layout: [] }, tray, seed);
    const [first, again, other] = [laidBy(15), laidBy(15), laidBy(16)];
    expect(first.elements.length).toBeGreaterThan(5);
    expect(again).toEqual(first);
    expect(other.elements).not.toEqual(first.elements);
  });

  test('pins are kept when the rest is laid again', () => {
    const oak = plan.surfaces[0]!;
    const hard = laid[0]!.elements.find((element) => element.layer === 4)!;
    const soft = laid[0]!.elements.find((element) => element.layer === 2)!;
    const pinned: Plan = {
      ...plan,
      layout: plan.layout.map((layer) => ({
        ...layer,
        elements: layer.elements.map((element) =>
          [hard.id, soft.id].includes(element.id) ? { ...element, pinned: true } : element,
        ),
      })),
    };
    const again = laySurface(pinned, oak, 99).elements;
    for (const element of [hard, soft])
      expect(again.find((otherElement) => otherElement.id === element.id)).toEqual({
        ...element,
        pinned: true,
      });
  });

  test('it is not mirrored: no two large things stand opposite each other', () => {
    const hard = laid[0]!.elements.filter((element) => element.layer === 4);
    for (const element of hard)
      for (const otherElement of hard)
        if (element !== otherElement)
          expect(Math.hypot(element.x + otherElement.x, element.y - otherElement.y)).toBeGreaterThan(5);
  });
});

describe('degenerate boards', () => {
  test('nothing on it gives no elements', () => {
    const empty = planWith({ party: [group('a', 2)] });
    expect(laySurface(empty, empty.surfaces[0]!, 1)).toMatchObject({ elements: [], coverage: 0 });
  });

  test('one bowl larger than the board is told, not laid, and one piece lies alone', () => {
    const tiny = planWith({
      surfaces: [{ ...planWith({}).surfaces[0]!, outline: { kind: 'round', diameterMm: 80 }, rimMm: 0 }],
      placements: [lies('hummus-home', 400)],
    });
    const { surfaceId, elements } = laySurface(tiny, tiny.surfaces[0]!, 1);
    expect(elements).toEqual([]);
    const laid = { ...tiny, layout: [{ surfaceId, elements }] };
    expect(unlaidOn(tiny, tiny.surfaces[0]!)).toEqual([]);
    expect(unlaidOn(laid, tiny.surfaces[0]!)).toMatchObject([{ massG: 400, why: 'no room' }]);
    const one = planWith({ placements: [lies('raspberries', 4)] });
    expect(laySurface(one, one.surfaces[0]!, 1).elements[0]!.pieces).toHaveLength(1);
  });

  test('a contained food stands in one bowl with all its pieces', () => {
    const plan = planWith({ placements: [lies('almonds', 60, { contained: true })] });
    const [element] = laySurface(plan, plan.surfaces[0]!, 1).elements;
    expect(element!.bowlMm).toBeGreaterThan(20);
    expect(element!.pieces).toHaveLength(50);
  });
});

describe('other shapes', () => {
  test.each([
    { kind: 'oval', lengthMm: 440, widthMm: 300 },
    { kind: 'half-round', lengthMm: 460, widthMm: 300 },
  ] as const)('$kind is laid full, nothing hard overlaps or stands over the rim', (outline) => {
    const [base] = planWith({}).surfaces;
    const surface = { ...base!, outline };
    const placements = [
      lies('brie', 250),
      lies('hummus-home', 200),
      lies('salami', 220),
      lies('water-crackers', 200),
      lies('blueberries', 300),
      lies('cherry-tomatoes', 300),
      lies('cucumber', 300),
      lies('almonds', 200),
    ];
    const of = planWith({ surfaces: [surface], placements });
    for (const seed of [1, 2]) {
      const { elements, coverage, outline: ground } = laySurface(of, surface, seed);
      expect(coverage).toBeGreaterThan(0.9);
      expect(hardOverlaps(elements)).toEqual([]);
      for (const element of elements.filter(({ layer }) => layer === 4))
        expect(inside(ground, element.x, element.y)).toBe(true);
      const pieces = elements.reduce((sum, element) => sum + element.pieces.length, 0);
      expect(pieces).toBe(
        placements.reduce((sum, { pieces, form }) => sum + (form === 'bowl' ? 1 : pieces), 0),
      );
      expect(boardSvg({ ...of, layout: [{ surfaceId: surface.id, elements }] }, surface)).not.toMatch(/NaN/);
    }
  });
});

describe('the picture', () => {
  test('every kind of piece has a recipe of its own: none stands in for another', () => {
    expect(Object.keys(RECIPES).sort()).toEqual([...PIECES].sort());
    expect(new Set(Object.values(RECIPES)).size).toBe(PIECES.length);
  });

  test('every form of every food can be drawn, without a number that is none', () => {
    for (const component of planLarder(plan).values())
      for (const fact of component.forms) {
        const sink = new SvgSink();
        drawPiece(sink, component, fact, fact.lengthMm, fact.widthMm, 0, 0, 33, 7);
        expect(sink.markup()).not.toMatch(/NaN|undefined|Infinity/);
        expect(sink.markup().length).toBeGreaterThan(200);
      }
  });

  test('the board is drawn the same twice, with every element in it', () => {
    const svg = boardSvg(plan, plan.surfaces[0]!);
    expect(boardSvg(plan, plan.surfaces[0]!)).toBe(svg);
    for (const element of plan.layout[0]!.elements) expect(svg).toContain(`data-element="${element.id}"`);
  });

  test('markup in the plan’s name cannot get into the drawing', () => {
    const bad = { ...plan, occasion: { ...plan.occasion, name: '<script>alert(1)</script>' } };
    expect(boardSvg(bad, bad.surfaces[0]!)).not.toContain('<script>');
  });
});

test('convex shapes that only touch do not overlap', () => {
  const square = (x: number): [number, number][] => [
    [x, 0],
    [x + 10, 0],
    [x + 10, 10],
    [x, 10],
  ];
  expect(convexOverlap(square(0), square(10))).toBe(false);
  expect(convexOverlap(square(0), square(9.9))).toBe(true);
});
