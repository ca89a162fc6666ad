import { useState } from 'react';
import { ownId, type Component } from '../../../core/catalogue/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { FactsDialog } from './FactsDialog.js';
import { ReadLabelDialog } from './ReadLabelLazily.js';

/** Read its label, copy it, and, where it is the stylist's own, change or delete it. */
export function OwnDeeds({
  plan,
  component: c,
  onClose,
}: {
  plan: Plan;
  component: Component;
  onClose: () => void;
}) {
  const [open, setOpen] = useState<'label' | 'facts' | null>(null);
  const edit = useSession((s) => s.edit);
  const own = plan.ownComponents.some((o) => o.id === c.id);
  const copy = (): void => {
    const name = `${c.name.slice(0, 72)}, own`;
    const larder = planLarder(plan);
    let id = ownId(name);
    for (let n = 2; larder.has(id as Component['id']); n++) id = `${ownId(name)}-${n}`;
    edit({ name: 'add-component', component: { ...c, id: id as Component['id'], name } });
    onClose();
  };
  return (
    <>
      <div className="row" style={{ marginTop: 8 }}>
        <button className="button quiet small" onClick={() => setOpen('label')}>
          Read its label
        </button>
        <button className="button quiet small" onClick={copy}>
          Copy as your own
        </button>
        {own && (
          <>
            <button className="button quiet small" onClick={() => setOpen('facts')}>
              Change its facts
            </button>
            <button
              className="button quiet small"
              onClick={() => (edit({ name: 'remove-component', componentId: c.id }), onClose())}
            >
              Delete it
            </button>
          </>
        )}
      </div>
      {c.label && (
        <p className="soft" style={{ margin: '6px 0 0' }}>
          Label read by {c.label.who}, {c.label.when.slice(0, 10)}.
        </p>
      )}
      {open === 'label' && (
        <ReadLabelDialog plan={plan} onto={c} onClose={() => (setOpen(null), onClose())} />
      )}
      {open === 'facts' && <FactsDialog component={c} onClose={() => (setOpen(null), onClose())} />}
    </>
  );
}
