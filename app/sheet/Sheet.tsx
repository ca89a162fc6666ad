import { toolsInUse, type PlacedFood } from '../../core/board/index.js';
import { FORMS, formName, type ComponentId } from '../../core/catalogue/index.js';
import { standingOf, textOf, whyOf, type Checked } from '../../core/check/index.js';
import { shoppingRows } from '../../core/exchange/index.js';
import { clockOf, formatLength, formatMass, formatMoney, speakTime } from '../../core/measure/index.js';
import type { Group } from '../../core/party/index.js';
import { planLarder, type Plan, type Surface } from '../../core/plan/index.js';
import { bowlSizes, bowlsInUse, holdingOf } from '../../core/portion/index.js';
import { useSettings } from '../store/settings.js';
import { useSpeech } from '../store/useSpeech.js';
import { Rim } from '../ui/rims.js';
import { NumberedBoard } from './NumberedBoard.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';

/** One sheet for the table: the boards with names, who may eat what, overrulings, open questions, what to bring. */
export function Sheet({ plan, checked }: { plan: Plan; checked: Checked }) {
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/lay`} words="Back to the board" />
      <h1>{plan.occasion.name}</h1>
      <p>
        {[speakTime(plan.occasion.start), plan.occasion.place].filter(Boolean).join(', ')}. Read the label,
        ask the guest, and follow local food rules and medical or religious advice.
      </p>
      {plan.surfaces.map((s) => (
        <SurfaceSection key={s.id} plan={plan} surface={s} checked={checked} />
      ))}
      <Overruled plan={plan} />
      <StillOpen checked={checked} />
      <ToBring plan={plan} />
      <ToBuy plan={plan} />
    </PrintPage>
  );
}

function Overruled({ plan }: { plan: Plan }) {
  const larder = planLarder(plan);
  const name = (id: ComponentId) => larder.get(id)?.name ?? id;
  return (
    <section>
      <h2>Overruled by a person</h2>
      {plan.overrulings.length === 0 && <p>Nothing.</p>}
      <ul>
        {plan.overrulings.map((o) => (
          <li key={`${o.componentId} ${o.groupId}`}>
            {name(o.componentId)} for {plan.party.find((g) => g.id === o.groupId)?.name}: {o.why} ({o.who},{' '}
            {speakTime(o.when)})
          </li>
        ))}
      </ul>
    </section>
  );
}

function StillOpen({ checked }: { checked: Checked }) {
  const speech = useSpeech();
  const open = checked.findings.filter((f) => f.severity === 'ask' || f.severity === 'blocker');
  return (
    <section>
      <h2>Still open</h2>
      {open.length === 0 && <p>Nothing.</p>}
      <ul>
        {open.map((f) => (
          <li key={f.key}>
            <b>{textOf(f, speech)}</b> {whyOf(f, speech)}
          </li>
        ))}
      </ul>
    </section>
  );
}

function ToBring({ plan }: { plan: Plan }) {
  const units = useSettings((s) => s.units);
  const bowls = bowlsInUse(plan);
  const sizes = bowlSizes(bowls).map((b) => `${b.count} of ${formatLength(b.diameterMm, units)}`);
  const { knives, spoons } = toolsInUse(plan);
  return (
    <section>
      <h2>To bring</h2>
      <p>
        Bowls: {bowls.length}
        {sizes.length > 0 && ` (${sizes.join(', ')})`}. Knives for cheese: {knives}. Spoons: {spoons}. Tongs
        for each surface, a bowl for stones and picks, napkins.
      </p>
    </section>
  );
}

function ToBuy({ plan }: { plan: Plan }) {
  const units = useSettings((s) => s.units);
  const rows = shoppingRows(plan);
  const sum = rows.reduce((n, r) => n + r.costMinor, 0);
  return (
    <section>
      <h2>To buy</h2>
      <table>
        <thead>
          <tr>
            <th>What</th>
            <th>Needed</th>
            <th>Packs</th>
            <th>Cost</th>
          </tr>
        </thead>
        <tbody>
          {rows.map((r) => (
            <tr key={r.component}>
              <td>{r.component}</td>
              <td>{formatMass(r.neededG, units)}</td>
              <td>{r.packs}</td>
              <td>{formatMoney(r.costMinor, plan.currency)}</td>
            </tr>
          ))}
          <tr>
            <td colSpan={3}>
              <b>In all</b>
            </td>
            <td>
              <b>{formatMoney(sum, plan.currency)}</b>
            </td>
          </tr>
        </tbody>
      </table>
    </section>
  );
}

function SurfaceSection({ plan, surface, checked }: { plan: Plan; surface: Surface; checked: Checked }) {
  const foods = checked.context.placed.filter(
    (l) => l.surface.id === surface.id && l.component.job !== 'none',
  );
  if (foods.length === 0) return null;
  return (
    <section>
      <h2>
        {surface.name}
        {surface.freeFrom.length > 0 ? `: no ${surface.freeFrom.join(', ')}` : ''}
      </h2>
      <NumberedBoard plan={plan} surface={surface} order={foods.map((l) => l.component.id)} />
      <table>
        <thead>
          <tr>
            <th>No</th>
            <th>Name for the label</th>
            <th>Amount</th>
            <th>Form, lots</th>
            <th>Not for, or ask</th>
          </tr>
        </thead>
        <tbody>
          {foods.map((l, i) => (
            <FoodRow
              key={`${l.component.id} ${l.form}`}
              plan={plan}
              checked={checked}
              food={l}
              number={i + 1}
            />
          ))}
        </tbody>
      </table>
    </section>
  );
}

function FoodRow({
  plan,
  checked,
  food: l,
  number,
}: {
  plan: Plan;
  checked: Checked;
  food: PlacedFood;
  number: number;
}) {
  const units = useSettings((s) => s.units);
  const lots = new Set(l.lots.map((p) => p.lot)).size;
  const times = holdingOf(l.component, plan).leaves.slice(1, lots).map(clockOf);
  return (
    <tr>
      <td>{number}</td>
      <td>{l.component.name}</td>
      <td>{formatMass(l.massG, units)}</td>
      <td>
        {formName(l.form)}
        {l.contained && !FORMS[l.form].bowl ? ', in a bowl' : ''}
        {lots > 1 ? `; fresh lot ${times.join(', ')}` : ''}
      </td>
      <td>
        {checked.context.groupsAt(l.surface).map((g) => (
          <NotFor key={g.id} checked={checked} food={l} group={g} />
        ))}
      </td>
    </tr>
  );
}

/** Nothing where the food is theirs; an overruling is always printed. */
function NotFor({ checked, food: l, group: g }: { checked: Checked; food: PlacedFood; group: Group }) {
  const standing = standingOf(checked.context, l, g);
  if (standing === 'fine')
    return checked.context.overruled(l.component.id, g) ? <div>overruled: {g.name}</div> : null;
  return (
    <span className="inline-flex items-center mr-2">
      <Rim group={g} size={18} /> {standing === 'ask' ? `ask: ${g.name}` : g.name}
    </span>
  );
}
