import { describe, expect, test } from '@jest/globals';
import { areaOf, hypot2, inside, outlineOfPiece, type Polygon } from '../geometry/index.js';
import { laySurface, motifAlone, pointOn } from '../lay/index.js';
import { applyCommand, planLarder, type Motif, type Plan, type SingleCommand } from '../plan/index.js';
import {
  borderSpots,
  CUTTERS,
  cutterOutline,
  detailsFor,
  detailSpots,
  grown,
  isReadIn,
  withBorder,
} from '../shape/index.js';
import { board, id, lies, planWith } from '../testing/plans.js';
import { formOf } from '../catalogue/index.js';
import {
  finestForm,
  layMotifOf,
  motifHeaps,
  ownMotif,
  proposedMotif,
  roomTaken,
  sizedMotif,
  swappedInMotifs,
} from './motif.js';

const surface = board({ outline: { kind: 'round', diameterMm: 500 } });
const start = planWith({
  surfaces: [surface],
  placements: [
    lies('blueberries', 500),
    lies('green-grapes', 400),
    lies('young-gouda', 300, { form: 'cubes' }),
    lies('brie', 250),
    lies('salami', 150),
  ],
});

const heart = (more: Partial<Motif> = {}): Motif =>
  sizedMotif(
    {
      id: 'heart',
      surfaceId: surface.id,
      cutter: 'heart',
      name: '',
      acrossMm: 200,
      outline: [],
      fill: { componentId: id('blueberries'), form: 'scatter' },
      border: { componentId: id('young-gouda'), form: 'cubes' },
      detail: null,
      ...more,
    },
    more.cutter ?? 'heart',
    more.acrossMm ?? 200,
  );

const laid = (plan: Plan, motif: Motif): Plan => {
  const done = applyCommand(plan, layMotifOf(plan, motif)!);
  if (!done.ok) throw new Error(JSON.stringify(done));
  return done.plan;
};
const grams = (plan: Plan, food: string): number =>
  plan.placements
    .filter((placement) => placement.componentId === id(food))
    .reduce((sum, placement) => sum + placement.massG, 0);

/** How far a point is from an outline, by its sides one by one. */
const from = (outline: Polygon, x: number, y: number): number =>
  Math.min(
    ...outline.map(([ax, ay], i) => {
      const [bx, by] = outline[(i + 1) % outline.length]!;
      const t = Math.max(
        0,
        Math.min(1, ((x - ax) * (bx - ax) + (y - ay) * (by - ay)) / ((bx - ax) ** 2 + (by - ay) ** 2 || 1)),
      );
      return hypot2(x - ax - t * (bx - ax), y - ay - t * (by - ay));
    }),
  );

describe('an outline that is grown', () => {
  const disc = cutterOutline(
    CUTTERS.find((cutter) => cutter.id === 'disc')!,
    100,
  );

  test('is a disc so much larger or smaller', () => {
    expect(areaOf(grown(disc, 10)) / (Math.PI * 60 * 60)).toBeCloseTo(1, 2);
    expect(areaOf(grown(disc, -10)) / (Math.PI * 40 * 40)).toBeCloseTo(1, 2);
    expect(grown(disc, -60)).toEqual([]);
  });

  test.each(['star', 'heart', 'fish', 'crescent', 'bear'])('keeps its distance all along a %s', (name) => {
    const outline = cutterOutline(
      CUTTERS.find((cutter) => cutter.id === name)!,
      200,
    );
    for (const by of [12, -6])
      for (const [x, y] of grown(outline, by)) {
        expect(Math.abs(from(outline, x, y) - Math.abs(by))).toBeLessThan(1);
        expect(inside(outline, x, y)).toBe(by < 0);
      }
  });
});

