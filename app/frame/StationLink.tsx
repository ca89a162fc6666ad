import { Link } from 'react-router';
import type { Checked } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import { t } from '../words/index.js';
import { glyphOf, PlateGlyph, STATE_WORDS } from '../ui/Glyph.js';
import type { StationRecord } from '../stations/station.js';
import { stationState } from '../stations/state.js';

/** Far from where one stands, and no room for all: the plate alone. */
const FOLDED =
  '@max-[500px]:w-6 @max-[500px]:[&_span]:sr-only @max-[500px]:[&_svg]:mb-6 @max-[500px]:[&_svg]:size-6.5';

/** A station as a small plate on the plank, filled as it gets ready; a plank of many stations folds those far away. */
export function StationLink({
  station,
  plan,
  checked,
  current,
  crowd,
  far,
}: {
  station: StationRecord;
  plan: Plan;
  checked: Checked;
  current: boolean;
  /** So many stations that they stand close. */
  crowd: boolean;
  /** Not beside the current one. */
  far: boolean;
}) {
  const { severity, ready } = stationState(station, plan, checked);
  const glyph = ready === null ? 'empty' : glyphOf(severity);
  const words = glyph === 'empty' ? t('not begun') : STATE_WORDS[glyph].toLowerCase();
  return (
    <Link
      className={`relative z-1 -mb-5.5 flex h-24 flex-col items-center justify-end text-on-cloth no-underline [&_svg]:mb-1.5 [&_svg]:drop-shadow-glyph ${crowd ? 'w-16.5 @max-[600px]:w-13.5' : 'w-21 max-xl:w-16.5 max-sm:w-14'} ${crowd && far ? FOLDED : ''}`}
      to={`/plan/${plan.id}/${station.id}`}
      aria-current={current ? 'step' : undefined}
      aria-label={`${station.name}: ${words}`}
    >
      <PlateGlyph
        state={glyph}
        size={current ? 66 : 50}
        fill={ready ?? 0}
        tint={current ? 'var(--beet)' : 'var(--yolk)'}
      />
      <span className={current ? 'font-display text-base/[17px] font-extrabold' : 'text-xs/[17px]'}>
        {station.name}
      </span>
    </Link>
  );
}
