import type { Plan } from '../../core/plan/index.js';

/** What the user can be at: a plan, and how to go elsewhere. */
export interface CommandPlace {
  plan: Plan;
  go(address: string): void;
}

/** Something that can be done, registered once: a button, a key, the command box and the sheet of keys all take it from here. */
export interface AppCommand {
  id: string;
  /** As the command box says it: "Lay the board again, keep pins". */
  words: string;
  /** What people say instead. */
  also?: readonly string[];
  /** "ctrl+z", "g", "?"; several are equal. */
  keys?: readonly string[];
  /** As the sheet of keys says it; without it the key is not listed there. */
  keyWords?: string;
  /** Only where the plate is, not on a page to print. */
  atPlate?: true;
  run(): void;
}
