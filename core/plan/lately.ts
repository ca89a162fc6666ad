import type { ComponentId } from '../catalogue/index.js';
import type { Plan } from './plan.js';

/** So many boards back a host and the guests remember (house default). */
export const BOARDS_REMEMBERED = 3;

/**
 * Foods of the last boards that have any, the newest first; those of one host, where the new board has a host and there
 * are boards of theirs.
 */
export function servedLately(boards: readonly Plan[], host: string): ComponentId[] {
  const full = boards.filter((plan) => plan.placements.length > 0);
  const theirs = full.filter((plan) => host !== '' && plan.occasion.host === host);
  const last = (theirs.length > 0 ? theirs : full).slice(0, BOARDS_REMEMBERED);
  return [...new Set(last.flatMap((plan) => plan.placements.map((placement) => placement.componentId)))];
}
