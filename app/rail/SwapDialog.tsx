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
import { portraitUrl } from '../ui/pictures.js';
import { ask } from '../workers/kitchen.js';
import { useLook } from './useLook.js';
import { useRemedy } from './useRemedy.js';
import { Button } from '../ui/kit/Button.js';
import { Collapsible } from '../ui/kit/Collapsible.js';
import { Select } from '../ui/kit/Select.js';
import { Slider } from '../ui/kit/Slider.js';

const KIND_WORDS: Record<SwapKind, string> = {
  component: 'another food',
  form: 'the same, served otherwise',
  'home-made': 'home-made',
  split: 'a twin on their plate',
};
const ONLY = [
  ['interesting', 'a more interesting relative'],
  ['cheaper', 'cheaper'],
  ['pantry', 'in the house'],
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
  const take = (s: Swap): void => {
    look(null);
    run(s.command);
    onClose();
  };
  const shown = swaps?.filter((s) => (kind === '' || s.kind === kind) && (only === '' || s[only]));
  return (
    <PaperDialog
      open
      onClose={onClose}
      aside
      title={`Instead of ${component?.name.toLowerCase() ?? componentId}`}
      hint="Ranked by how well each does the same job, and by what it fixes or breaks on this board."
    >
      <div className="mb-2 grid grid-cols-2 gap-1">
        <Select<SwapKind | ''>
          label="What kind"
          value={kind}
          onPick={setKind}
          options={[
            { value: '', words: 'every kind' },
            ...SWAP_KINDS.map((k) => ({ value: k, words: KIND_WORDS[k] })),
          ]}
        />
        <Select<Only | ''>
          label="Only"
          value={only}
          onPick={setOnly}
          options={[{ value: '', words: 'all of them' }, ...ONLY.map(([value, words]) => ({ value, words }))]}
        />
      </div>
      <Weigh />
      {problem && <p role="alert">{problem}</p>}
      {!swaps && !problem && <p role="status">Looking through the larder …</p>}
      {swaps && !judged && <p role="status">Trying each on the whole board …</p>}
      {shown?.length === 0 && <p>Nothing in the larder does this job so.</p>}
      <ul className="list-none p-0 m-0">
        {shown?.map((s) => (
          <Candidate
            key={`${s.kind} ${s.name}`}
            plan={plan}
            swap={s}
            component={planLarder(plan).get(s.id)}
            onLook={(x) => look(x && x.command)}
            onTake={() => take(s)}
          />
        ))}
      </ul>
    </PaperDialog>
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
    const job = (judge: boolean) =>
      ask('swap', { ...asked, settings: { weights: weights ?? WEIGHTS, judge } }).done.then(
        (a) => {
          if (gone) return;
          setSwaps(a.swaps);
          setJudged(judge);
        },
        (e: unknown) => !gone && setProblem(e instanceof Error ? e.message : String(e)),
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
    <Collapsible title="What counts how much">
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
        As the house weighs
      </Button>
    </Collapsible>
  );
}

/** So many parts that stay are no list any more. */
const NEARLY_ALL = 7;

function Candidate({
  plan,
  swap: s,
  component: c,
  onLook,
  onTake,
}: {
  plan: Plan;
  swap: Swap;
  component: Component | undefined;
  onLook: (s: Swap | null) => void;
  onTake: () => void;
}) {
  const speech = useSpeech();
  const form = s.kind === 'form' ? c?.forms.find((f) => f.form === s.form) : undefined;
  return (
    <li
      className="flex flex-wrap items-center gap-2.5 flex-nowrap items-start border-t border-dashed border-rule py-2"
      onPointerEnter={() => onLook(s)}
      onPointerLeave={() => onLook(null)}
      onFocus={() => onLook(s)}
      onBlur={() => onLook(null)}
    >
      {c && <img src={portraitUrl(c, form)} alt="" width="52" height="52" />}
      <div className="flex-1 min-w-0">
        <b className="font-display text-base">{s.name}</b>{' '}
        <span>
          {Math.round(s.score * 100)} of 100, {KIND_WORDS[s.kind]}
        </span>
        <br />
        {s.keeps.length > 0 && (
          <span>Stays: {s.keeps.length >= NEARLY_ALL ? 'nearly everything' : s.keeps.join(', ')}. </span>
        )}
        {s.changes.length > 0 && <span>Changes: {s.changes.join(', ')}. </span>}
        {s.labelToRead && <span>A label to read. </span>}
        {s.fixes.length > 0 && (
          <span className="font-bold">Settles: {s.fixes.map((f) => textOf(f, speech)).join(' ')} </span>
        )}
        {s.breaks.length > 0 && (
          <span className="text-beet-ink font-bold">
            Brings: {s.breaks.map((f) => textOf(f, speech)).join(' ')}
          </span>
        )}
      </div>
      <div className="grid flex-none justify-items-end gap-1 text-right">
        <Button size="small" onClick={onTake} aria-label={`Take it: ${s.name}`}>
          Take it
        </Button>
        {priceChange(s.costMinor, plan.currency)}
        {s.minutes !== 0 && <br />}
        {s.minutes !== 0 && `${s.minutes > 0 ? '+' : '−'}${Math.abs(s.minutes)} min`}
      </div>
    </li>
  );
}

const priceChange = (minor: number, currency: Plan['currency']): string =>
  minor === 0 ? 'same price' : `${minor > 0 ? '+' : '−'}${formatMoney(Math.abs(minor), currency)}`;
