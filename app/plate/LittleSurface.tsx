import type { Component } from '../../core/catalogue/index.js';
import { surfaceSize } from '../../core/picture/index.js';
import type { LaidElement, Surface } from '../../core/plan/index.js';
import { PortraitImage } from '../ui/Portrait.js';
import { BareSurface } from './BareSurface.js';

/** Side of a heap's picture for each gram's root: a heap is as large as it would be from above. */
const HEAP = 4.2;

/** One food on one surface, small: what lies there of it, the rest pale; not laid yet, a heap as large as its grams. */
export function LittleSurface({
  surface,
  component,
  elements,
  massG,
  size,
}: {
  surface: Surface;
  component: Component;
  elements: readonly LaidElement[];
  massG: number;
  /** Pixels along its longer side. */
  size: number;
}) {
  const [lengthMm, widthMm] = surfaceSize(surface);
  const mine = elements.filter((element) => element.componentId === component.id);
  const mm = Math.max(lengthMm, widthMm);
  const heap = Math.min(Math.min(lengthMm, widthMm) * 0.8, Math.sqrt(massG) * HEAP * Math.max(1, mm / 400));
  const path = (element: LaidElement) => `M${element.outline.map(([x, y]) => `${x} ${y}`).join('L')}Z`;
  return (
    <svg
      width={(size * lengthMm) / mm}
      height={(size * widthMm) / mm}
      viewBox={`${-lengthMm / 2 - 4} ${-widthMm / 2 - 4} ${lengthMm + 8} ${widthMm + 8}`}
      aria-hidden="true"
    >
      <BareSurface surface={surface} edge={3} />
      {elements.map((element) =>
        mine.includes(element) ? (
          <path
            key={element.id}
            d={path(element)}
            fill={component.colours[0]}
            stroke="var(--ink)"
            strokeWidth={mm / 110}
            strokeLinejoin="round"
          />
        ) : (
          <path key={element.id} d={path(element)} fill="var(--ink)" opacity="0.1" />
        ),
      )}
      {mine.length === 0 && massG > 0 && (
        <PortraitImage food={component} x={-heap / 2} y={-heap / 2} width={heap} height={heap} />
      )}
    </svg>
  );
}
