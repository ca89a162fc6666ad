import { Pin, PinOff, RotateCcw, RotateCw, Repeat } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { FORMS, formName } from '../../../core/catalogue/index.js';
import type { Checked } from '../../../core/check/index.js';
import { hardOverlaps } from '../../../core/lay/index.js';
import { formatLength, formatMass } from '../../../core/measure/index.js';
import { planLarder, type LaidElement, type Plan, type Surface } from '../../../core/plan/index.js';
import { surfaceAreaCm2 } from '../../../core/portion/index.js';
import { toast } from 'sonner';
import { Link } from 'react-router';
import { exportPlan, exportPng, exportShopping, exportSvg } from '../../frame/exports.js';
import { Frame } from '../../frame/Frame.js';
import { BoardImage, boardScale } from '../../plate/BoardImage.js';
import { China } from '../../plate/China.js';
import { SurfaceTabs, usePickedSurface } from '../../plate/SurfaceTabs.js';
import { SwapDialog } from '../../rail/SwapDialog.js';
import { useKitchen } from '../../store/kitchen-jobs.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { portraitUrl } from '../../ui/pictures.js';
import { showingFor } from '../check/Check.js';

const BOARD_R = 296;

export function Lay({ plan, checked }: { plan: Plan; checked: Checked }) {
  const [surface, setSurface] = usePickedSurface(plan);
  const [pickedId, setPicked] = useState<string | null>(null);
  const [swap, setSwap] = useState(false);
  const kitchen = useKitchen();
  const seenBy = useSession((s) => s.seenBy);
  const group = plan.party.find((g) => g.id === seenBy);
  const elements = plan.layout.find((l) => l.surfaceId === surface?.id)?.elements ?? [];
  const picked = elements.find((e) => e.id === pickedId);
  const over = hardOverlaps(elements);
  const knives = plan.placements.filter(
    (p) => p.lot === 0 && ['wheel', 'wedge', 'log'].includes(p.form),
  ).length;
  const bowls = plan.placements.filter((p) => p.lot === 0 && p.contained).length;
  return (
    <Frame
      plan={plan}
      station="lay"
      checked={checked}
      shelf={
        <>
          <SurfaceTabs
            plan={plan}
            picked={surface?.id}
            onPick={(id) => {
              setSurface(id);
              setPicked(null);
            }}
          />
          <LayShelf plan={plan} surface={surface} elements={elements} picked={pickedId} onPick={setPicked} />
        </>
      }
      foot={
        <>
          <span>
            <b>{elements.length}</b> parts
          </span>
          <span>
            <b>{elements.reduce((n, e) => n + e.pieces.length, 0)}</b> pieces
          </span>
          <span>
            <b>{bowls}</b> bowls
          </span>
          <span>
            <b>{knives}</b> knives
          </span>
          {over.length > 0 && (
            <span role="alert">
              <b>{over.length}</b> overlap
            </span>
          )}
        </>
      }
    >
      <China label={surface ? `${surface.name}, laid` : 'No surface'}>
        {surface && (
          <BoardImage
            plan={plan}
            surface={surface}
            r={BOARD_R}
            drawKey={seenBy ?? ''}
            {...(group ? { options: { showing: showingFor(checked, surface, group)! } } : {})}
          />
        )}
        {surface && elements.length > 0 && (
          <Handles surface={surface} elements={elements} picked={picked} onPick={setPicked} plan={plan} />
        )}
        {elements.length === 0 && (
          <text
            textAnchor="middle"
            y={surface ? 0 : -20}
            fontSize="15"
            fill={surface?.material === 'oak' ? '#fdfdf9' : '#454c66'}
            fontWeight="700"
          >
            {plan.placements.length === 0 ? 'Choose something first.' : 'Nothing is laid here yet.'}
          </text>
        )}
      </China>
      <div
        className="overlay"
        style={{
          position: 'absolute',
          right: 0,
          top: 4,
          display: 'flex',
          flexDirection: 'column',
          gap: 6,
          zIndex: 5,
          alignItems: 'flex-end',
        }}
      >
        <button
          className="button small"
          disabled={kitchen.doing !== null || plan.placements.length === 0}
          onClick={() => void kitchen.lay(plan, null, plan.seed)}
        >
          {elements.length === 0 ? 'Lay it' : 'Lay it again, keep pins'}
        </button>
      </div>
      {picked && surface && (
        <TagCard plan={plan} surface={surface} element={picked} onSwap={() => setSwap(true)} />
      )}
      {picked && swap && (
        <SwapDialog plan={plan} componentId={picked.componentId} onClose={() => setSwap(false)} />
      )}
    </Frame>
  );
}

