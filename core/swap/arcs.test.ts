import { describe, expect, test } from '@jest/globals';
import { planLarder, type Plan } from '../plan/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { arcsFor, lossOf, type Arc, type Target } from './arcs.js';
import type { SwapOption } from './option.js';
import { optionsFor } from './options.js';

const board: Plan = planWith({
  party: [group('all', 6), group('vegans', 2, ['vegan'])],
  placements: [
    lies('brie', 250),
    lies('hummus-home', 200),
    lies('water-crackers', 120),
    lies('cucumber', 150),
  ],
});

const arcs = (plan: Plan, food: string, target: Target): Arc[] =>
  arcsFor(plan, planLarder(plan), id(food), target, lossOf(plan));
const kinds = (list: readonly Arc[]) => new Set(list.map((arc) => arc.item.kind));
const need = (name: string): Target => ({ needs: [{ id: name, settings: {} }] });
const swapOf = (plan: Plan, from: string, to: string): SwapOption => {
  const larder = planLarder(plan);
  const here = plan.placements.filter((placement) => placement.componentId === from);
  const found = optionsFor(plan, larder, larder.get(id(from))!, here, { kinds: ['component'] }).find(
    (option) => option.id === to,
  );
  if (!found) throw new Error(`${to} is no swap for ${from}`);
  return found;
};

describe('what one food may become', () => {
  test('what suits may stay at no loss, and may always go', () => {
    const here = arcs(board, 'hummus-home', need('vegan'));
    expect(here[0]!.item.kind).toBe('stays');
    expect(here[0]!.loss).toBe(0);
    expect(kinds(here)).toContain('leave-out');
    expect(kinds(here)).not.toContain('apart');
  });

  test('what does not suit cannot stay: it becomes something, goes apart or goes, and says why', () => {
    const here = arcs(board, 'brie', need('vegan'));
    expect(kinds(here)).not.toContain('stays');
    expect(kinds(here)).toContain('apart');
    for (const arc of here) expect(arc.item.reasons.length).toBeGreaterThan(0);
    // apart is better than gone, and a swap that is alike is better than both
    const loss = (kind: string) =>
      Math.min(...here.filter((arc) => arc.item.kind === kind).map((arc) => arc.loss));
    expect(loss('apart')).toBeLessThan(loss('leave-out'));
    expect(loss('component')).toBeLessThan(loss('apart'));
  });

  test('a food that is held loses much by moving, not by staying', () => {
    const target: Target = { needs: [], locked: [id('brie')] };
    const here = arcs(board, 'brie', target);
    const moving = here.filter((arc) => arc.item.kind !== 'stays');
    expect(here.find((arc) => arc.item.kind === 'stays')!.loss).toBe(0);
    for (const arc of moving) expect(arc.loss).toBeGreaterThan(4);
  });

  test('what stays is bought as it lies, what leaves is not bought', () => {
    const [stays, gone] = (['stays', 'leave-out'] as const).map((kind) =>
      arcs(board, 'brie', { needs: [] }).find((arc) => arc.item.kind === kind)!,
    );
    expect(stays!.buys).toEqual({ food: 'brie', massG: 250 });
    expect(gone!.buys).toBeUndefined();
  });

  test('in the heat chocolate neither stays nor stands apart', () => {
    const sweet = planWith({
      party: [group('all', 4)],
      placements: [lies('milk-chocolate', 120), lies('strawberries', 150)],
      occasion: { ...board.occasion, airTempC: 31, where: 'outdoors' },
    });
    const here = arcs(sweet, 'milk-chocolate', {
      needs: [],
      occasion: { airTempC: 31, where: 'outdoors' },
    });
    expect(kinds(here)).not.toContain('stays');
    expect(kinds(here)).not.toContain('apart');
    for (const arc of here.filter((otherArc) => otherArc.component))
      expect(arc.component!.id).not.toMatch(/chocolate/);
  });
});

describe('what the guests who come lose by a swap', () => {
  const nuts = group('nuts', 1, ['tree-nut-free']);
  const loss = (plan: Plan, from: string, to: string): number => {
    const here = plan.placements.filter((placement) => placement.componentId === from);
    return lossOf(plan)(here, planLarder(plan).get(id(from))!, swapOf(plan, from, to));
  };

  test('nothing where everyone could eat it before and can eat it after', () => {
    expect(loss(board, 'brie', 'camembert')).toBe(0);
  });

  test('a little for each group whose food it was', () => {
    const alone = loss(board, 'hummus-home', 'tzatziki');
    expect(alone).toBeGreaterThan(0);
    const two = { ...board, party: [...board.party, group('vegans-too', 1, ['vegan'])] };
    expect(loss(two, 'hummus-home', 'tzatziki')).toBeCloseTo(2 * alone, 9);
  });

  test('everything where it would reach a guest who was not reached before: it is no choice', () => {
    const near: Plan = { ...board, party: [...board.party, nuts] };
    const seeds = { ...near, placements: [...board.placements, lies('pumpkin-seeds', 60)] };
    expect(loss(seeds, 'pumpkin-seeds', 'almonds')).toBeGreaterThan(1);
    const offered = arcs(seeds, 'pumpkin-seeds', { needs: [] }).map((arc) => arc.item.to);
    expect(offered.length).toBeGreaterThan(2);
    expect(offered).not.toContain('almonds');
    // a surface that does not serve them is none of their business
    const [main] = board.surfaces;
    const elsewhere = {
      ...seeds,
      surfaces: [
        { ...main!, serves: board.party.map((group) => group.id) },
        { ...main!, id: 'tray' as never, name: 'Tray', serves: [nuts.id] },
      ],
    };
    expect(loss(elsewhere, 'pumpkin-seeds', 'almonds')).toBeLessThan(1);
  });
});
