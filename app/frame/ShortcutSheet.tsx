import { useSettings } from '../store/settings.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import { Checkbox } from '../ui/kit/Checkbox.js';

const KEYS: readonly (readonly [string, string])[] = [
  ['1 to 4', 'Brief, Choose, Check, Lay'],
  ['G', 'see the table as the next guest does'],
  ['Space', 'step back: everything but the board goes away'],
  ['B', 'squint: blurred, in greys'],
  ['Ctrl K', 'say what to do'],
  ['Ctrl Z, Ctrl Shift Z', 'undo, redo'],
  ['Arrows', 'on a picked food in Lay: move it; with Shift turn it'],
  ['P', 'on a picked food in Lay: pin it or let it go'],
  ['Escape', 'back from stepping back or squinting'],
  ['?', 'this sheet'],
];

export function ShortcutSheet({ open, onClose }: { open: boolean; onClose: () => void }) {
  const settings = useSettings();
  return (
    <PaperDialog open={open} onClose={onClose} title="Keys">
      <table className="w-full">
        <tbody>
          {KEYS.map(([key, what]) => (
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
        label="Single keys act when no field has the focus"
        on={settings.letterKeys}
        onChange={(letterKeys) => settings.set({ letterKeys })}
      />
    </PaperDialog>
  );
}
