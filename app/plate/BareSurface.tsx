import { surfaceSize } from '../../core/picture/index.js';
import type { Surface } from '../../core/plan/index.js';

const WOOD = new Set<Surface['material']>(['oak', 'walnut']);

/** A surface with nothing on it, its middle at the origin, `scale` units a millimetre. */
export function BareSurface({
  surface,
  scale = 1,
  edge,
}: {
  surface: Surface;
  scale?: number;
  edge?: number;
}) {
  const [l, w] = surfaceSize(surface).map((mm) => mm * scale) as [number, number];
  const corner = surface.outline.kind === 'round' ? l / 2 : surface.outline.cornerMm * scale;
  return (
    <rect
      x={-l / 2}
      y={-w / 2}
      width={l}
      height={w}
      rx={corner}
      fill={WOOD.has(surface.material) ? 'var(--oak)' : 'var(--well)'}
      stroke="var(--oak-edge)"
      strokeWidth={edge}
      pointerEvents="none"
    />
  );
}
