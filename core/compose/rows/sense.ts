import {
  ACCENTS_AT_MOST,
  BASE_TAKERS,
  baseAtLeast,
  boardParts,
  boldAtMost,
  DIPPERS_TO_A_DIP,
  eaten,
  isBold,
  isCheese,
  isDip,
  isDipper,
  isOwnPlate,
  kindsThatFit,
  largestCm2,
  meanTakers,
  needsPartner,
  occasionAt,
  sameAtMost,
  taste,
  type ServingArea,
  spreadToAGram,
} from '../../board/index.js';
import { isPartner, SAME_SETS, servingOf, type Component, type ComponentId } from '../../catalogue/index.js';
import { guestsIn, portionsIn } from '../../party/index.js';
import { kindRanges, surfaceAreaCm2, wantsBread } from '../../portion/index.js';
import { worthMakingG } from '../candidates.js';
import { sharedAreas, type Draft, type Entry } from '../draft.js';

// what a stylist would serve: how much of a food its takers have, what stands beside what, and how much of it is bold

type Terms = (readonly [variable: number, factor: number])[];

const entriesAt = (draft: Draft, area: ServingArea): Entry[] =>
  draft.entries.filter((entry) => entry.candidate.area === area);
const masses = (entries: readonly Entry[], factor = 1): Terms =>
  entries.map((entry) => [entry.mass, factor] as const);

/** Points lost for a food at little, or at most, instead of its usual helping. */
const FROM_USUAL = 0.6;
/** And where more than is taken is allowed at all, for all of that. */
const BEYOND_MOST = 24;
/** Points for a food that few of those who may eat it take: for each share below what is known to most. */
const FEW_TAKE_IT = 2.9;
const KNOWN_TO_MOST = 0.68;
/** An accent is there for its colour: that few take it counts half. */
const OF_AN_ACCENT = 0.55;
/** Points for a food that this occasion does not lead with. */
const LEADS_NOT = 0.9;

/** Each food near its usual helping; foods that most take before others, and first what the occasion leads with. */
export function amountRows(draft: Draft): void {
  const { plan } = draft.problem;
  for (const entry of draft.entries) {
    const { component, area, minG, usualG, maxG, held } = entry.candidate;
    const serving = servingOf(component);
    const few = Math.max(0, KNOWN_TO_MOST - meanTakers(plan, component, area.groups));
    draft.model.charge(entry.laid, few * FEW_TAKE_IT * (serving.weight === 'accent' ? OF_AN_ACCENT : 1), {
      say: 'loss.takers',
    });
    if (!serving.leads.has(occasionAt(plan, area.surface)))
      draft.model.charge(entry.laid, LEADS_NOT, { say: 'loss.leads' });
    if (held || isOwnPlate(plan, area.surface) || maxG - minG < 1) continue;
    const name = `${component.id} on ${area.surface.id}`;
    const weight = draft.problem.loose ? BEYOND_MOST : FROM_USUAL;
    const more = draft.model.variable(`more ${name}`, 0, maxG, weight / Math.max(1, maxG - usualG), {
      loss: { say: 'loss.helping' },
    });
    draft.model.atMost(
      `usual ${name}`,
      [
        [entry.mass, 1],
        [entry.laid, -usualG],
        [more, -1],
      ],
      0,
    );
  }
  inAll(draft);
  if (!draft.problem.loose) madeRows(draft);
}

/** What is made at home is enough to be worth it, on all surfaces together. */
function madeRows(draft: Draft): void {
  for (const [id, chosen] of draft.chosen) {
    const here = draft.entriesOf(id);
    const worth = worthMakingG(
      draft.problem.plan,
      here.map(({ candidate }) => candidate),
    );
    if (worth > Math.min(...here.map(({ candidate }) => candidate.minG)))
      draft.model.atLeast(`worth making ${id}`, [...masses(here), [chosen, -worth]], 0);
  }
}

