import { useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import type { Kept } from '../../../core/make/index.js';
import { useSession } from '../../store/session.js';
import type { Dial, Groove } from './dial.js';
import { useMake } from './useMake.js';

const NUDGE_MIN = 5;
/** A hand that moved less has pressed. */
const LEAST_MIN = 2;

type Point = readonly [number, number];

/** A point of the screen on the plate. */
function pointOf({ clientX, clientY, currentTarget }: PointerEvent<SVGGElement>): Point {
  const matrix = currentTarget.ownerSVGElement!.getScreenCTM()!.inverse();
  const point = new DOMPoint(clientX, clientY).matrixTransform(matrix);
  return [point.x, point.y];
}

/** Degrees clockwise from one point to the other, about the middle. */
function turn(a: Point, b: Point): number {
  const angle = (p: Point) => (Math.atan2(p[1], p[0]) * 180) / Math.PI;
  return ((angle(b) - angle(a) + 540) % 360) - 180;
}

/** The groove of the same days that a point lies in. */
const grooveAt = (dial: Dial, like: Groove, [x, y]: Point): Groove | undefined => {
  const r = Math.hypot(x, y);
  return dial.grooves.find(({ before, r0, r1 }) => before === like.before && r >= r0 && r <= r1);
};

/** What hands do with a task on the dial: press it, pull it to another time or another groove, move it by arrows. */
export function useWorkHands({ task, placed }: Kept, groove: Groove, dial: Dial) {
  const edit = useSession((session) => session.edit);
  const [drag, setDrag] = useState<number | null>(null);
  const grabbed = useRef<Point>([0, 0]);
  const { hands } = dial;
  const move = (startMin: number, hand = placed.hand): void =>
    edit({ name: 'move-work', task: task.id, hand, startMin });
  const press = (): void => useMake.setState({ picked: task.id });
  const beside = (by: number): string =>
    hands[(hands.indexOf(placed.hand) + by + hands.length) % hands.length]!;
  return {
    /** Where it lies while it is pulled. */
    start: drag ?? placed.start,
    onKeyDown(event: KeyboardEvent): void {
      const by = { ArrowLeft: -NUDGE_MIN, ArrowRight: NUDGE_MIN }[event.key];
      const other = { ArrowUp: -1, ArrowDown: 1 }[event.key];
      if (event.key === 'Enter' || event.key === ' ') press();
      else if (by !== undefined) move(placed.start + by);
      else if (other !== undefined && hands.length > 1) move(placed.start, beside(other));
      else return;
      event.preventDefault();
      event.stopPropagation();
    },
    onPointerDown(event: PointerEvent<SVGGElement>): void {
      event.currentTarget.setPointerCapture(event.pointerId);
      grabbed.current = pointOf(event);
      setDrag(placed.start);
    },
    onPointerMove(event: PointerEvent<SVGGElement>): void {
      if (drag === null) return;
      const at = pointOf(event);
      setDrag(drag + groove.minutesOf(turn(grabbed.current, at)));
      grabbed.current = at;
    },
    onPointerUp(event: PointerEvent<SVGGElement>): void {
      const to = drag === null ? placed.start : Math.round(drag);
      const hand = grooveAt(dial, groove, pointOf(event))?.hand ?? placed.hand;
      setDrag(null);
      if (Math.abs(to - placed.start) >= LEAST_MIN || hand !== placed.hand) move(to, hand);
      else press();
    },
    onPointerCancel: () => setDrag(null),
  };
}
