import { FORMS, type FormFact } from '../catalogue/index.js';
import { isOwnPlate, mostInABowlG, placementsOf, wholePieces } from '../board/index.js';
import { isShared, planLarder, type Placement, type Plan } from '../plan/index.js';
import { bowlHoldsG, bowlsInUse, surfaceAreaCm2 } from '../portion/index.js';
import type { Candidate } from './candidates.js';
import type { Draft } from './draft.js';

const LAID = 0.5;

const isCounted = (plan: Plan, p: Placement): boolean =>
  planLarder(plan).get(p.componentId)?.family !== 'garnish';

/** The solver's values as placements on the plan. Pins and everything else of the plan stay as they are. */
export function boardOf(draft: Draft, values: readonly number[]): Plan {
  const { plan } = draft.problem;
  const placements: Placement[] = [];
  for (const { candidate: c, laid, mass } of draft.entries) {
    if ((values[laid] ?? 0) < LAID) continue;
    if (c.held) placements.push(...c.held);
    else placements.push(...onGround(c, values[mass] ?? 0, plan).map((p) => asKept(p, plan)));
  }
  // kept by hand, but nothing that the composer could have chosen: it stays where it is
  const unknown = draft.problem.keep
    ? plan.placements.filter(
        (p) => isCounted(plan, p) && !draft.entries.some(({ candidate: c }) => c.held?.includes(p)),
      )
    : [];
  return inTheBowlsAtHand({ ...plan, placements: [...placements, ...unknown, ...garnish(plan)] });
}

/** What is more than its bowl holds is shared between two, as long as there are bowls left. */
function inTheBowlsAtHand(plan: Plan): Plan {
  const spare = plan.bowls.reduce((n, b) => n + b.count, 0) - bowlsInUse(plan).length;
  let now = plan;
  for (let left = spare; left > 0; left--) {
    const full = bowlsInUse(now).find((b) => FORMS[b.form].bowl && b.massG > bowlHoldsG(b.diameterMm));
    if (!full) break;
    now = {
      ...now,
      placements: now.placements.map((p) =>
        p.componentId === full.componentId && p.surfaceId === full.surfaceId && p.lot === 0
          ? { ...p, pieces: p.pieces + 1 }
          : p,
      ),
    };
  }
  return now;
}

/** A food that had a tool of its own, or lay in a zone, has it again. */
function asKept(p: Placement, plan: Plan): Placement {
  const old = plan.placements.find((q) => q.componentId === p.componentId && q.surfaceId === p.surfaceId);
  return {
    ...p,
    ...(old?.ownTool ? { ownTool: true } : {}),
    ...(old?.inZone ? { inZone: true } : {}),
  };
}

function onGround(c: Candidate, massG: number, plan: Plan): Placement[] {
  const fact = c.component.forms.find((f) => f.form === c.form)!;
  const own = isOwnPlate(plan, c.area.surface);
  // bread that is kept in for a guest's sake is not taken with a tool that goes around
  const tool = c.contained && !FORMS[c.form].bowl ? { ownTool: true } : {};
  return c.area.surfaces.flatMap((s) => {
    const all = placementsOf({
      plan,
      component: c.component,
      fact,
      surfaceId: s.id,
      massG: massG / c.area.copies,
      contained: c.contained,
    }).map((p) => ({ ...p, ...tool }));
    // a child's plate is filled once; a second lot of ten grams helps nobody
    return own ? wholeOnce(all, fact, massG / c.area.copies, plan) : all;
  });
}

const wholeOnce = (all: Placement[], fact: FormFact, massG: number, plan: Plan): Placement[] => [
  { ...all[0]!, ...wholePieces(fact, massG, mostInABowlG(plan)) },
];

/** Ground for one sprig of a herb: a small box is not buried (house default). */
const CM2_PER_SPRIG = 200;
const sprigsOn = (s: Plan['surfaces'][number]): number =>
  Math.max(1, Math.min(s.outline.kind === 'round' ? 5 : 3, Math.round(surfaceAreaCm2(s) / CM2_PER_SPRIG)));

/** Two herbs that the stylist has not excluded, a few sprigs for each shared surface; pinned ones first. */
export function garnish(plan: Plan): Placement[] {
  const sweet = plan.occasion.role === 'sweet';
  const herbs = [...planLarder(plan).values()].filter(
    (c) =>
      c.family === 'garnish' &&
      c.made !== 'unknown' &&
      !plan.wishes.excluded.includes(c.id) &&
      (!sweet || (c.taste?.bitter ?? 0) <= 1 || plan.wishes.pinned.includes(c.id)),
  );
  const pinned = herbs.filter((h) => plan.wishes.pinned.includes(h.id));
  const chosen = [...pinned, ...herbs.filter((h) => !pinned.includes(h))].slice(
    0,
    Math.max(2, pinned.length),
  );
  return plan.surfaces.filter(isShared).flatMap((s) =>
    chosen.map((h) => {
      const fact = h.forms[0]!;
      const pieces = sprigsOn(s);
      return {
        componentId: h.id,
        surfaceId: s.id,
        form: fact.form,
        massG: pieces * fact.pieceG,
        pieces,
        lot: 0,
        contained: false,
      };
    }),
  );
}
