import type { Component } from '../catalogue/index.js';
import type { NeedChoice } from '../party/index.js';
import type { NeedPack, Quantity } from './pack.js';

/**
 * A usual helping of one kind, in grams, at drinks: a family's target for a guest over the kinds that a board has of it
 * (house default, from the portion school "by family").
 */
const HELPING: Record<Component['family'], number> = {
  cheese: 15,
  'cured-meat': 15,
  fish: 15,
  'plant-protein': 20,
  vehicle: 12,
  'fresh-fruit': 25,
  'dried-fruit': 10,
  vegetable: 20,
  pickle: 12,
  'nut-seed': 12,
  'spread-dip': 22,
  'sweet-bite': 12,
  garnish: 1,
};

export const helpingG = (component: Component): number => HELPING[component.family];

/** Share of the plate's limit up to which one helping is fine, and from which it is out. */
const FINE_SHARE = 0.25;
const OUT_SHARE = 0.5;

const POLYOL_SHARE: Record<string, number> = { none: 1, half: 0.5, all: 0 };

/** What 100 g bring, as lowest and highest possible: apart while a figure is not known. */
export interface Range {
  low: number;
  high: number;
}

const exactly = (n: number): Range => ({ low: n, high: n });

/**
 * Grams of net carbohydrate in 100 g: without fibre, without erythritol, other polyols by school. A label whose
 * tradition nobody knows is read as the setting says; without fibre it may be anything down to nothing.
 */
function netCarbs(component: Component, polyols: string, tradition: string): Range {
  const n = component.per100g;
  const sugars = n.polyolsG ?? 0;
  const free = n.erythritolG ?? 0;
  const less = free + (sugars - free) * (1 - (POLYOL_SHARE[polyols] ?? 1));
  if (n.carbNetG !== null) return exactly(Math.max(0, n.carbNetG - less));
  if (n.carbTotalG === null) return { low: 0, high: 100 };
  if (n.fibreG === null) return { low: 0, high: n.carbTotalG };
  return exactly(Math.max(0, n.carbTotalG - (tradition === 'us' ? n.fibreG : 0) - less));
}

/** What the component brings of it in 100 g. */
export function per100(component: Component, quantity: Quantity, setting: (id: string) => string): Range {
  const { saltG, energyKj } = component.per100g;
  switch (quantity.fact) {
    case 'net-carbs':
      return netCarbs(component, setting('polyols'), setting('tradition'));
    case 'salt':
      return saltG === null ? { low: 0, high: 30 } : exactly(saltG);
    case 'energy':
      return energyKj === null ? { low: 0, high: 3700 } : exactly(energyKj);
  }
}

/** The limit for one guest's plate: as said, or as usual for the role of the board. */
export function plateLimit(pack: NeedPack, choice: NeedChoice, role: string = 'drinks'): number {
  const said = Number(choice.settings.limit);
  if (choice.settings.limit !== undefined && Number.isFinite(said)) return said;
  return pack.quantity!.usual[role === 'meal' ? 'meal' : 'drinks'];
}

const ofShare = (share: number, dense: boolean): 'fine' | 'ask' | 'forbidden' =>
  share > OUT_SHARE ? 'forbidden' : share > FINE_SHARE || dense ? 'ask' : 'fine';

/**
 * One food alone: fine while a usual helping leaves the plate three quarters of its limit, out when it takes half.
 * In between the whole plate decides, so it asks. An unknown figure asks unless all of its values agree.
 */
export function judgeHelping(
  component: Component,
  pack: NeedPack,
  choice: NeedChoice,
  setting: (id: string) => string,
): { verdict: 'fine' | 'ask' | 'forbidden'; helping: Range } {
  const quantity = pack.quantity!;
  const hundred = per100(component, quantity, setting);
  const limit = plateLimit(pack, choice);
  const share = (n: number) => (n * helpingG(component)) / 100 / limit;
  const at = (n: number) => ofShare(share(n), n > quantity.denseFrom && share(n) > quantity.slight);
  const [low, high] = [at(hundred.low), at(hundred.high)];
  const helping = {
    low: (hundred.low * helpingG(component)) / 100,
    high: (hundred.high * helpingG(component)) / 100,
  };
  return { verdict: low === high ? low : 'ask', helping };
}
