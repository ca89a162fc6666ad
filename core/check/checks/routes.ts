import type { PlacedFood } from '../../board/index.js';
import { keepsApart } from '../../make/index.js';
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
export function routes(context: CheckContext): Finding[] {
  return context.plan.party.flatMap((group) => [
    ...neighbours(context, group),
    ...sharedTools(context, group),
    ...kitchen(context, group),
  ]);
}

/** Has the group a need that minds what is near? */
const minds = (group: Group) =>
  needsOf(group).some((choice) => {
    const pack = packOf(choice);
    return pack !== undefined && reachOf(pack, choice) !== 'none';
  });

// ------------------------------------------------------------------ neighbours

function neighbours(context: CheckContext, group: Group): Finding[] {
  return context.plan.surfaces.flatMap((surface) => {
    if (!context.groupsAt(surface).includes(group)) return [];
    // who has a zone there turns to it: what is touched outside it is not theirs, and no slip of its own
    const zoned = surface.zoneFor?.includes(group.id) ?? false;
    const met = context.placed.filter(
      (placed) =>
        placed.surface === surface &&
        context.allowed(placed, group) &&
        (!zoned || placed.lots.some((placement) => placement.inZone === true)),
    );
    const touching = met.flatMap((placed) =>
      context.touching(placed, group).map((carrier) => ({ l: placed, x: carrier })),
    );
    if (touching.length === 0) return [];
    const carriers = [...new Set(touching.map((t) => t.x.food))];
    const foods = [...new Set(touching.map((t) => t.l))];
    return [
      finding('neighbours', {
        key: `neighbours ${surface.id} ${group.id}`,
        severity: touching.some((t) => t.x.verdict === 'carries') ? 'blocker' : 'ask',
        grave: touching.some((t) => t.x.grave),
        concerns: [group.id],
        components: carriers.map((placed) => placed.component.id),
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
          moveApart(context, surface, carriers, foods),
          inBowls(context, carriers),
          ownZone(context, surface, foods, group),
          ...keepApart(context, carriers, [group]).slice(inBowls(context, carriers) ? 1 : 0),
        ].filter((remedy): remedy is Remedy => remedy !== undefined),
      }),
    ];
  });
}

const named = (foods: readonly PlacedFood[]): Several => ({
  foods: foods.map((placed) => placed.component.name),
  most: 2,
});

/** How it travels: what sheds, weeps or drips reaches further than what only touches. */
function wayOf(carrier: Carrier): Arg {
  const { sheds, weeps, drips } = carrier.food.component;
  if (sheds.length > 0) return { say: 'way.sheds', with: { what: sheds[0]!.replace('-', ' ') } };
  if (weeps) return { say: 'way.juice' };
  if (drips) return { say: 'way.drops' };
  return { say: 'way.sheds', with: { what: carrier.what } };
}

/** Trades places with a food that minds nothing, so that the carriers lie far enough away; undefined when none fits. */
function moveApart(
  context: CheckContext,
  surface: Surface,
  carriers: readonly PlacedFood[],
  foods: readonly PlacedFood[],
): Remedy | undefined {
  const laid = laidOn(context.plan, surface);
  const kept = foods.flatMap((placed) => elementsOf(context.plan, placed));
  const own = new Set(
    [...carriers, ...foods]
      .flatMap((placed) => elementsOf(context.plan, placed))
      .map((element) => element.id),
  );
  const moving = carriers
    .flatMap((placed) => elementsOf(context.plan, placed))
    .filter(
      (element) =>
        !element.pinned &&
        kept.some((otherElement) => gapBetween(element.outline, otherElement.outline) < NEAR_MM),
    );
  const [one] = moving;
  if (!one || moving.length > 1) return undefined;
  const at = (element: LaidElement, x: number, y: number) =>
    element.outline.map(([px, py]) => [px + x - element.x, py + y - element.y] as const);
  const other = laid.find(
    (element) =>
      !own.has(element.id) &&
      !element.pinned &&
      kept.every(
        (otherElement) => gapBetween(at(one, element.x, element.y), otherElement.outline) >= NEAR_MM,
      ),
  );
  if (!other) return undefined;
  const name = context.larder.get(other.componentId)?.name ?? other.componentId;
  const move = (element: LaidElement, to: LaidElement) => ({
    name: 'move-element' as const,
    surfaceId: surface.id,
    elementId: element.id,
    x: to.x,
    y: to.y,
    angle: element.angle,
  });
  return {
    kind: 'trade-places',
    args: { food: name },
    command: { name: 'together', label: 'move apart', commands: [move(one, other), move(other, one)] },
  };
}

