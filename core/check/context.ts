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
import { memo1, memo2 } from '../measure/index.js';
import type { Group } from '../party/index.js';
import { groupsAt, planLarder, type Placement, type Plan, type Surface } from '../plan/index.js';
import { placedFoods, type PlacedFood, travelsFar } from '../board/index.js';
import { targetsOf, type Targets } from '../portion/index.js';
import type { Word } from '../words/index.js';
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
  judge(placed: PlacedFood, group: Group): Judgement;
  overruled(componentId: ComponentId, group: Group): boolean;
  /** Foods on the surface that make everything else there unsafe for the group. */
  carriers(surface: Surface, group: Group): Carrier[];
  /** Foods that lie so near to this one that they make it unsafe for the group. */
  touching(placed: PlacedFood, group: Group): Carrier[];
  /** May the group eat it where it lies, by its facts alone? What only the whole plate decides is let through. */
  allowed(placed: PlacedFood, group: Group): boolean;
  /** May the group count on it: allowed (or overruled), liked, and nothing beside it carries? */
  counts(placed: PlacedFood, group: Group): boolean;
}

export interface Carrier {
  food: PlacedFood;
  verdict: 'carries' | 'ask';
  grave: boolean;
  what: Word;
  /** It travels so far that a clean surface elsewhere does not make up for it. */
  travels: boolean;
  reach: Carried['reach'];
}

export function contextOf(plan: Plan): CheckContext {
  const larder = planLarder(plan);
  const { placed, lost } = placedFoods(plan, larder);
  const carriersAt = memo2((surface: Surface, group: Group) =>
    findCarriers(context, surface, group).filter((carrier) => carrier.reach !== 'neighbours'),
  );
  const touchingOf = memo2((placed: PlacedFood, group: Group) => findTouching(context, placed, group));
  const context: CheckContext = {
    plan,
    larder,
    targets: targetsOf(plan),
    placed,
    lost,
    groupsAt: memo1((surface: Surface) => groupsAt(plan, surface)),
    judge: (placed, group) => judgeGroup(placed.component, placed.form, group),
    overruled: (componentId, group) =>
      plan.overrulings.some(
        (overruling) => overruling.componentId === componentId && overruling.groupId === group.id,
      ),
    carriers: carriersAt,
    touching: touchingOf,
    allowed(placed, group) {
      const { reasons } = context.judge(placed, group);
      return (
        context.overruled(placed.component.id, group) ||
        reasons.every(
          (reason) => reason.verdict === 'ask' && (QUANTITY_FACTS as readonly string[]).includes(reason.fact),
        )
      );
    },
    counts(placed, group) {
      if (!context.groupsAt(placed.surface).includes(group) || placed.component.job === 'none') return false;
      return (
        context.allowed(placed, group) &&
        !disliked(placed.component, group) &&
        context.carriers(placed.surface, group).length === 0 &&
        context.touching(placed, group).length === 0
      );
    },
  };
  return context;
}

/** What stands in a bowl of its own sheds nothing. An overruled food was accepted as it is. */
function findCarriers(context: CheckContext, surface: Surface, group: Group): Carrier[] {
  return context.placed
    .filter(
      (placed) =>
        placed.surface === surface && !placed.contained && !context.overruled(placed.component.id, group),
    )
    .flatMap((food) =>
      carriesTo(food.component, group).map((carried) => ({
        food,
        verdict: carried.verdict,
        grave: isGrave(carried.need, carried.choice),
        what: { word: carried.need.contact!.what },
        travels: travelsFar(food.component, carried.need),
        reach: carried.reach,
      })),
    );
}

/** Carriers that matter to a group only where they touch. */
function findTouching(context: CheckContext, placed: PlacedFood, group: Group): Carrier[] {
  return findCarriers(context, placed.surface, group).filter(
    (carrier) =>
      carrier.reach === 'neighbours' &&
      carrier.food.component.id !== placed.component.id &&
      near(context.plan, placed, carrier.food),
  );
}
