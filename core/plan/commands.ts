import { z } from 'zod';
import { FORM_IDS, componentIdSchema, componentSchema } from '../catalogue/index.js';
import { groupIdSchema, groupSchema } from '../party/index.js';
import { diff, type Change } from './diff.js';
import {
  answerSchema,
  elementSchema,
  occasionSchema,
  overrulingSchema,
  placementSchema,
  planSchema,
  settledSchema,
  surfaceSchema,
  type Plan,
} from './document.js';
import { pathText, type ReadProblem } from './read.js';

const surfaceId = surfaceSchema.shape.id;
const levers = planSchema.shape.wishes.shape.levers;

/** Every edit there is. The name says what undo will undo. */
const single = z.discriminatedUnion('name', [
  z.strictObject({ name: z.literal('set-occasion'), patch: occasionSchema.partial() }),
  z.strictObject({ name: z.literal('set-party'), party: z.array(groupSchema).max(60) }),
  z.strictObject({ name: z.literal('set-group'), group: groupSchema }),
  z.strictObject({ name: z.literal('remove-group'), groupId: groupIdSchema }),
  z.strictObject({ name: z.literal('set-surface'), surface: surfaceSchema }),
  z.strictObject({ name: z.literal('remove-surface'), surfaceId }),
  z.strictObject({ name: z.literal('set-budget'), budgetMinor: planSchema.shape.budgetMinor }),
  z.strictObject({ name: z.literal('set-policy'), policy: planSchema.shape.policy }),
  z.strictObject({ name: z.literal('set-levers'), levers }),
  z.strictObject({ name: z.literal('set-seed'), seed: planSchema.shape.seed }),
  z.strictObject({ name: z.literal('set-notes'), notes: planSchema.shape.notes }),
  z.strictObject({ name: z.literal('set-bowls'), bowls: planSchema.shape.bowls }),
  z.strictObject({ name: z.literal('set-tools'), tools: planSchema.shape.tools }),
  z.strictObject({ name: z.literal('pin'), componentId: componentIdSchema, on: z.boolean() }),
  z.strictObject({ name: z.literal('exclude'), componentId: componentIdSchema, on: z.boolean() }),
  /** What lies on one surface of one component, all lots; an empty list takes it away. */
  z.strictObject({
    name: z.literal('place'),
    componentId: componentIdSchema,
    surfaceId,
    placements: z.array(placementSchema).max(10),
  }),
  z.strictObject({ name: z.literal('leave-out'), componentId: componentIdSchema }),
  z.strictObject({
    name: z.literal('set-form'),
    componentId: componentIdSchema,
    surfaceId,
    form: z.enum(FORM_IDS),
    pieces: z.number().int().min(1).max(20_000),
  }),
  z.strictObject({ name: z.literal('contain'), componentId: componentIdSchema, surfaceId, on: z.boolean() }),
  z.strictObject({
    name: z.literal('move'),
    componentId: componentIdSchema,
    from: surfaceId,
    to: surfaceId,
  }),
  z.strictObject({ name: z.literal('set-board'), placements: z.array(placementSchema).max(1000) }),
  z.strictObject({ name: z.literal('set-layout'), surfaceId, elements: z.array(elementSchema).max(400) }),
  z.strictObject({
    name: z.literal('move-element'),
    surfaceId,
    elementId: elementSchema.shape.id,
    x: z.number(),
    y: z.number(),
    angle: z.number(),
  }),
  z.strictObject({
    name: z.literal('pin-element'),
    surfaceId,
    elementId: elementSchema.shape.id,
    on: z.boolean(),
  }),
  z.strictObject({ name: z.literal('answer'), answer: answerSchema }),
  z.strictObject({
    name: z.literal('take-back-answer'),
    componentId: componentIdSchema,
    fact: answerSchema.shape.fact,
  }),
  z.strictObject({ name: z.literal('overrule'), overruling: overrulingSchema }),
  z.strictObject({
    name: z.literal('take-back-overruling'),
    componentId: componentIdSchema,
    groupId: groupIdSchema,
  }),
  z.strictObject({ name: z.literal('add-component'), component: componentSchema }),
  z.strictObject({ name: z.literal('settle'), settled: settledSchema }),
  z.strictObject({ name: z.literal('unsettle'), key: settledSchema.shape.key }),
]);
type Single = z.infer<typeof single>;

/** Several edits as one step of undo, with its own words. */
const together = z.strictObject({
  name: z.literal('together'),
  label: z.string().max(120),
  commands: z.array(single).max(200),
});

export const commandSchema = z.union([together, single]);
export type Command = z.infer<typeof commandSchema>;

export interface Done {
  plan: Plan;
  changes: Change[];
  label: string;
}

export type CommandResult = ({ ok: true } & Done) | { ok: false; problems: ReadProblem[] };

