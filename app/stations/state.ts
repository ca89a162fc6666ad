import { belongsTo, worstOf, type Checked, type Finding, type Severity } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import type { StationRecord } from './station.js';

/** The findings that hang on a station's rail: its own, and what stops service. */
export const hangsAt = (station: StationRecord, finding: Finding): boolean =>
  station.findings === 'all' || belongsTo(finding, station.findings);

export interface StationState {
  severity: Severity;
  /** 0 to 1; null while it is not begun. */
  ready: number | null;
}

/** How ready a station is, and the worst of its own findings, not of those that hang everywhere. */
export const stationState = (station: StationRecord, plan: Plan, checked: Checked): StationState => ({
  severity: worstOf(checked.findings.filter((finding) => isOf(station, finding))),
  ready: station.ready(plan, checked),
});

const isOf = ({ findings }: StationRecord, finding: Finding): boolean =>
  findings === 'all' || belongsTo({ ...finding, severity: 'caution' }, findings);
