import type { Component } from '../../../core/catalogue/index.js';
import { standingAnywhere, type Checked, type Standing } from '../../../core/check/index.js';
import { formatMass } from '../../../core/measure/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { COUNTED, type CountedFamily } from '../../../core/portion/index.js';
import { ArcText, onCircle, sectorPath } from '../../plate/China.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { PortraitImage } from '../../ui/Portrait.js';
import { pressable } from '../../ui/press.js';
import { SHORT, type Masses } from './families.js';
import { t } from '../../words/index.js';

const [OUTER, INNER] = [276, 138];
const GAP_DEGREES = 2.2;
/** Where the first family begins, clockwise from the top. */
const START_DEGREES = -62;

interface Well {
  family: CountedFamily;
  from: number;
  to: number;
  massG: number;
  targetG: number;
  foods: Component[];
}

/** Wells as wide as the root of their grams, so that small families can be read too. */
function wellsOf(plan: Plan, masses: Masses, targets: Record<CountedFamily, number>): Well[] {
  const larder = planLarder(plan);
  const shown = COUNTED.filter((family) => targets[family] > 0 || (masses[family] ?? 0) > 0);
  const width = (family: CountedFamily) => Math.sqrt(Math.max(targets[family], masses[family] ?? 0, 60));
  const sum = shown.reduce((sum, family) => sum + width(family), 0);
  const usable = 360 - shown.length * GAP_DEGREES;
  let at = START_DEGREES;
  return shown.map((family) => {
    const from = at;
    const to = from + (usable * width(family)) / sum;
    at = to + GAP_DEGREES;
    const foods = [...new Set(plan.placements.map((placement) => placement.componentId))]
      .flatMap((id) => larder.get(id) ?? [])
      .filter((component) => component.family === family);
    return { family, from, to, massG: masses[family] ?? 0, targetG: targets[family], foods };
  });
}

/** The families as unequal wells of a divided dish; board wood covers a well as its grams are reached, and the foods lie on it. */
export function Wells({
  plan,
  checked,
  masses,
  targets,
  onPick,
}: {
  plan: Plan;
  checked: Checked;
  masses: Masses;
  targets: Record<CountedFamily, number>;
  onPick: (component: Component) => void;
}) {
  const wells = wellsOf(plan, masses, targets);
  if (wells.length === 0)
    return (
      <text textAnchor="middle" y="-100" fontSize="15" fill="var(--soft)">
        {t('Say in the brief who is coming; then the wells appear.')}
      </text>
    );
  return wells.map((well) => (
    <OneWell key={well.family} well={well} plan={plan} checked={checked} onPick={onPick} />
  ));
}

function OneWell({
  well,
  plan,
  checked,
  onPick,
}: {
  well: Well;
  plan: Plan;
  checked: Checked;
  onPick: (component: Component) => void;
}) {
  const units = useSettings((settings) => settings.units);
  const wide = well.to - well.from;
  const middle = (well.from + well.to) / 2;
  const share = well.targetG > 0 ? Math.min(1, well.massG / well.targetG) : 1;
  return (
    <g>
      <path
        d={sectorPath(INNER, OUTER, well.from, well.to)}
        fill="var(--well)"
        stroke="var(--well-edge)"
        strokeWidth="1.2"
      />
      {share > 0.02 && (
        <path
          d={sectorPath(INNER + 1.5, OUTER - 1.5, well.from + 0.4, well.from + 0.4 + (wide - 0.8) * share)}
          fill="var(--oak)"
          stroke="var(--oak-edge)"
          strokeWidth="1.4"
        />
      )}
      {foodSpots(well.foods.length, well.from, well.to, share).map((spot, i) => (
        <Food
          key={well.foods[i]!.id}
          food={well.foods[i]!}
          spot={spot}
          plan={plan}
          checked={checked}
          onPick={onPick}
        />
      ))}
      <ArcText id={`well-${well.family}`} r={288} at={middle} size={wide < 18 ? 13 : 15} weight={800} display>
        {SHORT[well.family]}
      </ArcText>
      <ArcText
        id={`grams-${well.family}`}
        r={116}
        at={middle}
        size={13}
        weight={700}
        fill={well.massG < well.targetG * 0.7 ? 'var(--tomato)' : 'var(--ink)'}
      >
        {formatMass(well.massG, units).replace(wide < 24 ? / (g|oz)$/ : /$^/, '')}
      </ArcText>
    </g>
  );
}

export const STANDING_WORDS: Record<Standing, string> = {
  fine: t('may eat it'),
  little: t('a little of it: the whole plate decides'),
  touched: t('only once it is kept apart'),
  ask: t('ask the label'),
  no: t('not for them'),
};
const PALE: Record<Standing, number> = { fine: 1, little: 0.75, touched: 0.5, ask: 0.5, no: 0.16 };

/** A food in its well; through a guest's eyes what is not theirs grows pale. */
function Food({
  food,
  spot: [x, y, size],
  plan,
  checked,
  onPick,
}: {
  food: Component;
  spot: Spot;
  plan: Plan;
  checked: Checked;
  onPick: (component: Component) => void;
}) {
  const seenBy = useSession((session) => session.seenBy);
  const group = plan.party.find((group) => group.id === seenBy);
  const standing = group ? standingAnywhere(checked.context, food, group) : 'fine';
  const words = group ? `${food.name}. ${group.name}: ${STANDING_WORDS[standing]}` : food.name;
  return (
    <g {...pressable(t('{words}. Open', { words }), () => onPick(food))}>
      <title>{words}</title>
      <PortraitImage
        food={food}
        x={x - size / 2}
        y={y - size / 2}
        width={size}
        height={size}
        opacity={PALE[standing]}
      />
      {standing === 'ask' && <Covered x={x} y={y} />}
      {plan.wishes.pinned.includes(food.id) && (
        <circle
          cx={x + size * 0.36}
          cy={y - size * 0.36}
          r="5"
          fill="var(--beet)"
          stroke="white"
          strokeWidth="1.4"
        />
      )}
    </g>
  );
}

/** The covered plate, small: a question. */
function Covered({ x, y }: { x: number; y: number }) {
  return (
    <g transform={`translate(${x} ${y})`} fill="var(--cover)" stroke="var(--enamel)" strokeWidth="2">
      <path d="M-10 4A10 10 0 0 1 10 4Z" />
      <path d="M-12 6H12" fill="none" strokeLinecap="round" />
    </g>
  );
}

type Spot = [x: number, y: number, size: number];

/** Places for the foods of a well: one row or two, as large as fits. */
function foodSpots(n: number, a0: number, a1: number, share: number): Spot[] {
  if (n === 0) return [];
  const end = a0 + (a1 - a0) * Math.max(share, 0.75);
  const rows = n > 2 || (end - a0) * 3.6 < n * 40 ? 2 : 1;
  const perRow = Math.ceil(n / rows);
  const size = Math.min(
    rows === 1 ? 96 : 70,
    ((end - a0) * Math.PI * 205) / 180 / perRow + (rows === 2 ? 4 : -4),
  );
  return Array.from({ length: n }, (_, i) => {
    const row = Math.floor(i / perRow);
    const inRow = Math.min(perRow, n - row * perRow);
    const t = ((i % perRow) + 0.5) / inRow;
    const r = rows === 1 ? 209 : row === 0 ? 241 : 174;
    const [x, y] = onCircle(r, a0 + (end - a0) * t);
    return [x, y, size];
  });
}
