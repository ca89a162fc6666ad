import { EDGE_MM, PAPERS } from '../../shape/index.js';
import { line, plain, POINTS, say, type Pages, type Sheet } from './pages.js';

const LINE = 1.32;
const AFTER_MM = 1.6;

/** Text that runs down one page after the other; a block that does not fit begins on the next. */
export interface Flow {
  /** A new page, if anything stands on this one. */
  page(): void;
  head(words: string, sizePt?: number): void;
  text(words: string, sizePt?: number): void;
  /** A row of a table: a narrow column beside a wide one, with a line beneath; `keepMm` stays on its page with it. */
  row(left: string, right: readonly string[], keepMm?: number): void;
  /** A picture or drawing of this height, at the left edge, drawn by whoever knows how. */
  block(heightMm: number, draw: (sheet: Sheet, leftMm: number, topMm: number, widthMm: number) => void): void;
}

export function flowOf(pages: Pages): Flow {
  const { widthMm, heightMm } = PAPERS[pages.paper];
  const width = widthMm - 2 * EDGE_MM;
  const [top, bottom] = [heightMm - EDGE_MM, EDGE_MM];
  let sheet = pages.add();
  let y = top;
  let empty = true;

  const turn = (): void => {
    sheet = pages.add();
    y = top;
    empty = true;
  };
  const room = (mm: number): void => {
    if (!empty && y - mm < bottom) turn();
  };
  const stepOf = (sizePt: number): number => (sizePt * LINE) / POINTS;
  const paragraph = (words: string, sizePt: number, left: number, widthMm: number): void => {
    for (const one of wrapped(sheet, words, sizePt, widthMm)) {
      room(stepOf(sizePt));
      y -= stepOf(sizePt);
      say(sheet, one, EDGE_MM + left, y, sizePt);
      empty = false;
    }
  };

  return {
    page: () => {
      if (!empty) turn();
    },
    head(words, sizePt = 13) {
      // never alone at the foot of a page
      room(stepOf(sizePt) + 14);
      if (!empty) y -= AFTER_MM;
      paragraph(words, sizePt, 0, width);
      y -= AFTER_MM;
    },
    text(words, sizePt = 10) {
      for (const one of words.split('\n')) {
        // what is set in stays set in
        const indent = (one.length - one.trimStart().length) * SPACE_MM;
        paragraph(one.trim(), sizePt, indent, width - indent);
      }
      y -= AFTER_MM;
    },
    row(left, right, keepMm = 0) {
      const column = width * ROW_SHARE;
      const lines = right.flatMap((words) => wrapped(sheet, words, ROW_PT, width - column));
      const kept = keepMm > 0 ? lines.length : Math.min(lines.length, KEPT_LINES);
      room(stepOf(ROW_PT) * kept + AFTER_MM + (keepMm > 0 ? keepMm + AFTER_MM : 0));
      const from = y;
      const was = sheet;
      for (const words of right) paragraph(words, ROW_PT, column, width - column);
      say(was, left, EDGE_MM, from - stepOf(ROW_PT), ROW_PT);
      y -= AFTER_MM;
      line(sheet.page, [EDGE_MM, y], [EDGE_MM + width, y], true);
    },
    block(height, draw) {
      room(height + AFTER_MM);
      draw(sheet, EDGE_MM, y, width);
      y -= height + AFTER_MM;
      empty = false;
    },
  };
}

const SPACE_MM = 1.6;
const ROW_PT = 9.5;
const ROW_SHARE = 0.17;
/** So many lines of a row stay together; a longer one may break. */
const KEPT_LINES = 6;

/** Words in lines no wider than this; what has no room in a line of its own is cut where it must be. */
function wrapped({ font }: Sheet, words: string, sizePt: number, widthMm: number): string[] {
  const fits = (text: string): boolean => font.widthOfTextAtSize(text, sizePt) <= widthMm * POINTS;
  const lines: string[] = [];
  let now = '';
  for (const word of plain(words).split(' ')) {
    const longer = now === '' ? word : `${now} ${word}`;
    if (now !== '' && !fits(longer)) {
      lines.push(now);
      now = word;
    } else now = longer;
    while (!fits(now) && now.length > 1) {
      let n = now.length - 1;
      while (n > 1 && !fits(now.slice(0, n))) n -= 1;
      lines.push(now.slice(0, n));
      now = now.slice(n);
    }
  }
  return [...lines, now];
}
