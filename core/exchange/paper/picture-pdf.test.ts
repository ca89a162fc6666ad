import { expect, test } from '@jest/globals';
import { PDFDocument } from 'pdf-lib';
import { board, planWith } from '../../testing/plans.js';
import { picturePdf } from './picture-pdf.js';

/** Two pixels wide and one high, grey. */
const WIDE = 'iVBORw0KGgoAAAANSUhEUgAAAAIAAAABCAAAAADRSSBWAAAAC0lEQVR4nGNomAAAAZMBEX3aq9gAAAAASUVORK5CYII=';

test.each([
  ['a4', 297, 210],
  ['letter', 279.4, 215.9],
] as const)('a wide picture lies across one page of %s', async (paper, width, height) => {
  const png = new Uint8Array(Buffer.from(WIDE, 'base64'));
  const file = await picturePdf(planWith({}), board(), png, paper);
  const pdf = await PDFDocument.load(file);
  expect(pdf.getPageCount()).toBe(1);
  const { width: w, height: h } = pdf.getPage(0).getSize();
  expect([(w * 25.4) / 72, (h * 25.4) / 72].map(Math.round)).toEqual([width, height].map(Math.round));
  const held = pdf.context.enumerateIndirectObjects().map(([, object]) => String(object));
  expect(held.filter((text) => text.includes('/Image')).length).toBeGreaterThan(0);
  // the same answer again: it carries no time
  expect(await picturePdf(planWith({}), board(), png, paper)).toEqual(file);
});

test('what is no picture is refused', async () => {
  await expect(picturePdf(planWith({}), board(), new Uint8Array([1, 2, 3]), 'a4')).rejects.toBeDefined();
});
