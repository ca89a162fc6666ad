import { useShallow } from 'zustand/react/shallow';
import { useState } from 'react';
import { factWords, possibleValues } from '../../core/catalogue/index.js';
import { planLarder, type Answer, type Command, type Plan } from '../../core/plan/index.js';
import { localNow } from '../store/clock.js';
import { keepInHouse } from '../store/house.js';
import { useSettings } from '../store/settings.js';
import { Choice, TextInput, Tick } from '../ui/Fields.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import { Button } from '../ui/kit/Button.js';
import { t } from '../words/index.js';

const VALUE_WORDS: Record<string, string> = {
  contains: t('it has it'),
  may: t('it may have traces'),
  free: t('it is free of it'),
  certified: t('certified'),
  uncertified: t('not certified'),
  needed: t('no certificate'),
};

/** The answers that a command would note, whether alone or in a bundle. */
export function answersIn(command: Command): Answer[] {
  if (command.name === 'answer') return [command.answer];
  return command.name === 'together'
    ? command.commands.flatMap((single) => (single.name === 'answer' ? [single.answer] : []))
    : [];
}

/** Nothing is set beforehand: a label that was not read must not say “free” by a press too many. */
const UNSAID = '';

interface Question {
  words: string;
  answers: Answer[];
  value: string;
}

/** Milk as an allergen and milk as an animal's is one question to a label. */
function questionsOf(answers: readonly Answer[]): Question[] {
  const byWords = new Map<string, Answer[]>();
  for (const answer of answers) {
    const words = factWords(answer.fact);
    byWords.set(words, [...(byWords.get(words) ?? []), answer]);
  }
  return [...byWords].map(([words, list]) => ({ words, answers: list, value: UNSAID }));
}

/** Values that every fact of the question knows. */
const choicesOf = (question: Question) =>
  possibleValues(question.answers[0]!.fact).filter((value) =>
    question.answers.every((answer) => possibleValues(answer.fact).includes(value)),
  );

/** Who read it, what was seen, and where its photograph is kept. */
interface Said {
  who: string;
  seen: string;
  photo: string;
}

/** The answers as they are noted now: what nobody has photographed has no place where the photograph is. */
function answersOf(told: readonly Question[], said: Said): Answer[] {
  const [who, seen, photo] = [said.who.trim(), said.seen.trim(), said.photo.trim()];
  const when = localNow();
  return told.flatMap(({ answers, value }) =>
    answers.map((answer) => ({ ...answer, who, seen, when, ...(photo ? { photo } : {}), value })),
  );
}

const noteOf = (name: string, noted: readonly Answer[]): Command => ({
  name: 'together',
  label: t('note the label of {name}', { name: name.toLowerCase() }),
  commands: noted.map((answer) => ({ name: 'answer', answer })),
});

function Witness({ said, onSay }: { said: Said; onSay: (said: Said) => void }) {
  return (
    <>
      <TextInput
        label={t('What you saw')}
        value={said.seen}
        max={160}
        onChange={(seen) => onSay({ ...said, seen })}
      />
      <p className="text-soft mt-0.5 mb-1.5 mx-0">
        {t('Such as “label, lot 12” or “certificate, valid to 2028”.')}
      </p>
      <TextInput
        label={t('Where the photograph is, if there is one')}
        value={said.photo}
        max={160}
        onChange={(photo) => onSay({ ...said, photo })}
      />
      <TextInput
        label={t('Your name')}
        value={said.who}
        max={60}
        onChange={(who) => onSay({ ...said, who })}
      />
    </>
  );
}

function Asked({ question, onSay }: { question: Question; onSay: (value: string) => void }) {
  return (
    <Choice
      label={question.words}
      value={question.value}
      options={[
        [UNSAID, t('not said')] as const,
        ...choicesOf(question).map(
          (value) => [value, VALUE_WORDS[value] ?? value.replace(/-/g, ' ')] as const,
        ),
      ]}
      onPick={onSay}
    />
  );
}

/**
 * What the label says, who read it and what was seen. Each question is answered by hand; what is left unsaid stays a
 * question.
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
  const { stylist, set } = useSettings(useShallow((state) => ({ stylist: state.stylist, set: state.set })));
  const [questions, setQuestions] = useState(() => questionsOf(answers));
  const [said, setSaid] = useState<Said>({ who: stylist, seen: '', photo: '' });
  const [forGood, setForGood] = useState(false);
  const name = planLarder(plan).get(answers[0]!.componentId)?.name ?? answers[0]!.componentId;
  const told = questions.filter((question) => question.value !== UNSAID);
  const ready = told.length > 0 && said.who.trim() !== '' && said.seen.trim() !== '';
  const note = (): void => {
    const noted = answersOf(told, said);
    set({ stylist: said.who.trim() });
    if (forGood) void keepInHouse('answers', ...noted);
    onNote(noteOf(name, noted));
    onClose();
  };
  return (
    <PaperDialog
      open
      onClose={onClose}
      title={t('The label of {name}', { name: name.toLowerCase() })}
      hint={t(
        'Set each to what is printed or certified. What the label does not say stays open: ask the maker.',
      )}
    >
      <div className="grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3">
        {questions.map((question, i) => (
          <Asked
            key={question.words}
            question={question}
            onSay={(value) =>
              setQuestions(questions.map((other, k) => (k === i ? { ...other, value } : other)))
            }
          />
        ))}
      </div>
      <Witness said={said} onSay={setSaid} />
      <Tick
        label={t('Hold it for new plans too, until a label says otherwise')}
        on={forGood}
        onChange={setForGood}
      />
      <Button disabled={!ready} onClick={note}>
        {t('Note it')}
      </Button>
    </PaperDialog>
  );
}
