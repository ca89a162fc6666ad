import { useState } from 'react';
import { capital, speak } from '../../../core/words/index.js';
import { formatArea, formatMass, formatMoney } from '../../../core/measure/index.js';
import type { OwnSchool, PastBoard, Plan } from '../../../core/plan/index.js';
import {
  COUNTED,
  type CountedFamily,
  FAMILY_WORDS,
  houseRows,
  LOG_COUNTS_FROM,
  schoolsOf,
  type SchoolOffer,
} from '../../../core/portion/index.js';
import { useSpeech } from '../../store/useSpeech.js';
import { useSession } from '../../store/session.js';
import { FromHouse } from '../../house/FromHouse.js';
import { keepInHouse, useHouseOf } from '../../store/house.js';
import { useSettings } from '../../store/settings.js';
import { TextInput, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Button } from '../../ui/kit/Button.js';
import { Collapsible } from '../../ui/kit/Collapsible.js';
import { Table } from '../../ui/kit/Table.js';
import { Input } from '../../ui/kit/Input.js';
import { t, word } from '../../words/index.js';

/** The schools beside each other for this very brief; one's own figures; one's own log. */
export function SchoolsDialog({ plan, onClose }: { plan: Plan; onClose: () => void }) {
  const offers = schoolsOf(plan);
  const speech = useSpeech();
  return (
    <PaperDialog
      open
      full
      onClose={onClose}
      title={t('How much, side by side')}
      hint={t(
        'Practitioners disagree. Each school is worked out for your party, place and hour; take the one that fits your guests.',
      )}
    >
      <Side plan={plan} offers={offers.filter((offer) => offer.ready)} />
      <ul className="m-0 list-none columns-2 p-0 max-md:columns-1">
        {offers.map((offer) => (
          <li key={offer.id}>{speak(offer.difference, speech)}</li>
        ))}
      </ul>
      <OwnFigures plan={plan} />
      <Log plan={plan} />
    </PaperDialog>
  );
}

function Side({ plan, offers }: { plan: Plan; offers: readonly SchoolOffer[] }) {
  const units = useSettings((settings) => settings.units);
  const families = COUNTED.filter((family) => offers.some((offer) => offer.targets.byFamily[family] > 0));
  return (
    <Table className="mt-2 [&_:is(td,th)]:leading-[1.1]">
      <thead>
        <tr>
          <th scope="col">{t('For a grown guest, on average')}</th>
          {offers.map((offer) => (
            <th key={offer.id} scope="col">
              {word(offer.name)}
            </th>
          ))}
        </tr>
      </thead>
      <tbody>
        {families.map((family) => (
          <FamilyRow key={family} family={family} offers={offers} />
        ))}
        <Sum
          name={t('Each, in all')}
          offers={offers}
          of={(offer) => formatMass(offer.targets.perPortionG, units)}
        />
        <Sum
          name={t('For everybody')}
          offers={offers}
          of={(offer) => formatMass(offer.targets.totalG, units)}
        />
        <Sum
          name={t('Kinds')}
          offers={offers}
          of={(offer) => t('{from, number} to {to, number}', { from: offer.kinds.from, to: offer.kinds.to })}
        />
        <Sum
          name={t('Board, all laid at once')}
          offers={offers}
          of={(offer) => formatArea(offer.areaCm2, units)}
        />
        <Sum name={t('About')} offers={offers} of={(offer) => formatMoney(offer.costMinor, plan.currency)} />
        <TakeRow offers={offers} />
      </tbody>
    </Table>
  );
}

/** What each school serves of a family, with where the figure comes from where it is not ours. */
function FamilyRow({ family, offers }: { family: CountedFamily; offers: readonly SchoolOffer[] }) {
  const units = useSettings((settings) => settings.units);
  return (
    <tr>
      <th scope="row">{capital(word(FAMILY_WORDS[family]))}</th>
      {offers.map((offer) => {
        const row = offer.rows.find((row) => row.family === family);
        return (
          <td key={offer.id} title={row && word(row.source)}>
            {row ? formatMass(row.gEach, units) : '–'}
            {row?.piecesEach ? t(', {piecesEach} pieces', { piecesEach: row.piecesEach }) : ''}
            {row && row.source !== 'house default' && <span className="text-soft"> {word(row.source)}</span>}
          </td>
        );
      })}
    </tr>
  );
}

