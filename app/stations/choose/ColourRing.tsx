import { glanceOf, type Checked } from '../../../core/check/index.js';
import { sectorPath } from '../../plate/China.js';
import { t, word } from '../../words/index.js';

const [INNER, OUTER] = [56, 64];
const CIRCLE = 360;

/** The colours of the board by the ground that they cover, as a ring around the sum. */
export function ColourRing({ checked }: { checked: Checked }) {
  const { colours } = glanceOf(checked.context);
  const words = colours
    .map((colour) => `${word(colour.colour)} ${Math.round(colour.share * 100)} %`)
    .join(', ');
  if (colours.length === 0) return null;
  const starts = colours.map((_, i) => colours.slice(0, i).reduce((sum, c) => sum + c.share, 0) * CIRCLE);
  return (
    <g role="img" aria-label={t('Colours as they cover the board: {words}', { words })}>
      <title>{words}</title>
      {colours.map((colour, i) => (
        <path
          key={colour.colour}
          d={sectorPath(
            INNER,
            OUTER,
            starts[i]!,
            Math.min(starts[i]! + colour.share * CIRCLE, CIRCLE - 0.01),
          )}
          fill={colour.hex}
        />
      ))}
    </g>
  );
}
