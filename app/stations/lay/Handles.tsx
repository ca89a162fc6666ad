import { useRef, useState, type KeyboardEvent } from 'react';
import { planLarder, type LaidElement, type Plan, type Surface } from '../../../core/plan/index.js';
import { boardScale } from '../../plate/BoardImage.js';
import { Pick } from '../../plate/Pick.js';
import { useSession } from '../../store/session.js';
import { useZoom } from '../../store/zoom.js';

interface Drag {
  id: string;
  startX: number;
  startY: number;
  dx: number;
  dy: number;
}

const STEP_MM = 5;
const TURN_DEGREES = 15;
const ARROWS: Record<string, [number, number] | undefined> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const path = (e: LaidElement): string => `M${e.outline.map(([x, y]) => `${x} ${y}`).join('L')}Z`;

/** Each element can be picked, dragged, moved and turned by keys; picks with paper flags mark the picked one. */
export function Handles({
  surface,
  elements,
  picked,
  onPick,
  plan,
  r,
}: {
  surface: Surface;
  elements: readonly LaidElement[];
  picked: LaidElement | undefined;
  onPick: (id: string | null) => void;
  plan: Plan;
  r: number;
}) {
  const edit = useSession((s) => s.edit);
  const [drag, setDrag] = useState<Drag | null>(null);
  const svg = useRef<SVGGElement>(null);
  const scale = boardScale(surface, r);
  const larder = planLarder(plan);
  const move = (e: LaidElement, dx: number, dy: number, turn = 0): void => {
    const [x, y] = [clamp(e.x + dx, surface, 0), clamp(e.y + dy, surface, 1)];
    edit({
      name: 'together',
      label: 'move on the board',
      commands: [
        { name: 'move-element', surfaceId: surface.id, elementId: e.id, x, y, angle: e.angle + turn },
        { name: 'pin-element', surfaceId: surface.id, elementId: e.id, on: true },
      ],
    });
  };
  // however near the board is looked at
  const toMm = (px: number): number => px / (svg.current?.getScreenCTM()?.a ?? scale);
  const onKey = (ev: KeyboardEvent, e: LaidElement): void => {
    const way = ARROWS[ev.key];
    if (way) {
      ev.preventDefault();
      if (ev.shiftKey) move(e, 0, 0, (way[0] + way[1]) * TURN_DEGREES);
      else move(e, way[0] * STEP_MM, way[1] * STEP_MM);
    } else if (ev.key.toLowerCase() === 'p')
      edit({ name: 'pin-element', surfaceId: surface.id, elementId: e.id, on: !e.pinned });
    else if (ev.key === 'Escape') onPick(null);
  };
  const ordered = [...elements].sort((a, b) => a.layer - b.layer);
  return (
    <g ref={svg} transform={`scale(${scale})`} className="stepped:invisible">
      {ordered.map((e) => {
        const name = larder.get(e.componentId)?.name ?? e.componentId;
        const on = picked?.id === e.id;
        const shift = drag?.id === e.id ? `translate(${drag.dx} ${drag.dy})` : '';
        return (
          <path
            key={e.id}
            d={path(e)}
            transform={shift}
            fill={on ? 'rgba(255,250,230,.18)' : 'transparent'}
            stroke={on ? 'var(--china)' : 'transparent'}
            strokeWidth={on ? 3 / scale : 1}
            strokeDasharray={on ? `${7 / scale} ${5 / scale}` : undefined}
            className="cursor-grab touch-none"
            role="button"
            tabIndex={0}
            aria-label={`${name}${e.pinned ? ', pinned' : ''}. Arrows move it, Shift and arrows turn it, P pins it`}
            aria-pressed={on}
            data-element={e.id}
            onPointerDown={(ev) => {
              if (!ev.isPrimary) return;
              ev.currentTarget.setPointerCapture(ev.pointerId);
              onPick(e.id);
              setDrag({ id: e.id, startX: ev.clientX, startY: ev.clientY, dx: 0, dy: 0 });
            }}
            onPointerMove={(ev) => {
              if (drag?.id !== e.id) return;
              // with a second finger it is the board that is meant
              if (useZoom.getState().pinching) return setDrag(null);
              setDrag({ ...drag, dx: toMm(ev.clientX - drag.startX), dy: toMm(ev.clientY - drag.startY) });
            }}
            onPointerUp={() => {
              if (drag && !useZoom.getState().pinching && Math.hypot(drag.dx, drag.dy) > 2)
                move(e, drag.dx, drag.dy);
              setDrag(null);
            }}
            onPointerCancel={() => setDrag(null)}
            onFocus={() => onPick(e.id)}
            onKeyDown={(ev) => onKey(ev, e)}
          >
            <title>{name}</title>
          </path>
        );
      })}
      {ordered
        .filter((e) => e.pinned || e.id === picked?.id)
        .map((e) => (
          <Flag
            key={e.id}
            x={e.x + (drag?.id === e.id ? drag.dx : 0)}
            y={e.y + (drag?.id === e.id ? drag.dy : 0)}
            k={1 / scale}
            pinned={e.pinned}
          />
        ))}
    </g>
  );
}

function clamp(value: number, surface: Surface, axis: 0 | 1): number {
  const o = surface.outline;
  const half = (o.kind === 'round' ? o.diameterMm : axis === 0 ? o.lengthMm : o.widthMm) / 2;
  return Math.max(-half, Math.min(half, Math.round(value)));
}

/** A paper flag on a pick, stuck into the food. */
function Flag({ x, y, k, pinned }: { x: number; y: number; k: number; pinned: boolean }) {
  return (
    <g transform={`translate(${x} ${y}) scale(${k})`} pointerEvents="none">
      <Pick lean={5} tall={37} />
      <path
        d="M5-37L36-34L31.5-26L35-18L2.5-20Z"
        fill={pinned ? 'var(--beet)' : 'var(--paper)'}
        stroke="var(--ink)"
        strokeWidth="1.1"
        strokeLinejoin="round"
      />
    </g>
  );
}
