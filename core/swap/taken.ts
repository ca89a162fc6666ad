import { guestsIn } from '../party/index.js';
import {
  applyCommand,
  planLarder,
  type Command,
  type Placement,
  type Plan,
  type SingleCommand,
  type Surface,
} from '../plan/index.js';
import { fittingOutline, placementGroundCm2 } from '../portion/index.js';
import { inEnglish } from '../words/index.js';
import type { ConvertedItem, Target } from './arcs.js';
import { withPortions } from './later.js';

/** The board as it is, scaled and set into the new occasion, before anything is swapped. */
export function basis(plan: Plan, target: Target): Plan {
  const occasion = { ...plan.occasion, ...target.occasion };
  if (!target.guests) return { ...plan, occasion };
  const now = guestsIn(plan.party);
  const k = now > 0 ? target.guests / now : 1;
  const party = scaledParty(plan, target.guests);
  const many = new Set(plan.surfaces.flatMap(({ id, singles }) => (singles ? [id] : [])));
  const after = withPortions(plan, { ...plan, occasion, party });
  return {
    ...after,
    placements: after.placements.map((placement) =>
      many.has(placement.surfaceId) ? placement : scaled(placement, k),
    ),
  };
}

const scaled = (placement: Placement, k: number): Placement => ({
  ...placement,
  massG: Math.max(1, Math.round(placement.massG * k * 10) / 10),
  pieces: Math.max(1, Math.round(placement.pieces * k)),
});

/** Each group keeps its part, nobody with a need is rounded away: the largest remainders get the rest. */
function scaledParty(plan: Plan, guests: number): Plan['party'] {
  const now = guestsIn(plan.party);
  if (now === 0) return plan.party;
  const shares = plan.party.map((group) => (group.count * guests) / now);
  const counts = shares.map((share) => Math.max(1, Math.floor(share)));
  for (let left = guests - counts.reduce((a, b) => a + b, 0); left > 0; left--) {
    const rest = shares.map((share, i) => share - counts[i]!);
    counts[rest.indexOf(Math.max(...rest))]! += 1;
  }
  return plan.party.map((group, i) => ({
    ...group,
    count: counts[i]!,
    ages: group.ages.slice(0, counts[i]!),
    ...(group.seats ? { seats: group.seats.slice(0, counts[i]!) } : {}),
  }));
}

export const APART_ID = 'apart' as Surface['id'];

/**
 * The plan with these changes: all of a conversion, or only those that the stylist accepts. Foods that only stay apart
 * go onto a board of their own, in the size that they fill.
 */
export function accepted(start: Plan, items: readonly ConvertedItem[]): Plan {
  const commands = items.flatMap((item) => item.commands);
  const swapped = commands.length > 0 ? applied(start, commands) : start;
  const apart = items.filter((item) => item.kind === 'apart');
  return apart.length > 0 ? moveApart(swapped, apart) : swapped;
}

const MOST_AT_ONCE = 200;

function applied(plan: Plan, commands: readonly SingleCommand[]): Plan {
  let now = plan;
  for (let i = 0; i < commands.length; i += MOST_AT_ONCE) {
    const done = applyCommand(now, {
      name: 'together',
      label: 'convert the board',
      commands: commands.slice(i, i + MOST_AT_ONCE),
    });
    if (!done.ok)
      throw new Error(
        `expected swaps that can be applied: ${done.problems[0]!.path} ${inEnglish(done.problems[0]!.reason)}`,
      );
    now = done.plan;
  }
  return now;
}

function moveApart(plan: Plan, foods: readonly Pick<ConvertedItem, 'from' | 'on'>[]): Plan {
  const larder = planLarder(plan);
  const moves = ({ componentId, surfaceId }: Placement): boolean =>
    foods.some(({ from, on }) => from === componentId && (on?.includes(surfaceId) ?? true));
  const moving = plan.placements.filter(moves);
  const ground = moving
    .filter((placement) => placement.lot === 0)
    .reduce((sum, placement) => sum + placementGroundCm2(larder.get(placement.componentId)!, placement), 0);
  const base: Surface = {
    id: APART_ID,
    name: 'Board apart',
    outline: { kind: 'round', diameterMm: 200 },
    rimMm: 10,
    material: 'slate',
    serves: null,
    freeFrom: [],
    smallHands: false,
  };
  const surface = { ...base, outline: fittingOutline(base, ground) };
  return {
    ...plan,
    surfaces: [...plan.surfaces.filter((surface) => surface.id !== APART_ID), surface],
    placements: plan.placements.map((placement) =>
      moves(placement) ? { ...placement, surfaceId: APART_ID } : placement,
    ),
  };
}

/** The edit that takes the accepted changes over, one step of undo. */
export function convertCommand(plan: Plan, target: Target, items: readonly ConvertedItem[]): Command {
  const after = accepted(basis(plan, target), items);
  const commands: SingleCommand[] = [];
  if (target.occasion) commands.push({ name: 'set-occasion', patch: target.occasion });
  if (target.guests) commands.push({ name: 'set-party', party: after.party });
  for (const component of after.ownComponents)
    if (!plan.ownComponents.some((otherComponent) => otherComponent.id === component.id))
      commands.push({ name: 'add-component', component: component });
  for (const surface of after.surfaces)
    if (!plan.surfaces.some(({ id, singles }) => id === surface.id && singles === surface.singles))
      commands.push({ name: 'set-surface', surface: surface });
  commands.push({ name: 'set-board', placements: after.placements });
  return { name: 'together', label: 'convert the board', commands };
}
