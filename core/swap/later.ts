import type { ComponentId } from '../catalogue/index.js';
import { mostInABowlG, wholePieces } from '../board/index.js';
import { checkPlan, type Finding } from '../check/index.js';
import { compose, type Solver } from '../compose/index.js';
import { shopFor, type ShopLine } from '../make/index.js';
import { agesMissing, guestsIn, portionsIn } from '../party/index.js';
import { planMaking } from '../portion/index.js';
import {
  groupsAt,
  inEach,
  isShared,
  planLarder,
  type Command,
  type Placement,
  type Plan,
  type Surface,
} from '../plan/index.js';

/** One food, before and after. */
export interface LaterFood {
  id: ComponentId;
  beforeG: number;
  afterG: number;
  /** It is made at home: more of it is more work. */
  made: boolean;
}

/** What another number of guests asks for, as one joint change. */
export interface Later {
  /** `scaled`: what lies there, more or less of it. `chosen`: the same foods in other shares, new ones where that is not enough. */
  how: 'scaled' | 'chosen';
  plan: Plan;
  /** Foods whose grams change, the largest change first. */
  foods: LaterFood[];
  /** Boxes of one guest each that come or go. */
  boxes: number;
  /** What must be bought beside what the list had and what lies in the basket: grams more than before. */
  buy: { line: ShopLine; moreG: number }[];
  /** What is on the list no more, or less of it: grams less. What lies in the basket stays bought. */
  spared: { line: ShopLine; lessG: number }[];
  costMinor: { before: number; after: number };
  /** Slips that the change brings, those that stop service first. */
  brings: Finding[];
}

/** Only what stops service makes the same foods in other shares worth a search. */
const stops = (findings: readonly Finding[]): Finding[] =>
  findings.filter(({ severity }) => severity === 'blocker');

/** Surfaces of one kind for the same guests. */
const likes = ({ serves, outline }: Surface): string => JSON.stringify([serves, outline]);

/** No plan holds more. */
const MOST_SURFACES = 20;

/** A box for each guest: another number of guests is another number of boxes, not fuller ones. */
function withBoxes(plan: Plan, party: Plan['party']): Plan {
  const after = { ...plan, party };
  const kinds = new Set(plan.surfaces.map(likes));
  let now: Plan = withPortions(plan, after);
  for (const kind of kinds) {
    const boxes = plan.surfaces.filter((surface) => likes(surface) === kind);
    const first = boxes[0]!;
    if (boxes.length < 2 || boxes.length !== guestsIn(groupsAt(plan, first))) continue;
    const room = MOST_SURFACES - (now.surfaces.length - boxes.length);
    const wanted = Math.max(1, Math.min(room, guestsIn(groupsAt(after, first))));
    const gone = new Set(boxes.slice(wanted).map(({ id }) => id));
    const more = Array.from({ length: Math.max(0, wanted - boxes.length) }, (_, i) =>
      another(boxes.at(-1)!, boxes.length + i + 1, now.surfaces),
    );
    const copied = plan.placements.filter(({ surfaceId }) => surfaceId === boxes.at(-1)!.id);
    now = {
      ...now,
      surfaces: [...now.surfaces.filter(({ id }) => !gone.has(id)), ...more],
      placements: [
        ...now.placements.filter(({ surfaceId }) => !gone.has(surfaceId)),
        ...more.flatMap(({ id }) => copied.map((placement) => ({ ...placement, surfaceId: id }))),
      ],
      layout: now.layout.filter(({ surfaceId }) => !gone.has(surfaceId)),
      motifs: now.motifs.filter(({ surfaceId }) => !gone.has(surfaceId)),
    };
  }
  return now;
}

/** As many single portions more, or fewer, as there are guests before whom they stand; those who come late keep theirs. */
export function withPortions(before: Plan, after: Plan): Plan {
  return before.surfaces.reduce((now, surface) => {
    const more = guestsIn(groupsAt(after, surface)) - guestsIn(groupsAt(before, surface));
    if (!surface.singles || more === 0) return now;
    const changed = { ...surface, singles: Math.max(1, surface.singles + more) };
    return {
      ...now,
      surfaces: now.surfaces.map((other) => (other.id === surface.id ? changed : other)),
      placements: inEach(now, changed),
    };
  }, after);
}

/** One more like it, counted on, by an id that no other has. */
function another(surface: Surface, n: number, there: readonly Surface[]): Surface {
  const stem = surface.id.replace(/-\d+$/, '').slice(0, MOST_STEM);
  let number = n;
  while (there.some(({ id }) => id === `${stem}-${number}`)) number += MOST_SURFACES;
  return {
    ...surface,
    id: `${stem}-${number}` as Surface['id'],
    name: `${surface.name.replace(/ \d+$/, '')} ${n}`,
  };
}
/** An id is no longer than sixty letters. */
const MOST_STEM = 50;

