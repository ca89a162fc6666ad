import { z } from 'zod';
import { componentIdSchema } from '../../catalogue/index.js';
import { groupIdSchema, groupSchema, type Group } from '../../party/index.js';
import { occasionSchema, themeSchema } from '../records/occasion.js';
import { outlineAreaMm2 } from '../outline.js';
import { planSchema, type Plan } from '../plan.js';
import { outOfMotif, type Placement } from '../records/placement.js';
import { priceSchema } from '../records/price.js';
import { surfaceSchema, type Surface } from '../records/surface.js';
import { inEach } from '../singles.js';
import { command, replaceBy } from './command.js';

/** A group that leaves is taken out of the surfaces and overrulings that name it. */
function withParty(plan: Plan, party: Plan['party']): Plan {
  const ids = new Set(party.map((group) => group.id));
  return {
    ...plan,
    party,
    surfaces: plan.surfaces.map((surface) => {
      const stays = (id: Group['id']) => ids.has(id);
      const served =
        !surface.serves || surface.serves.every(stays)
          ? surface
          : { ...surface, serves: surface.serves.filter(stays) };
      return withZone(served, surface.zoneFor?.filter(stays) ?? []);
    }),
    overrulings: plan.overrulings.filter((overruling) => ids.has(overruling.groupId)),
  };
}

/** These of the plan's surfaces, with a place for those whom none of them serves any more. */
function withOrphans(plan: Plan, left: Surface[]): Surface[] {
  const isServed = (id: Group['id'], surfaces: readonly Surface[]): boolean =>
    surfaces.some(({ serves }) => serves === null || serves.includes(id));
  const orphans = plan.party
    .map(({ id }) => id)
    .filter((id) => isServed(id, plan.surfaces) && !isServed(id, left));
  if (orphans.length === 0) return left;
  const most = Math.max(...left.map(({ serves }) => serves?.length ?? 0));
  return left.map((surface) => {
    if (surface.serves?.length !== most) return surface;
    const serves = plan.party
      .map(({ id }) => id)
      .filter((id) => [...surface.serves!, ...orphans].includes(id));
    return { ...surface, serves: serves.length === plan.party.length ? null : serves };
  });
}

/** A zone for nobody is none. */
function withZone(surface: Surface, groups: readonly Group['id'][]): Surface {
  const { zoneFor, ...rest } = surface;
  if (groups.length === 0) return zoneFor ? rest : surface;
  return zoneFor && zoneFor.length === groups.length && groups.every((id) => zoneFor.includes(id))
    ? surface
    : { ...rest, zoneFor: [...groups] };
}

/** The same food on all of a table's parts, by whole pieces: the first parts have what cannot be halved. */
function sharedOut(placements: readonly Placement[], parts: readonly Surface[]): Placement[] {
  const heaps = new Map<string, Placement>();
  for (const { surfaceId, massG, pieces, ...kind } of placements) {
    const key = JSON.stringify(kind);
    const heap = heaps.get(key) ?? { ...kind, surfaceId, massG: 0, pieces: 0 };
    heaps.set(key, { ...heap, massG: heap.massG + massG, pieces: heap.pieces + pieces });
  }
  const areas = parts.map(({ outline, rimMm }) => outlineAreaMm2(outline, rimMm));
  const all = areas.reduce((sum, area) => sum + area, 0);
  // of so many pieces, those that the first parts have together
  const upTo = (pieces: number, k: number) =>
    Math.ceil((pieces * areas.slice(0, k).reduce((sum, area) => sum + area, 0)) / all - 1e-9);
  return [...heaps.values()].flatMap((heap) =>
    parts.flatMap((part, k) => {
      const pieces = upTo(heap.pieces, k + 1) - upTo(heap.pieces, k);
      return pieces > 0
        ? [{ ...heap, surfaceId: part.id, pieces, massG: (heap.massG * pieces) / heap.pieces }]
        : [];
    }),
  );
}

const field = planSchema.shape;

