import { ChevronDown } from 'lucide-react';
import { DropdownMenu as Radix } from 'radix-ui';
import { buttonLook } from './Button.js';

export interface MenuItem {
  words: string;
  press: () => void;
}

/** Things to do that are not choices: each is done when it is pressed. */
export function Menu({
  words,
  items,
  size = 'usual',
  opened = false,
}: {
  words: string;
  items: readonly MenuItem[];
  size?: 'usual' | 'small';
  /** It was pressed before it was there. */
  opened?: boolean;
}) {
  return (
    <Radix.Root defaultOpen={opened}>
      <Radix.Trigger className={buttonLook({ look: 'quiet', size })}>
        {words}
        <ChevronDown size={16} />
      </Radix.Trigger>
      <Radix.Portal>
        <Radix.Content
          sideOffset={4}
          collisionPadding={10}
          align="start"
          className="on-paper z-70 max-w-90 bg-card p-1 shadow-paper"
        >
          {items.map((item) => (
            <Radix.Item
              key={item.words}
              onSelect={item.press}
              className="min-h-8 cursor-pointer px-2.5 py-1.5 text-base/[1.15] outline-none data-highlighted:bg-beet data-highlighted:text-white"
            >
              {item.words}
            </Radix.Item>
          ))}
        </Radix.Content>
      </Radix.Portal>
    </Radix.Root>
  );
}
