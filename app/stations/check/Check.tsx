import { useShallow } from 'zustand/react/shallow';
import { Effect } from '../../ui/Effect.js';
import { useState } from 'react';
import { Link } from 'react-router';
import type { Component } from '../../../core/catalogue/index.js';
import {
  certificateOf,
  labelQuestions,
  plateSums,
  seatState,
  standingOf,
  type Checked,
  remedyEffect,
  remedyLabel,
  type LookedAfter,
  type Standing,
} from '../../../core/check/index.js';
import { formatMass, type UnitSystem } from '../../../core/measure/index.js';
import type { Group } from '../../../core/party/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { speak } from '../../../core/words/index.js';
import { Frame } from '../../frame/Frame.js';
import { check } from './station.js';
import { BoardImage } from '../../plate/BoardImage.js';
import { China } from '../../plate/China.js';
import { Seats } from '../../plate/Seats.js';
import { showingFor } from '../../plate/seen.js';
import { SlipFlags } from '../../plate/SlipFlags.js';
import { SurfaceTabs, usePickedSurface } from '../../plate/SurfaceTabs.js';
import { useRemedy } from '../../rail/useRemedy.js';
import { useSession } from '../../store/session.js';
import { useTrials } from '../../store/trials.js';
import { useSettings } from '../../store/settings.js';
import { useSpeech } from '../../store/useSpeech.js';
import { Choice } from '../../ui/Fields.js';
import { glyphOf, PlateGlyph, STATE_WORDS, type Glyph } from '../../ui/Glyph.js';
import { Portrait } from '../../ui/Portrait.js';
import { Rim } from '../../ui/rims.js';
import { Greed } from './Greed.js';
import { QuestionsDialog } from './QuestionsDialog.js';
import { Button, buttonLook } from '../../ui/kit/Button.js';
import { ShelfHeading } from '../../ui/kit/Heading.js';
import { t } from '../../words/index.js';

export function Check({ plan, checked }: { plan: Plan; checked: Checked }) {
  const seenBy = useSession((session) => session.seenBy);
  const group = plan.party.find((group) => group.id === seenBy);
  const [surface, setSurface] = usePickedSurface(plan);
  return (
    <Frame
      plan={plan}
      station={check}
      checked={checked}
      shelf={
        <>
          <SurfaceTabs plan={plan} picked={surface?.id} onPick={setSurface} />
          {group ? (
            <GuestSheet plan={plan} checked={checked} group={group} />
          ) : (
            <WholeParty plan={plan} checked={checked} />
          )}
        </>
      }
      foot={<Foot plan={plan} checked={checked} />}
    >
      <China label={t('The board with the party around it')}>
        <Party plan={plan} checked={checked} />
        {surface && (
          <BoardImage
            plan={plan}
            surface={surface}
            r={216}
            {...(group ? { options: { showing: showingFor(checked, surface, group)! } } : {})}
            opacity={group ? 1 : 0.96}
          />
        )}
        {surface && <SlipFlags plan={plan} surface={surface} findings={checked.findings} r={216} />}
        {plan.layout.length === 0 && (
          <text textAnchor="middle" fontSize="15" fill="var(--soft)">
            {plan.placements.length === 0 ? t('Nothing is chosen yet.') : t('The board is not laid yet.')}
          </text>
        )}
      </China>
    </Frame>
  );
}

/** The party around the board, each with the plate that they have; a press shows the board as they see it. */
function Party({ plan, checked }: { plan: Plan; checked: Checked }) {
  const { seenBy, see } = useSession(useShallow((state) => ({ seenBy: state.seenBy, see: state.see })));
  const stateOf = (group: Group) => seatState(checked, group);
  const groupGlyph = (group: Group): Glyph => glyphOf(stateOf(group).severity);
  return (
    <Seats
      party={plan.party}
      r={258}
      state={groupGlyph}
      letBe={(group) => stateOf(group).letBe}
      picked={seenBy}
      onPick={(id) => see(seenBy === id ? null : id)}
      label={(group) =>
        t(
          '{name}, {count, plural, one {# guest} other {# guests}}: {state}{letBe}. See the board as they do',
          {
            name: group.name,
            count: group.count,
            state: STATE_WORDS[groupGlyph(group)].toLowerCase(),
            letBe: stateOf(group).letBe ? t(', a question was let be') : '',
          },
        )
      }
    />
  );
}

const SEATED: readonly (readonly [Glyph, string])[] = [
  ['whole', t('whole')],
  ['chipped', t('chipped')],
  ['covered', t('covered')],
  ['cracked', t('cracked')],
];

