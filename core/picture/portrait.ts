import { FORMS, usualForm, type Component, type FormFact } from '../catalogue/index.js';
import { createRandom, seedOf } from '../measure/index.js';
import { drawPiece } from './board.js';
import type { Point } from '../geometry/index.js';
import { SvgSink } from './svg.js';
import { drawTwigs } from './twig.js';

/** How many pieces a portrait shows, by how they lie. */
const COUNT = { alone: 1, run: 6, loose: 7 } as const;

/** A small heap, run or single of the food, by the recipe that draws the board: 100 mm wide, around the middle. */
export function portraitSvg(component: Component, form?: FormFact): string {
  const fact = form ?? usualForm(component);
  const random = createRandom(seedOf('portrait', component.id));
  const sink = new SvgSink(`p-${component.id}-`);
  const lies = FORMS[fact.form].lies;
  const n = COUNT[lies];
  const reach = Math.max(fact.lengthMm, fact.widthMm);
  let half = reach * 0.62;
  if (lies === 'run') {
    const pitch = Math.max(6, fact.widthMm * 0.3);
    half = Math.max(fact.lengthMm / 2, (pitch * (n - 1)) / 2 + fact.widthMm / 2) * 1.12;
    for (let i = 0; i < n; i++)
      drawPiece(
        sink,
        component,
        fact,
        fact.lengthMm,
        fact.widthMm,
        (i - (n - 1) / 2) * pitch,
        random.range(-1, 1),
        90 + random.range(-4, 4),
        i + 1,
      );
  } else if (lies === 'loose') {
    half = reach * 1.32;
    const heap = Array.from({ length: n }, (_, i): Point => {
      const r = reach * 0.82 * Math.sqrt(i / n);
      return [r * Math.cos(i * 2.4), r * 0.86 * Math.sin(i * 2.4)];
    }).reverse();
    for (const [i, [x, y]] of heap.entries())
      drawPiece(sink, component, fact, fact.lengthMm, fact.widthMm, x, y, random.range(0, 360), n - i);
    drawTwigs(sink, { fact, random }, heap);
  } else
    drawPiece(
      sink,
      component,
      fact,
      fact.lengthMm,
      fact.widthMm,
      0,
      0,
      fact.form === 'wedge' ? -28 : fact.piece === 'sprig' ? -30 : 0,
      3,
    );
  return sink.whole([-half, -half, half * 2, half * 2], component.name);
}
