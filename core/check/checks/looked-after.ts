import { DIFFERENT_BITES } from '../../board/index.js';
import { usualForm, type Component } from '../../catalogue/index.js';
import { disliked, judgeGroup } from '../../needs/index.js';
import { wantsBread } from '../../portion/index.js';
import { certificateOf, shareWords } from '../certificate.js';
import { partyCare, type LookedAfter } from '../looked-after.js';
import type { CheckContext } from '../context.js';
import { capital, lower, names, type Finding, type Remedy } from '../finding.js';
import { addHelper, keepApart } from '../remedies.js';

/** Every guest enough, with body, a vehicle, something fresh and three bites, while the others help themselves. */
export function lookedAfter(c: CheckContext): Finding[] {
  if (c.plan.party.length === 0 || c.plan.placements.length === 0) return [];
  const care = partyCare(c);
  const short = care.groups.filter((g) => !g.ok);
  if (short.length === 0) {
    const certificate = certificateOf(c, care);
    return [
      {
        key: 'looked-after',
        code: 'looked-after',
        glyph: 'whole',
        concerns: c.plan.party.map((g) => g.id),
        components: [],
        surfaceId: null,
        text: 'Everyone is looked after.',
        why: `${certificate.text}${certificate.shortFirst ? ` ${certificate.shortFirst.text}` : ''}`,
        facts: [
          { what: 'holds up to', value: shareWords(care.greed), source: 'this plan' },
          ...certificate.groups
            .filter((g) => g.worstEach < g.gramsEach)
            .map((g) => ({
              what: `${g.group.name}, at worst`,
              value: `${g.worstEach} g each`,
              source: 'this plan' as const,
            })),
        ],
        remedies: certificate.remedy ? [certificate.remedy] : [],
        grave: false,
      },
    ];
  }
  return short.map((g) => ({
    key: `not-looked-after ${g.group.id}`,
    code: 'not-looked-after',
    glyph: 'cracked' as const,
    concerns: [g.group.id],
    components: [],
    surfaceId: null,
    text: `${g.group.name}: not looked after yet.`,
    why: `${capital(names(g.missing))}.`,
    facts: [
      { what: 'sure', value: `${Math.floor(g.sureG)} g`, source: 'this plan' as const },
      { what: 'needed', value: `${Math.round(g.needG)} g`, source: 'house default' as const },
    ],
    remedies: remediesFor(c, g),
    grave: false,
  }));
}

const ADDED_PER_GUEST_G = 40;
const MOST_REMEDIES = 3;

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
  if (g.fresh === 0) missing.push((x) => x.family === 'fresh-fruit' || x.family === 'vegetable');
  if (missing.length === 0 && g.bites < DIFFERENT_BITES) missing.push((x) => x.job === 'contrast');
  const added = surface
    ? missing.map((m) => addHelper(c, surface, ADDED_PER_GUEST_G * g.group.count, (x) => m(x) && forThem(x)))
    : [];
  return [...added.filter((r) => r !== undefined), ...moreOf(c, g.foods, g.needG - g.sureG)].slice(
    0,
    MOST_REMEDIES,
  );
}

/** More of what the group may eat already: the largest such food, by what is missing. */
function moreOf(
  c: CheckContext,
  foods: readonly {
    component: { id: string; name: string };
    lots: CheckContext['placed'][number]['lots'];
    massG: number;
  }[],
  missingG: number,
): Remedy[] {
  const most = [...foods].sort((a, b) => b.massG - a.massG)[0];
  if (!most || missingG <= 0) return [];
  const factor = 1 + (missingG * 1.5) / most.massG;
  return [
    {
      label: `More ${lower(most.component.name)}`,
      effect: `+${Math.round(missingG * 1.5)} g`,
      command: {
        name: 'place',
        componentId: most.lots[0]!.componentId,
        surfaceId: most.lots[0]!.surfaceId,
        placements: most.lots.map((p) => ({
          ...p,
          massG: Math.round(p.massG * factor),
          pieces: Math.max(1, Math.round(p.pieces * factor)),
        })),
      },
    },
  ];
}
