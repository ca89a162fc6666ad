import { RadioGroup as Radix } from 'radix-ui';
import { useId } from 'react';
import type { Option } from './Select.js';

/** One of a few, all of them in sight. */
export function RadioGroup<T extends string>({
  label,
  value,
  options,
  onPick,
}: {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onPick: (value: T) => void;
}) {
  const id = useId();
  return (
    <Radix.Root
      aria-label={label}
      value={value}
      onValueChange={(value) => onPick(value as T)}
      className="flex flex-wrap gap-x-4 gap-y-1"
    >
      {options.map((option) => (
        <span key={option.value} className="inline-flex items-center gap-2">
          <Radix.Item
            id={`${id}-${option.value}`}
            value={option.value}
            disabled={option.off ?? false}
            className="grid size-4.5 place-items-center rounded-full border-[1.5px] border-line bg-white data-[state=checked]:border-beet"
          >
            <Radix.Indicator className="size-2.5 rounded-full bg-beet" />
          </Radix.Item>
          <label htmlFor={`${id}-${option.value}`} className="cursor-pointer">
            {option.words}
          </label>
        </span>
      ))}
    </Radix.Root>
  );
}
