import { useSettings } from '../store/settings.js';
import { PaperDialog } from '../ui/Paper.js';

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
      <table style={{ width: '100%' }}>
        <tbody>
          {KEYS.map(([key, what]) => (
            <tr key={key}>
              <td style={{ padding: '3px 14px 3px 0', whiteSpace: 'nowrap' }}>
                <kbd>{key}</kbd>
              </td>
              <td>{what}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <label className="row" style={{ marginTop: 12 }}>
        <input
          type="checkbox"
          checked={settings.letterKeys}
          onChange={(e) => settings.set({ letterKeys: e.target.checked })}
        />
        Single keys act when no field has the focus
      </label>
    </PaperDialog>
  );
}
