import { useEffect, useState } from 'react';
import type { ComponentId } from '../../core/catalogue/index.js';
import { formatMoney } from '../../core/measure/index.js';
import { planLarder, type Plan } from '../../core/plan/index.js';
import type { Swap } from '../../core/swap/index.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useSession } from '../store/session.js';
import { PaperDialog } from '../ui/Paper.js';
import { portraitUrl } from '../ui/pictures.js';
import { ask } from '../workers/kitchen.js';

/** Candidates for one food, judged on the whole plan; one press applies one. */
export function SwapDialog({
  plan,
  componentId,
  onClose,
}: {
  plan: Plan;
  componentId: ComponentId;
  onClose: () => void;
}) {
  const [swaps, setSwaps] = useState<Swap[]>();
  const [problem, setProblem] = useState<string>();
  const edit = useSession((s) => s.edit);
  const lay = useKitchen((s) => s.lay);
  const larder = planLarder(plan);
  const component = larder.get(componentId);
  useEffect(() => {
    let gone = false;
    const job = ask({ kind: 'swap', plan, componentId });
    job.done.then(
      (a) => !gone && setSwaps(a.swaps),
      (e: unknown) => !gone && setProblem(e instanceof Error ? e.message : String(e)),
    );
    return () => {
      gone = true;
    };
    // asked once, for the plan as it was when the paper was opened
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [componentId]);
  const take = (s: Swap): void => {
    edit(s.command);
    onClose();
    const now = useSession.getState().plan;
    if (now && now.layout.length > 0) void lay(now, null, now.seed);
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      wide
      title={`Instead of ${component?.name.toLowerCase() ?? componentId}`}
      hint="Ranked by how well each does the same job, and by what it fixes or breaks on this board."
    >
      {problem && <p role="alert">{problem}</p>}
      {!swaps && !problem && <p role="status">Looking through the larder …</p>}
      {swaps?.length === 0 && <p>Nothing in the larder does this job.</p>}
      <ul style={{ listStyle: 'none', padding: 0, margin: 0 }}>
        {swaps?.map((s) => {
          const c = larder.get(s.id);
          return (
            <li
              key={`${s.kind} ${s.name}`}
              className="row"
              style={{ borderTop: '1px dashed #8d93a6', padding: '8px 0', flexWrap: 'nowrap' }}
            >
              {c && (
                <img
                  src={portraitUrl(
                    c,
                    s.kind === 'form'
                      ? c.forms.find((f) => s.name.endsWith(f.form.replace('-', ' ')))
                      : undefined,
                  )}
                  alt=""
                  width="52"
                  height="52"
                />
              )}
              <div style={{ flex: 1, minWidth: 0 }}>
                <b className="display" style={{ fontSize: 16.5 }}>
                  {s.name}
                </b>{' '}
                <span>{Math.round(s.score * 100)} of 100</span>
                <br />
                {s.keeps.length > 0 && <span>Stays: {s.keeps.join(', ')}. </span>}
                {s.changes.length > 0 && <span>Changes: {s.changes.join(', ')}. </span>}
                {s.fixes.length > 0 && <span style={{ fontWeight: 700 }}>Settles: {s.fixes.join(' ')} </span>}
                {s.breaks.length > 0 && (
                  <span style={{ color: 'var(--beet-ink)', fontWeight: 700 }}>
                    Brings: {s.breaks.join(' ')}
                  </span>
                )}
              </div>
              <span>
                {s.costMinor === 0
                  ? 'same price'
                  : `${s.costMinor > 0 ? '+' : '−'}${formatMoney(Math.abs(s.costMinor), plan.currency)}`}
              </span>
              <button className="button small" onClick={() => take(s)} aria-label={`Take ${s.name}`}>
                Take it
              </button>
            </li>
          );
        })}
      </ul>
    </PaperDialog>
  );
}
