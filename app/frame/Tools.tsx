import { Command as CommandIcon, Redo2, Undo2, type LucideIcon } from 'lucide-react';
import type { Group } from '../../core/party/index.js';
import type { Plan } from '../../core/plan/index.js';
import { useSession } from '../store/session.js';
import { Rim } from '../ui/rims.js';

/** Undo, redo, the command box, and through whose eyes the plan is seen. */
export function Tools({ plan, nextGuest, onBox }: { plan: Plan; nextGuest: () => void; onBox: () => void }) {
  const session = useSession();
  const seen = plan.party.find((g) => g.id === session.seenBy);
  return (
    <div className="tools">
      <Round
        icon={Undo2}
        words={session.undoLabel ? `Undo: ${session.undoLabel}` : 'Nothing to undo'}
        off={!session.undoLabel}
        press={() => session.step('back')}
      />
      <Round
        icon={Redo2}
        words={session.redoLabel ? `Redo: ${session.redoLabel}` : 'Nothing to redo'}
        off={!session.redoLabel}
        press={() => session.step('forward')}
      />
      <Round icon={CommandIcon} words="Say what to do (Control K)" press={onBox} />
      <button
        className="seen"
        onClick={nextGuest}
        aria-label={`Seen by ${seen ? seen.name : 'everyone'}. Next guest`}
      >
        <em>Seen by</em> <SeenRims seen={seen} party={plan.party} />
        {seen ? seen.name : 'everyone'}
        <kbd data-key="G" />
      </button>
    </div>
  );
}

function Round({
  icon: Icon,
  words,
  press,
  off,
}: {
  icon: LucideIcon;
  words: string;
  press: () => void;
  off?: boolean;
}) {
  return (
    <button className="round-button" onClick={press} disabled={off} aria-label={words} title={words}>
      <Icon size={20} />
    </button>
  );
}

const MOST_RIMS = 5;

function SeenRims({ seen, party }: { seen: Group | undefined; party: readonly Group[] }) {
  if (seen) return <Rim group={seen} size={26} />;
  return (
    <span className="seen-rims row" style={{ gap: 1, flexWrap: 'nowrap' }}>
      {party.slice(0, MOST_RIMS).map((g) => (
        <Rim key={g.id} group={g} size={22} />
      ))}
    </span>
  );
}
