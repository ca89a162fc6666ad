import { Check, ChevronDown } from 'lucide-react';
import { Select as Radix } from 'radix-ui';
import { Fragment } from 'react';

export interface Option<T extends string> {
  value: T;
  words: string;
  off?: boolean;
  /** The heading that it stands under. */
  under?: string;
}

/** Radix keeps the empty value for "nothing chosen"; a choice that means none has a value of its own here. */
const NONE = '∅';
const inward = (value: string): string => (value === '' ? NONE : value);
const outward = <T extends string>(value: string): T => (value === NONE ? '' : value) as T;

/** One of a few words, on a slip of paper that opens over its place. */
export function Select<T extends string>({
  label,
  value,
  options,
  onPick,
  className = 'w-full',
}: {
  label: string;
  value: T;
  options: readonly Option<T>[];
  onPick: (value: T) => void;
  className?: string;
}) {
  return (
    <Radix.Root value={inward(value)} onValueChange={(value) => onPick(outward<T>(value))}>
      <Radix.Trigger
        aria-label={label}
        className={`on-paper inline-flex min-h-9 items-center justify-between gap-2 rounded-paper border-[1.5px] border-line bg-white px-2 py-1 text-left text-base/[1.15] font-medium ${className}`}
      >
        <span className="line-clamp-2 min-w-0 wrap-anywhere">
          <Radix.Value />
        </span>
        <Radix.Icon asChild>
          <ChevronDown size={16} className="flex-none" />
        </Radix.Icon>
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          position="popper"
          sideOffset={4}
          collisionPadding={10}
          className="on-paper z-70 max-h-(--radix-select-content-available-height) min-w-(--radix-select-trigger-width) overflow-hidden bg-card shadow-paper"
        >
          <Radix.Viewport className="p-1">
            {options.map((option, i) => (
              <Fragment key={option.value}>
                {option.under && option.under !== options[i - 1]?.under && (
                  <div className="px-2 pt-2 pb-0.5 text-xs font-bold text-soft" aria-hidden>
                    {option.under}
                  </div>
                )}
                <Choice option={option} />
              </Fragment>
            ))}
          </Radix.Viewport>
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}

function Choice<T extends string>({ option }: { option: Option<T> }) {
  return (
    <Radix.Item
      value={inward(option.value)}
      disabled={option.off ?? false}
      className="flex min-h-8 cursor-pointer items-center gap-2 px-2 py-1 text-base/[1.15] outline-none data-disabled:opacity-50 data-highlighted:bg-beet data-highlighted:text-white"
    >
      <span className="w-4 flex-none">
        <Radix.ItemIndicator>
          <Check size={15} />
        </Radix.ItemIndicator>
      </span>
      <Radix.ItemText>{option.words}</Radix.ItemText>
    </Radix.Item>
  );
}
