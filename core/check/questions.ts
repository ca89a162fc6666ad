import { factWords, isFactKey, type Component, type FactKey } from '../catalogue/index.js';
import { carriesTo, isGrave, packOf } from '../needs/index.js';
import { needsOf, unreadOf, type Group } from '../party/index.js';
import type { Answer } from '../plan/index.js';
import type { CheckContext } from './context.js';
import { lower, speak, type Arg, type Speech } from '../words/index.js';
import { openCarrierFacts } from './remedies.js';

/** One thing to ask of a label, a maker or a counter, and for whom. */
export interface LabelQuestionLine {
  component: Component;
  fact: FactKey;
  question: Arg;
  groups: Group[];
  /** About an allergy or a child's safety. */
  grave: boolean;
  answer?: Answer;
}

const WORDS: Partial<Record<FactKey, string>> = {
  rennet: 'Which rennet?',
  slaughter: 'Is there a halal certificate? Which, and who has seen it?',
  supervision: 'Is there a supervision? Which, and who has seen it?',
  'milk-treatment': 'Is the milk raw or pasteurised?',
  'gelatine-from': 'Of which animal is the gelatine?',
  oats: 'Are the oats certified gluten-free?',
  process: 'How was it made?',
  alcohol: 'Is there alcohol in it?',
  'fish-kind': 'Which fish is in it?',
  lactose: 'How much lactose is left in it?',
};

const questionOf = (fact: FactKey): Arg => {
  if (WORDS[fact]) return { word: WORDS[fact] };
  const mayBeTraces = fact.startsWith('allergen.') || fact.startsWith('nut.');
  return { say: mayBeTraces ? 'ask.contains' : 'ask.in-it', with: { what: { word: factWords(fact) } } };
};

/** Every open question of the plan's foods, those about an allergy first; what was answered stands with its answer. */
export function labelQuestions(context: CheckContext): LabelQuestionLine[] {
  const found = new Map<string, LabelQuestionLine>();
  const add = (component: Component, fact: FactKey, group: Group, grave: boolean, answer?: Answer) => {
    const key = `${component.id} ${fact}`;
    const line = found.get(key) ?? { component, fact, question: questionOf(fact), groups: [], grave: false };
    if (!line.groups.includes(group)) line.groups.push(group);
    line.grave ||= grave;
    if (answer) line.answer = answer;
    found.set(key, line);
  };
  for (const placed of context.placed)
    for (const group of context.groupsAt(placed.surface)) {
      // no label answers what was said of guests and not understood
      if (unreadOf(group).length > 0 || context.overruled(placed.component.id, group)) continue;
      const grave = (need: string) =>
        needsOf(group).some((choice) => packOf(choice)?.id === need && isGrave(packOf(choice)!, choice));
      const { verdict, reasons } = context.judge(placed, group);
      if (verdict === 'ask')
        for (const reason of reasons)
          if (isFactKey(reason.fact) && reason.fact !== 'choking' && reason.fact !== 'salt-class')
            add(placed.component, reason.fact, group, grave(reason.need));
      const reaches = carriesTo(placed.component, group).some((carried) =>
        isGrave(carried.need, carried.choice),
      );
      for (const fact of openCarrierFacts(placed.component, group))
        add(placed.component, fact, group, reaches);
    }
  for (const answer of context.plan.answers) {
    const component = context.larder.get(answer.componentId);
    if (!component || !context.placed.some((placed) => placed.component.id === component.id)) continue;
    const key = `${component.id} ${answer.fact}`;
    found.set(key, {
      component,
      fact: answer.fact,
      question: questionOf(answer.fact),
      groups: [],
      grave: false,
      answer,
    });
  }
  return [...found.values()].sort(
    (a, b) =>
      Number(a.answer !== undefined) - Number(b.answer !== undefined) ||
      Number(b.grave) - Number(a.grave) ||
      a.component.name.localeCompare(b.component.name),
  );
}

/** One sentence of the list: what to ask of one food, for whom. */
export interface AskLine {
  question: Arg;
  groups: Group[];
  grave: boolean;
}

const isPresence = (fact: FactKey) => /^(?:allergen|nut|animal|ingredient)\./.test(fact);

/**
 * The questions about one food as one would ask them: whatever may be in it for the same guests in one sentence, each
 * thing once, and no list of nuts where "tree nuts" is asked already.
 */
export function asWouldBeAsked(lines: readonly LabelQuestionLine[]): AskLine[] {
  const out = new Map<string, AskLine & { words: string[] }>();
  const nutsAsked = lines.some((line) => line.fact === 'allergen.tree-nuts');
  for (const otherLine of lines) {
    if (
      nutsAsked &&
      otherLine.fact.startsWith('nut.') &&
      otherLine.fact !== 'nut.pine-nut' &&
      otherLine.fact !== 'nut.coconut'
    )
      continue;
    const who = otherLine.groups.map((group) => group.id).join(' ');
    const key = isPresence(otherLine.fact) ? `in it ${who} ${otherLine.grave}` : `${otherLine.fact} ${who}`;
    const line = out.get(key) ?? {
      question: otherLine.question,
      groups: otherLine.groups,
      grave: otherLine.grave,
      words: [],
    };
    const word = factWords(otherLine.fact);
    if (isPresence(otherLine.fact) && !line.words.includes(word)) line.words.push(word);
    out.set(key, line);
  }
  return [...out.values()].map(({ words, ...line }) =>
    words.length > 0
      ? {
          ...line,
          question: { say: 'ask.any', with: { what: { any: words.map((word) => ({ word })) } } },
        }
      : line,
  );
}

/** Groups that are named beside a question. */
const MOST_GROUPS = 6;

/** The list as plain text, to take to the shop or to send to a supplier. */
export function questionsText(lines: readonly LabelQuestionLine[], plan: string, speech: Speech): string {
  const open = lines.filter((line) => line.answer === undefined);
  const byFood = new Map<string, LabelQuestionLine[]>();
  for (const line of open)
    byFood.set(line.component.name, [...(byFood.get(line.component.name) ?? []), line]);
  const parts = [...byFood].map(([name, list]) =>
    [
      name,
      ...asWouldBeAsked(list).map(
        ({ question, grave, groups }) =>
          `  ${speak(
            {
              say: 'ask.line',
              with: {
                question,
                grave: grave ? 'yes' : 'no',
                groups: { all: groups.map((group) => lower(group.name)), most: MOST_GROUPS },
              },
            },
            speech,
          )}`,
      ),
      `  ${speak({ say: 'ask.read-by' }, speech)} ____________________`,
    ].join('\n'),
  );
  const title = speak({ say: 'ask.title', with: { plan } }, speech);
  return `${title}\n\n${parts.join('\n\n') || speak({ say: 'ask.none' }, speech)}\n`;
}
