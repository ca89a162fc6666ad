import { coverOf, fittingOutline, laidGroundCm2, outlineWords, surfaceAreaCm2 } from '../../portion/index.js';
import { isOwnPlate, kindsThatFit } from '../../board/index.js';
import { moduleKey, type Surface } from '../../plan/index.js';
import type { CheckContext } from '../context.js';
import { capital, lower, type Finding } from '../finding.js';

/** Below this part of the wanted cover a board looks mean; above all of it, it does not fit. */
const SPARSE_OF_COVER = 0.886;
const FULL = 1.01;

/** Too small or too large for what lies on it at opening, with the size that fits; and too many kinds for it. */
export function size(c: CheckContext): Finding[] {
  const seen = new Set<string>();
  return c.plan.surfaces.flatMap((surface) => {
    const twins = c.plan.surfaces.filter((s) => moduleKey(s) === moduleKey(surface));
    // modules that are alike are told once, and changed together
    const alike = twins.length > 2 ? twins : [surface];
    if (alike.length > 1 && seen.has(moduleKey(surface))) return [];
    seen.add(moduleKey(surface));
    if (laidGroundCm2(c.plan, surface) === 0) return [];
    return [...roomOn(c, surface, alike), ...kindsOn(c, surface, alike)];
  });
}

const nameOf = (surface: Surface, alike: readonly Surface[]): string =>
  alike.length > 1 ? `${lower(surface.name)} and ${alike.length - 1} like it` : lower(surface.name);

function roomOn(c: CheckContext, surface: Surface, alike: readonly Surface[]): Finding[] {
  const ground = laidGroundCm2(c.plan, surface);
  const area = surfaceAreaCm2(surface);
  const small = ground / area > FULL;
  // a child's plate is meant to show some china
  if (!small && (isOwnPlate(c.plan, surface) || ground / area >= SPARSE_OF_COVER * coverOf(c.plan)))
    return [];
  const named = nameOf(surface, alike);
  const outline = fittingOutline(surface, ground, coverOf(c.plan));
  return [
    {
      key: `size ${surface.id}`,
      code: small ? 'too-small' : 'too-large',
      glyph: 'chipped',
      concerns: [],
      components: [],
      surfaceId: surface.id,
      text: small ? `It will not all fit on ${named}.` : `${capital(named)} will look sparse.`,
      why: `What is laid at opening takes ${Math.round(ground)} cm²; inside the rim are ${Math.round(area)} cm².`,
      facts: [
        { what: 'ground needed', value: `${Math.round(ground)} cm²`, source: 'house default' },
        { what: 'ground inside the rim', value: `${Math.round(area)} cm²`, source: 'this plan' },
      ],
      remedies: [
        {
          label: small ? 'A larger one' : 'A smaller one',
          effect: outlineWords(outline),
          command: {
            name: 'together',
            label: 'change a surface',
            commands: alike.map((s) => ({ name: 'set-surface' as const, surface: { ...s, outline } })),
          },
        },
      ],
      grave: false,
    },
  ];
}

function kindsOn(c: CheckContext, surface: Surface, alike: readonly Surface[]): Finding[] {
  const kinds = c.placed.filter((l) => l.surface === surface && l.component.family !== 'garnish');
  const most = kindsThatFit(surface);
  const least = [...kinds].sort((a, b) => a.massG - b.massG)[0];
  if (kinds.length <= most || !least) return [];
  return [
    {
      key: `kinds ${surface.id}`,
      code: 'too-many-kinds',
      glyph: 'chipped',
      concerns: [],
      components: [least.component.id],
      surfaceId: surface.id,
      text: `${kinds.length} kinds are many for ${nameOf(surface, alike)}.`,
      why: `It takes about ${most}. Fewer, larger kinds look calmer and leave fewer open packs.`,
      facts: [{ what: 'kinds', value: String(kinds.length), source: 'this plan' }],
      remedies: [
        {
          label: `Leave out ${lower(least.component.name)}`,
          effect: `−${Math.round(least.massG)} g`,
          command: { name: 'place', componentId: least.component.id, surfaceId: surface.id, placements: [] },
        },
      ],
      grave: false,
    },
  ];
}
