import { useHotkeys } from 'react-hotkeys-hook';
import type { AppCommand } from '../commands/command.js';
import { useSettings } from '../store/settings.js';

/** Single keys act only when nothing that takes keys has the focus, and not at all when they are switched off. */
const takesKeys = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement &&
  target !== document.body &&
  target.closest(
    'input, textarea, select, button, a, [role="dialog"], [role="application"], [contenteditable]',
  ) !== null;

const isEditing = (target: EventTarget | null): boolean =>
  target instanceof HTMLElement && target.closest('input, textarea, select, [contenteditable]') !== null;

const isChord = (event: KeyboardEvent): boolean => event.ctrlKey || event.metaKey || event.altKey;

/** The keys of all commands that have some. Undo and redo are a field's own while one writes in it. */
export function useCommandKeys(commands: readonly AppCommand[]): void {
  const letterKeys = useSettings((settings) => settings.letterKeys);
  const byKey = new Map(
    commands.flatMap((command) => (command.keys ?? []).map((key) => [key, command] as const)),
  );
  const run = (_e: KeyboardEvent, { hotkey }: { hotkey: string }) => byKey.get(hotkey)?.run();
  const keys = [...byKey.keys()];
  // keys with a name of their own, and chords: by where they lie
  useHotkeys(
    keys.filter((key) => key.length > 1),
    run,
    {
      enableOnFormTags: true,
      preventDefault: true,
      ignoreEventWhen: (event) =>
        isChord(event)
          ? event.code !== 'KeyK' && isEditing(event.target)
          : !letterKeys || takesKeys(event.target),
    },
  );
  // signs: by what they write, on every keyboard; + is one of them and joins nothing
  useHotkeys(
    keys.filter((key) => key.length === 1),
    run,
    {
      useKey: true,
      splitKey: ' ',
      ignoreModifiers: true,
      preventDefault: true,
      ignoreEventWhen: (event) => isChord(event) || !letterKeys || takesKeys(event.target),
    },
  );
}
