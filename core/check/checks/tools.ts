import { setForm, tongsInUse, toolsInUse, type PlacedFood } from '../../board/index.js';
import { FORMS } from '../../catalogue/index.js';
import { shopFor } from '../../make/index.js';
import type { Several } from '../../words/index.js';
import { planLarder, type Plan, type SingleCommand } from '../../plan/index.js';
import {
  bowlForG,
  bowlHoldsG,
  bowlSizes,
  bowlsInUse,
  runsOver,
  type BowlInUse,
} from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding, type Remedy } from '../finding.js';
import { leaveOut } from '../remedies.js';

/** So many foods are listed under "Why this?". */
const MOST_LISTED = 12;

const sizesOf = (bowls: readonly BowlInUse[]): Several => ({
  all: bowlSizes(bowls).map((bowl) => ({
    say: 'bowls.of',
    with: { n: bowl.count, size: { mm: bowl.diameterMm } },
  })),
  most: 6,
});

const sizeFor = (bowl: BowlInUse): number => bowlForG(bowl.massG, bowl.gPerCm2);

/** What is at hand, and these beside it. */
function bringing(
  plan: Plan,
  more: readonly BowlInUse[],
  sizeOf: (bowl: BowlInUse) => number,
): SingleCommand {
  const bowls = plan.bowls.map((bowl) => ({ ...bowl }));
  for (const bowl of more) {
    const diameterMm = sizeOf(bowl);
    const same = bowls.find((bowl) => bowl.diameterMm === diameterMm);
    if (same) same.count += 1;
    else bowls.push({ diameterMm, count: 1 });
  }
  return { name: 'set-bowls', bowls };
}

/** Running out of bowls is how a condiment gets left off; one that is too small runs over. */
function bowls(context: CheckContext): Finding[] {
  const inUse = bowlsInUse(context.plan);
  const have = context.plan.bowls.reduce((sum, bowl) => sum + bowl.count, 0);
  const missing = inUse.filter((bowl) => !bowl.atHand);
  const small = inUse.filter((bowl) => bowl.atHand && runsOver(bowl));
  const names = (list: readonly BowlInUse[]) => [...new Set(list.map((bowl) => bowl.componentId))];
  const larder = planLarder(context.plan);
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
            command: bringing(context.plan, missing, (bowl) => bowl.diameterMm),
          },
          ...withoutBowls(context, missing),
        ],
      }),
    );
  if (small.length > 0)
    out.push(
      finding('bowls-too-small', {
        key: 'bowl-sizes',
        components: names(small),
        args: { n: small.length },
        facts: small.slice(0, MOST_LISTED).map((bowl): Fact => ({
          what: larder.get(bowl.componentId)?.name ?? bowl.componentId,
          value: {
            say: 'fact.in-a-bowl',
            with: {
              mass: { g: bowl.massG },
              size: { mm: bowl.diameterMm },
              holds: { g: Math.floor(bowlHoldsG(bowl.diameterMm, bowl.gPerCm2)) },
            },
          },
          source: 'house default',
        })),
        remedies: [
          {
            kind: 'larger-bowls',
            args: { sizes: sizesOf(small.map((bowl) => ({ ...bowl, diameterMm: sizeFor(bowl) }))) },
            command: bringing(context.plan, small, sizeFor),
          },
        ],
      }),
    );
  return out;
}

/** A food as it lies without a bowl; undefined for what stands in one or nowhere. */
function otherwise(
  context: CheckContext,
  { component, surface, form }: PlacedFood,
): SingleCommand[] | undefined {
  const at = { componentId: component.id, surfaceId: surface.id };
  const out: SingleCommand = { name: 'contain', ...at, on: false };
  if (!FORMS[form].bowl) return [out];
  const fact = component.forms.find((fact) => !FORMS[fact.form].bowl);
  return fact && [setForm(context.plan, at, fact), out];
}

const namesOf = (foods: readonly PlacedFood[]): Several => ({
  all: foods.map(({ component }) => component.name),
  most: 3,
});

/** The plan bends: the foods that have no bowl do without one, or are left out. */
function withoutBowls(context: CheckContext, missing: readonly BowlInUse[]): Remedy[] {
  const foods = context.placed.filter(({ component, surface }) =>
    missing.some((bowl) => bowl.componentId === component.id && bowl.surfaceId === surface.id),
  );
  const each = foods.map((placed) => otherwise(context, placed));
  return [
    ...(each.every((commands) => commands !== undefined)
      ? [
          {
            kind: 'without-bowls' as const,
            args: { foods: namesOf(foods) },
            command: { name: 'together' as const, label: 'lay it without a bowl', commands: each.flat() },
          },
        ]
      : []),
    leaveOut(foods),
  ];
}

/** A cheese that is cut beforehand wants no knife at the table: as many as knives are missing, the smallest first. */
function cutBefore(context: CheckContext, short: number): Remedy[] {
  const cut = context.placed
    .filter(({ form }) => FORMS[form].large)
    .sort((a, b) => a.massG - b.massG)
    .flatMap((placed) => {
      const fact = placed.component.forms.find(({ form }) => !FORMS[form].large && !FORMS[form].bowl);
      return fact ? [{ placed, fact }] : [];
    })
    .slice(0, short);
  if (cut.length < short) return [];
  return [
    {
      kind: 'cut-before',
      args: { foods: namesOf(cut.map(({ placed }) => placed)) },
      command: {
        name: 'together',
        label: 'cut it before',
        commands: cut.map(({ placed: { component, surface }, fact }) =>
          setForm(context.plan, { componentId: component.id, surfaceId: surface.id }, fact),
        ),
      },
    },
  ];
}

/** Bowls for what stands in one, and one knife for each cheese: one for all of them mixes them. */
export function tools(context: CheckContext): Finding[] {
  const out = bowls(context);
  const { knives } = toolsInUse(context.plan);
  const have = context.plan.tools.knives;
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
            command: { name: 'set-tools', tools: { ...context.plan.tools, knives } },
          },
          ...cutBefore(context, knives - have),
        ],
      }),
    );
  return out;
}

/** What is kept apart by a tool of its own has one: a promise without it keeps nobody safe. */
export function tongs({ plan }: CheckContext): Finding[] {
  const { own, all } = tongsInUse(plan);
  const { tools } = plan;
  if (own <= tools.tongs) return [];
  return [
    finding('too-few-tongs', {
      key: 'tongs',
      args: { n: own, have: tools.tongs },
      facts: [
        {
          what: { say: 'fact.name.tongs' },
          value: { say: 'fact.of', with: { n: tools.tongs, all: own } },
          source: 'this plan',
        },
      ],
      remedies: [
        {
          kind: 'more-tongs',
          // those that go around are wanted too: the list of tools counts them all
          args: { n: all - tools.tongs },
          command: { name: 'set-tools', tools: { ...tools, tongs: all } },
        },
      ],
    }),
  ];
}

/** What is bought against what may be spent. */
export function budget(context: CheckContext): Finding[] {
  const { budgetMinor, currency } = context.plan;
  const cost = shopFor([context.plan]).costMinor;
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
