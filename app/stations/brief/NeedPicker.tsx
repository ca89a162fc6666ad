import { useState } from 'react';
import { NEEDS, packOf, settingValues, type NeedPack, type Setting } from '../../../core/needs/index.js';
import type { NeedChoice, Strictness } from '../../../core/party/index.js';
import { Field, useKeptNumber } from '../../ui/Fields.js';
import { NeedPage } from './NeedPage.js';
import { OwnNeedDialog } from './OwnNeedDialog.js';
import { Button } from '../../ui/kit/Button.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { Input } from '../../ui/kit/Input.js';
import { Select } from '../../ui/kit/Select.js';
import { t, word } from '../../words/index.js';

const STRICT_WORDS: Record<Strictness, string> = {
  preference: t('gladly, when it is easy'),
  strict: t('always'),
  allergy: t('an allergy: traces count'),
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
  const taken = new Set(needs.map((choice) => packOf(choice)?.id));
  const words = query.trim().toLowerCase();
  const rest = NEEDS.filter(
    (pack) =>
      !taken.has(pack.id) &&
      (words === '' ||
        [word(pack.name), pack.id, ...pack.also].some((name) => name.toLowerCase().includes(words))),
  );
  return (
    <fieldset className="m-0 border-0 p-0">
      <legend className="font-bold">{t('Needs')}</legend>
      {needs.map((choice) => (
        <Chosen
          key={choice.id}
          choice={choice}
          onChange={(next) => onChange(needs.map((need) => (need === choice ? next : need)))}
          onDrop={() => onChange(needs.filter((need) => need !== choice))}
          onPage={setPage}
        />
      ))}
      <Field label={needs.length === 0 ? t('Find a need') : t('Another need')}>
        <Input
          type="search"
          value={query}
          onChange={(event) => setQuery(event.target.value)}
          placeholder={t('vegan, sesame, pregnant …')}
        />
      </Field>
      <ToAdd
        packs={rest}
        onAdd={(id) => {
          setQuery('');
          onChange([...needs, { id, settings: {} }]);
        }}
        onOwn={() => setOwn(true)}
      />
      {page && <NeedPage pack={page} onClose={() => setPage(null)} />}
      {own && (
        <OwnNeedDialog
          taken={needs.map((choice) => choice.id)}
          onKeep={(choice) => onChange([...needs, choice])}
          onClose={() => setOwn(false)}
        />
      )}
    </fieldset>
  );
}

function ToAdd({
  packs,
  onAdd,
  onOwn,
}: {
  packs: readonly NeedPack[];
  onAdd: (id: NeedPack['id']) => void;
  onOwn: () => void;
}) {
  return (
    <div
      className="flex max-h-44 flex-wrap gap-1.5 overflow-auto p-0.5"
      role="group"
      aria-label={t('Needs to add')}
    >
      {packs.map((pack) => (
        <Button
          key={pack.id}
          type="button"
          look="chip"
          title={word(pack.summary)}
          onClick={() => onAdd(pack.id)}
        >
          {word(pack.name)}
        </Button>
      ))}
      {packs.length === 0 && <span className="text-soft">{t('None of ours is called so.')}</span>}
      <Button type="button" look="chip-own" onClick={onOwn}>
        {t('A rule of your own …')}
      </Button>
    </div>
  );
}

function ChosenHead({
  pack,
  onDrop,
  onPage,
}: {
  pack: NeedPack;
  onDrop: () => void;
  onPage: (pack: NeedPack) => void;
}) {
  return (
    <div className="flex flex-wrap items-center gap-2">
      <b>{word(pack.name)}</b>
      <Button type="button" look="link" onClick={() => onPage(pack)}>
        {t('In plain words')}
      </Button>
      <Button
        type="button"
        look="link"
        className="ml-auto"
        aria-label={t('Take away {name}', { name: word(pack.name) })}
        onClick={onDrop}
      >
        {t('Take away')}
      </Button>
    </div>
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
      <ChosenHead pack={pack} onDrop={onDrop} onPage={onPage} />
      <p className="text-soft mt-0 mb-1 mx-0">{word(pack.summary)}</p>
      <div className="grid grid-cols-[repeat(auto-fit,minmax(150px,1fr))] items-end gap-x-3 gap-y-1 text-sm">
        <div>
          <span aria-hidden>{t('Kept')}</span>
          <Select<Strictness>
            label={t('Kept')}
            value={choice.strictness ?? pack.strictness}
            onPick={(strictness) => onChange({ ...choice, strictness })}
            options={(Object.keys(STRICT_WORDS) as Strictness[]).map((value) => ({
              value,
              words: STRICT_WORDS[value],
            }))}
          />
        </div>
        {choicesFirst.map((setting) =>
          setting.list ? (
            <ListSetting
              key={setting.id}
              setting={setting}
              values={settingValues(pack, choice, setting.id)}
              onTell={(value) => withSetting(setting.id, value)}
            />
          ) : (
            <OneSetting
              key={setting.id}
              setting={setting}
              value={settingValues(pack, choice, setting.id)[0]!}
              onTell={(value) => withSetting(setting.id, value)}
            />
          ),
        )}
      </div>
    </div>
  );
}

function OneSetting({
  setting,
  value,
  onTell,
}: {
  setting: Setting;
  value: string;
  onTell: (value: string) => void;
}) {
  const named = setting.values.some((v) => v.id === value);
  return (
    <div>
      <span aria-hidden>{word(setting.name)}</span>
      <Select
        label={word(setting.name)}
        value={named ? value : 'own'}
        onPick={(value) => value !== 'own' && onTell(value)}
        options={[
          ...setting.values.map((value) => ({ value: value.id, words: word(value.name) })),
          ...(setting.number
            ? [{ value: 'own', words: named ? t('another …') : `${value} ${word(setting.number.unit)}` }]
            : []),
        ]}
      />
      {setting.number && (
        <OwnNumber
          key={value}
          label={`${word(setting.name)}, ${word(setting.number.unit)}`}
          value={value}
          {...setting.number}
          onTell={onTell}
        />
      )}
    </div>
  );
}

/** Several at once: "all", or some by name. */
function ListSetting({
  setting,
  values,
  onTell,
}: {
  setting: Setting;
  values: readonly string[];
  onTell: (value: string) => void;
}) {
  const toggle = (id: string): void => {
    const next = values.includes(id) ? values.filter((value) => value !== id) : [...values, id];
    onTell(next.length === 0 ? setting.default : next.join(','));
  };
  return (
    <div role="group" aria-label={word(setting.name)} className="col-span-full">
      {word(setting.name)}:{' '}
      {setting.values.map((value) => (
        <Checkbox
          key={value.id}
          label={word(value.name)}
          on={values.includes(value.id)}
          onChange={() => toggle(value.id)}
          className="mr-2.5"
        />
      ))}
    </div>
  );
}

/** A number of the guest's own: a limit that is none keeps the old one, and says so. */
function OwnNumber({
  label,
  value,
  min,
  max,
  onTell,
}: {
  label: string;
  value: string;
  min: number;
  max: number;
  onTell: (value: string) => void;
}) {
  const { input, wrong } = useKeptNumber({
    value: Number(value),
    min,
    max,
    onKeep: (n) => onTell(String(n)),
  });
  return (
    <>
      <Input {...input} step="any" aria-label={label} />
      {wrong}
    </>
  );
}
