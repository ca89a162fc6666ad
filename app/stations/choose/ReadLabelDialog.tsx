import { useDeferredValue, useMemo, useState } from 'react';
import {
  ALL_FACT_KEYS,
  FAMILIES,
  factWords,
  ownId,
  usualForm,
  type Component,
  type Family,
} from '../../../core/catalogue/index.js';
import { capital, speakArg } from '../../../core/words/index.js';
import { componentOfLabel, readLabel, type LabelRead } from '../../../core/label/index.js';
import { judgeGroup } from '../../../core/needs/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { useSpeech } from '../../store/useSpeech.js';
import { localNow } from '../../store/clock.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Choice, TextInput } from '../../ui/Fields.js';
import { PlateGlyph } from '../../ui/Glyph.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { LabelText } from './LabelText.js';
import { Button } from '../../ui/kit/Button.js';
import { TextArea } from '../../ui/kit/Input.js';
import { language, t, word } from '../../words/index.js';

const GLYPH = { fine: 'whole', ask: 'covered', forbidden: 'cracked' } as const;
const WORD = { fine: t('may eat it'), ask: t('ask'), forbidden: t('not for them') } as const;

/** The food as its label makes it: one of the stylist's own is changed, any other is copied. */
function foodOf(
  plan: Plan,
  onto: Component | undefined,
  read: LabelRead,
  said: { name: string; family: Family; text: string; who: string },
): Component {
  const name = said.name.trim();
  const about = { ...said, name: name || t('Unnamed'), who: said.who.trim(), when: localNow() };
  if (!onto) return { ...componentOfLabel(read, about), id: freshId(plan, said.name) };
  const own = onto.id.startsWith('own-');
  return componentOfLabel(read, about, {
    ...onto,
    name: name || onto.name,
    id: own ? onto.id : freshId(plan, said.name || onto.name),
  });
}

/** Paste the words of a label: they become facts, each with the words that led to it; what is doubtful is asked. */
export function ReadLabelDialog({
  plan,
  onto,
  onClose,
}: {
  plan: Plan;
  /** The food whose label it is; without one it becomes a food of its own. */
  onto?: Component | undefined;
  onClose: () => void;
}) {
  const set = useSettings((settings) => settings.set);
  const edit = useSession((session) => session.edit);
  const [text, setText] = useState(onto?.label?.text ?? '');
  const typed = useDeferredValue(text);
  const { name, setName, family, setFamily, who, setWho, read, made } = useFoodOf(plan, onto, typed);
  const ready = typed.trim() !== '' && name.trim() !== '' && who.trim() !== '';
  const keep = (): void => {
    set({ stylist: who.trim() });
    edit({ name: 'add-component', component: made });
    onClose();
  };
  return (
    <PaperDialog
      open
      wide
      onClose={onClose}
      title={onto ? t('Read the label of {name}', { name: onto.name.toLowerCase() }) : t('Read a label')}
      hint={t(
        'Paste the list of ingredients with its warnings, in English, German, French, Italian, Spanish, Dutch, Polish or Portuguese. Nothing is guessed: what is doubtful stays a question, and you confirm the rest.',
      )}
    >
      <TextArea
        rows={4}
        value={text}
        autoFocus
        onChange={(event) => setText(event.target.value)}
        aria-label={t('The words of the label')}
        placeholder={t('Ingredients: wheat flour, sunflower oil, salt. May contain sesame.')}
      />
      {typed.trim() !== '' && <AsRead plan={plan} text={typed} read={read} made={made} />}
      <div className="flex flex-wrap items-center gap-2.5">
        <div className="flex-1 min-w-45">
          <TextInput label={t('Name of the food')} value={name} onChange={setName} />
        </div>
        {!onto && <FamilyChoice family={family} onPick={setFamily} />}
        <div className="w-37.5">
          <TextInput label={t('Your name')} value={who} max={60} onChange={setWho} />
        </div>
      </div>
      <Button disabled={!ready} onClick={keep}>
        {onto?.id.startsWith('own-') ? t('Keep what was read') : t('Put it in the larder')}
      </Button>
      <p className="break-inside-avoid px-1 pt-1 text-xs/[1.24] italic text-soft text-soft">
        {t('The reader helps, it does not decide: compare it with the pack in your hand, each time you buy.')}
      </p>
    </PaperDialog>
  );
}

const FamilyChoice = ({ family, onPick }: { family: Family; onPick: (family: Family) => void }) => (
  <Choice
    label={t('Family')}
    width={150}
    value={family}
    options={FAMILIES.map((family) => [family, word(family.replace('-', ' '))] as const)}
    onPick={onPick}
  />
);

