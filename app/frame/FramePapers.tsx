import { lazy, Suspense } from 'react';
import type { Plan } from '../../core/plan/index.js';
import type { AppCommand } from '../commands/command.js';
import { CommandBox } from './CommandBox.js';
import { ShortcutSheet } from './ShortcutSheet.js';
import type { FramePaper } from '../store/frame.js';

const SwapDialog = lazy(() =>
  import('../rail/SwapDialog.js').then((module) => ({ default: module.SwapDialog })),
);
const ConvertDialog = lazy(() =>
  import('../stations/choose/ConvertDialog.js').then((module) => ({ default: module.ConvertDialog })),
);

/** The paper that a command opened, if any. */
export function FramePapers({
  plan,
  open,
  commands,
  onClose,
}: {
  plan: Plan;
  open: FramePaper | null;
  commands: readonly AppCommand[];
  onClose: () => void;
}) {
  if (open === null) return null;
  switch (open.kind) {
    case 'keys':
      return <ShortcutSheet commands={commands} onClose={onClose} />;
    case 'box':
      return <CommandBox commands={commands} onClose={onClose} />;
    case 'swap':
      return (
        <Suspense>
          <SwapDialog plan={plan} componentId={open.componentId} onClose={onClose} />
        </Suspense>
      );
    case 'turn':
      return (
        <Suspense>
          <ConvertDialog plan={plan} need={open.need} onClose={onClose} />
        </Suspense>
      );
  }
}