function TakeRow({ offers }: { offers: readonly SchoolOffer[] }) {
  const edit = useSession((session) => session.edit);
  return (
    <tr>
      <td />
      {offers.map((offer) => (
        <td key={offer.id}>
          {offer.chosen ? (
            <b>{t('chosen')}</b>
          ) : (
            <Button
              look="quiet"
              size="small"
              aria-label={t('Take it: {name}', { name: word(offer.name) })}
              onClick={() => edit({ name: 'set-school', school: offer.id })}
            >
              {t('Take it')}
            </Button>
          )}
        </td>
      ))}
    </tr>
  );
}

function Sum({
  name,
  offers,
  of,
}: {
  name: string;
  offers: readonly SchoolOffer[];
  of: (offer: SchoolOffer) => string;
}) {
  return (
    <tr className="font-bold">
      <th scope="row">{name}</th>
      {offers.map((offer) => (
        <td key={offer.id}>{of(offer)}</td>
      ))}
    </tr>
  );
}

/** Any figure can be one's own; what is left alone is the house's. Kept by name in your house, and in the plan that uses it. */
function OwnFigures({ plan }: { plan: Plan }) {
  const ownSchools = useHouseOf('schools');
  const edit = useSession((session) => session.edit);
  const [draft, setDraft] = useState<OwnSchool>(plan.ownSchool ?? { name: '', rows: {} });
  const [wrong, setWrong] = useState<string>();
  const keep = (): void => {
    if (!draft.name.trim()) return setWrong(t('Name: say what these figures are called.'));
    const own = { ...draft, name: draft.name.trim() };
    edit({ name: 'set-own-school', ownSchool: own });
    return void keepInHouse('schools', own);
  };
  return (
    <Collapsible title={t('Figures of your own')}>
      <p className="text-soft">
        {t(
          'Grams for a grown guest at drinks. A meal and many other dishes scale them as they scale the house’s.',
        )}
      </p>
      {ownSchools.length > 0 && (
        <div className="flex flex-wrap items-center gap-2.5">
          {ownSchools.map((school) => (
            <Button
              key={school.name}
              look="quiet"
              size="small"
              onClick={() => (setDraft(school), edit({ name: 'set-own-school', ownSchool: school }))}
            >
              {school.name}
            </Button>
          ))}
        </div>
      )}
      <TextInput
        label={t('Called')}
        value={draft.name}
        max={40}
        onChange={(name) => setDraft({ ...draft, name })}
      />
      <Figures rows={draft.rows} onChange={(rows) => setDraft({ ...draft, rows })} />
      {wrong && <Wrong>{wrong}</Wrong>}
      <Button size="small" onClick={keep}>
        {t('Keep these figures')}
      </Button>
    </Collapsible>
  );
}

/** Grams by family; the house's stand in the fields that are left empty. */
function Figures({
  rows,
  onChange,
}: {
  rows: OwnSchool['rows'];
  onChange: (rows: OwnSchool['rows']) => void;
}) {
  const house = houseRows();
  return (
    <div className="my-2 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 gap-y-1.5 [&_label]:grid [&_label]:text-sm">
      {COUNTED.map((family) => (
        <label key={family}>
          {capital(word(FAMILY_WORDS[family]))}
          <Input
            type="number"
            min={0}
            max={1000}
            placeholder={String(Math.round(house[family]))}
            value={rows[family] ?? ''}
            onChange={(event) => {
              const { [family]: _old, ...rest } = rows;
              const n = event.target.valueAsNumber;
              onChange(Number.isFinite(n) ? { ...rest, [family]: Math.min(1000, Math.max(0, n)) } : rest);
            }}
          />
        </label>
      ))}
    </div>
  );
}

const NO_BOARD = { name: '', portions: '', eaten: {} as Partial<Record<(typeof COUNTED)[number], number>> };

