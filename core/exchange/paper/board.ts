import { rgb, type RGB } from 'pdf-lib';
import type { Component } from '../../catalogue/index.js';
import {
  lies,
  pointOn,
  servingGround,
  stackOf,
  stagesOf,
  type Stage,
  type StageFood,
} from '../../lay/index.js';
import { cardsOn, surfaceOutline, surfaceSize } from '../../picture/index.js';
import type { BuildStep } from '../../make/index.js';
import { calledWithNumber, planLarder, type LaidElement, type Plan, type Surface } from '../../plan/index.js';
import { EDGE_MM, PAPERS, tilesOf, type PaperId } from '../../shape/index.js';
import { speak, type Speech } from '../../words/index.js';
import {
  drawHead,
  drawMarks,
  drawNumber,
  drawOutline,
  INK,
  pagesOf,
  say,
  sayWrapped,
  SOFT,
  type Pages,
  type Sheet,
} from './pages.js';
import { foodWords } from './words.js';

/** What is printed of a laid surface for who lays it: step by step, with numbers, or in true size. */
export const SHEET_KINDS = ['build', 'legend', 'template'] as const;
export type SheetKind = (typeof SHEET_KINDS)[number];

/** A colour as a page takes it; what is none is grey. */
function colourOf(hex: string): RGB {
  const [r, g, b] = [1, 3, 5].map((k) => parseInt(hex.slice(k, k + 2), 16) / 255);
  return [r, g, b].every((n) => n !== undefined && Number.isFinite(n)) ? rgb(r!, g!, b!) : SOFT;
}

const PALE = rgb(0.93, 0.93, 0.91);
const PALE_LINE = rgb(0.78, 0.78, 0.76);
const BOARD = rgb(0.98, 0.96, 0.92);

interface Drawn {
  element: LaidElement;
  component: Component;
  number: number;
}

const drawnOf = (stages: readonly Stage[]): Drawn[] =>
  stages
    .flatMap(({ foods }) =>
      foods.flatMap(({ elements, component, number }) =>
        elements.map((element) => ({ element, component, number })),
      ),
    )
    .sort((a, b) => stackOf(a.element, a.component) - stackOf(b.element, b.component));

/** A surface with food on it as flat shapes in the foods' colours; what is not `lit` is pale. */
function drawSurface(
  sheet: Sheet,
  surface: Surface,
  drawn: readonly Drawn[],
  at: { x: number; y: number; scale: number },
  isLit: (number: number) => boolean,
  sizePt: number,
): void {
  drawOutline(sheet.page, surfaceOutline(surface), at, { fill: BOARD, line: INK, width: 0.9 });
  drawOutline(sheet.page, servingGround(surface), at, { line: PALE_LINE });
  for (const { element, component, number } of drawn) {
    const lit = isLit(number);
    const fill = lit ? colourOf(component.colours[0]) : PALE;
    for (const outline of lies(element, component))
      drawOutline(sheet.page, outline, at, { fill, line: lit ? INK : PALE_LINE, width: lit ? 0.35 : 0.3 });
  }
  for (const { element, number } of drawn)
    if (isLit(number)) {
      const { x, y } = pointOn(element);
      drawNumber(sheet, number, at.x + x * at.scale, at.y - y * at.scale, sizePt);
    }
}

const LIST_MM = 74;

/** Every food of some stages, one under the other. */
function listFoods(
  sheet: Sheet,
  foods: readonly StageFood[],
  x: number,
  y: number,
  widthMm: number,
  speech: Speech,
): number {
  let foot = y;
  for (const food of foods) {
    const { name, how } = foodWords(food, speech);
    foot = sayWrapped(sheet, name, x, foot, widthMm, 9);
    foot = sayWrapped(sheet, `   ${how}`, x, foot, widthMm, 8) - 0.8;
  }
  return foot;
}

