import type { Component } from '../../catalogue/index.js';
import { faultsOf, type Fault, type TermId } from '../../lay/index.js';
import { planLarder, type Surface } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding } from '../finding.js';
import { laidOn } from '../near.js';
import { shortName } from '../../measure/index.js';

/** So many foods are listed under "Why this?". */
const MOST_LISTED = 12;

/** The faults of one rule on one laid surface, with the foods that they name. */
interface Found {
  surface: Surface;
  faults: readonly Fault[];
  /** Of each fault, in its order. */
  foods: readonly (readonly Component[])[];
}

/** Of many faults alike only the first, by the foods that they name. */
function eachOnce(faults: readonly Fault[]): Fault[] {
  const seen = new Set<string>();
  return faults.filter(({ components }) => {
    const key = [...components].sort().join(' ');
    if (components.length > 0 && seen.has(key)) return false;
    seen.add(key);
    return true;
  });
}

/** One slip for each laid surface on which a rule is broken, its places lit. */
const ofRule =
  (rule: TermId, slip: (found: Found, common: Common) => Finding, isAbout = (_fault: Fault) => true) =>
  (context: CheckContext): Finding[] => {
    const { plan } = context;
    const larder = planLarder(plan);
    return plan.surfaces.flatMap((surface): Finding[] => {
      const elements = laidOn(plan, surface);
      if (elements.length === 0) return [];
      const faults = eachOnce(faultsOf(plan, surface, elements).get(rule)!.filter(isAbout));
      if (faults.length === 0) return [];
      const foods = faults.map(({ components }) => components.flatMap((id) => larder.get(id) ?? []));
      return [
        slip(
          { surface, faults, foods },
          {
            key: [`${rule}-laid`, surface.id, ...faults.flatMap(({ place }) => place ?? [])].join(' '),
            components: [...new Set(foods.flat().map(({ id }) => id))],
            surfaceId: surface.id,
            places: faults.map(({ at: [x, y], reachMm }) => ({ x, y, r: reachMm })),
            rule,
          },
        ),
      ];
    });
  };

type Common = Pick<Finding, 'key' | 'components' | 'surfaceId' | 'places'> & { rule: TermId };

/** How a food lies is no matter of its label: "Baguette slices", not "Baguette slices, labelled vegan". The facts have it whole. */

/** The first pair in words, how many more there are, and where. */
const pairArgs = ({ surface, foods }: Found) => ({
  food: shortName(foods[0]![0]!.name),
  other: shortName(foods[0]![1]!.name),
  rest: foods.length - 1,
  surface: surface.name,
});

const pairFacts = ({ foods }: Found): Fact[] =>
  foods.slice(0, MOST_LISTED).map(([a, b]) => ({
    what: a!.name,
    value: { say: 'fact.touches', with: { food: b!.name } },
    source: 'this plan',
  }));

const length = (mm: number) => ({ mm: Math.round(mm) });

/** What a stylist sees who steps back from the laid board; each rule stands in `core/lay/terms`. */
export const LAYING_CHECKS = [
  ofRule('cover', ({ surface, faults }, common) =>
    finding('bare-patch', {
      ...common,
      args: { surface: surface.name, n: faults.length, width: length(faults[0]!.amount) },
    }),
  ),
  ofRule('colours', (found, common) =>
    finding('one-patch', { ...common, args: pairArgs(found), facts: pairFacts(found) }),
  ),
  ofRule('dry', (found, common) =>
    finding('juice-in-crackers', { ...common, args: pairArgs(found), facts: pairFacts(found) }),
  ),
  ofRule('pairs', (found, common) =>
    finding('dip-alone', {
      ...common,
      args: { ...pairArgs(found), gap: length(found.faults[0]!.amount) },
    }),
  ),
  ofRule('knife', (found, common) =>
    finding('no-knife-room', {
      ...common,
      args: { ...pairArgs(found), gap: length(found.faults[0]!.amount) },
    }),
  ),
  ofRule('mild', (found, common) =>
    finding('strong-by-mild', { ...common, args: pairArgs(found), facts: pairFacts(found) }),
  ),
  ofRule('star', ({ surface, foods }, common) =>
    finding('star-hidden', {
      ...common,
      args: { food: shortName(foods[0]![0]!.name), surface: surface.name },
    }),
  ),
  ofRule('reach', ({ surface, faults, foods }, common) =>
    finding('far-side', {
      ...common,
      args: {
        foods: { foods: foods.map(([food]) => shortName(food!.name)), most: 2 },
        n: foods.length,
        surface: surface.name,
        gap: length(faults[0]!.amount),
      },
      facts: foods.slice(0, MOST_LISTED).map(([food], i): Fact => ({
        what: food!.name,
        value: { say: 'fact.from-there', with: { gap: length(faults[i]!.amount) } },
        source: 'this plan',
      })),
    }),
  ),
  ofRule('balance', ({ surface }, common) =>
    finding('one-sided', { ...common, args: { surface: surface.name } }),
  ),
  ofRule(
    'places',
    ({ surface, foods }, common) =>
      finding('place-not-open', {
        ...common,
        args: {
          foods: { foods: foods.flat().map(({ name }) => name), most: 2 },
          n: foods.flat().length,
          surface: surface.name,
        },
      }),
    ({ components }) => components.length > 0,
  ),
  ofRule(
    'places',
    ({ surface, faults }, common) => {
      const place = surface.places!.find(({ id }) => id === faults[0]!.place)!;
      return finding('place-not-kept', {
        ...common,
        args: { what: { say: `place.${place.for}` }, surface: surface.name },
      });
    },
    ({ components }) => components.length === 0,
  ),
  ofRule('free', ({ surface }, common) =>
    finding('mirrored', { ...common, args: { surface: surface.name } }),
  ),
] as const;
