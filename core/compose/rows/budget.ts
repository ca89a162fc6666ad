import type { Draft } from '../draft.js';

/** Points lost for each grown portion's euro (or other unit), so that of two equal boards the cheaper one wins. */
const EACH_UNIT = 0.15;

/** Money counts by what is bought. With a budget, packs are whole; without one, price by the gram is near enough. */
export function budgetRows(d: Draft): void {
  const { plan, targets } = d.problem;
  const weight = (EACH_UNIT * (1 + 0.5 * plan.wishes.levers.cheaper)) / Math.max(1, targets.portions) / 100;
  for (const [id, x] of d.chosen) {
    const perGram = Math.min(...d.component(id).packs.map((p) => p.priceMinor / p.massG));
    for (const e of d.entries)
      if (e.candidate.component.id === id) d.model.charge(e.mass, Math.max(0, weight) * perGram);
    void x;
  }
  if (plan.budgetMinor === null || !d.wishes.budget) return;
  const spent: (readonly [number, number])[] = [];
  for (const [id] of d.chosen) {
    const c = d.component(id);
    const masses = d.entries.filter((e) => e.candidate.component.id === id);
    const packs = c.packs.map((p, i) => {
      const most = Math.ceil(masses.reduce((n, e) => n + e.candidate.maxG, 0) / p.massG);
      const count = d.model.variable(`packs ${id} ${i}`, 0, most, 0, true);
      spent.push([count, p.priceMinor]);
      return [count, p.massG] as const;
    });
    d.model.atLeast(`bought ${id}`, [...packs, ...masses.map((e) => [e.mass, -1] as const)], 0);
  }
  d.model.atMost('budget', spent, plan.budgetMinor);
}
