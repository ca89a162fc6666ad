import { factWords } from '../../../core/catalogue/index.js';
import type { LabelRead } from '../../../core/label/index.js';

interface Stretch {
  start: number;
  end: number;
  kind: 'contains' | 'may' | 'free' | 'ask' | 'plain';
  title: string;
}

const KIND_WORDS = {
  contains: 'in it',
  may: 'perhaps traces',
  free: 'said to be free',
  ask: 'a question',
  plain: '',
};

const kindOf = (value: string): Stretch['kind'] =>
  value === 'may'
    ? 'may'
    : value === 'brand' || value === 'depends' || value === 'unknown'
      ? 'ask'
      : value === 'free' || value === 'none' || value === 'no-meat'
        ? 'free'
        : 'contains';

const RANK = { contains: 4, ask: 3, may: 2, free: 1, plain: 0 };

/** The words that led to something, each once; where they overlap the weightier wins. */
function stretchesOf(read: LabelRead): Stretch[] {
  const all: Stretch[] = [
    ...read.questions.map((q) => ({ start: q.start, end: q.end, kind: 'ask' as const, title: q.question })),
    ...read.spans.map((s) => ({
      start: s.start,
      end: s.end,
      kind: kindOf(s.value),
      title: `${factWords(s.fact)}: ${s.value}`,
    })),
  ].sort((a, b) => RANK[b.kind] - RANK[a.kind]);
  const taken: Stretch[] = [];
  for (const s of all) {
    const twin = taken.find((x) => x.start === s.start && x.end === s.end);
    if (twin) twin.title += `; ${s.title}`;
    else if (!taken.some((x) => s.start < x.end && x.start < s.end)) taken.push({ ...s });
  }
  return taken.sort((a, b) => a.start - b.start);
}

/** The label as it was pasted, with the words that led to a fact or a question marked. */
export function LabelText({ text, read }: { text: string; read: LabelRead }) {
  const parts: React.ReactNode[] = [];
  let at = 0;
  for (const s of stretchesOf(read)) {
    parts.push(text.slice(at, s.start));
    parts.push(
      <mark key={s.start} className={`read-${s.kind}`} title={s.title}>
        {text.slice(s.start, s.end)}
        <span className="hidden-text"> ({KIND_WORDS[s.kind]})</span>
      </mark>,
    );
    at = s.end;
  }
  parts.push(text.slice(at));
  return <p className="label-text">{parts}</p>;
}
