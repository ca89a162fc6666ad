import { hasHue, HUES, isPale, nearColour } from '../../board/index.js';
import { surfaceAreaCm2 } from '../../portion/index.js';
import { sharedAreas, type Draft } from '../draft.js';

/** Each colour of the theme is wanted in so many places. */
const PLACES = 3;
const PALETTE_POINTS = 0.8;

/** Each colour of the theme in at least three places. */
export function paletteRows(draft: Draft): void {
  const { palette } = draft.problem.plan.occasion.theme;
  const weight = 1 + 0.5 * draft.problem.plan.wishes.levers.colour;
  for (const colour of palette) {
    const who = [...draft.chosen].filter(([id]) => nearColour(draft.component(id).colours[0], colour));
    if (who.length === 0) continue;
    const short = draft.model.variable(`palette ${colour}`, 0, PLACES, PALETTE_POINTS * weight, {
      loss: { say: 'loss.palette' },
    });
    draft.model.atLeast(
      `show ${colour}`,
      [...who.map(([, x]) => [x, 1] as const), [short, 1]],
      Math.min(PLACES, who.length),
    );
  }
}

const COLOUR_MISSING = 2;

/** Each of the bright colours on every shared surface, twice over on the largest. */
export function colourRows(draft: Draft): void {
  const shared = sharedAreas(draft);
  const largest = [...shared].sort((a, b) => surfaceAreaCm2(b.surface) - surfaceAreaCm2(a.surface))[0];
  const weight = COLOUR_MISSING * (1 + 0.4 * draft.problem.plan.wishes.levers.colour);
  for (const area of shared)
    for (const hue of HUES) {
      const who = draft.entries.filter(
        (entry) => entry.candidate.area === area && hasHue(entry.candidate.component, hue),
      );
      const count = Math.min(who.length, area === largest ? 2 : 1);
      const name = `${hue.name} on ${area.surface.id}`;
      const missing = draft.model.variable(`missing ${name}`, 0, Math.max(0, count), Math.max(0, weight), {
        loss: { say: 'loss.on', with: { what: { word: hue.name }, surface: area.surface.name } },
      });
      draft.model.atLeast(
        `want ${name}`,
        [...who.map((entry) => [entry.laid, 1] as const), [missing, 1]],
        count,
      );
    }
}

/** So much of the ground may be crust, crumb, paste and rind; points lost for all of a surface beyond it (house defaults). */
const PALE_AT_MOST = 0.5;
const TIRED = 30;

/** No more than half of what is seen is between white and brown, whatever carries the board. */
export function paleRows(draft: Draft): void {
  for (const area of sharedAreas(draft)) {
    const { id, name } = area.surface;
    const here = draft.entries.filter(({ candidate }) => candidate.area === area);
    const cm2 = surfaceAreaCm2(area.surface) * area.copies;
    const beyond = draft.model.variable(`pale beyond ${id}`, 0, cm2 * 2, TIRED / cm2, {
      loss: { say: 'loss.pale', with: { surface: name } },
    });
    draft.model.atMost(
      `pale on ${id}`,
      [
        ...here.map(({ mass, candidate: { component, laidShare, gPerCm2 } }) => {
          const share = isPale(component) ? 1 - PALE_AT_MOST : -PALE_AT_MOST;
          return [mass, (share * laidShare) / gPerCm2] as const;
        }),
        [beyond, -1] as const,
      ],
      0,
    );
  }
}
