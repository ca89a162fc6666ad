import { expect, test } from '@jest/globals';
import { layPlan } from '../lay/index.js';
import { toolsOf } from '../make/index.js';
import type { Group } from '../party/index.js';
import { planLarder, type Plan, type Surface, type SurfaceId } from '../plan/index.js';
import { lies, planWith, group } from '../testing/plans.js';
import { boardSvg, surfaceSize } from './index.js';
import { cardLines, cardsOn } from './labels.js';

function laid(): Plan {
  const base = planWith({ party: [group('all', 8)] });
  const tray = {
    ...base.surfaces[0]!,
    id: 'tray' as SurfaceId,
    name: 'Quiet tray <no nuts>',
    outline: { kind: 'round' as const, diameterMm: 260 },
    freeFrom: ['nuts' as const],
  };
  const plan = {
    ...base,
    surfaces: [base.surfaces[0]!, tray],
    placements: [
      lies('brie', 250),
      lies('mature-cheddar', 160),
      lies('aged-gouda', 120),
      lies('mozzarella-pearls', 140),
      lies('strawberries', 200),
      lies('water-crackers', 90),
      lies('feta', 120, { surfaceId: tray.id }),
      lies('cucumber-sticks', 120, { surfaceId: tray.id }),
    ],
  };
  return layPlan(plan, 3).plan;
}

const plan = laid();
const cards = plan.surfaces.map((surface) =>
  cardsOn(surface, plan.layout.find((layer) => layer.surfaceId === surface.id)!.elements, planLarder(plan)),
);

test('there are as many cards as the list of tools counts, for cheeses and for what is free from something', () => {
  const of = (id: string) => toolsOf(plan).find((line) => line.id === id)?.count ?? 0;
  const own = cards.flat().filter(({ lines }) => lines.join(' ').startsWith('Quiet tray'));
  expect([cards.flat().length - own.length, own.length]).toEqual([of('label'), of('free-label')]);
  expect(of('label')).toBe(5);
});

test('the card of a tray says all that is not on it', () => {
  const tray = plan.surfaces.find(({ freeFrom }) => freeFrom.length > 0)!;
  const freeFrom: Surface['freeFrom'] = ['pork', 'nuts', 'gluten', 'milk'];
  const [card] = cardsOn({ ...tray, freeFrom }, [], planLarder(plan));
  // a guest who looks for one thing must not find another only
  const said = card!.lines.join(' ');
  expect(said).toContain(' no ');
  expect(freeFrom.filter((food) => !new RegExp(`\\b${food}\\b`).test(said))).toEqual([]);
});

test('a card says of nothing that it is not there while a food that may hold it lies there', () => {
  const tray = plan.surfaces.find(({ freeFrom }) => freeFrom.length > 0)!;
  const party = [group('all', 6)];
  const said = (...foods: string[]): string => {
    const base = planWith({
      party,
      surfaces: [{ ...tray, name: 'Tray', freeFrom: ['nuts', 'milk'] }],
      placements: foods.map((food) => ({ ...lies(food, 150), surfaceId: tray.id })),
    });
    const { elements } = layPlan(base, 1).plan.layout[0]!;
    expect(new Set(elements.map(({ componentId }) => componentId)).size).toBe(foods.length);
    return cardsOn(base.surfaces[0]!, elements, planLarder(base))[0]!.lines.join(' ');
  };
  expect(said('cucumber-sticks', 'strawberries')).toMatch(/\bno\b.*nuts.*milk/);
  expect(said('cucumber-sticks', 'feta')).toMatch(/\bno\b.*nuts/);
  expect(said('cucumber-sticks', 'feta')).not.toMatch(/milk/);
  expect(said('almonds', 'feta')).not.toMatch(/\bno\b/);
});

test('a part that is kept for somebody says so, beside what lies in it, and names nobody', () => {
  const base = planWith({ party: [group('all', 6), group('coeliac', 2, ['gluten-free'])] });
  const kept = {
    ...base,
    surfaces: [{ ...base.surfaces[0]!, zoneFor: [base.party[1]!.id] }],
    placements: [
      lies('cucumber-sticks', 150, { inZone: true }),
      lies('strawberries', 300),
      lies('feta', 120),
    ],
  };
  const { elements } = layPlan(kept, 1).plan.layout[0]!;
  const words = cardsOn(kept.surfaces[0]!, elements, planLarder(kept)).map(({ lines }) => lines.join(' '));
  expect(words).toHaveLength(2);
  expect(words[0]).toContain('Kept apart');
  expect(words.join(' ')).not.toMatch(/coeliac/i);
  expect(toolsOf(kept).find(({ id }) => id === 'free-label')?.count).toBe(1);
});

test('no card hangs over the edge, none covers another, and each stands at its cheese', () => {
  plan.surfaces.forEach((surface, i) => {
    const [length, width] = surfaceSize(surface);
    const here = cards[i]!;
    for (const card of here) {
      expect(Math.abs(card.x) + card.l / 2).toBeLessThanOrEqual(length / 2 + 1e-9);
      expect(Math.abs(card.y) + card.w / 2).toBeLessThanOrEqual(width / 2 + 1e-9);
    }
    for (const [k, a] of here.entries())
      for (const b of here.slice(k + 1))
        expect(Math.abs(a.x - b.x) >= (a.l + b.l) / 2 || Math.abs(a.y - b.y) >= (a.w + b.w) / 2).toBe(true);
  });
});

test('picks lean in bowls of small things, and nowhere where a small child reaches them', () => {
  const grown = group('all', 8);
  const small = group('small', 1, [], { band: 'child', ages: [3] });
  const bowl = (food: string, party: Group[], reach: Partial<Surface>) => {
    const base = planWith({ party, placements: [lies(food, 200, { contained: true })] });
    const surfaces = base.surfaces.map((surface) => ({ ...surface, ...reach }));
    const { plan } = layPlan({ ...base, surfaces }, 3);
    const drawn = (labels: boolean) => boardSvg(plan, plan.surfaces[0]!, { labels }).length;
    return drawn(true) > drawn(false);
  };
  // within reach of children, where none comes
  expect(bowl('green-olives', [grown], { smallHands: true })).toBe(true);
  expect(bowl('green-olives', [grown, small], { smallHands: true })).toBe(false);
  // out of reach, but the child eats from it
  expect(bowl('green-olives', [grown, small], { smallHands: false })).toBe(false);
  expect(bowl('green-olives', [grown, small], { smallHands: false, serves: [grown.id] })).toBe(true);
  expect(bowl('almonds', [grown], { smallHands: false })).toBe(false);
});

test.each([
  ['Brie', ['Brie']],
  ['Young gouda, microbial rennet', ['Young gouda']],
  ['White cheese with cranberries', ['White cheese', 'with cranberries']],
  ['A washed rind from a very small valley', ['A washed rind', 'from a very …']],
  ['Gänseblümchenblütenschmelzkäse', ['Gänseblümchenblütensc…']],
])('%s is written as a hand would', (name, lines) => {
  expect(cardLines(name)).toEqual(lines);
});

test('a picture has cards only where they are asked for, and their words do no harm', () => {
  const tray = plan.surfaces[1]!;
  expect(boardSvg(plan, tray)).not.toContain('<text');
  const svg = boardSvg(plan, tray, { labels: true });
  expect(svg).toContain('&lt;no nuts&gt;');
  expect(svg).not.toContain('<no nuts>');
});
