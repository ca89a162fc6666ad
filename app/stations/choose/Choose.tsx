import { useMemo, useState } from 'react';
import { formOf, searchComponents, usualForm, type Component } from '../../../core/catalogue/index.js';
import { costMinor, FAMILY_WORDS, type Checked } from '../../../core/check/index.js';
import { placementsOf, wholePieces } from '../../../core/compose/index.js';
import { formatMass, formatMoney } from '../../../core/measure/index.js';
import { judgeGroup } from '../../../core/needs/index.js';
import { guestsIn } from '../../../core/party/index.js';
import { keepsFree, planLarder, type Plan } from '../../../core/plan/index.js';
import { COUNTED, targetsOf, type CountedFamily } from '../../../core/portion/index.js';
import { Frame } from '../../frame/Frame.js';
import { ArcText, China, onCircle } from '../../plate/China.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { portraitUrl } from '../../ui/pictures.js';
import { ComponentDialog } from './ComponentDialog.js';
import { OwnComponentDialog } from './OwnComponentDialog.js';

const SHORT: Record<CountedFamily, string> = {
  ...FAMILY_WORDS,
  cheese: 'Cheese',
  'cured-meat': 'Meat',
  fish: 'Fish',
  'plant-protein': 'Plant protein',
  vehicle: 'Bread, cracker',
  'fresh-fruit': 'Fresh fruit',
  'dried-fruit': 'Dried',
  vegetable: 'Vegetable',
  pickle: 'Pickle',
  'nut-seed': 'Nut, seed',
  'spread-dip': 'Spread, dip',
  'sweet-bite': 'Sweet',
};

export function Choose({ plan, checked }: { plan: Plan; checked: Checked }) {
  const [picked, setPicked] = useState<Component | null>(null);
  const [own, setOwn] = useState(false);
  const units = useSettings((s) => s.units);
  const kitchen = useKitchen();
  const larder = useMemo(() => planLarder(plan), [plan]);
  const targets = targetsOf(plan);
  const masses = massByFamily(plan, larder);
  const total = Object.values(masses).reduce((a, b) => a + b, 0);
  const cost = costMinor(checked.context);
  const kinds = new Set(plan.placements.map((p) => p.componentId)).size;
  return (
    <Frame
      plan={plan}
      station="choose"
      checked={checked}
      shelf={
        <>
          <button
            className="button"
            style={{ margin: '0 0 8px' }}
            disabled={kitchen.doing !== null || plan.party.length === 0}
            onClick={() => void kitchen.compose(plan)}
          >
            {plan.placements.length === 0 ? 'Compose a board' : 'Compose it anew, keep pins'}
          </button>
          <Larder
            plan={plan}
            masses={masses}
            targets={targets.byFamily}
            onPick={setPicked}
            onOwn={() => setOwn(true)}
          />
          <Levers plan={plan} />
        </>
      }
      foot={
        <>
          <span>
            <b>{kinds}</b> kinds
          </span>
          <span>
            <b>{formatMoney(cost, plan.currency)}</b>
            {plan.budgetMinor === null ? ' in packs' : ` of ${(plan.budgetMinor / 100).toFixed(0)}`}
          </span>
          <span>
            <b>{formatMoney(Math.round(cost / Math.max(1, guestsIn(plan.party))), plan.currency)}</b> a guest
          </span>
        </>
      }
    >
      <China label="The families of the board, filled as their grams are reached">
        <Wells plan={plan} masses={masses} targets={targets.byFamily} onPick={setPicked} />
        <Spoons plan={plan} />
        <circle r="54" fill="#fdfdf9" stroke="#1f2c5e" strokeWidth="4" />
        <text className="display" y="2" textAnchor="middle" fontSize="22" fontWeight="900" fill="#1a2040">
          {formatMass(total, units)}
        </text>
        <text y="22" textAnchor="middle" fontSize="14" fill="#454c66">
          of {formatMass(targets.totalG, units)}
        </text>
      </China>
      {picked && (
        <ComponentDialog
          plan={plan}
          component={larder.get(picked.id) ?? picked}
          onClose={() => setPicked(null)}
        />
      )}
      {own && <OwnComponentDialog plan={plan} onClose={() => setOwn(false)} />}
    </Frame>
  );
}