/**
 * A part of the surface for the foods that are touched, with open ground around and tools of their own. Undefined where
 * the surface keeps a part for somebody else already, two zones would leave no board, or where walls divide it.
 */
function ownZone(
  context: CheckContext,
  surface: Surface,
  foods: readonly PlacedFood[],
  group: Group,
): Remedy | undefined {
  const others = surface.zoneFor?.filter((id) => id !== group.id) ?? [];
  const everything = context.placed.filter((placed) => placed.surface === surface).length === foods.length;
  const spilled = foods.some((placed) => placed.lots.every((placement) => placement.inZone === true));
  // walls leave no room for the open ground around it
  if (others.length > 0 || everything || spilled || surface.walls) return undefined;
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
          elements: laidOn(context.plan, surface).filter((element) => element.pinned),
        },
        ...foods.map((placed) => ({
          name: 'in-zone' as const,
          componentId: placed.component.id,
          surfaceId: surface.id,
          on: true,
        })),
      ],
    },
  };
}

// ------------------------------------------------------------------ tools

/** A bowl keeps bits in, but its spoon goes around unless it is the bowl's own. */
function sharedTools(context: CheckContext, group: Group): Finding[] {
  const bowls = context.placed.filter(
    (placed) =>
      placed.contained &&
      placed.lots.some((placement) => placement.ownTool !== true) &&
      context.groupsAt(placed.surface).includes(group) &&
      carriesTo(placed.component, group).some((carried) => carried.verdict === 'carries'),
  );
  if (bowls.length === 0) return [];
  return [
    finding('shared-tool', {
      key: `shared-tool ${group.id}`,
      concerns: [group.id],
      components: bowls.map((placed) => placed.component.id),
      surfaceId: bowls[0]!.surface.id,
      args: { foods: named(bowls), group: group.name },
      facts: bowls.map((placed): Fact => ({
        what: placed.component.name,
        value: { say: 'fact.shared-tool' },
        source: 'house default',
      })),
      remedies: [
        {
          kind: 'own-tools',
          args: { n: bowls.length, spoons: context.plan.tools.spoons },
          command: {
            name: 'together',
            label: 'give a tool of its own',
            commands: bowls.map((placed) => ({
              name: 'own-tool' as const,
              componentId: placed.component.id,
              surfaceId: placed.surface.id,
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
function kitchen(context: CheckContext, group: Group): Finding[] {
  if (!minds(group)) return [];
  const found = context.placed.flatMap((placed) => {
    const carried = carriesTo(placed.component, group).filter(
      (carried) => carried.verdict === 'carries' && carried.reach !== 'neighbours',
    );
    return carried.length > 0 ? [{ l: placed, carried }] : [];
  });
  if (found.length === 0) return [];
  const whole = found.some((f) => f.carried.some((carried) => carried.reach === 'same-kitchen'));
  const { freeFromFirst, freshGloves } = context.plan.prep;
  // a day that proves it is worth more than a promise
  const promised = (freeFromFirst && freshGloves) || keepsApart(context.plan);
  if (promised && !whole) return [];
  const foods = found.map((f) => f.l);
  const what = [...new Set(found.flatMap((f) => f.carried.map((carried) => carried.need.contact!.what)))].map(
    (word) => ({ word }),
  );
  const shared = {
    key: `kitchen ${group.id}`,
    severity: whole && !promised ? ('blocker' as const) : ('caution' as const),
    concerns: [group.id],
    components: foods.map((placed) => placed.component.id),
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

export const FREE_FROM_FIRST: Remedy = {
  kind: 'free-from-first',
  args: { minutes: WASHING_MIN },
  command: { name: 'set-prep', prep: { freeFromFirst: true, freshGloves: true } },
};
