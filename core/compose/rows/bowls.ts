import { mostInABowlG } from '../../board/index.js';
import { FORMS } from '../../catalogue/index.js';
import { outlineSize, type Plan, type Surface } from '../../plan/index.js';
import { bowlHoldsG, bowlLostMm, bowlsFor, dipBowls } from '../../portion/index.js';
import type { Draft, Entry } from '../draft.js';

/** A bowl that an entry takes, so many on all copies of its surface. */
interface Taken {
  entry: Entry;
  by: readonly [variable: number, copies: number];
}

/**
 * Never more bowls than the stylist has, of each size and larger: a food stands in one on each copy of the surface, in
 * the least that holds it, or in several.
 */
export function bowlRows(draft: Draft): void {
  const sizes = bowlsAtHand(draft.problem.plan);
  const used = sizes.map((): Taken[] => []);
  const inBowls = draft.entries.filter((entry) => entry.candidate.contained && !isOnIce(entry));
  for (const entry of inBowls) {
    const { area, maxG, laidShare, held } = entry.candidate;
    const mostG = (maxG * laidShare) / area.copies;
    const fits = sizes.findIndex((size) => heldG(draft, entry, size.diameterMm) >= mostG);
    // what was put there by hand stands where it stands
    const at = held ? 0 : fits;
    if (at === 0) used[0]?.push({ entry, by: [entry.laid, area.copies] });
    else takesBowls(draft, entry, used);
  }
  // a basket serves for what a small bowl holds, but only bread and what is as bulky stands in one
  const { plan } = draft.problem;
  const dips = new Set(dipBowls(plan));
  const isSmall = ({ entry: { candidate } }: Taken): boolean =>
    bowlsFor(plan, candidate.component, candidate.form).every((bowl) => dips.has(bowl));
  sizes.forEach((size, i) => {
    const from = used.slice(i).flat();
    const have = (which: Plan['bowls']) => which.reduce((sum, bowl) => sum + bowl.count, 0);
    const larger = sizes.slice(i);
    draft.model.atMost(
      `bowls from ${size.diameterMm} mm`,
      from.map(({ by }) => by),
      have(larger),
    );
    draft.model.atMost(
      `dips from ${size.diameterMm} mm`,
      from.filter(isSmall).map(({ by }) => by),
      have(larger.filter((bowl) => dips.has(bowl))),
    );
  });
  notLostRows(draft, inBowls, sizes);
  roomRows(draft, inBowls, sizes);
  if (sizes.length === 0)
    draft.model.atMost(
      'no bowls at hand',
      inBowls.map((entry) => [entry.laid, 1] as const),
      0,
    );
}

/** A few pieces stand in a small bowl, or on the board: no more of them than there are bowls that they are not lost in. */
function notLostRows(draft: Draft, inBowls: readonly Entry[], sizes: Plan['bowls']): void {
  const { pinned, star } = draft.problem.plan.wishes;
  const few = inBowls
    .filter(({ candidate: { form, held, component } }) => {
      return !FORMS[form].bowl && !held && component.id !== star && !pinned.includes(component.id);
    })
    .map(({ laid, candidate: { usualG, laidShare, gPerCm2, area } }) => {
      return { laid, copies: area.copies, lostMm: bowlLostMm((usualG * laidShare) / area.copies, gPerCm2) };
    });
  sizes.slice(1).forEach((larger, i) =>
    draft.model.atMost(
      `few pieces in bowls under ${larger.diameterMm} mm`,
      few.filter(({ lostMm }) => lostMm <= larger.diameterMm).map(({ laid, copies }) => [laid, copies]),
      sizes.slice(0, i + 1).reduce((sum, { count }) => sum + count, 0),
    ),
  );
}

/** Between two bowls, and between one and the rim (house default). */
const APART_MM = 4;
/** How many times as wide as a circle a round ground is that holds two, three, four or five of them. */
const ROUND_HOLDS = [2, 2.155, 2.415, 2.702] as const;

