import { useShallow } from 'zustand/react/shallow';
import { useState } from 'react';
import type { ComponentId } from '../../core/catalogue/index.js';
import type { Group } from '../../core/party/index.js';
import { planLarder, type Plan } from '../../core/plan/index.js';
import { localNow } from '../store/clock.js';
import { useSession } from '../store/session.js';
import { useSettings } from '../store/settings.js';
import { Field, TextInput } from '../ui/Fields.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import { Button } from '../ui/kit/Button.js';
import { TextArea } from '../ui/kit/Input.js';
import { t } from '../words/index.js';

/** Only a person overrules, with a name and a reason; both show on the print. */
export function OverruleDialog({
  plan,
  componentId,
  groups,
  onClose,
}: {
  plan: Plan;
  componentId: ComponentId;
  groups: readonly Group[];
  onClose: () => void;
}) {
  const { stylist, set } = useSettings(useShallow((state) => ({ stylist: state.stylist, set: state.set })));
  const [who, setWho] = useState(stylist);
  const [why, setWhy] = useState('');
  const edit = useSession((session) => session.edit);
  const name = planLarder(plan).get(componentId)?.name ?? componentId;
  const ready = who.trim() !== '' && why.trim() !== '';
  const overrule = (): void => {
    set({ stylist: who.trim() });
    edit({
      name: 'together',
      label: t('overrule {name}', { name: name.toLowerCase() }),
      commands: groups.map((group) => ({
        name: 'overrule',
        overruling: { componentId, groupId: group.id, who: who.trim(), why: why.trim(), when: localNow() },
      })),
    });
    onClose();
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      title={t('Overrule: {name}', { name })}
      hint={t(
        'For {groups}. An allergy or a choking shape can be dangerous: ask the guest or the parent first. Your name and reason show on the printed sheet.',
        { groups: groups.map((group) => group.name).join(', ') },
      )}
    >
      <TextInput label={t('Your name')} value={who} max={60} onChange={setWho} />
      <Field label={t('Why it is fine')}>
        <TextArea value={why} maxLength={300} rows={3} onChange={(event) => setWhy(event.target.value)} />
      </Field>
      <Button disabled={!ready} onClick={overrule}>
        {t('Overrule')}
      </Button>
    </PaperDialog>
  );
}
