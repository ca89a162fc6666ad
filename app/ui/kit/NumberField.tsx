import { Minus, Plus } from 'lucide-react';
import { useId } from 'react';
import { Button } from './Button.js';
import { Input } from './Input.js';
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
  const within = (n: number): number => Math.min(max, Math.max(min, n));
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
          value={value}
          onChange={(event) => onChange(Number(event.target.value))}
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
    </div>
  );
}
