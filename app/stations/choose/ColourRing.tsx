import { glanceOf, type Checked } from '../../../core/check/index.js';
import { sectorPath } from '../../plate/China.js';

const [INNER, OUTER] = [56, 64];
const CIRCLE = 360;

/** The colours of the board by the ground that they cover, as a ring around the sum. */
export function ColourRing({ checked }: { checked: Checked }) {
  const { colours } = glanceOf(checked.context);
  const words = colours.map((c) => `${c.colour} ${Math.round(c.share * 100)} %`).join(', ');
  if (colours.length === 0) return null;
  const starts = colours.map((_, i) => colours.slice(0, i).reduce((n, c) => n + c.share, 0) * CIRCLE);
  return (
    <g role="img" aria-label={`Colours as they cover the board: ${words}`}>
      <title>{words}</title>
      {colours.map((c, i) => (
        <path
          key={c.colour}
          d={sectorPath(INNER, OUTER, starts[i]!, Math.min(starts[i]! + c.share * CIRCLE, CIRCLE - 0.01))}
          fill={c.hex}
        />
      ))}
    </g>
  );
}