/** How many guests sit at which plate. */
function Foot({ plan, checked }: { plan: Plan; checked: Checked }) {
  const count = (glyph: Glyph) =>
    plan.party
      .filter((group) => glyphOf(seatState(checked, group).severity) === glyph)
      .reduce((sum, group) => sum + group.count, 0);
  return (
    <>
      {SEATED.map(([glyph, words]) => (
        <span key={glyph}>
          <b>{count(glyph)}</b> {words}
        </span>
      ))}
      <span>
        <b>{checked.context.placed.length * plan.party.length}</b> {t('pairs checked')}
      </span>
    </>
  );
}

/** What is left when the others with needs fill up on this group's foods first; nothing where that is as much. */
const worstWords = (care: LookedAfter, units: UnitSystem): string =>
  Math.floor(care.worstG / care.group.count) < Math.floor(care.sureG / care.group.count)
    ? // the number and its unit stay on one line
      t('; if other needs come first, {mass}', {
        mass: formatMass(Math.floor(care.worstG / care.group.count), units).replace(' ', '\u00a0'),
      })
    : '';

/** A group, and what it is sure of or lacks; a press shows the board as they see it. */
function CareRow({ care }: { care: LookedAfter }) {
  const units = useSettings((settings) => settings.units);
  const speech = useSpeech();
  const see = useSession((session) => session.see);
  const words = care.ok
    ? t('{mass} each, {n, plural, one {# bite} other {# bites}}{worst}', {
        mass: formatMass(Math.floor(care.sureG / care.group.count), units),
        n: care.bites,
        worst: worstWords(care, units),
      })
    : care.missing.map((said) => speak(said, speech)).join('; ');
  return (
    <button
      className="on-cloth flex w-full gap-2 border-0 bg-transparent py-0.5 text-left text-sm/[1.1] font-bold [&>svg]:flex-none items-start py-1.5 px-0"
      onClick={() => see(care.group.id)}
      aria-label={t('{name}, {count} {words}. See the board as they do', {
        name: care.group.name,
        count: care.group.count,
        words: words,
      })}
    >
      <PlateGlyph state={care.ok ? 'whole' : 'cracked'} size={24} />
      <Rim group={care.group} />
      <span>
        {care.group.name}, {care.group.count} <br />
        <span className="font-medium">{words}</span>
      </span>
    </button>
  );
}

function WholeParty({ plan, checked }: { plan: Plan; checked: Checked }) {
  const speech = useSpeech();
  const edit = useSession((session) => session.edit);
  const [asking, setAsking] = useState(false);
  const run = useRemedy();
  const certificate = certificateOf(checked.context, checked.care);
  // the same remedy that the good slip offers, once it has been tried
  const lasts = useTrials((trials) => (trials.tried.get('looked-after')?.length ?? 0) > 0);
  const questions = labelQuestions(checked.context);
  const open = new Set(questions.filter((line) => line.answer === undefined).map((line) => line.component.id))
    .size;
  return (
    <>
      <ShelfHeading first>{t('Is everyone looked after?')}</ShelfHeading>
      <div aria-live="polite">
        {plan.party.length === 0 ? (
          <p>{t('Say in the brief who is coming.')}</p>
        ) : (
          <p>{speak(certificate.said, speech)}</p>
        )}
        {certificate.shortFirst && <p className="text-soft">{speak(certificate.shortFirst.said, speech)}</p>}
        {certificate.remedy && lasts && (
          <Button look="quiet" size="small" onClick={() => run(certificate.remedy!.command)}>
            {remedyLabel(certificate.remedy, speech)}{' '}
            <Effect words={remedyEffect(certificate.remedy, speech)} />
          </Button>
        )}
      </div>
      <Greed checked={checked} />
      <Choice
        label={t('Who is looked after, and how')}
        value={plan.policy}
        options={POLICIES}
        onPick={(policy) => edit({ name: 'set-policy', policy })}
      />
      <Button look="quiet" size="small" onClick={() => setAsking(true)}>
        {t('Questions for labels{open}', { open: open > 0 ? ` ${t('({open} foods)', { open })}` : '' })}
      </Button>
      {asking && <QuestionsDialog plan={plan} checked={checked} onClose={() => setAsking(false)} />}
      {checked.care.groups.map((care) => (
        <CareRow key={care.group.id} care={care} />
      ))}
    </>
  );
}

