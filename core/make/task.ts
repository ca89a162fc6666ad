import type { ComponentId, Equipment } from '../catalogue/index.js';
import type { Plan, SurfaceId } from '../plan/index.js';

/** Kinds of work, in the order in which a day has them. */
export const TASK_KINDS = [
  'make',
  'wash',
  'cut',
  'fold',
  'shape',
  'open',
  'freeze',
  'fill-bowls',
  'tools',
  'pack',
  'drive',
  'temper',
  'build',
  'carry',
] as const;
export type TaskKind = (typeof TASK_KINDS)[number];

/** Minutes from opening; before it they are negative. */
export type Minute = number;

/** One piece of work: hands first, then what does itself. */
export interface Task {
  /** The same for the same work on the same plan, so that what hands have moved is found again. */
  id: string;
  kind: TaskKind;
  foods: readonly ComponentId[];
  form?: Plan['placements'][number]['form'];
  surfaceId?: SurfaceId;
  /** Little boards that are alike are laid together, food by food; `surfaceId` is the first of them. */
  surfaceIds?: readonly SurfaceId[];
  stage?: BuildStage;
  massG: number;
  pieces: number;
  handsMin: number;
  waitMin: number;
  /** Begun before this it is not safe, or does not keep. */
  from: Minute;
  /** Over by then, waiting too. */
  by: Minute;
  /** Begun before this it is not fresh any more. */
  fresh: Minute;
  /** Begun after this it is late for the guest: cheese from the cold, work in the last half hour. */
  ripe: Minute;
  /** Tasks that are over before this one begins; of some only the hands must be done. */
  after: readonly { id: string; what: 'all' | 'hands' }[];
  /** During the hands, or for so many minutes of the waiting. */
  uses: readonly { equipment: Equipment; during: 'hands' | number }[];
  /** Groups of guests that must not meet what it leaves on board, knife and gloves; bits of `Traces`. */
  leaves: number;
  /** Groups that are to eat of it, and mind what was there before. */
  keeps: number;
  /** Long work on what keeps: for a day before, where somebody works then. */
  ahead: boolean;
  /** It takes a sharp knife, a hot pan or hot sugar: not for every helper. */
  sharp: boolean;
  /** Roses, chains, shapes pressed out: not for hands that have never done it. */
  fine: boolean;
}

export const BUILD_STAGES = [
  'bowls',
  'cheese',
  'meat',
  'large',
  'fillers',
  'breads',
  'garnish',
  'ice',
] as const;
export type BuildStage = (typeof BUILD_STAGES)[number];

/** One pair of hands, and when it is there. */
export interface Hand {
  id: string;
  name: string;
  shifts: readonly { from: Minute; till: Minute }[];
  /** May use knives and heat. */
  sharp: boolean;
  /** Can fold roses and press out shapes. */
  fine: boolean;
}

/** May these hands do it, and can they? */
export const suits = (task: Pick<Task, 'sharp' | 'fine'>, hand: Pick<Hand, 'sharp' | 'fine'>): boolean =>
  (!task.sharp || hand.sharp) && (!task.fine || hand.fine);

export type Kitchen = Readonly<Record<Equipment, number>>;

/** A task in the day. The clean-down that it wants lies straight before it. */
export interface Placed {
  task: string;
  hand: string;
  start: Minute;
  /** Hands are free. */
  handsEnd: Minute;
  end: Minute;
  /** Board, knife and gloves are washed or changed before it. */
  clean: boolean;
}

/** All surfaces that a task is about. */
export const surfacesOf = ({ surfaceId, surfaceIds }: Task): readonly SurfaceId[] =>
  surfaceIds ?? (surfaceId === undefined ? [] : [surfaceId]);

/** Board, knife, gloves, surface (craft, section 11). */
export const CLEAN_MIN = 6;
