import { useShallow } from 'zustand/react/shallow';
import type { AppCommand } from '../commands/command.js';
import { useSettings } from '../store/settings.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import { Checkbox } from '../ui/kit/Checkbox.js';
import { t } from '../words/index.js';

/** Keys of a picked food in Lay: they belong to what is picked, not to a command. */
const PICKED: readonly (readonly [string, string])[] = [
  ['Arrows', t('on a picked food in Lay: move it; with Shift turn it')],
  ['P', t('on a picked food in Lay: pin it or let it go')],
];

const keyName = (key: string): string =>
  key
    .split('+')
    .map((key) => (key === 'mod' ? 'Ctrl' : key.charAt(0).toUpperCase() + key.slice(1)))
    .join(' ');

export function ShortcutSheet({
  commands,
  onClose,
}: {
  commands: readonly AppCommand[];
  onClose: () => void;
}) {
  const listed = commands.flatMap((command) =>
    command.keys && command.keyWords
      ? [[command.keys.map(keyName).join(', '), command.keyWords] as const]
      : [],
  );
  const { letterKeys, set } = useSettings(
    useShallow((state) => ({ letterKeys: state.letterKeys, set: state.set })),
  );
  return (
    <PaperDialog open onClose={onClose} title={t('Keys')}>
      <table className="w-full">
        <tbody>
          {[...listed, ...PICKED].map(([key, what]) => (
            <tr key={key}>
              <td className="py-0.75 pr-3.5 pl-0 whitespace-nowrap">
                <kbd className="rounded-sm border border-rule px-1.5 py-0.5 font-text text-xs/none font-bold text-soft">
                  {key}
                </kbd>
              </td>
              <td>{what}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <Checkbox
        className="mt-3"
        label={t('Single keys act when no field has the focus')}
        on={letterKeys}
        onChange={(letterKeys) => set({ letterKeys })}
      />
    </PaperDialog>
  );
}
