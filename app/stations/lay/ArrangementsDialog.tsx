import { useEffect, useMemo, useState } from 'react';
import { judged, type LaidSurface } from '../../../core/lay/index.js';
import type { Plan, Surface } from '../../../core/plan/index.js';
import { BoardImage } from '../../plate/BoardImage.js';
import { China } from '../../plate/China.js';
import { useSession } from '../../store/session.js';
import { Button } from '../../ui/kit/Button.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { ask } from '../../workers/kitchen.js';
import { t } from '../../words/index.js';

const SEEDS = 3;
/** Seeds of one plan lie apart, so that the next three are three others. */
const STEP = 7919;

/** The next three, each as soon as it is laid. */
function useArrangements(asked: Plan, surfaceId: Surface['id'], round: number) {
  const [laid, setLaid] = useState<readonly LaidSurface[]>([]);
  const [problem, setProblem] = useState<string>();
  useEffect(() => {
    let gone = false;
    setLaid([]);
    const jobs = Array.from({ length: SEEDS }, (_, k) =>
      ask('arrange', {
        plan: asked,
        surfaceId,
        seed: (asked.seed + STEP * (round * SEEDS + k + 1)) % 2 ** 31,
      }),
    );
    for (const job of jobs)
      job.done.then(
        (answer) => !gone && setLaid((all) => [...all, answer.laid]),
        (error: unknown) => !gone && setProblem(error instanceof Error ? error.message : String(error)),
      );
    return () => {
      gone = true;
      for (const job of jobs) job.forget();
    };
  }, [asked, surfaceId, round]);
  return { laid, problem };
}

/** Three arrangements of one surface beside each other, pins kept, each shown as soon as it is laid. */
export function ArrangementsDialog({
  plan,
  surface,
  onClose,
}: {
  plan: Plan;
  surface: Surface;
  onClose: () => void;
}) {
  const [asked] = useState(plan);
  const [round, setRound] = useState(0);
  const { laid, problem } = useArrangements(asked, surface.id, round);
  const edit = useSession((session) => session.edit);
  const take = ({ surfaceId, elements }: LaidSurface): void => {
    edit({
      name: 'together',
      label: t('take another arrangement'),
      commands: [{ name: 'set-layout', surfaceId, elements }],
    });
    onClose();
  };
  return (
    <PaperDialog
      open
      full
      onClose={onClose}
      title={t('Other arrangements')}
      hint={t('The same foods and grams, laid otherwise. Pins stay.')}
    >
      {problem && <p role="alert">{problem}</p>}
      <div className="mt-2 grid grid-cols-3 gap-4 max-md:grid-cols-1">
        {laid.map((one, i) => (
          <Arrangement
            key={i}
            plan={asked}
            surface={surface}
            laid={one}
            number={i + 1}
            onTake={() => take(one)}
          />
        ))}
        {!problem &&
          Array.from({ length: SEEDS - laid.length }, (_, i) => (
            <p key={laid.length + i} role="status" className="m-0 self-center text-center text-lg">
              {t('Laying it another way …')}
            </p>
          ))}
      </div>
      <Button
        look="quiet"
        className="mt-3"
        disabled={laid.length < SEEDS}
        onClick={() => setRound((n) => n + 1)}
      >
        {t('Three others')}
      </Button>
    </PaperDialog>
  );
}

function Arrangement({
  plan,
  surface,
  laid,
  number,
  onTake,
}: {
  plan: Plan;
  surface: Surface;
  laid: LaidSurface;
  number: number;
  onTake: () => void;
}) {
  const drawn = useMemo(
    () => ({ ...plan, layout: [{ surfaceId: laid.surfaceId, elements: laid.elements }] }),
    [plan, laid],
  );
  const { figures } = judged(drawn, surface, laid.elements);
  return (
    <section aria-label={t('Arrangement {number}', { number })}>
      <div className="relative aspect-square w-full">
        <China stands="box" label={t('Arrangement {number}', { number })}>
          <BoardImage plan={drawn} surface={surface} r={296} />
        </China>
      </div>
      <p className="m-0">
        <b>{Math.round(figures.covered * 100)} %</b> {t('covered')}, <b>{figures.sameColours}</b>{' '}
        {t('same colours touch')}, <b>{figures.wetByCrisp}</b> {t('wet by crisp')}
      </p>
      <Button className="mt-2" onClick={onTake} aria-label={t('Take arrangement {number}', { number })}>
        {t('Take it')}
      </Button>
    </section>
  );
}
