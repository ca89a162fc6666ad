import { FORMS } from '../catalogue/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { lower, type MessageId, type Said } from '../words/index.js';
import { touchOf } from './cutting-boards.js';
import type { DaySlip } from './kept.js';
import { ONE_CARRIES_G } from '../portion/index.js';
import { surfacesOf, type Task } from './task.js';
import { trayRuns } from './tasks/out.js';
import type { ToolLine } from './tools.js';
import type { Change, Way } from './ways.js';
import { shortName } from '../measure/index.js';

const MOST_NAMED = 4;

/** A task in words. */
export function taskSaid(plan: Plan, task: Task): Said {
  const larder = planLarder(plan);
  // "Hummus, home-made" in a list reads as two things
  const foods = task.foods.map((id) => shortName(larder.get(id)?.name ?? id));
  const surface = plan.surfaces.find(({ id }) => id === task.surfaceId)?.name ?? '';
  const more = surfacesOf(task).length - 1;
  return {
    say: `task.${sayOf(task)}` as MessageId,
    with: {
      food: lower(foods[0] ?? ''),
      foods: { foods: foods.map((name, i) => (i === 0 ? lower(name) : name)), most: MOST_NAMED },
      mass: { g: Math.round(task.massG) },
      pieces: task.pieces,
      form: task.form ? { word: FORMS[task.form].name } : '',
      surface: more > 0 ? { say: 'task.alike', with: { surface, n: more } } : surface,
      runs: trayRuns(task.pieces),
      stage: task.stage ? { say: `stage.${task.stage}` as MessageId } : '',
    },
  };
}

/** A board by itself, by two, or little ones on trays. */
function sayOf({ kind, surfaceId, massG }: Task): string {
  if (kind !== 'carry') return kind;
  if (!surfaceId) return 'carry-trays';
  return massG > ONE_CARRIES_G ? 'carry-two' : 'carry';
}

/** What would help, in words. */
export function waySaid({ changes }: Way): Said {
  const [one, other] = changes.map(changeSaid);
  return other ? { say: 'way.both', with: { one: one!, other } } : one!;
}

function changeSaid(change: Change): Said {
  switch (change.kind) {
    case 'hands':
      return { say: 'way.hands', with: { n: change.more } };
    case 'build':
      return { say: 'way.build', with: { n: change.minutes } };
    case 'equipment':
      return { say: 'way.equipment', with: { what: { say: `equipment.${change.equipment}` as MessageId } } };
    case 'buy': {
      const foods = change.foods.map(([, { name }], i) => (i === 0 ? lower(name) : name));
      return { say: 'way.buy', with: { foods: { foods, most: MOST_NAMED } } };
    }
    case 'day-before':
      return { say: 'way.day-before' };
  }
}

export const toolSaid = ({ id, diameterMm = 0, touches, colour }: ToolLine): Said => ({
  say: (touches && colour ? 'tool.colour-board' : `tool.${id}`) as MessageId,
  with: {
    size: { mm: diameterMm },
    touches: touches ? { say: `touches.${touches}` as MessageId } : '',
    colour: colour ?? '',
  },
});

/** Which cutting board a task is done on, where the house's boards have colours. */
export function boardSaid(plan: Plan, task: Task): Said | undefined {
  const touches = touchOf(task, planLarder(plan));
  const colour = plan.day.boards.find((board) => board.touches === touches)?.colour;
  return touches && colour
    ? { say: 'board.coloured', with: { colour, touches: { say: `touches.${touches}` as MessageId } } }
    : undefined;
}

/** A slip of the day in words: its headline. */
export const daySlipSaid = (slip: DaySlip): Said => ({
  say: `day.${slip.kind}` as MessageId,
  with: {
    n: slip.kind === 'kept-apart' ? slip.cleans : slip.tasks.length,
    what: slip.kind === 'equipment' ? { say: `equipment.${slip.equipment}` as MessageId } : '',
  },
});
