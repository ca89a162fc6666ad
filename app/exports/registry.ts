import type { Plan } from '../../core/plan/index.js';
import {
  allPictures,
  calendarFile,
  dayFile,
  dayPaper,
  boardFile,
  lifeSizeFile,
  menuFile,
  offerFile,
  offerPaper,
  onePicture,
  picturePaper,
  planFile,
  shoppingFile,
} from './make.js';
import { t } from '../words/index.js';

/** A file that a plan gives. */
export interface ExportRecord {
  id: string;
  /** As a button says it; "{surface}" where it is about one. */
  words: string;
  /** What people say instead. */
  also?: readonly string[];
  /** About the surface that is picked, about the whole plan, or about all surfaces where there are several. */
  of: 'plan' | 'surface' | 'surfaces';
  kind: 'paper' | 'picture';
  save(plan: Plan, surfaceId: string): void | Promise<void>;
}

/** Every export. One more is a record here, and what makes it in this folder. */
export const EXPORTS: readonly ExportRecord[] = [
  {
    id: 'plan',
    words: t('Save the plan as a file'),
    also: ['export', 'download', 'backup', 'json'],
    of: 'plan',
    kind: 'paper',
    save: planFile,
  },
  {
    id: 'shopping',
    words: t('Save the shopping list'),
    also: ['csv', 'to buy', 'groceries'],
    of: 'plan',
    kind: 'paper',
    save: shoppingFile,
  },
  {
    id: 'calendar',
    words: t('Save the day as a calendar'),
    also: ['ics', 'icalendar', 'schedule'],
    of: 'plan',
    kind: 'paper',
    save: calendarFile,
  },
  {
    id: 'day',
    words: t('Save the day as a table'),
    also: ['csv', 'schedule', 'timeline'],
    of: 'plan',
    kind: 'paper',
    save: dayFile,
  },
  {
    id: 'day-pdf',
    words: t('Save the day for each helper (PDF)'),
    also: ['pdf', 'schedule', 'prep cards', 'helpers'],
    of: 'plan',
    kind: 'paper',
    save: dayPaper,
  },
  {
    id: 'offer-pdf',
    words: t('Save the offer (PDF)'),
    also: ['pdf', 'price', 'quote', 'client'],
    of: 'plan',
    kind: 'paper',
    save: offerPaper,
  },
  {
    id: 'offer',
    words: t('Save the offer as text'),
    also: ['price', 'quote', 'client'],
    of: 'plan',
    kind: 'paper',
    save: offerFile,
  },
  {
    id: 'menu',
    words: t('Save the menu as text'),
    also: ['menu', 'grams', 'list of foods', 'what is served'],
    of: 'plan',
    kind: 'paper',
    save: menuFile,
  },
  {
    id: 'life-size',
    words: t('Save stencils and cuts, true size (PDF)'),
    also: ['pdf', 'template', 'stencil', 'nesting plan', 'life size'],
    of: 'plan',
    kind: 'paper',
    save: lifeSizeFile,
  },
  {
    id: 'build',
    words: t("Steps to lay '{'surface'}' (PDF)"),
    also: ['build sheet', 'helper', 'stages', 'pdf', 'instructions'],
    of: 'surface',
    kind: 'paper',
    save: (plan, id) => boardFile(plan, id, 'build'),
  },
  {
    id: 'template',
    words: t("Template of '{'surface'}', true size (PDF)"),
    also: ['pdf', 'life size', 'place mat', 'legend'],
    of: 'surface',
    kind: 'paper',
    save: (plan, id) => boardFile(plan, id, 'template'),
  },
  {
    id: 'svg',
    words: t("SVG of '{'surface'}'"),
    also: ['picture', 'drawing', 'vector'],
    of: 'surface',
    kind: 'picture',
    save: (plan, id) => onePicture(plan, id, 'svg'),
  },
  {
    id: 'png',
    words: t("PNG of '{'surface'}'"),
    also: ['picture', 'image', 'photo'],
    of: 'surface',
    kind: 'picture',
    save: (plan, id) => onePicture(plan, id, 'png'),
  },
  {
    id: 'picture-pdf',
    words: t("PDF of '{'surface'}'"),
    also: ['picture', 'pdf', 'print the picture'],
    of: 'surface',
    kind: 'picture',
    save: picturePaper,
  },
  {
    id: 'all-svg',
    words: t('SVG of every surface'),
    also: ['pictures', 'zip'],
    of: 'surfaces',
    kind: 'picture',
    save: (plan) => allPictures(plan, 'svg'),
  },
  {
    id: 'all-png',
    words: t('PNG of every surface'),
    also: ['pictures', 'zip'],
    of: 'surfaces',
    kind: 'picture',
    save: (plan) => allPictures(plan, 'png'),
  },
];
