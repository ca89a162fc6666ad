import { useShallow } from 'zustand/react/shallow';
import { useGesture } from '@use-gesture/react';
import { Maximize, Minus, Plus } from 'lucide-react';
import { useEffect, useRef, useState, type ReactNode, type RefObject } from 'react';
import { surfaceSize } from '../../core/picture/index.js';
import type { Surface } from '../../core/plan/index.js';
import { useZoom, zoomedAt } from '../store/zoom.js';
import { IconButton } from '../ui/kit/IconButton.js';
import { China, PLATE_R } from './China.js';
import { t } from '../words/index.js';

const HALF = 334;
/** From here on a board is long: it takes the width that there is, the plate's rim beneath it. */
const LONG = 1.6;
/** Shares of the stage that a long board fills. */
const [WIDE, HIGH] = [0.95, 0.8];
const BOARD_R = 296;

/** Looked at near: a finger moves the board and no page, and what is beside the stage stays free. */
const NEAR = 'touch-none overflow-hidden [clip-path:inset(0_16px_round_6px)]';

/** Is it so long that it takes the stage's width, and leaves room above? */
export function isLong(surface: Surface): boolean {
  const [length, width] = surfaceSize(surface);
  return surface.outline.kind !== 'round' && length / width >= LONG;
}

/** The radius of the circle into which the board is drawn: the plate's, or as wide as the stage for a long board. */
export function stageRadius(surface: Surface | undefined, halfWidth: number): number {
  if (!surface || !isLong(surface)) return BOARD_R;
  const [length, width] = surfaceSize(surface);
  const scale = Math.min((2 * halfWidth * WIDE) / length, (2 * HALF * HIGH) / width);
  return Math.max(BOARD_R, (scale * Math.hypot(length, width)) / 2);
}

/** Half the drawing's width for the room that there is: as the stage is wide, never narrower than the plate. */
function useHalfWidth() {
  const box = useRef<HTMLDivElement>(null);
  const [half, setHalf] = useState(HALF);
  useEffect(() => {
    if (!box.current) return undefined;
    const watch = new ResizeObserver(([entry]) => {
      const { width, height } = entry!.contentRect;
      if (height > 0) setHalf(Math.max(HALF, (HALF * width) / height));
    });
    watch.observe(box.current);
    return () => watch.disconnect();
  }, []);
  return { box, half };
}

/** Wheel, pinch and drag bring the drawing nearer and move it. */
function useHands(box: RefObject<HTMLDivElement | null>): void {
  const look = useZoom((state) => state.look);
  const onFood = useRef(false);
  const now = () => useZoom.getState();
  /** A point of the screen in units of the drawing, from its middle. */
  const at = ([px, py]: readonly [number, number]) => {
    const { left, top, width, height } = box.current!.getBoundingClientRect();
    const unit = Math.max((2 * HALF) / height, (2 * now().half.x) / width);
    return { x: (px - left - width / 2) * unit, y: (py - top - height / 2) * unit, unit };
  };
  useGesture(
    {
      // a pinch on a touchpad comes as a wheel with Ctrl: that is the pinch's own
      onWheel: ({ event, last }) => {
        event.preventDefault();
        if (last || event.ctrlKey) return;
        const point = at([event.clientX, event.clientY]);
        look(zoomedAt(now(), Math.exp(-event.deltaY / 400), point, now().half));
      },
      onPinchStart: () => useZoom.setState({ pinching: true }),
      onPinchEnd: () => useZoom.setState({ pinching: false }),
      onPinch: ({ origin, movement: [scale], first, memo }) => {
        const was = first ? 1 : (memo as number);
        look(zoomedAt(now(), scale / was, at(origin), now().half));
        return scale;
      },
      // what is picked up is the food's own movement
      onPointerDown: ({ event }) => {
        onFood.current = (event.target as Element).closest('[data-element], [data-held]') !== null;
      },
      onDrag: ({ delta: [dx, dy], pinching, cancel }) => {
        if (pinching || onFood.current) return cancel();
        const { unit } = at([0, 0]);
        return look({ ...now(), x: now().x + dx * unit, y: now().y + dy * unit });
      },
    },
    {
      target: box,
      wheel: { eventOptions: { passive: false } },
      drag: { filterTaps: true, pointer: { capture: false } },
      pinch: { eventOptions: { passive: false } },
    },
  );
}

/** One surface on the plate, nearer by wheel, pinch, buttons or keys, and moved under the eye where nothing is picked. */
export function Stage({
  surface,
  label,
  children,
}: {
  surface: Surface | undefined;
  label: string;
  children: (r: number) => ReactNode;
}) {
  const { box, half } = useHalfWidth();
  const { zoom, x, y, setHalf, nearer, further, whole } = useZoom(
    useShallow((state) => ({
      zoom: state.zoom,
      x: state.x,
      y: state.y,
      setHalf: state.setHalf,
      nearer: state.nearer,
      further: state.further,
      whole: state.whole,
    })),
  );
  const id = surface?.id;
  useEffect(() => whole(), [id, whole]);
  useEffect(() => setHalf({ x: half, y: HALF }), [half, setHalf]);
  useHands(box);
  const r = stageRadius(surface, half);
  return (
    <>
      <div
        ref={box}
        className={`absolute -inset-x-3.5 top-1.5 select-none bottom-10 max-md:inset-x-0 ${zoom > 1 ? NEAR : 'touch-pan-y'}`}
      >
        <China stands="box" label={label} halfWidth={half}>
          <g transform={`translate(${x.toFixed(2)} ${y.toFixed(2)}) scale(${zoom.toFixed(4)})`}>
            {zoom > 1 && <circle r={PLATE_R - 8} fill="var(--china)" />}
            {children(r)}
          </g>
        </China>
      </div>
      <div
        role="group"
        aria-label={t('How near')}
        className="on-paper absolute bottom-13 left-1.5 z-5 flex flex-col gap-0.5 bg-paper shadow-tag stepped:invisible"
      >
        <IconButton icon={Plus} words={t('Nearer')} off={zoom >= 8} press={nearer} />
        <IconButton icon={Minus} words={t('Further')} off={zoom <= 1} press={further} />
        <IconButton icon={Maximize} words={t('The whole board')} off={zoom <= 1} press={whole} />
      </div>
    </>
  );
}
