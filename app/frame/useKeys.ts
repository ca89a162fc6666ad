import { useEffect, useRef } from 'react';
import { useSettings } from '../store/settings.js';

interface Keys {
  undo(): void;
  redo(): void;
  commandBox(): void;
  letters: Record<string, () => void>;
  numbers(n: number): void;
}

/** Single keys act only when nothing that takes keys has the focus, and not at all when they are switched off. */
function takesKeys(target: EventTarget | null): boolean {
  return (
    target instanceof HTMLElement &&
    target !== document.body &&
    target.closest(
      'input, textarea, select, button, a, [role="dialog"], [role="application"], [contenteditable]',
    ) !== null
  );
}

const isEditing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null;

export function useKeys(keys: Keys): void {
  const now = useRef(keys);
  now.current = keys;
  const letterKeys = useSettings((s) => s.letterKeys);
  useEffect(() => {
    const onKey = (e: KeyboardEvent): void => {
      const command = e.ctrlKey || e.metaKey;
      const key = e.key.toLowerCase();
      if (command && key === 'k') {
        e.preventDefault();
        now.current.commandBox();
      } else if (command && (key === 'z' || key === 'y') && !isEditing(e.target)) {
        e.preventDefault();
        if (key === 'y' || e.shiftKey) now.current.redo();
        else now.current.undo();
      } else if (!command && !e.altKey && letterKeys && !takesKeys(e.target)) {
        const letter = now.current.letters[e.key] ?? now.current.letters[key];
        if (letter) {
          e.preventDefault();
          letter();
        } else if (/^[1-9]$/.test(e.key)) now.current.numbers(Number(e.key));
      }
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [letterKeys]);
}
