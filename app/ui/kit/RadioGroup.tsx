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
      onValueChange={(v) => onPick(v as T)}
      className="flex flex-wrap gap-x-4 gap-y-1"
    >
      {options.map((o) => (
        <span key={o.value} className="inline-flex items-center gap-2">
          <Radix.Item
            id={`${id}-${o.value}`}
            value={o.value}
            disabled={o.off ?? false}
            className="grid size-4.5 place-items-center rounded-full border-[1.5px] border-line bg-white data-[state=checked]:border-beet"
          >
            <Radix.Indicator className="size-2.5 rounded-full bg-beet" />
          </Radix.Item>
          <label htmlFor={`${id}-${o.value}`} className="cursor-pointer">
            {o.words}
          </label>
        </span>
      ))}
    </Radix.Root>
  );
}
