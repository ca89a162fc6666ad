import { useState } from 'react';
import type { Checked, Finding, Remedy } from '../../core/check/index.js';
import type { Command, Plan } from '../../core/plan/index.js';
import { localNow } from '../store/clock.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useSession } from '../store/session.js';
import { PlateGlyph, STATE_WORDS } from '../ui/Glyph.js';
import { PaperDialog } from '../ui/Paper.js';
import { Rim } from '../ui/rims.js';
import { OverruleDialog } from './OverruleDialog.js';
import { SwapDialog } from './SwapDialog.js';

/** Answers carry the time at which they were noted; the core has no clock. */
function stamped(command: Command): Command {
  const now = localNow();
  if (command.name === 'answer') return { ...command, answer: { ...command.answer, when: now } };
  if (command.name === 'together')
    return {
      ...command,
      commands: command.commands.map((c) => stamped(c) as (typeof command.commands)[number]),
    };
  return command;
}

/** After a remedy the board is laid again, pins kept, when what lies on it has changed. */
export function useRemedy(): (remedy: Remedy) => void {
  const edit = useSession((s) => s.edit);
  const lay = useKitchen((s) => s.lay);
  return (remedy) => {
    const before = useSession.getState().plan;
    edit(stamped(remedy.command));
    const after = useSession.getState().plan;
    if (
      before &&
      after &&
      after.layout.length > 0 &&
      (before.placements !== after.placements || before.surfaces !== after.surfaces)
    )
      void lay(after, null, after.seed);
  };
}

export function Rail({
  plan,
  checked,
  show,
}: {
  plan: Plan;
  checked: Checked;
  show: (f: Finding) => boolean;
}) {
  const [spike, setSpike] = useState(false);
  const edit = useSession((s) => s.edit);
  const conflicts = useKitchen((s) => s.conflicts);
  const findings = checked.findings.filter(show);
  return (
    <section className="rail" aria-label="Slips">
      <div className="slips" tabIndex={0} aria-label="Slips, most urgent first">
        {conflicts.map((text, i) => (
          <article key={text} className="slip-box" aria-label="These wishes collide">
            <div className="slip cracked">
              <header>
                <PlateGlyph state="cracked" />
                <span>These wishes collide</span>
                <i>{i + 1}</i>
              </header>
              <p>{text}</p>
            </div>
          </article>
        ))}
        <div className="slip-columns">
          {[0, 1].map((column) => (
            <div key={column}>
              {findings.map((f, i) =>
                i % 2 === column ? <Slip key={f.key} finding={f} number={i + 1} plan={plan} /> : null,
              )}
            </div>
          ))}
        </div>
        {findings.length === 0 && conflicts.length === 0 && <p className="caution">No slip hangs here.</p>}
        <p className="caution">
          Round Plate helps to plan. Read the label, ask the guest, and follow local food rules and medical or
          religious advice.
        </p>
      </div>
      <button
        className="spike"
        onClick={() => setSpike(true)}
        aria-label={`${checked.settled.length} settled slips. Read them again`}
      >
        <span>
          <b>{checked.settled.length} settled</b>
          {checked.settled[0]
            ? `last: ${checked.settled[0].text.toLowerCase().slice(0, 26)}`
            : 'nothing on the spike'}
        </span>
        <SpikeDrawing papers={checked.settled.length} />
      </button>
      <PaperDialog
        open={spike}
        onClose={() => setSpike(false)}
        title="On the spike"
        hint="Slips that you have read and left as they are. Take one back to hang it again."
      >
        {checked.settled.length === 0 && <p>Nothing is settled yet.</p>}
        {checked.settled.map((f) => (
          <div key={f.key} className="row" style={{ margin: '10px 0', justifyContent: 'space-between' }}>
            <span>
              <b>{f.text}</b>
              <br />
              {plan.settled.find((s) => s.key === f.key)?.how}
            </span>
            <button className="button quiet small" onClick={() => edit({ name: 'unsettle', key: f.key })}>
              Take it back
            </button>
          </div>
        ))}
      </PaperDialog>
    </section>
  );
}

