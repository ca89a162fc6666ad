import { planLarder, type Plan } from '../../../core/plan/index.js';
import { ArcText, onCircle } from '../../plate/China.js';
import { t } from '../../words/index.js';

const TASTES = [
  ['sweet', t('sweet'), '#c94f7c'],
  ['sour', t('sharp'), '#94a93a'],
  ['salt', t('salty'), '#cfa24a'],
  ['heat', t('hot'), '#c0391f'],
  ['smoke', t('smoky'), '#6b5a4a'],
] as const;

/** Tasting spoons: each filled to the strongest of its taste on the board. */
export function Spoons({ plan }: { plan: Plan }) {
  const larder = planLarder(plan);
  const foods = [...new Set(plan.placements.map((placement) => placement.componentId))].flatMap(
    (id) => larder.get(id) ?? [],
  );
  return TASTES.map(([taste, word, colour], i) => {
    const most = Math.max(0, ...foods.map((component) => component.taste?.[taste] ?? 0));
    const at = i * 72;
    const [x, y] = onCircle(74, at);
    return (
      <g key={taste} role="img" aria-label={t('{word}: {most} of 5', { word, most })}>
        <g transform={`translate(${x} ${y}) rotate(${at})`}>
          <ellipse rx="12" ry="9.5" fill="var(--steel-pale)" stroke="var(--rule)" strokeWidth="1.2" />
          {most > 0 && <ellipse rx={10.5 * Math.sqrt(most / 5)} ry={8 * Math.sqrt(most / 5)} fill={colour} />}
        </g>
        <ArcText
          id={`spoon-${taste}`}
          r={92}
          at={at}
          size={13}
          weight={700}
          fill={most === 0 ? 'var(--tomato)' : 'var(--soft)'}
        >
          {word}
        </ArcText>
      </g>
    );
  });
}
