import { DIFFERENT_BITES, isFresh } from '../../board/index.js';
import { usualForm, type Component } from '../../catalogue/index.js';
import { disliked, judgeGroup } from '../../needs/index.js';
import { wantsBread } from '../../portion/index.js';
import { certificateOf, shareSaid } from '../certificate.js';
import { partyCare, type LookedAfter } from '../looked-after.js';
import type { CheckContext } from '../context.js';
import { finding, type Fact, type Finding, type Remedy } from '../finding.js';
import { addHelper, keepApart, moreOf } from '../remedies.js';

/** Every guest enough, with body, a vehicle, something fresh and three bites, while the others help themselves. */
export function lookedAfter(c: CheckContext): Finding[] {
  if (c.plan.party.length === 0 || c.plan.placements.length === 0) return [];
  const care = partyCare(c);
  const short = care.groups.filter((g) => !g.ok);
  if (short.length === 0) {
    const certificate = certificateOf(c, care);
    const { said, shortFirst } = certificate;
    return [
      finding('looked-after', {
        key: 'looked-after',
        severity: 'good',
        concerns: c.plan.party.map((g) => g.id),
        args: {
          certificate: shortFirst ? { say: 'care.two', with: { one: said, other: shortFirst.said } } : said,
        },
        facts: [
          { what: { say: 'fact.name.holds-up-to' }, value: shareSaid(care.greed), source: 'this plan' },
          ...certificate.groups
            .filter((g) => g.worstEach < g.gramsEach)
            .map((g): Fact => ({
              what: { say: 'fact.at-worst', with: { group: g.group.name } },
              value: { say: 'fact.mass-each', with: { mass: { g: g.worstEach } } },
              source: 'this plan',
            })),
        ],
        remedies: certificate.remedy ? [certificate.remedy] : [],
      }),
    ];
  }
  return short.map((g) =>
    finding('not-looked-after', {
      key: `not-looked-after ${g.group.id}`,
      severity: 'blocker',
      concerns: [g.group.id],
      args: { group: g.group.name, missing: { all: g.missing } },
      facts: [
        { what: { say: 'fact.name.sure' }, value: { g: Math.floor(g.sureG) }, source: 'this plan' },
        { what: { say: 'fact.name.needed' }, value: { g: g.needG }, source: 'house default' },
      ],
      remedies: remediesFor(c, g),
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
function remediesFor(c: CheckContext, g: LookedAfter): Remedy[] {
  const carriers = c.plan.surfaces.flatMap((s) => c.carriers(s, g.group).map((x) => x.food));
  const apart =
    g.foods.length === 0 && carriers.length > 0 ? keepApart(c, [...new Set(carriers)], [g.group]) : [];
  if (apart.length > 0) return apart;
  const surface = c.plan.surfaces.find(
    (s) => c.groupsAt(s).includes(g.group) && c.carriers(s, g.group).length === 0,
  );
  const forThem = (x: Component) =>
    judgeGroup(x, usualForm(x).form, g.group).verdict === 'fine' && !disliked(x, g.group);
  const missing: ((x: Component) => boolean)[] = [];
  if (g.body === 0) missing.push((x) => x.job === 'body');
  if (g.vehicle === 0 && wantsBread(c.plan)) missing.push((x) => x.job === 'vehicle');
  if (g.fresh === 0) missing.push(isFresh);
  if (missing.length === 0 && g.bites < DIFFERENT_BITES) missing.push((x) => x.job === 'contrast');
  const added = surface
    ? missing.map((m) => addHelper(c, surface, ADDED_PER_GUEST_G * g.group.count, (x) => m(x) && forThem(x)))
    : [];
  const most = [...g.foods].sort((a, b) => b.massG - a.massG)[0];
  const shortG = g.needG - g.sureG;
  const more = most && shortG > 0 ? [moreOf(most, shortG * BEYOND_MISSING)] : [];
  return [...added.filter((r) => r !== undefined), ...more].slice(0, MOST_REMEDIES);
}
