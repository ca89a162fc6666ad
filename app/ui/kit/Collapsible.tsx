import { ChevronRight } from 'lucide-react';
import { Collapsible as Radix } from 'radix-ui';
import { useState, type ReactNode } from 'react';

/** A heading that opens what is under it. */
export function Collapsible({
  title,
  open: first = false,
  children,
  className = '',
  head = 'mt-2.5 font-display text-lg/[1.2] font-extrabold',
}: {
  title: ReactNode;
  open?: boolean;
  children: ReactNode;
  className?: string;
  head?: string;
}) {
  const [open, setOpen] = useState(first);
  return (
    <Radix.Root open={open} onOpenChange={setOpen} className={className}>
      <Radix.Trigger className={`group flex w-full items-center gap-1.5 text-left ${head}`}>
        <ChevronRight
          size={17}
          className="flex-none transition-transform group-data-[state=open]:rotate-90"
        />
        {title}
      </Radix.Trigger>
      <Radix.Content>{children}</Radix.Content>
    </Radix.Root>
  );
}
