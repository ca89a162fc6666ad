import { strToU8, zipSync } from 'fflate';
import { menuText, shoppingCsv } from '../../core/exchange/index.js';
import { taskSaid, type Task } from '../../core/make/index.js';
import { boardSvg, drawnSize } from '../../core/picture/index.js';
import { canonicalText, type Plan, type Surface } from '../../core/plan/index.js';
import { speak } from '../../core/words/index.js';
import { speechNow } from '../store/useSpeech.js';
import { useSettings } from '../store/settings.js';
import { saveFile, svgToPng } from '../ui/save.js';
import { t } from '../words/index.js';

/** A file's name keeps the letters of every alphabet. */
const fileName = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{M}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '') || 'plan';

export const planFile = (plan: Plan): void =>
  saveFile(`${fileName(plan.occasion.name)}.plate.json`, canonicalText(plan));

export const shoppingFile = (plan: Plan): void =>
  saveFile(`${fileName(plan.occasion.name)}-shopping.csv`, shoppingCsv([plan]), 'text/csv;charset=utf-8');

const taskWords =
  (plan: Plan) =>
  (task: Task): string =>
    speak(taskSaid(plan, task), speechNow());

/** The day for a calendar; the writer is fetched when it is asked for. */
export async function calendarFile(plan: Plan): Promise<void> {
  const { dayCalendar } = await import('../../core/exchange/day.js');
  const text = dayCalendar(plan, taskWords(plan));
  if (text === '') throw new Error(t('No day is laid out yet: do it in Make.'));
  saveFile(`${fileName(plan.occasion.name)}-day.ics`, text, 'text/calendar;charset=utf-8');
}

export async function dayFile(plan: Plan): Promise<void> {
  const { dayCsv } = await import('../../core/exchange/day.js');
  saveFile(
    `${fileName(plan.occasion.name)}-day.csv`,
    dayCsv(plan, taskWords(plan)),
    'text/csv;charset=utf-8',
  );
}

export const menuFile = (plan: Plan): void =>
  saveFile(
    `${fileName(plan.occasion.name)}-menu.txt`,
    menuText(plan, speechNow()),
    'text/plain;charset=utf-8',
  );

/** The offer; what is promised of the guests is checked for it. */
export async function offerFile(plan: Plan): Promise<void> {
  const [{ offerText }, { checkPlan }] = await Promise.all([
    import('../../core/exchange/offer.js'),
    import('../../core/check/index.js'),
  ]);
  saveFile(
    `${fileName(plan.occasion.name)}-offer.txt`,
    offerText(plan, checkPlan(plan), speechNow()),
    'text/plain;charset=utf-8',
  );
}

const savePdf = (plan: Plan, name: string, pdf: Uint8Array): void =>
  saveFile(
    `${fileName(plan.occasion.name)}-${name}.pdf`,
    new Blob([pdf as BlobPart], { type: 'application/pdf' }),
  );

/** A sheet for each helper, with each stage of laying drawn. */
export async function dayPaper(plan: Plan): Promise<void> {
  const { dayPdf } = await import('../../core/exchange/paper/day-pdf.js');
  const pdf = await dayPdf(plan, paperNow(), speechNow());
  if (!pdf) throw new Error(t('No day is laid out yet: do it in Make.'));
  savePdf(plan, 'day', pdf);
}

/** A picture for a page: no client prints it larger. */
const OFFER_PX = 1400;

/** The offer with the picture of its first board. */
export async function offerPaper(plan: Plan): Promise<void> {
  const [{ offerPdf }, { checkPlan }] = await Promise.all([
    import('../../core/exchange/paper/offer-pdf.js'),
    import('../../core/check/index.js'),
  ]);
  const first = plan.surfaces.find(({ id }) => plan.layout.some(({ surfaceId }) => surfaceId === id));
  const png = first && new Uint8Array(await (await pngOf(plan, first, OFFER_PX)).arrayBuffer());
  const options = { paper: paperNow(), speech: speechNow(), ...(png ? { png } : {}) } as const;
  savePdf(plan, 'offer', await offerPdf(plan, checkPlan(plan), options));
}