/** What the stylist is asked first: occasion, party, surfaces, money, what is at hand. */
export const BRIEF_COMMANDS = [
  command('set-occasion', 'change the occasion', { patch: occasionSchema.partial() }, (plan, { patch }) => ({
    ...plan,
    occasion: { ...plan.occasion, ...(patch as Partial<Plan['occasion']>) },
  })),
  command('set-party', 'change the party', { party: z.array(groupSchema).max(60) }, (plan, { party }) =>
    withParty(plan, party),
  ),
  command('set-group', 'change a group', { group: groupSchema }, (plan, { group }) => ({
    ...plan,
    party: replaceBy(plan.party, (otherGroup) => otherGroup.id === group.id, group),
  })),
  command('remove-group', 'remove a group', { groupId: groupIdSchema }, (plan, { groupId }) =>
    withParty(
      plan,
      plan.party.filter((group) => group.id !== groupId),
    ),
  ),
  command('set-surface', 'change a surface', { surface: surfaceSchema }, (plan, { surface }) => ({
    ...plan,
    placements: inEach(plan, surface),
    surfaces: replaceBy(plan.surfaces, (otherSurface) => otherSurface.id === surface.id, surface),
  })),
  command(
    'set-zone',
    'keep a part for somebody',
    { surfaceId: surfaceSchema.shape.id, groups: z.array(groupIdSchema).max(60) },
    (plan, c) => ({
      ...plan,
      surfaces: plan.surfaces.map((surface) =>
        surface.id === c.surfaceId ? withZone(surface, c.groups) : surface,
      ),
    }),
  ),
  /** Who had only this one to eat from comes to the table of most others. */
  command(
    'remove-surface',
    'remove a surface',
    { surfaceId: surfaceSchema.shape.id },
    (plan, { surfaceId }) => ({
      ...plan,
      surfaces: withOrphans(
        plan,
        plan.surfaces.filter((surface) => surface.id !== surfaceId),
      ),
      placements: plan.placements.filter((placement) => placement.surfaceId !== surfaceId),
      layout: plan.layout.filter((layer) => layer.surfaceId !== surfaceId),
      motifs: plan.motifs.filter((motif) => motif.surfaceId !== surfaceId),
    }),
  ),
  /** A table in other parts than before, in their place; what lay on it is shared out. */
  command(
    'set-table',
    'set a table in parts',
    {
      surfaceIds: z.array(surfaceSchema.shape.id).min(1).max(20),
      parts: z.array(surfaceSchema).min(1).max(20),
    },
    (plan, { surfaceIds, parts }) => {
      const isOld = (id: Surface['id']): boolean => surfaceIds.includes(id);
      const at = plan.surfaces.findIndex((surface) => isOld(surface.id));
      return {
        ...plan,
        surfaces: [
          ...plan.surfaces.slice(0, Math.max(0, at)),
          ...parts,
          ...plan.surfaces.slice(Math.max(0, at)).filter((surface) => !isOld(surface.id)),
        ],
        placements: [
          ...plan.placements.filter((placement) => !isOld(placement.surfaceId)),
          ...sharedOut(
            plan.placements.filter((placement) => isOld(placement.surfaceId)).map(outOfMotif),
            parts,
          ),
        ],
        layout: plan.layout.filter((layer) => !isOld(layer.surfaceId)),
        motifs: plan.motifs.filter((motif) => !isOld(motif.surfaceId)),
      };
    },
  ),
  command('set-budget', 'change the budget', { budgetMinor: field.budgetMinor }, (plan, { budgetMinor }) => ({
    ...plan,
    budgetMinor,
  })),
  command('set-currency', 'change the currency', { currency: field.currency }, (plan, { currency }) => ({
    ...plan,
    currency,
  })),
  command('set-policy', 'change who is looked after', { policy: field.policy }, (plan, { policy }) => ({
    ...plan,
    policy,
  })),
  command('set-prep', 'change the order of work', { prep: field.prep }, (plan, { prep }) => ({
    ...plan,
    prep,
  })),
  /** A theme with what must and must not be on it, one step of undo. */
  command(
    'set-theme',
    'take a theme',
    {
      theme: themeSchema,
      pinned: field.wishes.shape.pinned,
      excluded: field.wishes.shape.excluded,
    },
    (plan, { theme, pinned, excluded }) => ({
      ...plan,
      occasion: { ...plan.occasion, theme },
      wishes: {
        ...plan.wishes,
        pinned: [...new Set([...plan.wishes.pinned.filter((id) => !excluded.includes(id)), ...pinned])],
        excluded: [...new Set([...plan.wishes.excluded.filter((id) => !pinned.includes(id)), ...excluded])],
      },
    }),
  ),
  command('set-school', 'change the portions', { school: field.school }, (plan, { school }) => ({
    ...plan,
    school,
  })),
  /** Figures of one's own are meant to be used: the school is chosen with them. */
  command(
    'set-own-school',
    'keep figures of your own',
    { ownSchool: field.ownSchool },
    (plan, { ownSchool }) => ({
      ...plan,
      ownSchool,
      school: ownSchool ? 'own' : plan.school === 'own' ? 'by-family' : plan.school,
    }),
  ),
  command(
    'set-past-boards',
    'note past boards',
    { pastBoards: field.pastBoards },
    (plan, { pastBoards }) => ({
      ...plan,
      pastBoards,
      school: pastBoards.length === 0 && plan.school === 'log' ? 'by-family' : plan.school,
    }),
  ),
  command('set-pantry', 'change the pantry', { pantry: field.pantry }, (plan, { pantry }) => ({
    ...plan,
    pantry,
  })),
  command(
    'set-price',
    'change a price',
    { componentId: componentIdSchema, packs: priceSchema.shape.packs.nullable() },
    (plan, { componentId, packs }) => {
      const { currency } = plan;
      const others = plan.prices.filter(
        (price) => price.componentId !== componentId || price.currency !== currency,
      );
      return { ...plan, prices: packs ? [...others, { componentId, currency, packs }] : others };
    },
  ),
  command('set-work', 'change hands and minutes', { work: field.work }, (plan, { work }) => ({
    ...plan,
    work,
  })),
  command('set-notes', 'change the notes', { notes: field.notes }, (plan, { notes }) => ({ ...plan, notes })),
  command('set-bowls', 'change the bowls', { bowls: field.bowls }, (plan, { bowls }) => ({ ...plan, bowls })),
  command('set-tools', 'change the tools', { tools: field.tools }, (plan, { tools }) => ({ ...plan, tools })),
] as const;
