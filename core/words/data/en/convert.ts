/** What turning a whole board came to. */
export const CONVERT = {
  'convert.stay':
    '{stay, number} of {all, number} foods stay; {turned, number} become something else, so that the board fits: {what}.',
  'convert.apart': '{n, number} {n, plural, one {goes} other {go}} on a board apart: no swap does the job.',
  'convert.gone': '{n, number} left out.',
  'convert.labels': '{n, plural, one {# label} other {# labels}} to read first.',
  'convert.added':
    '{n, plural, one {# food is} other {# foods are}} added, so that everyone is looked after.',
  'convert.cheaper': 'cheaper',
  'convert.for': 'for {n, number}',
  'convert.elsewhere': 'for that place and month',
  'convert.no-choice': 'No choice of swaps makes this board.',
  'convert.no-money':
    'No choice of swaps keeps within that money: allow a little more, or leave foods out by hand.',
  'convert.stops':
    'Turned so, service would stop: {slips} Turn fewer needs at once, or add food for them first.',
  'convert.two-slips': '{one} {other}',
  'convert.open': '{food}: {why}',
  'convert.read-label': 'read its label',
} as const;
