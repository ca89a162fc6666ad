import type { Component } from '../catalogue/index.js';

export interface PackChoice {
  packs: { massG: number; priceMinor: number; count: number }[];
  massG: number;
  priceMinor: number;
  leftOverG: number;
}

/** The cheapest whole packs that hold the mass; a few sizes only, so every count of the larger ones is tried. */
export function choosePacks(component: Component, needG: number): PackChoice {
  const sizes = [...component.packs].sort((a, b) => b.massG - a.massG);
  const best = cheapest(sizes, Math.max(0, needG));
  const massG = best.reduce((sum, p) => sum + p.massG * p.count, 0);
  const priceMinor = best.reduce((sum, p) => sum + p.priceMinor * p.count, 0);
  return { packs: best.filter((p) => p.count > 0), massG, priceMinor, leftOverG: Math.max(0, massG - needG) };
}

type Counted = PackChoice['packs'][number];
const price = (packs: readonly Counted[]) => packs.reduce((sum, p) => sum + p.priceMinor * p.count, 0);

function cheapest(sizes: Component['packs'], needG: number): Counted[] {
  const [size, ...rest] = sizes;
  if (!size) return [];
  const most = Math.ceil(needG / size.massG);
  if (rest.length === 0) return [{ ...size, count: most }];
  let best: Counted[] | undefined;
  for (let count = 0; count <= most; count++) {
    const packs = [{ ...size, count }, ...cheapest(rest, Math.max(0, needG - count * size.massG))];
    if (!best || price(packs) < price(best)) best = packs;
  }
  return best ?? [];
}