/** The plan with another party: each surface holds more or less of all that lies there, by the portions that it serves. */
function scaledTo(plan: Plan, party: Plan['party'], ample: number): Plan {
  const after = withBoxes(plan, party);
  const larder = planLarder(plan);
  const bowlG = mostInABowlG(plan);
  /** Portions that a surface serves: those of its guests, shared with the surfaces that are like it. */
  const portions = (at: Plan, surface: Surface): number =>
    portionsIn(groupsAt(at, surface)) /
    Math.max(1, at.surfaces.filter((s) => likes(s) === likes(surface)).length);
  const factors = new Map(
    after.surfaces.map((surface) => {
      const old = plan.surfaces.find((other) => likes(other) === likes(surface))!;
      const before = portions(plan, old);
      // of single portions there are more or fewer, each with what it has
      if (surface.singles) return [surface.id, portions(after, surface) > 0 ? 1 : 0];
      const factor = before > 0 ? portions(after, surface) / before : 1;
      return [surface.id, factor > 1 ? 1 + (factor - 1) * ample : factor];
    }),
  );
  const scaled = (placement: Placement): Placement[] => {
    const component = larder.get(placement.componentId);
    const fact = component?.forms.find(({ form }) => form === placement.form);
    const factor = factors.get(placement.surfaceId) ?? 1;
    // a plate of its own whose guests do not come
    if (factor === 0) return [];
    // herbs dress the board, whoever eats from it
    if (!fact || component?.family === 'garnish' || factor === 1) return [placement];
    return [{ ...placement, ...wholePieces(fact, placement.massG * factor, bowlG) }];
  };
  return { ...after, placements: after.placements.flatMap(scaled) };
}

/** The same foods in other shares; what lies in the basket is in the house. New ones come, and others go, only where those cannot do it. */
function chosenAnew(given: Plan, party: Plan['party'], solve: Solver): Plan | undefined {
  const plan = withBoxes(given, party);
  const larder = planLarder(plan);
  const shared = new Set(plan.surfaces.filter(isShared).map(({ id }) => id));
  const kinds = [
    ...new Set(
      plan.placements.filter(({ surfaceId }) => shared.has(surfaceId)).map(({ componentId }) => componentId),
    ),
  ].filter((id) => larder.has(id) && larder.get(id)!.family !== 'garnish');
  const bought = shopFor([plan]).lines.flatMap(({ id, basket }) =>
    basket && basket.massG > 0 ? [{ componentId: id as ComponentId, massG: basket.massG }] : [],
  );
  const others = [...larder.keys()].filter(
    (id) => !kinds.includes(id) && larder.get(id)!.family !== 'garnish',
  );
  const { wishes } = plan;
  const paidFor = kinds.filter((id) => bought.some(({ componentId }) => componentId === id));
  const tries = [
    { pinned: kinds, excluded: others },
    { pinned: kinds, excluded: wishes.excluded },
    // where all of them together feed nobody more: what is bought stays, the rest may go
    { pinned: [...new Set([...wishes.pinned, ...paidFor])], excluded: wishes.excluded },
  ];
  for (const asked of tries) {
    const found = compose(
      { ...plan, party, pantry: [...plan.pantry, ...bought], wishes: { ...wishes, ...asked } },
      solve,
      { quick: true, silent: true },
    );
    if (found.status !== 'impossible') return { ...plan, party, placements: found.plan.placements };
  }
  return undefined;
}

/**
 * Who eats everything takes most from the shared boards, so a board grows by more than its part of the guests: so many
 * times as much more is tried, the least first.
 */
const AMPLE = [1, 1.3, 1.6, 2, 2.5];

const asOldAsTheOthers = (group: Plan['party'][number]): Plan['party'][number] => {
  const youngest = Math.min(...group.ages);
  const missing = Number.isFinite(youngest) ? agesMissing(group) : 0;
  return missing > 0 ? { ...group, ages: [...group.ages, ...Array<number>(missing).fill(youngest)] } : group;
};

/**
 * What a later number of guests takes: the board scaled where nothing new stops service, else chosen anew with the foods
 * that are there. Packs that lie in the basket stay. The answer is a proposal: nothing of the plan is changed.
 */
