import { Link } from 'react-router';
import { standingOf, type Checked } from '../../core/check/index.js';
import { formName } from '../../core/catalogue/index.js';
import { shoppingRows } from '../../core/exchange/index.js';
import { clockOf, formatMass, formatMoney, speakTime } from '../../core/measure/index.js';
import { holdingOf } from '../../core/portion/index.js';
import { planLarder, type Plan, type Surface } from '../../core/plan/index.js';
import { useSettings } from '../store/settings.js';
import { useBoardUrl } from '../ui/pictures.js';
import { Rim } from '../ui/rims.js';

/** One sheet for the table: the boards with names, who may eat what, overrulings, open questions, what to bring. */
export function Sheet({ plan, checked }: { plan: Plan; checked: Checked }) {
  const units = useSettings((s) => s.units);
  const larder = planLarder(plan);
  const name = (id: string) => larder.get(id as never)?.name ?? id;
  const open = checked.findings.filter((f) => f.glyph === 'covered' || f.glyph === 'cracked');
  const knives = plan.placements.filter(
    (p) => p.lot === 0 && ['wheel', 'wedge', 'log'].includes(p.form),
  ).length;
  const bowls = plan.placements.filter((p) => p.lot === 0 && p.contained).length;
  const rows = shoppingRows(plan);
  return (
    <main className="print-sheet">
      <div className="row no-print" style={{ marginBottom: 14 }}>
        <button className="button" onClick={() => window.print()}>
          Print
        </button>
        <Link className="button quiet" to={`/plan/${plan.id}/lay`}>
          Back to the board
        </Link>
      </div>
      <h1>{plan.occasion.name}</h1>
      <p>
        {speakTime(plan.occasion.start)}, {plan.occasion.place}. Read the label, ask the guest, and follow
        local food rules and medical or religious advice.
      </p>
      {plan.surfaces.map((s) => (
        <SurfaceSection key={s.id} plan={plan} surface={s} checked={checked} />
      ))}
      <section>
        <h2>Overruled by a person</h2>
        {plan.overrulings.length === 0 ? (
          <p>Nothing.</p>
        ) : (
          <ul>
            {plan.overrulings.map((o) => (
              <li key={`${o.componentId} ${o.groupId}`}>
                {name(o.componentId)} for {plan.party.find((g) => g.id === o.groupId)?.name}: {o.why} ({o.who}
                , {o.when.replace('T', ' ')})
              </li>
            ))}
          </ul>
        )}
        <h2>Still open</h2>
        {open.length === 0 ? (
          <p>Nothing.</p>
        ) : (
          <ul>
            {open.map((f) => (
              <li key={f.key}>
                <b>{f.text}</b> {f.why}
              </li>
            ))}
          </ul>
        )}
      </section>
      <section>
        <h2>To bring</h2>
        <p>
          {bowls} bowls, {knives} knives for cheese, {bowls} spoons, tongs for each surface, a bowl for stones
          and picks, napkins.
        </p>
      </section>
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
                <b>
                  {formatMoney(
                    rows.reduce((n, r) => n + r.costMinor, 0),
                    plan.currency,
                  )}
                </b>
              </td>
            </tr>
          </tbody>
        </table>
      </section>
    </main>
  );
}

function SurfaceSection({ plan, surface, checked }: { plan: Plan; surface: Surface; checked: Checked }) {
  const url = useBoardUrl(plan, surface);
  const units = useSettings((s) => s.units);
  const groups = checked.context.groupsAt(surface);
  const foods = checked.context.lying.filter(
    (l) => l.surface.id === surface.id && l.component.job !== 'none',
  );
  if (foods.length === 0) return null;
  return (
    <section>
      <h2>
        {surface.name}
        {surface.freeFrom.length > 0 ? `: no ${surface.freeFrom.join(', ')}` : ''}
      </h2>
      <div style={{ display: 'flex', gap: 16, alignItems: 'flex-start' }}>
        {url && <img src={url} alt={`${surface.name}, laid`} style={{ width: 240, flex: 'none' }} />}
        <table>
          <thead>
            <tr>
              <th>Name for the label</th>
              <th>Grams</th>
              <th>Form, lots</th>
              <th>Not for, or ask</th>
            </tr>
          </thead>
          <tbody>
            {foods.map((l) => {
              const lots = new Set(l.lots.map((p) => p.lot)).size;
              const times = holdingOf(l.component, plan).leaves.slice(1, lots).map(clockOf);
              return (
                <tr key={`${l.component.id} ${l.form}`}>
                  <td>{l.component.name}</td>
                  <td>{formatMass(l.massG, units)}</td>
                  <td>
                    {formName(l.form)}
                    {l.contained && l.form !== 'bowl' ? ', in a bowl' : ''}
                    {lots > 1 ? `; fresh lot ${times.join(', ')}` : ''}
                  </td>
                  <td>
                    {groups.map((g) => {
                      const s = standingOf(checked.context, l, g);
                      if (s === 'fine')
                        return checked.context.overruled(l.component.id, g) ? (
                          <div key={g.id}>overruled: {g.name}</div>
                        ) : null;
                      return (
                        <span
                          key={g.id}
                          style={{ display: 'inline-flex', alignItems: 'center', marginRight: 8 }}
                        >
                          <Rim group={g} size={18} /> {s === 'ask' ? `ask: ${g.name}` : g.name}
                        </span>
                      );
                    })}
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      </div>
    </section>
  );
}
