import { allergy } from './parts.js';

export const celeryFree = allergy({
  id: 'celery-free',
  name: 'Celery allergy',
  also: ['celery free', 'celery', 'celeriac'],
  fact: 'allergen.celery',
  word: 'celery',
  traps: [
    'celery salt in pickles and chutney',
    'stock and spice mixes',
    'sausages',
    'mixed pickled vegetables',
  ],
  good: ['plain cheese', 'fruit', 'cucumber, tomato, pepper'],
});
