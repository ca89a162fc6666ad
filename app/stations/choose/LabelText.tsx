import { factWords } from '../../../core/catalogue/index.js';
import type { LabelRead } from '../../../core/label/index.js';
import { Tooltip } from '../../ui/kit/Tooltip.js';
import { t } from '../../words/index.js';

interface Stretch {
  start: number;
  end: number;
  kind: 'contains' | 'may' | 'free' | 'ask' | 'plain';
  title: string;
}

const KIND_WORDS = {
  contains: t('in it'),
  may: t('perhaps traces'),
  free: t('said to be free'),
  ask: t('a question'),
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
    ...read.questions.map((question) => ({
      start: question.start,
      end: question.end,
      kind: 'ask' as const,
      title: question.question,
    })),
    ...read.spans.map((span) => ({
      start: span.start,
      end: span.end,
      kind: kindOf(span.value),
      title: `${factWords(span.fact)}: ${span.value}`,
    })),
  ].sort((a, b) => RANK[b.kind] - RANK[a.kind]);
  const taken: Stretch[] = [];
  for (const stretch of all) {
    const twin = taken.find(
      (otherStretch) => otherStretch.start === stretch.start && otherStretch.end === stretch.end,
    );
    if (twin) twin.title += `; ${stretch.title}`;
    else if (
      !taken.some((otherStretch) => stretch.start < otherStretch.end && otherStretch.start < stretch.end)
    )
      taken.push({ ...stretch });
  }
  return taken.sort((a, b) => a.start - b.start);
}

const MARKS: Record<Stretch['kind'], string> = {
  contains: 'bg-mark-has font-bold',
  may: 'border-b-2 border-yolk bg-mark-may',
  ask: 'border-b-2 border-dotted border-beet bg-mark-may',
  free: 'bg-mark-free',
  plain: 'bg-mark-read',
};

/** The label as it was pasted, with the words that led to a fact or a question marked. */
export function LabelText({ text, read }: { text: string; read: LabelRead }) {
  const parts: React.ReactNode[] = [];
  let at = 0;
  for (const stretch of stretchesOf(read)) {
    parts.push(text.slice(at, stretch.start));
    parts.push(
      <Tooltip key={stretch.start} words={stretch.title}>
        <mark className={`px-0.5 text-ink ${MARKS[stretch.kind]}`} data-kind={stretch.kind}>
          {text.slice(stretch.start, stretch.end)}
          <span className="sr-only"> ({KIND_WORDS[stretch.kind]})</span>
        </mark>
      </Tooltip>,
    );
    at = stretch.end;
  }
  parts.push(text.slice(at));
  return (
    <p className="my-2.5 border-[1.5px] border-dashed border-line bg-white px-2.5 py-2 leading-normal whitespace-pre-wrap text-ink">
      {parts}
    </p>
  );
}
