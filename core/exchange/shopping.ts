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
  boughtG: number;
  leftOverG: number;
  costMinor: number;
}

/** What to buy: all lots on all surfaces, in whole packs. Components nobody knows are listed without packs. */
export function shoppingRows(plan: Plan): ShoppingRow[] {
  return boughtFor(plan.placements, planLarder(plan), plan.pantry).map(
    ({ id, component, neededG, ownedG, choice }) => ({
      component: component?.name ?? id,
      family: component?.family ?? '',
      neededG: Math.round(neededG),
      ownedG: Math.round(ownedG),
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
        row.packs,
        row.boughtG,
        row.leftOverG,
        money(row.costMinor),
      ]),
      ['Total', '', '', '', '', '', '', money(rows.reduce((sum, row) => sum + row.costMinor, 0))],
    ],
  );
}
