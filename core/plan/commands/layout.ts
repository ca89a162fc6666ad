import { z } from 'zod';
import { elementSchema, type LaidElement } from '../records/element.js';
import { surfaceSchema } from '../records/surface.js';
import { type Plan } from '../plan.js';
import { command, replaceBy } from './command.js';

const surfaceId = surfaceSchema.shape.id;
const elementId = elementSchema.shape.id;

function withElement(
  plan: Plan,
  c: { surfaceId: string; elementId: string },
  change: (element: LaidElement) => LaidElement,
): Plan {
  return {
    ...plan,
    layout: plan.layout.map((layer) =>
      layer.surfaceId === c.surfaceId
        ? {
            ...layer,
            elements: layer.elements.map((element) =>
              element.id === c.elementId ? change(element) : element,
            ),
          }
        : layer,
    ),
  };
}

/** The outline goes along with its element. */
function shifted(element: LaidElement, x: number, y: number, angle: number): LaidElement {
  const turn = ((angle - element.angle) * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const r = (n: number) => Math.round(n * 10) / 10;
  return {
    ...element,
    x: r(x),
    y: r(y),
    angle: r(((angle % 360) + 360) % 360),
    outline: element.outline.map(([px, py]) => {
      const [dx, dy] = [px - element.x, py - element.y];
      return [r(x + dx * cos - dy * sin), r(y + dx * sin + dy * cos)];
    }),
  };
}

/** How what is chosen lies. */
export const LAYOUT_COMMANDS = [
  command(
    'set-layout',
    'lay the board',
    { surfaceId, elements: z.array(elementSchema).max(400) },
    (plan, layer) => ({
      ...plan,
      layout: replaceBy(plan.layout, (otherLayer) => otherLayer.surfaceId === layer.surfaceId, {
        surfaceId: layer.surfaceId,
        elements: layer.elements,
      }),
    }),
  ),
  command(
    'move-element',
    'move on the board',
    { surfaceId, elementId, x: z.number(), y: z.number(), angle: z.number() },
    (plan, c) => withElement(plan, c, (element) => shifted(element, c.x, c.y, c.angle)),
  ),
  command('pin-element', 'pin on the board', { surfaceId, elementId, on: z.boolean() }, (plan, c) =>
    withElement(plan, c, (element) => ({ ...element, pinned: c.on })),
  ),
] as const;
