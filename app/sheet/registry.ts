import type { ComponentType } from 'react';
import type { StationView } from '../stations/station.js';
import { t } from '../words/index.js';

/** A page to print, to hand out or to send. */
export interface PageRecord {
  /** Its address: /plan/…/<id>, with one word more where it is about one of many. */
  id: string;
  of?: true;
  /** As the command box says it; a page about one of many is opened from there. */
  words?: string;
  also?: readonly string[];
  view(): Promise<{ default: ComponentType<StationView> }>;
}

export const PAGES: readonly PageRecord[] = [
  {
    id: 'sheet',
    words: t('Print the sheet'),
    also: ['kitchen sheet', 'paper', 'print the plan'],
    view: () => import('./Sheet.js').then((module) => ({ default: module.Sheet })),
  },
  {
    id: 'build',
    words: t('Print how the board is laid, step by step'),
    also: ['build sheet', 'helper', 'stages', 'instructions'],
    view: () => import('./BuildSheet.js').then((module) => ({ default: module.BuildSheet })),
  },
  {
    id: 'reply',
    words: t('Print slips for the guests to answer'),
    also: ['invitation', 'questions to guests'],
    view: () => import('./ReplySlips.js').then((module) => ({ default: module.ReplySlips })),
  },
  {
    id: 'bites',
    words: t('Print the bites'),
    also: ['pairings', 'what goes with what'],
    view: () => import('./BitesSheet.js').then((module) => ({ default: module.BitesSheet })),
  },
  {
    id: 'menu',
    words: t('Print the menu'),
    also: ['grams each', 'what is served', 'list of foods'],
    view: () => import('./MenuSheet.js').then((module) => ({ default: module.MenuSheet })),
  },
  {
    id: 'day',
    words: t('Print the work, a sheet for each helper'),
    also: ['schedule', 'timeline', 'prep cards', 'who does what'],
    view: () => import('./DaySheet.js').then((module) => ({ default: module.DaySheet })),
  },
  {
    id: 'shopping',
    words: t('Print the shopping list'),
    also: ['to buy', 'groceries'],
    view: () => import('./ShopSheet.js').then((module) => ({ default: module.ShopSheet })),
  },
  {
    id: 'offer',
    words: t('Write the offer to the client'),
    also: ['price', 'quote', 'proposal', 'letterhead', 'margin', 'deposit'],
    view: () => import('./OfferSheet.js').then((module) => ({ default: module.OfferSheet })),
  },
  {
    id: 'allergens',
    words: t('Print the allergen table'),
    also: ['fourteen allergens', 'what contains what', 'table to hang'],
    view: () => import('./AllergenSheet.js').then((module) => ({ default: module.AllergenSheet })),
  },
  {
    id: 'bench',
    words: t('Print the bench'),
    also: ['stencils', 'true size', 'cutters', 'press order'],
    view: () => import('./BenchSheet.js').then((module) => ({ default: module.BenchSheet })),
  },
  {
    id: 'card',
    of: true,
    view: () => import('./GuestCardSheet.js').then((module) => ({ default: module.GuestCardPage })),
  },
];