/** How a drawing of the surface fits into a room of the page: its middle, and its scale. */
function fitted(surface: Surface, left: number, top: number, width: number, height: number) {
  const [lengthMm, widthMm] = surfaceSize(surface);
  const scale = Math.min(width / lengthMm, height / widthMm);
  return { x: left + width / 2, y: top - height / 2, scale };
}

/** One step of laying on a part of a page: what comes now in colour and numbered, its foods beside it. */
export function drawStep(
  sheet: Sheet,
  { surface, now, before }: BuildStep,
  { left, top, width, height }: { left: number; top: number; width: number; height: number },
  speech: Speech,
): void {
  const lit = new Set(now.map(({ number }) => number));
  const stage = { id: 'bowls' as const, foods: [...before, ...now] };
  const drawing = fitted(surface, left, top, width - LIST_MM, height - 2);
  drawSurface(sheet, surface, drawnOf([stage]), drawing, (number) => lit.has(number), 6.5);
  listFoods(sheet, now, left + width - LIST_MM + 3, top - 4, LIST_MM - 3, speech);
}

function buildPages(pages: Pages, plan: Plan, surface: Surface, stages: readonly Stage[], speech: Speech) {
  const { widthMm, heightMm } = PAPERS[pages.paper];
  const room = (heightMm - 2 * EDGE_MM - 16) / 2;
  const width = widthMm - 2 * EDGE_MM - LIST_MM;
  let sheet: Sheet | undefined;
  /** Two steps go on a page: the top of the room for this one, its head written. */
  const begun = (i: number, stage: Stage['id'] | 'cards'): number => {
    if (i % 2 === 0) {
      sheet = pages.add();
      const title = {
        say: 'paper.build' as const,
        with: { plan: plan.occasion.name, surface: calledWithNumber(surface) },
      };
      say(sheet, speak(title, speech), EDGE_MM, heightMm - EDGE_MM - 4, 12);
      sayWrapped(sheet, speak({ say: 'paper.care' }, speech), EDGE_MM, heightMm - EDGE_MM - 10, 180, 8);
    }
    const top = heightMm - EDGE_MM - 16 - (i % 2) * room;
    const head = {
      say: 'paper.step' as const,
      with: { n: i + 1, stage: { say: `paper.stage.${stage}` as const } },
    };
    say(sheet!, speak(head, speech), EDGE_MM, top - 4, 11);
    return top;
  };
  const at = (top: number) => fitted(surface, EDGE_MM, top - 7, width, room - 12);
  stages.forEach((stage, i) => {
    const top = begun(i, stage.id);
    const soFar = drawnOf(stages.slice(0, i + 1));
    const now = new Set(stage.foods.map(({ number }) => number));
    drawSurface(sheet!, surface, soFar, at(top), (number) => now.has(number), 7);
    listFoods(sheet!, stage.foods, EDGE_MM + width + 4, top - 10, LIST_MM - 4, speech);
  });
  const drawn = drawnOf(stages);
  const cards = cardsOn(
    surface,
    drawn.map(({ element }) => element),
    planLarder(plan),
    speech,
  );
  if (cards.length === 0) return;
  const top = begun(stages.length, 'cards');
  const drawing = at(top);
  drawSurface(sheet!, surface, drawn, drawing, () => false, 7);
  let foot = top - 10;
  cards.forEach(({ lines, x, y, l, w }, i) => {
    drawOutline(sheet!.page, rectangle(x, y, l, w), drawing, { fill: BOARD, line: INK, width: 0.6 });
    drawNumber(sheet!, i + 1, drawing.x + x * drawing.scale, drawing.y - y * drawing.scale, 6.5);
    const card = speak({ say: 'paper.card', with: { text: lines.join(' ') } }, speech);
    foot = sayWrapped(sheet!, `${i + 1}  ${card}`, EDGE_MM + width + 4, foot, LIST_MM - 4, 9) - 0.8;
  });
}

const rectangle = (x: number, y: number, l: number, w: number): [number, number][] => [
  [x - l / 2, y - w / 2],
  [x + l / 2, y - w / 2],
  [x + l / 2, y + w / 2],
  [x - l / 2, y + w / 2],
];

