import { useEffect, useRef, useState, type ReactNode } from 'react';
import { isFoodWord, NEED_WORDS } from '../../../core/needs/index.js';
import {
  otherReadings,
  readParty,
  totalOf,
  type Group,
  type OtherReading,
  type PartyRead,
} from '../../../core/party/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { useSession } from '../../store/session.js';
import { Wrong } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { TextArea } from '../../ui/kit/Input.js';
import { t } from '../../words/index.js';
import { spoken } from '../../store/useSpeech.js';
import { SetAside, useMoney, useOccasion } from './LinesOffer.js';

const SEATED = t('seat the party');

/** What was set by hand stays with a group that the line still names alike. */
function keepingHands(read: readonly Group[], before: readonly Group[]): Group[] {
  return read.map((group) => {
    const old = before.find((otherGroup) => otherGroup.id === group.id && otherGroup.band === group.band);
    if (!old || old.needs.map((choice) => choice.id).join() !== group.needs.map((choice) => choice.id).join())
      return group;
    return {
      ...old,
      count: group.count,
      ages: group.ages,
      dislikes: group.dislikes.length > 0 ? group.dislikes : old.dislikes,
    };
  });
}

/** A line that may be meant in two ways, as a question. */
const OTHERWISE: Readonly<Record<OtherReading['among'], (other: OtherReading) => string>> = {
  everybody: ({ guests }) => t('Those {n} are everybody, the others are among them', { n: guests }),
  them: ({ guests }) => t('Or {n} guests: the last named are some of those before', { n: guests }),
  'the children': ({ guests }) => t('Or {n} guests: the last named are some of the children', { n: guests }),
  'the adults': ({ guests }) =>
    t('Or {n} guests: the last named are some of the grown guests', { n: guests }),
};

/** Type the party in lines: what was understood is shown phrase by phrase, and only then is anybody seated. */
export function PartyLines({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const [text, setText] = useState('');
  const paper = useRef<HTMLDivElement>(null);
  // what comes of the lines is seen before anybody is seated by them
  useEffect(() => {
    paper.current?.scrollIntoView({ block: 'nearest' });
  }, [text]);
  const edit = useSession((state) => state.edit);
  const read = readParty(text, NEED_WORDS, isFoodWord);
  const others = otherReadings(text, read, { words: NEED_WORDS, isFood: isFoodWord });
  const occasion = useOccasion(text, plan);
  const money = useMoney(text, plan, totalOf(read));
  const ready = read.groups.length > 0 && read.problems.length === 0;
  const seat = (): void => {
    edit({
      name: 'together',
      label: SEATED,
      commands: [
        ...occasion.commands,
        ...money.commands,
        { name: 'set-party', party: keepingHands(read.groups, plan.party) },
      ],
    });
    onClose();
  };
  return (
    <div
      className="on-paper edge-sheet bg-card px-3.5 py-3"
      role="group"
      aria-label={t('The party, typed')}
      ref={paper}
    >
      <label className="grid gap-0.5 font-bold">
        {t('The party, in lines')}
        <TextArea
          rows={4}
          value={text}
          autoFocus
          onChange={(event) => setText(event.target.value)}
          placeholder={t('28 guests: 6 vegan, 2 without gluten, 5 children (two are 3)')}
        />
      </label>
      {text.trim() === '' ? (
        <Hint />
      ) : (
        <Answer read={read} others={others} onText={setText}>
          <SetAside text={text} />
          {occasion.offer}
          {money.offer}
        </Answer>
      )}
      <Choice onSeat={ready ? seat : undefined} onLeave={onClose} />
    </div>
  );
}

/** Stays in sight however much was understood. */
const Choice = ({ onSeat, onLeave }: { onSeat: (() => void) | undefined; onLeave: () => void }) => (
  <div className="sticky -bottom-3 -mx-3.5 -mb-3 flex flex-wrap items-center gap-2.5 bg-card px-3.5 pt-2 pb-3">
    <Button size="small" disabled={!onSeat} onClick={onSeat}>
      {t('Seat them')}
    </Button>
    <Button look="quiet" size="small" onClick={onLeave}>
      {t('Leave it')}
    </Button>
  </div>
);

/** How the lines were understood, as they are typed. */
function Answer({
  read,
  others,
  onText,
  children,
}: {
  read: PartyRead;
  others: readonly OtherReading[];
  onText: (text: string) => void;
  children: ReactNode;
}) {
  return (
    <div aria-live="polite">
      <p className="mt-1.5 mb-0.5 mx-0 font-bold">
        {t('Understood: {totalOf, plural, one {# guest} other {# guests}}', { totalOf: totalOf(read) })}
      </p>
      {others.map((other) => (
        <Button key={other.among} look="quiet" size="small" onClick={() => onText(other.text)}>
          {OTHERWISE[other.among](other)}
        </Button>
      ))}
      <Understood read={read} />
      {children}
      {read.problems.map((problem) => (
        <Wrong key={spoken(problem.said)}>{spoken(problem.said)}</Wrong>
      ))}
    </div>
  );
}

const Hint = () => (
  <p className="text-soft mt-1.5 mb-0">
    {t(
      'A number in front lets the rest eat everything. “1 vegan, pregnant, hates olives” is one guest. A letter, a form, or a list with a guest on each line can be pasted as it is.',
    )}
  </p>
);

/** Group by group, each phrase with what it was taken for. */
function Understood({ read }: { read: PartyRead }) {
  return (
    <ul className="m-0 list-disc pl-4.5" aria-label={t('What was understood')}>
      {read.phrases.map((phrase) => (
        <li key={phrase.group}>
          <b>{phrase.guests} ×</b>{' '}
          {phrase.age !== undefined && phrase.phrases.length > 0 && `${phrase.age.toLowerCase()}; `}
          {phrase.phrases.length === 0
            ? phrase.name.toLowerCase()
            : phrase.phrases.map((otherPhrase, i) => (
                <span
                  key={`${otherPhrase.text} ${otherPhrase.kind}`}
                  className={
                    otherPhrase.kind === 'unread'
                      ? 'border-b-2 border-dotted border-beet bg-mark-may text-ink'
                      : undefined
                  }
                >
                  {i > 0 && '; '}“{otherPhrase.text}”: {spoken(otherPhrase.says)}
                </span>
              ))}
        </li>
      ))}
    </ul>
  );
}
