import { Command } from 'cmdk';
import { ChevronsUpDown } from 'lucide-react';
import { Popover as Radix } from 'radix-ui';
import { useState } from 'react';
import { inputLook } from './Input.js';
import type { Option } from './Select.js';
import { t } from '../../words/index.js';

/** One of many: a few letters narrow the list. */
export function Combobox<T extends string>({
  label,
  value,
  options,
  onPick,
  placeholder = t('Type a few letters'),
  find,
}: {
  label: string;
  value: T | undefined;
  options: readonly Option<T>[];
  onPick: (value: T) => void;
  placeholder?: string;
  /** The options for what was typed, best first, where their own words do not say which is meant. */
  find?: (typed: string) => readonly Option<T>[];
}) {
  const [open, setOpen] = useState(false);
  const words = options.find((option) => option.value === value)?.words;
  return (
    <Radix.Root open={open} onOpenChange={setOpen}>
      <Radix.Trigger
        role="combobox"
        aria-expanded={open}
        aria-label={label}
        className={`${inputLook} inline-flex items-center justify-between gap-2 text-left`}
      >
        <span className="truncate">{words ?? placeholder}</span>
        <ChevronsUpDown size={16} className="flex-none" />
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          align="start"
          sideOffset={4}
          collisionPadding={10}
          className="on-paper z-70 w-(--radix-popover-trigger-width) min-w-60 bg-card p-2 shadow-paper"
        >
          <Narrowed
            label={label}
            placeholder={placeholder}
            options={options}
            {...(find ? { find } : {})}
            onPick={(value) => {
              onPick(value);
              setOpen(false);
            }}
          />
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

type NarrowedProps<T extends string> = Pick<
  Parameters<typeof Combobox<T>>[0],
  'label' | 'options' | 'onPick' | 'find'
> & { placeholder: string };

/** The list, narrower with every letter; it begins anew each time it opens. */
function Narrowed<T extends string>({ label, placeholder, options, find, onPick }: NarrowedProps<T>) {
  const [typed, setTyped] = useState('');
  const shown = find && typed.trim() !== '' ? find(typed) : options;
  return (
    <Command label={label} shouldFilter={!find}>
      <Command.Input className={inputLook} placeholder={placeholder} value={typed} onValueChange={setTyped} />
      <Command.List label={label} className="mt-1.5 max-h-60 overflow-auto">
        <Command.Empty className="px-2 py-1.5">{t('Nothing of that name.')}</Command.Empty>
        {shown.map((option) => (
          <Command.Item
            key={option.value}
            value={option.words}
            disabled={option.off ?? false}
            onSelect={() => onPick(option.value)}
            className="cursor-pointer px-2 py-1.5 text-base/[1.15] data-[selected=true]:bg-beet data-[selected=true]:text-white"
          >
            {option.words}
          </Command.Item>
        ))}
      </Command.List>
    </Command>
  );
}
