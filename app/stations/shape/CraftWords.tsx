import { useMemo } from 'react';
import type { Component, ComponentId } from '../../../core/catalogue/index.js';
import { formatFineLength, shortName } from '../../../core/measure/index.js';
import type { Plan, Surface } from '../../../core/plan/index.js';
import { CUTTERS } from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { Choice, KeptNumber } from '../../ui/Fields.js';
import { Combobox } from '../../ui/kit/Combobox.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { t, word } from '../../words/index.js';

/** A food in the sentence of a craft. */
export function FoodWord({
  label,
  food,
  foods,
  onPick,
}: {
  label: string;
  food: Component;
  foods: readonly Component[];
  onPick: (id: ComponentId) => void;
}) {
  const options = useMemo(
    () =>
      foods
        .map(({ id, name }) => ({ value: id, words: name }))
        .sort((a, b) => a.words.localeCompare(b.words)),
    [foods],
  );
  return (
    <OpenWord word={shortName(food.name).toLowerCase()} label={label}>
      <Combobox label={label} value={food.id} options={options} onPick={onPick} />
    </OpenWord>
  );
}

/** A length in the sentence; kept in millimetres. */
export function LengthWord({
  label,
  mm,
  min,
  max,
  words,
  onKeep,
}: {
  label: string;
  mm: number;
  min: number;
  max: number;
  words?: string;
  onKeep: (mm: number) => void;
}) {
  const units = useSettings((settings) => settings.units);
  return (
    <OpenWord word={words ?? formatFineLength(mm, units)} label={label}>
      <KeptNumber label={t('{label}, mm', { label })} value={mm} min={min} max={max} onKeep={onKeep} />
    </OpenWord>
  );
}

/** A whole number in the sentence. */
export function CountWord({
  label,
  n,
  min,
  max,
  words,
  onKeep,
}: {
  label: string;
  n: number;
  min: number;
  max: number;
  words: string;
  onKeep: (n: number) => void;
}) {
  return (
    <OpenWord word={words} label={label}>
      <KeptNumber label={label} value={n} min={min} max={max} onKeep={(value) => onKeep(Math.round(value))} />
    </OpenWord>
  );
}

const CUTTER_OPTIONS = CUTTERS.map(({ id, name }) => ({ value: id, words: word(name) }));

/** A cutter of the library in the sentence. */
export function CutterWord({
  id,
  own,
  onPick,
}: {
  id: string;
  /** The name of a drawing, where it is none of the library. */
  own?: string | undefined;
  onPick: (id: string) => void;
}) {
  const words = own ?? CUTTER_OPTIONS.find((option) => option.value === id)?.words ?? id;
  return (
    <OpenWord word={words.toLowerCase()} label={t('Cutter')}>
      <Combobox label={t('Cutter')} value={id} options={CUTTER_OPTIONS} onPick={onPick} />
    </OpenWord>
  );
}

/** A surface of the plan in the sentence. */
export function SurfaceWord({
  plan,
  surface,
  onPick,
}: {
  plan: Plan;
  surface: Surface;
  onPick: (id: Surface['id']) => void;
}) {
  return (
    <OpenWord word={surface.name} label={t('Surface')}>
      <Choice
        label={t('Surface')}
        value={surface.id}
        options={plan.surfaces.map(({ id, name }) => [id, name] as const)}
        onPick={onPick}
      />
    </OpenWord>
  );
}
