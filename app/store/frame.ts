import { create } from 'zustand';
import type { ComponentId } from '../../core/catalogue/index.js';

/** A paper that is laid on the table from anywhere, whatever station one is at. */
export type FramePaper =
  | { kind: 'keys' }
  | { kind: 'box' }
  | { kind: 'swap'; componentId: ComponentId }
  | { kind: 'turn'; need: string };

interface FrameState {
  stepped: boolean;
  squinting: boolean;
  paper: FramePaper | null;
  stepBack(on?: boolean): void;
  squint(on?: boolean): void;
  open(paper: FramePaper | null): void;
  /** At another station nothing is stepped back from. */
  reset(): void;
}

/** How the table is looked at in this tab; it belongs to no station and to no plan. */
export const useFrame = create<FrameState>((set) => ({
  stepped: false,
  squinting: false,
  paper: null,
  stepBack: (on) => set((frameState) => ({ stepped: on ?? !frameState.stepped })),
  squint: (on) => set((frameState) => ({ squinting: on ?? !frameState.squinting })),
  open: (paper) => set({ paper }),
  reset: () => set({ stepped: false, squinting: false }),
}));
