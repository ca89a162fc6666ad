import { toolsInUse } from '../../board/index.js';
import { FORMS } from '../../catalogue/index.js';
import { formatMoney } from '../../measure/index.js';
import { planLarder, type Plan, type SingleCommand } from '../../plan/index.js';
import { bowlForG, bowlHoldsG, bowlSizes, bowlsInUse, costOf, type BowlInUse } from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import type { Finding } from '../finding.js';

const base = { concerns: [], components: [], surfaceId: null, grave: false, glyph: 'chipped' as const };

const several = (n: number): string => (n === 1 ? 'bowl is' : 'bowls are');

const sizesSaid = (bowls: readonly BowlInUse[]): string =>
  bowlSizes(bowls)
    .map((b) => `${b.count} of ${b.diameterMm} mm`)
    .join(', ');

/** What is at hand, and these beside it. */
function bringing(plan: Plan, more: readonly BowlInUse[], sizeOf: (b: BowlInUse) => number): SingleCommand {
  const bowls = plan.bowls.map((b) => ({ ...b }));
  for (const bowl of more) {
    const diameterMm = sizeOf(bowl);
    const same = bowls.find((b) => b.diameterMm === diameterMm);
    if (same) same.count += 1;
    else bowls.push({ diameterMm, count: 1 });
  }
  return { name: 'set-bowls', bowls };
}

/** Running out of bowls is how a condiment gets left off; one that is too small runs over. */
function bowls(c: CheckContext): Finding[] {
  const inUse = bowlsInUse(c.plan);
  const have = c.plan.bowls.reduce((n, b) => n + b.count, 0);
  const missing = inUse.filter((b) => !b.atHand);
  const small = inUse.filter((b) => b.atHand && FORMS[b.form].bowl && b.massG > bowlHoldsG(b.diameterMm));
  const names = (list: readonly BowlInUse[]) => [...new Set(list.map((b) => b.componentId))];
  const larder = planLarder(c.plan);
  const out: Finding[] = [];
  if (missing.length > 0)
    out.push({
      ...base,
      key: 'bowls',
      code: 'too-few-bowls',
      components: names(missing),
      text: `${missing.length} ${several(missing.length)} missing: ${sizesSaid(missing)}.`,
      why: `${inUse.length} bowls are wanted; ${have} are at hand.`,
      facts: [{ what: 'bowls', value: `${have} of ${inUse.length}`, source: 'this plan' }],
      remedies: [
        {
          label: 'Bring more bowls',
          effect: sizesSaid(missing),
          command: bringing(c.plan, missing, (b) => b.diameterMm),
        },
      ],
    });
  if (small.length > 0)
    out.push({
      ...base,
      key: 'bowl-sizes',
      code: 'bowls-too-small',
      components: names(small),
      text: `${small.length} ${several(small.length)} too small.`,
      why: 'What is heaped over the brim runs over. The larger bowls at hand are taken by what is fuller still.',
      facts: small.slice(0, 12).map((b) => ({
        what: larder.get(b.componentId)?.name ?? b.componentId,
        value: `${Math.round(b.massG)} g in a bowl of ${b.diameterMm} mm, which holds ${Math.floor(bowlHoldsG(b.diameterMm))} g`,
        source: 'house default' as const,
      })),
      remedies: [
        {
          label: 'Bring larger bowls',
          effect: sizesSaid(small.map((b) => ({ ...b, diameterMm: bowlForG(b.massG) }))),
          command: bringing(c.plan, small, (b) => bowlForG(b.massG)),
        },
      ],
    });
  return out;
}

/** Bowls for what stands in one, and one knife for each cheese: one for all of them mixes them. */
export function tools(c: CheckContext): Finding[] {
  const out = bowls(c);
  const { knives } = toolsInUse(c.plan);
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
