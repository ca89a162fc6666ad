import { shoppingCsv } from '../../core/exchange/index.js';
import { boardSvg, surfaceSize } from '../../core/picture/index.js';
import { canonicalText, type Plan, type Surface } from '../../core/plan/index.js';
import { saveFile, svgToPng } from '../ui/save.js';

/** A file's name keeps the letters of every alphabet. */
const fileName = (text: string): string =>
  text
    .toLowerCase()
    .replace(/[^\p{L}\p{M}\p{N}]+/gu, '-')
    .replace(/^-|-$/g, '') || 'plan';

export const exportPlan = (plan: Plan): void =>
  saveFile(`${fileName(plan.occasion.name)}.plate.json`, canonicalText(plan));

export const exportShopping = (plan: Plan): void =>
  saveFile(`${fileName(plan.occasion.name)}-shopping.csv`, shoppingCsv(plan), 'text/csv;charset=utf-8');

export const exportSvg = (plan: Plan, surface: Surface): void =>
  saveFile(
    `${fileName(`${plan.occasion.name} ${surface.name}`)}.svg`,
    boardSvg(plan, surface),
    'image/svg+xml',
  );

export async function exportPng(plan: Plan, surface: Surface): Promise<void> {
  const [l, w] = surfaceSize(surface);
  saveFile(
    `${fileName(`${plan.occasion.name} ${surface.name}`)}.png`,
    await svgToPng(boardSvg(plan, surface), l + 28, w + 28),
    'image/png',
  );
}
