import { useEffect, useState } from 'react';
import type { Component, ComponentId } from '../../core/catalogue/index.js';
import { textOf } from '../../core/check/index.js';
import { formatMoney } from '../../core/measure/index.js';
import { planLarder, type Plan } from '../../core/plan/index.js';
import {
  LIKENESS_PARTS,
  PART_WORDS,
  SWAP_KINDS,
  WEIGHTS,
  type Likeness,
  type Swap,
  type SwapKind,
} from '../../core/swap/index.js';
import { forget, keepInHouse, useHouseOf } from '../store/house.js';
import { useSpeech } from '../store/useSpeech.js';
import { PaperDialog } from '../ui/kit/Dialog.js';
import { Portrait } from '../ui/Portrait.js';
import { ask } from '../workers/kitchen.js';
import { useLook } from './useLook.js';
import { useRemedy } from './useRemedy.js';
import { Button } from '../ui/kit/Button.js';
import { Collapsible } from '../ui/kit/Collapsible.js';
import { Select } from '../ui/kit/Select.js';
import { Slider } from '../ui/kit/Slider.js';
import { t } from '../words/index.js';

const KIND_WORDS: Record<SwapKind, string> = {
  component: t('another food'),
  form: t('the same, served otherwise'),
  'home-made': 'home-made',
  split: t('a twin on their plate'),
};
const ONLY = [
  ['interesting', 'a more interesting relative'],
  ['cheaper', 'cheaper'],
  ['pantry', t('in the house')],
] as const;
type Only = (typeof ONLY)[number][0];

/** Candidates for one food, judged on the whole plan; the plate shows what is under the pointer; one press applies. */
export function SwapDialog({
  plan,
  componentId,
  onClose,
}: {
  plan: Plan;
  componentId: ComponentId;
  onClose: () => void;
}) {
  const { swaps, judged, problem } = useSwaps(plan, componentId);
  const [kind, setKind] = useState<SwapKind | ''>('');
  const [only, setOnly] = useState<Only | ''>('');
  const run = useRemedy();
  // about the plan as it was when the paper was opened: what is shown meanwhile is no ground to stand on
  const [asked] = useState(plan);
  const look = useLook(asked);
  const component = planLarder(plan).get(componentId);
  const take = (swap: Swap): void => {
    look(null);
    run(swap.command);
    onClose();
  };
  const shown = swaps?.filter((swap) => (kind === '' || swap.kind === kind) && (only === '' || swap[only]));
  return (
    <PaperDialog
      open
      onClose={onClose}
      aside
      title={t('Instead of {name}', { name: component?.name.toLowerCase() ?? componentId })}
      hint={t('Ranked by how well each does the same job, and by what it fixes or breaks on this board.')}
    >
      <Narrowed kind={kind} only={only} onKind={setKind} onOnly={setOnly} />
      <Weigh />
      {problem && <p role="alert">{problem}</p>}
      {!swaps && !problem && <p role="status">{t('Looking through the larder …')}</p>}
      {swaps && !judged && <p role="status">{t('Trying each on the whole board …')}</p>}
      {shown?.length === 0 && <p>{t('Nothing in the larder does this job so.')}</p>}
      <ul className="list-none p-0 m-0">
        {shown?.map((swap) => (
          <Candidate
            key={`${swap.kind} ${swap.name}`}
            plan={plan}
            swap={swap}
            component={planLarder(plan).get(swap.id)}
            onLook={(otherSwap) => look(otherSwap && otherSwap.command)}
            onTake={() => take(swap)}
          />
        ))}
      </ul>
    </PaperDialog>
  );
}

/** The list is narrowed to one kind, and to what is cheaper, safer or less work. */
function Narrowed({
  kind,
  only,
  onKind,
  onOnly,
}: {
  kind: SwapKind | '';
  only: Only | '';
  onKind: (kind: SwapKind | '') => void;
  onOnly: (only: Only | '') => void;
}) {
  return (
    <div className="mb-2 grid grid-cols-2 gap-1">
      <Select<SwapKind | ''>
        label={t('What kind')}
        value={kind}
        onPick={onKind}
        options={[
          { value: '', words: t('every kind') },
          ...SWAP_KINDS.map((k) => ({ value: k, words: KIND_WORDS[k] })),
        ]}
      />
      <Select<Only | ''>
        label={t('Only')}
        value={only}
        onPick={onOnly}
        options={[
          { value: '', words: t('all of them') },
          ...ONLY.map(([value, words]) => ({ value, words })),
        ]}
      />
    </div>
  );
}

