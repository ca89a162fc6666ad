import type { Finding } from '../../core/check/index.js';
import { pointOn } from '../../core/lay/index.js';
import type { LaidElement, Plan, Surface } from '../../core/plan/index.js';
import { useSession } from '../store/session.js';
import { boardScale } from './BoardImage.js';
import { Pick } from './Pick.js';

/** More flags than this on one food's slip would hide the board: the largest parts carry them. */
const MOST_FLAGS = 3;

/** The elements that carry a slip's flag: the largest part of each food that it names, on this surface. */
export function flagged(finding: Finding, surface: Surface, elements: readonly LaidElement[]): LaidElement[] {
  if (finding.surfaceId !== null && finding.surfaceId !== surface.id) return [];
  return finding.components
    .flatMap((id) => {
      const parts = elements.filter((element) => element.componentId === id);
      return parts.length > 0 ? [parts.reduce((a, b) => (b.pieces.length > a.pieces.length ? b : a))] : [];
    })
    .slice(0, MOST_FLAGS);
}

/** Where a slip's flags stand: at its places where it knows them, else in the foods that it names. */
function flagPoints(
  finding: Finding,
  surface: Surface,
  elements: readonly LaidElement[],
): { x: number; y: number }[] {
  if (finding.surfaceId === surface.id && finding.places.length > 0)
    return finding.places.slice(0, MOST_FLAGS);
  return flagged(finding, surface, elements).map(pointOn);
}

/** A place that a slip is about, lit as by a lamp held over it. */
function Lit({ x, y, r }: { x: number; y: number; r: number }) {
  return (
    <g data-lit>
      <circle cx={x} cy={y} r={r + 3} fill="none" stroke="var(--ink)" strokeWidth="5" opacity="0.55" />
      <circle
        cx={x}
        cy={y}
        r={r + 3}
        fill="var(--yolk)"
        fillOpacity="0.22"
        stroke="var(--yolk)"
        strokeWidth="3"
      />
    </g>
  );
}

/** Numbered paper flags in the foods that the slips are about; the slip under the pointer lifts its own. */
export function SlipFlags({
  plan,
  surface,
  findings,
  r,
}: {
  plan: Plan;
  surface: Surface;
  findings: readonly Finding[];
  r: number;
}) {
  const lifted = useSession((session) => session.lifted);
  const scale = boardScale(surface, r);
  const elements = plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? [];
  const flags = findings.flatMap((finding, i) =>
    finding.severity === 'good'
      ? []
      : flagPoints(finding, surface, elements).map((at) => ({
          at,
          number: i + 1,
          up: finding.key === lifted,
        })),
  );
  const lit = findings.filter(({ key, surfaceId }) => key === lifted && surfaceId === surface.id);
  const someUp = flags.some((flag) => flag.up);
  return (
    <g aria-hidden="true" pointerEvents="none" data-flags className="stepped:invisible">
      {lit
        .flatMap(({ places }) => places)
        .map(({ x, y, r }) => (
          <Lit key={`${x} ${y}`} x={x * scale} y={y * scale} r={r * scale} />
        ))}
      {flags
        .filter((flag) => !someUp || flag.up)
        .map(({ at, number, up }) => (
          <NumberFlag
            key={`${number} ${at.x} ${at.y}`}
            x={at.x * scale}
            y={at.y * scale}
            number={number}
            up={up}
          />
        ))}
    </g>
  );
}

function NumberFlag({ x, y, number, up }: { x: number; y: number; number: number; up: boolean }) {
  return (
    <g transform={`translate(${x.toFixed(1)} ${y.toFixed(1)}) scale(${up ? 1.35 : 1})`}>
      <Pick lean={3} tall={30} />
      <path
        d="M3-31L29-28L25-21.5L28-14L1.4-16Z"
        fill={up ? 'var(--yolk)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth="1"
        strokeLinejoin="round"
      />
      <text
        className="font-display"
        x="13"
        y="-18.6"
        textAnchor="middle"
        fontSize="12.5"
        fontWeight="800"
        fill="var(--ink)"
      >
        {number}
      </text>
    </g>
  );
}
