import type { ComponentId } from '../../core/catalogue/index.js';
import { pointOn } from '../../core/lay/index.js';
import { drawnSize } from '../../core/picture/index.js';
import type { LaidElement, Plan, Surface } from '../../core/plan/index.js';
import { useBoardUrl } from '../ui/pictures.js';
import { t } from '../words/index.js';

/** A child's plate is printed smaller than the oak. */
const MOST_PX = 430;
/** Numbers are so large a share of the board, that they read on paper from a small board and a large one. */
const NUMBER_SHARE = 0.03;

/** Where a food's numbers stand: in the middle of each of its parts. */
export function numbersOf(
  elements: readonly LaidElement[],
  order: readonly ComponentId[],
): { x: number; y: number; number: number }[] {
  return elements.flatMap((element) => {
    const at = order.indexOf(element.componentId);
    return at < 0 ? [] : [{ ...pointOn(element), number: at + 1 }];
  });
}

/** The laid board for the print, each food with the number under which the list beside it has its name. */
export function NumberedBoard({
  plan,
  surface,
  order,
}: {
  plan: Plan;
  surface: Surface;
  order: readonly ComponentId[];
}) {
  const url = useBoardUrl(plan, surface);
  const elements = plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? [];
  const [length, width] = drawnSize(surface);
  if (elements.length === 0) return null;
  const r = Math.max(length, width) * NUMBER_SHARE;
  return (
    <svg
      className="mt-1 mr-0 mb-2.5 ml-auto block max-w-full break-inside-avoid"
      style={{ width: Math.min(MOST_PX, length) }}
      viewBox={`${-length / 2} ${-width / 2} ${length} ${width}`}
      role="img"
      aria-label={t('{name}, laid, each food with its number in the list', { name: surface.name })}
    >
      {url && <image href={url} x={-length / 2} y={-width / 2} width={length} height={width} />}
      {numbersOf(elements, order).map((n, i) => (
        <g key={i} transform={`translate(${n.x} ${n.y})`}>
          <circle r={r} fill="var(--paper)" stroke="var(--ink)" strokeWidth={r * 0.12} />
          <text
            className="font-display"
            y={r * 0.4}
            textAnchor="middle"
            fontSize={r * 1.15}
            fontWeight="800"
            fill="var(--ink)"
          >
            {n.number}
          </text>
        </g>
      ))}
    </svg>
  );
}
