import { describe, expect, test } from '@jest/globals';
import { takenHere } from '../board/index.js';
import fc from 'fast-check';
import { CATALOGUE, usualForm } from '../catalogue/index.js';
import { checkPlan } from '../check/index.js';
import { applyCommand, type Plan } from '../plan/index.js';
import { group, id, lies, planWith } from '../testing/plans.js';
import { likeness, scoreOf, servesLike } from './likeness.js';
import { swapsFor } from './index.js';
import { text } from '../testing/words.js';

const food = fc.constantFrom(...CATALOGUE);
const get = (x: string) => CATALOGUE.find((component) => component.id === x)!;

describe('likeness', () => {
  test('every part is between none and all, and so is their sum', () => {
    fc.assert(
      fc.property(food, food, (a, b) => {
        const like = likeness(a, b);
        for (const part of Object.values(like)) {
          expect(part).toBeGreaterThanOrEqual(0);
          expect(part).toBeLessThanOrEqual(1 + 1e-9);
        }
        expect(scoreOf(like)).toBeGreaterThanOrEqual(0);
        expect(scoreOf(like)).toBeLessThanOrEqual(1 + 1e-9);
      }),
    );
  });

  test('nothing is more like a food than itself', () => {
    fc.assert(fc.property(food, food, (a, b) => scoreOf(likeness(a, b)) <= scoreOf(likeness(a, a)) + 1e-9));
  });

  test.each([
    ['salami', 'chorizo', 'brie'],
    ['water-crackers', 'seed-crackers', 'strawberries'],
    ['strawberries', 'raspberries', 'cornichons'],
    ['hummus-home', 'herb-bean-dip', 'almonds'],
  ])('%s is more like %s than like %s', (a, near, far) => {
    expect(scoreOf(likeness(get(a), get(near)))).toBeGreaterThan(scoreOf(likeness(get(a), get(far))));
  });
});

describe('swaps on a whole plan', () => {
  const plan: Plan = planWith({
    party: [group('all', 6), group('vegans', 2, ['vegan'])],
    placements: [lies('brie', 250), lies('honey', 60), lies('water-crackers', 90), lies('strawberries', 200)],
  });
  const swaps = swapsFor(plan, id('honey'));

  test('keep the mass as far as it is eaten, the surfaces and everything else', () => {
    for (const swap of swaps.filter((otherSwap) => otherSwap.kind === 'component')) {
      const done = applyCommand(plan, swap.command);
      if (!done.ok) throw new Error('expected a swap that can be applied');
      const others = (plan: Plan, gone: string) =>
        plan.placements
          .filter((placement) => placement.componentId !== gone)
          .map((placement) => placement.componentId);
      expect(others(done.plan, swap.id)).toEqual(others(plan, 'honey'));
      const fact = usualForm(get(swap.id));
      const mass = done.plan.placements
        .filter((placement) => placement.componentId === swap.id)
        .reduce((sum, placement) => sum + placement.massG, 0);
      // as much as there was, or as those there take of it
      const off = Math.max(10, fact.pieceG);
      const { most } = takenHere(plan, get(swap.id), fact.form, plan.surfaces[0]!);
      expect(mass).toBeLessThanOrEqual(60 + off);
      expect(mass).toBeGreaterThanOrEqual(Math.min(60, most) - off);
    }
  });

  test('say truly what they fix and break', () => {
    const before = checkPlan(plan).findings.filter((finding) => finding.severity !== 'good');
    for (const swap of swaps.slice(0, 6)) {
      const done = applyCommand(plan, swap.command);
      if (!done.ok) throw new Error('expected a swap that can be applied');
      const after = checkPlan(done.plan).findings.filter((finding) => finding.severity !== 'good');
      for (const finding of swap.fixes) expect(before.map(text)).toContain(text(finding));
      for (const finding of swap.breaks) expect(after.map(text)).toContain(text(finding));
      const fresh = after
        .filter((finding) => !before.some((otherFinding) => otherFinding.key === finding.key))
        .map(text);
      expect(swap.breaks.map(text).sort()).toEqual(fresh.sort());
    }
  });

  test('never offer what is on the board, what is excluded, or what nobody knows', () => {
    const excluded = planWith({ ...plan, wishes: { ...plan.wishes, excluded: [swaps[0]!.id] } });
    const ids = swapsFor(excluded, id('honey'))
      .filter((swap) => swap.kind === 'component')
      .map((swap) => swap.id);
    expect(ids).not.toContain(swaps[0]!.id);
    for (const placement of plan.placements) expect(ids).not.toContain(placement.componentId);
  });
});

describe('what could be served for what', () => {
  test.each([
    ['honey', 'dijon-mustard'],
    ['cocktail-sausages', 'edamame'],
    ['gorgonzola', 'mascarpone'],
    ['baguette-toasts', 'kale-crisps'],
    ['serrano-ham', 'edamame'],
    ['hummus-home', 'aioli'],
    ['chia-berry-jam', 'balsamic-glaze'],
  ])('%s is not turned into %s', (a, b) => expect(servesLike(get(a), get(b))).toBe(false));

  test.each([
    ['aged-gouda', 'smoked-tempeh'],
    ['aged-gouda', 'lupin-beans'],
    ['raisins', 'blackberries'],
  ])('%s and %s are of families that do not stand in for each other', (a, b) =>
    expect(likeness(get(a), get(b)).family).toBe(0),
  );

  test('salmon may become smoked tofu', () =>
    expect(servesLike(get('smoked-salmon'), get('smoked-tofu'))).toBe(true));

  test.each([
    ['salami', 'plant-salami'],
    ['brie', 'cashew-camembert'],
    ['hummus-home', 'beet-dip'],
    ['water-crackers', 'buckwheat-crisps'],
    ['chicken-skewers', 'falafel'],
    ['honey', 'maple-syrup'],
  ])('%s may become %s, and the other way', (a, b) => {
    expect([servesLike(get(a), get(b)), servesLike(get(b), get(a))]).toEqual([true, true]);
  });
});
