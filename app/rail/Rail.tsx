import { useShallow } from 'zustand/react/shallow';
import { Effect } from '../ui/Effect.js';
import { useState, type ReactNode } from 'react';
import type { Checked, Finding } from '../../core/check/index.js';
import type { Command, Plan } from '../../core/plan/index.js';
import type { Conflict } from '../../core/compose/index.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useTrialsOf } from '../store/trials.js';
import { useSession } from '../store/session.js';
import { Opening, Slip, type Opened } from './Slip.js';
import { SLIP_BOX, SLIP_TEXT, SlipHead, slipLook, stripLook, STRIPS } from './SlipPaper.js';
import { Spike } from './Spike.js';
import { speak } from '../../core/words/index.js';
import { useSpeech } from '../store/useSpeech.js';
import { t } from '../words/index.js';

/** The findings of a station as paper slips, most urgent first, in two columns under a steel rail. */
export function Rail({
  plan,
  checked,
  show,
  own,
}: {
  plan: Plan;
  checked: Checked;
  show: (finding: Finding) => boolean;
  /** Slips that the station makes itself. */
  own?: ReactNode;
}) {
  const { conflicts, compose } = useKitchen(
    useShallow((state) => ({ conflicts: state.conflicts, compose: state.compose })),
  );
  const edit = useSession((session) => session.edit);
  // one wish less, and the board is composed at once
  const loosen = (command: Command): void => {
    edit(command);
    const now = useSession.getState().plan;
    if (now) void compose(now);
  };
  const findings = checked.findings.filter(show);
  const hung = findings.filter((finding) => finding.remedies.length > 0).map((finding) => finding.key);
  // slips of an older plan hang for a moment: their remedies are those of what is there no more
  useTrialsOf(plan, checked.context.plan === plan ? hung : null);
  const [open, setOpen] = useState<{ finding: Finding; opened: Opened } | null>(null);
  return (
    <section
      className="relative before:steel before:absolute before:top-0 before:right-0 before:left-2 before:z-3 before:h-3.25 before:rounded-l-lg before:shadow-tag -mt-5 flex min-h-0 flex-col pt-5 [grid-area:rail] max-md:mt-3.5 stepped:invisible"
      aria-label={t('Slips')}
    >
      <div
        className="-mt-3.5 min-h-0 flex-1 overflow-y-auto pt-1.5 pr-2 pb-3.5 pl-3.5 [scrollbar-width:thin] max-md:h-auto"
        tabIndex={0}
        aria-label={t('Slips, most urgent first')}
      >
        {own}
        <Collisions conflicts={conflicts} onLoosen={loosen} />
        <Columns plan={plan} findings={findings} onOpen={(finding, opened) => setOpen({ finding, opened })} />
        {findings.length === 0 && conflicts.length === 0 && !own && (
          <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-on-cloth-soft">
            {t('No slip hangs here.')}
          </p>
        )}
        <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-on-cloth-soft">
          {t(
            'Round Plate helps to plan. Read the label, ask the guest, and follow local food rules and medical or religious advice.',
          )}
        </p>
      </div>
      {open && (
        <Opening finding={open.finding} plan={plan} open={open.opened} onClose={() => setOpen(null)} />
      )}
      <Spike plan={plan} checked={checked} />
    </section>
  );
}

/** Wishes that cannot be kept together, each with its ways out. */
function Collisions({
  conflicts,
  onLoosen,
}: {
  conflicts: readonly Conflict[];
  onLoosen: (command: Command) => void;
}) {
  const speech = useSpeech();
  return conflicts.map(({ said, ways }, i) => (
    <article key={speak(said, speech)} className={SLIP_BOX} aria-label={t('These wishes collide')}>
      <div className={slipLook({ glyph: 'cracked' })}>
        <SlipHead glyph="cracked" words={t('These wishes collide')} number={String(i + 1)} />
        <p className={SLIP_TEXT}>{speak(said, speech)}</p>
        <div className={STRIPS}>
          {ways.map((way, k) => (
            <button
              key={speak(way.label, speech)}
              className={stripLook({ go: k === 0 })}
              onClick={() => onLoosen(way.command)}
            >
              {speak(way.label, speech)}{' '}
              <Effect words={way.effect.map((said) => speak(said, speech)).join(', ')} />
            </button>
          ))}
        </div>
      </div>
    </article>
  ));
}

/** Two columns of slips, numbered from left to right. */
function Columns({
  plan,
  findings,
  onOpen,
}: {
  plan: Plan;
  findings: readonly Finding[];
  onOpen: (finding: Finding, opened: Opened) => void;
}) {
  return (
    <div className="grid grid-cols-2 items-start gap-2 max-xl:grid-cols-1 max-md:grid-cols-2">
      {[0, 1].map((column) => (
        <div key={column}>
          {findings.map((finding, i) =>
            i % 2 === column ? (
              <Slip
                key={finding.key}
                finding={finding}
                number={i + 1}
                plan={plan}
                onOpen={(opened) => onOpen(finding, opened)}
              />
            ) : null,
          )}
        </div>
      ))}
    </div>
  );
}
