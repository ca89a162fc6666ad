/** A wooden pick stuck into the food, its tip at the origin; a paper flag is drawn at its upper end, at `lean`, −`tall`. */
export function Pick({ lean, tall }: { lean: number; tall: number }) {
  const d = `M0 0L${lean}-${tall}`;
  const thick = tall / 10.5;
  return (
    <>
      <ellipse cy="1" rx={thick * 1.15} ry={thick * 0.53} fill="var(--ink)" opacity=".35" />
      <path d={d} stroke="#5d4120" strokeWidth={thick} strokeLinecap="round" />
      <path d={d} stroke="#e6c998" strokeWidth={thick * 0.53} strokeLinecap="round" />
    </>
  );
}
