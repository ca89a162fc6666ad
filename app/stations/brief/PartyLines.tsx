import { useState } from 'react';
import { NEED_WORDS } from '../../../core/needs/index.js';
import { readParty, totalOf } from '../../../core/party/index.js';
import { useSession } from '../../store/session.js';
import { Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/Paper.js';
import { Rim } from '../../ui/rims.js';

/** Type the party in lines; what was understood is shown back before it counts. */
export function PartyLines({ onClose, hasParty }: { onClose: () => void; hasParty: boolean }) {
  const [text, setText] = useState('');
  const edit = useSession((s) => s.edit);
  const read = readParty(text, NEED_WORDS);
  const take = (): void => {
    edit({ name: 'set-party', party: read.groups });
    onClose();
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      title="Who is coming?"
      hint="One line is enough: 28 guests: 6 vegan, 3 halal, 2 coeliac, 5 children (two are 3). A number in front lets the rest eat everything."
    >
      <textarea
        className="plain-input"
        rows={4}
        value={text}
        autoFocus
        onChange={(e) => setText(e.target.value)}
        aria-label="The party, in lines"
        placeholder="28 guests: 6 vegan, 2 coeliac, 5 children (two are 3)"
      />
      {text.trim() !== '' && (
        <div aria-live="polite">
          <p style={{ margin: '10px 0 4px', fontWeight: 700 }}>Understood: {totalOf(read)} guests</p>
          <ul style={{ listStyle: 'none', padding: 0, margin: 0 }}>
            {read.groups.map((g) => (
              <li key={g.id} className="row" style={{ gap: 8 }}>
                <Rim group={g} /> {g.count} × {g.name}
                {g.dislikes.length > 0 && <span>, no {g.dislikes.join(', ')}</span>}
              </li>
            ))}
          </ul>
          {read.problems.map((p) => (
            <Wrong key={p.text}>{p.text}</Wrong>
          ))}
        </div>
      )}
      <div className="row" style={{ marginTop: 12 }}>
        <button className="button" disabled={read.groups.length === 0} onClick={take}>
          {hasParty ? 'Seat them instead' : 'Seat them'}
        </button>
      </div>
    </PaperDialog>
  );
}