type Masses = Record<string, number>;

function massByFamily(plan: Plan, larder: ReturnType<typeof planLarder>): Masses {
  const out: Masses = {};
  for (const p of plan.placements) {
    const family = larder.get(p.componentId)?.family;
    if (family && family !== 'garnish') out[family] = (out[family] ?? 0) + p.massG;
  }
  return out;
}

const SHELF_ROWS = 4;

/** What the families still lack, three helpers each; or what was searched for. */
function Larder({
  plan,
  masses,
  targets,
  onPick,
  onOwn,
}: {
  plan: Plan;
  masses: Masses;
  targets: Record<CountedFamily, number>;
  onPick: (c: Component) => void;
  onOwn: () => void;
}) {
  const [query, setQuery] = useState('');
  const units = useSettings((s) => s.units);
  const larder = planLarder(plan);
  const present = new Set(plan.placements.map((p) => p.componentId));
  const found = query.trim() === '' ? [] : searchComponents(larder.values(), query).slice(0, 24);
  const short = COUNTED.filter((f) => targets[f] > 0)
    .map((f) => ({ f, missing: targets[f] - (masses[f] ?? 0) }))
    .sort((a, b) => b.missing / targets[b.f] - a.missing / targets[a.f])
    .slice(0, SHELF_ROWS);
  return (
    <>
      <label className="field" style={{ marginTop: 0 }}>
        Look in the larder
        <input
          type="search"
          value={query}
          onChange={(e) => setQuery(e.target.value)}
          placeholder="gherkins, goat, blue …"
        />
      </label>
      {query.trim() !== '' ? (
        <>
          <p className="soft" role="status">
            {found.length === 0 ? `Nothing called “${query}” is in the larder.` : `${found.length} found`}
          </p>
          <div className="plank-items">
            {found.map((c) => (
              <Item key={c.id} component={c} on={present.has(c.id)} onPick={onPick} plan={plan} />
            ))}
          </div>
        </>
      ) : (
        short.map(({ f, missing }) => (
          <div key={f} className="planks">
            <div className="plank-head">
              {SHORT[f]}
              <span>{missing > 5 ? `${formatMass(missing, units)} short` : 'enough'}</span>
            </div>
            <div className="plank-items">
              {helpers(plan, larder.values(), f).map((c) => (
                <Item key={c.id} component={c} on={false} onPick={onPick} plan={plan} />
              ))}
            </div>
          </div>
        ))
      )}
      <button className="link" onClick={onOwn}>
        Something of your own
      </button>
    </>
  );
}

/** Not on the board yet, in the order of how many guests may eat them. */
function helpers(plan: Plan, components: Iterable<Component>, family: CountedFamily): Component[] {
  const present = new Set(plan.placements.map((p) => p.componentId));
  const eaters = (c: Component) =>
    plan.party
      .filter((g) => judgeGroup(c, usualForm(c).form, g).verdict === 'fine')
      .reduce((n, g) => n + g.count, 0);
  return [...components]
    .filter((c) => c.family === family && !present.has(c.id) && !plan.wishes.excluded.includes(c.id))
    .sort((a, b) => eaters(b) - eaters(a))
    .slice(0, 3);
}

function Item({
  component,
  on,
  onPick,
  plan,
}: {
  component: Component;
  on: boolean;
  onPick: (c: Component) => void;
  plan: Plan;
}) {
  const pack = component.packs[0]!;
  return (
    <button className="plank-item" aria-pressed={on} onClick={() => onPick(component)}>
      <img src={portraitUrl(component)} alt="" />
      <span className="price-tag">
        {component.name.split(',')[0]}
        <small>
          {on
            ? 'on the board'
            : pack.priceMinor === 0
              ? `${pack.massG} g`
              : `${pack.massG} g ${formatMoney(pack.priceMinor, plan.currency)}`}
        </small>
      </span>
    </button>
  );
}

