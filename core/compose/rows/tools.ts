import { isOwnTool } from '../settle.js';
import type { Draft } from '../draft.js';

/** Points lost for each food that is kept apart by a tool which is not at hand: what is promised is kept (house default). */
const TOOL_SHORT = 2.5;

/** No more food that wants tongs of its own than there are tongs. */
export function toolRows(draft: Draft): void {
  const { tools } = draft.problem.plan;
  const here = draft.entries.filter(
    ({ candidate }) => isOwnTool(candidate) && !candidate.area.surface.singles,
  );
  if (here.length === 0) return;
  const short = draft.model.variable('tongs short', 0, Infinity, TOOL_SHORT, {
    loss: { say: 'loss.tongs' },
  });
  draft.model.atMost(
    'tongs at hand',
    [...here.map(({ laid, candidate }) => [laid, candidate.area.surfaces.length] as const), [short, -1]],
    tools.tongs,
  );
}
