import { useLiveQuery } from 'dexie-react-hooks';
import { useState } from 'react';
import { Link } from 'react-router';
import {
  partyCsv,
  PARTY_COLUMNS,
  readPartyCsv,
  readReplies,
  replySlipText,
  type RowProblem,
} from '../../../core/exchange/index.js';
import { guestsIn, type Group } from '../../../core/party/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { db } from '../../store/db.js';
import { readRow } from '../../store/plans.js';
import { useSession } from '../../store/session.js';
import { Choice, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { CSV_FILE, FileButton } from '../../ui/kit/FileButton.js';
import { RowProblems } from '../../ui/RowProblems.js';
import { saveFile } from '../../ui/save.js';
import { Rim } from '../../ui/rims.js';
import { Button, buttonLook } from '../../ui/kit/Button.js';
import { TextArea } from '../../ui/kit/Input.js';
import { PaperHeading } from '../../ui/kit/Heading.js';
import { t } from '../../words/index.js';
import { spoken } from '../../store/useSpeech.js';

/** Groups whose ids are taken get new ones, so that nobody is seated twice under one name. */
function joined(party: readonly Group[], more: readonly Group[]): Group[] {
  const taken = new Set<string>(party.map((group) => group.id));
  return [
    ...party,
    ...more.map((group) => {
      let id: string = group.id;
      for (let n = 2; taken.has(id); n++) id = `${group.id.slice(0, 34)}-x${n}`;
      taken.add(id);
      return { ...group, id: id as Group['id'] };
    }),
  ];
}

/** The other ways to a party: a table, an earlier plan, the guests' own answers. */
export function PartyWaysDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const edit = useSession((session) => session.edit);
  const [found, setFound] = useState<readonly Group[]>([]);
  const [problems, setProblems] = useState<readonly RowProblem[]>([]);
  const seat = (party: readonly Group[]): void => {
    edit({ name: 'set-party', party: [...party] });
    onClose();
  };
  return (
    <PaperDialog
      open
      wide
      onClose={onClose}
      title={t('More ways to seat a party')}
      hint={t('What was understood is shown first; nobody is seated before you say so.')}
    >
      <FromPlan plan={plan} onFound={(groups) => (setProblems([]), setFound(groups))} />
      <FromTable plan={plan} onRead={(groups, problems) => (setFound(groups), setProblems(problems))} />
      <FromReplies plan={plan} onFound={(groups) => (setProblems([]), setFound(groups))} />
      <RowProblems problems={problems} />
      {found.length > 0 && (
        <div aria-live="polite">
          <p className="mt-2.5 mb-1 mx-0 font-bold">
            {t('Understood: {guestsIn} {guestsIn, plural, one {guest} other {guests}}', {
              guestsIn: guestsIn(found),
            })}
          </p>
          <ul className="m-0 list-none p-0">
            {found.map((group) => (
              <li key={group.id} className="flex flex-wrap items-center gap-2">
                <Rim group={group} /> {group.count} × {group.name}
                {group.dislikes.length > 0 && (
                  <span>{t(', no {dislikes}', { dislikes: group.dislikes.join(', ') })}</span>
                )}
              </li>
            ))}
          </ul>
          <div className="flex flex-wrap items-center gap-2.5 mt-2">
            <Button onClick={() => seat(found)}>
              {plan.party.length > 0 ? t('Seat them instead') : t('Seat them')}
            </Button>
            {plan.party.length > 0 && (
              <Button look="quiet" onClick={() => seat(joined(plan.party, found))}>
                {t('Seat them too')}
              </Button>
            )}
          </div>
        </div>
      )}
    </PaperDialog>
  );
}

function FromPlan({ plan, onFound }: { plan: Plan; onFound: (party: readonly Group[]) => void }) {
  const cards = useLiveQuery(() =>
    db.cards.filter((row) => row.deletedAt === null && row.id !== plan.id).toArray(),
  );
  const others = (cards ?? []).filter((row) => row.guests > 0);
  const [picked, setPicked] = useState('');
  return (
    <section>
      <PaperHeading>{t('From an earlier plan')}</PaperHeading>
      {others.length === 0 ? (
        <p className="text-soft">{t('No other plan with a party is on this table.')}</p>
      ) : (
        <Choice
          label={t('The party of')}
          value={picked}
          options={[
            ['', 'choose a plan'] as const,
            ...others.map(
              (row) =>
                [
                  row.id,
                  t('{name}, {guests, plural, one {# guest} other {# guests}}', {
                    name: row.name,
                    guests: row.guests,
                  }),
                ] as const,
            ),
          ]}
          onPick={(id) => {
            setPicked(id);
            if (id === '') onFound([]);
            else
              void readRow(id).then(
                (row) => onFound(row?.doc.party ?? []),
                () => onFound([]),
              );
          }}
        />
      )}
    </section>
  );
}

function FromTable({
  plan,
  onRead,
}: {
  plan: Plan;
  onRead: (party: readonly Group[], problems: readonly RowProblem[]) => void;
}) {
  return (
    <section>
      <PaperHeading>{t('As a table')}</PaperHeading>
      <p className="text-soft m-0">
        {t(
          'CSV with the columns {PARTYCOLUMNS}; name and count are enough. Lists in a cell with semicolons, settings in brackets: tree-nut-free (species=almond allergy).',
          { PARTYCOLUMNS: PARTY_COLUMNS.join(', ') },
        )}
      </p>
      <div className="flex flex-wrap items-center gap-2.5 mt-1.5">
        <FileButton
          words={t('Bring in a table')}
          label={t('A table of guests')}
          accept={CSV_FILE}
          size="small"
          onFile={(file) =>
            void file.text().then((text) => {
              const read = readPartyCsv(text);
              onRead(read.party, read.problems);
            })
          }
        />
        <Button
          look="quiet"
          size="small"
          disabled={plan.party.length === 0}
          onClick={() => saveFile('party.csv', partyCsv(plan.party), 'text/csv;charset=utf-8')}
        >
          {t('Save this party as a table')}
        </Button>
      </div>
    </section>
  );
}

function FromReplies({ plan, onFound }: { plan: Plan; onFound: (party: readonly Group[]) => void }) {
  const [text, setText] = useState('');
  const read = readReplies(text);
  return (
    <section>
      <PaperHeading>{t('Ask the guests')}</PaperHeading>
      <div className="flex flex-wrap items-center gap-2.5">
        <Link className={buttonLook({ look: 'quiet', size: 'small' })} to={`/plan/${plan.id}/reply`}>
          {t('Slips to print')}
        </Link>
        <Button
          look="quiet"
          size="small"
          onClick={() =>
            saveFile(
              'questions-for-guests.txt',
              replySlipText(plan.occasion.name),
              'text/plain;charset=utf-8',
            )
          }
        >
          {t('Save the questions as text')}
        </Button>
      </div>
      <TextArea
        rows={5}
        value={text}
        aria-label={t('Their answers')}
        placeholder={t('Paste their answers, one below the other. Each begins with “Your name:”.')}
        onChange={(event) => {
          setText(event.target.value);
          onFound(readReplies(event.target.value).groups);
        }}
      />
      {read.problems.map((problem, i) => (
        <Wrong key={i}>{spoken(problem.said)}</Wrong>
      ))}
    </section>
  );
}
