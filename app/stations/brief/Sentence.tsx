import { useState } from 'react';
import {
  addMinutes,
  clockOf,
  CURRENCIES,
  formatTemperature,
  parseLocalTime,
  speakTime,
  toCelsius,
  toFahrenheit,
} from '../../../core/measure/index.js';
import { ROLES, type Command, type Plan } from '../../../core/plan/index.js';
import { roleFor } from '../../../core/portion/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Choice, Field, KeptNumber, KeptText } from '../../ui/Fields.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { KIND_WORDS, POLICY_WORDS, ROLE_WORDS } from '../words.js';
import { AtHandDialog } from './AtHandDialog.js';
import { ThemeDialog } from './ThemeDialog.js';
import { Input } from '../../ui/kit/Input.js';
import { t, word } from '../../words/index.js';

type Occasion = Plan['occasion'];
const entries = <K extends string>(words: Record<K, string>) => Object.entries(words) as [K, string][];

/** The brief as one sentence whose underlined words are its controls. */
export function Sentence({ plan }: { plan: Plan }) {
  const edit = useSession((session) => session.edit);
  const set = (patch: Partial<Occasion>): void => edit({ name: 'set-occasion', patch } as Command);
  return (
    <p className="mt-1 font-display text-lg/[1.32] font-semibold">
      <What occasion={plan.occasion} set={set} /> <When occasion={plan.occasion} set={set} />{' '}
      <Where occasion={plan.occasion} set={set} />{' '}
      <OpenWord word={POLICY_WORDS[plan.policy]} label={t('Who is looked after')}>
        <Choice
          label={t('Policy')}
          value={plan.policy}
          options={entries(POLICY_WORDS)}
          onPick={(policy) => edit({ name: 'set-policy', policy })}
        />
      </OpenWord>{' '}
      <Money plan={plan} /> <Besides plan={plan} />
    </p>
  );
}

interface Part {
  occasion: Occasion;
  set: (patch: Partial<Occasion>) => void;
}

function What({ occasion: o, set }: Part) {
  return (
    <>
      <OpenWord word={o.name} label={t('Occasion')}>
        <KeptText label={t('Occasion')} value={o.name} onKeep={(name) => name && set({ name })} />
      </OpenWord>
      ,{' '}
      <OpenWord word={KIND_WORDS[o.kind]} label={t('What it is for')}>
        <Choice
          label={t('The board is for')}
          value={o.kind}
          options={entries(KIND_WORDS)}
          onPick={(kind) => set({ kind, role: roleFor(o.role, kind) })}
        />
        <p className="text-soft m-0 max-w-65 text-sm">
          {t('It says what leads on the board, and what never lies there unless you pin it.')}
        </p>
      </OpenWord>
      ,{' '}
      <OpenWord word={ROLE_WORDS[o.role]} label={t('Part it plays')}>
        <Choice
          label={t('The board is')}
          value={o.role}
          options={ROLES.map((r) => [r, ROLE_WORDS[r]] as const)}
          onPick={(role) => set({ role })}
        />
      </OpenWord>{' '}
      {t('for the')}{' '}
      <OpenWord word={o.host || t('host')} label={t('Host')}>
        <KeptText label={t('Host')} value={o.host} onKeep={(host) => set({ host })} />
      </OpenWord>
      {t(', beside')}{' '}
      <OpenWord
        word={t('{n, plural, one {# other dish} other {# other dishes}}', { n: o.otherDishes })}
        label={t('Other dishes')}
      >
        <KeptNumber
          label={t('Other dishes served')}
          value={o.otherDishes}
          min={0}
          max={50}
          onKeep={(otherDishes) => set({ otherDishes })}
        />
      </OpenWord>
      .
    </>
  );
}

function When({ occasion: o, set }: Part) {
  return (
    <>
      <OpenWord word={speakTime(o.start, { year: false })} label={t('When')}>
        <Field label={t('Opens at')}>
          <Input
            type="datetime-local"
            value={o.start}
            onChange={(event) => parseLocalTime(event.target.value) && set({ start: event.target.value })}
          />
        </Field>
      </OpenWord>{' '}
      {t('to')}{' '}
      <OpenWord word={clockOf(addMinutes(o.start, o.durationMin))} label={t('How long')}>
        <KeptNumber
          label={t('Minutes it stands')}
          value={o.durationMin}
          min={15}
          max={1440}
          onKeep={(durationMin) => set({ durationMin })}
        />
      </OpenWord>
      ,
    </>
  );
}

