import { escapeXml } from './svg.js';
import { describe, expect, test } from '@jest/globals';
import { formatHex, parse } from 'culori';
import { CATALOGUE, usualForm } from '../catalogue/index.js';
import { createRandom } from '../measure/index.js';
import { layPlan, stackOf } from '../lay/index.js';
import { planLarder, type Plan } from '../plan/index.js';
import { lies, planWith } from '../testing/plans.js';
import { blob, closed, dots, mix, paler, smooth, speckle } from './brush.js';
import { boardSheets, boardSvg, drawPiece, portraitSvg, SvgSink } from './index.js';
import { contentOf, CUT_FOR_BOWLS } from './recipes/in-bowls.js';
import { lit, linear, radial, type Pen, type Style } from './pen.js';

/** A sink that keeps what was drawn, with the groups' places: drawing is emitted, not written. */
class Recorder implements Pen {
  readonly calls: { kind: string; x: number; y: number; style?: Style }[] = [];
  private at = { x: 0, y: 0 };
  path(d: string, style: Style): void {
    this.calls.push({ kind: `path ${d}`, ...this.at, style });
  }
  ellipse(x: number, y: number, rx: number, ry: number, style: Style): void {
    this.calls.push({ kind: `ellipse ${rx} ${ry}`, x: this.at.x + x, y: this.at.y + y, style });
  }
  group(x: number, y: number, _angle: number, draw: () => void): void {
    const before = this.at;
    this.at = { x: before.x + x, y: before.y + y };
    draw();
    this.at = before;
  }
  text(x: number, y: number, _size: number, words: string): void {
    this.calls.push({ kind: `text ${words}`, x: this.at.x + x, y: this.at.y + y });
  }
  within(_d: string, draw: () => void): void {
    draw();
  }
}

const laid = (): Plan => {
  const plan = planWith({
    placements: [
      lies('brie', 250),
      lies('hummus-home', 200),
      lies('strawberries', 120),
      lies('water-crackers', 60),
      lies('almonds', 40, { contained: true }),
    ],
  });
  return layPlan(plan, 2).plan;
};

test('the dark ground under the piles never looks out over the rim: it is drawn within the ground', () => {
  const svg = boardSvg(laid(), laid().surfaces[0]!);
  const [, id] = /<clipPath id="([^"]+)"><path d="M[^"]+Z"\/>/.exec(svg)!;
  const from = svg.indexOf(`clip-path="url(#${id})"`);
  expect(from).toBeGreaterThan(0);
  // shapes of the ground alone, and no pile within them
  const within = svg.slice(from, svg.indexOf('</g>', from));
  expect(within.match(/<path /g)!.length).toBeGreaterThan(1);
  expect(within).not.toContain('data-element');
});

