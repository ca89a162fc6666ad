import type { ComponentType } from 'react';
import type { StationView } from '../station.js';
import { CutOut } from './CutOut.js';
import { FoldCraft } from './FoldCraft.js';
import { FruitCraft } from './FruitCraft.js';
import { MotifCraft } from './MotifCraft.js';
import { MouldCraft } from './MouldCraft.js';
import { SkewerCraft } from './SkewerCraft.js';
import { useCraft, type CraftId } from './useCraft.js';
import { WindowCraft } from './WindowCraft.js';
import { WordCraft } from './WordCraft.js';

const CRAFTS: Record<CraftId, ComponentType<StationView>> = {
  'cut-out': CutOut,
  window: WindowCraft,
  mould: MouldCraft,
  fold: FoldCraft,
  word: WordCraft,
  motif: MotifCraft,
  fruit: FruitCraft,
  skewers: SkewerCraft,
};

/** The bench: what can be cut, opened, melted or folded from what is on the boards. */
export function Shape({ plan, checked }: StationView) {
  const [craft] = useCraft(plan);
  const Craft = CRAFTS[craft];
  return <Craft plan={plan} checked={checked} />;
}
