import { useEffect, useState } from 'react';
import type { OtherBoard } from '../../../core/compose/index.js';
import type { ComponentId } from '../../../core/catalogue/index.js';
import { formatMoney } from '../../../core/measure/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { costOf } from '../../../core/portion/index.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { ask } from '../../workers/kitchen.js';
import { Button } from '../../ui/kit/Button.js';
import { PaperHeading } from '../../ui/kit/Heading.js';

/** Two boards that are nearly as good and clearly different. */
export function OthersDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [others, setOthers] = useState<OtherBoard[]>();
  const [problem, setProblem] = useState<string>();
  const [asked] = useState(plan);
  const run = useRemedy();
  useEffect(() => {
    const job = ask('others', { plan: asked });
    let gone = false;
    job.done.then(
      (a) => !gone && setOthers(a.others),
      (e: unknown) => !gone && setProblem(e instanceof Error ? e.message : String(e)),
    );
    return () => {
      gone = true;
      job.cancel();
    };
  }, [asked]);
  const names = (ids: readonly ComponentId[]) =>
    ids.map((id) => planLarder(plan).get(id)?.name ?? id).join(', ') || 'nothing';
  const take = (o: OtherBoard): void => {
    run({
      name: 'together',
      label: 'take another board',
      commands: [{ name: 'set-board', placements: o.plan.placements }],
    });
    onClose();
  };
  return (
    <PaperDialog
      open
      wide
      onClose={onClose}
      title="Two others"
      hint="Nearly as good, and clearly different. Pins stay."
    >
      {problem && <p role="alert">{problem}</p>}
      {!others && !problem && <p role="status">Looking for two others …</p>}
      {others?.length === 0 && <p>The larder gives no other board for this party.</p>}
      {others?.map((o, i) => {
        const more = costOf(o.plan) - costOf(plan);
        return (
          <section key={i}>
            <PaperHeading>Board {i + 2}</PaperHeading>
            <p>
              <b>Comes:</b> {names(o.came)}. <b>Goes:</b> {names(o.went)}.
            </p>
            <p className="flex flex-wrap items-center gap-2.5">
              <span>
                {more === 0
                  ? 'the same money'
                  : `${formatMoney(Math.abs(more), plan.currency)} ${more > 0 ? 'more' : 'less'}`}
              </span>
              <Button size="small" onClick={() => take(o)} aria-label={`Take it: board ${i + 2}`}>
                Take it
              </Button>
            </p>
          </section>
        );
      })}
    </PaperDialog>
  );
}
