import { worstGlyph, type Checked, type Finding, type Glyph } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';

export const STATIONS = ['brief', 'choose', 'check', 'lay'] as const;
export type StationId = (typeof STATIONS)[number];

export const STATION_NAMES: Record<StationId, string> = {
  brief: 'Brief',
  choose: 'Choose',
  check: 'Check',
  lay: 'Lay',
};

/** Slips that belong to a station; what stops service hangs everywhere, Check shows all. */
const BELONGS: Record<Exclude<StationId, 'check'>, readonly string[]> = {
  brief: ['how-old', 'cold-air', 'too-long', 'warm-at-opening', 'too-small', 'too-large', 'over-budget'],
  choose: [
    'too-little',
    'too-much',
    'nothing-sharp',
    'all-soft',
    'no-crunch',
    'nothing-sweet',
    'nothing-hot',
    'no-smoke',
    'out-of-season',
    'over-budget',
    'too-many-kinds',
    'looked-after',
    'label-to-read',
  ],
  lay: [
    'too-small',
    'too-large',
    'too-many-kinds',
    'too-few-bowls',
    'bowls-too-small',
    'bowls-laid-otherwise',
    'over-the-rim',
    'not-all-laid',
    'too-few-knives',
    'keep-away',
    'too-long',
  ],
};

export const belongsTo =
  (station: StationId) =>
  (f: Finding): boolean =>
    station === 'check' || f.glyph === 'cracked' || BELONGS[station].includes(f.code);

export interface StationState {
  glyph: Glyph | 'empty';
  fill: number;
}

/** How ready a station is, and its worst slip. */
export function stationState(station: StationId, plan: Plan, checked: Checked): StationState {
  const worst = worstGlyph(
    checked.findings.filter((f) => (station === 'check' ? true : BELONGS[station].includes(f.code))),
  );
  if (plan.party.length === 0) return { glyph: 'empty', fill: 0 };
  if (station === 'brief') return { glyph: worst, fill: 1 };
  if (plan.placements.length === 0) return { glyph: 'empty', fill: 0 };
  if (station === 'lay') {
    const laid = plan.layout.filter((l) => l.elements.length > 0).length;
    return laid === 0 ? { glyph: 'empty', fill: 0 } : { glyph: worst, fill: laid / plan.surfaces.length };
  }
  if (station === 'check') {
    const ok = checked.care.groups.filter((g) => g.ok).length;
    return { glyph: worst, fill: ok / Math.max(1, checked.care.groups.length) };
  }
  return { glyph: worst, fill: 1 };
}
