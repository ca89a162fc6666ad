import { formatMoney } from '../../measure/index.js';
import { costOf } from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import type { Finding } from '../finding.js';

const NEEDS_KNIFE = new Set(['wheel', 'wedge', 'log']);
const base = { concerns: [], components: [], surfaceId: null, grave: false, glyph: 'chipped' as const };

/** Running out of bowls is how a condiment gets left off; one knife for all cheeses mixes them. */
export function tools(c: CheckContext): Finding[] {
  const out: Finding[] = [];
  const bowls = c.plan.placements
    .filter((p) => p.contained && p.lot === 0)
    .reduce((n, p) => n + (p.form === 'bowl' ? p.pieces : 1), 0);
  const have = c.plan.bowls.reduce((n, b) => n + b.count, 0);
  if (bowls > have) {
    const [first, ...rest] = [...c.plan.bowls].sort((a, b) => b.count - a.count);
    out.push({
      ...base,
      key: 'bowls',
      code: 'too-few-bowls',
      text: `${bowls - have} ${bowls - have === 1 ? 'bowl is' : 'bowls are'} missing.`,
      why: `${bowls} foods want a bowl; ${have} are at hand.`,
      facts: [{ what: 'bowls', value: `${have} of ${bowls}`, source: 'this plan' }],
      remedies: [
        {
          label: 'Bring more bowls',
          effect: `${bowls - have} more`,
          command: {
            name: 'set-bowls',
            bowls: [
              { diameterMm: first?.diameterMm ?? 100, count: (first?.count ?? 0) + bowls - have },
              ...rest,
            ],
          },
        },
      ],
    });
  }
  const knives = new Set(
    c.lying.filter((l) => NEEDS_KNIFE.has(l.form)).map((l) => `${l.component.id} ${l.surface.id}`),
  ).size;
  if (knives > c.plan.tools.knives)
    out.push({
      ...base,
      key: 'knives',
      code: 'too-few-knives',
      text: 'A knife for each cheese.',
      why: `${knives} cheeses are cut at the table; ${c.plan.tools.knives} knives are at hand.`,
      facts: [{ what: 'knives', value: `${c.plan.tools.knives} of ${knives}`, source: 'this plan' }],
      remedies: [
        {
          label: 'Bring more knives',
          effect: `${knives - c.plan.tools.knives} more`,
          command: { name: 'set-tools', tools: { ...c.plan.tools, knives } },
        },
      ],
    });
  return out;
}

/** What is bought against what may be spent. */
export function budget(c: CheckContext): Finding[] {
  const { budgetMinor, currency } = c.plan;
  const cost = costOf(c.plan);
  if (budgetMinor === null || cost <= budgetMinor) return [];
  return [
    {
      ...base,
      key: 'budget',
      code: 'over-budget',
      text: `${formatMoney(cost - budgetMinor, currency)} over the budget.`,
      why: `Packs bought come to ${formatMoney(cost, currency)}; the budget is ${formatMoney(budgetMinor, currency)}.`,
      facts: [{ what: 'packs bought', value: formatMoney(cost, currency), source: 'house default' }],
      remedies: [
        {
          label: 'Raise the budget',
          effect: formatMoney(cost, currency),
          command: { name: 'set-budget', budgetMinor: cost },
        },
      ],
    },
  ];
}
