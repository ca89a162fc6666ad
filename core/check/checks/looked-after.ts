import { DIFFERENT_BITES, isFresh } from '../../board/index.js';
import { usualForm, type Component } from '../../catalogue/index.js';
import { disliked, judgeGroup } from '../../needs/index.js';
import { unreadOf } from '../../party/index.js';
import { wantsBread } from '../../portion/index.js';
import { certificateOf, shareSaid } from '../certificate.js';
import { partyCare, type LookedAfter } from '../looked-after.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding, type Remedy } from '../finding.js';
import { addHelper, keepApart, moreOf } from '../remedies.js';

/** Every guest enough, with body, a vehicle, something fresh and three bites, while the others help themselves. */
export function lookedAfter(context: CheckContext): Finding[] {
  if (context.plan.party.length === 0 || context.plan.placements.length === 0) return [];
  const care = partyCare(context);
  const asked = context.plan.party.filter((group) => unreadOf(group).length > 0);
  const short = care.groups.filter((care) => !care.ok && !asked.includes(care.group));
  if (short.length === 0) {
    // what nobody understood is asked by itself; meanwhile nothing is promised
    if (asked.length > 0) return [];
    const certificate = certificateOf(context, care);
    const { said, shortFirst } = certificate;
    return [
      finding('looked-after', {
        key: 'looked-after',
        severity: 'good',
        concerns: context.plan.party.map((group) => group.id),
        args: {
          certificate: shortFirst ? { say: 'care.two', with: { one: said, other: shortFirst.said } } : said,
        },
        facts: [
          { what: { say: 'fact.name.holds-up-to' }, value: shareSaid(care.greed), source: 'this plan' },
          ...certificate.groups
            .filter((promise) => promise.worstEach < promise.gramsEach)
            .map((promise): Fact => ({
              what: { say: 'fact.at-worst', with: { group: promise.group.name } },
              value: { say: 'fact.mass-each', with: { mass: { g: promise.worstEach } } },
              source: 'this plan',
            })),
        ],
        remedies: certificate.remedy ? [certificate.remedy] : [],
      }),
    ];
  }
  return short.map((care) =>
    finding('not-looked-after', {
      key: `not-looked-after ${care.group.id}`,
      severity: 'blocker',
      concerns: [care.group.id],
      args: { group: care.group.name, missing: { all: care.missing } },
      facts: [
        { what: { say: 'fact.name.sure' }, value: { g: Math.floor(care.sureG) }, source: 'this plan' },
        { what: { say: 'fact.name.needed' }, value: { g: care.needG }, source: 'house default' },
      ],
      remedies: remediesFor(context, care),
    }),
  );
}

const ADDED_PER_GUEST_G = 40;
const MOST_REMEDIES = 3;
/** A little more than what is missing: others take of it too. */
const BEYOND_MISSING = 1.5;

/**
 * Where neighbours take the food away, they go first. Then a food for what is missing, on a surface where it would
 * count; then more of what counts already.
 */
function remediesFor(context: CheckContext, care: LookedAfter): Remedy[] {
  const carriers = context.plan.surfaces.flatMap((surface) =>
    context.carriers(surface, care.group).map((carrier) => carrier.food),
  );
  const apart =
    care.foods.length === 0 && carriers.length > 0
      ? keepApart(context, [...new Set(carriers)], [care.group])
      : [];
  if (apart.length > 0) return apart;
  const surface = context.plan.surfaces.find(
    (surface) =>
      context.groupsAt(surface).includes(care.group) && context.carriers(surface, care.group).length === 0,
  );
  const forThem = (component: Component) =>
    judgeGroup(component, usualForm(component).form, care.group).verdict === 'fine' &&
    !disliked(component, care.group);
  const missing: ((component: Component) => boolean)[] = [];
  if (care.body === 0) missing.push((component) => component.job === 'body');
  if (care.vehicle === 0 && wantsBread(context.plan))
    missing.push((component) => component.job === 'vehicle');
  if (care.fresh === 0) missing.push(isFresh);
  if (missing.length === 0 && care.bites < DIFFERENT_BITES)
    missing.push((component) => component.job === 'contrast');
  const added = surface
    ? missing.map((m) =>
        addHelper(
          context,
          surface,
          (component) => m(component) && forThem(component),
          ADDED_PER_GUEST_G * care.group.count,
        ),
      )
    : [];
  const most = [...care.foods].sort((a, b) => b.massG - a.massG)[0];
  const shortG = care.needG - care.sureG;
  const more = most && shortG > 0 ? [moreOf(most, shortG * BEYOND_MISSING)] : [];
  return [...added.filter((remedy) => remedy !== undefined), ...more].slice(0, MOST_REMEDIES);
}
