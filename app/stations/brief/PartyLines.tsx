import { useState } from 'react';
import { isFoodWord, NEED_WORDS } from '../../../core/needs/index.js';
import { readParty, totalOf, type Group, type PartyRead } from '../../../core/party/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { Wrong } from '../../ui/Fields.js';

const SEATED = 'seat the party';

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

/** Type the party in lines: what was understood is shown phrase by phrase, and only then is anybody seated. */
export function PartyLines({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [text, setText] = useState('');
  const { edit } = useSession();
  const read = readParty(text, NEED_WORDS, isFoodWord);
  const ready = read.groups.length > 0 && read.problems.length === 0;
  const seat = (): void => {
    edit({
      name: 'together',
      label: SEATED,
      commands: [{ name: 'set-party', party: keepingHands(read.groups, plan.party) }],
    });
    onClose();
  };
  return (
    <div className="sheet party-lines" role="group" aria-label="The party, typed">
      <label className="field" style={{ marginTop: 0 }}>
        The party, in lines
        <textarea
          rows={3}
          value={text}
          autoFocus
          onChange={(e) => setText(e.target.value)}
          placeholder="28 guests: 6 vegan, 2 without gluten, 5 children (two are 3)"
        />
      </label>
      <p className="soft" style={{ margin: 0 }}>
        A number in front lets the rest eat everything. “1 vegan, pregnant, hates olives” is one guest.
      </p>
      {text.trim() !== '' && (
        <div aria-live="polite">
          <p style={{ margin: '6px 0 2px', fontWeight: 700 }}>Understood: {totalOf(read)} guests</p>
          <Understood read={read} />
          {read.problems.map((p) => (
            <Wrong key={p.text}>{p.text}</Wrong>
          ))}
        </div>
      )}
      <div className="row" style={{ marginTop: 8 }}>
        <button className="button small" disabled={!ready} onClick={seat}>
          Seat them
        </button>
        <button className="button quiet small" onClick={onClose}>
          Leave it as it was
        </button>
      </div>
    </div>
  );
}

/** Group by group, each phrase with what it was taken for. */
function Understood({ read }: { read: PartyRead }) {
  return (
    <ul className="label-asks" aria-label="What was understood">
      {read.phrases.map((g) => (
        <li key={g.group}>
          <b>{g.guests} ×</b>{' '}
          {g.phrases.length === 0
            ? g.name.toLowerCase()
            : g.phrases.map((p, i) => (
                <span key={`${p.text} ${p.kind}`} className={p.kind === 'unread' ? 'read-ask' : undefined}>
                  {i > 0 && '; '}“{p.text}”: {p.says}
                </span>
              ))}
        </li>
      ))}
    </ul>
  );
}
