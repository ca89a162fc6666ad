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

/** A pen that writes SVG. Equal gradients are written once. */
export class SvgSink implements Pen {
  private readonly body: string[] = [];
  private readonly gradients = new Map<string, string>();
  private readonly clips = new Map<string, string>();
  private readonly prefix: string;

  constructor(prefix = 'g') {
    this.prefix = prefix;
  }

  path(d: string, style: Style): void {
    this.body.push(`<path d="${d}"${this.attributes(style)}/>`);
  }

  ellipse(x: number, y: number, rx: number, ry: number, style: Style, angle = 0): void {
    const turn = angle !== 0 && rx !== ry ? ` transform="rotate(${n(angle)} ${n(x)} ${n(y)})"` : '';
    const shape =
      rx === ry
        ? `<circle cx="${n(x)}" cy="${n(y)}" r="${n(rx)}"`
        : `<ellipse cx="${n(x)}" cy="${n(y)}" rx="${n(rx)}" ry="${n(ry)}"`;
    this.body.push(`${shape}${turn}${this.attributes(style)}/>`);
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
    this.body.push(`<g${transform}${more}>`);
    draw();
    this.body.push('</g>');
  }

  text(x: number, y: number, size: number, words: string, colour: string): void {
    // a picture in a file knows no fonts of ours: a plain face of whoever opens it
    this.body.push(
      `<text x="${n(x)}" y="${n(y)}" font-size="${n(size)}" font-family="'Alegreya Sans', sans-serif" text-anchor="middle" fill="${colour}">${escapeXml(words)}</text>`,
    );
  }

  within(d: string, draw: () => void): void {
    const id = this.clips.get(d) ?? `${this.prefix}w${this.clips.size}`;
    this.clips.set(d, id);
    this.body.push(`<g clip-path="url(#${id})">`);
    draw();
    this.body.push('</g>');
  }

  /** The inner markup: gradients and paths to draw within first, then what was drawn. */
  markup(): string {
    const clips = [...this.clips].map(([d, id]) => `<clipPath id="${id}"><path d="${d}"/></clipPath>`);
    const defs = [...this.gradients.values(), ...clips].join('');
    return (defs && `<defs>${defs}</defs>`) + this.body.join('');
  }

  whole(viewBox: readonly [number, number, number, number], title: string): string {
    const box = viewBox.map(n).join(' ');
    return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="${box}" width="${n(viewBox[2])}mm" height="${n(viewBox[3])}mm" role="img"><title>${escapeXml(title)}</title>${this.markup()}</svg>\n`;
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
    return `url(#${/id="([^"]+)"/.exec(this.gradients.get(key)!)![1]})`;
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
