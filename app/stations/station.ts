import type { ComponentType } from 'react';
import type { Checked, FindingStation } from '../../core/check/index.js';
import type { Plan } from '../../core/plan/index.js';
import type { AppCommand, CommandPlace } from '../commands/command.js';

export interface StationView {
  plan: Plan;
  checked: Checked;
}

/** A station is this record: router, plank, keys, server routes, help and command box read it, and nothing else. */
export interface StationRecord {
  /** Its address: /plan/…/<id>. */
  id: string;
  name: string;
  /** The digit that goes there. */
  key: string;
  /** One line for the sheet of keys and for who asks what it is for. */
  help: string;
  /** Fetched when it is first drawn, or when the page rests. */
  view(): Promise<{ default: ComponentType<StationView> }>;
  /** Whose findings hang on its rail; a station that shows every finding has "all". */
  findings: FindingStation | 'all';
  /** How ready it is, 0 to 1; null while it is not begun. */
  ready(plan: Plan, checked: Checked): number | null;
  /** What can be done there, beside what can be done everywhere. */
  commands?(place: CommandPlace): AppCommand[];
}
