import { beforeAll, describe, expect, test } from '@jest/globals';
import { madeDemo } from '../../demo/made.js';
import { formOf } from '../catalogue/index.js';
import { planLarder, planSchema, type LaidElement, type Placement, type Plan } from '../plan/index.js';
import { swapsFor } from '../swap/index.js';
import { createRandom } from '../measure/index.js';
import { after, board, group, id, lies, planWith } from '../testing/plans.js';
import { hardOverlaps, layAround, layPlan } from './index.js';

const foods = [
  lies('brie', 250),
  lies('water-crackers', 120),
  lies('green-grapes', 200),
  lies('strawberries', 150),
  lies('salami', 120),
  lies('almonds', 90),
  lies('hummus-home', 200, { contained: true }),
];
let plan: Plan;
beforeAll(() => {
  plan = layPlan(planWith({ party: [group('all', 8)], placements: foods }), 4).plan;
});

const elements = (p: Plan): LaidElement[] => p.layout[0]!.elements;
const around = (edited: Plan, from: Plan = plan) => layAround(from, edited, 4);
const byId = (list: readonly LaidElement[]) => new Map(list.map((e) => [e.id, e]));
const swapped = (food: string, from: Plan = plan): Plan[] =>
  swapsFor(from, id(food), { judge: false }).map((s) => after(from, s.command));

/** Every kind that was placed lies there, with all its pieces, and nothing else does. */
function liesWhole(p: Plan, list: readonly LaidElement[]): void {
  for (const x of p.placements) {
    const here = list.filter((e) => e.componentId === x.componentId && e.form === x.form);
    expect([x.componentId, here.reduce((n, e) => n + e.pieces.length, 0) > 0]).toEqual([x.componentId, true]);
  }
  const placed = new Set(p.placements.map((x) => x.componentId));
  expect(list.filter((e) => !placed.has(e.componentId))).toEqual([]);
}

/** A bowl of something spread is one piece, whatever it holds. */
const drawnPieces = (from: Plan, p: Placement): number =>
  p.contained && formOf(planLarder(from).get(p.componentId)!, p.form)?.piece === 'bowl' ? 1 : p.pieces;

/** The same food with other pieces, each as heavy as before. */
function withPieces(from: Plan, food: string, pieces: number): Plan {
  return {
    ...from,
    placements: from.placements.map((p) =>
      p.componentId === food ? { ...p, pieces, massG: (p.massG / p.pieces) * pieces } : p,
    ),
  };
}

