import { Trash2 } from 'lucide-react';
import { useState } from 'react';
import { EQUIPMENT } from '../../../core/catalogue/index.js';
import { handRecords } from '../../../core/make/index.js';
import { applyCommand, type Command, type HandRecord, type Plan } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { useDay } from '../../store/day.js';
import { useSession } from '../../store/session.js';
import { useSpeech } from '../../store/useSpeech.js';
import { NumberInput, TextInput } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { Input } from '../../ui/kit/Input.js';
import { t } from '../../words/index.js';

const MOST_HANDS = 20;

/** Whose hands, their hours and what they may do; how many of each thing the kitchen has. */
export function HandsDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const edit = useSession((session) => session.edit);
  const layOut = useDay((state) => state.layOut);
  const [hands, setHands] = useState<readonly HandRecord[]>(handRecords(plan));
  const [kitchen, setKitchen] = useState(plan.day.kitchen);
  const label = t('change who helps');
  const command: Command = {
    name: 'together',
    label,
    commands: [
      { name: 'set-hands', hands: [...hands] },
      { name: 'set-kitchen', kitchen },
    ],
  };
  const refused = !applyCommand(plan, command).ok;
  const change = (id: string, by: Partial<HandRecord>): void =>
    setHands(hands.map((hand) => (hand.id === id ? { ...hand, ...by } : hand)));
  const keep = (): void => {
    edit(command);
    const now = useSession.getState().plan;
    if (now) void layOut(now, label);
    onClose();
  };
  return (
    <PaperDialog open onClose={onClose} title={t('Who helps, and with what')} wide bare>
      {hands.map((hand) => (
        <HandRow
          key={hand.id}
          hand={hand}
          alone={hands.length === 1}
          onChange={(by) => change(hand.id, by)}
          onRemove={() => setHands(hands.filter(({ id }) => id !== hand.id))}
        />
      ))}
      <Button
        look="quiet"
        size="small"
        disabled={hands.length >= MOST_HANDS}
        onClick={() => setHands([...hands, another(hands)])}
      >
        {t('One more pair of hands')}
      </Button>
      <PaperHeading>{t('In the kitchen')}</PaperHeading>
      <KitchenFields kitchen={kitchen} onChange={setKitchen} />
      {refused && (
        <p role="alert" className="font-bold">
          {t('Each has a name, and times such as 09:30.')}
        </p>
      )}
      <div className="mt-3 flex gap-2">
        <Button disabled={refused} onClick={keep}>
          {t('Keep, and lay the day out')}
        </Button>
        <Button look="quiet" onClick={onClose}>
          {t('Leave it')}
        </Button>
      </div>
    </PaperDialog>
  );
}

function another(hands: readonly HandRecord[]): HandRecord {
  let n = hands.length;
  while (hands.some(({ id }) => id === `helper-${n}`)) n += 1;
  const last = hands.at(-1)!;
  return { ...last, id: `helper-${n}`, name: t('Helper {n}', { n }) };
}

function HandRow({
  hand,
  alone,
  onChange,
  onRemove,
}: {
  hand: HandRecord;
  alone: boolean;
  onChange: (by: Partial<HandRecord>) => void;
  onRemove: () => void;
}) {
  const time = (label: string, key: 'from' | 'till') => (
    <label className="my-2 grid w-28 gap-0.5 font-bold">
      {label}
      <Input type="time" value={hand[key]} onChange={(event) => onChange({ [key]: event.target.value })} />
    </label>
  );
  return (
    <fieldset className="m-0 flex flex-wrap items-end gap-3 border-0 border-b border-rule/40 p-0">
      <legend className="sr-only">{hand.name}</legend>
      <div className="w-40">
        <TextInput label={t('Name')} value={hand.name} max={40} onChange={(name) => onChange({ name })} />
      </div>
      {time(t('From'), 'from')}
      {time(t('Till'), 'till')}
      <NumberInput
        label={t('Days before')}
        value={hand.daysBefore}
        min={0}
        max={7}
        width={92}
        onChange={(daysBefore) => onChange({ daysBefore })}
      />
      <Checkbox
        className="mb-3.5"
        label={t('knives and heat')}
        on={hand.sharp}
        onChange={(sharp) => onChange({ sharp })}
      />
      <Checkbox
        className="mb-3.5"
        label={t('roses and shapes')}
        on={hand.fine}
        onChange={(fine) => onChange({ fine })}
      />
      <Button
        look="icon"
        className="mb-2"
        disabled={alone}
        aria-label={t('Without {name}', { name: hand.name })}
        onClick={onRemove}
      >
        <Trash2 size={16} />
      </Button>
    </fieldset>
  );
}

function KitchenFields({
  kitchen,
  onChange,
}: {
  kitchen: Plan['day']['kitchen'];
  onChange: (kitchen: Plan['day']['kitchen']) => void;
}) {
  const speech = useSpeech();
  return (
    <div className="flex flex-wrap gap-3">
      {EQUIPMENT.map((kind) => (
        <NumberInput
          key={kind}
          label={speak({ say: `equipment.${kind}` }, speech)}
          value={kitchen[kind]}
          min={0}
          max={9}
          width={150}
          onChange={(n) => onChange({ ...kitchen, [kind]: n })}
        />
      ))}
    </div>
  );
}