const LEVERS = [
  ['bolder', 'gentler', 'bolder'],
  ['colour', 'plainer', 'more colour'],
  ['cheaper', 'richer', 'cheaper'],
] as const;

/** Few and in plain words; each asks for a new board at once. */
function Levers({ plan }: { plan: Plan }) {
  const edit = useSession((s) => s.edit);
  const compose = useKitchen((s) => s.compose);
  const move = (key: (typeof LEVERS)[number][0], by: number): void => {
    const value = Math.max(-2, Math.min(2, plan.wishes.levers[key] + by));
    edit({ name: 'set-levers', levers: { ...plan.wishes.levers, [key]: value } });
    const now = useSession.getState().plan;
    if (now) void compose(now);
  };
  return (
    <>
      <h2>Bend the whole board</h2>
      {LEVERS.map(([key, less, more]) => (
        <div
          key={key}
          className="row"
          style={{ marginBottom: 6, justifyContent: 'space-between', flexWrap: 'nowrap' }}
        >
          <button
            className="button quiet small"
            disabled={plan.wishes.levers[key] <= -2}
            onClick={() => move(key, -1)}
          >
            {less}
          </button>
          <span aria-label={`now ${plan.wishes.levers[key]}`}>
            {plan.wishes.levers[key] > 0 ? `+${plan.wishes.levers[key]}` : plan.wishes.levers[key]}
          </span>
          <button
            className="button quiet small"
            disabled={plan.wishes.levers[key] >= 2}
            onClick={() => move(key, 1)}
          >
            {more}
          </button>
        </div>
      ))}
    </>
  );
}

const [OUTER, INNER] = [276, 138];

function sectorPath(r0: number, r1: number, a0: number, a1: number): string {
  const large = a1 - a0 > 180 ? 1 : 0;
  const [x0, y0] = onCircle(r1, a0);
  const [x1, y1] = onCircle(r1, a1);
  const [x2, y2] = onCircle(r0, a1);
  const [x3, y3] = onCircle(r0, a0);
  const f = (n: number) => n.toFixed(1);
  return `M${f(x0)} ${f(y0)}A${r1} ${r1} 0 ${large} 1 ${f(x1)} ${f(y1)}L${f(x2)} ${f(y2)}A${r0} ${r0} 0 ${large} 0 ${f(x3)} ${f(y3)}Z`;
}

/** The families as unequal wells of a divided dish; board wood covers a well as its grams are reached, and the foods lie on it. */
function Wells({
  plan,
  masses,
  targets,
  onPick,
}: {
  plan: Plan;
  masses: Masses;
  targets: Record<CountedFamily, number>;
  onPick: (c: Component) => void;
}) {
  const larder = planLarder(plan);
  const units = useSettings((s) => s.units);
  const shown = COUNTED.filter((f) => targets[f] > 0 || (masses[f] ?? 0) > 0);
  const width = (f: CountedFamily) => Math.sqrt(Math.max(targets[f], masses[f] ?? 0, 60));
  const sum = shown.reduce((n, f) => n + width(f), 0);
  const usable = 360 - shown.length * 2.2;
  let a = -62;
  if (shown.length === 0)
    return (
      <text textAnchor="middle" y="-100" fontSize="15" fill="#454c66">
        Say in the brief who is coming; then the wells appear.
      </text>
    );
  return shown.map((f) => {
    const wide = (usable * width(f)) / sum;
    const [a0, a1] = [a, a + wide];
    a += wide + 2.2;
    const mass = masses[f] ?? 0;
    const share = targets[f] > 0 ? Math.min(1, mass / targets[f]) : 1;
    const foods = [
      ...new Map(
        plan.placements
          .filter((p) => larder.get(p.componentId)?.family === f)
          .map((p) => [p.componentId, larder.get(p.componentId)!]),
      ).values(),
    ];
    return (
      <g key={f}>
        <path d={sectorPath(INNER, OUTER, a0, a1)} fill="#f1efe4" stroke="#c9c7b8" strokeWidth="1.2" />
        {share > 0.02 && (
          <path
            d={sectorPath(INNER + 1.5, OUTER - 1.5, a0 + 0.4, a0 + 0.4 + (wide - 0.8) * share)}
            fill="#d9b27c"
            stroke="#b98547"
            strokeWidth="1.4"
          />
        )}
        {foodSpots(foods.length, a0, a1, share).map(([x, y, size], i) => (
          <g
            key={foods[i]!.id}
            role="button"
            tabIndex={0}
            aria-label={`${foods[i]!.name}. Open`}
            style={{ cursor: 'pointer' }}
            onClick={() => onPick(foods[i]!)}
            onKeyDown={(e) =>
              (e.key === 'Enter' || e.key === ' ') &&
              (e.preventDefault(), e.stopPropagation(), onPick(foods[i]!))
            }
          >
            <title>{foods[i]!.name}</title>
            <image
              href={portraitUrl(foods[i]!)}
              x={x - size / 2}
              y={y - size / 2}
              width={size}
              height={size}
            />
            {plan.wishes.pinned.includes(foods[i]!.id) && (
              <circle
                cx={x + size * 0.36}
                cy={y - size * 0.36}
                r="5"
                fill="#8a1a50"
                stroke="#fff"
                strokeWidth="1.4"
              />
            )}
          </g>
        ))}
        <ArcText id={`well-${f}`} r={288} at={(a0 + a1) / 2} size={wide < 18 ? 13 : 15} weight={800} display>
          {SHORT[f]}
        </ArcText>
        <ArcText
          id={`grams-${f}`}
          r={116}
          at={(a0 + a1) / 2}
          size={13}
          weight={700}
          fill={mass < targets[f] * 0.7 ? '#a3301c' : '#1a2040'}
        >
          {wide < 24 ? `${Math.round(mass)}` : `${formatMass(mass, units)}`}
        </ArcText>
      </g>
    );
  });
}

