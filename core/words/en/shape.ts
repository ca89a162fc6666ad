/** The bench: why a drawing is no cutter. */
export const SHAPE = {
  'svg.too-long': 'the drawing is larger than {most, number} characters',
  'svg.no-svg': 'it is no SVG: {reason}',
  'svg.no-outline': 'there is no closed outline in it',
  'svg.open': 'the outline is open: it begins at {x}, {y} and ends elsewhere',
  'svg.crosses-itself': 'the outline crosses itself near {x}, {y}',
  'svg.too-many-points': 'it has more than {most, number} points',
  'svg.bad-path': 'a path in it cannot be read: {reason}',
  'svg.tiny': 'it is smaller than two millimetres: give it a size',
} as const;
