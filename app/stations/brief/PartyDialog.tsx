import { useState } from 'react';
import { NEEDS, NEED_WORDS } from '../../../core/needs/index.js';
import { groupSchema, readParty, totalOf, type Group } from '../../../core/party/index.js';
import { useSession } from '../../store/session.js';
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
            <p key={p.text} role="alert" style={{ color: 'var(--beet-ink)', fontWeight: 700 }}>
              {p.text}
            </p>
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

/** One group by hand: count, ages, needs with their settings, dislikes, appetite. */
export function GroupDialog({ group, onClose }: { group: Group; onClose: () => void }) {
  const [draft, setDraft] = useState({
    ...group,
    agesText: group.ages.join(', '),
    dislikesText: group.dislikes.join(', '),
  });
  const [problem, setProblem] = useState<string>();
  const edit = useSession((s) => s.edit);
  const save = (): void => {
    const ages = draft.agesText
      .split(/[\s,]+/)
      .filter(Boolean)
      .map(Number);
    const { agesText: _a, dislikesText, ...rest } = draft;
    const parsed = groupSchema.safeParse({
      ...rest,
      ages: draft.band === 'child' ? ages : [],
      dislikes: dislikesText
        .split(',')
        .map((d) => d.trim())
        .filter(Boolean),
    });
    if (!parsed.success) {
      const issue = parsed.error.issues[0];
      setProblem(`${issue?.path.join(' ') ?? ''}: ${issue?.message ?? ''}`);
      return;
    }
    edit({ name: 'set-group', group: parsed.data });
    onClose();
  };
  const toggle = (id: string): void => {
    const has = draft.needs.some((n) => n.id === id);
    setDraft({
      ...draft,
      needs: has ? draft.needs.filter((n) => n.id !== id) : [...draft.needs, { id, settings: {} }],
    });
  };
  return (
    <PaperDialog open onClose={onClose} title={group.name}>
      <label className="field">
        Name
        <input
          value={draft.name}
          maxLength={60}
          onChange={(e) => setDraft({ ...draft, name: e.target.value })}
        />
      </label>
      <div className="row">
        <label className="field" style={{ width: 110 }}>
          Guests
          <input
            type="number"
            min={1}
            max={500}
            value={draft.count}
            onChange={(e) => setDraft({ ...draft, count: Number(e.target.value) })}
          />
        </label>
        <label className="field" style={{ width: 140 }}>
          Appetite
          <input
            type="number"
            min={0.5}
            max={2}
            step={0.1}
            value={draft.appetite}
            onChange={(e) => setDraft({ ...draft, appetite: Number(e.target.value) })}
          />
        </label>
        <label className="field" style={{ width: 140 }}>
          Age band
          <select
            value={draft.band}
            onChange={(e) => setDraft({ ...draft, band: e.target.value as Group['band'] })}
          >
            <option value="adult">grown up</option>
            <option value="child">children</option>
          </select>
        </label>
      </div>
      {draft.band === 'child' && (
        <label className="field">
          Ages, with commas. An age that is missing is judged like the smallest.
          <input value={draft.agesText} onChange={(e) => setDraft({ ...draft, agesText: e.target.value })} />
        </label>
      )}
      <fieldset style={{ border: 0, padding: 0, margin: '8px 0' }}>
        <legend style={{ fontWeight: 700 }}>Needs</legend>
        {NEEDS.map((n) => {
          const choice = draft.needs.find((c) => c.id === n.id);
          return (
            <div key={n.id}>
              <label className="row" style={{ gap: 8 }}>
                <input type="checkbox" checked={choice !== undefined} onChange={() => toggle(n.id)} />
                <span>
                  <b>{n.name}</b>. {n.summary}
                </span>
              </label>
              {choice &&
                n.settings.map((s) => (
                  <label key={s.id} className="row" style={{ marginLeft: 26, gap: 6 }}>
                    {s.name}
                    <select
                      value={choice.settings[s.id] ?? s.default}
                      onChange={(e) =>
                        setDraft({
                          ...draft,
                          needs: draft.needs.map((c) =>
                            c.id === n.id ? { ...c, settings: { ...c.settings, [s.id]: e.target.value } } : c,
                          ),
                        })
                      }
                    >
                      {s.values.map((v) => (
                        <option key={v.id} value={v.id}>
                          {v.name}
                        </option>
                      ))}
                    </select>
                  </label>
                ))}
            </div>
          );
        })}
      </fieldset>
      <label className="field">
        Dislikes, with commas
        <input
          value={draft.dislikesText}
          onChange={(e) => setDraft({ ...draft, dislikesText: e.target.value })}
        />
      </label>
      {problem && (
        <p role="alert" style={{ color: 'var(--beet-ink)', fontWeight: 700 }}>
          {problem}
        </p>
      )}
      <div className="row">
        <button className="button" onClick={save}>
          Keep
        </button>
        <button
          className="button quiet small"
          onClick={() => (edit({ name: 'remove-group', groupId: group.id }), onClose())}
        >
          Not coming
        </button>
      </div>
      <p className="caution" style={{ color: 'var(--soft)' }}>
        Ask the guest how strict it is; for an allergy, what exactly and how little is too much.
      </p>
    </PaperDialog>
  );
}
