import { usualForm, type Family, type Larder } from '../catalogue/index.js';
import type { Said, Word } from '../words/index.js';
import { planLarder, type Plan, type SchoolId } from '../plan/index.js';
import { portionsIn } from '../party/index.js';
import { coverOf, groundOf, laidAtOpening } from './family-ground.js';
import { kindRanges, type KindRange } from './kinds.js';
import { COUNTED, groupByFamily, targetsOf, type CountedFamily, type Targets } from './targets.js';

/** What one school gives for this brief, beside the others. */
export interface SchoolOffer {
  id: SchoolId;
  name: string;
  /** What it counts, in one sentence. */
  how: Word;
  /** Can it be chosen now? Your own figures and your log may be empty. */
  ready: boolean;
  chosen: boolean;
  targets: Targets;
  rows: SchoolRow[];
  kinds: KindRange;
  areaCm2: number;
  /** At the usual price of each family, before packs are rounded up. */
  costMinor: number;
  /** Against the school that is chosen: grams more or less, and why. */
  difference: Said;
}

export interface SchoolRow {
  family: CountedFamily;
  /** Grams for a grown guest of this party, on average. */
  gEach: number;
  totalG: number;
  /** Whole pieces a guest, where a family is counted in pieces: nobody has 4.3 crackers. */
  piecesEach?: number;
  source: 'house default' | 'your log' | 'your own figure';
}

const NAMES: Record<SchoolId, string> = {
  'cheese-only': 'Cheese alone',
  'by-family': 'By family',
  combined: 'Combined',
  log: 'From your log',
  own: 'Your own',
};

const HOW: Record<SchoolId, string> = {
  'cheese-only': 'it counts cheese alone and leaves meat, fish and plant protein out',
  'by-family': 'it counts cheese and meat each for itself',
  combined: 'it shares one budget between cheese and meat',
  log: 'it follows what was eaten at your own boards',
  own: 'it takes the figures that you keep',
};

/** What the school of this plan is called. */
export const schoolName = (plan: Plan): string =>
  plan.school === 'own' && plan.ownSchool ? plan.ownSchool.name : NAMES[plan.school].toLowerCase();

/** A cracker or a slice of bread as it is counted at the table (craft, section 4: 5 pieces are about 30 g). */
const PIECE_G: Partial<Record<CountedFamily, number>> = { vehicle: 6 };

const SCHOOLS: readonly SchoolId[] = ['cheese-only', 'by-family', 'combined', 'log', 'own'];

/** The schools for this very brief. An empty party gives every school nothing. */
export function schoolsOf(plan: Plan): SchoolOffer[] {
  const prices = familyPrices(planLarder(plan));
  const portions = portionsIn(plan.party);
  const offers = SCHOOLS.map((id) => {
    const under = { ...plan, school: id };
    const targets = targetsOf(under);
    return {
      id,
      name: id === 'own' && plan.ownSchool ? plan.ownSchool.name : NAMES[id],
      how: { word: HOW[id] },
      ready: (id !== 'log' || plan.pastBoards.length > 0) && (id !== 'own' || plan.ownSchool !== null),
      chosen: id === plan.school,
      targets,
      rows: rowsOf(plan, id, targets, portions),
      kinds: kindsOf(under, targets),
      areaCm2: groundOf(laidAtOpening(plan, targets.byFamily), coverOf(plan)),
      costMinor: Math.round(
        COUNTED.reduce((sum, family) => sum + targets.byFamily[family] * (prices.get(family) ?? 0), 0),
      ),
    };
  });
  const chosen = offers.find((offer) => offer.chosen)!;
  return offers.map((offer) => ({ ...offer, difference: differenceOf(offer, chosen) }));
}

function rowsOf(plan: Plan, id: SchoolId, targets: Targets, portions: number): SchoolRow[] {
  return COUNTED.filter((family) => targets.byFamily[family] > 0).map((family) => {
    const totalG = targets.byFamily[family];
    const gEach = portions > 0 ? totalG / portions : 0;
    const piece = PIECE_G[family];
    const kept = plan.ownSchool?.rows[family] !== undefined;
    const source = id === 'own' && kept ? 'your own figure' : id === 'log' ? 'your log' : 'house default';
    return {
      family,
      gEach,
      totalG,
      ...(piece ? { piecesEach: Math.ceil(gEach / piece - 0.05) } : {}),
      source,
    };
  });
}

function kindsOf(plan: Plan, targets: Targets): KindRange {
  const ranges = kindRanges(plan);
  const there = COUNTED.filter((family) => targets.byFamily[family] > 0);
  return {
    from: there.reduce((sum, family) => sum + ranges[family].from, 0),
    to: there.reduce((sum, family) => sum + ranges[family].to, 0),
  };
}

/** The middle price of a gram in each family, in minor units: half of its foods cost less. */
function familyPrices(larder: Larder): Map<Family, number> {
  const out = new Map<Family, number>();
  for (const [family, list] of groupByFamily(larder)) {
    const prices = list
      .filter((component) => usualForm(component).pieceG > 0)
      .map((component) => Math.min(...component.packs.map((pack) => pack.priceMinor / pack.massG)))
      .sort((a, b) => a - b);
    out.set(family, prices[Math.floor(prices.length / 2)] ?? 0);
  }
  return out;
}

/** Grams below which two schools give about as much (house default). */
const ABOUT_AS_MUCH_G = 50;

function differenceOf(o: Omit<SchoolOffer, 'difference'>, chosen: Omit<SchoolOffer, 'difference'>): Said {
  const school = { word: o.name };
  if (o.chosen) return { say: 'school.chosen', with: { school, how: o.how } };
  if (!o.ready) return { say: o.id === 'log' ? 'school.no-log' : 'school.no-figures', with: { school } };
  const by = o.targets.totalG - chosen.targets.totalG;
  if (Math.abs(by) < ABOUT_AS_MUCH_G) return { say: 'school.as-much', with: { school } };
  return {
    say: by < 0 ? 'school.less' : 'school.more',
    // nobody plans to the gram
    with: { school, mass: { g: Math.round(Math.abs(by) / 10) * 10 }, how: o.how },
  };
}
