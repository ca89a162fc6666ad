import { cva } from 'class-variance-authority';
import { Dialog as Radix } from 'radix-ui';
import type { ReactNode } from 'react';
import { buttonLook } from './Button.js';
import { t } from '../../words/index.js';

const paper = cva('on-paper fixed z-50 max-h-[88vh] overflow-auto bg-card px-6 py-5.5 shadow-paper', {
  variants: {
    width: {
      usual: 'w-[min(560px,94vw)]',
      wide: 'w-[min(760px,94vw)]',
      narrow: 'w-[min(372px,94vw)]',
      full: 'w-[min(1120px,96vw)]',
    },
    aside: {
      true: 'top-1/2 right-3.5 -translate-y-1/2',
      false: 'top-1/2 left-1/2 -translate-x-1/2 -translate-y-1/2',
    },
  },
  defaultVariants: { width: 'usual', aside: false },
});

/** A sheet of paper over the table. */
export function PaperDialog({
  open,
  onClose,
  title,
  wide = false,
  full = false,
  aside = false,
  children,
  hint,
  bare = false,
}: {
  open: boolean;
  onClose: () => void;
  title: string;
  wide?: boolean;
  /** As wide as the table: what is drawn beside each other. */
  full?: boolean;
  /** Beside the plate instead of over it, so that the plate can show what the paper offers. */
  aside?: boolean;
  children: ReactNode;
  hint?: string;
  /** Its content closes it; no button is needed for that. */
  bare?: boolean;
}) {
  return (
    <Radix.Root open={open} onOpenChange={(o) => !o && onClose()}>
      <Radix.Portal>
        <Radix.Overlay className={`fixed inset-0 z-40 ${aside ? 'bg-transparent' : 'bg-veil'}`} />
        <Radix.Content
          className={paper({ width: aside ? 'narrow' : full ? 'full' : wide ? 'wide' : 'usual', aside })}
          {...(hint ? {} : { 'aria-describedby': undefined })}
        >
          <Radix.Title className="m-0 mb-2 font-display text-xl/[1.1] font-black">{title}</Radix.Title>
          {hint && <Radix.Description className="mb-2.5">{hint}</Radix.Description>}
          {children}
          {!bare && (
            <div className="mt-4 flex justify-end">
              <Radix.Close className={buttonLook({ look: 'quiet', size: 'small' })}>{t('Close')}</Radix.Close>
            </div>
          )}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
