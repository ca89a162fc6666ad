import { useMemo } from 'react';
import { useShallow } from 'zustand/react/shallow';
import { layCutOuts, smallChildrenWithin } from '../../../core/board/index.js';
import { formatMass } from '../../../core/measure/index.js';
import { guestsIn } from '../../../core/party/index.js';
import type { Plan } from '../../../core/plan/index.js';
import { boundsOf, heightOf, sliceFrom, widthOf } from '../../../core/shape/index.js';
import { useBench } from '../../store/bench.js';
import { useSession } from '../../store/session.js';
import { useSettings } from '../../store/settings.js';
import { Button } from '../../ui/kit/Button.js';
import { NumberField } from '../../ui/kit/NumberField.js';
import { OpenWord } from '../../ui/kit/Popover.js';
import { t } from '../../words/index.js';
import { pathOf } from './drawn.js';
import { useLayIn } from './useLayIn.js';
import { OffcutUse } from './OffcutUse.js';
import { pickFood, type Bench } from './useOnBench.js';

const MOST = 5000;

/** How many a slice gives, how many are wanted, how many slices that takes; and the way onto the board. */
export function Count({ plan, bench }: { plan: Plan; bench: Bench }) {
  const { figures } = bench;
  return (
    <div className="on-paper absolute top-[64%] left-1/2 z-3 w-110 max-w-full -translate-x-1/2 text-center text-ink max-md:static max-md:mx-auto max-md:mb-4 max-md:translate-x-0 stepped:invisible">
      <p className="m-0 font-display text-2xl/[1.05] font-black" role="status" aria-live="polite">
        {figures.perSlice === 0
          ? bench.nested?.over
            ? t('Nothing fits on this slice')
            : t('Pressing …')
          : t('{n, number} a slice', { n: figures.perSlice })}
      </p>
      <Pressing bench={bench} />
      {figures.perSlice > 0 && <Wanted plan={plan} bench={bench} />}
    </div>
  );
}

/** A better packing is looked for: it can be left at what there is. */
function Pressing({ bench }: { bench: Bench }) {
  const { pressing, stop } = useBench(
    useShallow((state) => ({ pressing: state.pressing !== null, stop: state.stop })),
  );
  const pins = bench.shown.pieces.filter(({ locked }) => locked).length;
  if (!pressing || !bench.nested)
    return pins === 0 ? null : (
      <p className="m-0 text-sm">
        {t('{pins, plural, one {# is pinned} other {# are pinned}} by hand.', { pins })}{' '}
        <Button look="link" onClick={() => bench.keep({ ...bench.shown, pieces: [] })}>
          {t('Free the pins')}
        </Button>
      </p>
    );
  const { share, bound } = bench.nested;
  return (
    <p className="m-0 mt-0.5 flex items-center justify-center gap-2 text-sm">
      <span>
        {t('Looking for more: {share, number} %, at most {bound, number} by area', {
          share: Math.min(99, Math.round(share * 100)),
          bound,
        })}
      </span>
      <Button look="link" onClick={stop}>
        {t('Press it so')}
      </Button>
    </p>
  );
}

function Wanted({ plan, bench }: { plan: Plan; bench: Bench }) {
  const units = useSettings((settings) => settings.units);
  const { need, wanted, shown } = bench;
  return (
    <>
      <p className="m-0 mt-1 text-base/[1.3]">
        <OpenWord
          word={t('{wanted, plural, one {# wanted} other {# wanted}}', { wanted })}
          label={t('Pieces wanted')}
        >
          <HowMany plan={plan} bench={bench} />
        </OpenWord>
        {need &&
          t(': {slices, plural, one {# slice} other {# slices}} of {mass}, {spares, number} spare', {
            slices: need.slices,
            mass: formatMass(need.sliceG, units),
            spares: need.spares,
          })}
      </p>
      {need && need.leftG > 0.5 && (
        <p className="m-0 text-sm text-soft">
          {LEFT[shown.offcuts](formatMass(need.leftG, units), formatMass(need.laidG, units))}
        </p>
      )}
      {need && need.leftG > 0.5 && <OffcutUse plan={plan} bench={bench} />}
      {need && <SlicesRow bench={bench} />}
      <ToTheBoard plan={plan} bench={bench} />
    </>
  );
}

/** So many slices are drawn; of more the rest is said. */
const DRAWN = 9;

