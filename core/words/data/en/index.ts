import { CARE } from './care.js';
import { CONVERT } from './convert.js';
import { DAY } from './day.js';
import { FACTS } from './facts.js';
import { FINDINGS } from './findings.js';
import { PAPER } from './paper.js';
import { QUESTIONS } from './questions.js';
import { REASONS } from './reasons.js';
import { REFUSALS } from './refusals.js';
import { REMEDIES } from './remedies.js';
import { SCHOOLS } from './schools.js';
import { SHAPE } from './shape.js';
import { WHY } from './why.js';

export const EN = {
  'list.more': '{named} and {n, number} more',
  quote: '“{name}”',
  'place.open': 'nothing',
  'place.cheese': 'cheese',
  'place.meat': 'meat, fish or the like',
  'place.bread': 'bread or crackers',
  'place.fruit': 'fruit',
  'place.green': 'vegetables',
  'place.nuts': 'nuts',
  'place.dips': 'dip',
  'place.sweet': 'sweets',
  'outline.round': 'Ø {d}',
  'outline.rectangle': '{l} × {w}',
  'outline.oval': '{l} × {w}, oval',
  'outline.notched':
    'it has a notch or a handle. Draw only the ground on which food lies, bulging outward all round; leave a handle away',
  'outline.own': '{l} × {w}, its own shape',
  'outline.half-round': '{l} × {w}, half round',
  ...FINDINGS,
  ...REMEDIES,
  ...FACTS,
  ...CARE,
  ...CONVERT,
  ...DAY,
  ...PAPER,
  ...QUESTIONS,
  ...REASONS,
  ...REFUSALS,
  ...SCHOOLS,
  ...SHAPE,
  ...WHY,
} as const;
