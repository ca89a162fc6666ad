import { useState } from 'react';
import { FAMILIES, ownComponent, ownId, type Family } from '../../../core/catalogue/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { PaperDialog } from '../../ui/Paper.js';

/** A food of the stylist's own: name and family are enough; all else is unknown, so every need asks. */
export function OwnComponentDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [name, setName] = useState('');
  const [family, setFamily] = useState<Family>('cheese');
  const edit = useSession((s) => s.edit);
  const add = (): void => {
    const larder = planLarder(plan);
    let id = ownId(name);
    for (let n = 2; larder.has(id as never); n++) id = `${ownId(name)}-${n}`;
    edit({ name: 'add-component', component: ownComponent(name.trim(), family, id) });
    onClose();
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      title="Something of your own"
      hint="Until its facts are noted everything about it is unknown: it counts for nobody with a need, and asks."
    >
      <label className="field">
        Name
        <input value={name} maxLength={80} onChange={(e) => setName(e.target.value)} />
      </label>
      <label className="field">
        Family
        <select value={family} onChange={(e) => setFamily(e.target.value as Family)}>
          {FAMILIES.map((f) => (
            <option key={f} value={f}>
              {f.replace('-', ' ')}
            </option>
          ))}
        </select>
      </label>
      <button className="button" disabled={name.trim() === ''} onClick={add}>
        Put it in the larder
      </button>
    </PaperDialog>
  );
}
