import Papa from 'papaparse';
import type { Said } from '../words/index.js';

/** One thing wrong in a table: the row as a spreadsheet counts it (1 is the head), the column, the reason. */
export interface RowProblem {
  row: number;
  column: string;
  reason: Said;
}

export interface Table {
  rows: { row: number; cells: Record<string, string> }[];
  problems: RowProblem[];
}

export const MOST_CSV = 2_000_000;

/** Reads a table with a head. Columns are found by name, whatever their order or case; unknown ones are named as problems. */
export function readTable(text: string, columns: readonly string[], asked: readonly string[]): Table {
  if (text.length > MOST_CSV)
    return {
      rows: [],
      problems: [{ row: 1, column: '', reason: { say: 'no.table-large', with: { mb: MOST_CSV / 1e6 } } }],
    };
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { skipEmptyLines: 'greedy' });
  const [head = [], ...body] = parsed.data;
  const names = head.map((h) => h.trim().toLowerCase());
  const problems: RowProblem[] = [
    ...asked
      .filter((char) => !names.includes(char))
      .map((column): RowProblem => ({
        row: 1,
        column,
        reason: { say: 'no.column-missing', with: { column } },
      })),
    ...names
      .filter((name) => name !== '' && !columns.includes(name))
      .map((column): RowProblem => ({
        row: 1,
        column,
        reason: { say: 'no.column', with: { column, columns: columns.join(', ') } },
      })),
  ];
  const rows = body.map((cells, i) => ({
    row: i + 2,
    cells: Object.fromEntries(
      columns.map((column) => [column, unquoted(cells[names.indexOf(column)] ?? '')]),
    ),
  }));
  return { rows: problems.some((problem) => asked.includes(problem.column)) ? [] : rows, problems };
}

/** The quote that keeps a spreadsheet from reading a formula is no part of the cell. */
const unquoted = (cell: string): string => cell.trim().replace(/^'(?=[=+\-@])/, '');

/** RFC 4180; a cell that begins with = + - @ gets a leading quote, so that no spreadsheet runs it. */
export const writeTable = (
  fields: readonly string[],
  data: readonly (readonly (string | number)[])[],
): string =>
  `${Papa.unparse({ fields: [...fields], data: data.map((d) => [...d]) }, { escapeFormulae: true, newline: '\r\n' })}\r\n`;

export const listCell = (cell: string): string[] =>
  cell
    .split(/[;|]/)
    .map((text) => text.trim())
    .filter(Boolean);
