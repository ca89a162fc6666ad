import { formatArea, formatLength, formatMass, type UnitSystem } from '../../../core/measure/index.js';
import { outlinePolygon, outlineSize, type Plan, type Surface } from '../../../core/plan/index.js';
import { laidGroundCm2, outlineSaid, surfaceAreaCm2 } from '../../../core/portion/index.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { useSpeech } from '../../store/useSpeech.js';
import { speak } from '../../../core/words/index.js';
import { pressable } from '../../ui/press.js';
import { surfaceName } from '../../plate/surface-name.js';
import { t } from '../../words/index.js';

export const sizeWords = (outline: Surface['outline'], units: UnitSystem): string =>
  outline.kind === 'round'
    ? `Ø ${formatLength(outline.diameterMm, units)}`
    : `${formatLength(outline.lengthMm, units)} × ${formatLength(outline.widthMm, units)}`;

/** Share of the table's middle that the surfaces take together. */
const TABLE_SHARE = 0.38;
const TABLE_R = 205;
const MOST_SCALE = 0.42;

/** Beneath a small surface stand its name and its mass. */
const [NAME_PX, WORDS_PX] = [96, 34];
const isSmall = (length: number, width: number): boolean => Math.min(length, width) < 96;

interface Spot {
  surface: Surface;
  x: number;
  y: number;
  length: number;
  width: number;
}

/** Rows on the table, largest first, to scale with each other. Pixels of the plate's drawing. */
export function spotsOf(surfaces: readonly Surface[]): { spots: Spot[]; scale: number } {
  const total = surfaces.reduce(
    (sum, surface) => sum + outlineSize(surface.outline)[0] * outlineSize(surface.outline)[1],
    0,
  );
  const scale = Math.min(MOST_SCALE, Math.sqrt((Math.PI * TABLE_R ** 2 * TABLE_SHARE) / Math.max(1, total)));
  const order = [...surfaces].sort(
    (a, b) =>
      outlineSize(b.outline)[0] * outlineSize(b.outline)[1] -
      outlineSize(a.outline)[0] * outlineSize(a.outline)[1],
  );
  let [x, y, row] = [-180, -158, 0];
  const spots = order.map((surface) => {
    const [length, width] = outlineSize(surface.outline).map((mm) => mm * scale) as [number, number];
    // a small one has its words beneath it
    const [across, down] = isSmall(length, width)
      ? [Math.max(length, NAME_PX), width + WORDS_PX]
      : [length, width];
    if (x + across > 190 && x > -180) [x, y, row] = [-150, y + row + 12, 0];
    const spot = { surface, x: x + across / 2, y: y + width / 2, length, width };
    x += across + 12;
    row = Math.max(row, down);
    return spot;
  });
  return { spots, scale };
}

/** The surfaces on the table, and a place for another one. */
export function TableSurfaces({ plan, onPick }: { plan: Plan; onPick: (surface: Surface) => void }) {
  const { spots, scale } = spotsOf(plan.surfaces);
  const add = useAddSurface(plan);
  return (
    <>
      {spots.map((spot) => (
        <OneSurface
          key={spot.surface.id}
          plan={plan}
          spot={spot}
          scale={scale}
          onPick={() => onPick(spot.surface)}
        />
      ))}
      <g {...pressable(t('Add a surface'), add)} transform="translate(150 96)">
        <circle r="17" fill="var(--china)" stroke="var(--enamel)" strokeWidth="2" strokeDasharray="4 4" />
        <path d="M-7 0H7M0-7V7" stroke="var(--beet)" strokeWidth="2.6" strokeLinecap="round" />
      </g>
    </>
  );
}

