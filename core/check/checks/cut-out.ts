import { homeMadeId } from '../../catalogue/index.js';
import { carriesTo, isGrave } from '../../needs/index.js';
import type { Group } from '../../party/index.js';
import type { Cut } from '../../plan/index.js';
import { benchNeck, MOULDS, resized, survives } from '../../shape/index.js';
import type { PlacedFood } from '../../board/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { FREE_FROM_FIRST } from './routes.js';

/** A food that is cut out and lies so on a board. */
interface Shaped {
  cut: Cut;
  food: PlacedFood;
}

const shapedOn = ({ plan, placed }: CheckContext): Shaped[] =>
  plan.cuts.flatMap((cut) => {
    const food = placed.find(
      ({ component, form }) => component.id === cut.componentId && form === 'cut-outs',
    );
    return food ? [{ cut, food }] : [];
  });

/** Whether what is cut stays whole, and whom a cutter reaches that goes from food to food. */
export function cutOut(context: CheckContext): Finding[] {
  const shaped = shapedOn(context);
  const worked = workedOn(context, shaped);
  return [
    ...shaped.flatMap((each) => [...unfit(each), ...weak(each)]),
    ...context.plan.party.flatMap((group) => sharedTools(context, worked, group)),
  ];
}

const about = ({ food }: Shaped) => ({
  components: [food.component.id],
  surfaceId: food.surface.id,
});

const asBefore = ({ cut }: Shaped): Remedy => ({
  kind: 'serve-uncut',
  args: {},
  command: { name: 'remove-cut', componentId: cut.componentId },
});

function unfit(shaped: Shaped): Finding[] {
  const { cut, food } = shaped;
  if (survives(benchNeck(cut.cutters[0]!.outline), cut.componentId).verdict !== 'unfit') return [];
  return [
    finding('cut-unfit', {
      key: `cut-unfit ${cut.componentId}`,
      ...about(shaped),
      args: { food: food.component.name },
      remedies: [asBefore(shaped)],
    }),
  ];
}

/** No cutter is made larger than this to hold: it would be no bite any more (craft, section 8). */
const MOST_MM = 60;

/** Each cutter whose neck is too narrow for the food, or whose tips are frail in it. */
function weak(shaped: Shaped): Finding[] {
  const { cut, food } = shaped;
  return cut.cutters.flatMap((cutter, k): Finding[] => {
    const neck = benchNeck(cutter.outline);
    const { verdict, needsMm, larger, frailTip } = survives(neck, cut.componentId);
    const common = { ...about(shaped), facts: [] };
    const named = { cutter: cutter.name, food: food.component.name };
    if (verdict === 'breaks') {
      const acrossMm = Math.ceil(cutter.acrossMm * larger! + 0.05);
      const grown = cut.cutters.map((other, i) => (i === k ? resized(other, acrossMm) : other));
      return [
        finding('cut-breaks', {
          key: `cut-breaks ${cut.componentId} ${cutter.id}`,
          ...common,
          args: { ...named, neck: { mm: tenths(neck.neckMm) }, needs: { mm: needsMm! } },
          remedies: [
            ...(acrossMm <= MOST_MM
              ? [
                  {
                    kind: 'larger-cutter' as const,
                    args: { size: { mm: acrossMm } },
                    command: { name: 'set-cut' as const, cut: { ...cut, cutters: grown, pieces: [] } },
                  },
                ]
              : []),
            asBefore(shaped),
          ],
        }),
      ];
    }
    if (verdict !== 'holds' || !frailTip) return [];
    return [
      finding('cut-frail', {
        key: `cut-frail ${cut.componentId} ${cutter.id}`,
        ...common,
        args: { ...named, tip: { mm: tenths(neck.tipMm) } },
      }),
    ];
  });
}

const tenths = (mm: number): number => Math.round(mm * 10) / 10;

/** What goes from food to food on the bench: a cutter, a mould, the wire with which cheese is sliced. */
interface Tool {
  id: string;
  name: string;
}

/** A food with the tools that touch it there. */
interface Worked {
  food: PlacedFood;
  tools: readonly Tool[];
  /** Where its tools can be kept for it alone. */
  cut: Cut | undefined;
}

/** Slices of cheese are cut with it (craft, section 8). */
const OWN_MOULD: Tool = { id: 'own', name: 'Mould' };
const WIRE: Tool = { id: 'wire', name: 'Wire or thin blade' };

function workedOn(context: CheckContext, shaped: readonly Shaped[]): Worked[] {
  const { plan, placed } = context;
  const cuts = shaped.map(({ cut, food }): Worked => ({
    food,
    cut,
    tools: cut.ownCutters ? [] : [...cut.cutters, ...(food.component.family === 'cheese' ? [WIRE] : [])],
  }));
  const moulded = plan.recipes.flatMap((recipe): Worked[] => {
    const mould = [...MOULDS, OWN_MOULD].find(
      ({ id }) => recipe.serves && recipe.id.startsWith(`own-${id}-`),
    );
    const food = placed.find(({ component }) => component.id === homeMadeId(recipe));
    return mould && food ? [{ food, cut: undefined, tools: [mould] }] : [];
  });
  return [...cuts, ...moulded];
}

/**
 * One cutter, mould or wire in a food of the group after it was in one that the group must not meet. Making theirs first,
 * or with tools of its own, ends it.
 */
function sharedTools(context: CheckContext, worked: readonly Worked[], group: Group): Finding[] {
  if (context.plan.prep.freeFromFirst) return [];
  const theirs = worked.filter(({ food }) => context.allowed(food, group));
  return theirs.flatMap((mine): Finding[] => {
    const { food, cut, tools } = mine;
    const from = worked.flatMap((other) => {
      const shared = tools.find(({ id }) => other.tools.some((tool) => tool.id === id));
      if (other === mine || !shared) return [];
      const carried = carriesTo(other.food.component, group).filter(({ verdict }) => verdict === 'carries');
      return carried.length > 0 ? [{ food: other.food, tool: shared.name, carried }] : [];
    });
    const [first] = from;
    if (!first) return [];
    const carried = from.flatMap((each) => each.carried);
    const grave = carried.some(({ need, choice }) => isGrave(need, choice));
    return [
      finding('same-cutter', {
        key: `same-cutter ${food.component.id} ${group.id}`,
        severity: grave ? 'blocker' : 'caution',
        grave,
        concerns: [group.id],
        components: [food.component.id, ...from.map((each) => each.food.component.id)],
        surfaceId: food.surface.id,
        args: {
          cutter: first.tool,
          food: food.component.name,
          others: { foods: from.map((each) => each.food.component.name) },
          group: group.name,
          what: {
            all: [...new Set(carried.map(({ need }) => need.contact!.what))].map((word) => ({ word })),
          },
        },
        remedies: [
          ...(cut
            ? [
                {
                  kind: 'own-cutters' as const,
                  args: {},
                  command: { name: 'set-cut' as const, cut: { ...cut, ownCutters: true } },
                },
              ]
            : []),
          FREE_FROM_FIRST,
        ],
      }),
    ];
  });
}
