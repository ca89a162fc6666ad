import { describe, expect, test } from '@jest/globals';
import { PDFDocument } from 'pdf-lib';
import { checkPlan } from '../../check/index.js';
import { handRecords, keptDay, scheduleOf } from '../../make/index.js';
import { EDGE_MM, PAPERS } from '../../shape/index.js';
import { ENGLISH } from '../../words/index.js';
import { dayPdf } from './day-pdf.js';
import { flowOf } from './flow.js';
import { offerPdf } from './offer-pdf.js';
import { pagesOf, POINTS, type Pages } from './pages.js';
import { laidDemo } from '../../test-support/demo.js';

const demo = laidDemo();
const pagesIn = async (pdf: Uint8Array) => (await PDFDocument.load(pdf)).getPages();

/** Pages that note where each line of text was set. */
async function noted(): Promise<{
  pages: Pages;
  lines: { words: string; page: number; x: number; y: number; right: number }[];
}> {
  const pages = await pagesOf('test', 'a4');
  const lines: { words: string; page: number; x: number; y: number; right: number }[] = [];
  let count = 0;
  const add = (): ReturnType<Pages['add']> => {
    const sheet = pages.add();
    const page = count++;
    const draw = sheet.page.drawText.bind(sheet.page);
    sheet.page.drawText = (words, options = {}) => {
      const x = (options.x ?? 0) / POINTS;
      const right = x + sheet.font.widthOfTextAtSize(words, options.size ?? 10) / POINTS;
      lines.push({ words, page, x, y: (options.y ?? 0) / POINTS, right });
      draw(words, options);
    };
    return sheet;
  };
  return { pages: { ...pages, add }, lines };
}

describe('text that flows over pages', () => {
  test('keeps every word, within the edges of the page, and never over another line', async () => {
    const { pages, lines } = await noted();
    const flow = flowOf(pages);
    const words = Array.from({ length: 900 }, (_, i) => `word${i}`);
    flow.head('A head');
    flow.text(words.join(' '));
    for (let n = 0; n < 60; n++) flow.row(`${n}:00`, [`row${n} ${words.slice(0, 25).join(' ')}`]);
    flow.text('x'.repeat(600));
    const text = lines.map((line) => line.words).join(' ');
    for (const word of words) expect(text).toContain(word);
    for (let n = 0; n < 60; n++) expect(text).toContain(`row${n} `);
    expect(text.replaceAll(' ', '')).toContain('x'.repeat(600));
    for (const { x, y, right } of lines) {
      expect(x).toBeGreaterThanOrEqual(EDGE_MM - 0.01);
      expect(right).toBeLessThanOrEqual(PAPERS.a4.widthMm - EDGE_MM + 0.01);
      expect(y).toBeGreaterThanOrEqual(EDGE_MM - 0.01);
      expect(y).toBeLessThan(PAPERS.a4.heightMm - EDGE_MM);
    }
    expect(new Set(lines.map(({ page }) => page)).size).toBeGreaterThan(3);
    const places = lines.map(({ page, x, y }) => `${page} ${x.toFixed(1)} ${y.toFixed(2)}`);
    expect(new Set(places).size).toBe(places.length);
  });
});

describe('the day and the offer as PDFs', () => {
  test('give each pair of hands a page of its own, and nothing where no day is laid out', async () => {
    expect(await dayPdf(demo, 'a4', ENGLISH)).toBe(undefined);
    const tasks = keptDay(demo, scheduleOf(demo, { rounds: 0 }));
    const laid = { ...demo, day: { ...demo.day, tasks } };
    const pdf = (await dayPdf(laid, 'a4', ENGLISH))!;
    const pages = await pagesIn(pdf);
    expect(pages.length).toBeGreaterThanOrEqual(handRecords(laid).length);
    expect(pages[0]!.getWidth()).toBeCloseTo(PAPERS.a4.widthMm * POINTS, 3);
    expect(await dayPdf(laid, 'a4', ENGLISH)).toEqual(pdf);
  });

  test('an offer is a PDF with or without a picture', async () => {
    const options = { paper: 'letter', speech: ENGLISH } as const;
    // one white point
    const png = Buffer.from(
      'iVBORw0KGgoAAAANSUhEUgAAAAEAAAABCAYAAAAfFcSJAAAADUlEQVR42mP8/5+hHgAHggJ/PchI7wAAAABJRU5ErkJggg==',
      'base64',
    );
    const checked = checkPlan(demo);
    for (const more of [{}, { png: new Uint8Array(png) }]) {
      const pages = await pagesIn(await offerPdf(demo, checked, { ...options, ...more }));
      expect(pages[0]!.getWidth()).toBeCloseTo(PAPERS.letter.widthMm * POINTS, 3);
    }
  });
});
