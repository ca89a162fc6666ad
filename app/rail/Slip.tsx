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
import type { Answer, Plan } from '../../core/plan/index.js';
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

export type Opened = { kind: 'swap' | 'overrule' | 'why' } | { kind: 'label'; answers: Answer[] };

/** One finding as a paper slip. Under the pointer or the focus it lifts its flags on the board. */
export function Slip({
  finding: f,
  number,
  plan,
  onOpen,
}: {
  finding: Finding;
  number: number;
  plan: Plan;
  onOpen: (opened: Opened) => void;
}) {
  const lift = useSession((s) => s.lift);
  const speech = useSpeech();
  const groups = plan.party.filter((g) => f.concerns.includes(g.id));
  return (
    <article
      className={SLIP_BOX}
      data-first={number === 1 || undefined}
      aria-label={`${STATE_WORDS[glyphOf(f.severity)]}: ${textOf(f, speech)}`}
      data-code={f.code}
      onPointerEnter={() => lift(f.key)}
      onPointerLeave={() => lift(null)}
      onFocus={() => lift(f.key)}
      onBlur={() => lift(null)}
    >
      <div className={slipLook({ glyph: glyphOf(f.severity) })}>
        <SlipHead
          glyph={glyphOf(f.severity)}
          words={STATE_WORDS[glyphOf(f.severity)]}
          number={`No ${number}`}
        />
        <h2 className="mb-1.5 text-base/[1.14] font-extrabold">{textOf(f, speech)}</h2>
        <p className={SLIP_TEXT}>{whyOf(f, speech)}</p>
        {groups.length > 0 && groups.length < plan.party.length && <Whom groups={groups} />}
        <Strips finding={f} groups={groups} plan={plan} onOpen={onOpen} />
      </div>
    </article>
  );
}

function Whom({ groups }: { groups: readonly Group[] }) {
  return (
    <p className="mt-1.5 flex flex-wrap items-center gap-1 border-t border-dashed border-ink/35 pt-1.5 font-bold text-ink">
      {groups.map((g) => (
        <Rim key={g.id} group={g} size={22} />
      ))}
      {groups.map((g) => `${g.name}, ${g.count}`).join('; ')}
    </p>
  );
}

const NONE: readonly Tried[] = [];

/** Fewer than so many remedies are tear-off lines on the slip; the rest would make it a list. */
const MOST_STRIPS = 4;

function Strips({
  finding: f,
  groups,
  plan,
  onOpen,
}: {
  finding: Finding;
  groups: readonly Group[];
  plan: Plan;
  onOpen: (open: Opened) => void;
}) {
  const run = useRemedy();
  const edit = useSession((s) => s.edit);
  const speech = useSpeech();
  const chooseAgain = useKitchen((k) => k.chooseAgain);
  const busy = useKitchen((k) => k.doing !== null);
  const tried = useTrials((t) => (f.remedies.length === 0 ? NONE : t.tried.get(f.key)));
  const failed = useTrials((t) => t.failed);
  const one = f.components.length === 1 ? f.components[0] : undefined;
  const press = (r: Remedy): void => {
    const answers = answersIn(r.command);
    if (answers.length > 0) onOpen({ kind: 'label', answers });
    else run(r.command);
  };
  const leave = (): void =>
    edit({ name: 'settle', settled: { key: f.key, how: 'left as it is', when: localNow() } });
  return (
    <div className={STRIPS}>
      {tried === undefined && failed && (
        <p role="alert" className="my-1 px-3 text-xs text-soft">
          Its remedies could not be tried.{' '}
          <Button look="link" onClick={tryAgain}>
            Try again
          </Button>
        </p>
      )}
      {tried === undefined && !failed && (
        <p role="status" className="my-1 px-3 text-xs text-soft">
          Remedies are being tried …
        </p>
      )}
      {tried?.slice(0, MOST_STRIPS).map(({ remedy: r, breaks }, i) => (
        <button key={`${r.kind} ${i}`} className={stripLook({ go: i === 0 })} onClick={() => press(r)}>
          <b className="font-bold">
            {remedyLabel(r, speech)}
            {breaks.length > 0 && (
              <small className="block text-xs font-medium">
                Then: {breaks.map((b) => textOf(b, speech)).join(' ')}
              </small>
            )}
          </b>
          <Effect words={remedyEffect(r, speech)} />
        </button>
      ))}
      {tried?.length === 0 && f.severity === 'blocker' && (
        <button
          className={stripLook({ go: true })}
          disabled={busy}
          onClick={() => void chooseAgain(plan, f.key)}
        >
          Choose again <span>tried before anything changes</span>
        </button>
      )}
      {one && f.severity !== 'good' && plan.placements.some((p) => p.componentId === one) && (
        <button className={stripLook()} onClick={() => onOpen({ kind: 'swap' })}>
          Swap it <span>candidates</span>
        </button>
      )}
      {one && groups.length > 0 && isOverrulable(f) && (
        <button className={stripLook()} onClick={() => onOpen({ kind: 'overrule' })}>
          Overrule <span>with a reason</span>
        </button>
      )}
      {!f.grave && f.severity !== 'blocker' && f.severity !== 'good' && (
        <button className={stripLook()} onClick={leave}>
          Let it be <span>on the spike</span>
        </button>
      )}
      {f.facts.length > 0 && (
        <button className={stripLook()} onClick={() => onOpen({ kind: 'why' })}>
          Why this? <span>{f.facts.length === 1 ? '1 fact' : `${f.facts.length} facts`}</span>
        </button>
      )}
    </div>
  );
}

/** The paper that a slip opened. It hangs on the rail, so that a slip that moves or goes does not take it along half filled. */
export function Opening({
  finding: f,
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
  const one = f.components[0];
  const groups = plan.party.filter((g) => f.concerns.includes(g.id));
  switch (open.kind) {
    case 'swap':
      return one ? <SwapDialog plan={plan} componentId={one} onClose={onClose} /> : null;
    case 'overrule':
      return one ? <OverruleDialog plan={plan} componentId={one} groups={groups} onClose={onClose} /> : null;
    case 'label':
      return <LabelDialog plan={plan} answers={open.answers} onNote={run} onClose={onClose} />;
    case 'why':
      return <WhyDialog finding={f} onClose={onClose} />;
  }
}

function WhyDialog({ finding: f, onClose }: { finding: Finding; onClose: () => void }) {
  const speech = useSpeech();
  return (
    <PaperDialog open onClose={onClose} title={textOf(f, speech)} hint={whyOf(f, speech)}>
      <Table>
        <thead>
          <tr>
            <th>Fact</th>
            <th>Value</th>
            <th>Source</th>
          </tr>
        </thead>
        <tbody>
          {f.facts.map((x, i) => {
            const cells = factCells(x, speech);
            return (
              <tr key={i}>
                <td>{cells.what}</td>
                <td>{cells.value}</td>
                <td>{cells.source}</td>
              </tr>
            );
          })}
        </tbody>
      </Table>
    </PaperDialog>
  );
}
