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
    <div className="narrow" role="group" aria-label="Narrow the larder">
      <Facet label="Family" value={narrow.family ?? ''} any="any family" onPick={(v) => set('family', v)}>
        {FAMILIES.map((f) => (
          <option key={f} value={f}>
            {f.replace('-', ' ')}
          </option>
        ))}
      </Facet>
      <Facet label="Who may eat it" value={narrow.for ?? ''} any="for anyone" onPick={(v) => set('for', v)}>
        {plan.party.length > 0 && (
          <optgroup label="The party">
            {plan.party.map((g) => (
              <option key={g.id} value={`group:${g.id}`}>
                {g.name}
              </option>
            ))}
          </optgroup>
        )}
        <optgroup label="Needs">
          {NEEDS.map((n) => (
            <option key={n.id} value={`need:${n.id}`}>
              {n.name}
            </option>
          ))}
        </optgroup>
      </Facet>
      <Facet label="Colour" value={narrow.colour ?? ''} any="any colour" onPick={(v) => set('colour', v)}>
        {COLOUR_NAMES.map((c) => (
          <option key={c}>{c}</option>
        ))}
      </Facet>
      <Facet label="Taste" value={narrow.taste ?? ''} any="any taste" onPick={(v) => set('taste', v)}>
        {TASTES.map((t) => (
          <option key={t} value={t}>
            {TASTE_WORDS[t]}
          </option>
        ))}
      </Facet>
      <label className="row" style={{ gap: 5 }}>
        <input
          type="checkbox"
          checked={narrow.season === true}
          onChange={(e) => {
            const { season: _, ...rest } = narrow;
            onNarrow(e.target.checked ? { ...rest, season: true } : rest);
          }}
        />
        in season
      </label>
    </div>
  );
}

function Facet({
  label,
  value,
  any,
  onPick,
  children,
}: {
  label: string;
  value: string;
  any: string;
  onPick: (value: string) => void;
  children: React.ReactNode;
}) {
  return (
    <select aria-label={label} value={value} onChange={(e) => onPick(e.target.value)}>
      <option value="">{any}</option>
      {children}
    </select>
  );
}
