/** The bench: why a drawing is no cutter. */
export const SHAPE = {
  'opening.fits': 'a wall of {wall} stays all round',
  'opening.no-wall': 'only {wall} of wall would stay; it needs {least} all round',
  'opening.lid':
    'a lid of {lid} is too thin or too thick: a quarter to a third of the wheel is {from} to {to}',
  'word.fits': 'every letter holds',
  'word.missing': 'there is no cutter for {letters}',
  'word.unfit': 'this food is not cut with cutters',
  'word.thin': 'too thin in this food: {letters}; from {least} high they hold',
  'word.too-large': 'the letters do not go onto this slice',

  'svg.too-long': 'the drawing is larger than {most, number} characters',
  'svg.no-svg': 'it is no SVG: {reason}',
  'svg.no-outline': 'there is no closed outline in it',
  'svg.open': 'the outline is open: it begins at {x}, {y} and ends elsewhere',
  'svg.crosses-itself': 'the outline crosses itself near {x}, {y}',
  'svg.too-many-points': 'it has more than {most, number} points',
  'svg.bad-path': 'a path in it cannot be read: {reason}',
  'svg.tiny': 'it is smaller than two millimetres: give it a size',
} as const;
