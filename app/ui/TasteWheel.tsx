import { TASTE_WORDS, type Taste } from '../../core/catalogue/index.js';
import { capital } from '../../core/words/index.js';
import { t, word } from '../words/index.js';

export interface Petal {
  taste: Taste;
  /** 0 to 5. */
  most: number;
}

const MOST = 5;
const COLOURS: Partial<Record<Taste, string>> = {
  salt: 'var(--enamel)',
  sweet: 'var(--yolk)',
  sour: 'var(--oak-edge)',
  bitter: 'var(--rule)',
  heat: 'var(--tomato)',
  smoke: 'var(--ink)',
  richness: 'var(--oak)',
  strength: 'var(--beet)',
};

/** A petal for each taste, as long as the taste is strong; the words around it, faint where it is missing. */
export function TasteWheel({ petals, size }: { petals: readonly Petal[]; size: number }) {
  const step = (2 * Math.PI) / petals.length;
  const r = 74;
  const at = (angle: number, radius: number) =>
    `${(radius * Math.sin(angle)).toFixed(1)} ${(-radius * Math.cos(angle)).toFixed(1)}`;
  const said = petals
    .map((petal) =>
      t('{taste} {most} of {all}', { taste: word(TASTE_WORDS[petal.taste]), most: petal.most, all: MOST }),
    )
    .join(', ');
  return (
    <svg
      width={size}
      height={size * 0.82}
      viewBox="-122 -100 244 200"
      role="img"
      aria-label={t('Tastes: {said}', { said })}
    >
      {[1, 3, 5].map((ring) => (
        <circle
          key={ring}
          r={(r * ring) / MOST}
          fill="none"
          stroke="var(--rule)"
          strokeWidth="1"
          strokeDasharray={ring === MOST ? undefined : '2 4'}
        />
      ))}
      {petals.map(({ taste, most }, i) => {
        const angle = i * step;
        const long = (r * most) / MOST;
        const [from, to] = [angle - step * 0.42, angle + step * 0.42];
        return (
          <g key={taste}>
            {most > 0 && (
              <path
                d={`M0 0L${at(from, long)}A${long.toFixed(1)} ${long.toFixed(1)} 0 0 1 ${at(to, long)}Z`}
                fill={COLOURS[taste] ?? 'var(--enamel)'}
                stroke="var(--card)"
                strokeWidth="1.5"
              />
            )}
            <text
              x={(r + 12) * Math.sin(angle)}
              y={-(r + 12) * Math.cos(angle) + 4}
              textAnchor={Math.abs(Math.sin(angle)) < 0.3 ? 'middle' : Math.sin(angle) > 0 ? 'start' : 'end'}
              fontSize="12.5"
              fontWeight={most > 0 ? 700 : 400}
              fill={most > 0 ? 'var(--ink)' : 'var(--soft)'}
            >
              {capital(word(TASTE_WORDS[taste]))}
            </text>
          </g>
        );
      })}
    </svg>
  );
}