/** A food on several surfaces is no more in all than those who take it have. */
function inAll(draft: Draft): void {
  const { plan } = draft.problem;
  for (const id of draft.chosen.keys()) {
    const here = draft.entriesOf(id).filter(({ candidate }) => !isOwnPlate(plan, candidate.area.surface));
    if (draft.problem.loose || here.length < 2 || here.some(({ candidate }) => candidate.held)) continue;
    const verdicts = new Map(
      here.flatMap(({ candidate }) =>
        candidate.area.groups.map((group) => [group, candidate.verdicts.get(group.id)] as const),
      ),
    );
    const { most } = eaten(
      plan,
      draft.component(id),
      [...verdicts].map(([group, verdict]) => ({ group, verdict })),
    );
    const least = here.reduce((sum, { candidate }) => sum + candidate.minG, 0);
    draft.model.atMost(`in all ${id}`, masses(here), Math.max(most, least));
  }
}

/** Points lost for all that a surface's guests eat beyond its part of accents, or short of base foods. */
const ACCENTS = 40;
const BASE = 25;
/** Points lost for a food that covers all of a surface beyond its part. */
const LARGE = 60;

/**
 * Small things for colour and surprise: one for so many guests of a surface, or it is correct and plain; points for each. A
 * sweet course, colourful by itself, wants one.
 */
const GUESTS_TO_AN_ACCENT = 5;
const KINDS_TO_AN_ACCENT = 8;
const MOST_ACCENTS = 4;
const PLAIN = 1.6;

/** Base foods are most of a board, accents a tenth; none is a heap over an eighth of the ground. */
export function weightRows(draft: Draft): void {
  const { plan, targets } = draft.problem;
  const ranges = Object.values(kindRanges(plan));
  const kinds = ranges.reduce((sum, range) => sum + range.from, 0);
  for (const area of sharedAreas(draft)) {
    const here = entriesAt(draft, area);
    const id = area.surface.id;
    const surface = area.surface.name;
    const accents = here.filter(({ candidate }) => servingOf(candidate.component).weight === 'accent');
    const base = here.filter(
      ({ candidate }) => meanTakers(plan, candidate.component, area.groups) >= BASE_TAKERS,
    );
    const scale = Math.max(1, portionsIn(area.groups) * targets.perPortionG);
    const all = draft.model.variable(`grams on ${id}`, 0, Infinity);
    draft.model.row(`all on ${id}`, 0, [...masses(here), [all, -1]], 0);
    const many = draft.model.variable(`accents beyond ${id}`, 0, scale, ACCENTS / scale, {
      loss: { say: 'loss.accents', with: { surface } },
    });
    draft.model.atMost(`accents ${id}`, [...masses(accents), [all, -ACCENTS_AT_MOST], [many, -1]], 0);
    // what is bold is loud, not small
    const small = accents.filter(({ candidate }) => !isBold(candidate.component));
    const wanted = Math.min(
      small.length,
      wantsBread(plan) ? MOST_ACCENTS : 1,
      Math.floor(kindsThatFit(area.surface) / KINDS_TO_AN_ACCENT),
      Math.floor(guestsIn(area.groups) / area.copies / GUESTS_TO_AN_ACCENT),
    );
    if (wanted > 0) {
      const plain = draft.model.variable(`accents short ${id}`, 0, wanted, PLAIN, {
        loss: { say: 'loss.plain', with: { surface } },
      });
      const laid = small.map((entry) => [entry.laid, 1] as const);
      draft.model.atLeast(`some accents ${id}`, [...laid, [plain, 1]], wanted);
    }
    const short = draft.model.variable(`base short ${id}`, 0, scale, BASE / scale, {
      loss: { say: 'loss.base', with: { surface } },
    });
    draft.model.atLeast(`base ${id}`, [...masses(base), [all, -baseAtLeast(plan)], [short, 1]], 0);
    const cm2 = surfaceAreaCm2(area.surface) * area.copies;
    for (const { candidate, mass } of here) {
      const ground = candidate.laidShare / candidate.gPerCm2;
      const most = largestCm2(kinds, surfaceAreaCm2(area.surface)) * area.copies;
      if (candidate.held || candidate.maxG * ground <= most) continue;
      const heap = draft.model.variable(`heap ${candidate.component.id} on ${id}`, 0, cm2 * 4, LARGE / cm2, {
        loss: { say: 'loss.heap', with: { surface } },
      });
      draft.model.atMost(
        `large ${candidate.component.id} on ${id}`,
        [
          [mass, ground],
          [heap, -1],
        ],
        most,
      );
    }
  }
}

