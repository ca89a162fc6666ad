import type { z } from 'zod';
import type { HouseRecord } from './record.js';
import { answers } from './records/answers.js';
import { boards } from './records/boards.js';
import { foods } from './records/foods.js';
import { prices } from './records/prices.js';
import { recipes } from './records/recipes.js';
import { schools } from './records/schools.js';
import { surfaces } from './records/surfaces.js';
import { themes } from './records/themes.js';
import { tools } from './records/tools.js';
import { weights } from './records/weights.js';

/** Every kind that is kept, in the order of the page. */
export const HOUSE = {
  foods,
  recipes,
  answers,
  prices,
  boards,
  schools,
  themes,
  surfaces,
  tools,
  weights,
} as const;

export type HouseKind = keyof typeof HOUSE;
export type HouseValue<K extends HouseKind> = z.infer<(typeof HOUSE)[K]['schema']>;
export const HOUSE_KINDS = Object.keys(HOUSE) as HouseKind[];

export const recordOf = <K extends HouseKind>(kind: K): HouseRecord<HouseValue<K>> =>
  HOUSE[kind] as unknown as HouseRecord<HouseValue<K>>;
