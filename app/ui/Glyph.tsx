import type { Severity } from '../../core/check/index.js';
import { t } from '../words/index.js';

/** A state as a drawing of a plate: never by colour alone. */
export type Glyph = 'whole' | 'chipped' | 'cracked' | 'covered';

const GLYPHS: Record<Severity, Glyph> = {
  blocker: 'cracked',
  ask: 'covered',
  caution: 'chipped',
  good: 'whole',
};
export const glyphOf = (severity: Severity): Glyph => GLYPHS[severity];

const RIM = 'var(--enamel)';
const r2 = (v: number) => Math.round(v * 100) / 100;

/** Glyph by shape: whole, chipped (a notch low on the right), cracked in two, covered by a dome, empty. `fill` is how ready it is, 0 to 1. */
export function PlateGlyph({
  state,
  size = 26,
  fill,
  tint = '#efb53c',
}: {
  state: Glyph | 'empty';
  size?: number;
  fill?: number;
  tint?: string;
}) {
  return (
    <svg width={size} height={size} viewBox="-16 -16 32 32" aria-hidden="true">
      {state === 'cracked' ? (
        <Cracked />
      ) : state === 'covered' ? (
        <Covered />
      ) : (
        <Whole chipped={state === 'chipped'} fill={fill ?? (state === 'empty' ? 0 : undefined)} tint={tint} />
      )}
    </svg>
  );
}

function Whole({ chipped, fill, tint }: { chipped: boolean; fill: number | undefined; tint: string }) {
  const r = 12.6;
  const well = r * 0.62;
  const level = well - 2 * well * (fill ?? 0);
  const half = Math.sqrt(Math.max(0, well * well - level * level));
  const d = chipped
    ? `M${r2(r * Math.cos(0.24))} ${r2(r * Math.sin(0.24))}A${r} ${r} 0 1 0 ${r2(r * Math.cos(1.02))} ${r2(r * Math.sin(1.02))}L${r2(r * 0.44)} ${r2(r * 0.6)}L${r2(r * 0.62)} ${r2(r * 0.46)}L${r2(r * 0.64)} ${r2(r * 0.26)}Z`
    : `M0 ${-r}A${r} ${r} 0 1 1 0 ${r}A${r} ${r} 0 1 1 0 ${-r}Z`;
  return (
    <>
      <path d={d} fill="#fdfdf9" stroke={RIM} strokeWidth="2.5" strokeLinejoin="round" />
      <circle r={well} fill="none" stroke="#8f97b0" strokeWidth="1" />
      {fill !== undefined && fill > 0.02 && (
        <path
          d={
            fill >= 0.98
              ? `M0 ${-well}A${well} ${well} 0 1 1 0 ${well}A${well} ${well} 0 1 1 0 ${-well}Z`
              : `M${r2(-half)} ${r2(level)}Q${r2(-half / 2)} ${r2(level - 1.8)} 0 ${r2(level)}T${r2(half)} ${r2(level)}A${well} ${well} 0 ${fill > 0.5 ? 1 : 0} 1 ${r2(-half)} ${r2(level)}Z`
          }
          fill={tint}
        />
      )}
    </>
  );
}

function Cracked() {
  return (
    <g fill="#fdfdf9" stroke={RIM} strokeWidth="2.3" strokeLinejoin="round">
      <path
        transform="translate(-1.2 .4) rotate(-5)"
        d="M-.8-12.4A12.4 12.4 0 0 0-.8 12.4L-3.2 5.2L.8.8L-3.2-5Z"
      />
      <path
        transform="translate(1.6-.3) rotate(6)"
        d="M1-12.4A12.4 12.4 0 0 1 1 12.4L-1.2 5.2L2.8.8L-1.2-5Z"
      />
    </g>
  );
}

function Covered() {
  return (
    <g stroke={RIM} strokeLinecap="round">
      <path d="M-13.5 8.4H13.5" strokeWidth="3" />
      <path d="M-11 7C-11-11 11-11 11 7Z" fill="#cfd6e6" strokeWidth="2.3" strokeLinejoin="round" />
      <circle cy="-9" r="2.2" fill={RIM} stroke="none" />
      <path d="M-6.6 1.4C-6-2.2-4-4-1.8-5" stroke="#fff" strokeWidth="2.2" fill="none" />
    </g>
  );
}

export const STATE_WORDS: Record<Glyph, string> = {
  whole: t('Good'),
  chipped: t('Take care'),
  cracked: t('Stops service'),
  covered: t('Ask'),
};
