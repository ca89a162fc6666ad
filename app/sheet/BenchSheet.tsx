import { useMemo } from 'react';
import type { Component } from '../../core/catalogue/index.js';
import { formatFineLength, formatMass } from '../../core/measure/index.js';
import { planLarder, type Cut, type Plan } from '../../core/plan/index.js';
import {
  boundsOf,
  heightOf,
  needOfCut,
  pressOrder,
  sideBySide,
  sliceFrom,
  tasksOfCut,
  widthOf,
  type CutTask,
} from '../../core/shape/index.js';
import type { StationView } from '../stations/station.js';
import { numberAt, pathOf } from '../stations/shape/drawn.js';
import { useSettings } from '../store/settings.js';
import { saveAs } from '../exports/save.js';
import { Button } from '../ui/kit/Button.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';
import { t, word } from '../words/index.js';

const TASK_WORDS: Record<CutTask['id'], string> = {
  slice: t('slice it, straight and even, with wire or a thin blade'),
  chill: t('chill the slices'),
  press: t('press the cutters in this order, push the pieces out with a stick'),
  offcuts: t('put the offcuts to their use'),
  wash: t('wash cutters and board'),
};

/** What is done on the bench, in true size: the slice with its cuts numbered, the cutters as stencils, the work in its order. */
export function BenchSheet({ plan }: StationView) {
  const larder = useMemo(() => planLarder(plan), [plan]);
  const made = plan.recipes.filter((recipe) => recipe.serves);
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/shape`} words={t('Back to the bench')}>
        <Button look="quiet" onClick={() => void saveAs('life-size', plan)}>
          {t('Save it in true size (PDF)')}
        </Button>
      </PrintBar>
      <h1>{t('{name}: the bench', { name: plan.occasion.name })}</h1>
      {plan.cuts.length === 0 && made.length === 0 && (
        <p>{t('Nothing is on the bench yet: cut, open or fill something there, and it stands here.')}</p>
      )}
      {plan.cuts.length > 0 && <Scale />}
      {plan.cuts.map((cut) => {
        const component = larder.get(cut.componentId);
        return component && <CutPart key={cut.componentId} plan={plan} cut={cut} component={component} />;
      })}
      {made.map((recipe) => (
        <section key={recipe.id} className="break-inside-avoid">
          <h2>{recipe.name}</h2>
          <p>{recipe.steps}</p>
          <p>
            {t('{hands, number} min by hand, {wait, number} min waiting.', {
              hands: recipe.handsMin,
              wait: recipe.waitMin,
            })}
          </p>
        </section>
      ))}
      <p>
        <i>
          {t(
            'Hot cheese and sugar burn; no plastic on heat; free-from food first, with its own cutters and board. Local rules decide.',
          )}
        </i>
      </p>
    </PrintPage>
  );
}

const BAR_MM = 100;

/** Whether the printer has kept the size. */
function Scale() {
  return (
    <p className="flex items-center gap-3">
      <svg width={`${BAR_MM + 2}mm`} height="5mm" viewBox={`-1 0 ${BAR_MM + 2} 5`} aria-hidden="true">
        <path
          d={`M0 0.5V4.5M0 2.5H${BAR_MM}M${BAR_MM} 0.5V4.5`}
          stroke="var(--ink)"
          strokeWidth="0.4"
          fill="none"
        />
      </svg>
      {t('100 mm: print at 100 %, or the drawings are not in their true size.')}
    </p>
  );
}

function CutPart({ plan, cut, component }: { plan: Plan; cut: Cut; component: Component }) {
  const units = useSettings((settings) => settings.units);
  const need = needOfCut(component, cut, plan);
  return (
    <section>
      <h2>{component.name}</h2>
      <p>
        {t(
          '{slices, plural, one {# slice} other {# slices}}, {thick} thick, {mass} each: {pieces, number} pieces and {spares, number} spare, {perSlice, number} a slice. {left} of offcuts.',
          {
            slices: need.slices,
            thick: formatFineLength(cut.thicknessMm, units),
            mass: formatMass(need.sliceG, units),
            pieces: need.pieces,
            spares: need.spares,
            perSlice: need.perSlice,
            left: formatMass(need.leftG, units),
          },
        )}
      </p>
      <div className="flex flex-wrap items-start gap-6">
        <SliceInSize cut={cut} />
        <Stencils cut={cut} />
      </div>
      <ol className="list-decimal pl-6">
        {tasksOfCut(cut, need).map(({ id, handsMin, waitMin }) => (
          <li key={id}>
            {TASK_WORDS[id]}
            {', '}
            {waitMin > 0
              ? t('{minutes, number} min waiting', { minutes: waitMin })
              : t('{minutes, number} min', { minutes: Math.max(1, Math.round(handsMin)) })}
          </li>
        ))}
      </ol>
    </section>
  );
}

const EDGE_MM = 1;

function SliceInSize({ cut }: { cut: Cut }) {
  const slice = useMemo(() => sliceFrom(cut.slice), [cut.slice]);
  const { left, bottom, top, right } = boundsOf(slice.outer);
  const [w, h] = [right - left + 2 * EDGE_MM, bottom - top + 2 * EDGE_MM];
  const across = Math.max(...cut.cutters.map(({ acrossMm }) => acrossMm));
  const order = pressOrder(cut.pieces, across);
  return (
    <svg
      className="break-inside-avoid"
      width={`${w}mm`}
      height={`${h}mm`}
      viewBox={`${left - EDGE_MM} ${-bottom - EDGE_MM} ${w} ${h}`}
      role="img"
      aria-label={t('The slice with its cuts, true size')}
    >
      <g fill="none" stroke="var(--ink)" strokeWidth="0.3">
        {[slice.outer, ...slice.holes].map((loop, i) => (
          <path key={i} d={pathOf(loop)} />
        ))}
      </g>
      {cut.pieces.map(({ cutter, x, y, angle }, i) => {
        const { outline } = cut.cutters[cutter]!;
        const [nx, ny] = numberAt(outline);
        const a = (-angle * Math.PI) / 180;
        return (
          <g key={i} transform={`translate(${x} ${-y})`}>
            <path
              d={pathOf(outline)}
              transform={`rotate(${-angle})`}
              fill="var(--runner)"
              stroke="var(--ink)"
              strokeWidth="0.25"
            />
            <text
              x={nx * Math.cos(a) - ny * Math.sin(a)}
              y={nx * Math.sin(a) + ny * Math.cos(a) + 1.2}
              fontSize="3.6"
              textAnchor="middle"
              fill="var(--ink)"
            >
              {order.indexOf(i) + 1}
            </text>
          </g>
        );
      })}
    </svg>
  );
}

const STENCIL_GAP_MM = 5;

function Stencils({ cut }: { cut: Cut }) {
  const outlines = sideBySide(
    cut.cutters.map(({ outline }) => outline),
    STENCIL_GAP_MM,
  );
  const bounds = boundsOf(outlines.flat());
  const [w, h] = [widthOf(bounds) + 2 * EDGE_MM, heightOf(bounds) + 2 * EDGE_MM];
  return (
    <figure className="m-0 break-inside-avoid">
      <svg
        width={`${w}mm`}
        height={`${h}mm`}
        viewBox={`${bounds.left - EDGE_MM} ${-bounds.bottom - EDGE_MM} ${w} ${h}`}
        aria-hidden="true"
      >
        {outlines.map((outline, i) => (
          <path key={i} d={pathOf(outline)} fill="none" stroke="var(--ink)" strokeWidth="0.4" />
        ))}
      </svg>
      <figcaption>{cut.cutters.map(({ name }) => word(name)).join(', ')}</figcaption>
    </figure>
  );
}