const TOO_BOLD = 4;
/** Who wants it bolder gets so many more bold kinds for each step. */
const BOLDER_BY_STEP = 2;

/** Strong or hot enough that a guest who asked for it notices, on the scale of tastes. */
const LOUD: Readonly<Record<'strength' | 'heat', number>> = { strength: 4, heat: 3 };
const isLoud = (component: Component): boolean =>
  taste(component, 'strength') >= LOUD.strength || taste(component, 'heat') >= LOUD.heat;
/** Points lost for each loud kind that was asked for by the lever and is missing. */
const NOT_LOUD = 2.5;

/** "Bolder" is a blue, a washed rind, a hot pickle: not any odd food that few take. */
function loudRows(draft: Draft): void {
  const { bolder } = draft.problem.plan.wishes.levers;
  if (bolder <= 0) return;
  const loud = [...draft.chosen]
    .filter(([id]) => isLoud(draft.component(id)))
    .map(([, x]) => [x, 1] as const);
  const wanted = Math.min(loud.length, BOLDER_BY_STEP * bolder);
  if (wanted === 0) return;
  const missing = draft.model.variable('not loud', 0, wanted, NOT_LOUD, { loss: { say: 'loss.loud' } });
  draft.model.atLeast('loud kinds', [...loud, [missing, 1]], wanted);
  if (draft.problem.targets.byFamily.cheese === 0) return;
  const blues = [...draft.chosen]
    .filter(([id]) => [isCheese, isBold, isLoud].every((is) => is(draft.component(id))))
    .map(([, x]) => [x, 1] as const);
  if (blues.length === 0) return;
  const none = draft.model.variable('no bold cheese', 0, 1, NOT_LOUD, { loss: { say: 'loss.loud' } });
  draft.model.atLeast('a bold cheese', [...blues, [none, 1]], 1);
}

/** Few bold kinds, and none for a handful of guests; what was asked for by name is not counted. */
export function boldRows(draft: Draft): void {
  const { plan } = draft.problem;
  const asked = new Set<ComponentId | null>([...plan.wishes.pinned, plan.wishes.star]);
  loudRows(draft);
  const bold = [...draft.chosen].filter(([id]) => isBold(draft.component(id)) && !asked.has(id));
  if (bold.length === 0) return;
  const kinds = Object.values(kindRanges(plan)).reduce((sum, range) => sum + range.from, 0);
  const most = boldAtMost(guestsIn(plan.party), kinds) + BOLDER_BY_STEP * plan.wishes.levers.bolder;
  const over = draft.model.variable('too bold', 0, bold.length, TOO_BOLD, { loss: { say: 'loss.bold' } });
  draft.model.atMost('bold kinds', [...bold.map(([, x]) => [x, 1] as const), [over, -1]], Math.max(0, most));
}

const SAME_JOB_POINTS = 5;

