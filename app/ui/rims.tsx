import type { ReactNode } from 'react';
import {
  packOf,
  plainRim,
  rimLook,
  type RimInner,
  type RimLook,
  type RimPattern,
} from '../../core/needs/index.js';
import { hasSmallChildren, type Group } from '../../core/party/index.js';

/** A need is painted on a plate's rim, in a pattern and ink of our own; the name in words stands beside it where there is room. */
export function rimOf(group: Group): RimLook {
  const first = group.needs[0];
  const pack = first ? packOf(first) : undefined;
  if (pack) return rimLook(pack);
  if (group.band === 'child') return plainRim(hasSmallChildren(group) ? 'wide-scallop' : 'scallop');
  return plainRim('plain');
}

const INK: Record<RimPattern, string> = {
  plain: '#47527a',
  strokes: '#5a3a8a',
  waves: '#7d5a00',
  diamonds: '#0f5f70',
  rays: '#8a5600',
  dots: '#b03a17',
  scallop: '#962a5c',
  'wide-scallop': '#962a5c',
  beads: '#7a3d12',
  ticks: '#3a5a1e',
  steps: '#4a3a86',
};

const at = (r: number, degrees: number): [number, number] => {
  const a = ((degrees - 90) * Math.PI) / 180;
  return [Math.round(r * Math.cos(a) * 100) / 100, Math.round(r * Math.sin(a) * 100) / 100];
};

function scallopPath(r: number, n: number, depth: number): string {
  let path = '';
  for (let k = 0; k < n; k++) {
    const [x, y] = at(r - depth, (k * 360) / n);
    const [u, v] = at(r - depth, ((k + 1) * 360) / n);
    const [p, q] = at(r + depth, ((k + 0.5) * 360) / n);
    path += `${k === 0 ? `M${x} ${y}` : ''}Q${p} ${q} ${u} ${v}`;
  }
  return `${path}Z`;
}

export const outlinePath = (pattern: RimPattern, r: number): string =>
  pattern === 'scallop'
    ? scallopPath(r, r < 16 ? 9 : 12, r * 0.1)
    : pattern === 'wide-scallop'
      ? scallopPath(r, r < 16 ? 7 : 9, r * 0.12)
      : `M0 ${-r}A${r} ${r} 0 1 1 0 ${r}A${r} ${r} 0 1 1 0 ${-r}Z`;

/** The painted band of a plate of outer radius `r`; small plates get fewer, bolder strokes. */
export function RimPaint({ look: { pattern, inner }, r }: { look: RimLook; r: number }) {
  return (
    <>
      <Inner inner={inner} ink={INK[pattern]} r={r} />
      <Band pattern={pattern} r={r} />
    </>
  );
}

/** Dashes and gaps of a ring, in shares of the radius. */
const DASHES: Record<Exclude<RimInner['ring'], 'none'>, readonly number[] | undefined> = {
  line: undefined,
  dashes: [0.42, 0.26],
  points: [0.02, 0.24],
};

function Inner({ inner: { ring, tint, second }, ink, r }: { inner: RimInner; ink: string; r: number }) {
  return (
    <>
      {tint && <circle r={r * 0.62} fill={ink} opacity={0.2} />}
      {ring !== 'none' && (
        <circle
          r={r * 0.6}
          fill="none"
          stroke={ink}
          strokeWidth={r * 0.09}
          strokeLinecap="round"
          strokeDasharray={DASHES[ring]?.map((share) => share * r).join(' ')}
        />
      )}
      {second && <circle r={r * 0.42} fill="none" stroke={ink} strokeWidth={r * 0.06} />}
    </>
  );
}

/** A rim's painted band: how far out it runs, half its width, and whether the plate is too small for detail. */
interface BandLook {
  ink: string;
  r: number;
  small: boolean;
  band: number;
  half: number;
}

const ring = (n: number, draw: (a: number, i: number) => ReactNode): ReactNode =>
  Array.from({ length: n }, (_, i) => draw((i * 360) / n, i));

/** A stroke across the band from one angle to another. */
function across({ ink, band, half }: BandLook, from: number, to: number, width: number, i: number) {
  const [x, y] = at(band - half, from);
  const [u, v] = at(band + half, to);
  return <path key={i} d={`M${x} ${y}L${u} ${v}`} stroke={ink} strokeWidth={width} strokeLinecap="round" />;
}

