import { useEffect } from 'react';
import { toast, Toaster } from 'sonner';
import { t } from '../../words/index.js';
import { showsNotes } from '../toast.js';

/** Short notes at the foot of the table; what must not be missed never stands in one alone. */
export function Toasts() {
  // after the effect by which the toaster begins to listen
  useEffect(() => showsNotes(toast), []);
  return (
    <Toaster
      position="bottom-center"
      containerAriaLabel={t('Notes')}
      hotkey={[]}
      toastOptions={{
        classNames: {
          toast: 'on-paper! bg-card! font-text! text-base! border-rule! rounded-paper!',
          actionButton: 'bg-beet! text-white!',
        },
      }}
    />
  );
}
