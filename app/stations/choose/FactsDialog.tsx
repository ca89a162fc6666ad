import { useState } from 'react';
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
import { t } from '../../words/index.js';

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

/** Every fact of a food of the stylist's own. What is not told stays unknown, and asks. */
export function FactsDialog({ component, onClose }: { component: Component; onClose: () => void }) {
  const [otherComponent, setC] = useState(component);
  const [problem, setProblem] = useState<string>();
  const edit = useSession((session) => session.edit);
  const form = usualForm(otherComponent).form;
  const set = (patch: Partial<Component>): void => setC({ ...otherComponent, ...patch });
  const keep = (): void => {
    const touched = (test: (fact: FactKey) => boolean) =>
      ALL_FACT_KEYS.some(
        (fact) => test(fact) && factValue(otherComponent, fact, form) !== factValue(component, fact, form),
      );
    const parsed = componentSchema.safeParse({
      ...otherComponent,
      sources: {
        ...otherComponent.sources,
        ...(touched((fact) => /^(?:allergen|nut)\./.test(fact)) ? { allergens: 'stylist' } : {}),
        ...(touched((fact) => !/^(?:allergen|nut)\./.test(fact)) ? { origin: 'stylist' } : {}),
        ...(otherComponent.per100g === component.per100g ? {} : { nutrition: 'stylist' }),
      },
    });
    if (!parsed.success) {
      const issue = parsed.error.issues[0];
      return setProblem(`${issue?.path.join(' ') ?? ''}: ${issue?.message ?? ''}`);
    }
    edit({ name: 'add-component', component: parsed.data });
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
      <div className="flex flex-wrap items-center gap-2.5">
        <div className="flex-1 min-w-50">
          <TextInput label={t('Name')} value={otherComponent.name} onChange={(name) => set({ name })} />
        </div>
        <Choice
          label={t('Family')}
          width={150}
          value={otherComponent.family}
          options={FAMILIES.map((family) => [family, family.replace('-', ' ')] as const)}
          onPick={(family: Family) => set({ family })}
        />
      </div>
      <TextInput
        label={t('Also called, with commas')}
        value={otherComponent.synonyms.join(', ')}
        max={200}
        onChange={(text) => set({ synonyms: text.split(',').map((x) => x.trimStart()) })}
      />
      {GROUPS.map(([title, test]) => (
        <fieldset
          key={title}
          className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 border-0 border-t-[1.5px] border-line pt-1"
        >
          <legend className="pr-2 font-display text-base/[1.2] font-extrabold">{title}</legend>
          {ALL_FACT_KEYS.filter(test).map((key) => (
            <FactChoice
              key={key}
              c={otherComponent}
              fact={key}
              onTell={(value) => setC(withKnowledge(otherComponent, key, value))}
            />
          ))}
        </fieldset>
      ))}
      <fieldset className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 border-0 border-t-[1.5px] border-line pt-1">
        <legend className="pr-2 font-display text-base/[1.2] font-extrabold">{t('In 100 g')}</legend>
        {FIGURES.map(([key, label, most]) => (
          <Field key={key} label={label}>
            <Input
              type="number"
              min={0}
              max={most}
              step="any"
              value={otherComponent.per100g[key] ?? ''}
              onChange={(event) =>
                set({
                  per100g: withFigure(
                    otherComponent.per100g,
                    key,
                    event.target.value === '' ? null : Number(event.target.value),
                  ),
                })
              }
            />
          </Field>
        ))}
      </fieldset>
      <fieldset className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 border-0 border-t-[1.5px] border-line pt-1">
        <legend className="pr-2 font-display text-base/[1.2] font-extrabold">{t('Taste, 0 to 5')}</legend>
        {TASTES.map((taste) => (
          <Field key={taste} label={taste}>
            <Input
              type="number"
              min={0}
              max={5}
              value={otherComponent.taste?.[taste] ?? ''}
              onChange={(event) =>
                set({ taste: { ...zeroTaste(otherComponent), [taste]: Number(event.target.value) } })
              }
            />
          </Field>
        ))}
      </fieldset>
      {problem && <Wrong>{problem}</Wrong>}
      <Button onClick={keep}>{t('Keep')}</Button>
    </PaperDialog>
  );
}

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
  c: component,
  fact,
  onTell,
}: {
  c: Component;
  fact: FactKey;
  onTell: (value: string) => void;
}) {
  const value = factValue(component, fact, usualForm(component).form);
  const values = [...possibleValues(fact), ...(known(value) ? ['unknown'] : [value])];
  return (
    <Choice
      label={factWords(fact)}
      value={value}
      options={values.map((value) => [value, VALUE_WORDS[value] ?? value.replace(/-/g, ' ')] as const)}
      onPick={onTell}
    />
  );
}
