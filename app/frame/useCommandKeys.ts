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

const isChord = (e: KeyboardEvent): boolean => e.ctrlKey || e.metaKey || e.altKey;

/** The keys of all commands that have some. Undo and redo are a field's own while one writes in it. */
export function useCommandKeys(commands: readonly AppCommand[]): void {
  const letterKeys = useSettings((s) => s.letterKeys);
  const byKey = new Map(commands.flatMap((c) => (c.keys ?? []).map((k) => [k, c] as const)));
  const run = (_e: KeyboardEvent, { hotkey }: { hotkey: string }) => byKey.get(hotkey)?.run();
  const keys = [...byKey.keys()];
  // keys with a name of their own, and chords: by where they lie
  useHotkeys(
    keys.filter((k) => k.length > 1),
    run,
    {
      enableOnFormTags: true,
      preventDefault: true,
      ignoreEventWhen: (e) =>
        isChord(e) ? e.code !== 'KeyK' && isEditing(e.target) : !letterKeys || takesKeys(e.target),
    },
  );
  // signs: by what they write, on every keyboard; + is one of them and joins nothing
  useHotkeys(
    keys.filter((k) => k.length === 1),
    run,
    {
      useKey: true,
      splitKey: ' ',
      ignoreModifiers: true,
      preventDefault: true,
      ignoreEventWhen: (e) => isChord(e) || !letterKeys || takesKeys(e.target),
    },
  );
}
