import { useState } from 'react';
import { factWords, possibleValues } from '../../core/catalogue/index.js';
import { planLarder, type Answer, type Command, type Plan } from '../../core/plan/index.js';
import { localNow } from '../store/clock.js';
import { useSettings } from '../store/settings.js';
import { Choice, TextInput } from '../ui/Fields.js';
import { PaperDialog } from '../ui/Paper.js';

const VALUE_WORDS: Record<string, string> = {
  contains: 'it has it',
  may: 'it may have traces',
  free: 'it is free of it',
  certified: 'certified',
  uncertified: 'not certified',
  needed: 'no certificate',
};

/** The answers that a command would note, whether alone or in a bundle. */
export function answersIn(command: Command): Answer[] {
  if (command.name === 'answer') return [command.answer];
  return command.name === 'together'
    ? command.commands.flatMap((c) => (c.name === 'answer' ? [c.answer] : []))
    : [];
}

/**
 * What the label says, who read it and what was seen. The reassuring values are proposed, and each can be set to what
 * is truly printed there.
 */
export function LabelDialog({
  plan,
  answers,
  onNote,
  onClose,
}: {
  plan: Plan;
  answers: readonly Answer[];
  onNote: (command: Command) => void;
  onClose: () => void;
}) {
  const settings = useSettings();
  const [values, setValues] = useState(answers.map((a) => a.value));
  const [who, setWho] = useState(settings.stylist);
  const [seen, setSeen] = useState('');
  const name = planLarder(plan).get(answers[0]!.componentId)?.name ?? answers[0]!.componentId;
  const ready = who.trim() !== '' && seen.trim() !== '';
  const note = (): void => {
    settings.set({ stylist: who.trim() });
    onNote({
      name: 'together',
      label: `note the label of ${name.toLowerCase()}`,
      commands: answers.map((a, i) => ({
        name: 'answer',
        answer: { ...a, value: values[i]!, who: who.trim(), seen: seen.trim(), when: localNow() },
      })),
    });
    onClose();
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      title={`The label of ${name.toLowerCase()}`}
      hint="Set each to what is printed or certified. If the label does not say, close this and ask the maker."
    >
      {answers.map((a, i) => (
        <Choice
          key={a.fact}
          label={factWords(a.fact)}
          value={values[i]!}
          options={possibleValues(a.fact).map((v) => [v, VALUE_WORDS[v] ?? v.replace(/-/g, ' ')] as const)}
          onPick={(v) => setValues(values.map((x, k) => (k === i ? v : x)))}
        />
      ))}
      <TextInput label="What you saw" value={seen} max={160} onChange={setSeen} />
      <p className="soft" style={{ margin: '2px 0 6px' }}>
        Such as “label, lot 12” or “certificate, valid to 2028”.
      </p>
      <TextInput label="Your name" value={who} max={60} onChange={setWho} />
      <button className="button" disabled={!ready} onClick={note}>
        Note it
      </button>
    </PaperDialog>
  );
}
