import { ToggleGroup as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** Pieces of paper side by side, one of them picked. */
export function ToggleGroup<T extends string>({
  label,
  value,
  options,
  onPick,
  className = 'grid grid-cols-2 gap-1.5',
}: {
  label: string;
  value: T | undefined;
  options: readonly { value: T; words: ReactNode }[];
  onPick: (value: T) => void;
  className?: string;
}) {
  return (
    <Radix.Root
      type="single"
      aria-label={label}
      value={value ?? ''}
      onValueChange={(value) => value && onPick(value as T)}
      className={className}
    >
      {options.map((option) => (
        <Radix.Item
          key={option.value}
          value={option.value}
          className="on-paper bg-paper px-2 pt-1 pb-1.5 text-left text-xs/[1.1] font-bold shadow-tag data-[state=on]:bg-ink data-[state=on]:text-white evening:data-[state=on]:bg-yolk evening:data-[state=on]:text-ink"
        >
          {option.words}
        </Radix.Item>
      ))}
    </Radix.Root>
  );
}