/** No two that do the same; a child's plate has of the board's hummus, and not another one. */
export function sameJobRows(draft: Draft): void {
  const guests = guestsIn(draft.problem.plan.party);
  SAME_SETS.forEach((set, i) => {
    const here = [...draft.chosen, ...draft.extra]
      .filter(([id]) => set.foods.has(id))
      .map(([, x]) => [x, 1] as const);
    const most = sameAtMost(guests, set);
    if (here.length <= most) return;
    const over = draft.model.variable(`same job ${i}`, 0, here.length, SAME_JOB_POINTS, {
      loss: { say: 'loss.same-job' },
    });
    draft.model.atMost(`one job ${i}`, [...here, [over, -1]], most);
  });
}

const LACKS_DIPPERS = 4;

/** On each surface a condiment has its partner, and dips have dippers. */
export function partnerRows(draft: Draft): void {
  const { plan } = draft.problem;
  for (const area of sharedAreas(draft)) {
    const here = entriesAt(draft, area);
    const laid = (entries: readonly Entry[], factor = 1): Terms =>
      entries.map((entry) => [entry.laid, factor] as const);
    const dips = here.filter(({ candidate }) => isDip(candidate.component));
    if (dips.length > 0) {
      const short = draft.model.variable(
        `dippers short ${area.surface.id}`,
        0,
        dips.length * 2,
        LACKS_DIPPERS,
        {
          loss: { say: 'loss.dippers', with: { surface: area.surface.name } },
        },
      );
      const dippers = here.filter(({ candidate }) => isDipper(candidate.component));
      for (const dip of dips)
        draft.model.atMost(
          `dippers ${dip.candidate.component.id} on ${area.surface.id}`,
          [[dip.laid, DIPPERS_TO_A_DIP], ...laid(dippers, -1), [short, -1]],
          0,
        );
    }
    for (const entry of here) {
      const { component, held } = entry.candidate;
      if (held || !needsPartner(component) || plan.wishes.pinned.includes(component.id)) continue;
      const { partners } = servingOf(component);
      const beside = here.filter(({ candidate }) => isPartner(partners, candidate.component));
      draft.model.atMost(
        `beside ${component.id} on ${area.surface.id}`,
        [[entry.laid, 1], ...laid(beside, -1)],
        0,
      );
      spreadRow(draft, entry, beside);
    }
  }
}

/** Points lost for what is dry and has nothing on it. */
const DRY = 5;

/** What is dry by itself has enough beside it to be spread. */
function spreadRow(draft: Draft, entry: Entry, beside: readonly Entry[]): void {
  const { component, area, maxG } = entry.candidate;
  const factor = spreadToAGram(component);
  if (factor === 0) return;
  const short = draft.model.variable(
    `dry ${component.id} on ${area.surface.id}`,
    0,
    maxG * factor,
    DRY / (entry.candidate.usualG * factor),
    { loss: { say: 'loss.dry', with: { food: component.name } } },
  );
  draft.model.atMost(
    `spread on ${component.id} on ${area.surface.id}`,
    [[entry.mass, factor], ...masses(beside, -1), [short, -1]],
    0,
  );
}

/** Points lost for each part that a surface lacks to be a board of its own. */
const NO_BOARD = 3;

/** Each surface is a board by itself: who stands at it finds a body, bread, something fresh, sharp and sweet. */
export function boardRows(draft: Draft): void {
  const { plan } = draft.problem;
  for (const area of sharedAreas(draft)) {
    const here = entriesAt(draft, area);
    for (const part of boardParts(plan)) {
      const of = here.filter(({ candidate }) => part.is(candidate.component));
      const kinds = Math.min(part.kinds, of.length);
      if (kinds === 0) continue;
      const missing = draft.model.variable(`no ${part.id} on ${area.surface.id}`, 0, kinds, NO_BOARD, {
        loss: {
          say: 'loss.board',
          with: { what: { say: `board.${part.id}` }, surface: area.surface.name },
        },
      });
      draft.model.atLeast(
        `${part.id} on ${area.surface.id}`,
        [...of.map((entry) => [entry.laid, 1] as const), [missing, 1]],
        kinds,
      );
    }
  }
}
