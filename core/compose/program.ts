import type { Problem } from './candidates.js';
import { ALL_WISHES, startDraft, type Draft, type Wishes } from './draft.js';
import { familyRows, trayRows, groundRows } from './rows/amounts.js';
import { bowlRows } from './rows/bowls.js';
import { apartRows } from './rows/apart.js';
import { budgetRows } from './rows/budget.js';
import { carriedRows, carrierRows, plainBreadRows } from './rows/carriers.js';
import { plateRows } from './rows/plates.js';
import { amountRows, boardRows, boldRows, partnerRows, sameJobRows, weightRows } from './rows/sense.js';
import { lookedAfterRows } from './rows/looked-after.js';
import { servedRows } from './rows/served.js';
import { toolRows } from './rows/tools.js';
import {
  busyRows,
  energyRows,
  heartRows,
  latelyRows,
  pantryRows,
  reachRows,
  regionRows,
  starRows,
  sweetCourseRows,
  workRows,
} from './rows/occasion.js';
import { colourRows, paleRows, paletteRows } from './rows/colours.js';
import { alikeRows, shapeRows, specialBreadRows, tasteOfEach, wantedRows } from './rows/variety.js';

/** Points that every board starts from, so that a share of them means something near a perfect board. */
const BASE_POINTS = 10;

/** The whole program for a problem; the order of the rows is the order in which a stylist thinks. */
export function draftOf(problem: Problem, wishes: Wishes = ALL_WISHES): Draft {
  const draft = startDraft(problem, wishes);
  draft.model.offset = BASE_POINTS;
  familyRows(draft);
  trayRows(draft);
  groundRows(draft);
  bowlRows(draft);
  toolRows(draft);
  amountRows(draft);
  weightRows(draft);
  boldRows(draft);
  sameJobRows(draft);
  partnerRows(draft);
  carrierRows(draft);
  carriedRows(draft);
  plainBreadRows(draft);
  boardRows(draft);
  lookedAfterRows(draft);
  servedRows(draft);
  plateRows(draft);
  apartRows(draft);
  wantedRows(draft);
  alikeRows(draft);
  shapeRows(draft);
  paletteRows(draft);
  colourRows(draft);
  paleRows(draft);
  tasteOfEach(draft);
  specialBreadRows(draft);
  heartRows(draft);
  sweetCourseRows(draft);
  regionRows(draft);
  energyRows(draft);
  workRows(draft);
  reachRows(draft);
  busyRows(draft);
  pantryRows(draft);
  latelyRows(draft);
  starRows(draft);
  budgetRows(draft);
  return draft;
}
