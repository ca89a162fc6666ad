import {
  boardSaid,
  taskCautions,
  buildStep,
  keptDayOf,
  taskSaid,
  type BuildStep,
  type Kept,
} from '../../make/index.js';
import { nameOf, planMaking } from '../../portion/index.js';
import { addMinutes, clockOf, formatMass, speakTime } from '../../measure/index.js';
import type { Plan } from '../../plan/index.js';
import type { PaperId } from '../../shape/index.js';
import { speak, type Speech } from '../../words/index.js';
import { drawStep } from './board.js';
import { flowOf, type Flow } from './flow.js';
import { pagesOf } from './pages.js';

const STEP_MM = 66;

/**
 * The day as a PDF: a page or more for each pair of hands, with recipes scaled and each stage of laying drawn. Undefined
 * where no day is laid out.
 */
export async function dayPdf(plan: Plan, paper: PaperId, speech: Speech): Promise<Uint8Array | undefined> {
  const day = keptDayOf(plan);
  const hands = day.hands.filter(({ id }) => day.kept.some(({ placed }) => placed.hand === id));
  if (hands.length === 0) return undefined;
  const pages = await pagesOf(plan.occasion.name, paper);
  const flow = flowOf(pages);
  const tasks = day.kept.map(({ task }) => task);
  for (const { id, name } of hands) {
    flow.page();
    flow.head(`${plan.occasion.name}: ${name}`, 15);
    flow.text(
      speak(
        { say: 'paper.day', with: { time: speakTime(plan.occasion.start, { locale: speech.locale }) } },
        speech,
      ),
    );
    let date = '';
    for (const item of day.kept.filter(({ placed }) => placed.hand === id)) {
      const now = addMinutes(plan.occasion.start, item.placed.start);
      const today = speakTime(now, { locale: speech.locale, year: false }).split(',')[0]!;
      if (today !== date) flow.head(today, 11);
      date = today;
      const step = buildStep(plan, tasks, item.task);
      taskRow(flow, plan, item, speech, step ? STEP_MM : 0);
      if (step) stepBlock(flow, step, speech);
    }
  }
  return pages.save();
}

function taskRow(flow: Flow, plan: Plan, { task, placed }: Kept, speech: Speech, keepMm: number): void {
  const at = (minute: number): string => clockOf(addMinutes(plan.occasion.start, minute));
  const making = task.kind === 'make' && task.foods[0] ? planMaking(plan, task.foods[0]) : undefined;
  const parts = making?.parts.map(
    ([id, grams]) =>
      `${nameOf(plan, id)} ${formatMass((grams * task.massG) / making.outG, speech.units, speech.locale)}`,
  );
  const board = boardSaid(plan, task);
  const what = [
    ...(placed.clean ? [speak({ say: 'paper.clean' }, speech)] : []),
    speak(taskSaid(plan, task), speech),
    ...(task.waitMin > 0 ? [speak({ say: 'paper.ready', with: { time: at(placed.end) } }, speech)] : []),
    ...(parts && making ? [`${parts.join(', ')}. ${making.steps}`] : []),
    ...(board ? [speak(board, speech)] : []),
    ...taskCautions(plan, task).map((caution) => speak({ say: `caution.${caution}` }, speech)),
  ];
  flow.row(`${at(placed.start)} - ${at(placed.handsEnd)}`, what, keepMm);
}

const stepBlock = (flow: Flow, step: BuildStep, speech: Speech): void =>
  flow.block(STEP_MM, (sheet, left, top, width) =>
    drawStep(sheet, step, { left, top, width, height: STEP_MM }, speech),
  );
