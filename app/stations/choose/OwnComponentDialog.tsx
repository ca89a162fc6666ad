import { useState } from 'react';
import { FAMILIES, neverFood, ownComponent, ownId, type Family } from '../../../core/catalogue/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Button } from '../../ui/kit/Button.js';
import { Input } from '../../ui/kit/Input.js';
import { Choice, Wrong } from '../../ui/Fields.js';
import { t } from '../../words/index.js';

/** A food of the stylist's own: name and family are enough; all else is unknown, so every need asks. */
export function OwnComponentDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [name, setName] = useState('');
  const [family, setFamily] = useState<Family>('cheese');
  const plant = neverFood({ name, family });
  const edit = useSession((session) => session.edit);
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
      title={t('Something of your own')}
      hint={t(
        'Until its facts are noted everything about it is unknown: it counts for nobody with a need, and asks.',
      )}
    >
      <label className="my-2 grid gap-0.5 font-bold">
        {t('Name')}
        <Input value={name} maxLength={80} onChange={(event) => setName(event.target.value)} />
      </label>
      <Choice<Family>
        label={t('Family')}
        value={family}
        onPick={setFamily}
        options={FAMILIES.map((family) => [family, family.replace('-', ' ')] as const)}
      />
      {plant && (
        <Wrong>
          {t('{plant} must not touch food: {why}. Is it another thing? Give it its own name.', {
            plant: plant.name,
            why: plant.why,
          })}
        </Wrong>
      )}
      <Button disabled={name.trim() === '' || plant !== undefined} onClick={add}>
        {t('Put it in the larder')}
      </Button>
    </PaperDialog>
  );
}
