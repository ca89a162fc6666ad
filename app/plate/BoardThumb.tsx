import { useEffect, useState } from 'react';
import type { Plan } from '../../core/plan/index.js';
import { ask } from '../workers/kitchen.js';
import { China } from './China.js';
import { BoardImage } from './BoardImage.js';

/** The plan with its boards laid: as it is where they are, else laid by the kitchen for this look alone. */
function useLaid(plan: Plan): Plan {
  const [laid, setLaid] = useState(plan);
  useEffect(() => {
    setLaid(plan);
    if (plan.layout.some((layer) => layer.elements.length > 0)) return undefined;
    const job = ask('lay', { plan, seed: plan.seed });
    job.done.then(
      ({ surfaces }) =>
        setLaid({
          ...plan,
          layout: surfaces.map(({ surfaceId, elements }) => ({ surfaceId, elements })),
        }),
      () => undefined,
    );
    return () => job.forget();
  }, [plan]);
  return laid;
}

/** A plan's main board, small on a plate. */
export function BoardThumb({ plan, label, size }: { plan: Plan; label: string; size: number }) {
  const laid = useLaid(plan);
  const [surface] = laid.surfaces;
  return (
    <div className="relative" style={{ width: size, height: size }}>
      <China stands="box" label={label}>
        {surface && <BoardImage plan={laid} surface={surface} r={270} />}
      </China>
    </div>
  );
}
