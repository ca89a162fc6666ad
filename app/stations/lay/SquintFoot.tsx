import { squintOf } from '../../../core/lay/index.js';
import type { LaidElement, Plan, Surface } from '../../../core/plan/index.js';
import { t, word } from '../../words/index.js';

/** So many colours stand on the slip; the rest is little. */
const MOST_COLOURS = 4;
const percent = (share: number): string => `${Math.round(share * 100)} %`;

/** What half-closed eyes see, in figures: where the weight and the dark lie, which colours there are, and how much of the theme's. */
export function SquintFoot({
  plan,
  surface,
  elements,
}: {
  plan: Plan;
  surface: Surface;
  elements: readonly LaidElement[];
}) {
  const squint = squintOf(plan, surface, elements);
  if (!squint) return <span>{t('Nothing is laid here yet.')}</span>;
  return (
    <>
      <span>
        <b>{percent(squint.left)}</b> {t('left')}, <b>{percent(squint.front)}</b> {t('in front')}
      </span>
      <span>
        <b>{percent(squint.dark)}</b> {t('dark, {share} of it left', { share: percent(squint.darkLeft) })}
      </span>
      <span>
        {squint.colours
          .slice(0, MOST_COLOURS)
          .map(({ name, share }) => `${word(name)} ${percent(share)}`)
          .join(', ')}
      </span>
      {squint.palette.length > 0 && (
        <span className="flex items-center gap-1.5" aria-label={t('The theme’s colours')}>
          {squint.palette.map(({ colour, share }) => (
            <span key={colour} className="flex items-center gap-0.5">
              <svg viewBox="0 0 10 10" className="size-3" role="img" aria-label={word(colour)}>
                <rect width="10" height="10" fill={colour} stroke="var(--ink)" />
              </svg>
              <b>{percent(share)}</b>
            </span>
          ))}
        </span>
      )}
    </>
  );
}
