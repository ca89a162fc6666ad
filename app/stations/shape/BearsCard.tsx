import { formatFineLength, shortName } from '../../../core/measure/index.js';
import { areaOf } from '../../../core/geometry/index.js';
import { benchNeck, bodyOf, LEAST_NECK_MM, resized, survives, type Body } from '../../../core/shape/index.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { t } from '../../words/index.js';
import { pathOf } from './drawn.js';
import type { Bench } from './useOnBench.js';

const MOST_MM = 60;
const LENGTH = 96;
/** Shapes are cut from 5 to 7 mm; what is sliced for sandwiches is doubled (craft, section 8). */
const THIN_MM = 4;

/** How each kind of food takes a cutter, on the line of the least neck that holds. */
const BODY_WORDS: Record<Body, string> = {
  firm: t('firm'),
  crisp: t('crisp'),
  'semi-soft': t('soft'),
  bread: t('bread'),
  meat: t('meat'),
};

/** The tag of a cutter: its narrowest place lit, and whether this food bears it. */
export function BearsCard({ bench, cutter: at }: { bench: Bench; cutter: number }) {
  const units = useSettings((settings) => settings.units);
  const { component, shown, bend } = bench;
  const cutter = shown.cutters[at] ?? shown.cutters[0]!;
  const neck = benchNeck(cutter.outline);
  const { verdict, needsMm, larger } = survives(neck, component.id);
  const size = Math.ceil(cutter.acrossMm * (larger ?? 1) + 0.05);
  const food = shortName(component.name);
  const grow = (): void =>
    bend({ cutters: shown.cutters.map((other) => (other === cutter ? resized(other, size) : other)) });
  return (
    <div
      className="on-paper edge-tag absolute -right-51 bottom-4 z-6 w-58 bg-card py-3 pr-3.5 pl-5.5 max-xl:-right-73 max-xl:w-68 max-md:static max-md:w-full stepped:invisible"
      role="region"
      aria-label={t('Will it hold')}
    >
      <h2 className="m-0 mb-1 text-lg/[1.05] font-black">
        {verdict === 'holds'
          ? t('{food} bears it', { food })
          : verdict === 'breaks'
            ? t('It breaks in {food}', { food })
            : t('{food} is not cut so', { food })}
      </h2>
      <div className="flex items-center gap-2">
        <WeakPlace cutter={cutter} at={neck.at} neckMm={neck.neckMm} holds={verdict === 'holds'} />
        <p className="m-0 text-sm/[1.25]">
          <b className="block font-display text-xl/none font-black text-beet-ink">
            {formatFineLength(Math.round(neck.neckMm * 10) / 10, units)}
          </b>
          {t('at its narrowest')}
          {needsMm !== undefined && t(', needs {least}', { least: formatFineLength(needsMm, units) })}
          <br />
          {t('{area} cm², {thick} thick', {
            area: (areaOf(cutter.outline) / 100).toFixed(1),
            thick: formatFineLength(shown.thicknessMm, units),
          })}
        </p>
      </div>
      {adviceOn(survives(neck, component.id), bodyOf(component.id), shown.thicknessMm).map((words) => (
        <p key={words} className="m-0 mt-1 text-sm">
          {words}
        </p>
      ))}
      {verdict === 'breaks' && size <= MOST_MM && (
        <Button size="small" className="mt-1.5" onClick={grow}>
          {t('Take it {size} wide', { size: formatFineLength(size, units) })}
        </Button>
      )}
      <NeckLine neckMm={neck.neckMm} body={bodyOf(component.id)} />
    </div>
  );
}

function adviceOn(
  { verdict, frailTip }: ReturnType<typeof survives>,
  body: string | undefined,
  thicknessMm: number,
): string[] {
  const isThin = thicknessMm < THIN_MM && body !== 'meat';
  return [
    ...(verdict === 'holds' && frailTip
      ? [t('Its tips are frail: chill the slices, push it out with a stick.')]
      : []),
    ...(verdict !== 'unfit' && isThin
      ? [t('Thin slices: for small flat motifs, or two on each other.')]
      : []),
    ...(verdict === 'unfit' ? [t('It crumbles or smears, or nobody has tried it: cut one first.')] : []),
  ];
}

function WeakPlace({
  cutter,
  at: [x, y],
  neckMm,
  holds,
}: {
  cutter: Bench['cut']['cutters'][number];
  at: readonly [number, number];
  neckMm: number;
  holds: boolean;
}) {
  const reach = Math.max(...cutter.outline.map(([px, py]) => Math.hypot(px, py)));
  const k = LENGTH / 2 / reach;
  return (
    <svg
      width={LENGTH}
      height={LENGTH}
      viewBox={`${-reach - 1} ${-reach - 1} ${2 * reach + 2} ${2 * reach + 2}`}
      className="flex-none"
      aria-hidden="true"
    >
      <path
        d={pathOf(cutter.outline)}
        fill="var(--runner)"
        stroke="var(--line)"
        strokeWidth={3 / k}
        strokeLinejoin="round"
      />
      <path
        d={pathOf(cutter.outline)}
        fill="none"
        stroke="var(--steel-pale)"
        strokeWidth={1.2 / k}
        strokeLinejoin="round"
      />
      <circle
        cx={x}
        cy={-y}
        r={Math.max(neckMm / 2, 2)}
        fill={holds ? 'var(--yolk)' : 'var(--tomato)'}
        opacity="0.6"
      />
      <circle
        cx={x}
        cy={-y}
        r={Math.max(neckMm / 2, 2) + 1.4}
        fill="none"
        stroke="var(--beet)"
        strokeWidth={1.6 / k}
      />
    </svg>
  );
}

const [FROM_MM, TO_MM] = [2, 8];

/** The least widths that hold, on a line of millimetres, and where this cutter stands on it. */
function NeckLine({ neckMm, body }: { neckMm: number; body: Body | undefined }) {
  const at = (mm: number): number =>
    ((Math.min(TO_MM, Math.max(FROM_MM, mm)) - FROM_MM) / (TO_MM - FROM_MM)) * 180 + 4;
  const words = (Object.keys(BODY_WORDS) as Body[]).filter((id) => id !== 'bread');
  return (
    <svg
      width="188"
      height="64"
      viewBox="0 0 188 64"
      className="mt-1"
      role="img"
      aria-label={t('The least width that holds, by kind of food')}
    >
      <path d="M4 42H184" stroke="var(--ink)" strokeWidth="1.4" />
      {[2, 3, 4, 5, 6, 7, 8].map((mm) => (
        <g key={mm}>
          <path d={`M${at(mm)} 42v5`} stroke="var(--ink)" strokeWidth="1.2" />
          <text x={at(mm)} y="60" textAnchor="middle" fontSize="13" fill="var(--soft)">
            {mm}
          </text>
        </g>
      ))}
      {words.map((id, i) => (
        <text
          key={id}
          x={at(LEAST_NECK_MM[id])}
          y={i % 2 === 0 ? 14 : 32}
          textAnchor="middle"
          fontSize="13"
          fontWeight={id === body ? '800' : '500'}
          fill={LEAST_NECK_MM[id] <= neckMm ? 'var(--ink)' : 'var(--beet-ink)'}
        >
          {BODY_WORDS[id]}
        </text>
      ))}
      <path d={`M${at(neckMm)} 4V46`} stroke="var(--beet)" strokeWidth="2.4" />
    </svg>
  );
}
