import { signedArea, type Polygon } from '../geometry/index.js';

/** Does an outline bulge outward at every corner (straight sides too), winding either way, once round? */
export function bulges(corners: Polygon): boolean {
  let [turned, sign] = [0, 0];
  for (let i = 0; i < corners.length; i++) {
    const [[ax, ay], [bx, by], [cx, cy]] = [0, 1, 2].map((k) => corners[(i + k) % corners.length]!) as [
      Polygon[0],
      Polygon[0],
      Polygon[0],
    ];
    const [ux, uy, vx, vy] = [bx - ax, by - ay, cx - bx, cy - by];
    const cross = ux * vy - uy * vx;
    const angle = Math.atan2(cross, ux * vx + uy * vy);
    if (Math.abs(cross) > 1e-9) {
      if (sign !== 0 && Math.sign(cross) !== sign) return false;
      sign = Math.sign(cross);
    }
    turned += angle;
  }
  // a star drawn in one line turns the same way at every corner too, but more than once round
  return sign !== 0 && Math.abs(Math.abs(turned) - 2 * Math.PI) < 0.01;
}

/** Does it lie about the middle of its box, so that the middle is ground? */
export const holdsMiddle = (corners: Polygon): boolean => {
  const way = Math.sign(signedArea(corners));
  return corners.every(([ax, ay], i) => {
    const [bx, by] = corners[(i + 1) % corners.length]!;
    return (way * (ax * by - ay * bx)) / (Math.hypot(bx - ax, by - ay) || 1) > -1e-9;
  });
};
