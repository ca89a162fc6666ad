import type { PlacedFood } from '../../board/index.js';
import { carriesTo, packOf, reachOf } from '../../needs/index.js';
import { needsOf, type Group } from '../../party/index.js';
import type { LaidElement, Surface } from '../../plan/index.js';
import { gapBetween } from '../../geometry/index.js';
import type { Carrier, CheckContext } from '../context.js';
import { lower, type Arg, type Several } from '../../words/index.js';
import { finding, type Fact, type Finding, type Remedy } from '../finding.js';
import { elementsOf, laidOn, NEAR_MM } from '../near.js';
import { inBowls, keepApart, leaveOut } from '../remedies.js';

/**
 * The other routes over which a food reaches a guest who must not meet it: neighbours on the board, a shared tool,
 * gloves and cutting boards, the kitchen. The route over one surface has a check of its own.
 */
export function routes(c: CheckContext): Finding[] {
  return c.plan.party.flatMap((group) => [
    ...neighbours(c, group),
    ...sharedTools(c, group),
    ...kitchen(c, group),
  ]);
}

/** Has the group a need that minds what is near? */
const minds = (group: Group) =>
  needsOf(group).some((n) => {
    const pack = packOf(n);
    return pack !== undefined && reachOf(pack, n) !== 'none';
  });

// ------------------------------------------------------------------ neighbours

function neighbours(c: CheckContext, group: Group): Finding[] {
  return c.plan.surfaces.flatMap((surface) => {
    if (!c.groupsAt(surface).includes(group)) return [];
    // who has a zone there turns to it: what is touched outside it is not theirs, and no slip of its own
    const zoned = surface.zoneFor?.includes(group.id) ?? false;
    const met = c.placed.filter(
      (l) =>
        l.surface === surface && c.allowed(l, group) && (!zoned || l.lots.some((p) => p.inZone === true)),
    );
    const touching = met.flatMap((l) => c.touching(l, group).map((x) => ({ l, x })));
    if (touching.length === 0) return [];
    const carriers = [...new Set(touching.map((t) => t.x.food))];
    const foods = [...new Set(touching.map((t) => t.l))];
    return [
      finding('neighbours', {
        key: `neighbours ${surface.id} ${group.id}`,
        severity: touching.some((t) => t.x.verdict === 'carries') ? 'blocker' : 'ask',
        grave: touching.some((t) => t.x.grave),
        concerns: [group.id],
        components: carriers.map((l) => l.component.id),
        surfaceId: surface.id,
        args: {
          foods: named(carriers),
          n: carriers.length,
          group: group.name,
          way: wayOf(touching[0]!.x),
          theirs: named(foods),
          gap: { mm: NEAR_MM },
        },
        facts: touching.map((t): Fact => ({
          what: {
            say: 'fact.of-food',
            with: { food: t.x.food.component.name, detail: lower(t.l.component.name) },
          },
          value: t.x.what,
          source: 'this plan',
        })),
        remedies: [
          moveApart(c, surface, carriers, foods),
          inBowls(c, carriers),
          ownZone(c, surface, foods, group),
          ...keepApart(c, carriers, [group]).slice(inBowls(c, carriers) ? 1 : 0),
        ].filter((r): r is Remedy => r !== undefined),
      }),
    ];
  });
}

const named = (foods: readonly PlacedFood[]): Several => ({
  foods: foods.map((l) => l.component.name),
  most: 2,
});

/** How it travels: what sheds, weeps or drips reaches further than what only touches. */
function wayOf(x: Carrier): Arg {
  const { sheds, weeps, drips } = x.food.component;
  if (sheds.length > 0) return { say: 'way.sheds', with: { what: sheds[0]!.replace('-', ' ') } };
  if (weeps) return { say: 'way.juice' };
  if (drips) return { say: 'way.drops' };
  return { say: 'way.sheds', with: { what: x.what } };
}

/** Trades places with a food that minds nothing, so that the carriers lie far enough away; undefined when none fits. */
function moveApart(
  c: CheckContext,
  surface: Surface,
  carriers: readonly PlacedFood[],
  foods: readonly PlacedFood[],
): Remedy | undefined {
  const laid = laidOn(c.plan, surface);
  const kept = foods.flatMap((l) => elementsOf(c.plan, l));
  const own = new Set([...carriers, ...foods].flatMap((l) => elementsOf(c.plan, l)).map((e) => e.id));
  const moving = carriers
    .flatMap((l) => elementsOf(c.plan, l))
    .filter((e) => !e.pinned && kept.some((k) => gapBetween(e.outline, k.outline) < NEAR_MM));
  const [one] = moving;
  if (!one || moving.length > 1) return undefined;
  const at = (e: LaidElement, x: number, y: number) =>
    e.outline.map(([px, py]) => [px + x - e.x, py + y - e.y] as const);
  const other = laid.find(
    (e) =>
      !own.has(e.id) && !e.pinned && kept.every((k) => gapBetween(at(one, e.x, e.y), k.outline) >= NEAR_MM),
  );
  if (!other) return undefined;
  const name = c.larder.get(other.componentId)?.name ?? other.componentId;
  const move = (e: LaidElement, to: LaidElement) => ({
    name: 'move-element' as const,
    surfaceId: surface.id,
    elementId: e.id,
    x: to.x,
    y: to.y,
    angle: e.angle,
  });
  return {
    kind: 'trade-places',
    args: { food: name },
    command: { name: 'together', label: 'move apart', commands: [move(one, other), move(other, one)] },
  };
}