function SpikeDrawing({ papers }: { papers: number }) {
  return (
    <svg width="70" height="84" viewBox="-35 0 70 84" aria-hidden="true">
      <ellipse cy="79" rx="26" ry="5" fill="#7d5a34" />
      <ellipse cy="77" rx="26" ry="5" fill="#b98f5b" />
      <g fill="#fffefa" stroke="#1a2040" strokeOpacity=".3" strokeWidth=".8">
        {Array.from({ length: Math.min(6, papers) }, (_, i) => (
          <path
            key={i}
            d={`M${-30 + (i % 3)} ${71 - i * 6}L${29 + (i % 2) * 3} ${67 - i * 6}L${32 - (i % 2)} ${72 - i * 6}L-28 ${75 - i * 6}Z`}
          />
        ))}
      </g>
      <path
        d={`M0 6V${72 - Math.min(6, papers) * 6}`}
        stroke="#7d8993"
        strokeWidth="3"
        strokeLinecap="round"
      />
    </svg>
  );
}

/** Fewer than so many remedies are tear-off lines on the slip; the rest would make it a list. */
const MOST_STRIPS = 4;

function Slip({ finding: f, number, plan }: { finding: Finding; number: number; plan: Plan }) {
  const remedy = useRemedy();
  const edit = useSession((s) => s.edit);
  const [open, setOpen] = useState<'swap' | 'overrule' | 'why' | null>(null);
  const groups = plan.party.filter((g) => f.concerns.includes(g.id));
  const canSettle = !f.grave && f.glyph !== 'cracked' && f.glyph !== 'whole';
  const one = f.components.length === 1 ? f.components[0] : undefined;
  const overrulable =
    f.grave &&
    one !== undefined &&
    groups.length > 0 &&
    ['small-children', 'not-for', 'contact'].some((k) => f.key.startsWith(k));
  return (
    <article
      className={`slip-box ${number === 1 ? 'first' : ''}`}
      aria-label={`${STATE_WORDS[f.glyph]}: ${f.text}`}
      data-code={f.code}
    >
      <div className={`slip ${f.glyph}`}>
        <header>
          <PlateGlyph state={f.glyph} />
          <span>{STATE_WORDS[f.glyph]}</span>
          <i>No {number}</i>
        </header>
        <h2>{f.text}</h2>
        <p>{f.why}</p>
        {groups.length > 0 && groups.length < plan.party.length && (
          <p className="who">
            {groups.map((g) => (
              <Rim key={g.id} group={g} size={22} />
            ))}
            {groups.map((g) => `${g.name}, ${g.count}`).join('; ')}
          </p>
        )}
        <div className="strips">
          {f.remedies.slice(0, MOST_STRIPS).map((r, i) => (
            <button key={r.label} className={i === 0 ? 'go' : ''} onClick={() => remedy(r)}>
              {r.label} <span>{r.effect}</span>
            </button>
          ))}
          {one && f.glyph !== 'whole' && plan.placements.some((p) => p.componentId === one) && (
            <button onClick={() => setOpen('swap')}>
              Swap it <span>candidates</span>
            </button>
          )}
          {overrulable && (
            <button onClick={() => setOpen('overrule')}>
              Overrule <span>with a reason</span>
            </button>
          )}
          {canSettle && (
            <button
              onClick={() =>
                edit({ name: 'settle', settled: { key: f.key, how: 'left as it is', when: localNow() } })
              }
            >
              Leave it <span>on the spike</span>
            </button>
          )}
          {f.facts.length > 0 && (
            <button onClick={() => setOpen('why')}>
              Why this? <span>{f.facts.length === 1 ? '1 fact' : `${f.facts.length} facts`}</span>
            </button>
          )}
        </div>
      </div>
      {open === 'swap' && one && <SwapDialog plan={plan} componentId={one} onClose={() => setOpen(null)} />}
      {open === 'overrule' && one && (
        <OverruleDialog plan={plan} componentId={one} groups={groups} onClose={() => setOpen(null)} />
      )}
      <PaperDialog open={open === 'why'} onClose={() => setOpen(null)} title={f.text} hint={f.why}>
        <table style={{ width: '100%' }}>
          <thead>
            <tr style={{ textAlign: 'left' }}>
              <th>Fact</th>
              <th>Value</th>
              <th>Source</th>
            </tr>
          </thead>
          <tbody>
            {f.facts.map((x, i) => (
              <tr key={i}>
                <td>{x.what.replace(/[.-]/g, ' ')}</td>
                <td>{x.value}</td>
                <td>{x.source}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </PaperDialog>
    </article>
  );
}