function OneSurface({
  plan,
  spot: { surface, x, y, length, width },
  scale,
  onPick,
}: {
  plan: Plan;
  spot: Spot;
  scale: number;
  onPick: () => void;
}) {
  const speech = useSpeech();
  const wood = surface.material === 'oak' || surface.material === 'walnut';
  const small = isSmall(length, width);
  return (
    <g
      {...pressable(
        t('{name}, {outline}. Change', {
          name: surfaceName(surface),
          outline: speak(outlineSaid(surface.outline), speech),
        }),
        onPick,
      )}
      transform={`translate(${x.toFixed(1)} ${y.toFixed(1)})`}
    >
      <path
        d={`M${outlinePolygon(surface.outline, 0, scale)
          .map(([px, py]) => `${px.toFixed(1)} ${py.toFixed(1)}`)
          .join('L')}Z`}
        fill={wood ? 'var(--oak)' : 'var(--china)'}
        stroke={wood ? 'var(--oak-edge)' : 'var(--enamel)'}
        strokeWidth={small ? 3 : 6}
      />
      {small ? (
        <WordsBeneath plan={plan} surface={surface} y={width / 2} />
      ) : (
        <SurfaceWords plan={plan} surface={surface} low={width < 130} />
      )}
    </g>
  );
}

/** Name, size, mass, and what it is kept free from or how full it is. */
function SurfaceWords({ plan, surface, low }: { plan: Plan; surface: Surface; low: boolean }) {
  const units = useSettings((settings) => settings.units);
  const mass = massOn(plan, surface);
  const ground = laidGroundCm2(plan, surface);
  // a low surface carries four lines of words: they sit a little higher
  const lift = low ? 16 : 0;
  const line = (dy: number, text: string, size: number, weight: number, display: boolean) => (
    <text
      {...(display ? { className: 'display' } : {})}
      y={dy - lift}
      textAnchor="middle"
      fontSize={size}
      fontWeight={weight}
      fill={display ? 'var(--ink)' : 'var(--ink)'}
    >
      {text}
    </text>
  );
  const free = t('no {foods}{more}', {
    foods: surface.freeFrom.slice(0, 3).join(', '),
    more: surface.freeFrom.length > 3 ? ' …' : '',
  });
  return (
    <>
      {line(-8, surfaceName(surface), 18, 800, true)}
      {line(10, sizeWords(surface.outline, units), 13.5, 500, false)}
      {line(
        34,
        mass > 0 ? formatMass(mass, units) : formatArea(surfaceAreaCm2(surface), units),
        19,
        900,
        true,
      )}
      {surface.freeFrom.length > 0
        ? line(52, free, 13, 500, false)
        : ground > 0 &&
          line(
            52,
            t('{share} % full at opening', { share: Math.round((100 * ground) / surfaceAreaCm2(surface)) }),
            13,
            500,
            false,
          )}
    </>
  );
}

const massOn = (plan: Plan, { id }: Surface): number =>
  plan.placements
    .filter((placement) => placement.surfaceId === id)
    .reduce((sum, placement) => sum + placement.massG, 0);

/** Letters of a name that stand beneath a small surface. */
const MOST_LETTERS = 17;

/** The name of a small surface, and its mass, or its size as long as nothing lies on it. */
function WordsBeneath({ plan, surface, y }: { plan: Plan; surface: Surface; y: number }) {
  const units = useSettings((settings) => settings.units);
  const { outline } = surface;
  const name = surfaceName(surface);
  const mass = massOn(plan, surface);
  return (
    <text className="font-display" textAnchor="middle" fontSize="12" fontWeight="800" fill="var(--ink)">
      <tspan x="0" y={y + 15}>
        {name.length > MOST_LETTERS ? `${name.slice(0, MOST_LETTERS - 1).trim()}…` : name}
      </tspan>
      <tspan x="0" y={y + 29}>
        {mass > 0 ? formatMass(mass, units) : sizeWords(outline, units)}
      </tspan>
    </text>
  );
}

function useAddSurface(plan: Plan): () => void {
  const edit = useSession((session) => session.edit);
  return () => {
    let n = plan.surfaces.length + 1;
    while (plan.surfaces.some((surface) => surface.id === `surface-${n}`)) n++;
    edit({
      name: 'set-surface',
      surface: {
        id: `surface-${n}` as Surface['id'],
        name: t('Board {n}', { n }),
        outline: { kind: 'round', diameterMm: 300 },
        rimMm: 10,
        material: 'oak',
        serves: null,
        freeFrom: [],
        smallHands: true,
      },
    });
  };
}
