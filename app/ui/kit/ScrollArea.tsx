import { ScrollArea as Radix } from 'radix-ui';
import type { ReactNode } from 'react';

/** A list that is longer than its place. `label` names it for who moves through it with the keys. */
export function ScrollArea({
  label,
  children,
  className = 'max-h-75',
}: {
  label: string;
  children: ReactNode;
  className?: string;
}) {
  return (
    <Radix.Root type="auto" className="overflow-hidden">
      <Radix.Viewport aria-label={label} role="region" tabIndex={0} className={`w-full ${className}`}>
        {children}
      </Radix.Viewport>
      <Radix.Scrollbar orientation="vertical" className="flex w-2 touch-none p-px select-none">
        <Radix.Thumb className="flex-1 rounded-full bg-rule" />
      </Radix.Scrollbar>
    </Radix.Root>
  );
}
