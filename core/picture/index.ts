export { boardSheets, boardSvg, drawElement, drawPiece, type DrawOptions, type Showing } from './board.js';
export { drawnSize, drawSurface, surfaceOutline, surfaceSize } from './boards.js';
export { portraitSvg } from './portrait.js';
export { RECIPES } from './recipes/index.js';
export { escapeXml, SvgSink } from './svg.js';
export type { Pen, Paint, Style } from './pen.js';
export { skewerSvg } from './skewer.js';
export { cardsOn } from './labels.js';
