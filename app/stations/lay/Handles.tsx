import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { pointOn, stackOf } from '../../../core/lay/index.js';
import {
  outlineSize,
  planLarder,
  pullOf,
  type LaidElement,
  type Plan,
  type Surface,
} from '../../../core/plan/index.js';
import { boardScale } from '../../plate/BoardImage.js';
import { Pick } from '../../plate/Pick.js';
import { useSession } from '../../store/session.js';
import { useZoom } from '../../store/zoom.js';
import { BEND_MM, useByHand, usePiles } from './byHand.js';
import { t } from '../../words/index.js';

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

const path = (element: LaidElement): string => `M${element.outline.map(([x, y]) => `${x} ${y}`).join('L')}Z`;

/** Moves an element and pins it where it is then; what lies there makes way. One step of undo. */
function useMove(surface: Surface) {
  const byHand = useByHand(surface.id);
  return (element: LaidElement, dx: number, dy: number, turn = 0): void => {
    const [x, y] = [clamp(element.x + dx, surface, 0), clamp(element.y + dy, surface, 1)];
    const at = { surfaceId: surface.id, elementId: element.id };
    byHand(t('move on the board'), [
      { name: 'move-element', ...at, x, y, angle: element.angle + turn },
      { name: 'pin-element', ...at, on: true },
    ]);
  };
}

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
  /** `pressed`: by a hand or a key, not by the focus that walks over it. */
  onPick: (id: string | null, pressed?: boolean) => void;
  plan: Plan;
  r: number;
}) {
  const [drag, setDrag] = useState<Drag | null>(null);
  const svg = useRef<SVGGElement>(null);
  const scale = boardScale(surface, r);
  const larder = planLarder(plan);
  // however near the board is looked at
  const toMm = (px: number): number => px / (svg.current?.getScreenCTM()?.a ?? scale);
  const up = (element: LaidElement): number => stackOf(element, larder.get(element.componentId));
  const ordered = [...elements].sort((a, b) => up(a) - up(b));
  return (
    <g ref={svg} transform={`scale(${scale})`} className="stepped:invisible">
      {ordered.map((element) => (
        <Handle
          key={element.id}
          surface={surface}
          element={element}
          name={larder.get(element.componentId)?.name ?? element.componentId}
          on={picked?.id === element.id}
          scale={scale}
          drag={drag?.id === element.id ? drag : null}
          toMm={toMm}
          onDrag={setDrag}
          onPick={onPick}
        />
      ))}
      {picked && <Pull key={picked.id} surface={surface} element={picked} scale={scale} toMm={toMm} />}
      {ordered
        .filter((element) => element.pinned || element.id === picked?.id)
        .map((element) => (
          <Flag
            key={element.id}
            x={pointOn(element).x + (drag?.id === element.id ? drag.dx : 0)}
            y={pointOn(element).y + (drag?.id === element.id ? drag.dy : 0)}
            k={1 / scale}
            pinned={element.pinned}
          />
        ))}
    </g>
  );
}

/** All that a hand does to a pile, done by keys. */
function useHandleKeys(
  surface: Surface,
  element: LaidElement,
  onPick: HandleProps['onPick'],
): (ev: KeyboardEvent) => void {
  const edit = useSession((session) => session.edit);
  const move = useMove(surface);
  const pile = usePiles(surface.id);
  return (ev) => {
    const way = ARROWS[ev.key];
    if (way) {
      ev.preventDefault();
      if (ev.shiftKey) move(element, 0, 0, (way[0] + way[1]) * TURN_DEGREES);
      else move(element, way[0] * STEP_MM, way[1] * STEP_MM);
    } else if (ev.key.toLowerCase() === 'p')
      edit({ name: 'pin-element', surfaceId: surface.id, elementId: element.id, on: !element.pinned });
    else if (ev.key.toLowerCase() === 's') pile.part(element);
    else if (ev.key.toLowerCase() === 'j') pile.join(element);
    else if (ev.key === '(' || ev.key === ')') pile.bend(element, ev.key === ')' ? BEND_MM : -BEND_MM);
    else if (ev.key === '>' || ev.key === '<') pile.grow(element, ev.key === '>' ? 1 : -1);
    else if (ev.key === 'Enter' || ev.key === ' ') {
      // Space steps back elsewhere
      ev.preventDefault();
      ev.stopPropagation();
      onPick(element.id, true);
    } else if (ev.key === 'Escape') onPick(null);
  };
}

interface HandleProps {
  surface: Surface;
  element: LaidElement;
  name: string;
  on: boolean;
  scale: number;
  /** Its own drag, while there is one. */
  drag: Drag | null;
  toMm: (px: number) => number;
  onDrag: (drag: Drag | null) => void;
  onPick: (id: string | null, pressed?: boolean) => void;
}