/** A guest's sheet: what is sure, what makes a bite, and every food by what it is for them. */
function GuestSheet({ plan, checked, group }: { plan: Plan; checked: Checked; group: Group }) {
  const care = checked.care.groups.find((care) => care.group.id === group.id);
  const foods = checked.context.placed.filter((placed) => placed.component.job !== 'none');
  const by = (standing: Standing) => [
    ...new Map(
      foods
        .filter((placed) => standingOf(checked.context, placed, group) === standing)
        .map((placed) => [placed.component.id, placed.component]),
    ).values(),
  ];
  const fine = by('fine');
  const rest = (standing: Standing) => by(standing).filter((component) => !fine.includes(component));
  const little = rest('little');
  return (
    <>
      <div className="on-paper edge-sheet bg-card px-3.5 py-3">
        <div className="flex items-center gap-2.5 flex-nowrap">
          <Rim group={group} size={52} />
          <div>
            <h2 className="text-xl/none font-black">{group.name}</h2>
            <span className="text-soft">
              {group.count} {group.count === 1 ? t('guest') : t('guests')}
            </span>
          </div>
        </div>
        {care && <Cup care={care} />}
        <Plate checked={checked} group={group} />
        <Link
          className={buttonLook({ look: 'quiet', size: 'small' })}
          to={`/plan/${plan.id}/card/${group.id}`}
        >
          {t('A card to hand over')}
        </Link>
      </div>
      <Standings glyph="whole" title={t('May eat')} foods={fine} />
      {little.length > 0 && <Standings glyph="chipped" title={t('A little of it')} foods={little} />}
      <Standings glyph="chipped" title={t('Only once moved')} foods={rest('touched')} />
      <Standings glyph="covered" title={t('Ask')} foods={rest('ask')} />
      <Standings glyph="cracked" title={t('Not for them')} foods={rest('no')} />
    </>
  );
}

/** What a need counts on the whole plate, of its limit. */
function Plate({ checked, group }: { checked: Checked; group: Group }) {
  return plateSums(checked.context)
    .filter((sum) => sum.group.id === group.id)
    .map((sum) => (
      <p key={sum.need} className="my-1 mx-0">
        <b>
          {t('{high} of {limit} {unit}', {
            high: Math.round(sum.sum.high * 10) / 10,
            limit: sum.limit,
            unit: sum.quantity.unit,
          })}
        </b>{' '}
        {t('{what} on a plate', { what: sum.quantity.what })}
      </p>
    ));
}

const POLICIES = [
  ['looked-after', t('enough on shared surfaces')],
  ['everything-fits', t('everything fits everyone')],
  ['own-plate', t('a plate of their own')],
] as const;

function Cup({ care }: { care: LookedAfter }) {
  const units = useSettings((settings) => settings.units);
  const [eachG, needG] = [care.sureG / care.group.count, care.needG / care.group.count];
  const [each, need] = [formatMass(eachG, units), formatMass(needG, units)];
  const kinds = (n: number) => t('{n, plural, one {# kind} other {# kinds}}', { n });
  const row = (ok: boolean, name: string, value: string) => (
    <tr>
      <td className="w-6.5">
        <PlateGlyph state={ok ? 'whole' : 'cracked'} size={18} />
      </td>
      <td>{name}</td>
      <td>{value}</td>
    </tr>
  );
  return (
    <>
      <p className="font-display font-extrabold text-lg text-balance my-2 mx-0">
        {t('Sure of {each}, needs {need}.', { each, need })}
      </p>
      <svg
        width="100%"
        height="26"
        viewBox="0 0 220 26"
        role="img"
        aria-label={t('{each} of {need} are sure', { each, need })}
      >
        <path d="M2 2Q4 24 30 24H190Q216 24 218 2" fill="none" stroke="var(--enamel)" strokeWidth="3" />
        <path
          d={`M6 4Q9 21 31 21H${31 + 158 * Math.min(1, eachG / Math.max(1, needG))}V4Z`}
          fill="var(--yolk)"
        />
      </svg>
      <table className="w-full border-collapse text-sm [&_td:last-child]:text-right [&_td:last-child]:font-bold">
        <tbody>
          {row(care.body > 0, t('Body'), kinds(care.body))}
          {row(care.vehicle > 0, t('Bread, cracker'), kinds(care.vehicle))}
          {row(care.fresh > 0, t('Fresh'), kinds(care.fresh))}
          {row(care.bites >= 3, t('Bites'), `${care.bites}, needs 3`)}
        </tbody>
      </table>
    </>
  );
}

function Standings({ glyph, title, foods }: { glyph: Glyph; title: string; foods: readonly Component[] }) {
  return (
    <div className="mt-2.5">
      <div className="flex flex-wrap items-center font-display gap-1.75 font-extrabold text-base">
        <PlateGlyph state={glyph} size={22} /> {title} <span className="ml-auto">{foods.length}</span>
      </div>
      {foods.length > 0 && (
        <div className="flex flex-wrap items-center gap-px mt-0.75 mb-0 mr-0 ml-6.5">
          {foods.slice(0, foods.length > 7 ? 6 : 7).map((component) => (
            <Portrait
              key={component.id}
              food={component}
              alt={component.name}
              title={component.name}
              width="28"
              height="28"
            />
          ))}
          {foods.length > 7 && <b>+{foods.length - 6}</b>}
        </div>
      )}
    </div>
  );
}
