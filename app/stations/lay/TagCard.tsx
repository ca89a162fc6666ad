import { Pin, PinOff, Repeat, RotateCcw, RotateCw } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { FORMS, formName } from '../../../core/catalogue/index.js';
import { formatLength, formatMass } from '../../../core/measure/index.js';
import { planLarder, type LaidElement, type Plan, type Surface } from '../../../core/plan/index.js';
import { surfaceAreaCm2 } from '../../../core/portion/index.js';
import { areaOf } from '../../../core/shape/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';

/** The picked food's luggage tag: what it is, and what can be done with it. */
export function TagCard({
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
  useEffect(() => {
    // braces: newer browsers return a promise here, which must not be taken for a clean-up
    card.current?.scrollIntoView({ block: 'nearest' });
  }, [e.id]);
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
            <td>{Math.round((100 * areaOf(e.outline)) / 100 / surfaceAreaCm2(surface))} %</td>
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