/** Applies a command. The new document is checked as a whole, so that no edit can leave a plan that cannot be read again. */
export function applyCommand(plan: Plan, command: Command): CommandResult {
  const parsed = commandSchema.safeParse(command);
  if (!parsed.success) return problemsOf(parsed.error);
  const list = parsed.data.name === 'together' ? parsed.data.commands : [parsed.data];
  const next = list.reduce(run, plan);
  const checked = planSchema.safeParse(next);
  if (!checked.success) return problemsOf(checked.error);
  const label = parsed.data.name === 'together' ? parsed.data.label : LABELS[parsed.data.name];
  return { ok: true, plan: next, changes: diff(plan, next), label };
}

function problemsOf(error: z.ZodError): CommandResult {
  return {
    ok: false,
    problems: error.issues.map((i) => ({ code: 'bad-field', path: pathText(i.path), reason: i.message })),
  };
}

const LABELS: Record<Single['name'], string> = {
  'set-occasion': 'change the occasion',
  'set-party': 'change the party',
  'set-group': 'change a group',
  'remove-group': 'remove a group',
  'set-surface': 'change a surface',
  'remove-surface': 'remove a surface',
  'set-budget': 'change the budget',
  'set-policy': 'change who is looked after',
  'set-levers': 'move a lever',
  'set-seed': 'ask for another board',
  'set-notes': 'change the notes',
  'set-bowls': 'change the bowls',
  'set-tools': 'change the tools',
  pin: 'pin or unpin',
  exclude: 'exclude or allow',
  place: 'change an amount',
  'leave-out': 'leave out',
  'set-form': 'change the form',
  contain: 'contain in a bowl',
  move: 'move to another surface',
  'set-board': 'choose the board',
  'set-layout': 'lay the board',
  'move-element': 'move on the board',
  'pin-element': 'pin on the board',
  answer: 'note an answer',
  'take-back-answer': 'take back an answer',
  overrule: 'overrule',
  'take-back-overruling': 'take back an overruling',
  'add-component': 'add a component',
  settle: 'settle a slip',
  unsettle: 'take a slip back',
};

const replaceBy = <T>(items: readonly T[], same: (item: T) => boolean, item: T): T[] =>
  items.some(same) ? items.map((i) => (same(i) ? item : i)) : [...items, item];

const toggled = <T>(items: readonly T[], item: T, on: boolean): T[] =>
  on ? (items.includes(item) ? [...items] : [...items, item]) : items.filter((i) => i !== item);

/** A group that leaves is taken out of the surfaces and overrulings that name it. */
function withParty(plan: Plan, party: Plan['party']): Plan {
  const ids = new Set(party.map((g) => g.id));
  return {
    ...plan,
    party,
    surfaces: plan.surfaces.map((s) => {
      if (!s.serves || s.serves.every((g) => ids.has(g))) return s;
      return { ...s, serves: s.serves.filter((g) => ids.has(g)) };
    }),
    overrulings: plan.overrulings.filter((o) => ids.has(o.groupId)),
  };
}

/** Merges what lies on `to` already: one placement per lot, forms as the moved food has them. */
function moved(plan: Plan, c: Extract<Single, { name: 'move' }>): Plan {
  const here = plan.placements.filter((p) => p.componentId === c.componentId && p.surfaceId === c.from);
  const rest = plan.placements.filter((p) => !here.includes(p));
  const placements = here.reduce((all, p) => {
    const twin = all.find(
      (q) => q.componentId === p.componentId && q.surfaceId === c.to && q.lot === p.lot && q.form === p.form,
    );
    if (!twin) return [...all, { ...p, surfaceId: c.to }];
    return all.map((q) => (q === twin ? { ...q, massG: q.massG + p.massG, pieces: q.pieces + p.pieces } : q));
  }, rest);
  return { ...plan, placements };
}

function withElement(
  plan: Plan,
  surface: string,
  id: string,
  change: (e: Plan['layout'][number]['elements'][number]) => Plan['layout'][number]['elements'][number],
): Plan {
  return {
    ...plan,
    layout: plan.layout.map((l) =>
      l.surfaceId === surface ? { ...l, elements: l.elements.map((e) => (e.id === id ? change(e) : e)) } : l,
    ),
  };
}

type El = Plan['layout'][number]['elements'][number];