function waves({ ink, r, small, band, half }: BandLook) {
  const n = small ? 10 : 18;
  const points = Array.from({ length: n + 1 }, (_, i) =>
    at(band + (i % 2 === 0 ? half : -half) * 0.8, (i * 360) / n).join(' '),
  );
  return (
    <path d={`M${points.join('L')}`} fill="none" stroke={ink} strokeWidth={r * 0.08} strokeLinejoin="round" />
  );
}

const diamonds = ({ ink, small, band, half }: BandLook) =>
  ring(small ? 4 : 6, (a, i) =>
    [-1, 1].map((side) => {
      const [x, y] = at(band, a + side * (small ? 18 : 12.5));
      return (
        <path
          key={`${i}${side}`}
          d={`M0 ${-half * 1.25}L${half * 1.1} 0L0 ${half * 1.25}L${-half * 1.1} 0Z`}
          fill={ink}
          transform={`translate(${x} ${y}) rotate(${a + side * 12})`}
        />
      );
    }),
  );

const dots = ({ ink, small, band, half }: BandLook) =>
  ring(small ? 8 : 12, (a, i) => {
    const [x, y] = at(band, a);
    return <circle key={i} cx={x} cy={y} r={half * 0.85} fill={ink} />;
  });

const beads = ({ ink, r, small, band, half }: BandLook) =>
  ring(small ? 5 : 8, (a, i) => {
    const [x, y] = at(band, a);
    return <circle key={i} cx={x} cy={y} r={half * 0.9} fill="none" stroke={ink} strokeWidth={r * 0.07} />;
  });

const ticks = ({ ink, r, small, band }: BandLook) =>
  ring(small ? 6 : 10, (a, i) => {
    const [x, y] = at(band, a - 5);
    const [u, v] = at(band, a + 5);
    return <path key={i} d={`M${x} ${y}L${u} ${v}`} stroke={ink} strokeWidth={r * 0.13} />;
  });

const steps = ({ ink, r, small, band, half }: BandLook) =>
  ring(small ? 5 : 9, (a, i) => {
    const corners = [at(band - half, a - 8), at(band + half, a - 8), at(band + half, a + 8)];
    return (
      <path
        key={i}
        d={`M${corners.map((corner) => corner.join(' ')).join('L')}`}
        fill="none"
        stroke={ink}
        strokeWidth={r * 0.07}
      />
    );
  });

const scallop = ({ ink, r }: BandLook, far: number, n: number, deep: number) => (
  <path d={scallopPath(r * far, n, r * deep)} fill="none" stroke={ink} strokeWidth={r * 0.08} />
);

const BANDS: Readonly<Record<RimPattern, (look: BandLook) => ReactNode>> = {
  strokes: (look) => ring(look.small ? 10 : 18, (a, i) => across(look, a - 7, a + 7, look.r * 0.1, i)),
  waves,
  diamonds,
  rays: (look) =>
    ring(look.small ? 16 : 30, (a, i) => across(look, a, a, look.r * (look.small ? 0.08 : 0.05), i)),
  dots,
  beads,
  ticks,
  steps,
  scallop: (look) => scallop(look, 0.85, look.small ? 9 : 12, 0.085),
  'wide-scallop': (look) => (
    <>
      {scallop(look, 0.84, look.small ? 7 : 9, 0.1)}
      <circle r={look.r * 0.66} fill="none" stroke={look.ink} strokeWidth={look.r * 0.06} />
    </>
  ),
  plain: ({ ink, r, small, band }) => (
    <circle r={band} fill="none" stroke={ink} strokeWidth={r * (small ? 0.1 : 0.06)} />
  ),
};

function Band({ pattern, r }: { pattern: RimPattern; r: number }) {
  const small = r < 16;
  return BANDS[pattern]({
    ink: INK[pattern],
    r,
    small,
    band: r * (small ? 0.79 : 0.85),
    half: r * (small ? 0.16 : 0.11),
  });
}

/** A small painted plate, for lists and slips. The name stands beside it. */
export function Rim({ group, size = 24 }: { group: Group; size?: number }) {
  const look = rimOf(group);
  const r = size / 2 - 1;
  return (
    <svg
      width={size}
      height={size}
      viewBox={`${-size / 2} ${-size / 2} ${size} ${size}`}
      aria-hidden="true"
      className="flex-none"
    >
      <path d={outlinePath(look.pattern, r)} fill="#fdfdf9" stroke="#1f2c5e" strokeWidth="1.2" />
      <RimPaint look={look} r={r} />
    </svg>
  );
}
