import {
  PDFDocument,
  rgb,
  StandardFonts,
  type PDFFont,
  type PDFImage,
  type PDFPage,
  type RGB,
} from 'pdf-lib';
import type { Polygon } from '../../geometry/index.js';
import { EDGE_MM, HEAD_MM, PAPERS, type PaperId } from '../../shape/index.js';

/** Points of a page in a millimetre. */
export const POINTS = 72 / 25.4;
export const INK = rgb(0.1, 0.13, 0.25);
export const SOFT = rgb(0.55, 0.55, 0.6);
export const PAPER = rgb(1, 1, 1);
const BAR_MM = 100;
const MARK_MM = 6;
/** Between the head and a drawing that ends right below it. */
const CLEAR_MM = 2;

export interface Sheet {
  page: PDFPage;
  font: PDFFont;
}

/** Pages of one size; lengths in millimetres from the lower left corner. The same input gives the same file: it carries no time. */
export interface Pages {
  paper: PaperId;
  add(): Sheet;
  /** A PNG that its pages can show. */
  image(png: Uint8Array): Promise<PDFImage>;
  save(): Promise<Uint8Array>;
}

/** The letters that the built-in faces of a PDF have; any other is left out of a line rather than refused. */
export const plain = (words: string): string =>
  words
    .normalize('NFC')
    .replace(/[\u2018\u2019]/g, "'")
    .replace(/[\u201c\u201d]/g, '"')
    .replace(/[\u2013\u2014\u2212]/g, '-')
    .replace(/[^\u0020-\u007e\u00a0-\u00ff\u20ac]/g, '·');

export async function pagesOf(title: string, paper: PaperId): Promise<Pages> {
  const pdf = await PDFDocument.create({ updateMetadata: false });
  pdf.setTitle(plain(title));
  const font = await pdf.embedFont(StandardFonts.Helvetica);
  const { widthMm, heightMm } = PAPERS[paper];
  return {
    paper,
    add: () => ({ page: pdf.addPage([widthMm * POINTS, heightMm * POINTS]), font }),
    image: (png) => pdf.embedPng(png),
    save: () => pdf.save(),
  };
}

export function line(page: PDFPage, from: [number, number], to: [number, number], soft = false): void {
  page.drawLine({
    start: { x: from[0] * POINTS, y: from[1] * POINTS },
    end: { x: to[0] * POINTS, y: to[1] * POINTS },
    thickness: 0.6,
    color: soft ? SOFT : INK,
  });
}

export function say({ page, font }: Sheet, words: string, x: number, y: number, size = 10): void {
  page.drawText(plain(words), { x: x * POINTS, y: y * POINTS, size, font, color: INK });
}

/** Words in lines no wider than this; gives the height of the next line's foot. */
export function sayWrapped(
  sheet: Sheet,
  words: string,
  x: number,
  y: number,
  widthMm: number,
  size = 9,
): number {
  const step = (size * 1.3) / POINTS;
  let now = '';
  let foot = y;
  for (const word of plain(words).split(' ')) {
    const longer = now ? `${now} ${word}` : word;
    if (now && sheet.font.widthOfTextAtSize(longer, size) > widthMm * POINTS) {
      say(sheet, now, x, foot, size);
      foot -= step;
      now = `   ${word}`;
    } else now = longer;
  }
  say(sheet, now, x, foot, size);
  return foot - step;
}

/** A path of the page: its own y runs down from where it is put. Given with y upwards. */
export const pathOf = (outline: Polygon): string =>
  `M${outline.map(([x, y]) => `${(x * POINTS).toFixed(3)} ${(-y * POINTS).toFixed(3)}`).join('L')}Z`;

export interface Filling {
  fill?: RGB;
  line?: RGB;
  width?: number;
}

/** An outline of millimetres, y down, with its middle at a point of the page, so many times as large. */
export function drawOutline(
  page: PDFPage,
  outline: Polygon,
  at: { x: number; y: number; scale: number },
  { fill, line, width = 0.5 }: Filling,
): void {
  page.drawSvgPath(pathOf(outline.map(([x, y]) => [x * at.scale, -y * at.scale])), {
    x: at.x * POINTS,
    y: at.y * POINTS,
    ...(fill ? { color: fill } : {}),
    ...(line ? { borderColor: line, borderWidth: width } : {}),
  });
}

/** A number on a white disc, its middle at a point of the page. */
export function drawNumber({ page, font }: Sheet, n: number, x: number, y: number, sizePt = 8): void {
  const words = String(n);
  page.drawCircle({
    x: x * POINTS,
    y: y * POINTS,
    size: sizePt * 0.78,
    color: PAPER,
    borderColor: INK,
    borderWidth: 0.5,
  });
  page.drawText(words, {
    x: x * POINTS - font.widthOfTextAtSize(words, sizePt) / 2,
    y: y * POINTS - sizePt * 0.36,
    size: sizePt,
    font,
    color: INK,
  });
}

/** The head of a sheet in true size: what it shows, which part of it, and a bar that proves the size. */
export function drawHead(sheet: Sheet, title: string, part: string): void {
  const { page } = sheet;
  const top = page.getHeight() / POINTS - EDGE_MM;
  // a drawing that goes on above is not read through the words
  page.drawRectangle({
    x: 0,
    y: (top - HEAD_MM + CLEAR_MM) * POINTS,
    width: page.getWidth(),
    height: (HEAD_MM + EDGE_MM) * POINTS,
    color: PAPER,
  });
  say(sheet, title, EDGE_MM, top - 4, 12);
  say(sheet, part, EDGE_MM, top - 10);
  const y = top - 15;
  line(page, [EDGE_MM, y], [EDGE_MM + BAR_MM, y]);
  for (let mm = 0; mm <= BAR_MM; mm += 10)
    line(page, [EDGE_MM + mm, y - (mm % 50 === 0 ? 2 : 1)], [EDGE_MM + mm, y + (mm % 50 === 0 ? 2 : 1)]);
}

/** Crosses in the corners, by which sheets that are glued together are laid on each other. */
export function drawMarks(page: PDFPage, paper: PaperId): void {
  const { widthMm, heightMm } = PAPERS[paper];
  for (const x of [EDGE_MM, widthMm - EDGE_MM])
    for (const y of [EDGE_MM, heightMm - EDGE_MM - HEAD_MM]) {
      line(page, [x - MARK_MM / 2, y], [x + MARK_MM / 2, y], true);
      line(page, [x, y - MARK_MM / 2], [x, y + MARK_MM / 2], true);
    }
}
