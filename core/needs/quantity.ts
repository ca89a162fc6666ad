import { servingOf, type Component } from '../catalogue/index.js';
import type { NeedChoice } from '../party/index.js';
import type { NeedPack, Quantity } from './pack.js';

/** A usual helping of one food, in grams, for one who takes it at drinks. */
export const helpingG = (component: Component): number => servingOf(component).helping.usual;

/** What is dripped or spooned goes by the spoon all the same: nobody who counts is told by less (house default). */
const A_SPOON_G = 10;

/** A good helping, a little over the usual one: who counts grams is told by this (house default). */
const goodHelpingG = (component: Component): number => {
  const { usual, most } = servingOf(component).helping;
  return Math.max(A_SPOON_G, usual + 0.3 * (most - usual));
};

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

const ofShare = (share: number, fine: number, dense: boolean): 'fine' | 'ask' | 'forbidden' =>
  share > OUT_SHARE ? 'forbidden' : share > fine || dense ? 'ask' : 'fine';

/**
 * One food alone: fine while a good helping of it leaves the plate three quarters of its limit, out when it takes half.
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
  const share = (n: number) => (n * goodHelpingG(component)) / 100 / limit;
  const { denseFrom, slight, fineShare = FINE_SHARE } = quantity;
  const at = (n: number) => ofShare(share(n), fineShare, n > denseFrom && share(n) > slight);
  const [low, high] = [at(hundred.low), at(hundred.high)];
  const helping = {
    low: (hundred.low * goodHelpingG(component)) / 100,
    high: (hundred.high * goodHelpingG(component)) / 100,
  };
  return { verdict: low === high ? low : 'ask', helping };
}