describe('paints', () => {
  test('stops come in order, whatever order they were written in', () => {
    expect(radial({ 1: '#fff', 0.5: '#888', 0: '#000' })).toEqual({
      radial: [
        [0, '#000'],
        [0.5, '#888'],
        [1, '#fff'],
      ],
    });
    expect(linear({ 0: '#000', 1: '#fff' }, [0, 0, 1, 0])).toMatchObject({ x1: 0, y1: 0, x2: 1, y2: 0 });
    expect(lit({ 0: '#fff', 1: '#000' }, [0.3, 0.4, 0.6])).toMatchObject({ fx: 0.3, fy: 0.4, r: 0.6 });
  });

  test('colours are mixed to a colour between them, and no further', () => {
    expect(mix('#000000', '#ffffff', 0)).toBe('#000000');
    expect(mix('#000000', '#ffffff', 1)).toBe('#ffffff');
    expect(mix('#000000', '#ffffff', 7)).toBe('#ffffff');
    const grey = parse(mix('#000000', '#ffffff', 0.5));
    expect(formatHex(grey)).toMatch(/^#([0-9a-f]{2})\1\1$/);
    expect(paler('#aa3333', 0.2)).not.toBe('#aa3333');
  });
});

describe('lines', () => {
  test('a smooth closed curve goes through its points and closes; dots are dots', () => {
    const points: [number, number][] = [
      [0, 0],
      [10, 0],
      [10, 10],
    ];
    expect(smooth(points)).toMatch(/^M0 0C.*10 10.*Z$/);
    expect(smooth(points, false)).not.toContain('Z');
    expect(closed(points)).toBe('M0 0L10 0L10 10Z');
    expect(dots(points)).toBe('M0 0h0M10 0h0M10 10h0');
  });

  test('uneven ovals and speckles stay near their size', () => {
    for (const [x, y] of blob(createRandom(3), 20, 10, 12))
      expect(Math.hypot(x / 20, y / 10)).toBeLessThan(1.2);
    for (const [x, y] of speckle(createRandom(3), 60, 20, 10))
      expect(Math.hypot(x / 20, y / 10)).toBeLessThanOrEqual(1.0001);
  });
});

describe('the SVG sink', () => {
  test('writes equal gradients once and names them after the drawing', () => {
    const sink = new SvgSink('oak-');
    const fill = radial({ 0: '#fff', 1: '#000' });
    sink.path('M0 0', { fill });
    sink.ellipse(0, 0, 5, 5, { fill });
    const markup = sink.markup();
    expect(markup.match(/<radialGradient/g)).toHaveLength(1);
    expect(markup.match(/url\(#oak-0\)/g)).toHaveLength(2);
  });

  test('makes names harmless in attributes and titles', () => {
    const sink = new SvgSink();
    sink.group(0, 0, 0, () => sink.path('M0 0', { fill: 'red' }), { 'data-x': '"><script>' });
    const svg = sink.whole([0, 0, 10, 10], '<b>&');
    expect(svg).not.toContain('<script>');
    expect(svg).toContain('&lt;b&gt;&amp;');
  });

  test('holds no character that XML forbids, whatever a name is made of', () => {
    const name = 'Bell\u0007 and half\ud83d a pair\u0000\ufffe, whole 🧀 and\ttab';
    expect(escapeXml(name)).toBe('Bell and half a pair, whole 🧀 and\ttab');
  });

  test('leaves out what changes nothing: no empty transform, no full opacity', () => {
    const sink = new SvgSink();
    sink.group(0, 0, 0, () => sink.ellipse(1, 2, 3, 3, { fill: 'red', opacity: 1 }, 40));
    expect(sink.markup()).toBe('<g><circle cx="1" cy="2" r="3" fill="red"/></g>');
  });
});

describe('pieces of food', () => {
  test('show each of their three colours or a shade of them, and draw more than a flat shape', () => {
    for (const component of CATALOGUE) {
      const fact = usualForm(component);
      const pen = new Recorder();
      drawPiece(pen, component, fact, fact.lengthMm, fact.widthMm, 0, 0, 0, 5);
      expect(pen.calls.length).toBeGreaterThanOrEqual(3);
      expect(JSON.stringify(pen.calls)).toContain(component.colours[0]);
    }
  });

  test('two pieces of one food differ by their seed, the same seed draws the same', () => {
    const component = CATALOGUE.find((otherComponent) => otherComponent.id === 'strawberries')!;
    const fact = usualForm(component);
    const drawn = (seed: number) => {
      const pen = new Recorder();
      drawPiece(pen, component, fact, fact.lengthMm, fact.widthMm, 0, 0, 0, seed);
      return JSON.stringify(pen.calls);
    };
    expect(drawn(1)).toBe(drawn(1));
    expect(drawn(1)).not.toBe(drawn(2));
  });

  test('every food in every form, whole, half or double in size, is drawn in finite numbers near its place', () => {
    for (const component of CATALOGUE)
      for (const fact of component.forms)
        for (const scale of [0.5, 1, 2]) {
          const pen = new Recorder();
          const [length, width] = [fact.lengthMm * scale, fact.widthMm * scale];
          drawPiece(pen, component, fact, length, width, 100, -40, 30, 7);
          const drawn = JSON.stringify(pen.calls);
          expect([component.id, fact.form, /NaN|Infinity|null|undefined/.test(drawn)]).toEqual([
            component.id,
            fact.form,
            false,
          ]);
          // a handle or a leaf may reach out, a whole piece lies where it was put
          const far = Math.max(...pen.calls.map((call) => Math.hypot(call.x - 100, call.y + 40)));
          expect([component.id, fact.form, far < Math.max(length, width) * 1.5 + 5]).toEqual([
            component.id,
            fact.form,
            true,
          ]);
        }
  });

  test('a portrait holds the food and its name', () => {
    const brie = CATALOGUE.find((component) => component.id === 'brie')!;
    expect(portraitSvg(brie)).toContain('<title>Brie</title>');
    for (const form of brie.forms) expect(portraitSvg(brie, form).length).toBeGreaterThan(300);
  });
});

describe('the board', () => {
  const plan = laid();
  const surface = plan.surfaces[0]!;
  const svg = boardSvg(plan, surface);
  const group = (id: string, text: string) => new RegExp(`<g data-element="${id}"([^>]*)>`).exec(text)?.[1];

  test('draws every laid element, hard things over heaps, in true millimetres', () => {
    const order = [...svg.matchAll(/data-element="([^"]+)"/g)].map((match) => match[1]!);
    const larder = planLarder(plan);
    const layer = (id: string) => {
      const element = plan.layout[0]!.elements.find((element) => element.id === id)!;
      return stackOf(element, larder.get(element.componentId));
    };
    expect(order).toHaveLength(plan.layout[0]!.elements.length);
    order.slice(1).forEach((id, i) => expect(layer(id)).toBeGreaterThanOrEqual(layer(order[i]!)));
    expect(svg).toMatch(/width="428mm"/);
  });

  test('through a guest’s eyes what is not theirs is pale and what is touched is hatched', () => {
    const [pale, touched] = plan.layout[0]!.elements;
    const seen = boardSvg(plan, surface, {
      showing: new Map([
        [pale!.id, 'pale'],
        [touched!.id, 'hatched'],
      ]),
    });
    expect(group(pale!.id, seen)).toContain('opacity="0.22"');
    expect(group(touched!.id, seen)).not.toContain('opacity');
    expect(seen.length).toBeGreaterThan(svg.length);
  });

  test('a food that nobody knows any more is left out, and the rest is drawn', () => {
    const lost: Plan = {
      ...plan,
      layout: plan.layout.map((layer) => ({
        ...layer,
        elements: layer.elements.map((element, i) =>
          i === 0 ? { ...element, componentId: 'gone' as never } : element,
        ),
      })),
    };
    expect(group(plan.layout[0]!.elements[0]!.id, boardSvg(lost, surface))).toBeUndefined();
    expect(group(plan.layout[0]!.elements[1]!.id, boardSvg(lost, surface))).toBeDefined();
  });

  test('every material and outline has a board of its own', () => {
    const boards = (['oak', 'walnut', 'slate', 'marble', 'china', 'enamel', 'tin', 'paper'] as const).flatMap(
      (material) =>
        [surface.outline, { kind: 'rectangle' as const, lengthMm: 300, widthMm: 200, cornerMm: 20 }].map(
          (outline) => boardSvg({ ...plan, layout: [] }, { ...surface, material, outline }),
        ),
    );
    expect(new Set(boards).size).toBe(boards.length);
    for (const board of boards) expect(board).not.toMatch(/NaN|undefined/);
  });
});

test('a drawing in sheets is the same drawing: whole marks, in their order, each sheet with all that it refers to', () => {
  const plan = layPlan(
    planWith({
      placements: [
        lies('brie', 250),
        lies('strawberries', 300),
        lies('hummus-home', 200, { contained: true }),
      ],
    }),
    2,
  ).plan;
  const surface = plan.surfaces[0]!;
  const marks = (svg: string): string =>
    svg
      .replace(/<svg[^>]*><title>[^<]*<\/title>/, '')
      .replace(/<defs>.*?<\/defs>/s, '')
      .replace(/<\/svg>\s*$/, '');
  const whole = boardSvg(plan, surface);
  const sheets = boardSheets(plan, surface, {}, 15_000);
  expect(sheets.length).toBeGreaterThan(3);
  expect(sheets.map(marks).join('')).toBe(marks(whole));
  for (const sheet of sheets) {
    const refers = [...sheet.matchAll(/url\(#([^)]+)\)/g)].map(([, id]) => id!);
    expect(refers.filter((id) => !sheet.includes(`id="${id}"`))).toEqual([]);
    expect(sheet.match(/<g[ >]/g)?.length ?? 0).toBe(sheet.match(/<\/g>/g)?.length ?? 0);
    expect(sheet.length).toBeLessThan(whole.length / 2);
  }
});

test('what is cut for bowls is a food that stands in one, is on one list, and is not drawn as a heap', () => {
  expect(new Set(CUT_FOR_BOWLS).size).toBe(CUT_FOR_BOWLS.length);
  for (const id of CUT_FOR_BOWLS) {
    const food = CATALOGUE.find((component) => component.id === id);
    expect([id, food?.forms.some(({ form }) => form === 'bowl')]).toEqual([id, true]);
    expect([id, contentOf(id) === contentOf('green-olives')]).toEqual([id, false]);
  }
});

test('pieces that are counted through do not begin alike: bowls of one food have not all one glaze', () => {
  const honey = CATALOGUE.find(({ id }) => id === 'honey')!;
  const rims = ['#fbf7ee', '#4a5861', '#27366b'];
  const seen = Array.from({ length: 24 }, (_, seed) => {
    const sink = new SvgSink();
    drawPiece(sink, honey, usualForm(honey), 90, 90, 0, 0, 0, seed + 1);
    const markup = sink.whole([-50, -50, 100, 100], 'honey');
    return rims.findIndex((rim) => markup.includes(rim));
  });
  const often = [0, 1, 2].map((k) => seen.filter((rim) => rim === k).length);
  expect(often.filter((times) => times > 4).length).toBeGreaterThan(1);
});
