import { useState } from 'react';
import { NEEDS, packOf, settingValues, type NeedPack, type Setting } from '../../../core/needs/index.js';
import type { NeedChoice, Strictness } from '../../../core/party/index.js';
import { Field } from '../../ui/Fields.js';
import { NeedPage } from './NeedPage.js';
import { OwnNeedDialog } from './OwnNeedDialog.js';

const STRICT_WORDS: Record<Strictness, string> = {
  preference: 'gladly, when it is easy',
  strict: 'always',
  allergy: 'an allergy: traces count',
};

/** The needs that a group lives by, each with how strictly and where its schools differ; more by name. */
export function NeedPicker({
  needs,
  onChange,
}: {
  needs: readonly NeedChoice[];
  onChange: (needs: NeedChoice[]) => void;
}) {
  const [query, setQuery] = useState('');
  const [page, setPage] = useState<NeedPack | null>(null);
  const [own, setOwn] = useState(false);
  const taken = new Set(needs.map((n) => packOf(n)?.id));
  const words = query.trim().toLowerCase();
  const rest = NEEDS.filter(
    (p) =>
      !taken.has(p.id) &&
      (words === '' || [p.name, p.id, ...p.also].some((w) => w.toLowerCase().includes(words))),
  );
  return (
    <fieldset className="needs">
      <legend>Needs</legend>
      {needs.map((n) => (
        <Chosen
          key={n.id}
          choice={n}
          onChange={(next) => onChange(needs.map((x) => (x === n ? next : x)))}
          onDrop={() => onChange(needs.filter((x) => x !== n))}
          onPage={setPage}
        />
      ))}
      <Field label={needs.length === 0 ? 'Find a need' : 'Another need'}>
        <input
          type="search"
          value={query}
          onChange={(e) => setQuery(e.target.value)}
          placeholder="vegan, sesame, pregnant …"
        />
      </Field>
      <div className="need-chips" role="group" aria-label="Needs to add">
        {rest.map((p) => (
          <button
            key={p.id}
            type="button"
            className="chip"
            title={p.summary}
            onClick={() => (setQuery(''), onChange([...needs, { id: p.id, settings: {} }]))}
          >
            {p.name}
          </button>
        ))}
        {rest.length === 0 && <span className="soft">None of ours is called so.</span>}
        <button type="button" className="chip own" onClick={() => setOwn(true)}>
          A rule of your own …
        </button>
      </div>
      {page && <NeedPage pack={page} onClose={() => setPage(null)} />}
      {own && (
        <OwnNeedDialog
          taken={needs.map((n) => n.id)}
          onKeep={(choice) => onChange([...needs, choice])}
          onClose={() => setOwn(false)}
        />
      )}
    </fieldset>
  );
}

function Chosen({
  choice,
  onChange,
  onDrop,
  onPage,
}: {
  choice: NeedChoice;
  onChange: (choice: NeedChoice) => void;
  onDrop: () => void;
  onPage: (pack: NeedPack) => void;
}) {
  const pack = packOf(choice);
  if (!pack) return null;
  const withSetting = (id: string, value: string): void =>
    onChange({ ...choice, settings: { ...choice.settings, [id]: value } });
  return (
    <div className="need-chosen">
      <div className="row" style={{ gap: 8 }}>
        <b>{pack.name}</b>
        <button type="button" className="link" onClick={() => onPage(pack)}>
          In plain words
        </button>
        <button
          type="button"
          className="link"
          style={{ marginLeft: 'auto' }}
          aria-label={`Take away ${pack.name}`}
          onClick={onDrop}
        >
          Take away
        </button>
      </div>
      <p className="soft" style={{ margin: '0 0 4px' }}>
        {pack.summary}
      </p>
      <div className="need-settings">
        <label>
          Kept
          <select
            value={choice.strictness ?? pack.strictness}
            onChange={(e) => onChange({ ...choice, strictness: e.target.value as Strictness })}
          >
            {(Object.keys(STRICT_WORDS) as Strictness[]).map((s) => (
              <option key={s} value={s}>
                {STRICT_WORDS[s]}
              </option>
            ))}
          </select>
        </label>
        {pack.settings.map((s) =>
          s.list ? (
            <ListSetting
              key={s.id}
              setting={s}
              values={settingValues(pack, choice, s.id)}
              onTell={(v) => withSetting(s.id, v)}
            />
          ) : (
            <OneSetting
              key={s.id}
              setting={s}
              value={settingValues(pack, choice, s.id)[0]!}
              onTell={(v) => withSetting(s.id, v)}
            />
          ),
        )}
      </div>
    </div>
  );
}

function OneSetting({
  setting: s,
  value,
  onTell,
}: {
  setting: Setting;
  value: string;
  onTell: (value: string) => void;
}) {
  const named = s.values.some((v) => v.id === value);
  return (
    <label>
      {s.name}
      <select
        value={named ? value : 'own'}
        onChange={(e) => e.target.value !== 'own' && onTell(e.target.value)}
      >
        {s.values.map((v) => (
          <option key={v.id} value={v.id}>
            {v.name}
          </option>
        ))}
        {s.number && <option value="own">{named ? 'another …' : `${value} ${s.number.unit}`}</option>}
      </select>
      {s.number && (
        <input
          type="number"
          aria-label={`${s.name}, ${s.number.unit}`}
          min={s.number.min}
          max={s.number.max}
          step="any"
          defaultValue={value}
          key={value}
          onBlur={(e) => {
            const n = Number(e.target.value);
            if (s.number && n >= s.number.min && n <= s.number.max && String(n) !== value) onTell(String(n));
          }}
        />
      )}
    </label>
  );
}

/** Several at once: "all", or some by name. */
function ListSetting({
  setting: s,
  values,
  onTell,
}: {
  setting: Setting;
  values: readonly string[];
  onTell: (value: string) => void;
}) {
  const toggle = (id: string): void => {
    const next = values.includes(id) ? values.filter((v) => v !== id) : [...values, id];
    onTell(next.length === 0 ? s.default : next.join(','));
  };
  return (
    <div role="group" aria-label={s.name} className="need-list">
      {s.name}:{' '}
      {s.values.map((v) => (
        <label key={v.id}>
          <input type="checkbox" checked={values.includes(v.id)} onChange={() => toggle(v.id)} /> {v.name}
        </label>
      ))}
    </div>
  );
}
