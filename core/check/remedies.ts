import { placementsOf, type PlacedFood } from '../board/index.js';
import {
  factValue,
  factWords,
  possibleValues,
  usualForm,
  type Component,
  type ComponentId,
  type FactKey,
} from '../catalogue/index.js';
import { carriesTo, judgeGroup } from '../needs/index.js';
import type { Group } from '../party/index.js';
import {
  isShared,
  keepsFree,
  type Answer,
  type Surface,
  type SurfaceId,
  type SingleCommand,
} from '../plan/index.js';
import { bowlsInUse, fittingOutline, outlineWords, placementGroundCm2 } from '../portion/index.js';
import type { CheckContext } from './context.js';
import { lower, type Remedy } from './finding.js';

/** Remedies that more than one check offers. Each is data: words, what it brings, and the edit. */

const grams = (foods: readonly PlacedFood[]) => Math.round(foods.reduce((n, l) => n + l.massG, 0));

/** One step of undo for a list of foods. */
function forEach(
  label: string,
  effect: string,
  foods: readonly PlacedFood[],
  of: (l: PlacedFood) => SingleCommand,
): Remedy {
  return { label, effect, command: { name: 'together', label: lower(label), commands: foods.map(of) } };
}

/** A bowl, dish or basket keeps crumbs and bits in; undefined when there are too few left. */
export function inBowls(c: CheckContext, foods: readonly PlacedFood[]): Remedy | undefined {
  const free = c.plan.bowls.reduce((n, b) => n + b.count, 0) - bowlsInUse(c.plan).length;
  if (free < foods.length) return undefined;
  const label = foods.length > 1 ? 'Bowls of their own' : 'A bowl of its own';
  return forEach(label, `${foods.length} of ${free} bowls`, foods, (l) => ({
    name: 'contain',
    componentId: l.component.id,
    surfaceId: l.surface.id,
    on: true,
  }));
}

/** To a surface that the guests concerned are not served from. */
export function moveAway(
  c: CheckContext,
  foods: readonly PlacedFood[],
  groups: readonly Group[],
): Remedy | undefined {
  const to = c.plan.surfaces.find(
    (s) =>
      foods.every(
        (l) => l.surface !== s && s.freeFrom.every((id) => keepsFree(l.component, id) === 'keeps'),
      ) &&
      !c.groupsAt(s).some((g) => groups.includes(g)) &&
      isShared(s),
  );
  if (!to) return undefined;
  return forEach(`Move to ${lower(to.name)}`, `${foods.length} moved`, foods, (l) => ({
    name: 'move',
    componentId: l.component.id,
    from: l.surface.id,
    to: to.id,
  }));
}

const SIDE_BOARD = 'side-board';

function freeSurfaceId(c: CheckContext): SurfaceId {
  const taken = new Set<string>(c.plan.surfaces.map((s) => s.id));
  let id = SIDE_BOARD;
  for (let n = 2; taken.has(id); n++) id = `${SIDE_BOARD}-${n}`;
  return id as SurfaceId;
}

/** A new board for these foods alone, in the size that they fill, for everybody but the guests concerned. */
export function onOwnBoard(
  c: CheckContext,
  foods: readonly PlacedFood[],
  groups: readonly Group[],
): Remedy | undefined {
  const others = c.plan.party.filter(
    (g) => !groups.includes(g) && foods.some((l) => c.groupsAt(l.surface).includes(g)),
  );
  if (others.length === 0) return undefined;
  const base: Surface = {
    id: freeSurfaceId(c),
    name: 'Side board',
    outline: { kind: 'round', diameterMm: 200 },
    rimMm: 10,
    material: 'oak',
    serves: others.map((g) => g.id),
    freeFrom: [],
    smallHands: foods.some((l) => l.surface.smallHands),
  };
  const ground = foods.flatMap((l) =>
    l.lots.filter((p) => p.lot === 0).map((p) => placementGroundCm2(l.component, p)),
  );
  const surface = {
    ...base,
    outline: fittingOutline(
      base,
      ground.reduce((a, b) => a + b, 0),
    ),
  };
  const label = 'A board of its own, apart';
  return {
    label,
    effect: outlineWords(surface.outline),
    command: {
      name: 'together',
      label: 'give a board of its own',
      commands: [
        { name: 'set-surface', surface },
        ...foods.map((l): SingleCommand => ({
          name: 'move',
          componentId: l.component.id,
          from: l.surface.id,
          to: surface.id,
        })),
      ],
    },
  };
}

