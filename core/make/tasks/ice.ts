import { iceBowl } from '../../shape/index.js';
import { bowlsInUse } from '../../portion/index.js';
import type { Task } from '../task.js';
import { task, type MakeContext } from './context.js';

/** Bowls of ice are frozen together, best over a night: the freezer has room for other things beside them. */
export function freezing({ plan, calm }: MakeContext): Task[] {
  const iced = bowlsInUse(plan).flatMap((bowl) =>
    bowl.ice ? [{ ...bowl, made: iceBowl(bowl.ice, plan.occasion.airTempC, plan.occasion.durationMin) }] : [],
  );
  if (iced.length === 0) return [];
  const handsMin = iced.reduce((sum, { made }) => sum + made.handsMin, 0);
  const waitMin = Math.max(...iced.map(({ made }) => made.freezeMin));
  return [
    task({
      id: 'freeze-ice',
      kind: 'freeze',
      foods: [...new Set(iced.map(({ componentId }) => componentId))],
      massG: iced.reduce((sum, { made }) => sum + made.waterMl, 0),
      pieces: iced.length,
      handsMin,
      waitMin,
      ripe: calm - handsMin - waitMin,
      uses: [{ equipment: 'freezer', during: 'hands' }],
      ahead: true,
    }),
  ];
}
