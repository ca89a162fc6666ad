import { z } from 'zod';
import { elementSchema, type LaidElement } from '../records/element.js';
import { surfaceSchema } from '../records/surface.js';
import { bent, endPulled, given, parted, together } from '../piles.js';
import { type Plan } from '../plan.js';
import { command, replaceBy } from './command.js';

const surfaceId = surfaceSchema.shape.id;
const elementId = elementSchema.shape.id;

/** Changes an element and what lies in one motif with it; `change` is told which one was named. */
function withElement(
  plan: Plan,
  c: { surfaceId: string; elementId: string },
  change: (element: LaidElement, named: LaidElement) => LaidElement,
): Plan {
  return {
    ...plan,
    layout: plan.layout.map((layer) => {
      const named = layer.elements.find(({ id }) => id === c.elementId);
      if (layer.surfaceId !== c.surfaceId || !named) return layer;
      return {
        ...layer,
        elements: layer.elements.map((element) =>
          isWith(element, named) ? change(element, named) : element,
        ),
      };
    }),
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

/** The parts of one motif are moved, and pinned, as one thing. */
const isWith = (element: LaidElement, other: LaidElement): boolean =>
  element.id === other.id || (element.motif !== undefined && element.motif === other.motif);

/** Moved along with the one that a hand has taken, about that one's place. */
function carried(
  element: LaidElement,
  by: LaidElement,
  c: { x: number; y: number; angle: number },
): LaidElement {
  const turn = ((c.angle - by.angle) * Math.PI) / 180;
  const [dx, dy] = [element.x - by.x, element.y - by.y];
  return shifted(
    element,
    c.x + dx * Math.cos(turn) - dy * Math.sin(turn),
    c.y + dx * Math.sin(turn) + dy * Math.cos(turn),
    element.angle + c.angle - by.angle,
  );
}

/** Changes what lies on one surface. */
const onLayer = (
  plan: Plan,
  surfaceId: string,
  change: (elements: LaidElement[]) => LaidElement[],
): Plan => ({
  ...plan,
  layout: plan.layout.map((layer) =>
    layer.surfaceId === surfaceId ? { ...layer, elements: change(layer.elements) } : layer,
  ),
});

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
    (plan, c) => withElement(plan, c, (element, named) => carried(element, named, c)),
  ),
  command('pin-element', 'pin on the board', { surfaceId, elementId, on: z.boolean() }, (plan, c) =>
    withElement(plan, c, (element) => ({ ...element, pinned: c.on })),
  ),
  command('part-pile', 'part a pile', { surfaceId, elementId, newId: elementId }, (plan, c) =>
    onLayer(plan, c.surfaceId, (elements) =>
      elements.some(({ id }) => id === c.newId)
        ? elements
        : elements.flatMap((element) =>
            element.id === c.elementId ? (parted(element, c.newId) ?? [element]) : [element],
          ),
    ),
  ),
  command('join-piles', 'put piles together', { surfaceId, elementId, otherId: elementId }, (plan, c) =>
    onLayer(plan, c.surfaceId, (elements) => {
      const [element, other] = [c.elementId, c.otherId].map((id) => elements.find((each) => each.id === id));
      const joined = element && other && together(element, other);
      if (!joined) return elements;
      return elements.flatMap((each) => (each === other ? [] : each === element ? [joined] : [each]));
    }),
  ),
  command(
    'give-pieces',
    'move pieces to another pile',
    { surfaceId, fromId: elementId, toId: elementId, count: z.number().int().min(1).max(500) },
    (plan, c) =>
      onLayer(plan, c.surfaceId, (elements) => {
        const [from, to] = [c.fromId, c.toId].map((id) => elements.find((each) => each.id === id));
        const both = from && to && given(from, to, c.count);
        return both
          ? elements.map((each) => (each === from ? both.from : each === to ? both.to : each))
          : elements;
      }),
  ),
  command(
    'bend-row',
    'bend a row',
    { surfaceId, elementId, byMm: z.number().min(-500).max(500) },
    (plan, c) =>
      onLayer(plan, c.surfaceId, (elements) =>
        elements.map((element) =>
          element.id === c.elementId ? (bent(element, c.byMm) ?? element) : element,
        ),
      ),
  ),
  command(
    'pull-row-end',
    'pull a row’s end',
    {
      surfaceId,
      elementId,
      end: z.union([z.literal(0), z.literal(1)]),
      dxMm: z.number().min(-2000).max(2000),
      dyMm: z.number().min(-2000).max(2000),
    },
    (plan, c) =>
      onLayer(plan, c.surfaceId, (elements) =>
        elements.map((element) =>
          element.id === c.elementId ? (endPulled(element, c.end, c.dxMm, c.dyMm) ?? element) : element,
        ),
      ),
  ),
  command('trade-places', 'trade places', { surfaceId, elementId, otherId: elementId }, (plan, c) => {
    const layer = plan.layout.find((layer) => layer.surfaceId === c.surfaceId);
    const [a, b] = [c.elementId, c.otherId].map((id) => layer?.elements.find((each) => each.id === id));
    if (!a || !b || isWith(a, b)) return plan;
    const to = (element: LaidElement, at: LaidElement) => ({ x: at.x, y: at.y, angle: element.angle });
    const stay = (element: LaidElement) => ({ ...element, pinned: true });
    const first = withElement(plan, { ...c, elementId: a.id }, (each, named) =>
      stay(carried(each, named, to(named, b))),
    );
    return withElement(first, { ...c, elementId: b.id }, (each, named) =>
      stay(carried(each, named, to(named, a))),
    );
  }),
] as const;
