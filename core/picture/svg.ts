import type { Paint, Pen, Style } from './pen.js';

const n = (v: number): string => String(Math.round(v * 100) / 100);

const ESCAPES: Record<string, string> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  "'": '&#39;',
};

/** What no XML may hold, escaped or not: control characters and halves of pairs. A picture with one cannot be opened. */
const NOT_IN_XML = /[^\t\n\r\u0020-\ud7ff\ue000-\ufffd\u{10000}-\u{10ffff}]/gu;

/** Text that came from a person, made harmless for markup. */
export const escapeXml = (text: string): string =>
  text.replace(NOT_IN_XML, '').replace(/[&<>"']/g, (char) => ESCAPES[char]!);

type ViewBox = readonly [number, number, number, number];

const idIn = (markup: string): string => /id="([^"]+)"/.exec(markup)![1]!;

const framed = (viewBox: ViewBox, title: string, markup: string): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${viewBox.map(n).join(' ')}" width="${n(viewBox[2])}mm" height="${n(viewBox[3])}mm" role="img"><title>${escapeXml(title)}</title>${markup}</svg>\n`;

/** A pen that writes SVG. Equal gradients are written once. */
export class SvgSink implements Pen {
  private readonly body: string[] = [];
  /** Where in the body something whole ends: outside all groups. */
  private readonly ends: number[] = [];
  private depth = 0;
  private readonly gradients = new Map<string, string>();
  private readonly clips = new Map<string, string>();
  private readonly prefix: string;

  constructor(prefix = 'g') {
    this.prefix = prefix;
  }

  path(d: string, style: Style): void {
    this.write(`<path d="${d}"${this.attributes(style)}/>`);
  }

  ellipse(x: number, y: number, rx: number, ry: number, style: Style, angle = 0): void {
    const turn = angle !== 0 && rx !== ry ? ` transform="rotate(${n(angle)} ${n(x)} ${n(y)})"` : '';
    const shape =
      rx === ry
        ? `<circle cx="${n(x)}" cy="${n(y)}" r="${n(rx)}"`
        : `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(rx)}" ry="${n(ry)}"`;
    this.write(`${shape}${turn}${this.attributes(style)}/>`);
  }

  group(
    x: number,
    y: number,
    angle: number,
    draw: () => void,
    attributes: Record<string, string> = {},
  ): void {
    const move = x !== 0 || y !== 0 ? `translate(${n(x)} ${n(y)})` : '';
    const turn = angle !== 0 ? `rotate(${n(angle)})` : '';
    const transform = move || turn ? ` transform="${move}${turn}"` : '';
    const more = Object.entries(attributes)
      .map(([key, value]) => ` ${key}="${escapeXml(value)}"`)
      .join('');
    this.grouped(`<g${transform}${more}>`, draw);
  }

  text(x: number, y: number, size: number, words: string, colour: string): void {
    // a picture in a file knows no fonts of ours: a plain face of whoever opens it
    this.write(
      `<text x="${n(x)}" y="${n(y)}" font-size="${n(size)}" font-family="'Alegreya Sans', sans-serif" text-anchor="middle" fill="${colour}">${escapeXml(words)}</text>`,
    );
  }

  within(d: string, draw: () => void): void {
    const id = this.clips.get(d) ?? `${this.prefix}w${this.clips.size}`;
    this.clips.set(d, id);
    this.grouped(`<g clip-path="url(#${id})">`, draw);
  }

  /** Gradients and paths to draw within, by their ids. */
  private defs(): Map<string, string> {
    const gradients = [...this.gradients.values()].map((markup): [string, string] => [idIn(markup), markup]);
    const clips = [...this.clips].map(([d, id]): [string, string] => [
      id,
      `<clipPath id="${id}"><path d="${d}"/></clipPath>`,
    ]);
    return new Map([...gradients, ...clips]);
  }

  /** The inner markup: gradients and paths to draw within first, then what was drawn. */
  markup(): string {
    const defs = [...this.defs().values()].join('');
    return (defs && `<defs>${defs}</defs>`) + this.body.join('');
  }

  whole(viewBox: ViewBox, title: string): string {
    return framed(viewBox, title, this.markup());
  }

  /**
   * The same drawing in sheets that lie one over the other, each of about so many letters and with what it refers to: who
   * reads a drawing of a megabyte at once does nothing else for a tenth of a second.
   */
  sheets(viewBox: ViewBox, title: string, letters: number): string[] {
    const defs = this.defs();
    const sheets: string[] = [];
    let [from, size, read] = [0, 0, 0];
    for (const end of this.ends) {
      for (; read < end; read++) size += this.body[read]!.length;
      if (size < letters && end < this.body.length) continue;
      const body = this.body.slice(from, end).join('');
      const used = new Set([...body.matchAll(/url\(#([^)]+)\)/g)].map(([, id]) => id!));
      const here = [...defs].filter(([id]) => used.has(id)).map(([, markup]) => markup);
      sheets.push(framed(viewBox, title, `<defs>${here.join('')}</defs>${body}`));
      [from, size] = [end, 0];
    }
    return sheets.length > 0 ? sheets : [this.whole(viewBox, title)];
  }

  private write(markup: string): void {
    this.body.push(markup);
    if (this.depth === 0) this.ends.push(this.body.length);
  }

  private grouped(open: string, draw: () => void): void {
    this.body.push(open);
    this.depth += 1;
    draw();
    this.depth -= 1;
    this.write('</g>');
  }

  private attributes(style: Style): string {
    const fill = style.fill === undefined ? 'none' : this.paint(style.fill);
    let out = ` fill="${fill}"`;
    if (style.stroke) {
      out += ` stroke="${style.stroke}" stroke-width="${n(style.width ?? 1)}" stroke-linecap="round" stroke-linejoin="round"`;
      if (style.dash) out += ` stroke-dasharray="${style.dash}"`;
    }
    if (style.opacity !== undefined && style.opacity < 1) out += ` opacity="${n(style.opacity)}"`;
    return out;
  }

  private paint(paint: Paint): string {
    if (typeof paint === 'string') return paint;
    const key = JSON.stringify(paint);
    if (!this.gradients.has(key))
      this.gradients.set(key, this.gradient(paint, `${this.prefix}${this.gradients.size}`));
    return `url(#${idIn(this.gradients.get(key)!)})`;
  }

  private gradient(paint: Exclude<Paint, string>, id: string): string {
    const stops = ('radial' in paint ? paint.radial : paint.linear)
      .map(
        ([o, char, a]) =>
          `<stop offset="${n(o)}" stop-color="${char}"${a === undefined ? '' : ` stop-opacity="${n(a)}"`}/>`,
      )
      .join('');
    if ('linear' in paint)
      return `<linearGradient id="${id}" x1="${n(paint.x1 ?? 0)}" y1="${n(paint.y1 ?? 0)}" x2="${n(paint.x2 ?? 0)}" y2="${n(paint.y2 ?? 1)}">${stops}</linearGradient>`;
    const [cx, cy] = [paint.cx ?? 0.5, paint.cy ?? 0.5];
    return `<radialGradient id="${id}" cx="${n(cx)}" cy="${n(cy)}" r="${n(paint.r ?? 0.5)}" fx="${n(paint.fx ?? cx)}" fy="${n(paint.fy ?? cy)}">${stops}</radialGradient>`;
  }
}
