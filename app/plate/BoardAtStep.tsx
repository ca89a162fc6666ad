import { useMemo } from 'react';
import { pointOn, type StageFood } from '../../core/lay/index.js';
import { drawnSize, type DrawOptions } from '../../core/picture/index.js';
import type { Plan, Surface } from '../../core/plan/index.js';
import { useBoardUrl } from '../ui/pictures.js';
import { t } from '../words/index.js';

/** A number's disc, as a share of the surface's longer side. */
const NUMBER_SHARE = 0.021;

interface Props {
  plan: Plan;
  surface: Surface;
  now: readonly StageFood[];
  before: readonly StageFood[];
  /** Numbers so many times as large as on a sheet: on a card the board is small. */
  bold?: number;
  /** The step at which cards are set: they stand in the picture. */
  cards?: boolean;
}

/** The surface as far as it is laid: what comes now in colour and numbered, what lies there pale. */
export function BoardAtStep({ plan, surface, now, before, bold = 1, cards = false }: Props) {
  const [drawn, options] = useMemo((): [Plan, DrawOptions] => {
    const there = before.flatMap(({ elements }) => elements);
    const elements = [...there, ...now.flatMap((food) => food.elements)];
    return [
      { ...plan, layout: [{ surfaceId: surface.id, elements }] },
      { showing: new Map(there.map(({ id }) => [id, 'pale'])), ...(cards ? { labels: true } : {}) },
    ];
  }, [plan, surface, now, before, cards]);
  const url = useBoardUrl(drawn, surface, options);
  const [length, width] = drawnSize(surface);
  const r = Math.max(length, width) * NUMBER_SHARE * bold;
  return (
    <svg
      className="block w-full"
      viewBox={`${-length / 2} ${-width / 2} ${length} ${width}`}
      role="img"
      aria-label={t('{surface} at this step', { surface: surface.name })}
    >
      {url && <image href={url} x={-length / 2} y={-width / 2} width={length} height={width} />}
      {now.flatMap(({ number, elements }) =>
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

/** The foods of a step in words: number, name, piles and grams. */
export function StepFoods({
  foods,
  words,
}: {
  foods: readonly StageFood[];
  words: (food: StageFood) => { name: string; how: string };
}) {
  return (
    <ul className="m-0 list-none p-0">
      {foods.map((food) => {
        const { name, how } = words(food);
        return (
          <li key={food.number} className="mb-1">
            <b>{name}</b>
            <br />
            {how}
          </li>
        );
      })}
    </ul>
  );
}
