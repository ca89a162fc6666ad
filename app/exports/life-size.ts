import {
  drawHead,
  drawMarks,
  INK,
  pagesOf,
  pathOf,
  POINTS,
  say,
  type Sheet,
} from '../../core/exchange/paper/pages.js';
import type { Plan } from '../../core/plan/index.js';
import {
  EDGE_MM,
  lifeSizesOf,
  tilesOf,
  type LifeSize,
  type PaperId,
  type Tile,
} from '../../core/shape/index.js';
import { t, word } from '../words/index.js';

const [EDGE_PT, CUT_PT] = [0.9, 0.6];

const TITLES: Record<LifeSize['of'], (name: string) => string> = {
  slice: (name) =>
    t('{name}: the slice with its cuts, numbered as they are pressed, and its cutters', { name }),
  made: (name) => name,
  motif: (name) => t('{name}: lay it out with this', { name: word(name) }),
};

/** Which part of a drawing a sheet is, and what its bar says. */
const partOf = ({ column, row, columns, rows }: Tile): string => {
  const part =
    columns * rows > 1
      ? t('Row {row, number} of {rows, number}, sheet {column, number} of {columns, number}. ', {
          row: row + 1,
          rows,
          column: column + 1,
          columns,
        })
      : '';
  return `${part}${t('Print at 100 %: this bar is 100 mm.')}`;
};

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
  const pages = await pagesOf(t('{name}: the bench', { name: plan.occasion.name }), paper);
  for (const drawing of drawings)
    for (const tile of tilesOf(drawing, paper)) {
      const sheet = pages.add();
      drawTile(sheet, drawing, tile);
      if (tile.columns * tile.rows > 1) drawMarks(sheet.page, paper);
      drawHead(sheet, TITLES[drawing.of](drawing.name), partOf(tile));
    }
  return pages.save();
}
