import { Effect } from '../ui/Effect.js';
import { useState } from 'react';
import type { Checked, Finding } from '../../core/check/index.js';
import type { Command, Plan } from '../../core/plan/index.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useTrialsOf } from '../store/trials.js';
import { useSession } from '../store/session.js';
import { PlateGlyph } from '../ui/Glyph.js';
import { Opening, Slip, type Opened } from './Slip.js';
import { Spike } from './Spike.js';

/** The findings of a station as paper slips, most urgent first, in two columns under a steel rail. */
export function Rail({
  plan,
  checked,
  show,
}: {
  plan: Plan;
  checked: Checked;
  show: (f: Finding) => boolean;
}) {
  useTrialsOf(plan);
  const { conflicts, compose } = useKitchen();
  const edit = useSession((s) => s.edit);
  // one wish less, and the board is composed at once
  const loosen = (command: Command): void => {
    edit(command);
    const now = useSession.getState().plan;
    if (now) void compose(now);
  };
  const findings = checked.findings.filter(show);
  const [open, setOpen] = useState<{ finding: Finding; opened: Opened } | null>(null);
  return (
    <section className="rail" aria-label="Slips">
      <div className="slips" tabIndex={0} aria-label="Slips, most urgent first">
        {conflicts.map(({ text, ways }, i) => (
          <article key={text} className="slip-box" aria-label="These wishes collide">
            <div className="slip cracked">
              <header>
                <PlateGlyph state="cracked" />
                <span>These wishes collide</span>
                <i>{i + 1}</i>
              </header>
              <p>{text}</p>
              <div className="strips">
                {ways.map((w, k) => (
                  <button key={w.label} className={k === 0 ? 'go' : ''} onClick={() => loosen(w.command)}>
                    {w.label} <Effect words={w.effect} />
                  </button>
                ))}
              </div>
            </div>
          </article>
        ))}
        <div className="slip-columns">
          {[0, 1].map((column) => (
            <div key={column}>
              {findings.map((f, i) =>
                i % 2 === column ? (
                  <Slip
                    key={f.key}
                    finding={f}
                    number={i + 1}
                    plan={plan}
                    onOpen={(opened) => setOpen({ finding: f, opened })}
                  />
                ) : null,
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
      {open && (
        <Opening finding={open.finding} plan={plan} open={open.opened} onClose={() => setOpen(null)} />
      )}
      <Spike plan={plan} checked={checked} />
    </section>
  );
}
