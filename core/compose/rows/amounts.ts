import { isFresh, isOwnPlate, kindsForBites, biteJobs, type ServingArea } from '../../board/index.js';
import { type Component } from '../../catalogue/index.js';
import { guestsIn, portionsIn } from '../../party/index.js';
import {
  COUNTED,
  coverOf,
  FAMILY_WORDS,
  isRoundingOff,
  isTiny,
  kindRanges,
  surfaceAreaCm2,
  wantsBread,
  type CountedFamily,
} from '../../portion/index.js';
import type { Draft, Entry } from '../draft.js';

/** Points lost for missing a family's target by all of it; hardly any where two or three are not asked for a kind of it. */
const FAMILY_MISS = 14;
const UNASKED_MISS = 1.5;
/** And for twice of it. */
const FAMILY_OVER = 12;
/** A quarter beyond it is somebody's second helping; what is more counts so much besides. */
const WELL_OVER = 1.25;
const FAMILY_FAR = 24;
/** Points lost for each kind beyond or short of what the party size asks for. */
const KIND_MISS = 1.6;
/** Points lost for each kind laid: packs that do not fit are the commonest complaint. */
const EACH_KIND = 0.12;
/** Points lost for ground left bare, for all of a surface: the size follows the food, and Check says which fits. */
const BARE = 5;

/** Each family near its target, in a number of kinds that suits the party. */
export function familyRows(draft: Draft): void {
  const ranges = kindRanges(draft.problem.plan);
  const tiny = isTiny(draft.problem.plan);
  for (const family of COUNTED) {
    const target = draft.problem.targets.byFamily[family];
    const here = draft.entries.filter((entry) => entry.candidate.component.family === family);
    const masses = here.map((entry) => [entry.mass, 1] as const);
    if (target > 0) {
      const miss = tiny && ranges[family].from === 0 ? UNASKED_MISS : FAMILY_MISS;
      const under = draft.model.variable(`under ${family}`, 0, target, miss / target, {
        loss: { say: 'loss.grams', with: { family: { word: FAMILY_WORDS[family] } } },
      });
      const over = draft.model.variable(`over ${family}`, 0, target * 3, FAMILY_OVER / target, {
        loss: { say: 'loss.measure', with: { family: { word: FAMILY_WORDS[family] } } },
      });
      draft.model.row(`target ${family}`, target, [...masses, [under, 1], [over, -1]], target);
      const far = draft.model.variable(`far over ${family}`, 0, target * 3, FAMILY_FAR / target, {
        loss: { say: 'loss.measure', with: { family: { word: FAMILY_WORDS[family] } } },
      });
      draft.model.atMost(`well over ${family}`, [...masses, [far, -1]], target * WELL_OVER);
    } else
      for (const entry of here)
        if (!isAskedByName(draft, entry)) draft.model.atMost(`no ${family}`, [[entry.mass, 1]], 0);
    kindRows(draft, family, ranges[family]);
  }
}

/** Points lost for each family that a tray of one's own has none of, or has so much of once more. */
const UNEVEN = 2.5;
/** Of a family's share of the tray: what is less is missed, what is more is too much (house default). */
const [LEAST_OF_SHARE, MOST_OF_SHARE] = [0.6, 1.4];

/**
 * Who eats from a tray alone has on it what the others have at the table, family by family: in the sum over all
 * surfaces the few on a tray would hardly count.
 */
export function trayRows(draft: Draft): void {
  const { plan, areas, targets } = draft.problem;
  const eatsElsewhere = (area: ServingArea): boolean =>
    area.groups.some((group) => areas.some((other) => other !== area && other.groups.includes(group)));
  for (const area of areas) {
    const share = portionsIn(area.groups) / portionsIn(plan.party);
    if (share === 0 || share > A_TRAY || eatsElsewhere(area)) continue;
    for (const family of COUNTED) {
      const target = targets.byFamily[family] * share;
      const here = draft.entries.filter(
        ({ candidate }) => candidate.area === area && candidate.component.family === family,
      );
      if (target === 0 || here.length === 0) continue;
      const masses = here.map((entry) => [entry.mass, 1] as const);
      const at = `${family} on ${area.surface.id}`;
      const loss = { say: 'loss.measure' as const, with: { family: { word: FAMILY_WORDS[family] } } };
      const over = draft.model.variable(`more ${at}`, 0, Infinity, UNEVEN / target, { loss });
      draft.model.atMost(`most ${at}`, [...masses, [over, -1]], target * MOST_OF_SHARE);
      const isFew = guestsIn(area.groups) <= A_SMALL_TRAY && isRoundingOff(family);
      if (isOwnPlate(plan, area.surface) || isFew) continue;
      const under = draft.model.variable(`less ${at}`, 0, target, UNEVEN / (target * LEAST_OF_SHARE), {
        loss: { say: 'loss.grams', with: { family: { word: FAMILY_WORDS[family] } } },
      });
      draft.model.atLeast(`least ${at}`, [...masses, [under, 1]], target * LEAST_OF_SHARE);
    }
  }
}

/** For so few, what rounds a board off is not missed on their tray (house default). */
const A_SMALL_TRAY = 6;

/** A surface is a tray for a few where so small a part of the party eats from it alone. */
const A_TRAY = 0.25;

/** What the stylist has pinned or laid stays, whatever the brief is for. */
const isAskedByName = ({ problem: { plan } }: Draft, { candidate }: Entry): boolean =>
  candidate.held !== undefined || [...plan.wishes.pinned, plan.wishes.star].includes(candidate.component.id);

