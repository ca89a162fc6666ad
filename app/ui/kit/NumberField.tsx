import { Minus, Plus } from 'lucide-react';
import { useId, useState } from 'react';
import { decimalOf } from '../../../core/measure/index.js';
import { Button } from './Button.js';
import { Input } from './Input.js';
import { outOfRange, Wrong } from './Wrong.js';
import { t } from '../../words/index.js';

/** A number with a step less and a step more: a thumb on a tablet needs no keyboard. */
export function NumberField({
  label,
  value,
  onChange,
  min,
  max,
  step = 1,
  unit,
}: {
  label: string;
  value: number;
  onChange: (value: number) => void;
  min: number;
  max: number;
  step?: number;
  unit?: string;
}) {
  const id = useId();
  // what is half typed stays with the hand, and nothing of it is handed on
  const [typed, setTyped] = useState<string>();
  const within = (n: number): number => Math.min(max, Math.max(min, n));
  const isTaken = (text: string): boolean => {
    const n = decimalOf(text);
    return n >= min && n <= max && (step % 1 !== 0 || Number.isInteger(n));
  };
  const type = (text: string): void => {
    setTyped(text);
    if (isTaken(text)) onChange(decimalOf(text));
  };
  const isWrong = typed !== undefined && typed !== '' && !isTaken(typed);
  return (
    <div className="grid gap-0.5">
      <label htmlFor={id} className="font-bold">
        {label}
        {unit && `, ${unit}`}
      </label>
      <span className="flex items-center gap-1">
        <Button
          look="chip"
          aria-label={t('Less {label}', { label })}
          disabled={value <= min}
          onClick={() => onChange(within(value - step))}
        >
          <Minus size={16} />
        </Button>
        <Input
          id={id}
          type="number"
          className="w-20 text-center"
          min={min}
          max={max}
          step={step}
          value={typed ?? value}
          aria-invalid={isWrong || undefined}
          onChange={(event) => type(event.target.value)}
          onBlur={() => setTyped(undefined)}
        />
        <Button
          look="chip"
          aria-label={t('More {label}', { label })}
          disabled={value >= max}
          onClick={() => onChange(within(value + step))}
        >
          <Plus size={16} />
        </Button>
      </span>
      {isWrong && <Wrong>{outOfRange(min, max)}</Wrong>}
    </div>
  );
}
