import { buyingOf, COUNTER_STEP_G, type Component } from '../catalogue/index.js';
import { formatMoney } from '../measure/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { boughtFor } from '../portion/index.js';
import { writeTable } from './csv.js';

export interface ShoppingRow {
  component: string;
  family: string;
  neededG: number;
  ownedG: number;
  packs: string;
  /** What the shop weighs, with rind, peel and stones; none where packs are counted. */
  weighedG: number | null;
  boughtG: number;
  leftOverG: number;
  costMinor: number;
}

function weighedG(component: Component, massG: number): number | null {
  const { sold, edible } = buyingOf(component);
  return sold === 'by-weight' ? Math.ceil(massG / edible / COUNTER_STEP_G - 1e-6) * COUNTER_STEP_G : null;
}

/** What to buy: all lots on all surfaces, in whole packs. Components nobody knows are listed without packs. */
export function shoppingRows(plan: Plan): ShoppingRow[] {
  return boughtFor(plan.placements, planLarder(plan), plan).map(
    ({ id, component, neededG, ownedG, choice }) => ({
      component: component?.name ?? id,
      family: component?.family ?? '',
      neededG: Math.round(neededG),
      ownedG: Math.round(ownedG),
      weighedG: component && choice ? weighedG(component, choice.massG) : null,
      packs: choice ? choice.packs.map((pack) => `${pack.count} x ${pack.massG} g`).join(', ') : '?',
      boughtG: choice?.massG ?? 0,
      leftOverG: Math.round(choice?.leftOverG ?? 0),
      costMinor: choice?.priceMinor ?? 0,
    }),
  );
}

export function shoppingCsv(plan: Plan): string {
  const rows = shoppingRows(plan);
  const money = (minor: number) => formatMoney(minor, plan.currency).replace(/^\S+ /, '');
  return writeTable(
    [
      'component',
      'family',
      'needed g',
      'in the house g',
      'packs',
      'bought g',
      'left over g',
      `cost ${plan.currency}`,
    ],
    [
      ...rows.map((row) => [
        row.component,
        row.family,
        row.neededG,
        row.ownedG,
        row.weighedG === null ? row.packs : `${row.weighedG} g by weight`,
        row.boughtG,
        row.leftOverG,
        money(row.costMinor),
      ]),
      ['Total', '', '', '', '', '', '', money(rows.reduce((sum, row) => sum + row.costMinor, 0))],
    ],
  );
}
