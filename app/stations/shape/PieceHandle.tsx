import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Cut, CutCutter } from '../../../core/plan/index.js';
import { t, word } from '../../words/index.js';
import { numberAt, pathOf } from './drawn.js';

const STEP_MM = 1;
const TURN_DEGREES = 5;
const WAYS: Record<string, [number, number] | undefined> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  // on the bench y runs up
  ArrowUp: [0, 1],
  ArrowDown: [0, -1],
};
/** Less than this is a press, not a drag. */
const MOVED_MM = 0.6;

interface Props {
  piece: Cut['pieces'][number];
  index: number;
  cutter: CutCutter;
  /** Which one it is in the order of pressing. */
  n: number;
  colours: readonly [main: string, pale: string];
  on: boolean;
  toMm: (px: number) => number;
  onPick: () => void;
  onLeave: () => void;
  onDragging: (on: boolean) => void;
  onMove: (x: number, y: number, angle: number) => void;
  onLock: () => void;
}

interface PieceDrag {
  pointerId: number;
  startX: number;
  startY: number;
  dx: number;
  dy: number;
}

function usePieceDrag({ piece, toMm, onPick, onDragging, onMove }: Props) {
  const [drag, setDrag] = useState<PieceDrag | null>(null);
  const ref = useRef<SVGGElement>(null);
  const pointerId = drag?.pointerId;
  useEffect(() => {
    // not before it is drawn on top of the others: what is moved in the document loses the pointer, and a quick hand its piece
    if (pointerId !== undefined) ref.current?.setPointerCapture(pointerId);
  }, [pointerId]);
  const end = (): void => {
    setDrag(null);
    onDragging(false);
  };
  const pointer = {
    onPointerDown: (event: PointerEvent<SVGGElement>) => {
      if (!event.isPrimary) return;
      onPick();
      onDragging(true);
      setDrag({
        pointerId: event.pointerId,
        startX: event.clientX,
        startY: event.clientY,
        dx: 0,
        dy: 0,
      });
    },
    onPointerMove: (event: PointerEvent) =>
      setDrag(
        (now) =>
          now && { ...now, dx: toMm(event.clientX - now.startX), dy: toMm(event.clientY - now.startY) },
      ),
    onPointerUp: () => {
      if (drag && Math.hypot(drag.dx, drag.dy) > MOVED_MM)
        onMove(piece.x + drag.dx, piece.y - drag.dy, piece.angle);
      end();
    },
    onPointerCancel: end,
  };
  return { drag, pointer: { ...pointer, ref } };
}

/** One piece of the slice: dragged, turned and pinned; the others are nested again around it. */
export function PieceHandle(props: Props) {
  const { piece, cutter, n, colours, on, onPick, onLeave, onMove, onLock } = props;
  const { drag, pointer } = usePieceDrag(props);
  const onKey = (event: KeyboardEvent): void => {
    const way = WAYS[event.key];
    if (way) {
      event.preventDefault();
      if (event.shiftKey) onMove(piece.x, piece.y, piece.angle - (way[0] - way[1]) * TURN_DEGREES);
      else onMove(piece.x + way[0] * STEP_MM, piece.y + way[1] * STEP_MM, piece.angle);
    } else if (event.key.toLowerCase() === 'p') onLock();
    else if (event.key === 'Escape') onLeave();
  };
  return (
    <g
      transform={`translate(${piece.x + (drag?.dx ?? 0)} ${-piece.y + (drag?.dy ?? 0)})`}
      className="cursor-grab touch-none stepped:pointer-events-none"
      role="button"
      tabIndex={0}
      aria-label={t('{name} {n}{pinned}. Arrows move it, Shift and arrows turn it, P pins it', {
        name: word(cutter.name),
        n,
        pinned: piece.locked ? t(', pinned') : '',
      })}
      aria-pressed={on}
      data-piece={props.index}
      onFocus={onPick}
      onKeyDown={onKey}
      {...pointer}
    >
      <PieceDrawn
        outline={cutter.outline}
        angle={piece.angle}
        colours={colours}
        on={on}
        lifted={drag !== null}
      />
      <PieceNumber outline={cutter.outline} angle={piece.angle} n={n} pinned={piece.locked} on={on} />
    </g>
  );
}

/** The cut piece; the cutter stands on the one that is picked. */
function PieceDrawn({
  outline,
  angle,
  colours: [main, pale],
  on,
  lifted,
}: {
  outline: CutCutter['outline'];
  angle: number;
  colours: readonly [string, string];
  on: boolean;
  lifted: boolean;
}) {
  const path = pathOf(outline);
  return (
    <g transform={`rotate(${-angle})`}>
      {!lifted && <path d={path} fill="var(--ink)" opacity="0.28" transform="translate(0.3 0.5)" />}
      <path d={path} fill={pale} stroke={main} strokeWidth="0.5" />
      <path d={path} fill="white" opacity="0.3" stroke="white" strokeWidth="0.35" />
      {on && (
        <>
          <path d={path} fill="none" stroke="var(--line)" strokeWidth="1.7" strokeLinejoin="round" />
          <path d={path} fill="none" stroke="var(--steel-pale)" strokeWidth="0.8" strokeLinejoin="round" />
        </>
      )}
    </g>
  );
}

function PieceNumber({
  outline,
  angle,
  n,
  pinned,
  on,
}: {
  outline: CutCutter['outline'];
  angle: number;
  n: number;
  pinned: boolean;
  on: boolean;
}) {
  const [x, y] = numberAt(outline);
  const a = (-angle * Math.PI) / 180;
  const [px, py] = [x * Math.cos(a) - y * Math.sin(a), x * Math.sin(a) + y * Math.cos(a)];
  return (
    <g transform={`translate(${px} ${py})`} pointerEvents="none">
      {(pinned || on) && (
        <circle r="2.9" fill={on ? 'var(--beet)' : 'var(--paper)'} stroke="var(--ink)" strokeWidth="0.4" />
      )}
      <text
        className="font-display"
        y="1.3"
        fontSize="3.8"
        fontWeight="800"
        textAnchor="middle"
        fill={on ? 'var(--china)' : 'var(--ink)'}
      >
        {n}
      </text>
    </g>
  );
}
