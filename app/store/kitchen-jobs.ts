import { create } from 'zustand';
import { fittedTo } from '../../core/board/index.js';
import type { ComponentId } from '../../core/catalogue/index.js';
import { cameAndWent, type Conflict } from '../../core/compose/index.js';
import type { LaidSurface, TermId } from '../../core/lay/index.js';
import { canonicalText, planLarder, type Plan, type Surface } from '../../core/plan/index.js';
import { ask, Cancelled, type Running } from '../workers/kitchen.js';
import { layBeside } from './lay-beside.js';
import { usePreview } from './preview.js';
import { onOtherPlan, useSession } from './session.js';
import { t } from '../words/index.js';
import { toast } from '../ui/toast.js';

interface Jobs {
  /** What the kitchen is doing, in words; null when it rests. */
  doing: string | null;
  conflicts: Conflict[];
  /** What the last proposal brought and took, by name; null when there is none. */
  changed: { came: string[]; went: string[] } | null;
  /** How much better any board could be than the one that was composed, as a share of its points; and for which plan. */
  proof: { gap: number; kept: boolean; about: string } | null;
  /** With `keep`, what lies on the board stays and the rest is chosen around it. */
  compose(plan: Plan, keep?: boolean): Promise<void>;
  /**
   * `amends`: one step of undo with the edit of this name that called for it. `before`: only what differs from this
   * plan is laid, the rest stays where it lies.
   */
  lay(plan: Plan, amends?: string, before?: Plan): Promise<void>;
  /** What a hand has moved on a surface is given room: one step of undo with the edit of the name `amends`. */
  makeWay(before: Plan, surfaceId: Surface['id'], amends: string): Promise<void>;
  /** Only what a slip of the laid board is about is laid otherwise. */
  fixLaid(plan: Plan, surfaceId: Surface['id'], rule: TermId): Promise<void>;
  /** A slip that no tried remedy takes away: chosen again and judged; the plan changes only when that keeps its word. */
  chooseAgain(plan: Plan, key: string): Promise<void>;
  cancel(): void;
}

let running: Pick<Running<unknown>, 'cancel'> | undefined;

/** The name of the step that a proposal makes: choosing, choosing better and laying are undone together. */
export const COMPOSED = t('compose the board');

const session = () => useSession.getState();

/**
 * Is the plan still the one that was asked about, as far as this job goes? Hands may have bent it meanwhile. By value:
 * what was saved comes back from the store as another object.
 */
const untouched = (asked: Plan, placements: Plan['placements']): boolean =>
  session().planId === asked.id && JSON.stringify(session().plan?.placements) === JSON.stringify(placements);

/** All that a proof is about: the board and the whole brief. How it is laid, and notes, change nothing in it. */
export const provenFor = (plan: Plan): string => canonicalText({ ...plan, layout: [], notes: '' });

/** What came and what went, by name. */
function namedChange(before: Plan, after: Plan): { came: string[]; went: string[] } {
  const larder = planLarder(after);
  const names = (ids: readonly ComponentId[]) => ids.map((id) => larder.get(id)?.name ?? id);
  const { came, went } = cameAndWent(before, after);
  return { came: names(came), went: names(went) };
}

/**
 * Puts a proposal on the board, in the size that it asks for where nobody has set one: a step of its own, or one with the
 * proposal before it.
 */
function propose(placements: Plan['placements'], first: boolean): Plan['placements'] | undefined {
  const { plan } = session();
  if (!plan) return undefined;
  const command = {
    name: 'together' as const,
    label: COMPOSED,
    commands: [{ name: 'set-board' as const, placements }, ...fittedTo(plan, placements)],
  };
  if (first) session().edit(command);
  else session().amend(command, COMPOSED);
  return session().plan?.placements;
}

async function composeFor(plan: Plan, keep: boolean, set: (patch: Partial<Jobs>) => void): Promise<void> {
  set({ doing: t('Looking through the larder'), conflicts: [], changed: null, proof: null });
  const before = plan.placements;
  let shown: Plan['placements'] | undefined = before;
  const show = (found: Plan): void => {
    if (shown && untouched(plan, shown)) shown = propose(found.placements, shown === before);
  };
  const job = ask(
    'compose',
    { plan, ...(keep ? { keep } : {}) },
    { part: show, progress: (words) => set({ doing: words }) },
  );
  running = job;
  const answer = await finish(job, set);
  if (session().planId !== plan.id) return;
  if (answer?.status === 'impossible') set({ conflicts: answer.conflicts });
  else if (answer) {
    show(answer.plan);
    const { surfaces } = session().plan ?? plan;
    set({ proof: { gap: answer.gap, kept: keep, about: provenFor({ ...answer.plan, surfaces }) } });
  }
  // stopped after the first board: it stays, and is laid
  const now = session().plan;
  if (now && shown !== before && before.length > 0) set({ changed: namedChange(plan, now) });
  if (now && shown && shown !== before && untouched(plan, shown)) await layAs(now, COMPOSED, undefined, set);
}

