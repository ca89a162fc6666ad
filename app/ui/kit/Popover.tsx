import { Popover as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** Words in a sentence that open in place. */
export function OpenWord({ word, label, children }: { word: string; label: string; children: ReactNode }) {
  return (
    <Radix.Root>
      <Radix.Trigger
        aria-label={`${label}: ${word}. Change`}
        className="border-b-2 border-dotted border-(--word) text-left leading-[1.1] font-extrabold text-(--word)"
      >
        {word}
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          className="on-paper z-50 w-62.5 bg-card px-3.5 py-3 shadow-paper"
          sideOffset={6}
          collisionPadding={10}
          aria-label={label}
        >
          {children}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
