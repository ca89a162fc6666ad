import { MAX_BUNDLE_BYTES, readPlansText, type NotTaken } from '../../core/exchange/index.js';
import { UNSAID_HOUR } from '../../core/portion/index.js';
import { emptyPlan, readPlanText, type Plan, type ReadProblem } from '../../core/plan/index.js';
import { localNow } from '../store/clock.js';
import type { CardRow } from '../store/db.js';
import { houseValues, moveOldSettings } from '../store/house.js';
import {
  latelyBeside,
  allPlansText,
  makeCards,
  purgeDeleted,
  putFree,
  putNew,
  putPlan,
  rawText,
  readRow,
} from '../store/plans.js';
import { breath } from '../idle.js';
import { saveFile } from '../ui/save.js';
import { t } from '../words/index.js';
import { toast } from '../ui/toast.js';

export { markDeleted, readRow, removeForGood } from '../store/plans.js';

const askToKeep = (): void => void navigator.storage?.persist?.();

/** What the start page does once it rests: cards of plans that another version stored, old trash, old settings. */
export async function tidy(): Promise<void> {
  await makeCards();
  await purgeDeleted(Date.now());
  await moveOldSettings();
}

/** Puts a demo on the table; its id, or undefined when it could not be read. */
export async function takeDemo(name: string): Promise<string | undefined> {
  const read = readPlanText(await (await fetch(`/demo/${name}.plate.json`)).text());
  if (!read.ok) return void toast.error(t('The demo could not be read.'));
  // the page answers a key between two pieces of work that are long together
  await breath();
  const id = await putNew(read.plan, Date.now());
  askToKeep();
  await breath();
  return id;
}

/** A new plan, with the answers that the house holds for good, and what the last boards had. */
export async function newPlate(): Promise<string> {
  const answers = await houseValues('answers');
  const empty = emptyPlan('occasion', `${localNow().slice(0, 10)}T${UNSAID_HOUR}`);
  const lately = await latelyBeside('', '');
  const plan = { ...empty, answers, wishes: { ...empty.wishes, lately } };
  const id = await putNew(plan, Date.now());
  askToKeep();
  return id;
}

export interface BroughtIn {
  /** Nothing of it was taken, and why. */
  refused?: readonly ReadProblem[];
  notTaken: readonly NotTaken[];
  taken: number;
  /** Plans whose id is on the table already. */
  twins: Plan[];
}

/** Plans of a file. A file that is too large is not even read. */
export async function bringIn(file: File): Promise<BroughtIn> {
  const text = file.size > MAX_BUNDLE_BYTES ? '' : await file.text();
  const read = readPlansText(text, file.size);
  if (!read.ok) return { refused: read.problems, notTaken: [], taken: 0, twins: [] };
  const twins = await putFree(read.plans, Date.now());
  const stored = read.plans.filter((plan) => !twins.includes(plan));
  if (stored.length > 0)
    toast(
      t('“{stored}” is on the table.', { stored: stored.map((plan) => plan.occasion.name).join('”, “') }),
    );
  return { notTaken: read.notTaken, taken: read.plans.length, twins };
}

/** The id is taken: a second plan beside it, or the new one in its place. */
export async function settleTwin(twin: Plan, how: 'both' | 'replace'): Promise<void> {
  if (how === 'both') await putNew(twin, Date.now());
  else await putPlan(twin, Date.now());
}

export async function copy(row: CardRow): Promise<void> {
  const read = await readRow(row.id);
  if (!read) return;
  const occasion = { ...read.doc.occasion, name: `${row.name} again`.slice(0, 80) };
  await putNew({ ...read.doc, occasion }, Date.now());
}

/** A damaged plan as it lies there, for whoever can mend it. */
export async function saveRaw(row: CardRow): Promise<void> {
  saveFile(`${row.id}.damaged.json`, await rawText(row.id));
}

export async function saveAll(): Promise<void> {
  const { text, damaged } = await allPlansText();
  saveFile('round-plate-plans.json', text);
  if (damaged.length > 0)
    toast.error(
      t(
        '{damagedCount} damaged {damagedCount, plural, one {plan is} other {plans are}} not in the file: save each from its card.',
        { damagedCount: damaged.length },
      ),
    );
}
