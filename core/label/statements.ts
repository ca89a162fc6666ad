/** What a stretch of a label is about. `list` names ingredients, `contains` allergens, `may` traces, `free` what is not in it. */
export type StatementKind = 'list' | 'contains' | 'may' | 'free' | 'other';

export interface Statement {
  kind: StatementKind;
  start: number;
  end: number;
}

const MAY =
  /\b(?:may (?:also )?(?:contain|be present|have)|can contain|could contain|(?:possible |contains? )?traces?(?: amounts?)? of|(?:made|produced|packed|prepared|manufactured|processed|baked|roasted)(?: \w+){0,3} (?:in|on|at|by|with)(?: an?| the| our| shared)?(?: \w+){0,3} (?:that|which|where|handling|using|with)|made (?:alongside|beside|near)|shares? (?:a |its )?(?:line|equipment|kitchen)s?|(?:cannot|can't|can not|unable to) guarantee|not suitable for (?:(?:people|those|customers|anyone|guests) with |sufferers of )?(?:an? )?[\w ,/&]{0,60}allerg)/g;

const FREE_FROM = /\b(?:free (?:from|of)|does not contain|do(?:es)?n't contain|contains? no)\b/g;

/** "Free from colours, contains milk": what it contains ends what it is free from. */
const CONTAINS = /\bcontains\b(?! (?:no|traces?)\b)/g;

const OTHER =
  /^\s*(?:store|keep|best before|use by|use within|once opened|refrigerat|produc(?:ed|t) (?:of|in)\b(?!.*(?:handles|uses|contains|processes))|nutrition|typical values|casing|ready to|drain|heat|cook |this product|packed|distributed|manufactured by|for best|cocoa solids|milk solids|cocoa:|we |made in|made with|made by|our |enjoy|thank|net |serv|for allergens|see |suitable|packaged in|batch|origin|warning|made in (?:the )?[a-z]+\s*$|per 100|energy|calories|amount per|total (?:fat|carb)|dietary|of which|carbohydrate|protein|fibre|fiber|fat\b|salt\s+\d|sodium \d)/;

/** Ends of sentences: a full stop that no letter or digit follows at once, a semicolon, a line end. */
function sentences(folded: string): { start: number; end: number }[] {
  const out: { start: number; end: number }[] = [];
  let start = 0;
  let depth = 0;
  for (let i = 0; i <= folded.length; i++) {
    const ch = folded[i];
    if (ch === '(' || ch === '[' || ch === '{') depth++;
    if (ch === ')' || ch === ']' || ch === '}') depth = Math.max(0, depth - 1);
    const stop =
      i === folded.length ||
      (ch === '\n' && depth === 0) ||
      (depth === 0 && ((ch === '.' && !/[a-z0-9]/.test(folded[i + 1] ?? ' ')) || ch === ';' || ch === '|'));
    if (!stop) continue;
    if (folded.slice(start, i).trim()) out.push({ start, end: i });
    start = i + 1;
  }
  return joinBroken(out, folded);
}

/** A line that ends with a comma, or goes on in the middle of a list, was only broken by the width of the label. */
function joinBroken(list: readonly { start: number; end: number }[], folded: string) {
  const out: { start: number; end: number }[] = [];
  for (const s of list) {
    const last = out.at(-1);
    const before = last ? folded.slice(last.start, last.end).trimEnd() : '';
    const between = last ? folded.slice(last.end, s.start) : '';
    const goesOn =
      last !== undefined &&
      /^\s*\n\s*$/.test(between) &&
      (/[,(:&-]$/.test(before) ||
        /^\s*[,)(]/.test(folded.slice(s.start, s.end)) ||
        /\b(?:and|of|contain|contains)$/.test(before));
    if (goesOn) last.end = s.end;
    else out.push({ ...s });
  }
  return out;
}

const openBracket = (folded: string, from: number, to: number): number => {
  // a statement inside brackets ends with them
  let depth = 0;
  for (let i = from; i < to; i++) {
    if (/[([{]/.test(folded[i]!)) depth++;
    if (/[)\]}]/.test(folded[i]!) && --depth < 0) return i;
  }
  return to;
};

/** The text in stretches of one kind. What nobody can place is `other` and says nothing. */
export function statementsOf(folded: string): Statement[] {
  const all = sentences(folded);
  const headed = all.some((s) => /\bingredients?\b\s*[:-]/.test(folded.slice(s.start, s.end)));
  return all.flatMap(({ start, end }, i) => {
    const text = folded.slice(start, end);
    const base = baseKind(text, headed, i > 0 && all.length > 1);
    const marks = [
      ...[...text.matchAll(MAY)].map((m) => ({ at: start + m.index, kind: 'may' as const })),
      ...[...text.matchAll(FREE_FROM)].map((m) => ({ at: start + m.index, kind: 'free' as const })),
      ...[...text.matchAll(CONTAINS)].map((m) => ({
        at: start + m.index,
        kind: base === 'list' ? ('list' as const) : ('contains' as const),
      })),
    ].sort((a, b) => a.at - b.at);
    return cut(folded, start, end, base, marks);
  });
}

function baseKind(text: string, headed: boolean, later: boolean): StatementKind {
  if (/\bingredients?\b\s*[:-]/.test(text)) return 'list';
  if (/^\s*(?:allergen information|allergy advice|allergens?|contains?)\b/.test(text)) return 'contains';
  if (OTHER.test(text)) return 'other';
  if (headed)
    return /\b(?:suitable|vegan|vegetarian|halal|kosher|free)\b/.test(text)
      ? 'other'
      : later
        ? 'contains'
        : 'other';
  return 'list';
}

interface Mark {
  at: number;
  kind: StatementKind;
}

/** Where a warning or a claim ends: with the bracket around it, or, in the middle of a list, with its item. */
function endOf(folded: string, mark: Mark, base: StatementKind, start: number, end: number): number {
  const close = openBracket(folded, mark.at, end);
  const inside = base === 'list' && mark.kind === 'free' && /[a-z]/.test(folded.slice(start, mark.at));
  const comma = inside ? folded.slice(mark.at, close).indexOf(',') : -1;
  return comma < 0 ? close : mark.at + comma;
}

function cut(
  folded: string,
  start: number,
  end: number,
  base: StatementKind,
  marks: readonly Mark[],
): Statement[] {
  const out: Statement[] = [];
  let [from, kind]: [number, StatementKind] = [start, base];
  for (const mark of marks) {
    // "cannot guarantee free from nuts" stays a warning
    if (mark.at < from || (kind === 'may' && mark.kind === 'free')) continue;
    if (mark.at > from) out.push({ kind, start: from, end: mark.at });
    [from, kind] = [mark.at, mark.kind];
    const close = endOf(folded, mark, base, start, end);
    if (close === end) continue;
    out.push({ kind, start: from, end: close });
    [from, kind] = [close, base];
  }
  if (from < end) out.push({ kind, start: from, end });
  return out;
}