function Where({ occasion: o, set }: Part) {
  const units = useSettings((settings) => settings.units);
  return (
    <>
      <OpenWord word={word(o.where)} label={t('Where')}>
        <Choice
          label={t('Where')}
          value={o.where}
          options={['indoors', 'outdoors']}
          onPick={(where) => set({ where })}
        />
        <KeptText label={t('Place')} value={o.place} onKeep={(place) => set({ place })} />
      </OpenWord>{' '}
      {t('at')}{' '}
      <OpenWord word={formatTemperature(o.airTempC, units)} label={t('Air')}>
        <AirField airTempC={o.airTempC} onKeep={(airTempC) => set({ airTempC })} />
      </OpenWord>
      ,{' '}
      <OpenWord
        word={t('{minutes} min', { minutes: o.carMin + o.buildMin })}
        label={t('Out of the cold before opening')}
      >
        <KeptNumber
          label={t('Minutes on the road')}
          value={o.carMin}
          min={0}
          max={600}
          onKeep={(carMin) => set({ carMin })}
        />
        <KeptNumber
          label={t('Minutes to build')}
          value={o.buildMin}
          min={0}
          max={600}
          onKeep={(buildMin) => set({ buildMin })}
        />
      </OpenWord>{' '}
      {t('out of the cold before.')}
    </>
  );
}

function AirField({ airTempC, onKeep }: { airTempC: number; onKeep: (c: number) => void }) {
  const fahrenheit = useSettings((settings) => settings.units) === 'imperial';
  return fahrenheit ? (
    <KeptNumber
      label={t('Air, °F')}
      value={Math.round(toFahrenheit(airTempC))}
      min={-22}
      max={122}
      onKeep={(f) => onKeep(Math.round(toCelsius(f) * 10) / 10)}
    />
  ) : (
    <KeptNumber label={t('Air, °C')} value={airTempC} min={-30} max={50} onKeep={onKeep} />
  );
}

function Money({ plan }: { plan: Plan }) {
  const edit = useSession((session) => session.edit);
  const { budgetMinor, currency } = plan;
  return (
    <OpenWord
      word={
        budgetMinor === null
          ? t('No budget.')
          : t('At most {amount} {currency}.', { amount: (budgetMinor / 100).toFixed(0), currency })
      }
      label={t('Budget')}
    >
      <KeptNumber
        label={t('At most, {currency} (0 for none)', { currency })}
        value={(budgetMinor ?? 0) / 100}
        min={0}
        max={1000000}
        onKeep={(n) => edit({ name: 'set-budget', budgetMinor: n === 0 ? null : Math.round(n * 100) })}
      />
      <Choice
        label={t('Currency')}
        value={currency}
        options={CURRENCIES}
        onPick={(c) => edit({ name: 'set-currency', currency: c })}
      />
      <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft m-0">
        {t('Prices in the larder are typical ones; a change of currency does not convert them.')}
      </p>
    </OpenWord>
  );
}

/** Theme, and bowls and tools: they have a sheet of their own. */
function Besides({ plan }: { plan: Plan }) {
  const [open, setOpen] = useState<'theme' | 'tools' | null>(null);
  const { theme } = plan.occasion;
  const bowls = plan.bowls.reduce((sum, bowl) => sum + bowl.count, 0);
  return (
    <>
      {t('Theme:')}{' '}
      <button
        className="font-extrabold"
        onClick={() => setOpen('theme')}
        aria-label={t('Theme: {name}. Change', { name: theme.name || t('none') })}
      >
        {theme.name || t('none')}
      </button>
      {t('. At hand:')}{' '}
      <button
        className="font-extrabold"
        onClick={() => setOpen('tools')}
        aria-label={t('{bowls} bowls, {knives} knives at hand. Change', { bowls, knives: plan.tools.knives })}
      >
        {t('{bowls} bowls, {knives} knives', { bowls, knives: plan.tools.knives })}
      </button>
      .{open === 'theme' && <ThemeDialog plan={plan} onClose={() => setOpen(null)} />}
      {open === 'tools' && <AtHandDialog plan={plan} onClose={() => setOpen(null)} />}
    </>
  );
}
