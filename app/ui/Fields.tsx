import { useState, type InputHTMLAttributes, type ReactNode } from 'react';
import { decimalOf, MM_PER_INCH } from '../../core/measure/index.js';
import { useSettings } from '../store/settings.js';
import { Checkbox } from './kit/Checkbox.js';
import { Input } from './kit/Input.js';
import { Select } from './kit/Select.js';
import { word } from '../words/index.js';
import { outOfRange, Wrong } from './kit/Wrong.js';

/** A label above what it names; `width` in pixels where several stand in a row. */
export function Field({ label, width, children }: { label: string; width?: number; children: ReactNode }) {
  return (
    <label className="my-2 grid gap-0.5 font-bold" style={width ? { width } : undefined}>
      {label}
      {children}
    </label>
  );
}

/** A choice from a few words. `options` are pairs of value and word, or words that are their own value. */
export function Choice<T extends string>({
  label,
  value,
  options,
  onPick,
  width,
}: {
  label: string;
  value: T;
  options: readonly (T | readonly [T, string])[];
  onPick: (value: T) => void;
  width?: number;
}) {
  return (
    <div className="my-2 grid gap-0.5" style={width ? { width } : undefined}>
      <span className="font-bold" aria-hidden>
        {label}
      </span>
      <Select
        label={label}
        value={value}
        options={options.map((option) =>
          typeof option === 'string'
            ? { value: option, words: word(option) }
            : { value: option[0], words: option[1] },
        )}
        onPick={onPick}
      />
    </div>
  );
}
/** Text that belongs to a form: every key changes the draft. */
export function TextInput({
  label,
  value,
  onChange,
  max = 80,
}: {
  label: string;
  value: string;
  onChange: (value: string) => void;
  max?: number;
}) {
  return (
    <Field label={label}>
      <Input value={value} maxLength={max} onChange={(event) => onChange(event.target.value)} />
    </Field>
  );
}

export function NumberInput({
  label,
  value,
  onChange,
  min,
  max,
  step,
  width = 130,
}: {
  label: string;
  value: number;
  onChange: (value: number) => void;
  min: number;
  max: number;
  step?: number;
  width?: number;
}) {
  // half typed it is no number: "15." on the way to 15.5, or nothing before the next one
  const [typed, setTyped] = useState<string>();
  const type = (text: string): void => {
    setTyped(text);
    const n = decimalOf(text);
    if (Number.isFinite(n)) onChange(n);
  };
  return (
    <Field label={label} width={width}>
      <Input
        type="number"
        min={min}
        max={max}
        step={step}
        value={typed ?? value}
        onChange={(event) => type(event.target.value)}
        onBlur={() => setTyped(undefined)}
      />
    </Field>
  );
}

/** A length in the stylist's units; the plan's are millimetres. */
export function LengthInput({
  label,
  mm,
  onChange,
  min = 20,
  max = 5000,
}: {
  label: string;
  mm: number;
  onChange: (mm: number) => void;
  min?: number;
  max?: number;
}) {
  const inches = useSettings((settings) => settings.units) === 'imperial';
  const k = inches ? MM_PER_INCH : 1;
  return (
    <NumberInput
      label={`${label}, ${inches ? 'in' : 'mm'}`}
      width={112}
      value={inches ? Math.round((mm / k) * 10) / 10 : mm}
      min={Math.floor(min / k)}
      max={Math.ceil(max / k)}
      {...(inches ? { step: 0.1 } : {})}
      onChange={(n) => onChange(Math.round(n * k))}
    />
  );
}

/** Keeps on Enter and when the field is left; nothing half typed reaches the plan. */
export function KeptText({
  label,
  value,
  onKeep,
}: {
  label: string;
  value: string;
  onKeep: (value: string) => void;
}) {
  return (
    <Field label={label}>
      <Input
        defaultValue={value}
        maxLength={80}
        onBlur={(event) => event.target.value !== value && onKeep(event.target.value.trim())}
        onKeyDown={(event) => event.key === 'Enter' && event.currentTarget.blur()}
      />
    </Field>
  );
}

interface Keeping {
  value: number;
  min: number;
  max: number;
  onKeep: (v: number) => void;
}

/** A number that is kept on Enter and when it is left; what is not taken says why, and the old one stays. */
export function useKeptNumber({ value, min, max, onKeep }: Keeping): {
  input: InputHTMLAttributes<HTMLInputElement>;
  wrong: ReactNode;
} {
  const [wrong, setWrong] = useState(false);
  const keep = (text: string): void => {
    const n = decimalOf(text);
    const isWithin = Number.isFinite(n) && n >= min && n <= max;
    setWrong(!isWithin);
    if (isWithin && n !== value) onKeep(n);
  };
  return {
    input: {
      type: 'number',
      min,
      max,
      defaultValue: value,
      'aria-invalid': wrong || undefined,
      onChange: () => setWrong(false),
      onBlur: (event) => keep(event.target.value),
      onKeyDown: (event) => event.key === 'Enter' && keep(event.currentTarget.value),
    },
    wrong: wrong && <Wrong>{outOfRange(min, max)}</Wrong>,
  };
}

export function KeptNumber({ label, ...keeping }: Keeping & { label: string }) {
  const { input, wrong } = useKeptNumber(keeping);
  return (
    <>
      <Field label={label}>
        <Input {...input} />
      </Field>
      {wrong}
    </>
  );
}

export function Tick({
  label,
  on,
  onChange,
  inline,
}: {
  label: ReactNode;
  on: boolean;
  onChange: (on: boolean) => void;
  inline?: boolean;
}) {
  return <Checkbox label={label} on={on} onChange={onChange} className={inline ? 'mr-3' : 'flex'} />;
}

export function Ticks({ legend, children }: { legend: string; children: ReactNode }) {
  return (
    <fieldset className="border-0 p-0 my-2 mx-0">
      <legend className="font-bold">{legend}</legend>
      {children}
    </fieldset>
  );
}

export { Wrong } from './kit/Wrong.js';
