import { useShallow } from 'zustand/react/shallow';
import { Command as CommandIcon, Redo2, Undo2 } from 'lucide-react';
import type { Group } from '../../core/party/index.js';
import type { Plan } from '../../core/plan/index.js';
import { useSession } from '../store/session.js';
import { Rim } from '../ui/rims.js';
import { IconButton } from '../ui/kit/IconButton.js';
import { Kbd } from '../ui/kit/Kbd.js';
import { t, word } from '../words/index.js';

/** Undo, redo, the command box, and through whose eyes the plan is seen. */
export function Tools({ plan, nextGuest, onBox }: { plan: Plan; nextGuest: () => void; onBox: () => void }) {
  const session = useSession(
    useShallow((state) => ({
      seenBy: state.seenBy,
      undoLabel: state.undoLabel,
      redoLabel: state.redoLabel,
      step: state.step,
    })),
  );
  const seen = plan.party.find((group) => group.id === session.seenBy);
  return (
    <div className="on-cloth z-5 flex items-start justify-end gap-2 pt-3.5 pr-3.5 max-sm:gap-0 max-sm:pr-1.5 [grid-area:tools]">
      <IconButton
        icon={Undo2}
        words={
          session.undoLabel
            ? t('Undo: {undoLabel}', { undoLabel: word(session.undoLabel) })
            : t('Nothing to undo')
        }
        off={!session.undoLabel}
        press={() => session.step('back')}
      />
      <IconButton
        icon={Redo2}
        words={
          session.redoLabel
            ? t('Redo: {redoLabel}', { redoLabel: word(session.redoLabel) })
            : t('Nothing to redo')
        }
        off={!session.redoLabel}
        press={() => session.step('forward')}
      />
      <IconButton icon={CommandIcon} words={t('Say what to do (Control K)')} press={onBox} />
      <button
        className="on-paper edge-note flex h-9 items-center gap-1 border-0 bg-paper px-2.5 text-sm/none font-bold whitespace-nowrap"
        onClick={nextGuest}
        aria-label={t('Seen by {seen}. Next guest', { seen: seen ? seen.name : t('everyone') })}
      >
        <em className="mr-1 font-medium text-soft not-italic max-xl:hidden">{t('Seen by')}</em>{' '}
        <SeenRims seen={seen} party={plan.party} />
        {seen ? seen.name : t('everyone')}
        <span className="max-sm:hidden">
          <Kbd letter="G" />
        </span>
      </button>
    </div>
  );
}

const MOST_RIMS = 5;

function SeenRims({ seen, party }: { seen: Group | undefined; party: readonly Group[] }) {
  if (seen) return <Rim group={seen} size={26} />;
  return (
    <span className="max-xl:hidden flex items-center gap-px flex-nowrap">
      {party.slice(0, MOST_RIMS).map((group) => (
        <Rim key={group.id} group={group} size={22} />
      ))}
    </span>
  );
}
