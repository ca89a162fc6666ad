import { Tooltip as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** A few more words under the pointer or the focus. What must be read never stands in one alone. */
export function Tooltip({ words, children }: { words: string; children: ReactNode }) {
  return (
    <Radix.Provider delayDuration={350}>
      <Radix.Root>
        <Radix.Trigger asChild>{children}</Radix.Trigger>
        <Radix.Portal>
          <Radix.Content
            sideOffset={5}
            collisionPadding={8}
            className="on-paper z-70 max-w-70 bg-card px-2.5 py-1 text-sm/[1.2] font-medium shadow-paper"
          >
            {words}
          </Radix.Content>
        </Radix.Portal>
      </Radix.Root>
    </Radix.Provider>
  );
}
