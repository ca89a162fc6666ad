import { ENGLISH, inEnglish, speakArg } from '../../core/words/index.js';
import { CATALOGUE as FOODS, FORM_IDS, formOf, usualForm, type FormId } from '../../core/catalogue/index.js';
import { componentOfLabel, readLabel } from '../../core/label/index.js';
import {
  fineForms,
  isFoodWord,
  judgeNeed,
  NEEDS,
  NEED_WORDS,
  needPack,
  type Judgement,
} from '../../core/needs/index.js';
import { readParty, type NeedChoice } from '../../core/party/index.js';
import { needProblem } from '../../core/plan/index.js';
import { BadInput, textOf, type Call } from '../call.js';

export function needs(call: Call): void {
  call.print(
    NEEDS.map((pack) => ({
      id: pack.id,
      name: pack.name,
      also: pack.also,
      summary: pack.summary,
      settings: pack.settings.map((setting) => ({
        id: setting.id,
        values: setting.values.map((value) => value.id),
        default: setting.default,
        list: setting.list ?? false,
        number: setting.number ?? null,
      })),
    })),
  );
}

export function catalogue(call: Call): void {
  call.print(FOODS);
}

/** The need that was named with its settings, as the plan's border would take it. */
function needOf(call: Call): NeedChoice {
  const id = call.options.need?.[0];
  const pack = id === undefined ? undefined : needPack(id);
  const valid = NEEDS.map((pack) => pack.id);
  if (!pack) throw new BadInput(`--need takes one of ${valid.join(', ')}`, { valid });
  const settings: Record<string, string> = {};
  for (const pair of call.options.setting ?? []) {
    const at = pair.indexOf('=');
    if (at < 1) throw new BadInput(`--setting takes key=value, not "${pair}"`);
    settings[pair.slice(0, at)] = pair.slice(at + 1);
  }
  const choice = { id: pack.id, settings };
  const problem = needProblem(choice);
  if (problem)
    throw new BadInput(inEnglish(problem), {
      valid: Object.fromEntries(
        pack.settings.map((setting) => [setting.id, setting.values.map((value) => value.id)]),
      ),
    });
  return choice;
}

export const reasonsOf = (reasons: Judgement['reasons']) =>
  reasons.map((reason) => ({
    fact: reason.fact,
    value: reason.value,
    source: reason.source,
    text: speakArg(reason.why, ENGLISH),
    verdict: reason.verdict,
  }));

export function verdicts(call: Call): void {
  const choice = needOf(call);
  const asked = call.options.form?.[0];
  if (asked !== undefined && !(FORM_IDS as readonly string[]).includes(asked))
    throw new BadInput(`--form takes one of ${FORM_IDS.join(', ')}`, { valid: FORM_IDS });
  const formed = FOODS.flatMap((component) => {
    const fact = asked === undefined ? usualForm(component) : formOf(component, asked as FormId);
    return fact ? [{ c: component, form: fact.form }] : [];
  });
  call.print(
    formed.map(({ c: component, form }) => {
      const { verdict, reasons } = judgeNeed(component, form, choice);
      return {
        id: component.id,
        name: component.name,
        form,
        verdict,
        reasons: reasonsOf(reasons),
        fineForms: fineForms(component, choice),
      };
    }),
  );
}

const MOST_LABEL = 20_000;

export function label(call: Call): void {
  const choice = call.options.need ? needOf(call) : undefined;
  const text = textOf(call, 'file with the text of a label');
  if (text.length > MOST_LABEL)
    throw new BadInput(`a label has at most ${MOST_LABEL} letters, not ${text.length}`);
  const read = readLabel(text);
  const about = { name: 'Label', family: 'spread-dip' as const, text, who: '', when: '' };
  const judged = choice && judgeNeed(componentOfLabel(read, about), 'bowl', choice);
  call.print({
    facts: read.facts,
    spans: read.spans,
    questions: read.questions,
    nutrition: read.nutrition,
    complete: read.complete,
    languages: read.languages.map((language) => language.id),
    ...(judged ? { verdict: judged.verdict, reasons: reasonsOf(judged.reasons) } : {}),
  });
}

/** The party that lines of text say: who is seated where, and what nobody understood. */
export function party(call: Call): void {
  const read = readParty(textOf(call, 'file with the lines of a party'), NEED_WORDS, isFoodWord);
  const problems = read.problems.map(({ said, ...rest }) => ({ ...rest, text: inEnglish(said) }));
  if (problems.length > 0)
    throw new BadInput(problems.map((problem) => problem.text).join(' '), { problems });
  call.print({
    groups: read.groups.map(({ id, name, count, band, ages, needs: kept, dislikes }) => ({
      id,
      name,
      count,
      band,
      ages,
      needs: kept,
      dislikes,
    })),
    unread: read.unread,
  });
}
