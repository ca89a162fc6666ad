import type { Plan } from '../../core/plan/index.js';

const DRAWN: Record<string, React.ReactNode> = {
  crescent: <path d="M22 4A18 18 0 1 0 38 34A16 16 0 0 1 22 4Z" fill="#f0b434" />,
  comet: (
    <g fill="#bf3520">
      <path d="M84 8L87 15L94.5 15.6L88.8 20.4L90.6 27.6L84 23.8L77.4 27.6L79.2 20.4L73.5 15.6L81 15Z" />
      <path d="M74 21C64 25 56 26 46 25C56 29 66 29 76 25ZM76 26C68 33 58 37 46 38C60 41 70 38 79 30ZM73 17C64 18 56 17 48 14C55 20 64 22 72 20Z" />
    </g>
  ),
  star: <path d="M48 4L54 18L69 19L57 29L61 43L48 35L35 43L39 29L27 19L42 18Z" fill="#f0b434" />,
  kite: (
    <path d="M48 2L66 18L48 42L30 18ZM48 2V42M30 18H66" fill="#f0b434" stroke="#1f2c5e" strokeWidth="1.5" />
  ),
  wave: (
    <path
      d="M6 30Q18 10 30 30T54 30T78 30"
      fill="none"
      stroke="#1f5e86"
      strokeWidth="6"
      strokeLinecap="round"
    />
  ),
  fish: <path d="M14 22Q34 2 60 22L76 10V34L60 22Q34 42 14 22Z" fill="#1f5e86" />,
  weave: <path d="M10 12H86M10 22H86M10 32H86M24 4V40M44 4V40M64 4V40" stroke="#bf3520" strokeWidth="4" />,
  lamp: <path d="M34 10H62L68 40H28Z" fill="#f0b434" stroke="#1f2c5e" strokeWidth="2" />,
  leaf: <path d="M12 38Q24 4 80 8Q72 42 12 38Z" fill="#34663f" />,
};

export function Motif({ plan }: { plan: Plan }) {
  const motifs = plan.occasion.theme.motifs.filter((motif) => motif !== 'none');
  if (motifs.length === 0) return null;
  return (
    <svg width="66" height="30" viewBox="0 0 96 44" aria-hidden="true">
      {motifs.map((motif) => (
        <g key={motif}>{DRAWN[motif]}</g>
      ))}
    </svg>
  );
}

/** One motif alone, for a list to pick from. */
export function MotifDrawing({ motif, width = 36 }: { motif: string; width?: number }) {
  return (
    <svg width={width} height={width / 2} viewBox="0 0 96 44" aria-hidden="true">
      {DRAWN[motif]}
    </svg>
  );
}
