import type { Polygon } from '../../../core/geometry/index.js';
import { boundsOf, heightOf, widthOf } from '../../../core/shape/index.js';
import { pathOf } from './drawn.js';

/** A cutter as bent steel, seen from above at a slant. */
export function MetalCutter({ outline, size = 52 }: { outline: Polygon; size?: number }) {
  const bounds = boundsOf(outline);
  const across = Math.max(widthOf(bounds), heightOf(bounds));
  const unit = across / 40;
  const [cx, cy] = [(bounds.left + bounds.right) / 2, -(bounds.top + bounds.bottom) / 2];
  const half = across * 0.62;
  const path = pathOf(outline);
  return (
    <svg
      width={size}
      height={size}
      viewBox={`${cx - half} ${cy - half} ${2 * half} ${2 * half}`}
      aria-hidden="true"
      className="mx-auto block"
    >
      <g fill="none" strokeLinejoin="round">
        <path
          d={path}
          stroke="var(--ink)"
          opacity="0.16"
          strokeWidth={4.6 * unit}
          transform={`translate(${1.4 * unit} ${4.4 * unit})`}
        />
        <path d={path} stroke="var(--line)" strokeWidth={4 * unit} transform={`translate(0 ${2.6 * unit})`} />
        <path d={path} stroke="var(--rule)" strokeWidth={4 * unit} />
        <path d={path} stroke="var(--steel-pale)" strokeWidth={2.2 * unit} />
      </g>
    </svg>
  );
}