function Handle({ surface, element, name, on, scale, drag, toMm, onDrag, onPick }: HandleProps) {
  const move = useMove(surface);
  const onKey = useHandleKeys(surface, element, onPick);
  const pointer = {
    onPointerDown: (ev: PointerEvent<SVGPathElement>) => {
      if (!ev.isPrimary) return;
      ev.currentTarget.setPointerCapture(ev.pointerId);
      onPick(element.id, true);
      onDrag({ id: element.id, startX: ev.clientX, startY: ev.clientY, dx: 0, dy: 0 });
    },
    onPointerMove: (ev: PointerEvent) => {
      if (!drag) return;
      // with a second finger it is the board that is meant
      if (useZoom.getState().pinching) return onDrag(null);
      onDrag({ ...drag, dx: toMm(ev.clientX - drag.startX), dy: toMm(ev.clientY - drag.startY) });
    },
    onPointerUp: () => {
      if (drag && !useZoom.getState().pinching && Math.hypot(drag.dx, drag.dy) > 2)
        move(element, drag.dx, drag.dy);
      onDrag(null);
    },
    onPointerCancel: () => onDrag(null),
  };
  return (
    <path
      d={path(element)}
      transform={drag ? `translate(${drag.dx} ${drag.dy})` : ''}
      fill={on ? 'rgba(255,250,230,.18)' : 'transparent'}
      stroke={on ? 'var(--china)' : 'transparent'}
      strokeWidth={on ? 3 / scale : 1}
      strokeDasharray={on ? `${7 / scale} ${5 / scale}` : undefined}
      className="cursor-grab touch-none"
      role="button"
      tabIndex={0}
      aria-label={t(
        '{name}{pinned}. Arrows move it, Shift and arrows turn it, P pins it, S parts it, J joins it to its like',
        {
          name,
          pinned: element.pinned ? t(', pinned') : '',
        },
      )}
      aria-pressed={on}
      data-element={element.id}
      onFocus={() => onPick(element.id)}
      onKeyDown={onKey}
      {...pointer}
    >
      <title>{name}</title>
    </path>
  );
}

/** The knobs of the picked row: its middle, pulled across, bends it; each end goes where it is pulled, or by keys. */
function Pull({
  surface,
  element,
  scale,
  toMm,
}: Pick<HandleProps, 'surface' | 'element' | 'scale' | 'toMm'>) {
  const pile = usePiles(surface.id);
  const pull = pullOf(element);
  if (!pull) return null;
  const { x, y, nx, ny } = pull;
  const acrossMm = ({ dx, dy }: Way): number => dx * nx + dy * ny;
  const across = (way: Way): Way => ({ dx: nx * acrossMm(way), dy: ny * acrossMm(way) });
  const knob = { scale, toMm };
  return (
    <>
      <Knob
        {...knob}
        x={x}
        y={y}
        r={8}
        words={t('Pull the row into a curve')}
        along={across}
        pull={(way) => pile.bend(element, Math.round(acrossMm(way)))}
      />
      {([0, 1] as const).map((end) => (
        <Knob
          key={end}
          {...knob}
          x={pull.ends[end][0]}
          y={pull.ends[end][1]}
          r={6.5}
          words={t('End of the row. Pulled, it goes there and the other end stays; arrows move it')}
          byKeys
          pull={({ dx, dy }) => pile.pullEnd(element, end, Math.round(dx), Math.round(dy))}
        />
      ))}
    </>
  );
}

interface Way {
  dx: number;
  dy: number;
}

interface KnobProps extends Pick<HandleProps, 'scale' | 'toMm'> {
  x: number;
  y: number;
  /** As large as on the screen, in pixels. */
  r: number;
  words: string;
  /** Arrows move it too. */
  byKeys?: boolean;
  /** The part of a hand's way that counts; all of it where none is given. */
  along?: (way: Way) => Way;
  /** Let go so far away, in millimetres. */
  pull: (way: Way) => void;
}

/** What a hand takes hold of on the board. */
function Knob({ x, y, r, scale, toMm, words, byKeys = false, along = (way) => way, pull }: KnobProps) {
  const [held, setHeld] = useState<{ x: number; y: number; way: Way } | null>(null);
  const { dx, dy } = held ? along(held.way) : { dx: 0, dy: 0 };
  const keys = {
    role: 'button',
    tabIndex: 0,
    'aria-label': words,
    onKeyDown: (ev: KeyboardEvent) => {
      const way = ARROWS[ev.key];
      if (!way) return;
      ev.preventDefault();
      ev.stopPropagation();
      pull({ dx: way[0] * STEP_MM, dy: way[1] * STEP_MM });
    },
  };
  return (
    <circle
      cx={x + dx}
      cy={y + dy}
      r={r / scale}
      fill="var(--yolk)"
      stroke="var(--ink)"
      strokeWidth={1.6 / scale}
      className="cursor-move touch-none"
      data-held
      {...(byKeys ? keys : {})}
      onPointerDown={(ev) => {
        ev.currentTarget.setPointerCapture(ev.pointerId);
        setHeld({ x: ev.clientX, y: ev.clientY, way: { dx: 0, dy: 0 } });
      }}
      onPointerMove={(ev) =>
        held && setHeld({ ...held, way: { dx: toMm(ev.clientX - held.x), dy: toMm(ev.clientY - held.y) } })
      }
      onPointerUp={() => {
        if (Math.hypot(dx, dy) > 2) pull({ dx, dy });
        setHeld(null);
      }}
      onPointerCancel={() => setHeld(null)}
    >
      <title>{words}</title>
    </circle>
  );
}

function clamp(value: number, surface: Surface, axis: 0 | 1): number {
  const half = outlineSize(surface.outline)[axis]! / 2;
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
