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

function Band({ pattern, r }: { pattern: RimPattern; r: number }) {
  const ink = INK[pattern];
  const small = r < 16;
  const band = r * (small ? 0.79 : 0.85);
  const t = r * (small ? 0.16 : 0.11);
  const ring = (n: number, draw: (a: number, i: number) => React.ReactNode) =>
    Array.from({ length: n }, (_, i) => draw((i * 360) / n, i));
  switch (pattern) {
    case 'strokes':
      return ring(small ? 10 : 18, (a, i) => {
        const [x, y] = at(band - t, a - 7);
        const [u, v] = at(band + t, a + 7);
        return (
          <path key={i} d={`M${x} ${y}L${u} ${v}`} stroke={ink} strokeWidth={r * 0.1} strokeLinecap="round" />
        );
      });
    case 'waves': {
      let d = '';
      const n = small ? 10 : 18;
      for (let i = 0; i <= n; i++) {
        const [x, y] = at(band + (i % 2 === 0 ? t : -t) * 0.8, (i * 360) / n);
        d += i === 0 ? `M${x} ${y}` : `L${x} ${y}`;
      }
      return <path d={d} fill="none" stroke={ink} strokeWidth={r * 0.08} strokeLinejoin="round" />;
    }
    case 'diamonds':
      return ring(small ? 4 : 6, (a, i) =>
        [-1, 1].map((side) => {
          const [x, y] = at(band, a + side * (small ? 18 : 12.5));
          return (
            <path
              key={`${i}${side}`}
              d={`M0 ${-t * 1.25}L${t * 1.1} 0L0 ${t * 1.25}L${-t * 1.1} 0Z`}
              fill={ink}
              transform={`translate(${x} ${y}) rotate(${a + side * 12})`}
            />
          );
        }),
      );
    case 'rays':
      return ring(small ? 16 : 30, (a, i) => {
        const [x, y] = at(band - t, a);
        const [u, v] = at(band + t, a);
        return (
          <path
            key={i}
            d={`M${x} ${y}L${u} ${v}`}
            stroke={ink}
            strokeWidth={r * (small ? 0.08 : 0.05)}
            strokeLinecap="round"
          />
        );
      });
    case 'dots':
      return ring(small ? 8 : 12, (a, i) => {
        const [x, y] = at(band, a);
        return <circle key={i} cx={x} cy={y} r={t * 0.85} fill={ink} />;
      });
    case 'beads':
      return ring(small ? 5 : 8, (a, i) => {
        const [x, y] = at(band, a);
        return <circle key={i} cx={x} cy={y} r={t * 0.9} fill="none" stroke={ink} strokeWidth={r * 0.07} />;
      });
    case 'ticks':
      return ring(small ? 6 : 10, (a, i) => {
        const [x, y] = at(band, a - 5);
        const [u, v] = at(band, a + 5);
        return <path key={i} d={`M${x} ${y}L${u} ${v}`} stroke={ink} strokeWidth={r * 0.13} />;
      });
    case 'steps':
      return ring(small ? 5 : 9, (a, i) => {
        const [x, y] = at(band - t, a - 8);
        const [p, q] = at(band + t, a - 8);
        const [u, v] = at(band + t, a + 8);
        return (
          <path
            key={i}
            d={`M${x} ${y}L${p} ${q}L${u} ${v}`}
            fill="none"
            stroke={ink}
            strokeWidth={r * 0.07}
          />
        );
      });
    case 'scallop':
      return (
        <path
          d={scallopPath(r * 0.85, small ? 9 : 12, r * 0.085)}
          fill="none"
          stroke={ink}
          strokeWidth={r * 0.08}
        />
      );
    case 'wide-scallop':
      return (
        <>
          <path
            d={scallopPath(r * 0.84, small ? 7 : 9, r * 0.1)}
            fill="none"
            stroke={ink}
            strokeWidth={r * 0.08}
          />
          <circle r={r * 0.66} fill="none" stroke={ink} strokeWidth={r * 0.06} />
        </>
      );
    case 'plain':
      return <circle r={band} fill="none" stroke={ink} strokeWidth={r * (small ? 0.1 : 0.06)} />;
  }
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
