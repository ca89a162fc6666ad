import { useMemo } from 'react';
import { foodWords } from '../../core/exchange/paper/words.js';
import { pointOn, stagesOf, type Stage } from '../../core/lay/index.js';
import { surfaceSize, type DrawOptions } from '../../core/picture/index.js';
import type { Plan, Surface } from '../../core/plan/index.js';
import { speak } from '../../core/words/index.js';
import { saveAs } from '../exports/save.js';
import type { StationView } from '../stations/station.js';
import { useSpeech } from '../store/useSpeech.js';
import { Button } from '../ui/kit/Button.js';
import { useBoardUrl } from '../ui/pictures.js';
import { PrintBar } from './PrintBar.js';
import { PrintPage } from './PrintPage.js';
import { t } from '../words/index.js';

const MARGIN_MM = 14;
/** A number's disc, as a share of the surface's longer side. */
const NUMBER_SHARE = 0.021;

/** The board at each stage of laying, for a helper who has never seen it: what comes now in colour, what lies there pale. */
export function BuildSheet({ plan }: StationView) {
  const speech = useSpeech();
  const laid = plan.surfaces.filter((surface) => stagesOf(plan, surface).length > 0);
  return (
    <PrintPage>
      <PrintBar back={`/plan/${plan.id}/lay`} words={t('Back to the board')} />
      <h1>{t('{name}: laid step by step', { name: plan.occasion.name })}</h1>
      <p>{speak({ say: 'paper.care' }, speech)}</p>
      {laid.length === 0 && <p>{t('Nothing is laid yet: lay the board, and its steps stand here.')}</p>}
      {laid.map((surface) => (
        <section key={surface.id}>
          <h2>{surface.name}</h2>
          <p className="flex gap-2 print:hidden">
            <Button look="quiet" size="small" onClick={() => void saveAs('build', plan, surface.id)}>
              {t('Save the steps (PDF)')}
            </Button>
            <Button look="quiet" size="small" onClick={() => void saveAs('template', plan, surface.id)}>
              {t('Save a template in true size (PDF)')}
            </Button>
          </p>
          <Steps plan={plan} surface={surface} />
        </section>
      ))}
    </PrintPage>
  );
}

function Steps({ plan, surface }: { plan: Plan; surface: Surface }) {
  const speech = useSpeech();
  const stages = useMemo(() => stagesOf(plan, surface), [plan, surface]);
  return (
    <ol className="m-0 list-none p-0">
      {stages.map((stage, i) => (
        <li key={stage.id} className="mb-4 break-inside-avoid">
          <h3 className="mb-1 font-display text-lg font-extrabold">
            {i + 1}. {speak({ say: `paper.stage.${stage.id}` }, speech)}
          </h3>
          <div className="grid grid-cols-[1.3fr_1fr] items-start gap-4 max-md:grid-cols-1">
            <Step plan={plan} surface={surface} stages={stages.slice(0, i + 1)} />
            <ul className="m-0 list-none p-0">
              {stage.foods.map((food) => {
                const { name, how } = foodWords(food, speech);
                return (
                  <li key={food.number} className="mb-1">
                    <b>{name}</b>
                    <br />
                    {how}
                  </li>
                );
              })}
            </ul>
          </div>
        </li>
      ))}
    </ol>
  );
}

/** The surface as far as it is laid: the last stage in colour and numbered, the others pale. */
function Step({ plan, surface, stages }: { plan: Plan; surface: Surface; stages: readonly Stage[] }) {
  const now = stages.at(-1)!;
  const [drawn, options] = useMemo((): [Plan, DrawOptions] => {
    const before = stages.slice(0, -1).flatMap(({ foods }) => foods.flatMap(({ elements }) => elements));
    const elements = [...before, ...now.foods.flatMap((food) => food.elements)];
    return [
      { ...plan, layout: [{ surfaceId: surface.id, elements }] },
      { showing: new Map(before.map(({ id }) => [id, 'pale'])) },
    ];
  }, [plan, surface, stages, now]);
  const url = useBoardUrl(drawn, surface, options);
  const [length, width] = surfaceSize(surface).map((mm) => mm + 2 * MARGIN_MM) as [number, number];
  const r = Math.max(length, width) * NUMBER_SHARE;
  return (
    <svg
      className="block w-full"
      viewBox={`${-length / 2} ${-width / 2} ${length} ${width}`}
      role="img"
      aria-label={t('{surface} at this step', { surface: surface.name })}
    >
      {url && <image href={url} x={-length / 2} y={-width / 2} width={length} height={width} />}
      {now.foods.flatMap(({ number, elements }) =>
        elements.map((element) => {
          const { x, y } = pointOn(element);
          return (
            <g key={element.id} transform={`translate(${x} ${y})`}>
              <circle r={r} fill="var(--paper)" stroke="var(--ink)" strokeWidth={r * 0.12} />
              <text y={r * 0.38} textAnchor="middle" fontSize={r * 1.1} fontWeight="800" fill="var(--ink)">
                {number}
              </text>
            </g>
          );
        }),
      )}
    </svg>
  );
}
