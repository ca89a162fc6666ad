import { Toaster } from 'sonner';
import { t } from '../../words/index.js';

/** Short notes at the foot of the table; what must not be missed never stands in one alone. */
export function Toasts() {
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
