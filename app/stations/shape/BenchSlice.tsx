import { useEffect, useMemo, useRef, useState } from 'react';
import { formatLength } from '../../../core/measure/index.js';
import {
  boundsOf,
  heightOf,
  nestRequest,
  pressOrder,
  settledAt,
  sliceFrom,
  widthOf,
  type Slice,
} from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { toast } from '../../ui/toast.js';
import { t } from '../../words/index.js';
import { pathOf } from './drawn.js';
import { PieceHandle } from './PieceHandle.js';
import type { Bench } from './useOnBench.js';

/** Half the room that a slice has on the plate, in units of the plate, and where its middle is. */
const ROOM = 190;
const MIDDLE_Y = -104;
/** Room for the ruler beneath it. */
const RULER_GAP = 16;

interface Props {
  bench: Bench;
  picked: number | null;
  onPick: (index: number | null) => void;
  /** Units of the plate for a millimetre; as large as the plate lets it be without. */
  mmScale: number | undefined;
}

/** The slice on the plate: offcuts dark and striped, pieces pale with the order in which they are pressed. */
export function BenchSlice({ bench, picked, onPick, mmScale }: Props) {
  const { shown, component } = bench;
  const slice = useMemo(() => sliceFrom(shown.slice), [shown.slice]);
  const bounds = boundsOf(slice.outer);
  const [wide, high] = [widthOf(bounds), heightOf(bounds)];
  const scale = mmScale ?? Math.min((2 * ROOM) / wide, (2 * ROOM - 24) / high);
  const [main, second, third] = component.colours;
  return (
    <g transform={`translate(0 ${MIDDLE_Y}) scale(${scale})`}>
      <SliceGround slice={slice} main={main} second={second} marginMm={shown.marginMm} id="bench" />
      <Pieces bench={bench} picked={picked} onPick={onPick} colours={[main, third]} />
      <Ruler wide={wide} y={high / 2 + RULER_GAP / scale} scale={scale} />
    </g>
  );
}

function SliceGround({
  slice,
  main,
  second,
  marginMm,
  id,
}: {
  slice: Slice;
  main: string;
  second: string;
  marginMm: number;
  id: string;
}) {
  const path = [slice.outer, ...slice.holes].map(pathOf).join('');
  return (
    <>
      <defs>
        <pattern
          id={`${id}-stripes`}
          width="2.6"
          height="2.6"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(38)"
        >
          <rect width="2.6" height="2.6" fill={main} />
          <rect width="0.9" height="2.6" fill={second} opacity="0.5" />
        </pattern>
        <clipPath id={`${id}-clip`}>
          <path d={path} clipRule="evenodd" />
        </clipPath>
      </defs>
      <path d={path} transform="translate(0.6 2.2)" fill={second} fillRule="evenodd" />
      <path d={path} transform="translate(0.4 1.6)" fill="var(--ink)" opacity="0.18" fillRule="evenodd" />
      <path d={path} fill={`url(#${id}-stripes)`} stroke={second} strokeWidth="0.8" fillRule="evenodd" />
      <g clipPath={`url(#${id}-clip)`}>
        <path d={path} fill="none" stroke="var(--ink)" strokeWidth={2 * marginMm} opacity="0.09" />
      </g>
    </>
  );
}

/** What was let go where nothing can lie goes back to where it was. Gives the place that the piece has in the list then. */
function useMoves(bench: Bench) {
  const { shown, keep } = bench;
  return (index: number, x: number, y: number, angle: number): number | undefined => {
    const { cutter } = shown.pieces[index]!;
    const others = shown.pieces.map((piece, i) => (i === index ? { ...piece, locked: false } : piece));
    const at = settledAt(nestRequest({ ...shown, pieces: others }), { cutter, x, y, angle: angle % 360 });
    if (!at) {
      toast(t('There is no room for it there.'));
      return undefined;
    }
    // what no hand has set is nested again around it; what hands have set comes first
    const rank = shown.pieces[index]!.locked
      ? others.slice(0, index).filter((piece) => piece.locked).length
      : 0;
    const locked = others.filter((piece) => piece.locked);
    keep({ ...shown, pieces: locked.toSpliced(rank, 0, { ...at, locked: true }) });
    return rank;
  };
}

