import { useState } from 'react';
import { ALL_FACT_KEYS, factWords, possibleValues, type FactKey } from '../../../core/catalogue/index.js';
import { idOf } from '../../../core/measure/index.js';
import { ownNeedSchema, type NeedChoice, type OwnNeed } from '../../../core/party/index.js';
import { TextInput, Tick, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Button } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';
import { packsMeant } from '../../../core/needs/index.js';
import { lower, refusalOf, speakArg } from '../../../core/words/index.js';
import { spoken, useSpeech } from '../../store/useSpeech.js';

const PRESENT = ALL_FACT_KEYS.filter((fact) => possibleValues(fact).includes('contains'));
const SECTIONS: readonly (readonly [string, string])[] = [
  ['animal.', t('Of an animal')],
  ['ingredient.', t('Of plants')],
  ['allergen.', t('Allergens')],
  ['nut.', t('Nuts')],
];

/** A rule put together from facts and foods: "no onion", "no red meat", "nothing with seeds". */
export function OwnNeedDialog({
  taken,
  onKeep,
  onClose,
}: {
  taken: readonly string[];
  onKeep: (choice: NeedChoice) => void;
  onClose: () => void;
}) {
  const [name, setName] = useState('');
  const [facts, setFacts] = useState<readonly FactKey[]>([]);
  const [foods, setFoods] = useState('');
  const [problem, setProblem] = useState<string>();
  const listed = foods
    .split(',')
    .map((f) => f.trim())
    .filter(Boolean);
  const keep = (): void => {
    const id = `own-${idOf(name, 30, 'rule')}`;
    if (taken.includes(id)) return setProblem(t('There is a rule called “{name}” already.', { name }));
    const own: OwnNeed = {
      id,
      name: name.trim(),
      facts: facts.map((fact) => ({ fact, values: ['contains'], verdict: 'forbidden', why: '' })),
      foods: listed,
    };
    const parsed = ownNeedSchema.safeParse(own);
    if (!parsed.success) return setProblem(spoken(refusalOf(parsed.error.issues[0]!)));
    onKeep({ id, settings: {}, own: parsed.data });
    return onClose();
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      title={t('A rule of your own')}
      hint={t('Tick what is left out, or name foods. Where a label leaves it open, it asks.')}
    >
      <TextInput label={t('Name of the rule')} value={name} max={60} onChange={setName} />
      <Facts facts={facts} onChange={setFacts} />
      <TextInput
        label={t('Foods that are left out, with commas')}
        value={foods}
        max={400}
        onChange={setFoods}
      />
      <MeantNeeds foods={listed} />
      {problem && <Wrong>{problem}</Wrong>}
      <Button disabled={name.trim() === '' || (facts.length === 0 && listed.length === 0)} onClick={keep}>
        {t('Keep the rule')}
      </Button>
    </PaperDialog>
  );
}

/** A need that the foods stand for is better taken as a need: it knows traces and what lies beside it. */
function MeantNeeds({ foods }: { foods: readonly string[] }) {
  const speech = useSpeech();
  const needs = packsMeant(foods);
  if (needs.length === 0) return null;
  return (
    <p className="m-0 text-sm" role="status">
      {t(
        'This is left out as for {needs}. Traces and what lies beside it are minded only where that need is chosen.',
        { needs: speakArg({ all: needs.map(({ name }) => ({ word: lower(name) })) }, speech) },
      )}
    </p>
  );
}

/** What can be in a food, by kind, to be ticked. */
function Facts({
  facts,
  onChange,
}: {
  facts: readonly FactKey[];
  onChange: (facts: readonly FactKey[]) => void;
}) {
  return (
    <div className="grid max-h-75 grid-cols-2 gap-x-3.5 gap-y-1 overflow-auto">
      {SECTIONS.map(([prefix, title]) => (
        <fieldset key={prefix} className="m-0 border-0 p-0">
          <legend className="pr-2 font-display text-base/[1.2] font-extrabold">{title}</legend>
          {PRESENT.filter((fact) => fact.startsWith(prefix)).map((fact) => (
            <Tick
              key={fact}
              inline
              label={factWords(fact)}
              on={facts.includes(fact)}
              onChange={(on) =>
                onChange(on ? [...facts, fact] : facts.filter((otherFact) => otherFact !== fact))
              }
            />
          ))}
        </fieldset>
      ))}
    </div>
  );
}
