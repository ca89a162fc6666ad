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
import { t, word } from '../../words/index.js';

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

function mayEat(component: Component, who: string, plan: Plan): boolean {
  const [kind, id] = [who.slice(0, who.indexOf(':')), who.slice(who.indexOf(':') + 1)];
  const { form } = usualForm(component);
  if (kind === 'need') return judgeNeed(component, form, { id, settings: {} }).verdict === 'fine';
  const group = plan.party.find((group) => group.id === id);
  return !group || judgeGroup(component, form, group).verdict === 'fine';
}

export function findFoods(plan: Plan, query: string, narrow: Narrow): Component[] {
  const month = Number(plan.occasion.start.slice(5, 7));
  const { season, for: who, ...facets } = narrow;
  return searchComponents(planLarder(plan).values(), query).filter(
    (component) =>
      fitsFacets(component, { ...facets, ...(season ? { month } : {}) }) &&
      (who === undefined || mayEat(component, who, plan)),
  );
}

/** The groups of the party, then every need. */
const eatersOf = (plan: Plan) => [
  ...plan.party.map((group) => ({ value: `group:${group.id}`, words: group.name, under: t('The party') })),
  ...NEEDS.map((pack) => ({ value: `need:${pack.id}`, words: word(pack.name), under: t('Needs') })),
];

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
    <div className="mb-2 grid grid-cols-2 gap-1" role="group" aria-label={t('Narrow the larder')}>
      <Facet
        label={t('Family')}
        value={narrow.family ?? ''}
        any={t('any family')}
        onPick={(value) => set('family', value)}
        options={FAMILIES.map((family) => ({ value: family, words: family.replace('-', ' ') }))}
      />
      <Facet
        label={t('Who may eat it')}
        value={narrow.for ?? ''}
        any={t('for anyone')}
        onPick={(value) => set('for', value)}
        options={eatersOf(plan)}
      />
      <Facet
        label={t('Colour')}
        value={narrow.colour ?? ''}
        any={t('any colour')}
        onPick={(value) => set('colour', value)}
        options={COLOUR_NAMES.map((c) => ({ value: c, words: c }))}
      />
      <Facet
        label={t('Taste')}
        value={narrow.taste ?? ''}
        any={t('any taste')}
        onPick={(value) => set('taste', value)}
        options={TASTES.map((taste) => ({ value: taste, words: word(TASTE_WORDS[taste]) }))}
      />
      <Checkbox
        label={t('in season')}
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
