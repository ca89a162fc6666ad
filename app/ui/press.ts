import type { KeyboardEvent } from 'react';

/** A drawn thing that is pressed like a button: by pointer, Enter and Space. */
export function pressable(label: string, press: () => void) {
  return {
    role: 'button',
    tabIndex: 0,
    'aria-label': label,
    style: { cursor: 'pointer' },
    onClick: press,
    onKeyDown: (event: KeyboardEvent): void => {
      if (event.key !== 'Enter' && event.key !== ' ') return;
      event.preventDefault();
      event.stopPropagation();
      press();
    },
  } as const;
}
