import { useEffect, useState } from 'react';
import type { Component, ComponentId } from '../../core/catalogue/index.js';
import { formatMoney } from '../../core/measure/index.js';
import { planLarder, type Plan } from '../../core/plan/index.js';
import type { Swap } from '../../core/swap/index.js';
import { PaperDialog } from '../ui/Paper.js';
import { portraitUrl } from '../ui/pictures.js';
import { ask } from '../workers/kitchen.js';
import { useRemedy } from './useRemedy.js';

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
  const run = useRemedy();
  const larder = planLarder(plan);
  const component = larder.get(componentId);
  // asked once, about the plan as it was when the paper was opened
  const [asked] = useState({ plan, componentId });
  useEffect(() => {
    let gone = false;
    ask({ kind: 'swap', ...asked }).done.then(
      (a) => !gone && setSwaps(a.swaps),
      (e: unknown) => !gone && setProblem(e instanceof Error ? e.message : String(e)),
    );
    return () => {
      gone = true;
    };
  }, [asked]);
  const take = (s: Swap): void => {
    run(s.command);
    onClose();
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
        {swaps?.map((s) => (
          <Candidate
            key={`${s.kind} ${s.name}`}
            plan={plan}
            swap={s}
            component={larder.get(s.id)}
            onTake={() => take(s)}
          />
        ))}
      </ul>
    </PaperDialog>
  );
}

function Candidate({
  plan,
  swap: s,
  component: c,
  onTake,
}: {
  plan: Plan;
  swap: Swap;
  component: Component | undefined;
  onTake: () => void;
}) {
  const form =
    s.kind === 'form' ? c?.forms.find((f) => s.name.endsWith(f.form.replace('-', ' '))) : undefined;
  return (
    <li className="row candidate">
      {c && <img src={portraitUrl(c, form)} alt="" width="52" height="52" />}
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
          <span style={{ color: 'var(--beet-ink)', fontWeight: 700 }}>Brings: {s.breaks.join(' ')}</span>
        )}
      </div>
      <span>{priceChange(s.costMinor, plan.currency)}</span>
      <button className="button small" onClick={onTake} aria-label={`Take ${s.name}`}>
        Take it
      </button>
    </li>
  );
}

const priceChange = (minor: number, currency: Plan['currency']): string =>
  minor === 0 ? 'same price' : `${minor > 0 ? '+' : '−'}${formatMoney(Math.abs(minor), currency)}`;
