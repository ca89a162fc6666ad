import { Popover as Radix } from 'radix-ui';
import { useState, type KeyboardEvent, type ReactNode } from 'react';
import { t } from '../../words/index.js';

/** Words in a sentence that open in place. */
export function OpenWord({
  word,
  label,
  children,
  wide = false,
}: {
  word: string;
  label: string;
  children: ReactNode;
  /** As wide as what it holds. */
  wide?: boolean;
}) {
  const [open, setOpen] = useState(false);
  // a number or a name is kept with Enter, and that is all there is to do here
  const enter = (event: KeyboardEvent): void => {
    if (event.key !== 'Enter' || !(event.target instanceof HTMLInputElement)) return;
    // what is not taken says why
    const { rangeOverflow, rangeUnderflow, badInput, valueMissing } = event.target.validity;
    if (!rangeOverflow && !rangeUnderflow && !badInput && !valueMissing) setOpen(false);
  };
  return (
    <Radix.Root open={open} onOpenChange={setOpen}>
      <Radix.Trigger
        aria-label={t('{label}: {word}. Change', { label, word })}
        className="border-b-2 border-dotted border-(--word) text-left leading-[1.1] font-extrabold text-(--word)"
      >
        {word}
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          className={`on-paper z-50 bg-card px-3.5 py-3 shadow-paper ${wide ? 'w-max max-w-[96vw]' : 'w-62.5'}`}
          sideOffset={6}
          collisionPadding={10}
          aria-label={label}
          onKeyDown={enter}
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