/** The slices in small, each with what it gives; the last one with what is still wanted of it. */
function SlicesRow({ bench }: { bench: Bench }) {
  const { need, shown, figures, wanted, component } = bench;
  const slice = useMemo(() => sliceFrom(shown.slice).outer, [shown.slice]);
  const slices = need?.slices ?? 0;
  const bounds = boundsOf(slice);
  const half = Math.max(widthOf(bounds), heightOf(bounds)) / 2;
  return (
    <p className="m-0 mt-1 flex items-center justify-center gap-1" aria-hidden="true">
      {Array.from({ length: Math.min(slices, DRAWN) }, (_, i) => (
        <svg key={i} width="27" height="27" viewBox={`${-half} ${-half} ${2 * half} ${2 * half}`}>
          <path
            d={pathOf(slice)}
            fill={component.colours[0]}
            stroke={component.colours[1]}
            strokeWidth={half / 9}
          />
          <text
            y={half * 0.3}
            textAnchor="middle"
            fontSize={half * 0.86}
            fontWeight="800"
            className="font-display"
            fill="var(--ink)"
          >
            {Math.min(figures.perSlice, wanted - i * figures.perSlice)}
          </text>
        </svg>
      ))}
      {slices > DRAWN && <span className="text-sm">{t('and {n, number} more', { n: slices - DRAWN })}</span>}
    </p>
  );
}

/** What becomes of what is left over. */
const LEFT = {
  board: (left: string, laid: string) =>
    t('{left} of offcuts, {laid} of it laid beside them', { left, laid }),
  melted: (left: string) => t('{left} of offcuts to melt', { left }),
  crumbled: (left: string) => t('{left} of offcuts to crumble', { left }),
  dip: (left: string) => t('{left} of offcuts into a dip', { left }),
  waste: (left: string) => t('{left} of offcuts are lost', { left }),
} as const;

function HowMany({ plan, bench }: { plan: Plan; bench: Bench }) {
  const { wanted, want, figures, component, surfaceId } = bench;
  const grams = plan.placements
    .filter((placement) => placement.componentId === component.id && placement.surfaceId === surfaceId)
    .reduce((sum, { massG }) => sum + massG, 0);
  const all = Math.floor(grams / figures.pieceG);
  const guests = guestsIn(plan.party);
  const offers = [
    ...(all > 0 && all <= MOST ? [{ n: all, words: t('all that lies there: {all, number}', { all }) }] : []),
    ...(guests > 0
      ? [2, 3].map((each) => ({ n: each * guests, words: t('{each} for each guest', { each }) }))
      : []),
    ...component.packs.slice(0, 1).map(({ massG }) => {
      const n = Math.floor(massG / figures.sliceG) * figures.perSlice;
      return { n, words: t('what {massG} g give: {n, number}', { massG, n }) };
    }),
  ].filter(({ n }) => n > 0);
  return (
    <>
      <NumberField
        label={t('Pieces wanted')}
        value={wanted}
        min={1}
        max={MOST}
        onChange={(n) => Number.isInteger(n) && n >= 1 && n <= MOST && want(n)}
      />
      <div className="mt-2 flex flex-wrap gap-1.5">
        {offers.map(({ n, words }) => (
          <Button key={words} look="chip" onClick={() => want(n)}>
            {words}
          </Button>
        ))}
      </div>
    </>
  );
}

/** Puts the cut-outs where most of the food lies, and lays the board anew around what changed. */
function ToTheBoard({ plan, bench }: { plan: Plan; bench: Bench }) {
  const edit = useSession((session) => session.edit);
  const { layIn, busy: laying } = useLayIn(plan);
  const { shown, wanted, surfaceId, onBoards, isKept, nested } = bench;
  const surface = plan.surfaces.find(({ id }) => id === surfaceId)!;
  const busy = laying || (nested !== undefined && !nested.over);
  const lay = (): void => {
    pickFood(plan, shown.componentId);
    layIn(layCutOuts(plan, shown, wanted, surfaceId), surfaceId);
  };
  const small = smallChildrenWithin(plan, surface).length > 0;
  return (
    <>
      {small && (
        <p className="m-0 text-sm font-bold text-beet-ink">
          {t('Small children reach {surface}: cut-outs may choke them.', { surface: surface.name })}
        </p>
      )}
      <p className="m-0 mt-2 flex items-center justify-center gap-3">
        {onBoards === wanted && isKept ? (
          <span className="font-bold">{t('They lie on {surface}.', { surface: surface.name })}</span>
        ) : (
          <Button disabled={busy} onClick={lay}>
            {t('Lay {n, number} on {surface}', { n: wanted, surface: surface.name })}
          </Button>
        )}
        {isKept && (
          <Button look="link" onClick={() => edit({ name: 'remove-cut', componentId: shown.componentId })}>
            {t('Take it off the bench')}
          </Button>
        )}
      </p>
    </>
  );
}
