import { surfaceSize } from '../../core/picture/index.js';
import { moduleKey, planLarder, type Plan, type Surface } from '../../core/plan/index.js';
import { BareSurface } from './BareSurface.js';
import { isLong } from './Stage.js';
import { t } from '../words/index.js';

/** Beside a round plate there is room for so many in its corner; more are named on the shelf alone. */
const MOST_IN_THE_CORNER = 5;

/** The parts of one table side by side, as they stand, the one that is looked at lifted; a press looks at another one. */
export function TableStrip({
  plan,
  surface,
  onPick,
}: {
  plan: Plan;
  surface: Surface | undefined;
  onPick: (id: Surface['id']) => void;
}) {
  if (!surface) return null;
  const parts = plan.surfaces.filter((other) => moduleKey(other) === moduleKey(surface));
  const long = isLong(surface);
  if (parts.length < 2 || (!long && parts.length > MOST_IN_THE_CORNER)) return null;
  return (
    <div
      role="group"
      aria-label={t('The parts of the table side by side')}
      className={`absolute z-4 flex gap-0.5 max-md:hidden stepped:invisible ${
        long ? 'top-12 left-1/2 w-[84%] max-w-140 -translate-x-1/2 justify-center' : 'top-1.5 left-0 w-43'
      }`}
    >
      {parts.map((part) => (
        <button
          key={part.id}
          className={`${long ? 'max-w-37' : 'max-w-13'} min-w-0 flex-1 border-0 bg-transparent p-0 brightness-95 saturate-[.6] hover:saturate-100 aria-pressed:-translate-y-1.5 aria-pressed:brightness-100 aria-pressed:saturate-100`}
          aria-label={t('Look at {name}', { name: part.name })}
          aria-pressed={part.id === surface.id}
          onClick={() => onPick(part.id)}
        >
          <Part plan={plan} surface={part} />
        </button>
      ))}
    </div>
  );
}

/** One part, small: each piece in the colour of its food. */
function Part({ plan, surface }: { plan: Plan; surface: Surface }) {
  const larder = planLarder(plan);
  const [length, width] = surfaceSize(surface);
  const elements = plan.layout.find((layer) => layer.surfaceId === surface.id)?.elements ?? [];
  return (
    <svg
      viewBox={`${-length / 2 - 6} ${-width / 2 - 6} ${length + 12} ${width + 12}`}
      aria-hidden="true"
      className="block w-full drop-shadow-glyph"
    >
      <BareSurface surface={surface} edge={6} />
      {elements.map((element) => (
        <path
          key={element.id}
          d={`M${element.outline.map(([x, y]) => `${x} ${y}`).join('L')}Z`}
          fill={larder.get(element.componentId)?.colours[0] ?? 'var(--china)'}
        />
      ))}
    </svg>
  );
}
