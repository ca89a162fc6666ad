import type { Lexicon } from './lexicon.js';
import { score } from './match.js';
import { tokensOf } from './tokens.js';

/**
 * What a stretch of a label is about. `list` names ingredients, `contains` allergens, `may` traces, `free` what is not in
 * it; `aside` stands outside a list that has a heading, `title` before it, `maker` says who made it. All are read word by word.
 */
export type StatementKind = 'list' | 'contains' | 'may' | 'free' | 'aside' | 'title' | 'maker';

export interface Statement {
  kind: StatementKind;
  /** Stands under a heading, such as "Ingredients": it is a list as the law wants it. */
  headed?: true;
  start: number;
  end: number;
  lexicon: Lexicon;
  /** Languages that know as much of it: what any of them fears is told. */
  tied: readonly Lexicon[];
}

interface Stretch {
  start: number;
  end: number;
}

const MAKER =
  /\b(?:(?:manufactured|produced|packed|made|distributed|imported|bottled|marketed|prepared|packaged) (?:\w+ ){0,3}?(?:by|for)|hergestellt (?:von|fur)|vertrieb|vertrieben|abgefullt (?:von|fur)|importeur|importiert|hersteller|fabrique (?:par|pour)|conditionne (?:par|pour)|distribue (?:par|pour)|importe par|prodotto (?:e \w+ )?(?:da|per)|confezionato (?:da|per)|distribuito da|importato da|fabricado (?:por|para)|elaborado (?:por|para)|envasado (?:por|para)|distribuido por|importado por|geproduceerd (?:door|voor)|verpakt (?:door|voor)|bereid door|ingevoerd door|gedistribueerd|wyprodukowano (?:przez|dla|w)|producent|dystrybutor|importer|zapakowano|pakowane przez|produzido (?:por|para)|embalado (?:por|para)|fabricante|customer (?:care|service)|contact us|written to)\b/;
/** Addresses of the net, that name nothing to eat. */
const ADDRESS = /\b(?:https?:\/\/|www\.)\S+|\S+@\S+\.\S+/g;

/** Blanks of the same length where an address of the net stands. */
export const withoutAddresses = (text: string): string => text.replace(ADDRESS, (m) => ' '.repeat(m.length));

/** Ends of sentences: a full stop that no letter or digit follows at once, a semicolon, a line's end outside brackets. */
function sentences(text: string): Stretch[] {
  const out: Stretch[] = [];
  let [start, depth] = [0, 0];
  for (let i = 0; i <= text.length; i++) {
    const ch = text[i];
    if (ch === '(' || ch === '[' || ch === '{') depth++;
    if (ch === ')' || ch === ']' || ch === '}') depth = Math.max(0, depth - 1);
    const line = ch === '\n' && (depth === 0 || /^\s*\n/.test(text.slice(i + 1)));
    const stop = depth === 0 && (ch === '!' || ch === '?' || ch === ';' || (ch === '.' && endsWith(text, i)));
    if (i < text.length && !line && !stop) continue;
    if (line) depth = 0;
    if (text.slice(start, i).trim()) out.push({ start, end: i });
    start = i + 1;
  }
  return out;
}