describe('the amounts of a motif', () => {
  test('come from its ground: twice as wide is four times the filling, and about twice the border', () => {
    const [small, large] = [heart(), heart({ acrossMm: 400 })].map((motif) => motifHeaps(start, motif)!);
    expect(large!.fill.massG / small!.fill.massG).toBeCloseTo(4, 1);
    expect(large!.border!.pieces / small!.border!.pieces).toBeGreaterThan(1.85);
    expect(large!.border!.pieces / small!.border!.pieces).toBeLessThan(2.1);
  });

  test('are whole pieces of what they weigh', () => {
    const { fill, border } = motifHeaps(start, heart())!;
    for (const heap of [fill, border!]) {
      expect(Number.isInteger(heap.pieces)).toBe(true);
      expect(heap.massG).toBeCloseTo(heap.pieces * heap.fact.pieceG, 1);
    }
  });

  test('a border stands around the outline, piece beside piece', () => {
    const motif = heart();
    const { fact } = motifHeaps(start, motif)!.border!;
    const spots = borderSpots(motif.outline, fact, false);
    for (const { x, y } of spots)
      expect(Math.abs(from(motif.outline, x, y) - fact.widthMm * 0.45)).toBeLessThan(1);
    spots.forEach(({ x, y }, i) => {
      const next = spots[(i + 1) % spots.length]!;
      expect(hypot2(next.x - x, next.y - y)).toBeLessThan(fact.lengthMm * 1.1);
    });
  });

  test('details lie within it, and eyes only where a creature has them', () => {
    for (const cutter of CUTTERS) {
      const { outline } = heart({ cutter: cutter.id });
      for (const kind of detailsFor(cutter.id))
        for (const { x, y } of detailSpots(outline, cutter.id, kind, 200))
          expect([cutter.id, kind, inside(outline, x, y)]).toEqual([cutter.id, kind, true]);
    }
    expect(detailsFor('heart')).not.toContain('eyes');
    expect(detailsFor('fish')).toContain('eyes');
  });

  test('a food is too coarse where the narrowest place has no room for it, and the least size that is told has', () => {
    const grapes = planLarder(start).get(id('green-grapes'))!;
    const fact = grapes.forms[0]!;
    const small = heart({ cutter: 'key', acrossMm: 120 });
    const { fine, leastMm } = isReadIn(small.outline, 120, fact);
    expect(fine).toBe(false);
    expect(isReadIn(heart({ cutter: 'key', acrossMm: leastMm }).outline, leastMm, fact).fine).toBe(true);
  });
});

test('a motif after a drawing is as large as it was, and grows with its size', () => {
  const own = ownMotif(heart({ acrossMm: 200 }), 'box', [
    [0, 0],
    [30, 0],
    [30, 10],
    [0, 10],
  ]);
  expect(areaOf(own.outline) / (200 * (200 / 3))).toBeCloseTo(1, 2);
  expect(areaOf(sizedMotif(own, 'own', 100).outline) / areaOf(own.outline)).toBeCloseTo(1 / 4, 2);
});