export function leaveOut(foods: readonly PlacedFood[]): Remedy {
  const label = foods.length > 1 ? 'Leave them out' : 'Leave it out';
  return forEach(label, `−${grams(foods)} g`, foods, (l) => ({
    name: 'place',
    componentId: l.component.id,
    surfaceId: l.surface.id,
    placements: [],
  }));
}

/** In the order of the craft: contain, another surface, a surface of its own, leave out. */
export const keepApart = (
  c: CheckContext,
  foods: readonly PlacedFood[],
  groups: readonly Group[],
): Remedy[] =>
  [inBowls(c, foods), moveAway(c, foods, groups), onOwnBoard(c, foods, groups), leaveOut(foods)].filter(
    (r): r is Remedy => r !== undefined,
  );

/** The value that a reassuring label would show, for the facts that a label can tell. */
const REASSURING: Partial<Record<FactKey, string>> = {
  slaughter: 'certified',
  oats: 'certified',
  rennet: 'microbial',
  'milk-treatment': 'pasteurised',
  'gelatine-from': 'none',
};

function reassuring(fact: FactKey): string | undefined {
  if (fact === 'choking' || fact === 'salt-class') return undefined;
  return REASSURING[fact] ?? (possibleValues(fact).includes('free') ? 'free' : undefined);
}

/**
 * Notes that the label was read and reassures; undefined when one of the facts is none that a label tells. Who read
 * it and what was seen stay to be said: the application asks when the stylist presses.
 */
export function labelRead(
  c: CheckContext,
  component: Component,
  facts: readonly FactKey[],
): Remedy | undefined {
  const answers = [...new Set(facts)].map((fact): Answer | undefined => {
    const value = reassuring(fact);
    return value === undefined
      ? undefined
      : {
          componentId: component.id,
          fact,
          value,
          who: 'the stylist',
          when: c.plan.occasion.start,
          seen: 'label',
        };
  });
  if (answers.length === 0 || answers.some((a) => a === undefined)) return undefined;
  return {
    label: `Label read: ${lower(component.name.split(',')[0]!)} is fine`,
    effect: answers.length === 1 ? `no ${factWords(facts[0]!)}` : `${answers.length} facts`,
    command: {
      name: 'together',
      label: `note the label of ${component.name.toLowerCase()}`,
      commands: (answers as Answer[]).map((answer) => ({ name: 'answer', answer })),
    },
  };
}

/** The facts of a food that leave open whether it carries to the group. */
export function openCarrierFacts(component: Component, group: Group): FactKey[] {
  const form = usualForm(component).form;
  return carriesTo(component, group).flatMap((r) =>
    r.need
      .contact!.carriers.map((x) => x.fact)
      .filter((fact) => ['unknown', 'brand'].includes(factValue(component, fact, form))),
  );
}

/** Is it safe to bring this food to the surface for everyone whose needs reach across it? */
const clean = (c: CheckContext, x: Component, surface: Surface): boolean =>
  surface.freeFrom.every((id) => keepsFree(x, id) === 'keeps') &&
  c.groupsAt(surface).every((g) => carriesTo(x, g).length === 0);

/** Adds the food that helps and that most guests at the surface may eat; nothing when none does. */
export function addHelper(
  c: CheckContext,
  surface: Surface,
  massG: number,
  helps: (x: Component) => boolean,
): Remedy | undefined {
  const there = new Set<ComponentId>(
    c.placed.filter((l) => l.surface === surface).map((l) => l.component.id),
  );
  const eaters = (x: Component) =>
    c
      .groupsAt(surface)
      .filter((g) => judgeGroup(x, usualForm(x).form, g).verdict === 'fine')
      .reduce((n, g) => n + g.count, 0);
  const best = [...c.larder.values()]
    .filter(
      (x) =>
        x.made !== 'unknown' &&
        !there.has(x.id) &&
        !c.plan.wishes.excluded.includes(x.id) &&
        helps(x) &&
        clean(c, x, surface),
    )
    .map((x) => ({ x, n: eaters(x) }))
    .sort((a, b) => b.n - a.n)[0]?.x;
  if (!best) return undefined;
  const fact = usualForm(best);
  return {
    label: `Add ${lower(best.name)}`,
    effect: `${Math.round(massG)} g`,
    command: {
      name: 'place',
      componentId: best.id,
      surfaceId: surface.id,
      placements: placementsOf({ plan: c.plan, component: best, fact, surfaceId: surface.id, massG }),
    },
  };
}