const GROUPS = [
  ['Bowls and large cheeses', (e: LaidElement) => e.layer === 4],
  ['Runs and fans', (e: LaidElement) => e.layer === 1],
  ['Heaps', (e: LaidElement) => e.layer === 2],
  ['Herbs', (e: LaidElement) => e.layer === 6],
] as const;

function LayShelf({
  plan,
  surface,
  elements,
  picked,
  onPick,
}: {
  plan: Plan;
  surface: Surface | undefined;
  elements: readonly LaidElement[];
  picked: string | null;
  onPick: (id: string) => void;
}) {
  const larder = planLarder(plan);
  return (
    <>
      <h2 style={{ marginTop: 0 }}>Laid in this order</h2>
      {GROUPS.map(([name, test]) => {
        const list = elements.filter(test);
        if (list.length === 0) return null;
        return (
          <details key={name} open={name === GROUPS[0][0]}>
            <summary className="plank-head" style={{ cursor: 'pointer', padding: '4px 0' }}>
              {name}
              <span>{list.length}</span>
            </summary>
            <div className="plank-items">
              {list.map((e) => {
                const c = larder.get(e.componentId);
                if (!c) return null;
                return (
                  <button
                    key={e.id}
                    className="plank-item"
                    aria-pressed={picked === e.id}
                    onClick={() => onPick(e.id)}
                  >
                    <img src={portraitUrl(c)} alt="" />
                    <span className="price-tag">
                      {c.name.split(',')[0]}
                      <small>
                        {e.pinned
                          ? 'pinned'
                          : e.pieces.length > 1
                            ? `${e.pieces.length} pieces`
                            : formName(e.form)}
                      </small>
                    </span>
                  </button>
                );
              })}
            </div>
          </details>
        );
      })}
      <h2>Take it away</h2>
      <div className="row" style={{ gap: 6 }}>
        <button className="button quiet small" onClick={() => exportPlan(plan)}>
          Plan
        </button>
        <button className="button quiet small" onClick={() => exportShopping(plan)}>
          Shopping list
        </button>
        {surface && (
          <>
            <button className="button quiet small" onClick={() => exportSvg(plan, surface)}>
              SVG
            </button>
            <button
              className="button quiet small"
              onClick={() => void exportPng(plan, surface).catch((e: unknown) => toast.error(String(e)))}
            >
              PNG
            </button>
          </>
        )}
        <Link className="button quiet small" to={`/plan/${plan.id}/sheet`}>
          Sheet to print
        </Link>
      </div>
    </>
  );
}

interface Drag {
  id: string;
  startX: number;
  startY: number;
  dx: number;
  dy: number;
}

const path = (e: LaidElement): string => `M${e.outline.map(([x, y]) => `${x} ${y}`).join('L')}Z`;

/** Each element can be picked, dragged, moved and turned by keys; picks with paper flags mark the picked one. */
function Handles({
  surface,
  elements,
  picked,
  onPick,
  plan,
}: {
  surface: Surface;
  elements: readonly LaidElement[];
  picked: LaidElement | undefined;
  onPick: (id: string | null) => void;
  plan: Plan;
}) {
  const edit = useSession((s) => s.edit);
  const [drag, setDrag] = useState<Drag | null>(null);
  const svg = useRef<SVGGElement>(null);
  const scale = boardScale(surface, BOARD_R);
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
  const toMm = (px: number): number => {
    const box = svg.current?.ownerSVGElement?.getScreenCTM();
    return px / ((box?.a ?? 1) * scale);
  };
  const ordered = [...elements].sort((a, b) => a.layer - b.layer);
  return (
    <g ref={svg} transform={`scale(${scale})`} className="overlay">
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
            stroke={on ? '#fdfdf9' : 'transparent'}
            strokeWidth={on ? 3 / scale : 1}
            strokeDasharray={on ? `${7 / scale} ${5 / scale}` : undefined}
            style={{ cursor: 'grab', touchAction: 'none' }}
            role="button"
            tabIndex={0}
            aria-label={`${name}${e.pinned ? ', pinned' : ''}. Arrows move it, Shift and arrows turn it, P pins it`}
            aria-pressed={on}
            data-element={e.id}
            onPointerDown={(ev) => {
              ev.currentTarget.setPointerCapture(ev.pointerId);
              onPick(e.id);
              setDrag({ id: e.id, startX: ev.clientX, startY: ev.clientY, dx: 0, dy: 0 });
            }}
            onPointerMove={(ev) =>
              drag?.id === e.id &&
              setDrag({ ...drag, dx: toMm(ev.clientX - drag.startX), dy: toMm(ev.clientY - drag.startY) })
            }
            onPointerUp={() => {
              if (drag && Math.hypot(drag.dx, drag.dy) > 2) move(e, drag.dx, drag.dy);
              setDrag(null);
            }}
            onPointerCancel={() => setDrag(null)}
            onFocus={() => onPick(e.id)}
            onKeyDown={(ev) => {
              const step = 5;
              const way = {
                ArrowLeft: [-step, 0],
                ArrowRight: [step, 0],
                ArrowUp: [0, -step],
                ArrowDown: [0, step],
              }[ev.key];
              if (way) {
                ev.preventDefault();
                if (ev.shiftKey) move(e, 0, 0, (way[0]! + way[1]!) * 3);
                else move(e, way[0]!, way[1]!);
              } else if (ev.key.toLowerCase() === 'p')
                edit({ name: 'pin-element', surfaceId: surface.id, elementId: e.id, on: !e.pinned });
              else if (ev.key === 'Escape') onPick(null);
            }}
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
      <ellipse cy="1" rx="4" ry="1.8" fill="#1a2040" opacity=".35" />
      <path d="M0 0L5-37" stroke="#5d4120" strokeWidth="3.4" strokeLinecap="round" />
      <path d="M0 0L5-37" stroke="#e6c998" strokeWidth="1.8" strokeLinecap="round" />
      <path
        d="M5-37L36-34L31.5-26L35-18L2.5-20Z"
        fill={pinned ? '#8a1a50' : '#fffefa'}
        stroke="#1a2040"
        strokeWidth="1.1"
        strokeLinejoin="round"
      />
    </g>
  );
}

