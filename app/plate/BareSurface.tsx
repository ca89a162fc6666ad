import { outlinePolygon, type Surface } from '../../core/plan/index.js';

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
  return (
    <path
      d={`M${outlinePolygon(surface.outline, 0, scale)
        .map(([x, y]) => `${x.toFixed(1)} ${y.toFixed(1)}`)
        .join('L')}Z`}
      fill={WOOD.has(surface.material) ? 'var(--oak)' : 'var(--well)'}
      stroke="var(--oak-edge)"
      strokeWidth={edge}
      pointerEvents="none"
    />
  );
}
