import { decimalOf } from '../measure/index.js';
import {
  ALL_FACT_KEYS,
  FAMILIES,
  factValue,
  isFactKey,
  known,
  ownComponent,
  ownId,
  possibleValues,
  usualForm,
  withFact,
  type Component,
  type FactKey,
  type Family,
} from '../catalogue/index.js';
import { listCell, readTable, writeTable, type RowProblem } from './csv.js';

const FIGURES = ['energyKj', 'proteinG', 'fatG', 'carbNetG', 'fibreG', 'polyolsG', 'saltG'] as const;

/** Columns of the stylist's own foods; `name` and `family` must be there. What a cell does not say stays unknown. */
export const COMPONENT_COLUMNS = [
  'name',
  'family',
  'synonyms',
  'base food',
  'ingredients',
  'facts',
  'energy kj',
  'protein g',
  'fat g',
  'net carbs g',
  'fibre g',
  'polyols g',
  'salt g',
  'pack g',
  'price',
] as const;
const FIGURE_COLUMNS = COMPONENT_COLUMNS.slice(6, 13);

const ALL = ALL_FACT_KEYS.filter((fact) => fact !== 'choking' && fact !== 'salt-class');

const told = (component: Component): string[] =>
  ALL.flatMap((key) => {
    const value = factValue(component, key, usualForm(component).form);
    return known(value) ? [`${key}=${value}`] : [];
  });

export const componentsCsv = (components: readonly Component[]): string =>
  writeTable(
    COMPONENT_COLUMNS,
    components.map((component) => [
      component.name,
      component.family,
      component.synonyms.join('; '),
      component.baseFood,
      component.ingredients.join('; '),
      told(component).join('; '),
      ...FIGURES.map((f) => component.per100g[f] ?? ''),
      component.packs[0]!.massG,
      (component.packs[0]!.priceMinor / 100).toFixed(2),
    ]),
  );

/** Rows that are whole become components; every other row is named with its column and reason. */
export function readComponentsCsv(text: string): { components: Component[]; problems: RowProblem[] } {
  const table = readTable(text, COMPONENT_COLUMNS, ['name', 'family']);
  const components: Component[] = [];
  const problems = [...table.problems];
  for (const { row, cells } of table.rows) {
    const here: RowProblem[] = [];
    const family = cells.family!.toLowerCase() as Family;
    if (!cells.name || cells.name.length > 80)
      here.push({ row, column: 'name', reason: { say: 'no.name', with: { from: 1, to: 80 } } });
    if (!FAMILIES.includes(family))
      here.push({
        row,
        column: 'family',
        reason: { say: 'no.family', with: { text: cells.family!, families: FAMILIES.join(', ') } },
      });
    const facts = listCell(cells.facts!).map((f) => factCell(f, row));
    here.push(...facts.filter((fact): fact is RowProblem => 'reason' in fact));
    const figures = FIGURE_COLUMNS.map((column) => figureCell(cells[column]!, column, row));
    here.push(
      ...figures.filter((figure): figure is RowProblem => typeof figure === 'object' && figure !== null),
    );
    const [protein, fat, net, fibre] = ['protein', 'fat', 'net', 'fibre'].map((word) => {
      const at = FIGURE_COLUMNS.findIndex((column) => column.includes(word));
      return typeof figures[at] === 'number' ? (figures[at] as number) : 0;
    });
    const sum = protein! + fat! + net! + fibre!;
    if (sum > MOST_IN_100_G)
      here.push({ row, column: 'fat g', reason: { say: 'no.sum', with: { sum: Math.round(sum) } } });
    const pack = [
      figureCell(cells['pack g']!, 'pack g', row, 100_000),
      figureCell(cells.price!, 'price', row, 100_000),
    ];
    here.push(...pack.filter((f): f is RowProblem => typeof f === 'object' && f !== null));
    if (here.length > 0) {
      problems.push(...here);
      continue;
    }
    const numbers = figures as (number | null)[];
    let component = ownComponent(cells.name!, family, freshId(cells.name!, components));
    for (const fact of facts) if (!('reason' in fact)) component = withFact(component, fact.key, fact.value);
    const [packG, price] = pack as (number | null)[];
    components.push({
      ...component,
      synonyms: listCell(cells.synonyms!).map((s) => s.slice(0, 80)),
      baseFood: cells['base food']!.slice(0, 80),
      ingredients: listCell(cells.ingredients!).map((s) => s.slice(0, 80)),
      per100g: {
        ...component.per100g,
        ...Object.fromEntries(FIGURES.map((f, i) => [f, numbers[i] ?? null])),
        carbTotalG: total(numbers[3] ?? null, numbers[4] ?? null),
        carbTradition: numbers[3] === null ? 'unknown' : 'eu',
      },
      packs: [{ massG: packG || 200, priceMinor: Math.round((price ?? 0) * 100) }],
      sources: {
        ...component.sources,
        ...(facts.length > 0 ? { allergens: 'stylist', origin: 'stylist' } : {}),
        ...(numbers.some((n) => n !== null) ? { nutrition: 'stylist' } : {}),
      },
    });
  }
  return { components, problems };
}

/** Rounded figures of a label may come to a little more than they are of. */
const MOST_IN_100_G = 103;

const total = (net: number | null, fibre: number | null) =>
  net === null || fibre === null ? null : Math.min(100, net + fibre);

function freshId(name: string, taken: readonly Component[]): string {
  const base = ownId(name);
  let id = base;
  for (let n = 2; taken.some((component) => component.id === id); n++) id = `${base}-${n}`;
  return id;
}

function factCell(text: string, row: number): { key: FactKey; value: string } | RowProblem {
  const [key = '', value = ''] = text.split('=').map((text) => text.trim());
  const column = 'facts';
  if (!isFactKey(key) || key === 'choking' || key === 'salt-class')
    return { row, column, reason: { say: 'no.fact-told', with: { id: key } } };
  if (!possibleValues(key).includes(value))
    return {
      row,
      column,
      reason: { say: 'no.value', with: { wrong: value, of: key, use: possibleValues(key).join(', ') } },
    };
  return { key, value };
}

function figureCell(
  cell: string,
  column: string,
  row: number,
  most = column === 'energy kj' ? 3800 : 100,
): number | null | RowProblem {
  if (cell.trim() === '') return null;
  const n = decimalOf(cell);
  if (Number.isFinite(n) && n >= 0 && n <= most) return n;
  return { row, column, reason: { say: 'no.figure', with: { cell, most } } };
}
