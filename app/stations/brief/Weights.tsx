import { formatMass } from '../../../core/measure/index.js';
import type { Plan } from '../../../core/plan/index.js';
import type { SchoolOffer } from '../../../core/portion/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { t, word } from '../../words/index.js';

/** The portion schools as weights of a scale, as heavy as what they give; the chosen one is gilded. */
export function Weights({ plan, offers }: { plan: Plan; offers: readonly SchoolOffer[] }) {
  const edit = useSession((session) => session.edit);
  const units = useSettings((settings) => settings.units);
  const ready = offers.filter((offer) => offer.ready);
  const most = Math.max(1, ...ready.map((offer) => offer.targets.totalG));
  return (
    <div className="flex items-end gap-0.5" role="group" aria-label={t('Portion schools')}>
      {ready.map((offer) => (
        <button
          key={offer.id}
          className="grid min-w-0 flex-1 justify-items-center pt-1 pb-1.5 text-center text-xs/[1.15] text-on-cloth aria-pressed:border-b-3 aria-pressed:border-yolk"
          aria-pressed={offer.chosen}
          onClick={() => plan.school !== offer.id && edit({ name: 'set-school', school: offer.id })}
        >
          <Brass share={Math.cbrt(offer.targets.totalG / most)} gilded={offer.chosen} />
          <span className="order-2">{word(offer.name)}</span>
          <b>
            {formatMass(offer.targets.totalG, units)}
            <span className="sr-only"> {t('in all')}</span>
          </b>
        </button>
      ))}
    </div>
  );
}

/** A weight with its knob: its volume goes with its mass, so its sides go with the cube root. */
function Brass({ share, gilded }: { share: number; gilded: boolean }) {
  const k = Math.max(0.45, share);
  const [w, h] = [20 * k, 30 * k];
  const [body, edge, light] = gilded
    ? ['var(--yolk)', '#8a5f10', '#fbe2a0']
    : ['#b9a98a', '#6d6146', '#e0d6bf'];
  return (
    <svg viewBox="-24 -50 48 52" width="48" height="52" aria-hidden="true">
      <ellipse cx="1" cy="0" rx={w} ry="2.4" fill="var(--ink)" opacity="0.25" />
      <path
        d={`M${-w} 0V${-h + 4}Q${-w} ${-h} ${-w + 4} ${-h}H${-w * 0.3}L${-w * 0.24} ${-h - 5 * k}H${w * 0.24}L${w * 0.3} ${-h}H${w - 4}Q${w} ${-h} ${w} ${-h + 4}V0Z`}
        fill={body}
        stroke={edge}
        strokeWidth="1.4"
      />
      <ellipse cy={-h - 8 * k} rx={7 * k} ry={5.5 * k} fill={body} stroke={edge} strokeWidth="1.4" />
      <path d={`M${-w * 0.7} ${-h + 6}V-5`} stroke={light} strokeWidth="2.4" strokeLinecap="round" />
    </svg>
  );
}
