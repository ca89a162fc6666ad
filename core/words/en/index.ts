import { CARE } from './care.js';
import { FACTS } from './facts.js';
import { FINDINGS } from './findings.js';
import { REMEDIES } from './remedies.js';
import { WHY } from './why.js';

export const EN = {
  'list.more': '{named} and {n, number} more',
  quote: '“{name}”',
  'outline.round': 'Ø {d}',
  'outline.rectangle': '{l} × {w}',
  ...FINDINGS,
  ...REMEDIES,
  ...FACTS,
  ...CARE,
  ...WHY,
} as const;
