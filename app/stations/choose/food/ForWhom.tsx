import { useMemo } from 'react';
import { formName, type Component } from '../../../../core/catalogue/index.js';
import { judgeGroup } from '../../../../core/needs/index.js';
import { contextOf, standingOf, worstAsItLies } from '../../../../core/check/index.js';
import type { Group } from '../../../../core/party/index.js';
import type { Plan } from '../../../../core/plan/index.js';
import { PlateGlyph, STATE_WORDS } from '../../../ui/Glyph.js';
import { Rim } from '../../../ui/rims.js';
import { speakArg } from '../../../../core/words/index.js';
import { useSpeech } from '../../../store/useSpeech.js';
import { t, word } from '../../../words/index.js';

const GLYPH = { fine: 'whole', ask: 'covered', forbidden: 'cracked' } as const;
const WORD = { fine: t('may eat it'), ask: t('ask the label'), forbidden: t('not for them') } as const;

/** Those who may eat it as marks in a row; whoever must ask or leave it, with the reason. */
export function ForWhom({ plan, component }: { plan: Plan; component: Component }) {
  const speech = useSpeech();
  const judged = plan.party.map((group) => ({ group, ...worstAsItLies(plan, component, group) }));
  const several =
    new Set(
      plan.placements
        .filter((placement) => placement.componentId === component.id)
        .map((placement) => placement.form),
    ).size > 1;
  // what lies beside something that they leave out, on one surface of several, is theirs where it does not
  const context = useMemo(() => contextOf(plan), [plan]);
  const isTouched = (group: Group): boolean =>
    context.placed.some(
      (placed) => placed.component.id === component.id && standingOf(context, placed, group) === 'touched',
    );
  const allowed = judged.filter((j) => j.verdict === 'fine');
  const touched = allowed.filter((j) => isTouched(j.group));
  const fine = allowed.filter((j) => !touched.includes(j));
  return (
    <ul className="m-0 list-none p-0">
      <Together groups={fine.map((j) => j.group)} state="whole" words={WORD.fine} />
      <Together
        groups={touched.map((j) => j.group)}
        state="chipped"
        words={t('only where it is kept apart from what they leave out')}
      />
      {judged
        .filter((j) => j.verdict !== 'fine')
        .map((j) => (
          <li key={j.group.id} className="flex items-start gap-1.5 py-0.5 [&>svg]:shrink-0">
            <PlateGlyph state={GLYPH[j.verdict]} size={24} />
            <Rim group={j.group} size={22} />
            <span>
              <b>{j.group.name}</b>: {WORD[j.verdict]}
              {several ? ` ${t('as {formName}', { formName: word(formName(j.form)) })}` : ''}
              {j.reasons[0] ? `, ${speakArg(j.reasons[0].why, speech)} (${word(j.reasons[0].source)})` : ''}
              {fineWords(component, j.group)}
              <span className="sr-only">. {STATE_WORDS[GLYPH[j.verdict]]}</span>
            </span>
          </li>
        ))}
    </ul>
  );
}

/** Groups of whom the same is said. */
function Together({
  groups,
  state,
  words,
}: {
  groups: readonly Group[];
  state: 'whole' | 'chipped';
  words: string;
}) {
  if (groups.length === 0) return null;
  return (
    <li className="flex items-start gap-1.5 py-0.5 [&>svg]:shrink-0">
      <PlateGlyph state={state} size={24} />
      <span>
        <span className="mr-1.5 inline-flex gap-0.5 align-middle">
          {groups.map((group) => (
            <Rim key={group.id} group={group} size={22} />
          ))}
        </span>
        <b>{groups.map(({ name }) => name).join(', ')}</b>: {words}
      </span>
    </li>
  );
}

/** The forms in which the same food would be fine: whole grapes are not, quartered ones are. */
function fineWords(component: Component, group: Group): string {
  const forms = component.forms.filter((fact) => judgeGroup(component, fact.form, group).verdict === 'fine');
  return forms.length > 0
    ? t('. Fine {forms}', { forms: forms.map((fact) => word(formName(fact.form))).join(', ') })
    : '';
}