/** Long work. The first good board is shown at once; a better one replaces it only while nobody has bent it. */
export const useKitchen = create<Jobs>((set) => ({
  doing: null,
  conflicts: [],
  changed: null,
  proof: null,

  compose: (plan, keep = false) => composeFor(plan, keep, set),

  lay: (plan, amends, before) => layAs(plan, amends, before, set),

  async makeWay(before, surfaceId, amends) {
    const { plan, steps } = session();
    if (!plan) return;
    const job = ask('make-way', { plan, before, surfaceId, seed: plan.seed });
    running = job;
    const laid = (await finish(job, set))?.laid;
    if (laid && session().steps === steps && stillLies(plan, surfaceId))
      session().amend(layoutOf(laid), amends);
  },

  async fixLaid(plan, surfaceId, rule) {
    set({ doing: t('Laying only this otherwise') });
    const job = ask('fix-laid', { plan, surfaceId, rule, seed: plan.seed });
    running = job;
    const answer = await finish(job, set);
    if (!answer || !stillLies(plan, surfaceId)) return;
    if (answer.laid) session().edit({ ...layoutOf(answer.laid), label: t('lay only this otherwise') });
    else
      toast(
        t('No better place was found for it. Nothing was changed: move something by hand, or lay it again.'),
      );
  },

  async chooseAgain(plan, key) {
    set({ doing: t('Choosing again'), conflicts: [], changed: null, proof: null });
    const job = ask('way-out', { plan, key }, { progress: (words) => set({ doing: words }) });
    running = job;
    const answer = await finish(job, set);
    if (!answer || !untouched(plan, plan.placements)) return;
    if (!answer.tried) {
      toast(t('No board was found that is free of this. Nothing was changed.'));
      return;
    }
    const { command } = answer.tried.remedy;
    session().edit(command);
    const now = session().plan;
    if (!now) return;
    set({ changed: namedChange(plan, now) });
    await layAs(now, t('choose again'), undefined, set);
  },

  cancel() {
    running?.cancel();
  },
}));

onOtherPlan(() => {
  running?.cancel();
  useKitchen.setState({ doing: null, conflicts: [], changed: null, proof: null });
});

/** Does a surface still lie as it lay when the kitchen was asked? */
function stillLies(asked: Plan, surfaceId: Surface['id']): boolean {
  const now = session().plan;
  const of = (plan: Plan) => plan.layout.find((layer) => layer.surfaceId === surfaceId);
  return (
    session().planId === asked.id && now !== null && JSON.stringify(of(now)) === JSON.stringify(of(asked))
  );
}

const layoutOf = ({ surfaceId, elements }: LaidSurface) => ({
  name: 'together' as const,
  label: t('lay the board'),
  commands: [{ name: 'set-layout' as const, surfaceId, elements }],
});

/** The plan with a first draft of its boards, to be looked at until they have settled. */
const drafted = (plan: Plan, drafts: readonly LaidSurface[]): Plan => ({
  ...plan,
  layout: drafts.map(({ surfaceId, elements }) => ({ surfaceId, elements })),
});

type Set = (patch: Partial<Jobs>) => void;

async function layAs(
  plan: Plan,
  amends: string | undefined,
  before: Plan | undefined,
  set: Set,
): Promise<void> {
  set({ doing: t('Laying the board') });
  const progress = (words: string) => set({ doing: words });
  const job = before
    ? ask('lay', { plan, seed: plan.seed, before }, { progress })
    : layBeside(plan, {
        progress,
        part: (drafts) => usePreview.getState().show(drafted(plan, drafts)),
      });
  running = job;
  const answer = await finish(job, set);
  usePreview.getState().show(null);
  if (!answer || answer.surfaces.length === 0 || session().planId !== plan.id) return;
  const command = {
    name: 'together' as const,
    label: t('lay the board'),
    commands: answer.surfaces.map((laid) => ({
      name: 'set-layout' as const,
      surfaceId: laid.surfaceId,
      elements: laid.elements,
    })),
  };
  if (amends === undefined) session().edit(command);
  else session().amend(command, amends);
}

async function finish<A>(job: Pick<Running<A>, 'done'>, set: Set): Promise<A | undefined> {
  try {
    return await job.done;
  } catch (error) {
    if (!(error instanceof Cancelled)) toast.error(error instanceof Error ? error.message : String(error));
    return undefined;
  } finally {
    set({ doing: null });
  }
}