export function later(plan: Plan, party: Plan['party'], solve: Solver): Later {
  // how it lies now says nothing of a board that will be laid again
  const bare = (board: Plan): Finding[] => checkPlan({ ...board, layout: [] }).findings;
  const known = new Set([...checkPlan(plan).findings, ...bare(plan)].map(({ key }) => key));
  const fresh = (board: Plan): Finding[] =>
    bare(board).filter(({ key, severity }) => severity !== 'good' && !known.has(key));
  // a child whose age nobody has said yet is asked about: no other board is made for it
  const aged = party.map(asOldAsTheOthers);
  const stopsFor = (board: Plan): number => stops(fresh({ ...board, party: aged })).length;
  const tries = AMPLE.map((ample) => scaledTo(plan, party, ample));
  const scaled = tries.find((board) => stopsFor(board) === 0) ?? tries[0]!;
  const short = stopsFor(scaled);
  const chosen = short > 0 ? chosenAnew(plan, aged, solve) : undefined;
  if (chosen && stopsFor(chosen) < short) {
    const board = { ...chosen, party };
    return told(plan, board, 'chosen', fresh(board));
  }
  return told(plan, scaled, 'scaled', fresh(scaled));
}

function told(before: Plan, after: Plan, how: Later['how'], brings: readonly Finding[]): Later {
  const [then, now] = [shopFor([before]), shopFor([after])];
  const boughtG = (lines: readonly ShopLine[], id: string): number =>
    lines.find((line) => line.id === id)?.boughtG ?? 0;
  return {
    how,
    plan: after,
    boxes: after.surfaces.length - before.surfaces.length,
    foods: foodsBetween(before, after),
    buy: now.lines
      .map((line) => ({ line, moreG: line.boughtG - boughtG(then.lines, line.id) }))
      .filter(({ moreG }) => moreG > 0),
    spared: then.lines
      .map((line) => ({ line, lessG: line.boughtG - boughtG(now.lines, line.id) }))
      .filter(({ lessG }) => lessG > 0),
    costMinor: { before: then.costMinor, after: now.costMinor },
    brings: [...stops(brings), ...brings.filter(({ severity }) => severity !== 'blocker')],
  };
}

function foodsBetween(before: Plan, after: Plan): LaterFood[] {
  const grams = ({ placements }: Plan, id: ComponentId): number =>
    placements.reduce((sum, { componentId, massG }) => sum + (componentId === id ? massG : 0), 0);
  const ids = new Set([...before.placements, ...after.placements].map(({ componentId }) => componentId));
  return [...ids]
    .map((id) => ({
      id,
      beforeG: grams(before, id),
      afterG: grams(after, id),
      made: planMaking(after, id) !== undefined,
    }))
    .filter(({ beforeG, afterG }) => Math.abs(afterG - beforeG) >= 1)
    .sort((a, b) => Math.abs(b.afterG - b.beforeG) - Math.abs(a.afterG - a.beforeG));
}

/** The edit that takes it over, as one step of undo; its label is what a laying and a day that follow amend. */
export function laterCommand(before: Plan, { plan }: Later, label: string): Command {
  const has = ({ surfaces }: Plan, id: Surface['id']): boolean =>
    surfaces.some((surface) => surface.id === id);
  const guests = new Set(plan.party.map(({ id }) => id));
  return {
    name: 'together',
    label,
    commands: [
      { name: 'set-party', party: plan.party },
      ...before.surfaces
        .filter(({ id }) => !has(plan, id))
        .map(({ id }) => ({ name: 'remove-surface' as const, surfaceId: id })),
      ...plan.surfaces
        .filter(
          ({ id, singles }) =>
            !has(before, id) || before.surfaces.find((other) => other.id === id)!.singles !== singles,
        )
        .map((surface) => ({
          name: 'set-surface' as const,
          surface: { ...surface, serves: surface.serves?.filter((id) => guests.has(id)) ?? null },
        })),
      { name: 'set-board', placements: plan.placements },
    ],
  };
}

/** The party with other counts; a group of nobody is gone. Ages of who comes are added, ages and seats beyond the count let go. */
export const withCounts = (
  party: Plan['party'],
  counts: ReadonlyMap<string, number>,
  agesOf: ReadonlyMap<string, readonly number[]> = new Map(),
): Plan['party'] =>
  party.flatMap((group) => {
    const count = counts.get(group.id) ?? group.count;
    if (count <= 0) return [];
    return [
      {
        ...group,
        count,
        ages: [...group.ages, ...(agesOf.get(group.id) ?? [])].slice(0, count),
        ...(group.seats ? { seats: group.seats.slice(0, count) } : {}),
      },
    ];
  });