/** So many bowls of a size find room side by side on a surface, if more than a handful any number. */
function bowlsBeside({ outline, rimMm }: Surface, diameterMm: number): number {
  const each = diameterMm + APART_MM;
  const [length, width] = outlineSize(outline).map((mm) => mm - 2 * rimMm - APART_MM) as [number, number];
  if (outline.kind === 'rectangle') {
    const n = Math.floor(length / each) * Math.floor(width / each);
    return n > ROUND_HOLDS.length ? Infinity : n;
  }
  // an oval or a free outline holds at least what its narrow side holds
  const n = ROUND_HOLDS.filter((times) => width >= times * each).length;
  if (n === ROUND_HOLDS.length || length > width * 1.2) return Infinity;
  return n + Math.min(1, Math.floor(width / each));
}

/** On a tray for one there is room for one bowl, whatever the grams. */
function roomRows(draft: Draft, inBowls: readonly Entry[], sizes: Plan['bowls']): void {
  const [smallest] = sizes;
  if (!smallest) return;
  for (const area of draft.problem.areas) {
    const here = inBowls.filter(({ candidate }) => candidate.area === area);
    const room = bowlsBeside(area.surface, smallest.diameterMm);
    const held = here.filter(({ candidate }) => candidate.held).length;
    if (here.length <= room) continue;
    draft.model.atMost(
      `bowls side by side on ${area.surface.id}`,
      here.map(({ laid }) => [laid, 1] as const),
      Math.max(room, held),
    );
  }
}

/** What was set on ice by hand has its bowl. */
const isOnIce = ({ candidate }: Entry): boolean =>
  candidate.held?.some(({ ice }) => ice !== undefined) === true;

/** What one bowl of this size holds of a food, as whole bowls of it are counted: rounded for the scale, and to a piece. */
const heldG = ({ problem: { plan } }: Draft, { candidate }: Entry, diameterMm: number): number => {
  const holdsG = bowlHoldsG(diameterMm, candidate.gPerCm2);
  return FORMS[candidate.form].bowl
    ? Math.min(Math.floor(holdsG / 10) * 10, mostInABowlG(plan))
    : Math.max(candidate.pieceG, holdsG - candidate.pieceG);
};

/** More than the smallest holds: one of a size that holds it, or as many of the largest as it fills in equal parts. */
function takesBowls(draft: Draft, entry: Entry, used: Taken[][]): void {
  const { plan } = draft.problem;
  const { candidate, laid, mass } = entry;
  const { area, maxG, laidShare, form } = candidate;
  const fit = new Set(bowlsFor(plan, candidate.component, form));
  const sizes = bowlsAtHand(plan);
  // by name, so that a board of a part of the larder is one of the whole
  const { name } = draft.model.variables[laid]!;
  const held = sizes.map((size) => (fit.has(size) ? heldG(draft, entry, size.diameterMm) : 0));
  const largestG = Math.max(...held);
  const several = Math.ceil((maxG * laidShare) / area.copies / largestG);
  const taken = sizes.flatMap((size, i) => {
    if (held[i] === 0) return [];
    const large = held[i] === largestG;
    const most = Math.min(size.count, large ? several : 1);
    const n = draft.model.variable(`bowls of ${size.diameterMm} mm to ${name}`, 0, most, 0, {
      integer: true,
    });
    used[i]!.push({ entry, by: [n, area.copies] });
    return [{ n, holdsG: held[i]!, large }];
  });
  draft.model.atMost(
    `held by bowls to ${name}`,
    [[mass, laidShare], ...taken.map(({ n, holdsG }) => [n, -area.copies * holdsG] as const)],
    0,
  );
  draft.model.atMost(`in a bowl to ${name}`, [[laid, 1], ...taken.map(({ n }) => [n, -1] as const)], 0);
  draft.model.atMost(
    `one of the small bowls to ${name}`,
    taken.map(({ n, large }) => [n, large ? 1 : several] as const),
    several,
  );
}

/** How many of each size, the smallest first. */
const bowlsAtHand = (plan: Plan): Plan['bowls'] =>
  plan.bowls.filter((bowl) => bowl.count > 0).sort((a, b) => a.diameterMm - b.diameterMm);
