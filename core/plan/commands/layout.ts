import { z } from 'zod';
import { elementSchema, surfaceSchema, type LaidElement, type Plan } from '../plan.js';
import { command, replaceBy } from './command.js';

const surfaceId = surfaceSchema.shape.id;
const elementId = elementSchema.shape.id;

function withElement(
  plan: Plan,
  c: { surfaceId: string; elementId: string },
  change: (e: LaidElement) => LaidElement,
): Plan {
  return {
    ...plan,
    layout: plan.layout.map((l) =>
      l.surfaceId === c.surfaceId
        ? { ...l, elements: l.elements.map((e) => (e.id === c.elementId ? change(e) : e)) }
        : l,
    ),
  };
}

/** The outline goes along with its element. */
function shifted(e: LaidElement, x: number, y: number, angle: number): LaidElement {
  const turn = ((angle - e.angle) * Math.PI) / 180;
  const [cos, sin] = [Math.cos(turn), Math.sin(turn)];
  const r = (n: number) => Math.round(n * 10) / 10;
  return {
    ...e,
    x: r(x),
    y: r(y),
    angle: r(((angle % 360) + 360) % 360),
    outline: e.outline.map(([px, py]) => {
      const [dx, dy] = [px - e.x, py - e.y];
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
    (plan, c) => ({
      ...plan,
      layout: replaceBy(plan.layout, (l) => l.surfaceId === c.surfaceId, {
        surfaceId: c.surfaceId,
        elements: c.elements,
      }),
    }),
  ),
  command(
    'move-element',
    'move on the board',
    { surfaceId, elementId, x: z.number(), y: z.number(), angle: z.number() },
    (plan, c) => withElement(plan, c, (e) => shifted(e, c.x, c.y, c.angle)),
  ),
  command('pin-element', 'pin on the board', { surfaceId, elementId, on: z.boolean() }, (plan, c) =>
    withElement(plan, c, (e) => ({ ...e, pinned: c.on })),
  ),
] as const;
