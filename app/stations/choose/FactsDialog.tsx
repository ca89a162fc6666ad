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

const GROUPS: readonly (readonly [string, (k: FactKey) => boolean])[] = [
  ['Allergens', (k) => k.startsWith('allergen.')],
  ['Nuts by kind', (k) => k.startsWith('nut.')],
  ['Of an animal', (k) => k.startsWith('animal.')],
  ['Of plants that some leave out', (k) => k.startsWith('ingredient.')],
  [
    'How it is made',
    (k) => !/^(?:allergen|nut|animal|ingredient)\./.test(k) && k !== 'choking' && k !== 'salt-class',
  ],
];

const VALUE_WORDS: Record<string, string> = {
  contains: 'in it',
  may: 'traces',
  free: 'free',
  unknown: 'not known',
  brand: 'depends on the brand',
};

const FIGURES = [
  ['energyKj', 'Energy, kJ', 3800],
  ['proteinG', 'Protein, g', 100],
  ['fatG', 'Fat, g', 100],
  ['carbNetG', 'Carbohydrate without fibre, g', 100],
  ['fibreG', 'Fibre, g', 100],
  ['saltG', 'Salt, g', 100],
] as const;

/** Every fact of a food of the stylist's own. What is not told stays unknown, and asks. */
export function FactsDialog({ component, onClose }: { component: Component; onClose: () => void }) {
  const [c, setC] = useState(component);
  const [problem, setProblem] = useState<string>();
  const edit = useSession((s) => s.edit);
  const form = usualForm(c).form;
  const set = (patch: Partial<Component>): void => setC({ ...c, ...patch });
  const keep = (): void => {
    const touched = (test: (k: FactKey) => boolean) =>
      ALL_FACT_KEYS.some((k) => test(k) && factValue(c, k, form) !== factValue(component, k, form));
    const parsed = componentSchema.safeParse({
      ...c,
      sources: {
        ...c.sources,
        ...(touched((k) => /^(?:allergen|nut)\./.test(k)) ? { allergens: 'stylist' } : {}),
        ...(touched((k) => !/^(?:allergen|nut)\./.test(k)) ? { origin: 'stylist' } : {}),
        ...(c.per100g === component.per100g ? {} : { nutrition: 'stylist' }),
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
      title={`What is known of ${component.name.toLowerCase()}`}
      hint="Only what you have seen yourself. What is not known stays open, and every need asks."
    >
      <div className="flex flex-wrap items-center gap-2.5">
        <div className="flex-1 min-w-50">
          <TextInput label="Name" value={c.name} onChange={(name) => set({ name })} />
        </div>
        <Choice
          label="Family"
          width={150}
          value={c.family}
          options={FAMILIES.map((f) => [f, f.replace('-', ' ')] as const)}
          onPick={(family: Family) => set({ family })}
        />
      </div>
      <TextInput
        label="Also called, with commas"
        value={c.synonyms.join(', ')}
        max={200}
        onChange={(t) => set({ synonyms: t.split(',').map((x) => x.trimStart()) })}
      />
      {GROUPS.map(([title, test]) => (
        <fieldset
          key={title}
          className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 border-0 border-t-[1.5px] border-line pt-1"
        >
          <legend className="pr-2 font-display text-base/[1.2] font-extrabold">{title}</legend>
          {ALL_FACT_KEYS.filter(test).map((key) => (
            <FactChoice key={key} c={c} fact={key} onTell={(value) => setC(withKnowledge(c, key, value))} />
          ))}
        </fieldset>
      ))}
      <fieldset className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 border-0 border-t-[1.5px] border-line pt-1">
        <legend className="pr-2 font-display text-base/[1.2] font-extrabold">In 100 g</legend>
        {FIGURES.map(([key, label, most]) => (
          <Field key={key} label={label}>
            <Input
              type="number"
              min={0}
              max={most}
              step="any"
              value={c.per100g[key] ?? ''}
              onChange={(e) =>
                set({
                  per100g: withFigure(c.per100g, key, e.target.value === '' ? null : Number(e.target.value)),
                })
              }
            />
          </Field>
        ))}
      </fieldset>
      <fieldset className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(150px,1fr))] gap-x-3 border-0 border-t-[1.5px] border-line pt-1">
        <legend className="pr-2 font-display text-base/[1.2] font-extrabold">Taste, 0 to 5</legend>
        {TASTES.map((t) => (
          <Field key={t} label={t}>
            <Input
              type="number"
              min={0}
              max={5}
              value={c.taste?.[t] ?? ''}
              onChange={(e) => set({ taste: { ...zeroTaste(c), [t]: Number(e.target.value) } })}
            />
          </Field>
        ))}
      </fieldset>
      {problem && <Wrong>{problem}</Wrong>}
      <Button onClick={keep}>Keep</Button>
    </PaperDialog>
  );
}

const zeroTaste = (c: Component): NonNullable<Component['taste']> =>
  c.taste ?? (Object.fromEntries(TASTES.map((t) => [t, 0])) as NonNullable<Component['taste']>);

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

function FactChoice({ c, fact, onTell }: { c: Component; fact: FactKey; onTell: (value: string) => void }) {
  const value = factValue(c, fact, usualForm(c).form);
  const values = [...possibleValues(fact), ...(known(value) ? ['unknown'] : [value])];
  return (
    <Choice
      label={factWords(fact)}
      value={value}
      options={values.map((v) => [v, VALUE_WORDS[v] ?? v.replace(/-/g, ' ')] as const)}
      onPick={onTell}
    />
  );
}