function Pieces({
  bench,
  picked,
  onPick,
  colours,
}: Pick<Props, 'bench' | 'picked' | 'onPick'> & { colours: readonly [string, string] }) {
  const { shown, keep } = bench;
  const svg = useRef<SVGGElement>(null);
  const move = useMoves(bench);
  const [dragging, setDragging] = useState<number | null>(null);
  const across = Math.max(...shown.cutters.map(({ acrossMm }) => acrossMm));
  const numbers = useMemo(() => {
    const order = pressOrder(shown.pieces, across);
    return shown.pieces.map((_, i) => order.indexOf(i) + 1);
  }, [shown.pieces, across]);
  const lock = (index: number): void =>
    keep({
      ...shown,
      pieces: shown.pieces.map((piece, i) => (i === index ? { ...piece, locked: !piece.locked } : piece)),
    });
  // the hand stays on the piece that it has moved
  const toFocus = useRef<number | null>(null);
  const follow = (rank: number | undefined): void => {
    if (rank === undefined) return;
    toFocus.current = rank;
    onPick(rank);
  };
  useEffect(() => {
    if (toFocus.current === null) return;
    svg.current?.querySelector<SVGGElement>(`[data-piece="${toFocus.current}"]`)?.focus();
    toFocus.current = null;
  }, [shown.pieces]);
  // the one in a hand lies on top of the others
  const top = dragging ?? picked;
  const indices = shown.pieces.map((_, i) => i);
  const drawn = top === null ? indices : [...indices.filter((i) => i !== top), top];
  return (
    <g ref={svg}>
      {drawn.map((i) => (
        <PieceHandle
          key={i}
          piece={shown.pieces[i]!}
          index={i}
          cutter={shown.cutters[shown.pieces[i]!.cutter]!}
          n={numbers[i]!}
          colours={colours}
          on={picked === i}
          toMm={(px) => px / (svg.current?.getScreenCTM?.()?.a ?? 1)}
          onPick={() => onPick(i)}
          onLeave={() => onPick(null)}
          onDragging={(now) => setDragging(now ? i : null)}
          onMove={(x, y, angle) => follow(move(i, x, y, angle))}
          onLock={() => lock(i)}
        />
      ))}
    </g>
  );
}

const TICKS_EVERY_MM = 10;

/** A steel rule in the scale of the drawing. */
function Ruler({ wide, y, scale }: { wide: number; y: number; scale: number }) {
  const units = useSettings((settings) => settings.units);
  const n = Math.floor(wide / TICKS_EVERY_MM);
  const length = n * TICKS_EVERY_MM;
  const k = 1 / scale;
  return (
    <g transform={`translate(${-length / 2} ${y})`} aria-hidden="true">
      <rect
        x={-6 * k}
        width={length + 12 * k}
        height={26 * k}
        fill="var(--steel-pale)"
        stroke="var(--rule)"
        strokeWidth={0.8 * k}
      />
      {Array.from({ length: n + 1 }, (_, i) => (
        <path
          key={i}
          d={`M${i * TICKS_EVERY_MM} 0v${(i % 5 === 0 ? 11 : 7) * k}`}
          stroke="var(--ink)"
          strokeWidth={1.2 * k}
        />
      ))}
      {[0, Math.floor(n / 2), n].map((i) => (
        <text
          key={i}
          x={i * TICKS_EVERY_MM}
          y={22 * k}
          fontSize={12.5 * k}
          textAnchor={i === 0 ? 'start' : i === n ? 'end' : 'middle'}
          fill="var(--ink)"
          fontWeight="700"
        >
          {i === 0 ? '0' : formatLength(i * TICKS_EVERY_MM, units)}
        </text>
      ))}
    </g>
  );
}
