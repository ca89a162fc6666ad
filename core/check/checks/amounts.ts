import { onPlateOf, type PlacedFood } from '../../board/index.js';
import { usualForm } from '../../catalogue/index.js';
import { carriesTo, judgeGroup } from '../../needs/index.js';
import { portionsIn } from '../../party/index.js';
import { schoolName, COUNTED, FAMILY_WORDS, kindRanges, type CountedFamily } from '../../portion/index.js';
import type { CheckContext } from '../context.js';
import { finding, type Finding, type Remedy } from '../finding.js';
import { scaled } from '../remedies.js';

/** A family may stray this far from the school, and at least this many grams, before a slip says so. */
const STRAY = 0.3;
const STRAY_G = 60;

/** Of a family that mostly may not come near a guest, or mostly is not for the party, there is less: half of its foods, or of the portions (house default). */
const MOSTLY = 0.5;

function isKeptAway({ plan, larder }: CheckContext, family: CountedFamily): boolean {
  const all = [...larder.values()].filter((component) => component.family === family);
  return plan.party.some((group) => {
    // what must be asked first does not come near either
    const carry = all.filter((component) => carriesTo(component, group).length > 0);
    return carry.length > MOSTLY * all.length;
  });
}

/** More than half of a party may not eat most of it, whatever a label says: there is less of it, and nobody misses it. */
function isNotTheirs({ plan, larder }: CheckContext, family: CountedFamily): boolean {
  const all = [...larder.values()].filter((component) => component.family === family);
  const without = plan.party.filter((group) => {
    const barred = all.filter((component) => {
      const { form } = usualForm(component);
      return (
        judgeGroup(component, form, group).verdict === 'forbidden' ||
        onPlateOf(component, form, group) === 'then'
      );
    });
    return barred.length > MOSTLY * all.length;
  });
  return portionsIn(without) > MOSTLY * portionsIn(plan.party);
}

/** Each family against the school's figure. */
export function amounts(context: CheckContext): Finding[] {
  if (context.plan.placements.length === 0) return [];
  const kinds = kindRanges(context.plan);
  return COUNTED.flatMap((family) => {
    const here = context.placed.filter((placed) => placed.component.family === family);
    const massG = here.reduce((sum, placed) => sum + placed.massG, 0);
    const target = context.targets.byFamily[family];
    const off = massG - target;
    if (Math.abs(off) < Math.max(STRAY_G, target * STRAY)) return [];
    // no kind of it is asked for here, so none is no slip
    if (massG === 0 && kinds[family].from === 0) return [];
    if (off < 0 && (isKeptAway(context, family) || isNotTheirs(context, family))) return [];
    const school = { word: schoolName(context.plan) };
    return [
      finding(off < 0 ? 'too-little' : 'too-much', {
        key: `amount ${family}`,
        components: here.map((placed) => placed.component.id),
        args: { family: { word: FAMILY_WORDS[family] }, mass: { g: massG }, target: { g: target }, school },
        facts: [
          { what: { say: 'fact.name.planned' }, value: { g: massG }, source: 'this plan' },
          { what: school, value: { g: target }, source: 'house default' },
        ],
        remedies: here.length > 0 && target > 0 ? [scaleTo(here, target / massG, off)] : [],
      }),
    ];
  });
}

function scaleTo(here: readonly PlacedFood[], factor: number, off: number): Remedy {
  return {
    kind: off < 0 ? 'fill-up' : 'take-back',
    args: { mass: { g: Math.abs(off) } },
    command: { name: 'together', label: 'scale a family', commands: scaled(here, factor) },
  };
}