describe('a motif on the plan', () => {
  test('takes its grams from what lay there, and gives them back to no food but its own', () => {
    const now = laid(start, heart());
    expect(grams(now, 'blueberries')).toBeCloseTo(500, -1);
    expect(grams(now, 'green-grapes')).toBe(grams(start, 'green-grapes'));
    expect(now.placements.filter(({ motif }) => motif === 'heart')).toHaveLength(2);
  });

  test('laid again it is the same; smaller, the rest lies loose again with its foods', () => {
    const once = laid(start, heart());
    expect(laid(once, heart())).toEqual(once);
    const other = laid(once, heart({ fill: { componentId: id('green-grapes'), form: 'cluster' } }));
    expect(
      other.placements.filter(
        (placement) => placement.componentId === id('blueberries') && placement.motif !== undefined,
      ),
    ).toEqual([]);
  });

  test('taken away, what lay in it lies like any other food', () => {
    const done = applyCommand(laid(start, heart()), { name: 'remove-motif', motifId: 'heart' });
    expect(done.ok && done.plan.motifs).toEqual([]);
    expect(done.ok && done.plan.placements.some(({ motif }) => motif !== undefined)).toBe(false);
  });

  test('moved to another surface a food leaves it', () => {
    const tray = { ...surface, id: 'tray' as typeof surface.id, name: 'Tray' };
    const plan = laid({ ...start, surfaces: [surface, tray] }, heart());
    const move: SingleCommand = {
      name: 'move',
      componentId: id('blueberries'),
      from: surface.id,
      to: tray.id,
    };
    const done = applyCommand(plan, move);
    expect(
      done.ok &&
        done.plan.placements.filter((placement) => placement.surfaceId === tray.id && placement.motif),
    ).toEqual([]);
  });

  test('details are cut out of thin slices, on the bench with their food', () => {
    const fish = heart({ cutter: 'fish', border: null, detail: { componentId: id('edam'), kind: 'eyes' } });
    const now = laid(start, fish);
    expect(now.cuts.map(({ componentId, thicknessMm }) => [componentId, thicknessMm])).toEqual([['edam', 3]]);
    expect(now.placements.find((placement) => placement.componentId === id('edam'))).toMatchObject({
      form: 'cut-outs',
      pieces: 1,
      motif: 'heart',
    });
  });

  test('what is proposed for any surface fits it, with a border of another colour', () => {
    for (const outline of [
      { kind: 'round', diameterMm: 300 },
      { kind: 'rectangle', lengthMm: 900, widthMm: 300, cornerMm: 10 },
      { kind: 'round', diameterMm: 560 },
    ] as const) {
      const plan = { ...start, surfaces: [{ ...surface, outline }] };
      const motif = proposedMotif(plan, plan.surfaces[0]!)!;
      const { border } = motifHeaps(plan, motif)!;
      expect(roomTaken(plan.surfaces[0]!, withBorder(motif.outline, border!.fact))).toBeLessThan(1);
      expect(border!.component.id).not.toBe(motif.fill.componentId);
    }
  });
});

describe('a food of a motif that is swapped', () => {
  const now = laid(start, heart({ detail: { componentId: id('edam'), kind: 'stitches' } }));
  const food = (name: string) => planLarder(now).get(id(name))!;

  test('fills it as many pieces as its ground asks of the new one, and the border follows its own', () => {
    const { commands, placements } = swappedInMotifs(now, id('blueberries'), food('raspberries'));
    expect(commands).toMatchObject([{ name: 'set-motif', motif: { fill: { componentId: 'raspberries' } } }]);
    const { fill } = motifHeaps(now, {
      ...now.motifs[0]!,
      fill: { componentId: id('raspberries'), form: placements[0]!.form },
    })!;
    expect(placements).toMatchObject([{ motif: 'heart', pieces: fill.pieces, massG: fill.massG }]);
    const border = swappedInMotifs(now, id('young-gouda'), food('edam'));
    expect(border.commands).toMatchObject([{ motif: { border: { componentId: 'edam' } } }]);
  });

  test('that no figure can be filled with takes it away; details go without their food; others are let be', () => {
    const bowl = [...planLarder(now).values()].find((one) => finestForm(one) === undefined)!;
    expect(swappedInMotifs(now, id('blueberries'), bowl).commands).toEqual([
      { name: 'remove-motif', motifId: 'heart' },
    ]);
    expect(swappedInMotifs(now, id('edam'), food('raspberries'))).toMatchObject({
      commands: [{ motif: { detail: null } }],
      placements: [],
    });
    expect(swappedInMotifs(now, id('salami'), food('raspberries'))).toEqual({ commands: [], placements: [] });
  });
});

test('a proposal asks for little more than lies there, and for nothing that is served in lots', () => {
  const long = {
    ...start,
    occasion: { ...start.occasion, durationMin: 240 },
    placements: [lies('mozzarella-pearls', 600), lies('red-grapes', 150)],
  };
  const motif = proposedMotif(long, surface)!;
  expect(motif.fill.componentId).toBe('red-grapes');
  expect(motif.border?.componentId).not.toBe('mozzarella-pearls');
  const { massG } = motifHeaps(long, motif)!.fill;
  expect(massG).toBeLessThan(150 * 1.7);
  expect(motif.acrossMm).toBeGreaterThanOrEqual(120);
});

