import type { JobRecord } from '../job.js';
import type { check } from './check.js';
import type { compose } from './compose.js';
import type { convert } from './convert.js';
import type { day } from './day.js';
import type { lay } from './lay.js';
import type { arrange, fixLaid, makeWay } from './lay-part.js';
import type { figures } from './figures.js';
import type { later } from './later.js';
import type { least } from './least.js';
import type { nest } from './nest.js';
import type { others } from './others.js';
import type { picture } from './picture.js';
import type { swap } from './swap.js';
import type { trial } from './trial.js';
import type { warm } from './warm.js';
import type { wayOut } from './way-out.js';
import type { why } from './why.js';

interface Kinds {
  warm: typeof warm;
  check: typeof check;
  compose: typeof compose;
  lay: typeof lay;
  arrange: typeof arrange;
  'fix-laid': typeof fixLaid;
  'make-way': typeof makeWay;
  swap: typeof swap;
  others: typeof others;
  least: typeof least;
  why: typeof why;
  convert: typeof convert;
  'way-out': typeof wayOut;
  trial: typeof trial;
  picture: typeof picture;
  figures: typeof figures;
  nest: typeof nest;
  day: typeof day;
  later: typeof later;
}

export type JobKind = keyof Kinds;
export type JobInput<K extends JobKind> = Kinds[K] extends JobRecord<infer I, unknown> ? I : never;
export type JobAnswer<K extends JobKind> = Awaited<ReturnType<Kinds[K]['run']>>;

/** Every job. A worker fetches the code of what it is asked for, so that who only draws brings no solver. */
export const JOBS: { [K in JobKind]: () => Promise<Kinds[K]> } = {
  warm: () => import('./warm.js').then((module) => module.warm),
  check: () => import('./check.js').then((module) => module.check),
  compose: () => import('./compose.js').then((module) => module.compose),
  lay: () => import('./lay.js').then((module) => module.lay),
  arrange: () => import('./lay-part.js').then((module) => module.arrange),
  'fix-laid': () => import('./lay-part.js').then((module) => module.fixLaid),
  'make-way': () => import('./lay-part.js').then((module) => module.makeWay),
  swap: () => import('./swap.js').then((module) => module.swap),
  others: () => import('./others.js').then((module) => module.others),
  least: () => import('./least.js').then((module) => module.least),
  why: () => import('./why.js').then((module) => module.why),
  convert: () => import('./convert.js').then((module) => module.convert),
  'way-out': () => import('./way-out.js').then((module) => module.wayOut),
  figures: () => import('./figures.js').then((module) => module.figures),
  trial: () => import('./trial.js').then((module) => module.trial),
  nest: () => import('./nest.js').then((module) => module.nest),
  later: () => import('./later.js').then((module) => module.later),
  day: () => import('./day.js').then((module) => module.day),
  picture: () => import('./picture.js').then((module) => module.picture),
};