/** The outline goes along with its element. */
function shifted(e: El, x: number, y: number, angle: number): El {
  const turn = ((angle - e.angle) * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const r = (n: number) => Math.round(n * 10) / 10;
  return {
    ...e,
    x: r(x),
    y: r(y),
    angle: r(((angle % 360) + 360) % 360),
    outline: e.outline.map(([px, py]) => {
      const [dx, dy] = [px - e.x, py - e.y];
      return [r(x + dx * cos - dy * sin), r(y + dx * sin + dy * cos)];
    }),
  };
}

function run(plan: Plan, c: Single): Plan {
  switch (c.name) {
    case 'set-occasion':
      return { ...plan, occasion: { ...plan.occasion, ...(c.patch as Partial<Plan['occasion']>) } };
    case 'set-party':
      return withParty(plan, c.party);
    case 'set-group':
      return { ...plan, party: replaceBy(plan.party, (g) => g.id === c.group.id, c.group) };
    case 'remove-group':
      return withParty(
        plan,
        plan.party.filter((g) => g.id !== c.groupId),
      );
    case 'set-surface':
      return { ...plan, surfaces: replaceBy(plan.surfaces, (s) => s.id === c.surface.id, c.surface) };
    case 'remove-surface':
      return {
        ...plan,
        surfaces: plan.surfaces.filter((s) => s.id !== c.surfaceId),
        placements: plan.placements.filter((p) => p.surfaceId !== c.surfaceId),
        layout: plan.layout.filter((l) => l.surfaceId !== c.surfaceId),
      };
    case 'set-budget':
      return { ...plan, budgetMinor: c.budgetMinor };
    case 'set-policy':
      return { ...plan, policy: c.policy };
    case 'set-levers':
      return { ...plan, wishes: { ...plan.wishes, levers: c.levers } };
    case 'set-seed':
      return { ...plan, seed: c.seed };
    case 'set-notes':
      return { ...plan, notes: c.notes };
    case 'set-bowls':
      return { ...plan, bowls: c.bowls };
    case 'set-tools':
      return { ...plan, tools: c.tools };
    case 'pin':
      return {
        ...plan,
        wishes: {
          ...plan.wishes,
          pinned: toggled(plan.wishes.pinned, c.componentId, c.on),
          excluded: c.on ? toggled(plan.wishes.excluded, c.componentId, false) : plan.wishes.excluded,
        },
      };
    case 'exclude':
      return {
        ...plan,
        wishes: {
          ...plan.wishes,
          excluded: toggled(plan.wishes.excluded, c.componentId, c.on),
          pinned: c.on ? toggled(plan.wishes.pinned, c.componentId, false) : plan.wishes.pinned,
        },
        placements: c.on ? plan.placements.filter((p) => p.componentId !== c.componentId) : plan.placements,
      };
    case 'place':
      return {
        ...plan,
        placements: [
          ...plan.placements.filter((p) => p.componentId !== c.componentId || p.surfaceId !== c.surfaceId),
          ...c.placements.map((p) => ({ ...p, componentId: c.componentId, surfaceId: c.surfaceId })),
        ],
      };
    case 'leave-out':
      return {
        ...plan,
        placements: plan.placements.filter((p) => p.componentId !== c.componentId),
        wishes: { ...plan.wishes, pinned: toggled(plan.wishes.pinned, c.componentId, false) },
      };
    case 'set-form': {
      const total = plan.placements
        .filter((p) => p.componentId === c.componentId && p.surfaceId === c.surfaceId)
        .reduce((sum, p) => sum + p.massG, 0);
      return {
        ...plan,
        placements: plan.placements.map((p) =>
          p.componentId === c.componentId && p.surfaceId === c.surfaceId
            ? { ...p, form: c.form, pieces: Math.max(1, Math.round((c.pieces * p.massG) / total)) }
            : p,
        ),
      };
    }
    case 'contain':
      return {
        ...plan,
        placements: plan.placements.map((p) =>
          p.componentId === c.componentId && p.surfaceId === c.surfaceId ? { ...p, contained: c.on } : p,
        ),
      };
    case 'move':
      return moved(plan, c);
    case 'set-board':
      return { ...plan, placements: c.placements };
    case 'set-layout':
      return {
        ...plan,
        layout: replaceBy(plan.layout, (l) => l.surfaceId === c.surfaceId, {
          surfaceId: c.surfaceId,
          elements: c.elements,
        }),
      };
    case 'move-element':
      return withElement(plan, c.surfaceId, c.elementId, (e) => shifted(e, c.x, c.y, c.angle));
    case 'pin-element':
      return withElement(plan, c.surfaceId, c.elementId, (e) => ({ ...e, pinned: c.on }));
    case 'answer':
      return {
        ...plan,
        answers: replaceBy(
          plan.answers,
          (a) => a.componentId === c.answer.componentId && a.fact === c.answer.fact,
          c.answer,
        ),
      };
    case 'take-back-answer':
      return {
        ...plan,
        answers: plan.answers.filter((a) => a.componentId !== c.componentId || a.fact !== c.fact),
      };
    case 'overrule':
      return {
        ...plan,
        overrulings: replaceBy(
          plan.overrulings,
          (o) => o.componentId === c.overruling.componentId && o.groupId === c.overruling.groupId,
          c.overruling,
        ),
      };
    case 'take-back-overruling':
      return {
        ...plan,
        overrulings: plan.overrulings.filter(
          (o) => o.componentId !== c.componentId || o.groupId !== c.groupId,
        ),
      };
    case 'add-component':
      return {
        ...plan,
        ownComponents: replaceBy(plan.ownComponents, (o) => o.id === c.component.id, c.component),
      };
    case 'settle':
      return { ...plan, settled: replaceBy(plan.settled, (s) => s.key === c.settled.key, c.settled) };
    case 'unsettle':
      return { ...plan, settled: plan.settled.filter((s) => s.key !== c.key) };
  }
}
