import {
  COLOUR_NAMES,
  FAMILIES,
  fitsFacets,
  searchComponents,
  TASTE_WORDS,
  TASTES,
  usualForm,
  type ColourName,
  type Component,
  type Family,
  type Taste,
} from '../../../core/catalogue/index.js';
import { judgeGroup, judgeNeed, NEEDS } from '../../../core/needs/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { Checkbox } from '../../ui/kit/Checkbox.js';
import { Select, type Option } from '../../ui/kit/Select.js';

/** What the larder is narrowed by: everything that is set holds. */
export interface Narrow {
  family?: Family;
  colour?: ColourName;
  taste?: Taste;
  /** In season on the day of the plan. */
  season?: true;
  /** A group of the party ("group:…") or a need ("need:…") that may eat it without asking. */
  for?: string;
}

function mayEat(c: Component, who: string, plan: Plan): boolean {
  const [kind, id] = [who.slice(0, who.indexOf(':')), who.slice(who.indexOf(':') + 1)];
  const { form } = usualForm(c);
  if (kind === 'need') return judgeNeed(c, form, { id, settings: {} }).verdict === 'fine';
  const group = plan.party.find((g) => g.id === id);
  return !group || judgeGroup(c, form, group).verdict === 'fine';
}

export function findFoods(plan: Plan, query: string, narrow: Narrow): Component[] {
  const month = Number(plan.occasion.start.slice(5, 7));
  const { season, for: who, ...facets } = narrow;
  return searchComponents(planLarder(plan).values(), query).filter(
    (c) =>
      fitsFacets(c, { ...facets, ...(season ? { month } : {}) }) &&
      (who === undefined || mayEat(c, who, plan)),
  );
}

export function NarrowBy({
  plan,
  narrow,
  onNarrow,
}: {
  plan: Plan;
  narrow: Narrow;
  onNarrow: (narrow: Narrow) => void;
}) {
  const set = (key: keyof Narrow, value: string): void => {
    const next: Record<string, unknown> = { ...narrow, [key]: value };
    if (value === '') delete next[key];
    onNarrow(next as Narrow);
  };
  return (
    <div className="mb-2 grid grid-cols-2 gap-1" role="group" aria-label="Narrow the larder">
      <Facet
        label="Family"
        value={narrow.family ?? ''}
        any="any family"
        onPick={(v) => set('family', v)}
        options={FAMILIES.map((f) => ({ value: f, words: f.replace('-', ' ') }))}
      />
      <Facet
        label="Who may eat it"
        value={narrow.for ?? ''}
        any="for anyone"
        onPick={(v) => set('for', v)}
        options={[
          ...plan.party.map((g) => ({ value: `group:${g.id}`, words: g.name, under: 'The party' })),
          ...NEEDS.map((n) => ({ value: `need:${n.id}`, words: n.name, under: 'Needs' })),
        ]}
      />
      <Facet
        label="Colour"
        value={narrow.colour ?? ''}
        any="any colour"
        onPick={(v) => set('colour', v)}
        options={COLOUR_NAMES.map((c) => ({ value: c, words: c }))}
      />
      <Facet
        label="Taste"
        value={narrow.taste ?? ''}
        any="any taste"
        onPick={(v) => set('taste', v)}
        options={TASTES.map((t) => ({ value: t, words: TASTE_WORDS[t] }))}
      />
      <Checkbox
        label="in season"
        on={narrow.season === true}
        onChange={(on) => {
          const { season: _, ...rest } = narrow;
          onNarrow(on ? { ...rest, season: true } : rest);
        }}
      />
    </div>
  );
}

function Facet({
  label,
  value,
  any,
  onPick,
  options,
}: {
  label: string;
  value: string;
  any: string;
  onPick: (value: string) => void;
  options: readonly Option<string>[];
}) {
  return (
    <Select label={label} value={value} onPick={onPick} options={[{ value: '', words: any }, ...options]} />
  );
}
