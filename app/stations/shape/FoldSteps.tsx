import type { FoldStep } from '../../../core/shape/index.js';
import { t } from '../../words/index.js';

interface Picture {
  words: string;
  /** Shapes of the slice, from below to the top. */
  shapes: readonly string[];
  /** A glass, cup or stick beneath or through it. */
  thing?: string;
}

const HALF = 'M8 38A26 26 0 0 1 60 38Z';
const QUARTER = 'M10 46L58 46A48 40 0 0 0 10 12Z';
const half = (x: number): string => `M${x} 44A16 20 0 0 1 ${x + 32} 44Z`;
const quarter = (x: number): string => `M${x} 48L${x + 9} 18Q${x + 18} 16 ${x + 20} 24Z`;
const ring = (r: number): readonly string[] =>
  [0, 60, 120, 180, 240, 300].map((degrees) => {
    const a = (degrees * Math.PI) / 180;
    const [x, y] = [34 + r * Math.cos(a), 34 + r * Math.sin(a)];
    return `M${x - 10} ${y}a10 8 ${degrees} 1 0 20 0a10 8 ${degrees} 1 0 -20 0Z`;
  });
const GLASS = 'M22 30L46 30L43 60L25 60Z';
const CUP = 'M10 34a24 24 0 1 0 48 0a24 24 0 1 0 -48 0Z';

/** One small picture each, so that a helper can fold from the sheet. Drawn in a square of 68. */
const PICTURES: Record<FoldStep, Picture> = {
  'lay-flat': {
    words: t('lay the slice flat, skin and string off'),
    shapes: ['M8 34a26 26 0 1 0 52 0a26 26 0 1 0 -52 0Z'],
  },
  half: { words: t('fold it in half, do not press'), shapes: [HALF, 'M8 38Q34 30 60 38'] },
  quarter: { words: t('fold it again: a quarter, loose'), shapes: [QUARTER, 'M10 46Q40 42 58 46'] },
  'stand-row': { words: t('stand them close, points down'), shapes: [4, 16, 28, 40].map(quarter) },
  'lap-row': { words: t('lap each over the last by three quarters'), shapes: [2, 12, 22, 32].map(half) },
  'point-in': {
    words: t('lay them along the edge, points inward'),
    shapes: ['M6 10L30 10L18 40Z', 'M22 10L46 10L34 40Z', 'M38 10L62 10L50 40Z'],
  },
  nest: {
    words: t('set each into the fold of the last'),
    shapes: ['M6 20L34 34L6 48Z', 'M20 20L48 34L20 48Z', 'M34 20L62 34L34 48Z'],
  },
  cone: {
    words: t('roll it from one edge to a cone'),
    shapes: ['M34 60L14 18Q34 8 54 18Z', 'M14 18Q34 28 54 18'],
  },
  roll: {
    words: t('roll it loosely'),
    shapes: ['M8 24H56V46H8Z', 'M56 24a6 11 0 1 1 0 22a6 11 0 1 1 0 -22Z', 'M56 30a3 5 0 1 1 0 10'],
  },
  pleat: {
    words: t('pleat it to and fro'),
    shapes: ['M6 44Q10 18 16 44T28 44T40 44T52 44T62 40L62 50Q40 56 6 52Z'],
  },
  drop: {
    words: t('let it fall from the hand in waves'),
    shapes: ['M30 6Q12 18 34 26Q56 34 34 42Q14 50 36 62L44 58Q26 50 44 44Q64 34 42 24Q24 16 38 6Z'],
  },
  pinch: {
    words: t('pinch one end, open the other'),
    shapes: ['M34 60L8 20Q14 12 20 20Q26 10 34 18Q42 10 48 20Q54 12 60 20Z'],
  },
  wind: {
    words: t('wind it around, ends under'),
    thing: 'M6 30H62V38H6Z',
    shapes: ['M14 26L26 24L32 44L20 46Z', 'M28 25L40 23L46 43L34 45Z'],
  },
  rim: {
    words: t('hang half slices over the rim, each over half of the last'),
    thing: GLASS,
    shapes: [
      'M14 24a10 9 0 0 1 20 0L32 40Z',
      'M26 22a10 9 0 0 1 20 0L40 40Z',
      'M36 24a9 8 0 0 1 18 0L44 38Z',
    ],
  },
  'second-round': { words: t('go around a second time, gaps covered'), thing: CUP, shapes: ring(18) },
  'turn-out': {
    words: t('turn the glass over onto the board, lift it'),
    shapes: ring(15),
    thing: 'M26 2L42 2L38 18L30 18Z',
  },
  'ring-in-cup': { words: t('stand slices around inside the cup'), thing: CUP, shapes: ring(17) },
  heart: {
    words: t('lap four, fold them along, roll them up'),
    shapes: ['M22 34a12 12 0 1 1 24 0a12 12 0 1 1 -24 0Z', 'M28 34a6 6 0 1 1 12 0', 'M32 36a3 3 0 1 1 4 0'],
  },
  set: { words: t('set it down airy, seam below'), shapes: ['M10 46Q34 20 58 46Z', 'M10 46Q34 34 58 46'] },
};

const ROW = 540;

/** The steps of a fold in a row on the plate. */
export function FoldSteps({
  steps,
  colours,
}: {
  steps: readonly FoldStep[];
  colours: readonly [string, string, string];
}) {
  const [main, second, third] = colours;
  const wide = Math.min(132, ROW / steps.length);
  const k = wide / 100;
  return (
    <g transform={`translate(${(-wide * steps.length) / 2} -160) scale(${k})`}>
      {steps.map((step, i) => {
        const { shapes, thing, words } = PICTURES[step];
        return (
          <g key={step} transform={`translate(${i * 100 + 8} 0)`}>
            <rect width={84} height={84} rx={3} fill="var(--card)" stroke="var(--rule)" strokeWidth={1} />
            <g transform="translate(8 8)" strokeLinejoin="round">
              {thing && <path d={thing} fill="var(--cover)" stroke="var(--enamel)" strokeWidth={1.4} />}
              {shapes.map((d, k) => (
                <path
                  key={k}
                  d={d}
                  fill={d.endsWith('Z') ? (k % 2 === 0 ? main : third) : 'none'}
                  stroke={second}
                  strokeWidth={1.5}
                  fillOpacity={0.95}
                />
              ))}
            </g>
            <text x={6} y={17} fontSize={14} fontWeight={800} className="font-display" fill="var(--ink)">
              {i + 1}
            </text>
            <foreignObject x={-4} y={88} width={92} height={64}>
              <p className="m-0 text-center text-xs/[1.15] text-ink">{words}</p>
            </foreignObject>
          </g>
        );
      })}
    </g>
  );
}
