import type { Component, FormFact } from '../catalogue/index.js';
import { line } from './brush.js';
import { drawPiece } from './board.js';
import { SvgSink } from './svg.js';

/** Of a piece's shorter side, what it takes on the stick. */
const PITCH = 0.85;
const [HANDLE_MM, TIP_MM] = [20, 10];

/** One skewer as it is threaded, from left to right: millimetres, around its middle. */
export function skewerSvg(pieces: readonly { component: Component; fact: FormFact }[]): {
  svg: string;
  widthMm: number;
  heightMm: number;
} {
  const sides = pieces.map(({ fact }) => Math.min(fact.lengthMm, fact.widthMm));
  const widthMm = HANDLE_MM + TIP_MM + sides.reduce((sum, side) => sum + side * PITCH, 0);
  const heightMm = Math.max(20, ...pieces.map(({ fact }) => Math.max(fact.lengthMm, fact.widthMm))) * 1.1;
  const sink = new SvgSink('skewer-');
  sink.path(
    line([
      [-widthMm / 2, 0],
      [widthMm / 2, 0],
    ]),
    { stroke: '#caa46a', width: 2.4 },
  );
  let x = -widthMm / 2 + HANDLE_MM;
  pieces.forEach(({ component, fact }, i) => {
    const side = sides[i]!;
    const angle = fact.lengthMm > fact.widthMm ? 90 : 0;
    drawPiece(sink, component, fact, fact.lengthMm, fact.widthMm, x + (side * PITCH) / 2, 0, angle, i + 1);
    x += side * PITCH;
  });
  return { svg: sink.whole([-widthMm / 2, -heightMm / 2, widthMm, heightMm], 'skewer'), widthMm, heightMm };
}
