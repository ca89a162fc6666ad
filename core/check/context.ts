import type { ComponentId, Larder } from '../catalogue/index.js';
import {
  carriesTo,
  disliked,
  isGrave,
  judgeGroup,
  QUANTITY_FACTS,
  type Carried,
  type Judgement,
} from '../needs/index.js';
import type { Group } from '../party/index.js';
import { groupsAt, planLarder, type Placement, type Plan, type Surface } from '../plan/index.js';
import { placedFoods, type PlacedFood } from '../board/index.js';
import { targetsOf, type Targets } from '../portion/index.js';
import { near } from './near.js';

/** What the checks share, worked out once for a plan. */
export interface CheckContext {
  plan: Plan;
  larder: Larder;
  targets: Targets;
  placed: PlacedFood[];
  /** Placements whose component nobody knows any more. */
  lost: Placement[];
  groupsAt(surface: Surface): Group[];
  judge(l: PlacedFood, group: Group): Judgement;
  overruled(componentId: ComponentId, group: Group): boolean;
  /** Foods on the surface that make everything else there unsafe for the group. */
  carriers(surface: Surface, group: Group): Carrier[];
  /** Foods that lie so near to this one that they make it unsafe for the group. */
  touching(l: PlacedFood, group: Group): Carrier[];
  /** May the group eat it where it lies, by its facts alone? What only the whole plate decides is let through. */
  allowed(l: PlacedFood, group: Group): boolean;
  /** May the group count on it: allowed (or overruled), liked, and nothing beside it carries? */
  counts(l: PlacedFood, group: Group): boolean;
}

export interface Carrier {
  food: PlacedFood;
  verdict: 'carries' | 'ask';
  grave: boolean;
  what: string;
  /** It travels so far that a clean surface elsewhere does not make up for it. */
  travels: boolean;
  reach: Carried['reach'];
}

export function contextOf(plan: Plan): CheckContext {
  const larder = planLarder(plan);
  const { placed, lost } = placedFoods(plan, larder);
  const carried = new Map<string, Carrier[]>();
  const touched = new Map<string, Carrier[]>();
  const context: CheckContext = {
    plan,
    larder,
    targets: targetsOf(plan),
    placed,
    lost,
    groupsAt: (surface) => groupsAt(plan, surface),
    judge: (l, group) => judgeGroup(l.component, l.form, group),
    overruled: (componentId, group) =>
      plan.overrulings.some((o) => o.componentId === componentId && o.groupId === group.id),
    carriers(surface, group) {
      const key = `${surface.id} ${group.id}`;
      const known =
        carried.get(key) ?? findCarriers(context, surface, group).filter((x) => x.reach !== 'neighbours');
      carried.set(key, known);
      return known;
    },
    touching(l, group) {
      const key = `${l.component.id} ${l.form} ${l.surface.id} ${group.id}`;
      const known = touched.get(key) ?? findTouching(context, l, group);
      touched.set(key, known);
      return known;
    },
    allowed(l, group) {
      const { reasons } = context.judge(l, group);
      return (
        context.overruled(l.component.id, group) ||
        reasons.every((r) => r.verdict === 'ask' && (QUANTITY_FACTS as readonly string[]).includes(r.fact))
      );
    },
    counts(l, group) {
      if (!context.groupsAt(l.surface).includes(group) || l.component.job === 'none') return false;
      return (
        context.allowed(l, group) &&
        !disliked(l.component, group) &&
        context.carriers(l.surface, group).length === 0 &&
        context.touching(l, group).length === 0
      );
    },
  };
  return context;
}

/** What stands in a bowl of its own sheds nothing. An overruled food was accepted as it is. */
function findCarriers(c: CheckContext, surface: Surface, group: Group): Carrier[] {
  return c.placed
    .filter((l) => l.surface === surface && !l.contained && !c.overruled(l.component.id, group))
    .flatMap((food) =>
      carriesTo(food.component, group).map((r) => ({
        food,
        verdict: r.verdict,
        grave: isGrave(r.need, r.choice),
        what: r.need.contact!.what,
        travels: r.need.contact!.travels === true,
        reach: r.reach,
      })),
    );
}

/** Carriers that matter to a group only where they touch. */
function findTouching(c: CheckContext, l: PlacedFood, group: Group): Carrier[] {
  return findCarriers(c, l.surface, group).filter(
    (x) => x.reach === 'neighbours' && x.food.component.id !== l.component.id && near(c.plan, l, x.food),
  );
}
