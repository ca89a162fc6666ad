import { useState } from 'react';
import { searchComponents, type ComponentId } from '../../../core/catalogue/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { Ticks } from '../../ui/Fields.js';

const MOST_FOUND = 6;
const MOST_NAMED = 24;

/** Foods by name: those that are picked, and a few that fit what is typed. */
export function PickFoods({
  plan,
  legend,
  ids,
  onChange,
}: {
  plan: Plan;
  legend: string;
  ids: readonly ComponentId[];
  onChange: (ids: ComponentId[]) => void;
}) {
  const [query, setQuery] = useState('');
  const larder = planLarder(plan);
  const found =
    query.trim() === ''
      ? []
      : searchComponents([...larder.values()], query)
          .filter((c) => !ids.includes(c.id))
          .slice(0, MOST_FOUND);
  return (
    <Ticks legend={legend}>
      <div className="need-chips">
        {ids.slice(0, MOST_NAMED).map((id) => (
          <button
            key={id}
            type="button"
            className="chip"
            aria-label={`${legend}: ${larder.get(id)?.name ?? id}. Take out`}
            onClick={() => onChange(ids.filter((x) => x !== id))}
          >
            {larder.get(id)?.name ?? id} ×
          </button>
        ))}
        {ids.length > MOST_NAMED && <span>and {ids.length - MOST_NAMED} more</span>}
      </div>
      <input
        type="search"
        className="pick-foods"
        aria-label={`${legend}: find a food`}
        placeholder="find a food"
        value={query}
        onChange={(e) => setQuery(e.target.value)}
      />
      <div className="need-chips">
        {found.map((c) => (
          <button
            key={c.id}
            type="button"
            className="chip"
            onClick={() => (setQuery(''), onChange([...ids, c.id]))}
          >
            + {c.name}
          </button>
        ))}
      </div>
    </Ticks>
  );
}
