import { useState } from 'react';
import { formName, usualForm, type Component } from '../../../core/catalogue/index.js';
import { formatMass, formatMoney } from '../../../core/measure/index.js';
import { judgeGroup } from '../../../core/needs/index.js';
import type { Plan, Surface } from '../../../core/plan/index.js';
import { SwapDialog } from '../../rail/SwapDialog.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { PlateGlyph, STATE_WORDS } from '../../ui/Glyph.js';
import { PaperDialog } from '../../ui/Paper.js';
import { portraitUrl } from '../../ui/pictures.js';
import { Rim } from '../../ui/rims.js';
import { gramsPlaced, surfacesFor } from './Choose.js';

const GLYPH = { fine: 'whole', ask: 'covered', forbidden: 'cracked' } as const;
const WORD = { fine: 'may eat it', ask: 'ask the label', forbidden: 'not for them' } as const;

/** One food: who may eat it and why, how much lies where, pin, exclude, swap. */
export function ComponentDialog({
  plan,
  component: c,
  onClose,
}: {
  plan: Plan;
  component: Component;
  onClose: () => void;
}) {
  const edit = useSession((s) => s.edit);
  const lay = useKitchen((s) => s.lay);
  const units = useSettings((s) => s.units);
  const [swap, setSwap] = useState(false);
  const here = plan.placements.filter((p) => p.componentId === c.id);
  const pinned = plan.wishes.pinned.includes(c.id);
  const relay = (): void => {
    const now = useSession.getState().plan;
    if (now && now.layout.length > 0) void lay(now, null, now.seed);
  };
  const setMass = (surface: Surface, massG: number, form: string): void => {
    const fact = c.forms.find((f) => f.form === form) ?? usualForm(c);
    edit({
      name: 'place',
      componentId: c.id,
      surfaceId: surface.id,
      placements: gramsPlaced(plan, c, surface.id, massG, fact.form),
    });
    relay();
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      wide
      title={c.name}
      hint={`${formatMoney(c.packs[0]!.priceMinor, plan.currency)} for ${formatMass(c.packs[0]!.massG, units)}${c.ingredients.length > 0 ? `. Of ${c.ingredients.join(', ')}` : ''}.`}
    >
      <div className="row" style={{ alignItems: 'flex-start', flexWrap: 'nowrap' }}>
        <img src={portraitUrl(c)} alt="" width="120" height="120" />
        <ul style={{ listStyle: 'none', padding: 0, margin: 0, flex: 1 }}>
          {plan.party.map((g) => {
            const form = here[0]?.form ?? usualForm(c).form;
            const j = judgeGroup(c, form, g);
            return (
              <li key={g.id} className="row" style={{ gap: 6, flexWrap: 'nowrap' }}>
                <PlateGlyph state={GLYPH[j.verdict]} size={20} />
                <Rim group={g} size={20} />
                <span>
                  <b>{g.name}</b>: {WORD[j.verdict]}
                  {j.reasons[0] ? `, ${j.reasons[0].text} (${j.reasons[0].source})` : ''}
                  <span className="hidden-text">. {STATE_WORDS[GLYPH[j.verdict]]}</span>
                </span>
              </li>
            );
          })}
        </ul>
      </div>
      <table style={{ width: '100%', marginTop: 10 }}>
        <thead>
          <tr style={{ textAlign: 'left' }}>
            <th>Surface</th>
            <th>Form</th>
            <th>Grams in all</th>
          </tr>
        </thead>
        <tbody>
          {surfacesFor(plan, c).map((s) => {
            const on = here.filter((p) => p.surfaceId === s.id);
            const mass = on.reduce((n, p) => n + p.massG, 0);
            const form = on[0]?.form ?? usualForm(c).form;
            return (
              <tr key={s.id}>
                <td>{s.name}</td>
                <td>
                  <select
                    aria-label={`Form on ${s.name}`}
                    value={form}
                    onChange={(e) => setMass(s, mass || 80, e.target.value)}
                  >
                    {c.forms.map((f) => (
                      <option key={f.form} value={f.form}>
                        {formName(f.form)}
                      </option>
                    ))}
                  </select>
                </td>
                <td>
                  <input
                    type="number"
                    min={0}
                    max={20000}
                    aria-label={`Grams on ${s.name}`}
                    key={mass}
                    defaultValue={Math.round(mass)}
                    style={{ width: 90, border: '1.5px solid #5b6280', padding: '3px 6px' }}
                    onBlur={(e) =>
                      Number(e.target.value) !== Math.round(mass) && setMass(s, Number(e.target.value), form)
                    }
                    onKeyDown={(e) => e.key === 'Enter' && e.currentTarget.blur()}
                  />
                  {new Set(on.map((p) => p.lot)).size > 1 && (
                    <span> in {new Set(on.map((p) => p.lot)).size} lots</span>
                  )}
                </td>
              </tr>
            );
          })}
        </tbody>
      </table>
      <div className="row" style={{ marginTop: 12 }}>
        <button
          className="button small"
          aria-pressed={pinned}
          onClick={() => edit({ name: 'pin', componentId: c.id, on: !pinned })}
        >
          {pinned ? 'Let the pin go' : 'Pin it: always on the board'}
        </button>
        {here.length > 0 && (
          <>
            <button className="button quiet small" onClick={() => setSwap(true)}>
              Swap it
            </button>
            <button
              className="button quiet small"
              onClick={() => (edit({ name: 'leave-out', componentId: c.id }), relay(), onClose())}
            >
              Leave it out
            </button>
          </>
        )}
        <button
          className="button quiet small"
          onClick={() => (
            edit({ name: 'exclude', componentId: c.id, on: !plan.wishes.excluded.includes(c.id) }),
            relay(),
            onClose()
          )}
        >
          {plan.wishes.excluded.includes(c.id) ? 'Allow it again' : 'Never here'}
        </button>
      </div>
      <p className="caution" style={{ color: 'var(--soft)' }}>
        Facts are label practice and public data, not this very pack: read the label.
      </p>
      {swap && <SwapDialog plan={plan} componentId={c.id} onClose={() => (setSwap(false), onClose())} />}
    </PaperDialog>
  );
}
