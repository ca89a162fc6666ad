import { PDFDocument, rgb, StandardFonts, type PDFFont, type PDFPage } from 'pdf-lib';
import type { Polygon } from '../../core/geometry/index.js';
import type { Plan } from '../../core/plan/index.js';
import {
  EDGE_MM,
  HEAD_MM,
  lifeSizesOf,
  PAPERS,
  tilesOf,
  type LifeSize,
  type PaperId,
  type Tile,
} from '../../core/shape/index.js';
import { t, word } from '../words/index.js';

/** Points of a page in a millimetre. */
export const POINTS = 72 / 25.4;
const INK = rgb(0.1, 0.13, 0.25);
const SOFT = rgb(0.55, 0.55, 0.6);
const [EDGE_PT, CUT_PT] = [0.9, 0.6];
const BAR_MM = 100;
const MARK_MM = 6;
/** Between the head and a drawing that ends right below it. */
const CLEAR_MM = 2;

const TITLES: Record<LifeSize['of'], (name: string) => string> = {
  slice: (name) =>
    t('{name}: the slice with its cuts, numbered as they are pressed, and its cutters', { name }),
  made: (name) => name,
  motif: (name) => t('{name}: lay it out with this', { name: word(name) }),
};

/** The letters that the built-in faces of a PDF have; any other is left out of a heading rather than refused. */
const plain = (words: string): string =>
  words.normalize('NFC').replace(/[^\u0020-\u007e\u00a0-\u00ff]/g, '·');

interface Sheet {
  page: PDFPage;
  font: PDFFont;
}

function line(page: PDFPage, from: [number, number], to: [number, number], soft = false): void {
  page.drawLine({
    start: { x: from[0] * POINTS, y: from[1] * POINTS },
    end: { x: to[0] * POINTS, y: to[1] * POINTS },
    thickness: 0.6,
    color: soft ? SOFT : INK,
  });
}

function say({ page, font }: Sheet, words: string, x: number, y: number, size = 10): void {
  page.drawText(plain(words), { x: x * POINTS, y: y * POINTS, size, font, color: INK });
}

/** The head of a sheet: what it shows, which part of it, and a bar that proves the size. */
function drawHead(sheet: Sheet, title: string, { column, row, columns, rows }: Tile): void {
  const { page } = sheet;
  const top = page.getHeight() / POINTS - EDGE_MM;
  const part =
    columns * rows > 1
      ? t('Row {row, number} of {rows, number}, sheet {column, number} of {columns, number}. ', {
          row: row + 1,
          rows,
          column: column + 1,
          columns,
        })
      : '';
  // a drawing that goes on above is not read through the words
  page.drawRectangle({
    x: 0,
    y: (top - HEAD_MM + CLEAR_MM) * POINTS,
    width: page.getWidth(),
    height: (HEAD_MM + EDGE_MM) * POINTS,
    color: rgb(1, 1, 1),
  });
  say(sheet, title, EDGE_MM, top - 4, 12);
  say(sheet, `${part}${t('Print at 100 %: this bar is 100 mm.')}`, EDGE_MM, top - 10);
  const y = top - 15;
  line(page, [EDGE_MM, y], [EDGE_MM + BAR_MM, y]);
  for (let mm = 0; mm <= BAR_MM; mm += 10)
    line(page, [EDGE_MM + mm, y - (mm % 50 === 0 ? 2 : 1)], [EDGE_MM + mm, y + (mm % 50 === 0 ? 2 : 1)]);
}

/** Crosses in the corners, by which sheets that are glued together are laid on each other. */
function drawMarks(page: PDFPage, paper: PaperId): void {
  const { widthMm, heightMm } = PAPERS[paper];
  for (const x of [EDGE_MM, widthMm - EDGE_MM])
    for (const y of [EDGE_MM, heightMm - EDGE_MM - HEAD_MM]) {
      line(page, [x - MARK_MM / 2, y], [x + MARK_MM / 2, y], true);
      line(page, [x, y - MARK_MM / 2], [x, y + MARK_MM / 2], true);
    }
}

/** A path of the page: its own y runs down from where it is put. */
const pathOf = (outline: Polygon): string =>
  `M${outline.map(([x, y]) => `${(x * POINTS).toFixed(3)} ${(-y * POINTS).toFixed(3)}`).join('L')}Z`;

function drawTile(sheet: Sheet, drawing: LifeSize, tile: Tile): void {
  const at = { x: (EDGE_MM - tile.x) * POINTS, y: (EDGE_MM - tile.y) * POINTS };
  for (const { outline, isEdge } of drawing.lines)
    sheet.page.drawSvgPath(pathOf(outline), {
      ...at,
      borderColor: INK,
      borderWidth: isEdge ? EDGE_PT : CUT_PT,
    });
  for (const {
    at: [x, y],
    n,
  } of drawing.numbers)
    say(sheet, String(n), EDGE_MM - tile.x + x - 1.2, EDGE_MM - tile.y + y - 1.4, 9);
}

/** Everything of a plan that is cut, opened, written or laid after an outline, in true size on paper; undefined where there is nothing. */
export async function lifeSizePdf(plan: Plan, paper: PaperId): Promise<Uint8Array | undefined> {
  const drawings = lifeSizesOf(plan);
  if (drawings.length === 0) return undefined;
  const pdf = await PDFDocument.create();
  pdf.setTitle(plain(t('{name}: the bench', { name: plan.occasion.name })));
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const { widthMm, heightMm } = PAPERS[paper];
  for (const drawing of drawings)
    for (const tile of tilesOf(drawing, paper)) {
      const sheet = { page: pdf.addPage([widthMm * POINTS, heightMm * POINTS]), font };
      drawTile(sheet, drawing, tile);
      if (tile.columns * tile.rows > 1) drawMarks(sheet.page, paper);
      drawHead(sheet, TITLES[drawing.of](drawing.name), tile);
    }
  return pdf.save();
}
