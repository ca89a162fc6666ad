import type { ReactNode } from 'react';

/** The plate in the middle of every station: 660 units wide, its centre at the origin. */
export const PLATE_R = 316;

/** How the plate stands: over the table of a station, or as large as its box. */
const STANDS = {
  station:
    'absolute -inset-x-3.5 top-1.5 bottom-10 h-[calc(100%-46px)] w-[calc(100%+28px)] overflow-visible max-md:inset-x-0 max-md:bottom-auto max-md:h-[calc(96vw-46px)] max-md:w-full',
  box: 'h-full w-full overflow-visible',
};

export function China({
  label,
  children,
  dim,
  stands = 'station',
  halfWidth = 334,
}: {
  label: string;
  children: ReactNode;
  dim?: boolean;
  stands?: keyof typeof STANDS;
  /** Half of the drawing's width; more than the plate's where the room is wide. */
  halfWidth?: number;
}) {
  return (
    <svg
      className={STANDS[stands]}
      viewBox={`${-halfWidth} -334 ${2 * halfWidth} 668`}
      role="group"
      aria-label={label}
      preserveAspectRatio="xMidYMid meet"
    >
      <defs>
        <radialGradient id="china" cx=".42" cy=".36" r=".75">
          <stop offset="0" stopColor="white" />
          <stop offset=".7" stopColor="#fbfbf5" />
          <stop offset="1" stopColor="#eeeee4" />
        </radialGradient>
      </defs>
      <circle cy="9" r={PLATE_R + 2} fill="var(--ink)" opacity=".1" />
      <circle cy="5" r={PLATE_R + 1} fill="var(--ink)" opacity=".13" />
      <circle r={PLATE_R} fill="url(#china)" />
      <circle r={PLATE_R - 3.5} fill="none" stroke="var(--enamel)" strokeWidth="7" />
      <circle r={PLATE_R - 5.6} fill="none" stroke="var(--enamel-lit)" strokeWidth="1.2" opacity=".8" />
      {dim && <circle r={PLATE_R - 8} fill="var(--china)" opacity=".2" />}
      {children}
    </svg>
  );
}

/** A point at `degrees` clockwise from the top. */
export const onCircle = (r: number, degrees: number): [number, number] => {
  const a = ((degrees - 90) * Math.PI) / 180;
  return [r * Math.cos(a), r * Math.sin(a)];
};

/** Words along a circle, always the right way up. */
export function ArcText({
  id,
  r,
  at,
  children,
  size = 14,
  weight = 700,
  display,
  fill = 'var(--ink)',
}: {
  id: string;
  r: number;
  at: number;
  children: ReactNode;
  size?: number;
  weight?: number;
  display?: boolean;
  fill?: string;
}) {
  const m = ((at % 360) + 360) % 360;
  const flip = m > 100 && m < 260;
  const rr = flip ? r + size * 0.72 : r;
  const [x0, y0] = onCircle(rr, flip ? at + 60 : at - 60);
  const [x1, y1] = onCircle(rr, flip ? at - 60 : at + 60);
  return (
    <>
      <defs>
        <path
          id={id}
          d={`M${x0.toFixed(1)} ${y0.toFixed(1)}A${rr} ${rr} 0 0 ${flip ? 0 : 1} ${x1.toFixed(1)} ${y1.toFixed(1)}`}
          fill="none"
        />
      </defs>
      <text
        fontSize={size}
        fontWeight={weight}
        fill={fill}
        textAnchor="middle"
        className={display ? 'font-display' : undefined}
      >
        <textPath href={`#${id}`} startOffset="50%">
          {children}
        </textPath>
      </text>
    </>
  );
}

export function sectorPath(r0: number, r1: number, a0: number, a1: number): string {
  const large = a1 - a0 > 180 ? 1 : 0;
  const [x0, y0] = onCircle(r1, a0);
  const [x1, y1] = onCircle(r1, a1);
  const [x2, y2] = onCircle(r0, a1);
  const [x3, y3] = onCircle(r0, a0);
  const f = (n: number) => n.toFixed(1);
  return `M${f(x0)} ${f(y0)}A${r1} ${r1} 0 ${large} 1 ${f(x1)} ${f(y1)}L${f(x2)} ${f(y2)}A${r0} ${r0} 0 ${large} 0 ${f(x3)} ${f(y3)}Z`;
}
