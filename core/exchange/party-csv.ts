import { decimalOf, idOf } from '../measure/index.js';
import { NEED_WORDS, needPack } from '../needs/index.js';
import { groupSchema, STRICTNESSES, type Group, type NeedChoice, type Strictness } from '../party/index.js';
import { needProblem } from '../plan/index.js';
import { refusalOf, type Said } from '../words/index.js';
import { listCell, readTable, writeTable, type RowProblem } from './csv.js';

/** Columns of a party table; `name` and `count` must be there. Lists in a cell are parted by semicolons. */
export const PARTY_COLUMNS = [
  'name',
  'count',
  'band',
  'ages',
  'needs',
  'dislikes',
  'known foods',
  'appetite',
  'seats',
] as const;

/** "tree-nut-free (species=almond,walnut; traces=ask; allergy)" */
function needText(choice: NeedChoice): string {
  const more = [
    ...Object.entries(choice.settings).map(([key, value]) => `${key}=${value}`),
    ...(choice.strictness ? [choice.strictness] : []),
  ];
  return more.length > 0 ? `${choice.id} (${more.join(' ')})` : choice.id;
}

export const partyCsv = (party: readonly Group[]): string =>
  writeTable(
    PARTY_COLUMNS,
    party.map((group) => [
      group.name,
      group.count,
      group.band,
      group.ages.join('; '),
      group.needs
        .filter((choice) => !choice.own)
        .map(needText)
        .join('; '),
      group.dislikes.join('; '),
      (group.knownFoods ?? []).join('; '),
      group.appetite,
      (group.seats ?? []).join('; '),
    ]),
  );

/** A need by its id or by a word that people use for it, with settings and strictness in brackets; or what is wrong. */
function needOf(text: string): NeedChoice | Said {
  const match = /^([^(]+?)\s*(?:\(([^)]*)\))?$/.exec(text.trim());
  const word = match?.[1]?.trim().toLowerCase() ?? '';
  const id = needPack(word)?.id ?? NEED_WORDS.find((known) => known.word === word && !known.leftOut)?.need.id;
  if (!id) return { say: 'no.need-here', with: { text } };
  const choice: NeedChoice = { id, settings: {} };
  for (const part of (match?.[2] ?? '').split(/\s+/).filter(Boolean)) {
    const [key, value] = part.split('=');
    if (value !== undefined) choice.settings[key!] = value;
    else if ((STRICTNESSES as readonly string[]).includes(part)) choice.strictness = part as Strictness;
    else return { say: 'no.setting-here', with: { text: part, words: STRICTNESSES.join(', ') } };
  }
  return needProblem(choice) ?? choice;
}

/** Rows that are whole become groups; every other row is named with its column and reason. */
export function readPartyCsv(text: string): { party: Group[]; problems: RowProblem[] } {
  const table = readTable(text, PARTY_COLUMNS, ['name', 'count']);
  const party: Group[] = [];
  const problems = [...table.problems];
  for (const { row, cells } of table.rows) {
    const needs = listCell(cells.needs!).map(needOf);
    const wrong = needs.filter((need): need is Said => 'say' in need);
    if (wrong.length > 0) {
      problems.push(...wrong.map((reason) => ({ row, column: 'needs', reason })));
      continue;
    }
    const base = idOf(cells.name!, 34, 'group');
    const twins = party.filter((group) => group.id === base || group.id.startsWith(`${base}-x`)).length;
    const parsed = groupSchema.safeParse({
      id: twins ? `${base}-x${twins + 1}` : base,
      name: cells.name,
      count: numberCell(cells.count!),
      band: cells.band === '' ? (cells.ages === '' ? 'adult' : 'child') : cells.band!.toLowerCase(),
      ages: listCell(cells.ages!).map(numberCell),
      needs,
      dislikes: listCell(cells.dislikes!),
      ...(cells['known foods'] ? { knownFoods: listCell(cells['known foods']) } : {}),
      appetite: cells.appetite === '' ? 1 : numberCell(cells.appetite!),
      ...(cells.seats ? { seats: listCell(cells.seats) } : {}),
    });
    if (parsed.success) party.push(parsed.data);
    else
      problems.push(
        ...parsed.error.issues.map((issue) => ({
          row,
          column: String(issue.path[0] ?? ''),
          reason: refusalOf(issue),
        })),
      );
  }
  return { party, problems };
}

/** Not a number stays not a number, so that the schema says so. */
const numberCell = decimalOf;