function legendPages(pages: Pages, plan: Plan, surface: Surface, stages: readonly Stage[], speech: Speech) {
  const { widthMm, heightMm } = PAPERS[pages.paper];
  let sheet = pages.add();
  const title = {
    say: 'paper.legend' as const,
    with: { plan: plan.occasion.name, surface: calledWithNumber(surface) },
  };
  say(sheet, speak(title, speech), EDGE_MM, heightMm - EDGE_MM - 4, 12);
  const width = widthMm - 2 * EDGE_MM;
  const [boardMm, acrossMm] = surfaceSize(surface);
  const height = Math.min(heightMm * 0.52, (width * acrossMm) / boardMm);
  drawSurface(
    sheet,
    surface,
    drawnOf(stages),
    fitted(surface, EDGE_MM, heightMm - EDGE_MM - 8, width, height),
    () => true,
    7,
  );
  let [column, foot] = [0, heightMm - EDGE_MM - 14 - height];
  let top = foot;
  for (const food of stages.flatMap(({ foods }) => foods)) {
    if (foot < EDGE_MM + 8) {
      column += 1;
      if (column === 2) {
        sheet = pages.add();
        [column, top] = [0, heightMm - EDGE_MM - 6];
      }
      foot = top;
    }
    foot = listFoods(sheet, [food], EDGE_MM + (column * width) / 2, foot, width / 2 - 4, speech);
  }
}

function templatePages(pages: Pages, surface: Surface, stages: readonly Stage[], speech: Speech) {
  const [widthMm, heightMm] = surfaceSize(surface);
  const drawn = drawnOf(stages);
  for (const tile of tilesOf({ widthMm, heightMm }, pages.paper)) {
    const sheet = pages.add();
    const at = { x: EDGE_MM - tile.x + widthMm / 2, y: EDGE_MM - tile.y + heightMm / 2, scale: 1 };
    drawOutline(sheet.page, surfaceOutline(surface), at, { line: INK, width: 1.1 });
    drawOutline(sheet.page, servingGround(surface), at, { line: SOFT });
    for (const { element, component } of drawn)
      for (const outline of lies(element, component))
        drawOutline(sheet.page, outline, at, { fill: rgb(1, 1, 1), line: INK, width: 0.5 });
    for (const { element, number } of drawn) {
      const { x, y } = pointOn(element);
      drawNumber(sheet, number, at.x + x, at.y - y, 10);
    }
    const bar = { say: 'paper.bar' as const };
    if (tile.columns * tile.rows > 1) drawMarks(sheet.page, pages.paper);
    drawHead(
      sheet,
      speak({ say: 'paper.template', with: { surface: surface.name } }, speech),
      tile.columns * tile.rows > 1
        ? speak(
            {
              say: 'paper.tile',
              with: {
                row: tile.row + 1,
                rows: tile.rows,
                column: tile.column + 1,
                columns: tile.columns,
                bar,
              },
            },
            speech,
          )
        : speak(bar, speech),
    );
  }
}

/**
 * A laid surface on paper, as a PDF: `build` stage by stage with counts and grams, `legend` with numbers on one drawing,
 * `template` in true size over as many sheets as it takes, with its legend behind. Undefined where nothing is laid.
 */
export async function boardSheet(
  plan: Plan,
  surface: Surface,
  kind: SheetKind,
  paper: PaperId,
  speech: Speech,
): Promise<Uint8Array | undefined> {
  const stages = stagesOf(plan, surface);
  if (stages.length === 0) return undefined;
  const pages = await pagesOf(`${plan.occasion.name}: ${surface.name}`, paper);
  if (kind === 'build') buildPages(pages, plan, surface, stages, speech);
  if (kind === 'template') templatePages(pages, surface, stages, speech);
  if (kind !== 'build') legendPages(pages, plan, surface, stages, speech);
  return pages.save();
}