/** The picked food's luggage tag: what it is, and what can be done with it. */
function TagCard({
  plan,
  surface,
  element: e,
  onSwap,
}: {
  plan: Plan;
  surface: Surface;
  element: LaidElement;
  onSwap: () => void;
}) {
  const edit = useSession((s) => s.edit);
  const units = useSettings((s) => s.units);
  const card = useRef<HTMLDivElement>(null);
  const c = planLarder(plan).get(e.componentId);
  const fact = c?.forms.find((f) => f.form === e.form);
  const lots = plan.placements.filter((p) => p.componentId === e.componentId && p.surfaceId === surface.id);
  const mass = lots.filter((p) => p.lot === 0).reduce((n, p) => n + p.massG, 0);
  const turn = (by: number): void =>
    edit({
      name: 'move-element',
      surfaceId: surface.id,
      elementId: e.id,
      x: e.x,
      y: e.y,
      angle: (e.angle + by) % 360,
    });
  useEffect(() => card.current?.scrollIntoView?.({ block: 'nearest' }), [e.id]);
  if (!c) return null;
  return (
    <div className="tag-card" ref={card} role="region" aria-label={`Tag of ${c.name}`}>
      <h2>{c.name}</h2>
      <table>
        <tbody>
          <tr>
            <td>At opening</td>
            <td>{formatMass(mass, units)}</td>
          </tr>
          <tr>
            <td>Form</td>
            <td>{e.bowlMm !== null ? `bowl Ø ${formatLength(e.bowlMm * 2, units)}` : formName(e.form)}</td>
          </tr>
          <tr>
            <td>Here</td>
            <td>
              {FORMS[e.form].lies === 'alone'
                ? 'one'
                : `${e.pieces.length} pieces${fact ? `, ${formatMass(e.pieces.length * fact.pieceG, units)}` : ''}`}
            </td>
          </tr>
          <tr>
            <td>Lots</td>
            <td>{new Set(lots.map((p) => p.lot)).size}</td>
          </tr>
          <tr>
            <td>Share of the ground</td>
            <td>{Math.round((100 * polygonArea(e)) / 100 / surfaceAreaCm2(surface))} %</td>
          </tr>
        </tbody>
      </table>
      <div className="row" style={{ marginTop: 8, gap: 4 }}>
        <button
          className="button small"
          aria-pressed={e.pinned}
          onClick={() => edit({ name: 'pin-element', surfaceId: surface.id, elementId: e.id, on: !e.pinned })}
        >
          {e.pinned ? <PinOff size={15} /> : <Pin size={15} />} {e.pinned ? 'Let go' : 'Pin'}
        </button>
        <button className="button quiet small" aria-label="Turn left" onClick={() => turn(-15)}>
          <RotateCcw size={15} />
        </button>
        <button className="button quiet small" aria-label="Turn right" onClick={() => turn(15)}>
          <RotateCw size={15} />
        </button>
        <button className="button quiet small" aria-label="Swap it" onClick={onSwap}>
          <Repeat size={15} />
        </button>
      </div>
    </div>
  );
}

function polygonArea(e: LaidElement): number {
  let sum = 0;
  e.outline.forEach(([x1, y1], i) => {
    const [x2, y2] = e.outline[(i + 1) % e.outline.length]!;
    sum += x1 * y2 - x2 * y1;
  });
  return Math.abs(sum) / 2;
}