/**
 * A part of the surface for the foods that are touched, with open ground around and tools of their own. Undefined where
 * the surface keeps a part for somebody else already: two zones would leave no board.
 */
function ownZone(
  c: CheckContext,
  surface: Surface,
  foods: readonly PlacedFood[],
  group: Group,
): Remedy | undefined {
  const others = surface.zoneFor?.filter((id) => id !== group.id) ?? [];
  const everything = c.placed.filter((l) => l.surface === surface).length === foods.length;
  const spilled = foods.some((l) => l.lots.every((p) => p.inZone === true));
  if (others.length > 0 || everything || spilled) return undefined;
  return {
    kind: 'own-zone',
    args: { surface: surface.name, group: group.name, n: foods.length },
    command: {
      name: 'together',
      label: `keep a part for ${lower(group.name)}`,
      commands: [
        { name: 'set-zone', surfaceId: surface.id, groups: [group.id] },
        // it is laid anew, with the gap
        {
          name: 'set-layout',
          surfaceId: surface.id,
          elements: laidOn(c.plan, surface).filter((e) => e.pinned),
        },
        ...foods.map((l) => ({
          name: 'in-zone' as const,
          componentId: l.component.id,
          surfaceId: surface.id,
          on: true,
        })),
      ],
    },
  };
}

// ------------------------------------------------------------------ tools

/** A bowl keeps bits in, but its spoon goes around unless it is the bowl's own. */
function sharedTools(c: CheckContext, group: Group): Finding[] {
  const bowls = c.placed.filter(
    (l) =>
      l.contained &&
      l.lots.some((p) => p.ownTool !== true) &&
      c.groupsAt(l.surface).includes(group) &&
      carriesTo(l.component, group).some((r) => r.verdict === 'carries'),
  );
  if (bowls.length === 0) return [];
  return [
    finding('shared-tool', {
      key: `shared-tool ${group.id}`,
      concerns: [group.id],
      components: bowls.map((l) => l.component.id),
      surfaceId: bowls[0]!.surface.id,
      args: { foods: named(bowls), group: group.name },
      facts: bowls.map((l): Fact => ({
        what: l.component.name,
        value: { say: 'fact.shared-tool' },
        source: 'house default',
      })),
      remedies: [
        {
          kind: 'own-tools',
          args: { n: bowls.length, spoons: c.plan.tools.spoons },
          command: {
            name: 'together',
            label: 'give a tool of its own',
            commands: bowls.map((l) => ({
              name: 'own-tool' as const,
              componentId: l.component.id,
              surfaceId: l.surface.id,
              on: true,
            })),
          },
        },
        leaveOut(bowls),
      ],
    }),
  ];
}

// ------------------------------------------------------------------ gloves, cutting boards, the kitchen

/** Whatever is prepared before it on the same board, or with the same gloves, reaches the food of the group. */
function kitchen(c: CheckContext, group: Group): Finding[] {
  if (!minds(group)) return [];
  const found = c.placed.flatMap((l) => {
    const carried = carriesTo(l.component, group).filter(
      (r) => r.verdict === 'carries' && r.reach !== 'neighbours',
    );
    return carried.length > 0 ? [{ l, carried }] : [];
  });
  if (found.length === 0) return [];
  const whole = found.some((f) => f.carried.some((r) => r.reach === 'same-kitchen'));
  const { freeFromFirst, freshGloves } = c.plan.prep;
  const promised = freeFromFirst && freshGloves;
  if (promised && !whole) return [];
  const foods = found.map((f) => f.l);
  const what = [...new Set(found.flatMap((f) => f.carried.map((r) => r.need.contact!.what)))];
  const shared = {
    key: `kitchen ${group.id}`,
    severity: whole && !promised ? ('blocker' as const) : ('caution' as const),
    concerns: [group.id],
    components: foods.map((l) => l.component.id),
    facts: [
      promiseFact('fact.name.free-from-first', freeFromFirst),
      promiseFact('fact.name.fresh-gloves', freshGloves),
    ],
    remedies: [...(promised ? [] : [FREE_FROM_FIRST]), ...(whole ? [leaveOut(foods)] : [])],
  };
  const over: Arg[] = [
    ...(freeFromFirst ? [] : [{ say: 'kitchen.board' } as const]),
    ...(freshGloves ? [] : [{ say: 'kitchen.gloves' } as const]),
  ];
  const how: Arg = promised
    ? { say: 'kitchen.promised' }
    : { say: 'kitchen.over', with: { what: { all: what }, ways: { all: over } } };
  return [
    whole
      ? finding('same-kitchen', { ...shared, args: { what: { all: what }, group: group.name, how } })
      : finding('kitchen-order', { ...shared, args: { group: group.name, how } }),
  ];
}

const promiseFact = (name: 'fact.name.free-from-first' | 'fact.name.fresh-gloves', kept: boolean): Fact => ({
  what: { say: name },
  value: { say: kept ? 'fact.yes' : 'fact.not-promised' },
  source: 'this plan',
});

/** House default, in minutes: what washing and changing takes. */
const WASHING_MIN = 6;

const FREE_FROM_FIRST: Remedy = {
  kind: 'free-from-first',
  args: { minutes: WASHING_MIN },
  command: { name: 'set-prep', prep: { freeFromFirst: true, freshGloves: true } },
};
