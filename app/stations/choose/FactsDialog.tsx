import { useState, type ReactNode } from 'react';
import {
  ALL_FACT_KEYS,
  FAMILIES,
  componentSchema,
  factValue,
  factWords,
  known,
  possibleValues,
  TASTES,
  usualForm,
  withKnowledge,
  type Component,
  type FactKey,
  type Family,
} from '../../../core/catalogue/index.js';
import { useSession } from '../../store/session.js';
import { Choice, Field, TextInput, Wrong } from '../../ui/Fields.js';
import { PaperDialog } from '../../ui/kit/Dialog.js';
import { Button } from '../../ui/kit/Button.js';
import { Input } from '../../ui/kit/Input.js';
import { t, word } from '../../words/index.js';

const GROUPS: readonly (readonly [string, (fact: FactKey) => boolean])[] = [
  [t('Allergens'), (fact) => fact.startsWith('allergen.')],
  [t('Nuts by kind'), (fact) => fact.startsWith('nut.')],
  [t('Of an animal'), (fact) => fact.startsWith('animal.')],
  [t('Of plants that some leave out'), (fact) => fact.startsWith('ingredient.')],
  [
    t('How it is made'),
    (fact) =>
      !/^(?:allergen|nut|animal|ingredient)\./.test(fact) && fact !== 'choking' && fact !== 'salt-class',
  ],
];

const VALUE_WORDS: Record<string, string> = {
  contains: t('in it'),
  may: t('traces'),
  free: t('free'),
  unknown: t('not known'),
  brand: t('depends on the brand'),
};

const FIGURES = [
  ['energyKj', t('Energy, kJ'), 3800],
  ['proteinG', t('Protein, g'), 100],
  ['fatG', t('Fat, g'), 100],
  ['carbNetG', t('Carbohydrate without fibre, g'), 100],
  ['fibreG', t('Fibre, g'), 100],
  ['saltG', t('Salt, g'), 100],
] as const;

const isAllergen = (fact: FactKey): boolean => /^(?:allergen|nut)\./.test(fact);

/** The food as it was described: what a stylist touched has the stylist as its source. */
function described(draft: Component, before: Component) {
  const form = usualForm(draft).form;
  const touched = (test: (fact: FactKey) => boolean) =>
    ALL_FACT_KEYS.some(
      (fact) => test(fact) && factValue(draft, fact, form) !== factValue(before, fact, form),
    );
  return componentSchema.safeParse({
    ...draft,
    sources: {
      ...draft.sources,
      ...(touched(isAllergen) ? { allergens: 'stylist' } : {}),
      ...(touched((fact) => !isAllergen(fact)) ? { origin: 'stylist' } : {}),
      ...(draft.per100g === before.per100g ? {} : { nutrition: 'stylist' }),
    },
  });
}

/** Every fact of a food of the stylist's own. What is not told stays unknown, and asks. */
export function FactsDialog({ component, onClose }: { component: Component; onClose: () => void }) {
  const [draft, setDraft] = useState(component);
  const [problem, setProblem] = useState<string>();
  const edit = useSession((session) => session.edit);
  const set = (patch: Partial<Component>): void => setDraft({ ...draft, ...patch });
  const keep = (): void => {
    const read = described(draft, component);
    if (!read.success) {
      const issue = read.error.issues[0];
      return setProblem(`${issue?.path.join(' ') ?? ''}: ${issue?.message ?? ''}`);
    }
    edit({ name: 'add-component', component: read.data });
    return onClose();
  };
  return (
    <PaperDialog
      open
      wide
      onClose={onClose}
      title={t('What is known of {name}', { name: component.name.toLowerCase() })}
      hint={t('Only what you have seen yourself. What is not known stays open, and every need asks.')}
    >
      <Called draft={draft} set={set} />
      {GROUPS.map(([title, test]) => (
        <Facts key={title} title={title}>
          {ALL_FACT_KEYS.filter(test).map((key) => (
            <FactChoice
              key={key}
              component={draft}
              fact={key}
              onTell={(value) => setDraft(withKnowledge(draft, key, value))}
            />
          ))}
        </Facts>
      ))}
      <Figures draft={draft} set={set} />
      <Tastes draft={draft} set={set} />
      {problem && <Wrong>{problem}</Wrong>}
      <Button onClick={keep}>{t('Keep')}</Button>
    </PaperDialog>
  );
}

interface Part {
  draft: Component;
  set: (patch: Partial<Component>) => void;
}

const Facts = ({ title, children }: { title: string; children: ReactNode }) => (
  <fieldset className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 border-0 border-t-[1.5px] border-line pt-1">
    <legend className="pr-2 font-display text-base/[1.2] font-extrabold">{title}</legend>
    {children}
  </fieldset>
);

const Called = ({ draft, set }: Part) => (
  <>
    <div className="flex flex-wrap items-center gap-2.5">
      <div className="flex-1 min-w-50">
        <TextInput label={t('Name')} value={draft.name} onChange={(name) => set({ name })} />
      </div>
      <Choice
        label={t('Family')}
        width={150}
        value={draft.family}
        options={FAMILIES.map((family) => [family, word(family.replace('-', ' '))] as const)}
        onPick={(family: Family) => set({ family })}
      />
    </div>
    <TextInput
      label={t('Also called, with commas')}
      value={draft.synonyms.join(', ')}
      max={200}
      onChange={(text) => set({ synonyms: text.split(',').map((x) => x.trimStart()) })}
    />
  </>
);

const Figures = ({ draft, set }: Part) => (
  <Facts title={t('In 100 g')}>
    {FIGURES.map(([key, label, most]) => (
      <Field key={key} label={label}>
        <Input
          type="number"
          min={0}
          max={most}
          step="any"
          value={draft.per100g[key] ?? ''}
          onChange={({ target: { value } }) =>
            set({ per100g: withFigure(draft.per100g, key, value === '' ? null : Number(value)) })
          }
        />
      </Field>
    ))}
  </Facts>
);

const Tastes = ({ draft, set }: Part) => (
  <Facts title={t('Taste, 0 to 5')}>
    {TASTES.map((taste) => (
      <Field key={taste} label={word(taste)}>
        <Input
          type="number"
          min={0}
          max={5}
          value={draft.taste?.[taste] ?? ''}
          onChange={(event) => set({ taste: { ...zeroTaste(draft), [taste]: Number(event.target.value) } })}
        />
      </Field>
    ))}
  </Facts>
);

const zeroTaste = (component: Component): NonNullable<Component['taste']> =>
  component.taste ??
  (Object.fromEntries(TASTES.map((taste) => [taste, 0])) as NonNullable<Component['taste']>);

function withFigure(
  p: Component['per100g'],
  key: (typeof FIGURES)[number][0],
  value: number | null,
): Component['per100g'] {
  const next = { ...p, [key]: value };
  return {
    ...next,
    carbTradition: next.carbNetG === null ? 'unknown' : 'eu',
    carbTotalG:
      next.carbNetG === null || next.fibreG === null ? null : Math.min(100, next.carbNetG + next.fibreG),
  };
}

function FactChoice({
  component,
  fact,
  onTell,
}: {
  component: Component;
  fact: FactKey;
  onTell: (value: string) => void;
}) {
  const value = factValue(component, fact, usualForm(component).form);
  const values = [...possibleValues(fact), ...(known(value) ? ['unknown'] : [value])];
  return (
    <Choice
      label={word(factWords(fact))}
      value={value}
      options={values.map((value) => [value, VALUE_WORDS[value] ?? word(value.replace(/-/g, ' '))] as const)}
      onPick={onTell}
    />
  );
}
