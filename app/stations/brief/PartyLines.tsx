import { useEffect, useRef, useState } from 'react';
import { NEED_WORDS } from '../../../core/needs/index.js';
import { readParty, totalOf, type Group } from '../../../core/party/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { Wrong } from '../../ui/Fields.js';

/** One step of undo for all the keys of one typing. */
const SEATED = 'seat the party';
const AFTER_A_KEY_MS = 150;

/** What was set by hand stays with a group that the line still names alike. */
function keepingHands(read: readonly Group[], before: readonly Group[]): Group[] {
  return read.map((g) => {
    const old = before.find((b) => b.id === g.id && b.band === g.band);
    if (!old || old.needs.map((n) => n.id).join() !== g.needs.map((n) => n.id).join()) return g;
    return {
      ...old,
      count: g.count,
      ages: g.ages,
      dislikes: g.dislikes.length > 0 ? g.dislikes : old.dislikes,
    };
  });
}

/** Type the party in lines, on the shelf: seats, amounts and slips follow while you type, as one step of undo. */
export function PartyLines({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [text, setText] = useState('');
  const [before] = useState(plan.party);
  const begun = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const { edit, amend, step } = useSession();
  const read = readParty(text, NEED_WORDS);
  const seat = (groups: readonly Group[]): void => {
    const command = {
      name: 'together' as const,
      label: SEATED,
      commands: [{ name: 'set-party' as const, party: keepingHands(groups, before) }],
    };
    if (begun.current) amend(command, SEATED);
    else edit(command);
    begun.current = true;
  };
  const type = (line: string): void => {
    setText(line);
    clearTimeout(timer.current);
    const { groups, problems } = readParty(line, NEED_WORDS);
    if (groups.length > 0 && problems.length === 0)
      timer.current = setTimeout(() => seat(groups), AFTER_A_KEY_MS);
  };
  useEffect(() => () => clearTimeout(timer.current), []);
  return (
    <div className="sheet party-lines" role="group" aria-label="The party, typed">
      <label className="field" style={{ marginTop: 0 }}>
        The party, in lines
        <textarea
          rows={3}
          value={text}
          autoFocus
          onChange={(e) => type(e.target.value)}
          placeholder="28 guests: 6 vegan, 2 coeliac, 5 children (two are 3)"
        />
      </label>
      <p className="soft" style={{ margin: 0 }}>
        A number in front lets the rest eat everything. “1 vegan, pregnant, hates olives” is one guest.
      </p>
      {text.trim() !== '' && (
        <div aria-live="polite">
          <p style={{ margin: '6px 0 2px', fontWeight: 700 }}>Understood: {totalOf(read)} guests</p>
          {read.problems.map((p) => (
            <Wrong key={p.text}>{p.text}</Wrong>
          ))}
        </div>
      )}
      <div className="row" style={{ marginTop: 8 }}>
        <button
          className="button small"
          disabled={read.groups.length === 0}
          onClick={() => {
            clearTimeout(timer.current);
            seat(read.groups);
            onClose();
          }}
        >
          Seat them
        </button>
        <button
          className="button quiet small"
          onClick={() => {
            clearTimeout(timer.current);
            if (begun.current) step('back');
            onClose();
          }}
        >
          Leave it as it was
        </button>
      </div>
    </div>
  );
}
