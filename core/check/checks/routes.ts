import type { PlacedFood } from '../../board/index.js';
import { carriesTo, packOf, reachOf } from '../../needs/index.js';
import { needsOf, type Group } from '../../party/index.js';
import type { LaidElement, Surface } from '../../plan/index.js';
import { gapBetween } from '../../geometry/index.js';
import type { Carrier, CheckContext } from '../context.js';
import { capital, lower, names, type Finding, type Remedy } from '../finding.js';
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
    const sure = touching.some((t) => t.x.verdict === 'carries');
    return [
      {
        key: `neighbours ${surface.id} ${group.id}`,
        code: 'neighbours',
        glyph: sure ? ('cracked' as const) : ('covered' as const),
        concerns: [group.id],
        components: carriers.map((l) => l.component.id),
        surfaceId: surface.id,
        text: `${named(carriers)} ${carriers.length > 1 ? 'touch' : 'touches'} the food of “${group.name}”.`,
        why: `${wayWords(touching[0]!.x)} reach ${lower(named(foods))}: keep ${NEAR_MM} mm between.`,
        facts: touching.map((t) => ({
          what: `${t.x.food.component.name}, ${lower(t.l.component.name)}`,
          value: t.x.what,
          source: 'this plan' as const,
        })),
        remedies: [
          moveApart(c, surface, carriers, foods),
          inBowls(c, carriers),
          ownZone(c, surface, foods, group),
          ...keepApart(c, carriers, [group]).slice(inBowls(c, carriers) ? 1 : 0),
        ].filter((r): r is Remedy => r !== undefined),
        grave: touching.some((t) => t.x.grave),
      },
    ];
  });
}

const named = (foods: readonly PlacedFood[]) =>
  names(
    foods.map((l) => l.component.name),
    2,
  );

/** How it travels: what sheds, weeps or drips reaches further than what only touches. */
function wayWords(x: Carrier): string {
  const { sheds, weeps, drips } = x.food.component;
  if (sheds.length > 0) return `${capital(sheds[0]!.replace('-', ' '))} may`;
  if (weeps) return 'Its juice may';
  if (drips) return 'Its drops may';
  return `${capital(x.what)} may`;
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
    label: `Trade places with ${lower(name)}`,
    effect: 'moved apart',
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
    label: `A part of ${lower(surface.name)} for “${group.name}”`,
    effect: `${foods.length} kept apart`,
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
    {
      key: `shared-tool ${group.id}`,
      code: 'shared-tool',
      glyph: 'chipped',
      concerns: [group.id],
      components: bowls.map((l) => l.component.id),
      surfaceId: bowls[0]!.surface.id,
      text: `A spoon of its own for ${lower(named(bowls))}.`,
      why: `It stands in a bowl; a spoon or tongs that go around would bring it to “${group.name}”.`,
      facts: bowls.map((l) => ({ what: l.component.name, value: 'shared tool', source: 'house default' })),
      remedies: [
        {
          label: bowls.length > 1 ? 'Own spoons' : 'Own spoon',
          effect: `${bowls.length} of ${c.plan.tools.spoons} spoons`,
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
      grave: false,
    },
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
  return [
    {
      key: `kitchen ${group.id}`,
      code: whole ? 'same-kitchen' : 'kitchen-order',
      glyph: whole && !promised ? 'cracked' : 'chipped',
      concerns: [group.id],
      components: foods.map((l) => l.component.id),
      surfaceId: null,
      text: whole
        ? `${capital(names(what))} in one kitchen with the food of “${group.name}”.`
        : `Make the food of “${group.name}” first.`,
      why: promised
        ? 'It is made first, with fresh gloves and a clean board. Whether that is enough only the guest can say.'
        : `${capital(names(what))} would come over ${[freeFromFirst ? '' : 'the cutting board', freshGloves ? '' : 'the gloves'].filter(Boolean).join(' and ')}.`,
      facts: [
        { what: 'free-from food first', value: freeFromFirst ? 'yes' : 'not promised', source: 'this plan' },
        {
          what: 'fresh gloves and boards after it',
          value: freshGloves ? 'yes' : 'not promised',
          source: 'this plan',
        },
      ],
      remedies: [
        ...(promised
          ? []
          : [
              {
                label: 'Free-from first, then fresh gloves and board',
                effect: 'about 6 min',
                command: { name: 'set-prep' as const, prep: { freeFromFirst: true, freshGloves: true } },
              },
            ]),
        ...(whole ? [leaveOut(foods)] : []),
      ],
      grave: false,
    },
  ];
}
