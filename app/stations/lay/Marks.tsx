import { Minus, Plus, X } from 'lucide-react';
import { useEffect, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';
import { outlinePolygon, PLACE_FOR, type MarkedPlace, type Surface } from '../../../core/plan/index.js';
import { boardScale } from '../../plate/BoardImage.js';
import { Button } from '../../ui/kit/Button.js';
import { Menu } from '../../ui/kit/Menu.js';
import { t } from '../../words/index.js';
import { StageHint } from './StageHint.js';
import { LEAST_MM, MARK_WORDS, MOST_MM, STEP_MM, useMarking, useMarks, USUAL_MM } from './marking.js';

const ARROWS: Record<string, readonly [number, number] | undefined> = {
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
};

const sized = (mm: number): number => Math.max(LEAST_MM, Math.min(MOST_MM, Math.round(mm)));

/** Where a hand begins to draw a mark: what it will be for is picked first. */
export function MarkMenu() {
  const begin = useMarking((marking) => marking.begin);
  return (
    <Menu
      words={t('Mark a place')}
      size="small"
      items={PLACE_FOR.map((what) => ({ words: MARK_WORDS[what], press: () => begin(what) }))}
    />
  );
}

/** What to do while a mark is being drawn. */
export function MarkHint() {
  const what = useMarking((marking) => marking.what);
  if (!what) return null;
  return (
    <StageHint>
      {t('“{what}”: press on the board and pull a ring. Enter puts it in the middle, Escape leaves it.', {
        what: MARK_WORDS[what],
      })}
    </StageHint>
  );
}

/** Places in millimetres of the board, whatever the zoom. */
function useMm() {
  const group = useRef<SVGGElement>(null);
  const at = (ev: PointerEvent): { x: number; y: number } => {
    const matrix = group.current!.getScreenCTM()!.inverse();
    const { x, y } = new DOMPoint(ev.clientX, ev.clientY).matrixTransform(matrix);
    return { x, y };
  };
  return { group, at };
}

/** The rings that stand on a surface, and the one that is being drawn. */
export function Marks({ surface, r }: { surface: Surface; r: number }) {
  const scale = boardScale(surface, r);
  const { group, at } = useMm();
  const { what, picked } = useMarking();
  const { places } = useMarks(surface);
  return (
    <g ref={group} transform={`scale(${scale})`} className="stepped:invisible">
      {places.map((place) => (
        <Ring key={place.id} surface={surface} place={place} on={picked === place.id} at={at} scale={scale} />
      ))}
      {what && <Drawing surface={surface} what={what} at={at} scale={scale} />}
    </g>
  );
}

interface OnBoard {
  surface: Surface;
  scale: number;
  at: (ev: PointerEvent) => { x: number; y: number };
}

/** A ring of chalk with its words. */
function Chalk({ place, scale, on }: { place: Omit<MarkedPlace, 'id'>; scale: number; on: boolean }) {
  const { x, y, radiusMm } = place;
  const words = MARK_WORDS[place.for];
  const size = 14 / scale;
  const half = (words.length * size * 0.29 + size * 0.5) as number;
  return (
    <g pointerEvents="none">
      <circle
        cx={x}
        cy={y}
        r={radiusMm}
        fill="var(--china)"
        fillOpacity={place.for === 'open' ? 0.12 : 0.06}
        stroke="var(--ink)"
        strokeOpacity="0.6"
        strokeWidth={(on ? 6 : 4.5) / scale}
      />
      <circle
        cx={x}
        cy={y}
        r={radiusMm}
        fill="none"
        stroke="var(--china)"
        strokeWidth={(on ? 3.5 : 2.4) / scale}
        strokeDasharray={`${10 / scale} ${6 / scale}`}
      />
      <rect
        x={x - half}
        y={y - radiusMm - size * 0.75}
        width={2 * half}
        height={size * 1.5}
        fill="var(--paper)"
        stroke="var(--ink)"
        strokeWidth={0.8 / scale}
      />
      <text
        x={x}
        y={y - radiusMm + size * 0.34}
        textAnchor="middle"
        fontSize={size}
        fontWeight="700"
        fill="var(--ink)"
      >
        {words}
      </text>
    </g>
  );
}

/** One mark: dragged by its ring or its words, moved and sized by keys. */
function Ring({ surface, place, on, at, scale }: OnBoard & { place: MarkedPlace; on: boolean }) {
  const marks = useMarks(surface);
  const pick = useMarking((marking) => marking.pick);
  const [drag, setDrag] = useState<{ from: { x: number; y: number }; dx: number; dy: number } | null>(null);
  const shown = drag ? { ...place, x: place.x + drag.dx, y: place.y + drag.dy } : place;
  const onKey = (ev: KeyboardEvent): void => {
    const way = ARROWS[ev.key];
    if (way) marks.change(place.id, { x: place.x + way[0] * STEP_MM, y: place.y + way[1] * STEP_MM });
    else if (ev.key === '>' || ev.key === '<')
      marks.change(place.id, { radiusMm: sized(place.radiusMm + (ev.key === '>' ? STEP_MM : -STEP_MM)) });
    else if (ev.key === 'Delete' || ev.key === 'Backspace') marks.remove(place.id);
    else if (ev.key === 'Escape') pick(null);
    else return;
    ev.preventDefault();
    ev.stopPropagation();
  };
  return (
    <g>
      <Chalk place={shown} scale={scale} on={on} />
      <circle
        cx={shown.x}
        cy={shown.y}
        r={shown.radiusMm}
        fill="none"
        stroke="transparent"
        strokeWidth={22 / scale}
        pointerEvents="stroke"
        className="cursor-grab touch-none"
        role="button"
        tabIndex={0}
        data-held
        aria-pressed={on}
        aria-label={t(
          'Mark: {what}. Arrows move it, larger and smaller with the keys > and <, Delete takes it away',
          { what: MARK_WORDS[place.for] },
        )}
        onFocus={() => pick(place.id)}
        onKeyDown={onKey}
        onPointerDown={(ev) => {
          ev.currentTarget.setPointerCapture(ev.pointerId);
          pick(place.id);
          setDrag({ from: at(ev), dx: 0, dy: 0 });
        }}
        onPointerMove={(ev) => {
          if (!drag) return;
          const { x, y } = at(ev);
          setDrag({ ...drag, dx: x - drag.from.x, dy: y - drag.from.y });
        }}
        onPointerUp={() => {
          if (drag && Math.hypot(drag.dx, drag.dy) > 2)
            marks.change(place.id, { x: Math.round(shown.x), y: Math.round(shown.y) });
          setDrag(null);
        }}
        onPointerCancel={() => setDrag(null)}
      />
    </g>
  );
}

const FOCUS_MS = 80;

/** The board while a mark is drawn on it: a press is its middle, the pull its size. */
function Drawing({ surface, what, at, scale }: OnBoard & { what: MarkedPlace['for'] }) {
  const marks = useMarks(surface);
  const end = useMarking((marking) => marking.end);
  const [ring, setRing] = useState<{ x: number; y: number; radiusMm: number } | null>(null);
  const ground = useRef<SVGPathElement>(null);
  useEffect(() => {
    // the menu gives the focus back to its button when it closes: the board takes it after that
    const later = setTimeout(() => ground.current?.focus(), FOCUS_MS);
    return () => clearTimeout(later);
  }, [what]);
  const put = (x: number, y: number, radiusMm: number): void =>
    marks.add({ x: Math.round(x), y: Math.round(y), radiusMm: sized(radiusMm), for: what });
  return (
    <>
      <path
        ref={ground}
        d={`M${outlinePolygon(surface.outline).join('L')}Z`}
        fill="transparent"
        className="cursor-crosshair touch-none outline-none"
        role="button"
        tabIndex={0}
        data-held
        aria-label={t('The board. Enter marks its middle, Escape leaves it')}
        onKeyDown={(ev) => {
          if (ev.key === 'Escape') end();
          else if (ev.key === 'Enter') put(0, 0, USUAL_MM);
          else return;
          ev.preventDefault();
          ev.stopPropagation();
        }}
        onPointerDown={(ev) => {
          ev.currentTarget.setPointerCapture(ev.pointerId);
          setRing({ ...at(ev), radiusMm: 0 });
        }}
        onPointerMove={(ev) => {
          if (!ring) return;
          const { x, y } = at(ev);
          setRing({ ...ring, radiusMm: Math.hypot(x - ring.x, y - ring.y) });
        }}
        onPointerUp={() => {
          // a press without a pull is a mark of the usual size
          if (ring) put(ring.x, ring.y, ring.radiusMm < LEAST_MM / 2 ? USUAL_MM : ring.radiusMm);
          setRing(null);
        }}
        onPointerCancel={() => setRing(null)}
      />
      {ring && (
        <Chalk place={{ ...ring, radiusMm: Math.max(4, ring.radiusMm), for: what }} scale={scale} on />
      )}
    </>
  );
}

/** The picked mark's tag: larger, smaller, away. */
export function MarkCard({ surface }: { surface: Surface }) {
  const { picked } = useMarking();
  const marks = useMarks(surface);
  const place = marks.places.find(({ id }) => id === picked);
  if (!place) return null;
  const grow = (by: number): void => marks.change(place.id, { radiusMm: sized(place.radiusMm + by) });
  return (
    <div
      className="on-paper edge-tag absolute -right-51 bottom-15 z-6 w-56 bg-card py-3 pr-3.5 pl-5.5 max-xl:right-1.5 max-xl:bottom-12 stepped:invisible"
      role="region"
      aria-label={t('Tag of the mark “{what}”', { what: MARK_WORDS[place.for] })}
    >
      <h2 className="mb-1 text-lg/[1.05] font-black">{MARK_WORDS[place.for]}</h2>
      <p className="m-0 text-sm">
        {place.for === 'open'
          ? t('No food is laid here: a candle, a card or a cup has its room.')
          : t('When the board is laid, food of this kind comes here, if there is any on it.')}
      </p>
      <div className="mt-2 flex flex-wrap items-center gap-1">
        <Button look="quiet" size="small" aria-label={t('A larger ring')} onClick={() => grow(STEP_MM)}>
          <Plus size={15} />
        </Button>
        <Button look="quiet" size="small" aria-label={t('A smaller ring')} onClick={() => grow(-STEP_MM)}>
          <Minus size={15} />
        </Button>
        <Button size="small" onClick={() => marks.remove(place.id)}>
          <X size={15} /> {t('Take the mark away')}
        </Button>
      </div>
    </div>
  );
}