function kindRows(draft: Draft, family: CountedFamily, range: { from: number; to: number }): void {
  const chosen = [...draft.chosen]
    .filter(([id]) => draft.component(id).family === family)
    .map(([, x]) => [x, 1] as const);
  if (chosen.length === 0) return;
  const from = Math.min(range.from, chosen.length);
  const few = draft.model.variable(`few ${family}`, 0, from, KIND_MISS, {
    loss: { say: 'loss.kinds', with: { family: { word: FAMILY_WORDS[family] } } },
  });
  draft.model.atLeast(
    `kinds from ${family}`,
    [...chosen, [few, 1]],
    draft.problem.targets.byFamily[family] > 0 ? from : 0,
  );
  const many = draft.model.variable(`many ${family}`, 0, 10, KIND_MISS * 2, {
    loss: { say: 'loss.few-kinds', with: { family: { word: FAMILY_WORDS[family] } } },
  });
  draft.model.atMost(`kinds to ${family}`, [...chosen, [many, -1]], range.to);
  for (const [x] of chosen) draft.model.charge(x, EACH_KIND);
}

/**
 * Points lost for food beyond the ground, for all of a surface. Less than missing the food itself: guests come first,
 * and Check says which size fits.
 */
const OVERFULL = 24;

/** What lies at opening fits each surface and leaves little of it bare; each guest's own plate holds a portion. */
export function groundRows(draft: Draft): void {
  for (const area of draft.problem.areas) {
    const cm2 = surfaceAreaCm2(area.surface) * area.copies;
    const here = draft.entries.filter((entry) => entry.candidate.area === area);
    const terms = here.map(
      (entry) => [entry.mass, entry.candidate.laidShare / entry.candidate.gPerCm2] as const,
    );
    // a child's plate is meant to show some china
    const own = isOwnPlate(draft.problem.plan, area.surface);
    const bare = draft.model.variable(`bare ${area.surface.id}`, 0, cm2, own ? 0 : BARE / cm2, {
      loss: { say: 'loss.full', with: { surface: area.surface.name } },
    });
    const over = draft.model.variable(`overfull ${area.surface.id}`, 0, cm2 * 20, OVERFULL / cm2, {
      loss: { say: 'loss.room', with: { surface: area.surface.name } },
    });
    draft.model.row(
      `ground ${area.surface.id}`,
      cm2 * coverOf(draft.problem.plan, area.surface),
      [...terms, [bare, 1], [over, -1]],
      cm2 * Math.min(0.985, coverOf(draft.problem.plan, area.surface) + 0.04),
    );
    if (own)
      ownPlateRows(
        draft,
        area,
        here.map((entry) => [entry.mass, 1] as const),
      );
  }
}

/** What no plate of one's own is without, and its least share of the portion (house default). */
const PLATE_PARTS: readonly { name: string; share: number; is: (component: Component) => boolean }[] = [
  { name: 'fresh', share: 0.14, is: isFresh },
  { name: 'body', share: 0.18, is: (component) => component.job === 'body' },
  { name: 'vehicle', share: 0.06, is: (component) => component.job === 'vehicle' },
  { name: 'contrast', share: 0, is: (component) => component.job === 'contrast' },
];

/** A little more than the portion, so that rounding to whole pieces leaves nobody short. */
const ROUNDING = 1.12;
const FED = 1.05;
/** Points lost for a plate without any food: more than the gap of any proof lets pass for a crumb of it. */
const HUNGRY = 400;

function ownPlateRows(draft: Draft, area: ServingArea, masses: (readonly [number, number])[]): void {
  const portion = portionsIn(area.groups) * draft.problem.targets.perPortionG * ROUNDING;
  const loss = { say: 'loss.full' as const, with: { surface: area.surface.name } };
  const slack = draft.model.variable(`plate short ${area.surface.id}`, 0, portion, FAMILY_MISS / portion, {
    loss,
  });
  draft.model.row(`portion on ${area.surface.id}`, portion, [...masses, [slack, 1]], portion * 1.15);
  // what is short of the portion itself is hunger, not taste
  const hungry = draft.model.variable(`hungry ${area.surface.id}`, 0, portion, HUNGRY / portion, { loss });
  draft.model.atLeast(`fed from ${area.surface.id}`, [...masses, [hungry, 1]], (portion / ROUNDING) * FED);
  const here = draft.entries.filter((entry) => entry.candidate.area === area);
  // where next to nothing is fine the rest of the table is proposed all the same, and Check says who gets nothing
  const kinds = (name: string, least: number, of: typeof here, most = Infinity) =>
    draft.model.row(
      `${name} on ${area.surface.id}`,
      Math.min(least, of.length),
      of.map((entry) => [entry.laid, 1] as const),
      most,
    );
  kinds('kinds', 5, here, 8);
  draft.model.atMost(
    `bread on ${area.surface.id}`,
    here
      .filter((entry) => entry.candidate.component.job === 'vehicle')
      .map((entry) => [entry.mass, 1] as const),
    portion * MOST_BREAD,
  );
  const bread = wantsBread(draft.problem.plan);
  const inBites = biteJobs(bread);
  kinds(
    'bites',
    kindsForBites(bread),
    here.filter((entry) => inBites.includes(entry.candidate.component.job)),
  );
  for (const part of PLATE_PARTS.filter((p) => bread || p.name !== 'vehicle')) {
    const of = here.filter((entry) => part.is(entry.candidate.component));
    if (of.length === 0) continue;
    draft.model.atLeast(
      `${part.name} on ${area.surface.id}`,
      of.map((entry) => [entry.laid, 1] as const),
      1,
    );
    draft.model.atLeast(
      `enough ${part.name} on ${area.surface.id}`,
      of.map((entry) => [entry.mass, 1] as const),
      portion * part.share,
    );
  }
}

/** Bread fills small stomachs fast: at most this share of a child's plate (house default). */
const MOST_BREAD = 0.4;
