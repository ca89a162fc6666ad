import { formName, usualForm, type Component, type ComponentId, type FormFact } from '../catalogue/index.js';
import { checkPlan, lower, type Finding } from '../check/index.js';
import { placementsOf, wholePieces } from '../compose/index.js';
import { applyCommand, planLarder, type Command, type Placement, type Plan } from '../plan/index.js';
import { choosePacks } from '../portion/index.js';
import { likeness, scoreOf, type Likeness } from './likeness.js';

export interface Swap {
  id: ComponentId;
  name: string;
  kind: 'component' | 'form';
  score: number;
  keeps: string[];
  changes: string[];
  /** Slips that go away, and slips that come, in their own words. */
  fixes: string[];
  breaks: string[];
  costMinor: number;
  command: Command;
}

/** Candidates are judged on the whole plan; that many of the likest are tried. */
const TRIED = 14;
const LEAST_LIKE = 0.45;
/** What a slip that comes or goes is worth beside likeness. */
const SLIP_WORTH: Record<Finding['glyph'], number> = { cracked: 0.3, covered: 0.1, chipped: 0.06, whole: 0 };

/** Swaps for a component wherever it lies, best first. Empty when it is not on the board. */
export function swapsFor(plan: Plan, componentId: ComponentId): Swap[] {
  const larder = planLarder(plan);
  const component = larder.get(componentId);
  const here = plan.placements.filter((p) => p.componentId === componentId);
  if (!component || here.length === 0) return [];
  const before = checkPlan(plan).findings;
  const present = new Set(plan.placements.map((p) => p.componentId));
  const others = [...larder.values()]
    .filter((c) => !present.has(c.id) && !plan.wishes.excluded.includes(c.id) && c.made !== 'unknown')
    .map((c) => ({ c, like: likeness(component, c) }))
    .filter(({ like }) => scoreOf(like) >= LEAST_LIKE && like.family > 0)
    .sort((a, b) => scoreOf(b.like) - scoreOf(a.like))
    .slice(0, TRIED);
  const forms = component.forms.filter((f) => here.some((p) => p.form !== f.form));
  const swaps = [
    ...others.map(({ c, like }) => judged(plan, before, swapTo(plan, component, c, here, like))),
    ...forms.map((f) => judged(plan, before, reform(component, f, here))),
  ];
  return swaps.sort((a, b) => b.score - a.score);
}

type Draft = Omit<Swap, 'fixes' | 'breaks'> & { from: ComponentId };

function judged(plan: Plan, before: readonly Finding[], { from, ...draft }: Draft): Swap {
  const done = applyCommand(plan, draft.command);
  if (!done.ok) throw new Error(`expected a swap that can be applied: ${done.problems[0]?.reason}`);
  const after = checkPlan(done.plan).findings;
  // a question about another food is not answered by making the food irrelevant
  const gone = before.filter(
    (f) =>
      f.glyph !== 'whole' &&
      !after.some((a) => a.key === f.key) &&
      (f.code !== 'label-to-read' || f.components.includes(from)),
  );
  const come = after.filter((f) => f.glyph !== 'whole' && !before.some((b) => b.key === f.key));
  const worth = (fs: readonly Finding[]) => fs.reduce((n, f) => n + SLIP_WORTH[f.glyph], 0);
  return {
    ...draft,
    score: Math.round(Math.max(0, draft.score + worth(gone) - worth(come)) * 1000) / 1000,
    fixes: gone.map((f) => f.text),
    breaks: come.map((f) => f.text),
  };
}

/** The same grams on the same surfaces, in the new food's form that lies most alike. */
function swapTo(
  plan: Plan,
  from: Component,
  to: Component,
  here: readonly Placement[],
  like: Likeness,
): Draft {
  const surfaces = [...new Set(here.map((p) => p.surfaceId))];
  const placements = surfaces.flatMap((id) => {
    const old = here.filter((p) => p.surfaceId === id);
    const massG = old.reduce((n, p) => n + p.massG, 0);
    const fact = formLike(to, old[0]!, plan);
    return { id, placements: placementsOf(to, fact, id, massG, fact.form === 'bowl', plan) };
  });
  const massG = here.reduce((n, p) => n + p.massG, 0);
  return {
    from: from.id,
    id: to.id,
    name: to.name,
    kind: 'component',
    score: scoreOf(like),
    ...words(from, to, like),
    costMinor: choosePacks(to, massG).priceMinor - choosePacks(from, massG).priceMinor,
    command: {
      name: 'together',
      label: `swap ${lower(from.name)} for ${lower(to.name)}`,
      commands: [
        { name: 'leave-out', componentId: from.id },
        ...placements.map((p) => ({
          name: 'place' as const,
          componentId: to.id,
          surfaceId: p.id,
          placements: p.placements,
        })),
      ],
    },
  };
}

const SMALL_FORMS = new Set(['quartered', 'thin-strips', 'half-moons', 'grated', 'chopped', 'smeared']);

/** Where a food was cut small for children, its swap is too, if it can be. */
function formLike(to: Component, old: Placement, plan: Plan): FormFact {
  const surface = plan.surfaces.find((s) => s.id === old.surfaceId);
  const small = SMALL_FORMS.has(old.form) || surface?.smallHands;
  const safe = to.forms.find((f) => f.choking === 'safe' && f.pieceG < 60);
  return to.forms.find((f) => f.form === old.form) ?? (small && safe ? safe : usualForm(to));
}

const PART_WORDS: Record<keyof Likeness, string> = {
  family: 'its family',
  role: 'its part in a bite',
  taste: 'the taste',
  texture: 'the texture',
  colour: 'the colour',
  form: 'how it lies',
  cost: 'the price',
};

function words(from: Component, to: Component, like: Likeness): Pick<Swap, 'keeps' | 'changes'> {
  const parts = Object.keys(PART_WORDS) as (keyof Likeness)[];
  const milk = from.milk !== to.milk && to.milk !== 'none' ? [`${to.milk} milk`] : [];
  return {
    keeps: parts.filter((k) => like[k] >= 0.75).map((k) => PART_WORDS[k]),
    changes: [...parts.filter((k) => like[k] < 0.5).map((k) => PART_WORDS[k]), ...milk],
  };
}

/** The same food in another form: grapes in quarters, cheese in strips. */
function reform(component: Component, fact: FormFact, here: readonly Placement[]): Draft {
  const surfaces = [...new Set(here.map((p) => p.surfaceId))];
  return {
    from: component.id,
    id: component.id,
    name: `${component.name}, ${formName(fact.form)}`,
    kind: 'form',
    score: 0.72,
    keeps: ['the food itself', 'the price'],
    changes: ['how it lies'],
    costMinor: 0,
    command: {
      name: 'together',
      label: `serve ${lower(component.name)} as ${formName(fact.form)}`,
      commands: surfaces.map((surfaceId) => {
        const massG = here.filter((p) => p.surfaceId === surfaceId).reduce((n, p) => n + p.massG, 0);
        return {
          name: 'set-form' as const,
          componentId: component.id,
          surfaceId,
          form: fact.form,
          pieces: wholePieces(fact, massG).pieces,
        };
      }),
    },
  };
}