/** What is cut and laid after an outline, in true size. The writer of PDFs is fetched when it is asked for. */
export async function lifeSizeFile(plan: Plan): Promise<void> {
  const { lifeSizePdf } = await import('./life-size.js');
  const pdf = await lifeSizePdf(plan, paperNow());
  if (!pdf)
    throw new Error(t('Nothing is cut out, written or filled yet: there is nothing to draw in true size.'));
  savePdf(plan, 'life-size', pdf);
}

const paperNow = () => (useSettings.getState().units === 'imperial' ? 'letter' : 'a4');

/** What who lays a surface needs on paper: step by step, or in true size. */
export async function boardFile(plan: Plan, surfaceId: string, kind: 'build' | 'template'): Promise<void> {
  const surface = plan.surfaces.find((surface) => surface.id === surfaceId);
  if (!surface) return;
  const { boardSheet } = await import('../../core/exchange/paper/board.js');
  const pdf = await boardSheet(plan, surface, kind, paperNow(), speechNow());
  if (!pdf) throw new Error(t('Nothing is laid here yet: lay the board first.'));
  saveFile(
    `${fileName(`${plan.occasion.name} ${surface.name}`)}-${kind}.pdf`,
    new Blob([pdf as BlobPart], { type: 'application/pdf' }),
  );
}

/** The drawing of a surface, with its cards where the screen shows them. */
const drawingOf = (plan: Plan, surface: Surface): string =>
  boardSvg(plan, surface, { labels: useSettings.getState().labels, cloth: true });

/** A surface's picture; `mostPx` where it is to be small. */
const pngOf = (plan: Plan, surface: Surface, mostPx?: number): Promise<Blob> => {
  const [length, width] = drawnSize(surface, true);
  return svgToPng(
    drawingOf(plan, surface),
    length,
    width,
    ...(mostPx === undefined ? [] : [mostPx / Math.max(length, width)]),
  );
};

/** One surface's picture. A surface that is not there any more gives no file. */
export async function onePicture(plan: Plan, surfaceId: string, kind: 'svg' | 'png'): Promise<void> {
  const surface = plan.surfaces.find((surface) => surface.id === surfaceId);
  if (!surface) return;
  const name = `${fileName(`${plan.occasion.name} ${surface.name}`)}.${kind}`;
  if (kind === 'svg') saveFile(name, drawingOf(plan, surface), 'image/svg+xml');
  else saveFile(name, await pngOf(plan, surface), 'image/png');
}

/** One surface's picture on a page. */
export async function picturePaper(plan: Plan, surfaceId: string): Promise<void> {
  const surface = plan.surfaces.find((surface) => surface.id === surfaceId);
  if (!surface) return;
  const { picturePdf } = await import('../../core/exchange/paper/picture-pdf.js');
  const png = new Uint8Array(await (await pngOf(plan, surface)).arrayBuffer());
  savePdf(plan, `${fileName(surface.name)}-picture`, await picturePdf(plan, surface, png, paperNow()));
}

/** Every surface's picture in one file, each with its place in the order of the table. */
export async function allPictures(plan: Plan, kind: 'svg' | 'png'): Promise<void> {
  const files: Record<string, Uint8Array> = {};
  for (const [i, surface] of plan.surfaces.entries()) {
    const name = `${i + 1}-${fileName(surface.name)}.${kind}`;
    files[name] =
      kind === 'svg'
        ? strToU8(drawingOf(plan, surface))
        : new Uint8Array(await (await pngOf(plan, surface)).arrayBuffer());
  }
  const packed = zipSync(files, { level: kind === 'svg' ? 6 : 0 });
  saveFile(
    `${fileName(plan.occasion.name)}-pictures.zip`,
    new Blob([packed as BlobPart], { type: 'application/zip' }),
  );
}
