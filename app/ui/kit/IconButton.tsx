import type { LucideIcon } from 'lucide-react';
import { Button } from './Button.js';
import { Tooltip } from './Tooltip.js';

/** A drawing to press; its words are said, and shown under the pointer. */
export function IconButton({
  icon: Icon,
  words,
  press,
  off = false,
}: {
  icon: LucideIcon;
  words: string;
  press: () => void;
  off?: boolean;
}) {
  return (
    <Tooltip words={words}>
      <Button look="icon" onClick={press} disabled={off} aria-label={words}>
        <Icon size={20} />
      </Button>
    </Tooltip>
  );
}