/** What the label is about and who vouches for it: the food is made as the words are typed. */
function useFoodOf(plan: Plan, onto: Component | undefined, text: string) {
  const stylist = useSettings((settings) => settings.stylist);
  const [name, setName] = useState(onto?.name ?? '');
  const [family, setFamily] = useState<Family>(onto?.family ?? 'vehicle');
  const [who, setWho] = useState(stylist);
  const read = useMemo(() => readLabel(text), [text]);
  const made = useMemo(
    () => foodOf(plan, onto, read, { name, family, text, who }),
    [onto, plan, name, family, text, who, read],
  );
  return { name, setName, family, setFamily, who, setWho, read, made };
}

/** The words as they were understood, what is asked, and for whom it is. */
function AsRead({ plan, text, read, made }: { plan: Plan; text: string; read: LabelRead; made: Component }) {
  return (
    <div aria-live="polite">
      <LabelText text={text} read={read} />
      <p className="text-soft my-0.5 mx-0">
        {t('Read as {format}.', {
          format: LANGUAGES.format(read.languages.map(({ name }) => word(name))),
        })}
      </p>
      <Summary read={read} />
      <Verdicts plan={plan} component={made} />
    </div>
  );
}

const LANGUAGES = new Intl.ListFormat(language.locale, { type: 'conjunction' });

function freshId(plan: Plan, name: string): Component['id'] {
  const larder = planLarder(plan);
  let id = ownId(name);
  for (let n = 2; larder.has(id as Component['id']); n++) id = `${ownId(name)}-${n}`;
  return id as Component['id'];
}

const SAID: readonly (readonly [string, string])[] = [
  ['contains', t('In it')],
  ['may', t('Perhaps traces of')],
];

function Summary({ read }: { read: LabelRead }) {
  const of = (value: string) => [
    ...new Set(
      ALL_FACT_KEYS.filter(
        (fact) =>
          read.facts[fact] === value &&
          !fact.startsWith('animal.') &&
          !(fact.startsWith('nut.') && value === 'may' && read.facts['allergen.tree-nuts'] === 'may'),
      ).map((fact) => factWords(fact)),
    ),
  ];
  return (
    <>
      {SAID.map(([value, words]) => {
        const list = of(value);
        return (
          list.length > 0 && (
            <p key={value} className="my-1 mx-0">
              <b>{words}:</b> {list.join(', ')}
            </p>
          )
        );
      })}
      {read.questions.length > 0 && (
        <>
          <p className="mt-1.5 mb-0.5 mx-0 font-bold">
            {read.questions.length === 1
              ? t('One question')
              : t('{questionsCount} questions', { questionsCount: read.questions.length })}
          </p>
          <ul className="m-0 list-disc pl-4.5">
            {read.questions.map((question) => (
              <li key={`${question.start} ${question.question}`}>
                <b>{question.text}</b>: {question.question}
              </li>
            ))}
          </ul>
        </>
      )}
      {!read.complete && (
        <p className="text-soft my-1 mx-0">
          {read.questions.some((question) => question.facts.length === 0)
            ? t('A word is not known, so nothing that is not named counts as free.')
            : t('No whole list of ingredients yet: what is not named stays unknown.')}
        </p>
      )}
    </>
  );
}

/** What the party may do with it, group by group. */
function Verdicts({ plan, component }: { plan: Plan; component: Component }) {
  const speech = useSpeech();
  const form = usualForm(component).form;
  const judged = plan.party
    .map((group) => ({ g: group, j: judgeGroup(component, form, group) }))
    .filter(({ g: group }) => group.needs.length > 0 || group.band === 'child');
  if (judged.length === 0) return null;
  return (
    <ul className="my-2 list-none columns-[2_260px] p-0 [&_li]:break-inside-avoid [&_svg]:flex-none">
      {judged.map(({ g: group, j: judgement }) => (
        <li key={group.id} className="flex gap-1.5 flex-nowrap items-start">
          <PlateGlyph state={GLYPH[judgement.verdict]} size={20} />
          <span>
            <b>{group.name}</b>: {WORD[judgement.verdict]}
            {judgement.reasons.length > 0 &&
              `. ${capital(speakArg({ all: [...new Set(judgement.reasons.map((reason) => speakArg(reason.why, speech)))], most: 2 }, speech))}`}
          </span>
        </li>
      ))}
    </ul>
  );
}
