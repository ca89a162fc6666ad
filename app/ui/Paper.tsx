import { Dialog, Popover } from 'radix-ui';
import type { ReactNode } from 'react';

/** A sheet of paper over the table. */
export function PaperDialog({
  open,
  onClose,
  title,
  wide,
  aside,
  children,
  hint,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  wide?: boolean;
  /** Beside the plate instead of over it, so that the plate can show what the paper offers. */
  aside?: boolean;
  children: ReactNode;
  hint?: string;
}) {
  return (
    <Dialog.Root open={open} onOpenChange={(o) => !o && onClose()}>
      <Dialog.Portal>
        <Dialog.Overlay className={aside ? 'veil clear' : 'veil'} />
        <Dialog.Content
          className={`paper dialog ${wide ? 'wide' : ''} ${aside ? 'aside' : ''}`}
          {...(hint ? {} : { 'aria-describedby': undefined })}
        >
          <Dialog.Title asChild>
            <h2>{title}</h2>
          </Dialog.Title>
          {hint && <Dialog.Description>{hint}</Dialog.Description>}
          {children}
          <div className="row" style={{ marginTop: 16, justifyContent: 'flex-end' }}>
            <Dialog.Close className="button quiet small">Close</Dialog.Close>
          </div>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** Words in a sentence that open in place. */
export function OpenWord({ word, label, children }: { word: string; label: string; children: ReactNode }) {
  return (
    <Popover.Root>
      <Popover.Trigger aria-label={`${label}: ${word}. Change`}>{word}</Popover.Trigger>
      <Popover.Portal>
        <Popover.Content className="paper popover" sideOffset={6} collisionPadding={10} aria-label={label}>
          {children}
        </Popover.Content>
      </Popover.Portal>
    </Popover.Root>
  );
}