const SHORT_FORM =
  /(?:^|[\s(,])(?:incl|approx|min|max|ca|ingr|zutat|vol|var|bzw|ggf|inkl|evtl|conc|veg|z\. ?b|i\. ?tr|u\. ?a|i|z|u|d|e\. ?g|m\. ?in|ok|np|zaw|aprox|env|min|max|no|nr)$/;
const endsWith = (text: string, i: number): boolean =>
  !/^[\p{L}\p{N}]/u.test(text.slice(i + 1)) &&
  !(SHORT_FORM.test(text.slice(Math.max(0, i - 10), i)) && /^ *[\p{L}\d%]/u.test(text.slice(i + 1)));

/** A line that goes on in the middle of a list was only broken by the width of the label. */
function joinBroken(
  list: readonly Stretch[],
  text: string,
  original: (from: number, to: number) => string,
  opens: (stretch: Stretch) => boolean,
): Stretch[] {
  const out: Stretch[] = [];
  for (const stretch of list) {
    const last = out.at(-1);
    const before = last ? text.slice(last.start, last.end).trimEnd() : '';
    const between = last ? text.slice(last.end, stretch.start) : '.';
    const broken = last !== undefined && /^\s*$/.test(between);
    const here = text.slice(stretch.start, stretch.end);
    const first = stretch.start + here.search(/\S/);
    const unfinished =
      /[,(:&/-]$/.test(before) ||
      /^\s*[,)(&/]/.test(here) ||
      /\b(?:and|of|contain|contains|und|et|e|y|en|i|enthalten|kann|with|mit)$/.test(before);
    const runsOn =
      !opens(stretch) &&
      !/\n\s*\n/.test(between) &&
      (before.includes(',') || /:\s*\S/.test(before)) &&
      (/^\p{Ll}/u.test(original(first, first + 1)) || here.includes(','));
    if (broken && (unfinished || runsOn)) last.end = stretch.end;
    else out.push({ ...stretch });
  }
  return out;
}

const rule = new Map<string, RegExp>();
function headingOf(lexicons: readonly Lexicon[]): RegExp {
  const id = lexicons.map((lexicon) => lexicon.language.id).join();
  let found = rule.get(id);
  if (!found) {
    const words = lexicons.map((lexicon) => lexicon.language.heading).join('|');
    found = new RegExp(`(?:^|[^\\p{L}])(?:${words})\\s*(?:\\([^()]{0,40}\\)\\s*)?(?::|-(?=\\s)|=)`, 'u');
    rule.set(id, found);
  }
  return found;
}

function ruleOf(lexicon: Lexicon, key: 'may' | 'freeFrom' | 'contains'): RegExp {
  const id = `${lexicon.language.id} ${key}`;
  let found = rule.get(id);
  if (!found) rule.set(id, (found = new RegExp(lexicon.language[key], 'gu')));
  return found;
}

interface Spoken {
  lexicon: Lexicon;
  tied: readonly Lexicon[];
}

/** The languages that know most of a stretch; signal words and letters of its own count more than any other. */
function spokenIn(
  text: string,
  stretch: Stretch,
  lexicons: readonly Lexicon[],
  original: string,
  usual: Lexicon | undefined,
): Spoken {
  const tokens = tokensOf(text, stretch.start, stretch.end);
  const here = text.slice(stretch.start, stretch.end);
  const points = lexicons.map((lexicon) => {
    const { known, told } = score(tokens, lexicon);
    const signals = (['may', 'freeFrom', 'contains'] as const).filter(
      (k) => here.search(ruleOf(lexicon, k)) >= 0,
    ).length;
    const heading = headingOf([lexicon]).test(here) ? 3 : 0;
    const letters = [...(lexicon.language.letters ?? '')].some((ch) => original.includes(ch)) ? 1.5 : 0;
    return { lexicon, told, points: known > 0 || heading > 0 ? known + 2 * signals + heading + letters : 0 };
  });
  const most = Math.max(...points.map((point) => point.points));
  const best = points.filter((point) => point.points > most - 0.01);
  const chosen = best.find((p) => p.lexicon === usual) ?? best.reduce((a, b) => (b.told > a.told ? b : a));
  return {
    lexicon: chosen.lexicon,
    tied: best.map((p) => p.lexicon).filter((lexicon) => lexicon !== chosen.lexicon),
  };
}

/** The text in stretches of one kind and one language. Every letter of it lies in one of them. */
export function statementsOf(
  text: string,
  lexicons: readonly Lexicon[],
  original: (from: number, to: number) => string,
): Statement[] {
  const heading = headingOf(lexicons);
  const signal = new RegExp(
    lexicons.map((lexicon) => `^(?:\\s*)(?:${lexicon.language.may}|${lexicon.language.contains})`).join('|'),
    'u',
  );
  const opens = (stretch: Stretch) =>
    heading.test(text.slice(stretch.start, stretch.end)) ||
    signal.test(text.slice(stretch.start, stretch.end).trim()) ||
    /^\s*[\p{L} ]{2,24}:/u.test(text.slice(stretch.start, stretch.end));
  const all = joinBroken(sentences(text), text, original, opens);
  const first = all.findIndex((stretch) => heading.test(text.slice(stretch.start, stretch.end)));
  const whole = { start: 0, end: text.length };
  const usual = spokenIn(text, whole, lexicons, original(0, text.length).toLowerCase(), undefined).lexicon;
  const spoken = (stretch: Stretch) =>
    spokenIn(text, stretch, lexicons, original(stretch.start, stretch.end).toLowerCase(), usual);
  return all.flatMap((stretch, i) => {
    const found = heading.exec(text.slice(stretch.start, stretch.end));
    if (found) {
      // what stands before the heading is a name, what comes after is the list
      const at = stretch.start + found.index + (/^\p{L}/u.test(found[0]) ? 0 : 1);
      const title = text.slice(stretch.start, at).trim()
        ? [
            {
              kind: 'title' as const,
              start: stretch.start,
              end: at,
              ...spoken({ start: stretch.start, end: at }),
            },
          ]
        : [];
      const list = { start: at, end: stretch.end };
      const parts = cut(text, list, 'list', spoken(list));
      return [...title, ...parts.map((part) => ({ ...part, headed: true as const }))];
    }
    const kind = i < first ? 'title' : baseKind(text.slice(stretch.start, stretch.end), first >= 0);
    return cut(text, stretch, kind, spoken(stretch));
  });
}

function baseKind(text: string, headed: boolean): StatementKind {
  if (MAKER.test(text)) return 'maker';
  if (!headed || /^\s*[\p{L}\p{N}' -]{2,40}:\s*\S/u.test(text)) return 'list';
  return 'aside';
}

interface Mark {
  at: number;
  end: number;
  kind: StatementKind;
}

/** Where the bracket closes that a mark stands in. */
function bracketEnd(text: string, from: number, to: number): number {
  let depth = 0;
  for (let i = from; i < to; i++) {
    if (/[([{]/.test(text[i]!)) depth++;
    if (/[)\]}]/.test(text[i]!) && --depth < 0) return i;
  }
  return to;
}

/** Where a warning or a claim ends: with the bracket around it, or, in the middle of a list, with its item. */
function endOf(text: string, mark: Mark, base: StatementKind, { start, end }: Stretch): number {
  const close = bracketEnd(text, mark.at, end);
  if (mark.kind !== 'free' || base !== 'list') return close;
  const inside = /\p{L}/u.test(text.slice(start, mark.at));
  // "free from: milk, egg" goes on, "without added sugar: cocoa, milk" does not
  const after = text.slice(mark.end, close);
  const stop = inside ? after.search(/[,:]/) : after.search(/(?<=\p{L}\s*):\s*\p{L}/u);
  return stop < 0 ? close : mark.end + stop;
}

function cut(text: string, stretch: Stretch, base: StatementKind, spoken: Spoken): Statement[] {
  const here = text.slice(stretch.start, stretch.end);
  const marks: Mark[] = (['may', 'freeFrom', 'contains'] as const)
    .flatMap((key) =>
      [...here.matchAll(ruleOf(spoken.lexicon, key))].map((match) => ({
        at: stretch.start + match.index,
        end: stretch.start + match.index + match[0].length,
        kind:
          key === 'may'
            ? ('may' as const)
            : key === 'freeFrom'
              ? ('free' as const)
              : base === 'list'
                ? ('list' as const)
                : ('contains' as const),
      })),
    )
    .sort((a, b) => a.at - b.at || (a.kind === 'may' ? -1 : 1));
  const out: Statement[] = [];
  let [from, kind, read] = [stretch.start, base, stretch.start];
  for (const mark of marks) {
    // "cannot guarantee free from nuts" stays a warning
    if (mark.at < read || (kind === 'may' && mark.kind !== 'may')) continue;
    if (mark.at > from) out.push({ kind, start: from, end: mark.at, ...spoken });
    [from, kind, read] = [mark.at, mark.kind, mark.end];
    const close = endOf(text, mark, base, stretch);
    if (close >= stretch.end) continue;
    out.push({ kind, start: from, end: close, ...spoken });
    [from, kind, read] = [close, base, close];
  }
  if (from < stretch.end) out.push({ kind, start: from, end: stretch.end, ...spoken });
  return out;
}
