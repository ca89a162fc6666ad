import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { decodePDFRawStream, PDFArray, PDFDocument, PDFRawStream, type PDFPage } from 'pdf-lib';
import { layMotifOf, proposedMotif } from '../../core/board/index.js';
import { applyCommand, planLarder, type Plan } from '../../core/plan/index.js';
import {
  EDGE_MM,
  HEAD_MM,
  LAP_MM,
  lifeSizesOf,
  PAPERS,
  proposedCut,
  tilesOf,
  type PaperId,
} from '../../core/shape/index.js';
import { id, lies, planWith } from '../../core/testing/plans.js';
import { POINTS } from '../../core/exchange/paper/pages.js';
import { lifeSizePdf } from './life-size.js';

const start = planWith({
  placements: [lies('young-gouda', 400), lies('blueberries', 400), lies('brie', 250)],
});
const cut = proposedCut(planLarder(start).get(id('young-gouda'))!, [], 1)!;

function withMotif(plan: Plan): Plan {
  const done = applyCommand(plan, layMotifOf(plan, proposedMotif(plan, plan.surfaces[0]!)!)!);
  if (!done.ok) throw new Error('no motif');
  return done.plan;
}

/** Every point of the drawn outlines of a page, in millimetres from its lower left corner. */
function drawnOn(page: PDFPage): [number, number][] {
  const contents = page.node.Contents();
  const refs = contents instanceof PDFArray ? contents.asArray() : [contents!];
  const text = refs
    .map((ref) => page.doc.context.lookup(ref))
    .map((stream) =>
      stream instanceof PDFRawStream ? new TextDecoder().decode(decodePDFRawStream(stream).decode()) : '',
    )
    .join('\n');
  const points: [number, number][] = [];
  let [x0, y0, up] = [0, 0, 1];
  for (const line of text.split('\n')) {
    const moved = /^1 0 0 1 (-?[\d.]+) (-?[\d.]+) cm$/.exec(line);
    if (moved) [x0, y0] = [x0 + Number(moved[1]), y0 + Number(moved[2])];
    if (line === 'q') [x0, y0, up] = [0, 0, 1];
    // an outline is moved to its place and mirrored, as a path's y runs down
    if (/^[\d.]+ 0 0 -[\d.]+ 0 0 cm$/.test(line)) up = -1;
    const point = /^(-?[\d.]+) (-?[\d.]+) [ml]$/.exec(line);
    if (point) points.push([(x0 + Number(point[1])) / POINTS, (y0 + up * Number(point[2])) / POINTS]);
  }
  return points;
}

describe('the drawings of a plan in true size', () => {
  test('are its slice with numbered cuts, its cutters, and its motifs as they lie', () => {
    const pieces = [{ cutter: 0, x: 0, y: 0, angle: 30, locked: false }];
    const plan = withMotif({ ...start, cuts: [{ ...cut, pieces }] });
    const [slice, motif] = lifeSizesOf(plan);
    expect(lifeSizesOf(plan)).toHaveLength(2);
    expect([slice!.of, slice!.widthMm, slice!.numbers.map(({ n }) => n)]).toEqual([
      'slice',
      expect.closeTo(110, 0),
      [1],
    ]);
    // the slice, its piece and its cutter
    expect(slice!.lines).toHaveLength(3);
    expect(slice!.heightMm).toBeGreaterThan(110 + 20);
    expect(Math.max(motif!.widthMm, motif!.heightMm)).toBeLessThanOrEqual(plan.motifs[0]!.acrossMm + 0.2);
    expect(lifeSizesOf(start)).toEqual([]);
  });

  test('lie whole on their sheets: each point on one of them, neighbours lapping by a centimetre', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 10, max: 900 }),
        fc.integer({ min: 10, max: 900 }),
        fc.constantFrom<PaperId>('a4', 'letter'),
        fc.tuple(fc.double({ min: 0, max: 1, noNaN: true }), fc.double({ min: 0, max: 1, noNaN: true })),
        (widthMm, heightMm, paper, [u, v]) => {
          const across = PAPERS[paper].widthMm - 2 * EDGE_MM;
          const up = PAPERS[paper].heightMm - 2 * EDGE_MM - HEAD_MM;
          const tiles = tilesOf({ widthMm, heightMm }, paper);
          const [x, y] = [u * widthMm, v * heightMm];
          const within = tiles.filter(
            (tile) =>
              x >= tile.x - 1e-6 &&
              x <= tile.x + across + 1e-6 &&
              y >= tile.y - 1e-6 &&
              y <= tile.y + up + 1e-6,
          );
          expect(within.length).toBeGreaterThan(0);
          expect(tiles.length).toBe(tiles[0]!.columns * tiles[0]!.rows);
          for (const tile of tiles) if (tile.column > 0) expect(tile.x % (across - LAP_MM)).toBeCloseTo(0, 6);
        },
      ),
    );
  });
});

describe('the PDF', () => {
  test.each(['a4', 'letter'] as const)(
    'has pages of %s, and an outline on them is as large as it is',
    async (paper) => {
      const pieces = [{ cutter: 0, x: 10, y: -5, angle: 30, locked: false }];
      const plan = { ...start, cuts: [{ ...cut, pieces }] };
      const pdf = await PDFDocument.load((await lifeSizePdf(plan, paper))!);
      expect(pdf.getPageCount()).toBe(1);
      const [page] = pdf.getPages() as [PDFPage];
      expect(page.getWidth() / POINTS).toBeCloseTo(PAPERS[paper].widthMm, 3);
      expect(page.getHeight() / POINTS).toBeCloseTo(PAPERS[paper].heightMm, 3);
      const below = PAPERS[paper].heightMm - EDGE_MM - HEAD_MM;
      const drawn = drawnOn(page).filter(([, y]) => y < below - 0.1);
      const [xs, ys] = [drawn.map(([x]) => x), drawn.map(([, y]) => y)];
      // young gouda is a slice of 110 mm
      expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(110, 0);
      expect(Math.max(...ys) - Math.min(...ys)).toBeCloseTo(lifeSizesOf(plan)[0]!.heightMm, 0);
      expect(Math.min(...xs)).toBeCloseTo(EDGE_MM, 0);
    },
  );

  test('a large motif takes several sheets, and a name in any letters is no hindrance', async () => {
    const large = { kind: 'round', diameterMm: 900 } as const;
    const plan = withMotif({
      ...start,
      occasion: { ...start.occasion, name: 'Ужин 晚餐 Åse' },
      surfaces: [{ ...start.surfaces[0]!, outline: large }],
    });
    const [motif] = lifeSizesOf(plan) as [ReturnType<typeof lifeSizesOf>[number]];
    const pdf = await PDFDocument.load((await lifeSizePdf(plan, 'a4'))!);
    expect(pdf.getPageCount()).toBe(tilesOf(motif, 'a4').length);
    expect(pdf.getPageCount()).toBeGreaterThan(3);
  });

  test('a plan without any gives none', async () => {
    expect(await lifeSizePdf(start, 'a4')).toBeUndefined();
  });
});
