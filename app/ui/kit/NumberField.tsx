import { Minus, Plus } from 'lucide-react';
import { useId, useState, type ChangeEvent } from 'react';
import { decimalOf } from '../../../core/measure/index.js';
import { Button } from './Button.js';
import { Input } from './Input.js';
import { outOfRange, Wrong } from './Wrong.js';
import { t } from '../../words/index.js';

interface Props {
  label: string;
  value: number;
  onChange: (value: number) => void;
  min: number;
  max: number;
  step?: number;
  unit?: string;
}

/** What is half typed stays with the hand, and nothing of it is handed on. */
function useTyped({ value, onChange, min, max, step = 1 }: Props) {
  const [typed, setTyped] = useState<string>();
  const isWhole = Number.isInteger(step);
  const isTaken = (text: string): boolean => {
    const n = decimalOf(text);
    return n >= min && n <= max && (!isWhole || Number.isInteger(n));
  };
  const isWrong = typed !== undefined && typed !== '' && !isTaken(typed);
  return {
    wrong: isWrong && <Wrong>{outOfRange(min, max, isWhole)}</Wrong>,
    input: {
      type: 'number',
      min,
      max,
      step,
      value: typed ?? value,
      'aria-invalid': isWrong || undefined,
      onChange: ({ target }: ChangeEvent<HTMLInputElement>) => {
        setTyped(target.value);
        if (isTaken(target.value)) onChange(decimalOf(target.value));
      },
      onBlur: () => setTyped(undefined),
    },
  };
}

/** A number with a step less and a step more: a thumb on a tablet needs no keyboard. */
export function NumberField(props: Props) {
  const { label, value, onChange, min, max, step = 1, unit } = props;
  const id = useId();
  const { input, wrong } = useTyped(props);
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
          onClick={() => onChange(Math.max(min, value - step))}
        >
          <Minus size={16} />
        </Button>
        <Input id={id} className="w-20 text-center" {...input} />
        <Button
          look="chip"
          aria-label={t('More {label}', { label })}
          disabled={value >= max}
          onClick={() => onChange(Math.min(max, value + step))}
        >
          <Plus size={16} />
        </Button>
      </span>
      {wrong}
    </div>
  );
}
