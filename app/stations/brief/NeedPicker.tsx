import { useState } from 'react';
import { NEEDS, packOf, settingValues, type NeedPack, type Setting } from '../../../core/needs/index.js';
import type { NeedChoice, Strictness } from '../../../core/party/index.js';
import { Field } from '../../ui/Fields.js';
import { NeedPage } from './NeedPage.js';
import { OwnNeedDialog } from './OwnNeedDialog.js';
import { Button } from '../../ui/kit/Button.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { Input } from '../../ui/kit/Input.js';
import { Select } from '../../ui/kit/Select.js';

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
    <fieldset className="m-0 border-0 p-0">
      <legend className="font-bold">Needs</legend>
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
        <Input
          type="search"
          value={query}
          onChange={(e) => setQuery(e.target.value)}
          placeholder="vegan, sesame, pregnant …"
        />
      </Field>
      <div
        className="flex max-h-44 flex-wrap gap-1.5 overflow-auto p-0.5"
        role="group"
        aria-label="Needs to add"
      >
        {rest.map((p) => (
          <Button
            key={p.id}
            type="button"
            look="chip"
            title={p.summary}
            onClick={() => (setQuery(''), onChange([...needs, { id: p.id, settings: {} }]))}
          >
            {p.name}
          </Button>
        ))}
        {rest.length === 0 && <span className="text-soft">None of ours is called so.</span>}
        <Button type="button" look="chip-own" onClick={() => setOwn(true)}>
          A rule of your own …
        </Button>
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
  // single choices stand in a row, lists of ticks under them
  const choicesFirst = [...pack.settings].sort((a, b) => Number(a.list ?? false) - Number(b.list ?? false));
  return (
    <div className="on-paper my-1.5 border-l-4 border-beet bg-white px-2.5 py-1.5">
      <div className="flex flex-wrap items-center gap-2">
        <b>{pack.name}</b>
        <Button type="button" look="link" onClick={() => onPage(pack)}>
          In plain words
        </Button>
        <Button
          type="button"
          look="link"
          className="ml-auto"

          aria-label={`Take away ${pack.name}`}
          onClick={onDrop}
        >
          Take away
        </Button>
      </div>
      <p className="text-soft mt-0 mb-1 mx-0">{pack.summary}</p>
      <div className="grid grid-cols-[repeat(auto-fit,minmax(150px,1fr))] items-end gap-x-3 gap-y-1 text-sm">
        <div>
          <span aria-hidden>Kept</span>
          <Select<Strictness>
            label="Kept"
            value={choice.strictness ?? pack.strictness}
            onPick={(strictness) => onChange({ ...choice, strictness })}
            options={(Object.keys(STRICT_WORDS) as Strictness[]).map((value) => ({
              value,
              words: STRICT_WORDS[value],
            }))}
          />
        </div>
        {choicesFirst.map((s) =>
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
    <div>
      <span aria-hidden>{s.name}</span>
      <Select
        label={s.name}
        value={named ? value : 'own'}
        onPick={(v) => v !== 'own' && onTell(v)}
        options={[
          ...s.values.map((v) => ({ value: v.id, words: v.name })),
          ...(s.number ? [{ value: 'own', words: named ? 'another …' : `${value} ${s.number.unit}` }] : []),
        ]}
      />
      {s.number && (
        <Input
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
    </div>
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
    <div role="group" aria-label={s.name} className="col-span-full">
      {s.name}:{' '}
      {s.values.map((v) => (
        <Checkbox
          key={v.id}
          label={v.name}
          on={values.includes(v.id)}
          onChange={() => toggle(v.id)}
          className="mr-2.5"
        />
      ))}
    </div>
  );
}
