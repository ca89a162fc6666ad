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
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Choice, Field, KeptNumber, KeptText } from '../../ui/Fields.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { POLICY_WORDS, ROLE_WORDS } from '../words.js';
import { AtHandDialog } from './AtHandDialog.js';
import { ThemeDialog } from './ThemeDialog.js';
import { Input } from '../../ui/kit/Input.js';

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
      <OpenWord word={POLICY_WORDS[plan.policy]} label="Who is looked after">
        <Choice
          label="Policy"
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
      <OpenWord word={o.name} label="Occasion">
        <KeptText label="Occasion" value={o.name} onKeep={(name) => name && set({ name })} />
      </OpenWord>
      ,{' '}
      <OpenWord word={ROLE_WORDS[o.role]} label="Part it plays">
        <Choice
          label="The board is"
          value={o.role}
          options={ROLES.map((r) => [r, ROLE_WORDS[r]] as const)}
          onPick={(role) => set({ role })}
        />
      </OpenWord>{' '}
      for the{' '}
      <OpenWord word={o.host || 'host'} label="Host">
        <KeptText label="Host" value={o.host} onKeep={(host) => set({ host })} />
      </OpenWord>
      , beside{' '}
      <OpenWord word={`${o.otherDishes} other dishes`} label="Other dishes">
        <KeptNumber
          label="Other dishes served"
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
      <OpenWord word={speakTime(o.start, { year: false })} label="When">
        <Field label="Opens at">
          <Input
            type="datetime-local"
            value={o.start}
            onChange={(event) => parseLocalTime(event.target.value) && set({ start: event.target.value })}
          />
        </Field>
      </OpenWord>{' '}
      to{' '}
      <OpenWord word={clockOf(addMinutes(o.start, o.durationMin))} label="How long">
        <KeptNumber
          label="Minutes it stands"
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
      <OpenWord word={o.where} label="Where">
        <Choice
          label="Where"
          value={o.where}
          options={['indoors', 'outdoors']}
          onPick={(where) => set({ where })}
        />
        <KeptText label="Place" value={o.place} onKeep={(place) => set({ place })} />
      </OpenWord>{' '}
      at{' '}
      <OpenWord word={formatTemperature(o.airTempC, units)} label="Air">
        <AirField airTempC={o.airTempC} onKeep={(airTempC) => set({ airTempC })} />
      </OpenWord>
      ,{' '}
      <OpenWord word={`${o.carMin + o.buildMin} min`} label="Out of the cold before opening">
        <KeptNumber
          label="Minutes on the road"
          value={o.carMin}
          min={0}
          max={600}
          onKeep={(carMin) => set({ carMin })}
        />
        <KeptNumber
          label="Minutes to build"
          value={o.buildMin}
          min={0}
          max={600}
          onKeep={(buildMin) => set({ buildMin })}
        />
      </OpenWord>{' '}
      out of the cold before.
    </>
  );
}

function AirField({ airTempC, onKeep }: { airTempC: number; onKeep: (c: number) => void }) {
  const fahrenheit = useSettings((settings) => settings.units) === 'imperial';
  return fahrenheit ? (
    <KeptNumber
      label="Air, °F"
      value={Math.round(toFahrenheit(airTempC))}
      min={-22}
      max={122}
      onKeep={(f) => onKeep(Math.round(toCelsius(f) * 10) / 10)}
    />
  ) : (
    <KeptNumber label="Air, °C" value={airTempC} min={-30} max={50} onKeep={onKeep} />
  );
}

function Money({ plan }: { plan: Plan }) {
  const edit = useSession((session) => session.edit);
  const { budgetMinor, currency } = plan;
  return (
    <OpenWord
      word={budgetMinor === null ? 'No budget.' : `At most ${(budgetMinor / 100).toFixed(0)} ${currency}.`}
      label="Budget"
    >
      <KeptNumber
        label={`At most, ${currency} (0 for none)`}
        value={(budgetMinor ?? 0) / 100}
        min={0}
        max={1000000}
        onKeep={(n) => edit({ name: 'set-budget', budgetMinor: n === 0 ? null : Math.round(n * 100) })}
      />
      <Choice
        label="Currency"
        value={currency}
        options={CURRENCIES}
        onPick={(c) => edit({ name: 'set-currency', currency: c })}
      />
      <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft m-0">
        Prices in the larder are typical ones; a change of currency does not convert them.
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
      Theme:{' '}
      <button
        className="font-extrabold"
        onClick={() => setOpen('theme')}
        aria-label={`Theme: ${theme.name || 'none'}. Change`}
      >
        {theme.name || 'none'}
      </button>
      . At hand:{' '}
      <button
        className="font-extrabold"
        onClick={() => setOpen('tools')}
        aria-label={`${bowls} bowls, ${plan.tools.knives} knives at hand. Change`}
      >
        {bowls} bowls, {plan.tools.knives} knives
      </button>
      .{open === 'theme' && <ThemeDialog plan={plan} onClose={() => setOpen(null)} />}
      {open === 'tools' && <AtHandDialog plan={plan} onClose={() => setOpen(null)} />}
    </>
  );
}