describe('laying what changed', () => {
  test('nothing changed, nothing is laid', () => {
    expect(around(plan)).toEqual([]);
    expect(around({ ...plan, notes: 'in the tent' })).toEqual([]);
  });

  test('a swapped food lies where ground came free, and nothing else moves', () => {
    const old = byId(elements(plan));
    let compared = 0;
    for (const food of ['green-grapes', 'salami', 'water-crackers'])
      for (const edited of swapped(food).slice(0, 3)) {
        const [laid] = around(edited);
        liesWhole(edited, laid!.elements);
        expect(hardOverlaps(laid!.elements)).toEqual([]);
        const stays = new Set(foods.map((p) => p.componentId as string).filter((x) => x !== food));
        // a bowl that comes makes others move, which the next test but one looks at
        if (laid!.elements.some((e) => !old.has(e.id) && e.layer === 4)) continue;
        const stood = laid!.elements.filter((e) => stays.has(e.componentId));
        expect(stood).toHaveLength([...old.values()].filter((e) => stays.has(e.componentId)).length);
        for (const e of stood) expect(e).toEqual(old.get(e.id));
        compared += stood.length;
      }
    expect(compared).toBeGreaterThan(20);
  });

  test('the ground is covered about as well as before', () => {
    const before = layPlan({ ...plan, layout: [] }, 4).surfaces[0]!.coverage;
    for (const edited of swapped('green-grapes').slice(0, 3))
      expect(around(edited)[0]!.coverage).toBeGreaterThan(before - 0.12);
  });

  test('where a bowl comes to stand, what lay there makes room', () => {
    const edited = after(plan, {
      name: 'together',
      label: 'another bowl',
      commands: [
        {
          name: 'set-board',
          placements: [
            ...plan.placements.filter((p) => p.componentId !== id('almonds')),
            lies('guacamole', 260, { contained: true }),
          ],
        },
      ],
    });
    const [laid] = around(edited);
    liesWhole(edited, laid!.elements);
    expect(hardOverlaps(laid!.elements)).toEqual([]);
    const bowl = laid!.elements.find((e) => e.componentId === 'guacamole')!;
    const buried = (e: LaidElement) =>
      e.pieces.filter(([x, y]) => {
        const [c, s] = [Math.cos((e.angle * Math.PI) / 180), Math.sin((e.angle * Math.PI) / 180)];
        return Math.hypot(e.x + x * c - y * s - bowl.x, e.y + x * s + y * c - bowl.y) < bowl.bowlMm! * 0.8;
      }).length / e.pieces.length;
    expect(laid!.elements.filter((e) => e.layer < 4 && buried(e) > 0.2).map((e) => e.componentId)).toEqual(
      [],
    );
  });

  test('what the hand pinned stays pinned, what was only held does not', () => {
    const [first] = elements(plan);
    const pinned = after(plan, {
      name: 'pin-element',
      surfaceId: board().id,
      elementId: first!.id,
      on: true,
    });
    const food = first!.componentId === id('salami') ? 'green-grapes' : 'salami';
    const edited = swapped(food, pinned)[0]!;
    const [laid] = around(edited, pinned);
    expect(laid!.elements.filter((e) => e.pinned).map((e) => e.id)).toEqual([first!.id]);
  });

  test('another size of the surface, or most foods changed: it is laid afresh', () => {
    const wider = {
      ...plan,
      surfaces: [{ ...plan.surfaces[0]!, outline: { kind: 'round' as const, diameterMm: 520 } }],
    };
    expect(around(wider)).toEqual(layPlan(wider, 4).surfaces);
    const most = { ...plan, placements: foods.map((p, i) => (i < 4 ? { ...p, massG: p.massG + 30 } : p)) };
    expect(around(most)).toEqual(layPlan(most, 4).surfaces);
  });

  test('a board that was never laid is laid, and only the surface that changed', () => {
    expect(around({ ...plan, layout: [] }, { ...plan, layout: [] })).toEqual([]);
    const bare = { ...plan, layout: [] };
    const edited = after(bare, { name: 'leave-out', componentId: id('almonds') });
    expect(layAround(bare, edited, 4)).toEqual(layPlan(edited, 4).surfaces);
  });

  test('through a chain of edits every piece stays counted and nothing hard is stood on', () => {
    const random = createRandom(11);
    let now = plan;
    for (let step = 0; step < 12; step++) {
      const from = now;
      const p = now.placements[random.int(now.placements.length)]!;
      const swaps = swapped(p.componentId, now);
      const kind = random.int(4);
      if (kind === 0 && now.placements.length > 4)
        now = after(now, { name: 'leave-out', componentId: p.componentId });
      else if (kind === 1 && !p.contained && p.pieces > 3) now = withPieces(now, p.componentId, p.pieces - 1);
      else if (swaps.length > 0) now = swaps[random.int(Math.min(5, swaps.length))]!;
      const laid = layAround(from, now, 4);
      const layout = now.layout.map((l) => laid.find((x) => x.surfaceId === l.surfaceId) ?? l);
      now = { ...now, layout: layout.map(({ surfaceId, elements: e }) => ({ surfaceId, elements: e })) };
      expect(planSchema.safeParse(now).success).toBe(true);
      liesWhole(now, elements(now));
      expect(hardOverlaps(elements(now))).toEqual([]);
      for (const x of now.placements) {
        const pieces = elements(now)
          .filter((e) => e.componentId === x.componentId && e.form === x.form)
          .reduce((n, e) => n + e.pieces.length, 0);
        expect([step, x.componentId, pieces]).toEqual([step, x.componentId, drawnPieces(now, x)]);
      }
    }
  });

  test('so it goes on a whole table too, with every piece somewhere', async () => {
    const table = layPlan({ ...(await madeDemo('comet-watch')), layout: [] }, 15).plan;
    const main = table.placements.filter((p) => p.surfaceId === table.surfaces[0]!.id);
    for (const p of [main[0]!, main[3]!, main.at(-1)!])
      for (const edited of swapped(p.componentId, table).slice(0, 1))
        for (const laid of layAround(table, edited, 15)) {
          const here = edited.placements.filter((x) => x.surfaceId === laid.surfaceId && x.lot === 0);
          liesWhole({ ...edited, placements: here }, laid.elements);
          expect(hardOverlaps(laid.elements)).toEqual([]);
        }
  });
});
