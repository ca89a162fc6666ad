import { create } from 'zustand';
import { onOtherPlan } from './session.js';

/** How near the board is looked at, and where: nothing of a plan. Units of the plate's drawing. */
export interface View {
  zoom: number;
  x: number;
  y: number;
}

export const WHOLE: View = { zoom: 1, x: 0, y: 0 };
export const NEAREST = 8;
const STEP = 1.4;

/** Half of the drawing's width and height: the middle of what is looked at never leaves it. */
export interface Half {
  x: number;
  y: number;
}

const within = (value: number, most: number): number => Math.max(-most, Math.min(most, value));

/** Keeps the drawing in sight: nothing beyond its edge is shown. */
export function held({ zoom, x, y }: View, half: Half): View {
  const near = Math.max(1, Math.min(NEAREST, zoom));
  return { zoom: near, x: within(x, half.x * (near - 1)), y: within(y, half.y * (near - 1)) };
}

/** Nearer or further by a factor, so that the point that is looked at stays where it is. */
export function zoomedAt(view: View, factor: number, at: { x: number; y: number }, half: Half): View {
  const zoom = Math.max(1, Math.min(NEAREST, view.zoom * factor));
  const k = zoom / view.zoom;
  return held({ zoom, x: at.x - (at.x - view.x) * k, y: at.y - (at.y - view.y) * k }, half);
}

interface Zoom extends View {
  half: Half;
  /** Two fingers are on the board. */
  pinching: boolean;
  setHalf(half: Half): void;
  look(view: View): void;
  nearer(): void;
  further(): void;
  whole(): void;
}

const MIDDLE = { x: 0, y: 0 };

export const useZoom = create<Zoom>((set, get) => ({
  ...WHOLE,
  half: { x: 334, y: 334 },
  pinching: false,
  setHalf: (half) => set({ half, ...held(get(), half) }),
  look: (view) => set(held(view, get().half)),
  nearer: () => set(zoomedAt(get(), STEP, MIDDLE, get().half)),
  further: () => set(zoomedAt(get(), 1 / STEP, MIDDLE, get().half)),
  whole: () => set(WHOLE),
}));

onOtherPlan(() => useZoom.setState(WHOLE));