/** What was eaten at boards of one's own: what was put out less what came back. */
function Log({ plan }: { plan: Plan }) {
  const edit = useSession((session) => session.edit);
  const [draft, setDraft] = useState(NO_BOARD);
  const [wrong, setWrong] = useState<string>();
  const add = (): void => {
    const portions = Number(draft.portions);
    if (!draft.name.trim()) return setWrong(t('Board: give it a name.'));
    if (!(portions > 0 && portions <= 2000)) return setWrong(t('Portions: a number from 1 to 2000.'));
    if (Object.keys(draft.eaten).length === 0) return setWrong(t('Eaten: weigh at least one family.'));
    const { role, otherDishes } = plan.occasion;
    const board: PastBoard = { name: draft.name.trim(), portions, role, otherDishes, eatenG: draft.eaten };
    edit({ name: 'set-past-boards', pastBoards: [...plan.pastBoards, board] });
    void keepInHouse('boards', board);
    setWrong(undefined);
    return setDraft(NO_BOARD);
  };
  return (
    <Collapsible title={t('Your log, {pastBoardsCount} boards', { pastBoardsCount: plan.pastBoards.length })}>
      <FromHouse
        kind="boards"
        words={t('From your house')}
        onTake={(board) =>
          edit({
            name: 'set-past-boards',
            pastBoards: [...plan.pastBoards.filter((pastBoard) => pastBoard.name !== board.name), board],
          })
        }
      />
      <p className="text-soft">
        {t(
          'What was eaten at a board like this one. {LOGCOUNTSFROM} of them count as much as the school; fewer bend it less.',
          { LOGCOUNTSFROM: LOG_COUNTS_FROM },
        )}
      </p>
      <PastBoards plan={plan} />
      <div className="flex flex-wrap items-center gap-2.5">
        <TextInput
          label={t('Board')}
          value={draft.name}
          max={80}
          onChange={(name) => setDraft({ ...draft, name })}
        />
        <TextInput
          label={t('Portions')}
          value={draft.portions}
          max={6}
          onChange={(portions) => setDraft({ ...draft, portions })}
        />
      </div>
      <Eaten eaten={draft.eaten} onChange={(eaten) => setDraft({ ...draft, eaten })} />
      {wrong && <Wrong>{wrong}</Wrong>}
      <Button size="small" onClick={add}>
        {t('Add to the log')}
      </Button>
    </Collapsible>
  );
}

function PastBoards({ plan }: { plan: Plan }) {
  const edit = useSession((session) => session.edit);
  return (
    <ul className="m-0 list-none p-0">
      {plan.pastBoards.map((pastBoard, i) => (
        <li key={i}>
          <b>{pastBoard.name}</b>
          {t(', {portions, plural, one {# portion} other {# portions}}', {
            portions: pastBoard.portions,
          })}{' '}
          <Button
            look="link"
            aria-label={t('Take out {name}', { name: pastBoard.name })}
            onClick={() =>
              edit({ name: 'set-past-boards', pastBoards: plan.pastBoards.filter((_, k) => k !== i) })
            }
          >
            {t('Take out')}
          </Button>
        </li>
      ))}
    </ul>
  );
}

type EatenG = PastBoard['eatenG'];

/** What was eaten of each family, weighed; an empty field was not weighed. */
function Eaten({ eaten, onChange }: { eaten: EatenG; onChange: (eaten: EatenG) => void }) {
  return (
    <div className="my-2 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 gap-y-1.5 [&_label]:grid [&_label]:text-sm">
      {COUNTED.map((family) => (
        <label key={family}>
          {t('{FAMILYWORDS}, g eaten', { FAMILYWORDS: capital(word(FAMILY_WORDS[family])) })}
          <input
            type="number"
            min={0}
            value={eaten[family] ?? ''}
            onChange={(event) => {
              const { [family]: _old, ...rest } = eaten;
              const n = event.target.valueAsNumber;
              onChange(Number.isFinite(n) && n >= 0 ? { ...rest, [family]: n } : rest);
            }}
          />
        </label>
      ))}
    </div>
  );
}
