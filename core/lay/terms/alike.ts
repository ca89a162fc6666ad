import { MIN_BORDER_MM } from '../reading.js';
import { kept, SILENT, term } from './term.js';

const KINDS = new Set(['cured-meat', 'fish', 'vehicle']);

/** Meat lies by meat, or bread by bread, only where it must. */
export const alike = term({
  id: 'kinds',
  weight: 0.5,
  border: (a, b) => (a.family === b.family ? (KINDS.has(a.family) ? 3 : 0.8) : 0),
  read({ contacts }) {
    const long = contacts.filter(({ a, b, mm }) => mm >= MIN_BORDER_MM && a.component.id !== b.component.id);
    if (long.length === 0) return SILENT;
    const same = long.filter(({ a, b }) => a.component.family === b.component.family);
    return kept(1 - same.reduce((sum, { mm }) => sum + mm, 0) / long.reduce((sum, { mm }) => sum + mm, 0));
  },
});