/** Places for the foods of a well: one row or two, as large as fits. */
function foodSpots(n: number, a0: number, a1: number, share: number): [number, number, number][] {
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

const TASTES = [
  ['sweet', 'sweet', '#c94f7c'],
  ['sour', 'sharp', '#94a93a'],
  ['salt', 'salty', '#cfa24a'],
  ['heat', 'hot', '#c0391f'],
  ['smoke', 'smoky', '#6b5a4a'],
] as const;

/** Tasting spoons: each filled to the strongest of its taste on the board. */
function Spoons({ plan }: { plan: Plan }) {
  const larder = planLarder(plan);
  const foods = [...new Set(plan.placements.map((p) => p.componentId))].flatMap((id) => larder.get(id) ?? []);
  return TASTES.map(([taste, word, colour], i) => {
    const most = Math.max(0, ...foods.map((c) => c.taste?.[taste] ?? 0));
    const at = i * 72;
    const [x, y] = onCircle(74, at);
    return (
      <g key={taste} role="img" aria-label={`${word}: ${most} of 5`}>
        <g transform={`translate(${x} ${y}) rotate(${at})`}>
          <ellipse rx="12" ry="9.5" fill="#e9edf2" stroke="#9aa3b5" strokeWidth="1.2" />
          {most > 0 && <ellipse rx={10.5 * Math.sqrt(most / 5)} ry={8 * Math.sqrt(most / 5)} fill={colour} />}
        </g>
        <ArcText
          id={`spoon-${taste}`}
          r={92}
          at={at}
          size={13}
          weight={700}
          fill={most === 0 ? '#a3301c' : '#454c66'}
        >
          {word}
        </ArcText>
      </g>
    );
  });
}

export const surfacesFor = (plan: Plan, c: Component) =>
  plan.surfaces.filter((s) => s.freeFrom.every((id) => keepsFree(c, id) !== 'breaks'));

export function gramsPlaced(
  plan: Plan,
  c: Component,
  surfaceId: Plan['surfaces'][number]['id'],
  massG: number,
  form = usualForm(c).form,
) {
  const fact = formOf(c, form) ?? usualForm(c);
  return massG <= 0
    ? []
    : placementsOf(
        c,
        fact,
        surfaceId,
        Math.max(massG, wholePieces(fact, 1).massG),
        fact.form === 'bowl',
        plan,
      );
}
