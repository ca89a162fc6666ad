import { useMemo } from 'react';
import type { Component } from '../../../core/catalogue/index.js';
import { cutterById, cutterOutline, type Mould } from '../../../core/shape/index.js';
import { pathOf } from './drawn.js';

const [TRAY_W, TRAY_MOST_H, TRAY_MIDDLE] = [400, 270, -75];

/** The tray from above; cavities of the last filling that stay empty are hollow. */
export function MouldDrawn({ mould, food, count }: { mould: Mould; food: Component; count: number }) {
  const columns = Math.min(mould.cavities, Math.ceil(Math.sqrt(mould.cavities * 1.5)));
  const rows = Math.ceil(mould.cavities / columns);
  const w = TRAY_W / columns;
  const h = Math.min(TRAY_MOST_H / rows, w * 1.15);
  const high = h * rows;
  const size = Math.min(w, h) * 0.74;
  const outline = useMemo(() => cutterOutline(cutterById(mould.outline)!, 100), [mould.outline]);
  const [main, second, third] = food.colours;
  const last = count % mould.cavities || mould.cavities;
  return (
    <g transform={`translate(${-TRAY_W / 2} ${TRAY_MIDDLE - high / 2})`}>
      <rect x={-14} y={-8} width={TRAY_W + 28} height={high + 24} rx={14} fill="var(--ink)" opacity="0.14" />
      <rect
        x={-14}
        y={-14}
        width={TRAY_W + 28}
        height={high + 28}
        rx={14}
        fill="var(--enamel-lit)"
        stroke="var(--enamel)"
        strokeWidth={3}
      />
      {Array.from({ length: mould.cavities }, (_, i) => {
        const isFull = i < last;
        return (
          <g
            key={i}
            transform={`translate(${((i % columns) + 0.5) * w} ${(Math.floor(i / columns) + 0.5) * h}) scale(${size / 100})`}
          >
            <path
              d={pathOf(outline)}
              fill={isFull ? main : 'var(--enamel)'}
              stroke="var(--enamel)"
              strokeWidth={3}
            />
            {isFull && (
              <path
                d={pathOf(outline)}
                fill={third}
                opacity="0.5"
                transform="scale(0.72)"
                stroke={second}
                strokeWidth={1}
              />
            )}
          </g>
        );
      })}
    </g>
  );
}
