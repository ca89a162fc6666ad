import { FORMS, type FormFact } from '../catalogue/index.js';
import { isOwnPlate, mostInABowlG, placementsOf, wholePieces } from '../board/index.js';
import { numberOf, planLarder, type Placement, type Plan } from '../plan/index.js';
import { bowlsInUse, runsOver } from '../portion/index.js';
import type { Candidate } from './candidates.js';
import type { Draft, Entry } from './draft.js';
import { garnish } from './garnish.js';

const LAID = 0.5;

const isCounted = (plan: Plan, placement: Placement): boolean =>
  planLarder(plan).get(placement.componentId)?.family !== 'garnish';

/** The solver's values as placements on the plan. Pins and everything else of the plan stay as they are. */
export function boardOf(draft: Draft, values: readonly number[]): Plan {
  const { plan } = draft.problem;
  const placements: Placement[] = [];
  const laidEntries = draft.entries.filter(({ laid }) => (values[laid] ?? 0) >= LAID);
  const masses = massesInPieces(plan, laidEntries, values);
  for (const entry of laidEntries) {
    const { candidate } = entry;
    if (candidate.held) placements.push(...candidate.held);
    else
      placements.push(
        ...onGround(candidate, masses.get(entry) ?? 0, plan).map((placement) => asKept(placement, plan)),
      );
  }
  // kept by hand, but nothing that the composer could have chosen: it stays where it is
  const unknown = draft.problem.keep
    ? plan.placements.filter(
        (placement) =>
          isCounted(plan, placement) &&
          !draft.entries.some(({ candidate }) => candidate.held?.includes(placement)),
      )
    : [];
  return inTheBowlsAtHand({ ...plan, placements: [...placements, ...unknown, ...garnish(plan)] });
}

/** A food that lost less than this of a piece is not given one. */
const LEAST_LOST = 0.2;

/**
 * Grams as they will be laid in whole pieces, no fewer in all on a surface than were found: on a tray for two, half a
 * piece lost of six foods is a guest who is not looked after. Largest remainders first (Hamilton's method). Where money is
 * counted in packs, a piece more could be a pack more.
 */
function massesInPieces(
  plan: Plan,
  entries: readonly Entry[],
  values: readonly number[],
): Map<Entry, number> {
  const masses = new Map(entries.map((entry) => [entry, values[entry.mass] ?? 0]));
  if (plan.budgetMinor !== null) return masses;
  const bySurface = new Map<string, { entry: Entry; whole: number; pieceG: number; lost: number }[]>();
  for (const entry of entries) {
    const { area, held, component, form } = entry.candidate;
    const [surface, ...twins] = area.surfaces;
    const { pieceG } = component.forms.find((fact) => fact.form === form)!;
    if (held || twins.length > 0 || numberOf(surface!) > 1 || FORMS[form].cutToMass) continue;
    const mass = masses.get(entry)!;
    const whole = Math.max(1, Math.round(mass / pieceG));
    const here = bySurface.get(surface!.id) ?? [];
    bySurface.set(surface!.id, [...here, { entry, whole, pieceG, lost: mass / pieceG - whole }]);
  }
  for (const counted of bySurface.values()) {
    let short = counted.reduce((sum, { lost, pieceG }) => sum + lost * pieceG, 0);
    for (const { entry, whole, pieceG, lost } of counted.toSorted((a, b) => b.lost - a.lost)) {
      if (short <= 0 || lost < LEAST_LOST) break;
      masses.set(entry, (whole + 1) * pieceG);
      short -= pieceG;
    }
  }
  return masses;
}

/** What is more than its bowl holds is shared between two, as long as there are bowls left. */
function inTheBowlsAtHand(plan: Plan): Plan {
  const spare = plan.bowls.reduce((sum, bowl) => sum + bowl.count, 0) - bowlsInUse(plan).length;
  let now = plan;
  for (let left = spare; left > 0; left--) {
    const full = bowlsInUse(now).find((bowl) => FORMS[bowl.form].bowl && runsOver(bowl));
    if (!full) break;
    now = {
      ...now,
      placements: now.placements.map((placement) =>
        placement.componentId === full.componentId &&
        placement.surfaceId === full.surfaceId &&
        placement.lot === 0
          ? { ...placement, pieces: placement.pieces + 1 }
          : placement,
      ),
    };
  }
  return now;
}

/** A food that had a tool of its own, or lay in a zone, has it again. */
function asKept(placement: Placement, plan: Plan): Placement {
  const old = plan.placements.find(
    (otherPlacement) =>
      otherPlacement.componentId === placement.componentId &&
      otherPlacement.surfaceId === placement.surfaceId,
  );
  return {
    ...placement,
    ...(old?.ownTool ? { ownTool: true } : {}),
    ...(old?.inZone ? { inZone: true } : {}),
    ...(old?.ice && placement.contained ? { ice: old.ice } : {}),
  };
}

/** What is kept in for a guest's sake is not taken with a tool that goes around. */
export const isOwnTool = ({ contained, form, held }: Candidate): boolean =>
  held ? held.some(({ ownTool }) => ownTool) : contained && !FORMS[form].bowl;

function onGround(candidate: Candidate, massG: number, plan: Plan): Placement[] {
  const fact = candidate.component.forms.find((fact) => fact.form === candidate.form)!;
  const own = isOwnPlate(plan, candidate.area.surface);
  const tool = isOwnTool(candidate) ? { ownTool: true } : {};
  return candidate.area.surfaces.flatMap((surface) => {
    const n = numberOf(surface);
    const here = (massG * n) / candidate.area.copies;
    const all = placementsOf({
      plan,
      component: candidate.component,
      fact,
      surfaceId: surface.id,
      massG: here,
      contained: candidate.contained,
    }).map((placement) => ({ ...placement, ...tool }));
    // a child's plate is filled once; a second lot of ten grams helps nobody
    return own && n === 1 ? wholeOnce(all, fact, here, plan) : all;
  });
}

const wholeOnce = (all: Placement[], fact: FormFact, massG: number, plan: Plan): Placement[] => [
  { ...all[0]!, ...wholePieces(fact, massG, mostInABowlG(plan)) },
];
