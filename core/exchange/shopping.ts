import Papa from 'papaparse';
import { formatMoney } from '../measure/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { choosePacks } from '../portion/index.js';

export interface ShoppingRow {
  component: string;
  family: string;
  neededG: number;
  packs: string;
  boughtG: number;
  leftOverG: number;
  costMinor: number;
}

/** What to buy: all lots on all surfaces, in whole packs. Components nobody knows are listed without packs. */
export function shoppingRows(plan: Plan): ShoppingRow[] {
  const larder = planLarder(plan);
  const mass = new Map<string, number>();
  for (const p of plan.placements) mass.set(p.componentId, (mass.get(p.componentId) ?? 0) + p.massG);
  return [...mass].map(([id, neededG]) => {
    const c = larder.get(id as never);
    if (!c)
      return {
        component: id,
        family: '',
        neededG: Math.round(neededG),
        packs: '?',
        boughtG: 0,
        leftOverG: 0,
        costMinor: 0,
      };
    const choice = choosePacks(c, neededG);
    return {
      component: c.name,
      family: c.family,
      neededG: Math.round(neededG),
      packs: choice.packs.map((p) => `${p.count} x ${p.massG} g`).join(', '),
      boughtG: choice.massG,
      leftOverG: Math.round(choice.leftOverG),
      costMinor: choice.priceMinor,
    };
  });
}

export function shoppingCsv(plan: Plan): string {
  const rows = shoppingRows(plan);
  const money = (minor: number) => formatMoney(minor, plan.currency).replace(/^\S+ /, '');
  return `${Papa.unparse(
    {
      fields: [
        'component',
        'family',
        'needed g',
        'packs',
        'bought g',
        'left over g',
        `cost ${plan.currency}`,
      ],
      data: [
        ...rows.map((r) => [
          r.component,
          r.family,
          r.neededG,
          r.packs,
          r.boughtG,
          r.leftOverG,
          money(r.costMinor),
        ]),
        ['Total', '', '', '', '', '', money(rows.reduce((n, r) => n + r.costMinor, 0))],
      ],
    },
    // a cell that begins with = + - @ would be a formula in a spreadsheet: it gets a leading quote
    { escapeFormulae: true, newline: '\r\n' },
  )}\r\n`;
}
