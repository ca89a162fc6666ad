import { Effect } from '../ui/Effect.js';
import {
  factCells,
  isOverrulable,
  remedyEffect,
  remedyLabel,
  textOf,
  whyOf,
  type Finding,
  type Remedy,
  type Tried,
} from '../../core/check/index.js';
import type { Group } from '../../core/party/index.js';
import type { Answer, Plan, Surface } from '../../core/plan/index.js';
import { localNow } from '../store/clock.js';
import { useKitchen } from '../store/kitchen-jobs.js';
import { useSession } from '../store/session.js';
import { Button } from '../ui/kit/Button.js';
import { tryAgain, useTrials } from '../store/trials.js';
import { useSpeech } from '../store/useSpeech.js';
import { glyphOf, STATE_WORDS } from '../ui/Glyph.js';
import { Table } from '../ui/kit/Table.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import { Rim } from '../ui/rims.js';
import { answersIn, LabelDialog } from './LabelDialog.js';
import { OverruleDialog } from './OverruleDialog.js';
import { SwapDialog } from './SwapDialog.js';
import { SLIP_BOX, SLIP_TEXT, SlipHead, slipLook, stripLook, STRIPS } from './SlipPaper.js';
import { useRemedy } from './useRemedy.js';
import { t, word } from '../words/index.js';

export type Opened = { kind: 'swap' | 'overrule' | 'why' } | { kind: 'label'; answers: Answer[] };

/** One finding as a paper slip. Under the pointer or the focus it lifts its flags on the board. */
export function Slip({
  finding,
  number,
  plan,
  onOpen,
}: {
  finding: Finding;
  number: number;
  plan: Plan;
  onOpen: (opened: Opened) => void;
}) {
  const lift = useSession((session) => session.lift);
  const speech = useSpeech();
  const groups = plan.party.filter((group) => finding.concerns.includes(group.id));
  return (
    <article
      className={SLIP_BOX}
      data-first={number === 1 || undefined}
      aria-label={`${STATE_WORDS[glyphOf(finding.severity)]}: ${textOf(finding, speech)}`}
      data-code={finding.code}
      onPointerEnter={() => lift(finding.key)}
      onPointerLeave={() => lift(null)}
      onFocus={() => lift(finding.key)}
      onBlur={() => lift(null)}
    >
      <div className={slipLook({ glyph: glyphOf(finding.severity) })}>
        <SlipHead
          glyph={glyphOf(finding.severity)}
          words={STATE_WORDS[glyphOf(finding.severity)]}
          number={t('No {number}', { number })}
        />
        <h2 className="mb-1.5 text-base/[1.14] font-extrabold">{textOf(finding, speech)}</h2>
        <p className={SLIP_TEXT}>{whyOf(finding, speech)}</p>
        {groups.length > 0 && groups.length < plan.party.length && <Whom groups={groups} />}
        <Strips finding={finding} groups={groups} plan={plan} onOpen={onOpen} />
      </div>
    </article>
  );
}

function Whom({ groups }: { groups: readonly Group[] }) {
  return (
    <p className="mt-1.5 flex flex-wrap items-center gap-1 border-t border-dashed border-ink/35 pt-1.5 font-bold text-ink">
      {groups.map((group) => (
        <Rim key={group.id} group={group} size={22} />
      ))}
      {groups.map((group) => `${group.name}, ${group.count}`).join('; ')}
    </p>
  );
}

const NONE: readonly Tried[] = [];

/** Fewer than so many remedies are tear-off lines on the slip; the rest would make it a list. */
const MOST_STRIPS = 4;

interface StripsProps {
  finding: Finding;
  groups: readonly Group[];
  plan: Plan;
  onOpen: (open: Opened) => void;
}

function Strips(props: StripsProps) {
  const { finding, plan } = props;
  const tried = useTrials((trials) => (finding.remedies.length === 0 ? NONE : trials.tried.get(finding.key)));
  const busy = useKitchen((jobs) => jobs.doing !== null);
  const chooseAgain = useKitchen((jobs) => jobs.chooseAgain);
  return (
    <div className={STRIPS}>
      {tried === undefined && <BeingTried />}
      <Remedies tried={tried?.slice(0, MOST_STRIPS) ?? NONE} onOpen={props.onOpen} />
      {tried?.length === 0 && finding.severity === 'blocker' && (
        <button
          className={stripLook({ go: true })}
          disabled={busy}
          onClick={() => void chooseAgain(plan, finding.key)}
        >
          {t('Choose again')} <span>{t('tried before anything changes')}</span>
        </button>
      )}
      {finding.rule && finding.surfaceId && (
        <FixOnly plan={plan} surfaceId={finding.surfaceId} rule={finding.rule} />
      )}
      <ByHand {...props} />
    </div>
  );
}

