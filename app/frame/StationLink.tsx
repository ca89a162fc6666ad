import { Link } from 'react-router';
import type { Checked } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import { PlateGlyph, STATE_WORDS } from '../ui/Glyph.js';
import { STATION_NAMES, stationState, type StationId } from './stations.js';

/** A station as a small plate on the plank, filled as it gets ready. */
export function StationLink({
  id,
  plan,
  checked,
  current,
}: {
  id: StationId;
  plan: Plan;
  checked: Checked;
  current: boolean;
}) {
  const state = stationState(id, plan, checked);
  const words = state.glyph === 'empty' ? 'not begun' : STATE_WORDS[state.glyph].toLowerCase();
  return (
    <Link
      className="relative z-1 -mb-5.5 flex h-24 w-21 flex-col items-center justify-end text-on-cloth no-underline max-xl:w-16.5 max-sm:w-14 [&_svg]:mb-1.5 [&_svg]:drop-shadow-glyph"
      to={`/plan/${plan.id}/${id}`}
      aria-current={current ? 'step' : undefined}
      aria-label={`${STATION_NAMES[id]}: ${words}`}
    >
      <PlateGlyph
        state={state.glyph}
        size={current ? 66 : 50}
        fill={state.fill}
        tint={current ? 'var(--beet)' : 'var(--yolk)'}
      />
      <span className={current ? 'font-display text-base/[17px] font-extrabold' : 'text-xs/[17px]'}>
        {STATION_NAMES[id]}
      </span>
    </Link>
  );
}
