import { drawnSize, surfaceSize, type DrawOptions } from '../../core/picture/index.js';
import type { Plan, Surface } from '../../core/plan/index.js';
import { useBoardUrl } from '../ui/pictures.js';
import { BareSurface } from './BareSurface.js';

/** The laid board as a picture, its middle at the origin, fitted into a circle of radius `r`. */
export function BoardImage({
  plan,
  surface,
  r,
  options,
  opacity = 1,
}: {
  plan: Plan;
  surface: Surface;
  r: number;
  options?: DrawOptions;
  opacity?: number;
}) {
  const url = useBoardUrl(plan, surface, options);
  const scale = boardScale(surface, r);
  if (!url) return <BareSurface surface={surface} scale={scale} />;
  const [width, height] = drawnSize(surface).map((mm) => mm * scale) as [number, number];
  return (
    <image
      href={url}
      x={-width / 2}
      y={-height / 2}
      width={width}
      height={height}
      opacity={opacity}
      pointerEvents="none"
    />
  );
}

/** Plate units a millimetre, so that the surface fits into a circle of radius `r`. */
export function boardScale(surface: Surface, r: number): number {
  const [lengthMm, widthMm] = surfaceSize(surface);
  switch (surface.outline.kind) {
    case 'round':
    case 'oval':
      return (2 * r) / Math.max(lengthMm, widthMm);
    default:
      return (2 * r) / Math.hypot(lengthMm, widthMm);
  }
}