/** The list at once, by likeness; then judged on the whole plan. Asked once, about the plan as it was when it was opened. */
function useSwaps(plan: Plan, componentId: ComponentId) {
  const [swaps, setSwaps] = useState<Swap[]>();
  const [judged, setJudged] = useState(false);
  const [problem, setProblem] = useState<string>();
  const [weights] = useHouseOf('weights');
  const [asked] = useState({ plan, componentId });
  useEffect(() => {
    let gone = false;
    // two workers may answer in either order: the quick list never takes the place of the judged one
    let isJudged = false;
    const job = (judge: boolean) =>
      ask('swap', { ...asked, settings: { weights: weights ?? WEIGHTS, judge } }).done.then(
        (a) => {
          if (gone || isJudged) return;
          isJudged = judge;
          setSwaps(a.swaps);
          setJudged(judge);
        },
        (error: unknown) => !gone && setProblem(error instanceof Error ? error.message : String(error)),
      );
    setJudged(false);
    void job(false);
    void job(true);
    return () => {
      gone = true;
    };
  }, [asked, weights]);
  return { swaps, judged, problem };
}

/** What counts how much: the stylist's own scale, kept in this browser. */
function Weigh() {
  const [weights] = useHouseOf('weights');
  const now: Likeness = weights ?? WEIGHTS;
  return (
    <Collapsible title={t('What counts how much')}>
      <div className="my-2 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 gap-y-1.5 [&_label]:grid [&_label]:text-sm">
        {LIKENESS_PARTS.map((k) => (
          <div key={k} className="grid text-sm">
            <span aria-hidden>{PART_WORDS[k]}</span>
            <Slider
              label={PART_WORDS[k]}
              min={0}
              max={0.5}
              step={0.02}
              value={now[k]}
              onChange={(v) => void keepInHouse('weights', { ...now, [k]: v })}
            />
          </div>
        ))}
      </div>
      <Button look="quiet" size="small" disabled={!weights} onClick={() => void forget('weights', 'weights')}>
        {t('As the house weighs')}
      </Button>
    </Collapsible>
  );
}

/** So many parts that stay are no list any more. */
const NEARLY_ALL = 7;

function Candidate({
  plan,
  swap,
  component,
  onLook,
  onTake,
}: {
  plan: Plan;
  swap: Swap;
  component: Component | undefined;
  onLook: (swap: Swap | null) => void;
  onTake: () => void;
}) {
  const form = swap.kind === 'form' ? component?.forms.find((fact) => fact.form === swap.form) : undefined;
  return (
    <li
      className="flex flex-wrap items-center gap-2.5 flex-nowrap items-start border-t border-dashed border-rule py-2"
      onPointerEnter={() => onLook(swap)}
      onPointerLeave={() => onLook(null)}
      onFocus={() => onLook(swap)}
      onBlur={() => onLook(null)}
    >
      {component && <Portrait food={component} form={form} width="52" height="52" />}
      <div className="flex-1 min-w-0">
        <b className="font-display text-base">{swap.name}</b>{' '}
        <span>
          {t('{score} of 100, {KINDWORDS}', {
            score: Math.round(swap.score * 100),
            KINDWORDS: KIND_WORDS[swap.kind],
          })}
        </span>
        <br />
        <InWords swap={swap} />
      </div>
      <div className="grid flex-none justify-items-end gap-1 text-right">
        <Button size="small" onClick={onTake} aria-label={t('Take it: {name}', { name: swap.name })}>
          {t('Take it')}
        </Button>
        {priceChange(swap.costMinor, plan.currency)}
        {swap.minutes !== 0 && <br />}
        {swap.minutes !== 0 &&
          t('{sign}{minutes} min', { sign: swap.minutes > 0 ? '+' : '−', minutes: Math.abs(swap.minutes) })}
      </div>
    </li>
  );
}

/** What stays as it was, what changes, what it settles and what it brings. */
function InWords({ swap }: { swap: Swap }) {
  const speech = useSpeech();
  return (
    <>
      {swap.keeps.length > 0 && (
        <span>
          {t('Stays: {keepsCount}.', {
            keepsCount: swap.keeps.length >= NEARLY_ALL ? t('nearly everything') : swap.keeps.join(', '),
          })}{' '}
        </span>
      )}
      {swap.changes.length > 0 && (
        <span>{t('Changes: {changes}.', { changes: swap.changes.join(', ') })} </span>
      )}
      {swap.labelToRead && <span>{t('A label to read.')} </span>}
      {swap.fixes.length > 0 && (
        <span className="font-bold">
          {t('Settles: {fixes}', {
            fixes: swap.fixes.map((finding) => textOf(finding, speech)).join(' '),
          })}{' '}
        </span>
      )}
      {swap.breaks.length > 0 && (
        <span className="text-beet-ink font-bold">
          {t('Brings: {breaks}', {
            breaks: swap.breaks.map((finding) => textOf(finding, speech)).join(' '),
          })}
        </span>
      )}
    </>
  );
}

const priceChange = (minor: number, currency: Plan['currency']): string =>
  minor === 0 ? t('same price') : `${minor > 0 ? '+' : '−'}${formatMoney(Math.abs(minor), currency)}`;
