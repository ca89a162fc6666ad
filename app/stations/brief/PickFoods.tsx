import { useState } from 'react';
import { searchComponents, type ComponentId } from '../../../core/catalogue/index.js';
import { planLarder, type Plan } from '../../../core/plan/index.js';
import { Ticks } from '../../ui/Fields.js';
import { Button } from '../../ui/kit/Button.js';
import { Input } from '../../ui/kit/Input.js';
import { t } from '../../words/index.js';

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
          .filter((component) => !ids.includes(component.id))
          .slice(0, MOST_FOUND);
  return (
    <Ticks legend={legend}>
      <div className="flex max-h-44 flex-wrap gap-1.5 overflow-auto p-0.5">
        {ids.slice(0, MOST_NAMED).map((id) => (
          <Button
            key={id}
            type="button"
            look="chip"
            aria-label={t('{legend}: {name}. Take out', { legend, name: larder.get(id)?.name ?? id })}
            onClick={() => onChange(ids.filter((otherId) => otherId !== id))}
          >
            {larder.get(id)?.name ?? id} ×
          </Button>
        ))}
        {ids.length > MOST_NAMED && (
          <span>{t('and {idsCount} more', { idsCount: ids.length - MOST_NAMED })}</span>
        )}
      </div>
      <Input
        type="search"
        aria-label={t('{legend}: find a food', { legend })}
        placeholder={t('find a food')}
        value={query}
        onChange={(event) => setQuery(event.target.value)}
      />
      <div className="flex max-h-44 flex-wrap gap-1.5 overflow-auto p-0.5">
        {found.map((component) => (
          <Button
            key={component.id}
            type="button"
            look="chip"
            onClick={() => (setQuery(''), onChange([...ids, component.id]))}
          >
            + {component.name}
          </Button>
        ))}
      </div>
    </Ticks>
  );
}