describe('a motif that is laid', () => {
  const plan = laid(start, heart());
  const done = laySurface(plan, surface, 1);
  const of = (food: string) =>
    done.elements.find((element) => element.componentId === id(food) && element.motif)!;

  test('stands within the rim, its filling and border as many pieces as the plan has', () => {
    for (const food of ['blueberries', 'young-gouda'])
      expect(of(food).pieces).toHaveLength(
        plan.placements.find((placement) => placement.componentId === id(food) && placement.motif)!.pieces,
      );
    for (const [x, y] of of('young-gouda').outline) expect(hypot2(x, y)).toBeLessThanOrEqual(240);
  });

  test('its filling lies within its outline, save what leans over the edge', () => {
    const { x, y, pieces, outline } = of('blueberries');
    for (const [dx, dy] of pieces) expect(inside(outline, x + dx, y + dy)).toBe(true);
  });

  test('hardly anything else lies on it, and nothing that stands', () => {
    const figure = of('young-gouda').outline;
    const larder = planLarder(plan);
    const others = done.elements.filter(({ motif, layer }) => motif === undefined && layer !== 6);
    const hard = others.filter(({ layer }) => layer === 4);
    for (const { x, y } of hard) expect(inside(figure, x, y)).toBe(false);
    const middles = others
      .filter(({ layer }) => layer < 4)
      .flatMap(({ x, y, pieces }) => pieces.map(([dx, dy]) => [x + dx, y + dy] as const));
    expect(middles.length).toBeGreaterThan(50);
    const on = middles.filter(([x, y]) => inside(figure, x, y)).length;
    expect(on / middles.length).toBeLessThan(0.03);
    expect(formOf(larder.get(id('blueberries'))!, 'scatter')).toBeDefined();
    expect(outlineOfPiece(formOf(larder.get(id('blueberries'))!, 'scatter')!, 0).length).toBeGreaterThan(2);
  });

  test('is moved and pinned as one thing', () => {
    const layout = [{ surfaceId: surface.id, elements: done.elements }];
    const fill = of('blueberries');
    const moved = applyCommand(
      { ...plan, layout },
      {
        name: 'together',
        label: 'move',
        commands: [
          {
            name: 'move-element',
            surfaceId: surface.id,
            elementId: fill.id,
            x: fill.x + 20,
            y: fill.y - 10,
            angle: fill.angle,
          },
          { name: 'pin-element', surfaceId: surface.id, elementId: fill.id, on: true },
        ],
      },
    );
    if (!moved.ok) throw new Error('not moved');
    const after = moved.plan.layout[0]!.elements.find(
      ({ componentId, motif }) => componentId === id('young-gouda') && motif,
    )!;
    expect(after.pinned).toBe(true);
    expect(after.x).toBeCloseTo(fill.x + 20, 6);
    expect(after.y).toBeCloseTo(fill.y - 10, 6);
    // laid again, it stays where the hand has put it
    const again = laySurface(moved.plan, surface, 7);
    const kept = again.elements.find(({ id: one }) => one === fill.id)!;
    expect([kept.x, kept.y]).toEqual([after.x, after.y]);
  });

  test('a number of it stands on one of its pieces', () => {
    const crescent = laySurface(laid(start, heart({ cutter: 'crescent' })), surface, 1);
    for (const element of crescent.elements.filter(({ motif }) => motif)) {
      const { x, y } = pointOn(element);
      const near = Math.min(
        ...element.pieces.map(([dx, dy]) => hypot2(element.x + dx - x, element.y + dy - y)),
      );
      expect(near).toBeLessThan(0.01);
    }
  });

  test('by itself it is as it will lie, about its middle', () => {
    const alone = motifAlone(plan, 'heart', 1);
    expect(alone.map(({ componentId }) => componentId)).toEqual(['young-gouda', 'blueberries']);
    expect(alone.every(({ x, y }) => x === 0 && y === 0)).toBe(true);
    expect(motifAlone(plan, 'nothing', 1)).toEqual([]);
  });
});
