import { useState } from 'react';
import type { Plan, Surface } from '../../core/plan/index.js';
import { formatMass } from '../../core/measure/index.js';
import { useSettings } from '../store/settings.js';
import { surfaceName } from './surface-name.js';
import { t } from '../words/index.js';

/** The surface that is looked at: the picked one while it exists, else the first. */
export function usePickedSurface(plan: Plan): [Surface | undefined, (id: Surface['id']) => void] {
  const [id, setId] = useState<string>();
  return [plan.surfaces.find((surface) => surface.id === id) ?? plan.surfaces[0], setId];
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
  const units = useSettings((settings) => settings.units);
  if (plan.surfaces.length < 2) return null;
  return (
    <div
      className="mb-2.5 grid grid-cols-2 gap-1.5 stepped:invisible"
      role="group"
      aria-label={t('Surfaces')}
    >
      {plan.surfaces.map((surface) => {
        const mass = plan.placements
          .filter((placement) => placement.surfaceId === surface.id && placement.lot === 0)
          .reduce((sum, placement) => sum + placement.massG, 0);
        return (
          <button
            key={surface.id}
            className="on-paper border-0 bg-paper px-2 pt-1 pb-1.5 text-left text-xs/[1.1] font-bold shadow-tag aria-pressed:bg-ink aria-pressed:text-white evening:aria-pressed:bg-yolk evening:aria-pressed:text-ink"
            aria-pressed={picked === surface.id}
            onClick={() => onPick(surface.id)}
          >
            {surfaceName(surface)}
            <small className="block text-xs/[1.1] font-medium">
              {t('{mass} at opening', { mass: formatMass(mass, units) })}
            </small>
          </button>
        );
      })}
    </div>
  );
}
