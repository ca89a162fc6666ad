import { useState } from 'react';
import type { Plan, Surface } from '../../core/plan/index.js';
import { formatMass } from '../../core/measure/index.js';
import { useSettings } from '../store/settings.js';

/** The surface that is looked at: the picked one while it exists, else the first. */
export function usePickedSurface(plan: Plan): [Surface | undefined, (id: Surface['id']) => void] {
  const [id, setId] = useState<string>();
  return [plan.surfaces.find((s) => s.id === id) ?? plan.surfaces[0], setId];
}

export function SurfaceTabs({
  plan,
  picked,
  onPick,
}: {
  plan: Plan;
  picked: string | undefined;
  onPick: (id: Surface['id']) => void;
}) {
  const units = useSettings((s) => s.units);
  if (plan.surfaces.length < 2) return null;
  return (
    <div className="surface-tabs" role="group" aria-label="Surfaces">
      {plan.surfaces.map((s) => {
        const mass = plan.placements
          .filter((p) => p.surfaceId === s.id && p.lot === 0)
          .reduce((n, p) => n + p.massG, 0);
        return (
          <button
            key={s.id}
            className="surface-tab"
            aria-pressed={picked === s.id}
            onClick={() => onPick(s.id)}
          >
            {s.name}
            <small>{formatMass(mass, units)} at opening</small>
          </button>
        );
      })}
    </div>
  );
}
