import { outlineOfPiece, roundedRectangle, type Polygon } from '../../geometry/index.js';
import { closed, darker, dots, paler, shadowPath, side, speckle, type Brush, type Recipe } from '../brush.js';
import { linear } from '../pen.js';

/** The eye sees no more of a thin slice's side than this. */
const MOST_SIDE_MM = 4;
/** Dark fruit or meat, laid flat. */
const STRIP = '#4a1b26';

/** The largest circle about its middle that lies inside it. */
const within = (outline: Polygon): number => Math.min(...outline.map(([x, y]) => Math.hypot(x, y)));

/** What the cut face shows: eyes of a cheese, fat of a sausage, crumb of a bread. */
function inside(brush: Brush, outline: Polygon): void {
  const r = within(outline) * 0.8;
  if (r < 2) return;
  const { family } = brush.component;
  const meat = family === 'cured-meat';
  const count = meat ? 12 : family === 'vehicle' ? 14 : 5;
  brush.pen.path(dots(speckle(brush.random, count, r, r)), {
    stroke: meat ? paler(brush.third, 0.3) : darker(brush.main, 0.16),
    width: meat ? 1.5 : 1.1,
    opacity: meat ? 0.8 : 0.5,
  });
}

function drawn(brush: Brush, outline: Polygon): void {
  const path = closed(outline);
  shadowPath(brush, path, 1.3);
  side(brush, outline, Math.min(MOST_SIDE_MM, brush.fact.heightMm * 0.4), brush.main);
  brush.pen.path(path, {
    fill: linear({ 0: brush.third, 0.55: brush.main, 1: darker(brush.main, 0.05) }, [0, 0, 1, 1]),
    stroke: paler(brush.third, 0.45),
    width: 0.6,
  });
}

/** Cut with a cutter: its true outline, as thick as the slice. */
export const cutOut: Recipe = (brush) => {
  const outline = outlineOfPiece({ ...brush.fact, lengthMm: brush.l, widthMm: brush.w }, brush.nth);
  drawn(brush, outline);
  inside(brush, outline);
};

/** Letters in a row, on a strip of something dark: pale letters are read on it. */
export const word: Recipe = (brush) => {
  const [l, w] = [brush.l / 2, brush.w / 2];
  const strip = roundedRectangle(2 * l, 2 * w, w * 0.25, 3);
  shadowPath(brush, closed(strip), 0.8);
  brush.pen.path(closed(strip), { fill: STRIP, opacity: 0.92 });
  for (const { outline } of brush.fact.outlines ?? []) drawn(brush, outline);
};
