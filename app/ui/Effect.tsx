import { inUnits } from '../../core/measure/index.js';
import { useSettings } from '../store/settings.js';

/** Longer than this, an effect may break into two lines; a number is never parted from its unit. */
const SHORT = 9;

/** What a remedy or a way out changes: "+20 g", "5 guests". */
export function Effect({ words }: { words: string }) {
  const units = useSettings((s) => s.units);
  const told = inUnits(words, units);
  return <span className={told.length <= SHORT ? 'whitespace-nowrap' : undefined}>{told}</span>;
}
