import { belongsTo, worstOf, type Checked, type Finding, type Severity } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import type { StationRecord } from './station.js';

/** The findings that hang on a station's rail: its own, and what stops service. */
export const hangsAt = (station: StationRecord, f: Finding): boolean =>
  station.findings === 'all' || belongsTo(f, station.findings);

export interface StationState {
  severity: Severity;
  /** 0 to 1; null while it is not begun. */
  ready: number | null;
}

/** How ready a station is, and the worst of its own findings, not of those that hang everywhere. */
export const stationState = (station: StationRecord, plan: Plan, checked: Checked): StationState => ({
  severity: worstOf(checked.findings.filter((f) => isOf(station, f))),
  ready: station.ready(plan, checked),
});

const isOf = ({ findings }: StationRecord, f: Finding): boolean =>
  findings === 'all' || belongsTo({ ...f, severity: 'caution' }, findings);