/** A slip of the laid board: only what it is about is laid otherwise, pins kept. */
function FixOnly({
  plan,
  surfaceId,
  rule,
}: {
  plan: Plan;
  surfaceId: Surface['id'];
  rule: NonNullable<Finding['rule']>;
}) {
  const busy = useKitchen((jobs) => jobs.doing !== null);
  const fix = useKitchen((jobs) => jobs.fixLaid);
  return (
    <button
      className={stripLook({ go: true })}
      disabled={busy}
      onClick={() => void fix(plan, surfaceId, rule)}
    >
      {t('Fix only this')} <span>{t('the rest stays')}</span>
    </button>
  );
}

/** Until the remedies of a slip are tried nothing is offered, and that is said. */
function BeingTried() {
  const failed = useTrials((trials) => trials.failed);
  if (!failed)
    return (
      <p role="status" className="my-1 px-3 text-xs text-soft">
        {t('Remedies are being tried …')}
      </p>
    );
  return (
    <p role="alert" className="my-1 px-3 text-xs text-soft">
      {t('Its remedies could not be tried.')}{' '}
      <Button look="link" onClick={tryAgain}>
        {t('Try again')}
      </Button>
    </p>
  );
}

function Remedies({ tried, onOpen }: { tried: readonly Tried[]; onOpen: (open: Opened) => void }) {
  const run = useRemedy();
  const speech = useSpeech();
  const press = (remedy: Remedy): void => {
    const answers = answersIn(remedy.command);
    if (answers.length > 0) onOpen({ kind: 'label', answers });
    else run(remedy.command);
  };
  return tried.map(({ remedy, breaks }, i) => (
    <button key={`${remedy.kind} ${i}`} className={stripLook({ go: i === 0 })} onClick={() => press(remedy)}>
      <b className="font-bold">
        {remedyLabel(remedy, speech)}
        {breaks.length > 0 && (
          <small className="block text-xs font-medium">
            {t('Then: {breaks}', { breaks: breaks.map((broken) => textOf(broken, speech)).join(' ') })}
          </small>
        )}
      </b>
      <Effect words={remedyEffect(remedy, speech)} />
    </button>
  ));
}

/** What a stylist does with a slip besides its remedies. */
function ByHand({ finding, groups, plan, onOpen }: StripsProps) {
  const edit = useSession((session) => session.edit);
  const one = finding.components.length === 1 ? finding.components[0] : undefined;
  const lies = one !== undefined && plan.placements.some((placement) => placement.componentId === one);
  const leave = (): void =>
    edit({ name: 'settle', settled: { key: finding.key, how: t('left as it is'), when: localNow() } });
  return (
    <>
      {lies && finding.severity !== 'good' && (
        <button className={stripLook()} onClick={() => onOpen({ kind: 'swap' })}>
          {t('Swap it')} <span>{t('candidates')}</span>
        </button>
      )}
      {one && groups.length > 0 && isOverrulable(finding) && (
        <button className={stripLook()} onClick={() => onOpen({ kind: 'overrule' })}>
          {t('Overrule')} <span>{t('with a reason')}</span>
        </button>
      )}
      {!finding.grave && finding.severity !== 'blocker' && finding.severity !== 'good' && (
        <button className={stripLook()} onClick={leave}>
          {t('Let it be')} <span>{t('on the spike')}</span>
        </button>
      )}
      {finding.facts.length > 0 && (
        <button className={stripLook()} onClick={() => onOpen({ kind: 'why' })}>
          {t('Why this?')}{' '}
          <span>{t('{n, plural, one {# fact} other {# facts}}', { n: finding.facts.length })}</span>
        </button>
      )}
    </>
  );
}

/** The paper that a slip opened. It hangs on the rail, so that a slip that moves or goes does not take it along half filled. */
export function Opening({
  finding,
  plan,
  open,
  onClose,
}: {
  finding: Finding;
  plan: Plan;
  open: Opened;
  onClose: () => void;
}) {
  const run = useRemedy();
  const one = finding.components[0];
  const groups = plan.party.filter((group) => finding.concerns.includes(group.id));
  switch (open.kind) {
    case 'swap':
      return one ? <SwapDialog plan={plan} componentId={one} onClose={onClose} /> : null;
    case 'overrule':
      return one ? <OverruleDialog plan={plan} componentId={one} groups={groups} onClose={onClose} /> : null;
    case 'label':
      return <LabelDialog plan={plan} answers={open.answers} onNote={run} onClose={onClose} />;
    case 'why':
      return <WhyDialog finding={finding} onClose={onClose} />;
  }
}

function WhyDialog({ finding, onClose }: { finding: Finding; onClose: () => void }) {
  const speech = useSpeech();
  return (
    <PaperDialog open onClose={onClose} title={textOf(finding, speech)} hint={whyOf(finding, speech)}>
      <Table>
        <thead>
          <tr>
            <th>{t('Fact')}</th>
            <th>{t('Value')}</th>
            <th>{t('Source')}</th>
          </tr>
        </thead>
        <tbody>
          {finding.facts.map((fact, i) => {
            const cells = factCells(fact, speech);
            return (
              <tr key={i}>
                <td>{cells.what}</td>
                <td>{cells.value}</td>
                <td>{word(cells.source)}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </PaperDialog>
  );
}
