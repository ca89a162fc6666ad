import { toolsInUse } from '../../board/index.js';
import { FORMS } from '../../catalogue/index.js';
import type { Several } from '../../words/index.js';
import { planLarder, type Plan, type SingleCommand } from '../../plan/index.js';
import { bowlForG, bowlHoldsG, bowlSizes, bowlsInUse, costOf, type BowlInUse } from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding } from '../finding.js';

/** So many foods are listed under "Why this?". */
const MOST_LISTED = 12;

const sizesOf = (bowls: readonly BowlInUse[]): Several => ({
  all: bowlSizes(bowls).map((b) => ({
    say: 'bowls.of',
    with: { n: b.count, size: { mm: b.diameterMm } },
  })),
  most: 6,
});

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
    out.push(
      finding('too-few-bowls', {
        key: 'bowls',
        components: names(missing),
        args: { n: missing.length, sizes: sizesOf(missing), wanted: inUse.length, have },
        facts: [
          {
            what: { say: 'fact.name.bowls' },
            value: { say: 'fact.of', with: { n: have, all: inUse.length } },
            source: 'this plan',
          },
        ],
        remedies: [
          {
            kind: 'more-bowls',
            args: { sizes: sizesOf(missing) },
            command: bringing(c.plan, missing, (b) => b.diameterMm),
          },
        ],
      }),
    );
  if (small.length > 0)
    out.push(
      finding('bowls-too-small', {
        key: 'bowl-sizes',
        components: names(small),
        args: { n: small.length },
        facts: small.slice(0, MOST_LISTED).map((b): Fact => ({
          what: larder.get(b.componentId)?.name ?? b.componentId,
          value: {
            say: 'fact.in-a-bowl',
            with: {
              mass: { g: b.massG },
              size: { mm: b.diameterMm },
              holds: { g: Math.floor(bowlHoldsG(b.diameterMm)) },
            },
          },
          source: 'house default',
        })),
        remedies: [
          {
            kind: 'larger-bowls',
            args: { sizes: sizesOf(small.map((b) => ({ ...b, diameterMm: bowlForG(b.massG) }))) },
            command: bringing(c.plan, small, (b) => bowlForG(b.massG)),
          },
        ],
      }),
    );
  return out;
}

/** Bowls for what stands in one, and one knife for each cheese: one for all of them mixes them. */
export function tools(c: CheckContext): Finding[] {
  const out = bowls(c);
  const { knives } = toolsInUse(c.plan);
  const have = c.plan.tools.knives;
  if (knives > have)
    out.push(
      finding('too-few-knives', {
        key: 'knives',
        args: { n: knives, have },
        facts: [
          {
            what: { say: 'fact.name.knives' },
            value: { say: 'fact.of', with: { n: have, all: knives } },
            source: 'this plan',
          },
        ],
        remedies: [
          {
            kind: 'more-knives',
            args: { n: knives - have },
            command: { name: 'set-tools', tools: { ...c.plan.tools, knives } },
          },
        ],
      }),
    );
  return out;
}

/** What is bought against what may be spent. */
export function budget(c: CheckContext): Finding[] {
  const { budgetMinor, currency } = c.plan;
  const cost = costOf(c.plan);
  if (budgetMinor === null || cost <= budgetMinor) return [];
  const paid = { minor: cost, currency };
  return [
    finding('over-budget', {
      key: 'budget',
      args: {
        over: { minor: cost - budgetMinor, currency },
        cost: paid,
        budget: { minor: budgetMinor, currency },
      },
      facts: [{ what: { say: 'fact.name.packs-bought' }, value: paid, source: 'house default' }],
      remedies: [
        {
          kind: 'raise-budget',
          args: { budget: paid },
          command: { name: 'set-budget', budgetMinor: cost },
        },
      ],
    }),
  ];
}
