import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { areaOf, placed, signedArea, type Point, type Polygon } from '../geometry/index.js';
import { CATALOGUE } from '../catalogue/index.js';
import { id } from '../testing/plans.js';
import { said } from '../testing/words.js';
import {
  bodyOf,
  boundsOf,
  CUTTERS,
  cutterById,
  cutterOutline,
  heightOf,
  neckOf,
  Nesting,
  ownSlice,
  readSvg,
  ring,
  sliceFrom,
  sliceAreaMm2,
  survives,
  svgOf,
  takenBy,
  svgProblemSaid,
  widthOf,
} from './index.js';
import { BODY_IDS } from './survive.js';
import { crossingOf } from './svg.js';

const bar = (length: number, width: number): Polygon => [
  [0, 0],
  [length, 0],
  [length, width],
  [0, width],
];
const dumbBell = (neck: number): Polygon => [
  [-15, -6],
  [-4, -6],
  [-4, -neck / 2],
  [4, -neck / 2],
  [4, -6],
  [15, -6],
  [15, 6],
  [4, 6],
  [4, neck / 2],
  [-4, neck / 2],
  [-4, 6],
  [-15, 6],
];

describe('the cutters', () => {
  test('there are forty at least, each with a name of its own', () => {
    expect(CUTTERS.length).toBeGreaterThanOrEqual(40);
    expect(new Set(CUTTERS.map(({ id }) => id)).size).toBe(CUTTERS.length);
    expect(new Set(CUTTERS.map(({ name }) => name)).size).toBe(CUTTERS.length);
  });

  test.each(CUTTERS.map((cutter) => [cutter.id, cutter] as const))(
    '%s is one strip, sized as it says',
    (_id, cutter) => {
      const outline = cutterOutline(cutter, 30);
      expect(crossingOf(outline)).toBeUndefined();
      expect(signedArea(outline)).toBeGreaterThan(0);
      const bounds = boundsOf(outline);
      const across = cutter.byTips
        ? 2 * Math.max(...outline.map(([x, y]) => Math.hypot(x, y)))
        : Math.max(widthOf(bounds), heightOf(bounds));
      expect(across).toBeCloseTo(30, 6);
      const both = boundsOf(cutterOutline(cutter, { widthMm: 40, heightMm: 18 }));
      expect([widthOf(both), heightOf(both)].map((mm) => Math.round(mm * 1e6) / 1e6)).toEqual([40, 18]);
      // big enough to be pressed out whole, whatever its limbs
      expect(neckOf(outline).neckMm).toBeGreaterThan(2.5);
    },
  );
});

describe('the narrowest neck', () => {
  test('of bars and dumb-bells is their width, however they are turned or drawn', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 1.5, max: 9, noNaN: true }),
        fc.integer({ min: 0, max: 359 }),
        fc.boolean(),
        (width, angle, backwards) => {
          for (const shape of [bar(40, width), dumbBell(width)]) {
            const turned = placed(backwards ? [...shape].reverse() : shape, 3, -8, angle);
            expect(Math.abs(neckOf(turned).neckMm - width)).toBeLessThan(0.05);
          }
        },
      ),
      { numRuns: 15 },
    );
  });

  test.each([
    ['block-e', 25, 5],
    ['crescent', 34, 10.65],
    ['disc', 30, 30],
    ['square', 20, 20],
  ])('of %s', (id, size, mm) => {
    expect(Math.abs(neckOf(cutterOutline(cutterById(id)!, size)).neckMm - mm)).toBeLessThan(0.15);
  });

  test('lies where the shape is thin', () => {
    const { at } = neckOf(placed(dumbBell(3), 50, 20, 0));
    expect(Math.abs(at[0] - 50)).toBeLessThan(5);
    expect(Math.abs(at[1] - 20)).toBeLessThan(0.1);
  });

  test('a tip is as wide as it is three millimetres from its end', () => {
    // a needle of 30 mm that is 6 mm wide at its foot
    const needle: Polygon = [
      [-3, 0],
      [3, 0],
      [0, 30],
    ];
    expect(neckOf(needle).tipMm).toBeCloseTo(0.6, 1);
    expect(neckOf(bar(40, 4)).tipMm).toBeGreaterThan(3.5);
  });
});

const svg = (inside: string, attributes = 'viewBox="0 0 40 40" width="40mm" height="40mm"'): string =>
  `<svg xmlns="http://www.w3.org/2000/svg" ${attributes}>${inside}</svg>`;
const read = (text: string) => {
  const found = readSvg(text);
  if (!found.ok) throw new Error(said(svgProblemSaid(found.problem)));
  return found;
};
const refused = (text: string): string => {
  const found = readSvg(text);
  return found.ok ? 'taken' : found.problem.code;
};

describe('a drawing', () => {
  test('at true size goes out and comes back as it was', () => {
    for (const cutter of CUTTERS) {
      const outline = cutterOutline(cutter, 34);
      const back = read(svgOf([outline]));
      expect(Math.abs(areaOf(back.outline) - areaOf(outline)) / areaOf(outline)).toBeLessThan(0.003);
      expect(back.widthMm).toBeCloseTo(widthOf(boundsOf(outline)), 1);
    }
  });

  test('has transforms, curves and shapes, in its own millimetres', () => {
    const moved = read(
      svg(
        '<g transform="translate(5 5) scale(2)"><g transform="rotate(90)"><rect width="8" height="4"/></g></g>',
      ),
    );
    expect([moved.widthMm, moved.heightMm]).toEqual([8, 16]);
    const circle = read(svg('<circle cx="20" cy="20" r="10"/>'));
    expect(areaOf(circle.outline)).toBeCloseTo(Math.PI * 100, -1);
    expect(read(svg('<path d="M0 0c0 10 10 10 10 0s10-10 10 0v10H0z"/>')).outline.length).toBeGreaterThan(20);
    expect(
      read(svg('<rect width="10" height="10"/>', 'viewBox="0 0 10 10" width="2in"')).widthMm,
    ).toBeCloseTo(50.8, 6);
  });

  test('its largest outline is the cutter; what else is drawn is counted, what is no drawing not looked at', () => {
    const found = read(
      svg(
        '<script>alert(1)</script><image href="https://example.org/x.png"/><defs><rect width="39" height="39"/></defs><rect width="20" height="20"/><circle cx="10" cy="10" r="3"/>',
      ),
    );
    expect([found.widthMm, found.leftOut]).toEqual([20, 1]);
  });

  test.each([
    ['no path', svg('<text>star</text>'), 'no-outline'],
    ['an open path', svg('<path d="M0 0L20 0L20 20"/>'), 'open'],
    ['a path that crosses itself', svg('<path d="M0 0L20 20L20 0L0 15Z"/>'), 'crosses-itself'],
    ['a tiny one', svg('<rect width="1" height="1"/>'), 'tiny'],
    ['no numbers', svg('<path d="M0 0L20 x"/>'), 'bad-path'],
    ['numbers that are none', svg('<polygon points="0,0 1e999,0 3,4"/>'), 'bad-path'],
    ['something else', '<html><body/></html>', 'no-svg'],
    ['no XML', 'star', 'no-svg'],
    [
      'a bomb of entities',
      '<!DOCTYPE svg [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><svg><path d="&b;"/></svg>',
      'no-svg',
    ],
    ['nothing', '', 'no-svg'],
    ['too many points', svg(`<path d="M0 0${'l1 1l1-1'.repeat(12_000)}Z"/>`), 'too-many-points'],
    ['too many shapes', svg('<path d="M0 0C1 1 2 2 3 0Z"/>'.repeat(900)), 'too-many-points'],
    [
      'groups without end',
      svg(`${'<g transform="scale(1)">'.repeat(5000)}<rect width="9" height="9"/>`),
      'no-svg',
    ],
    ['too much text', svg(' '.repeat(2_100_000)), 'too-long'],
  ])('with %s is refused with its reason', (_name, text, code) => {
    expect(refused(text)).toBe(code);
  });

  test('never throws, whatever is in it', () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 60 }), fc.string({ maxLength: 40 }), (d, transform) => {
        const clean = (text: string) => text.replace(/[<>&"]/g, '');
        expect(() => readSvg(svg(`<path d="${clean(d)}" transform="${clean(transform)}"/>`))).not.toThrow();
        expect(() => readSvg(d)).not.toThrow();
      }),
    );
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.constantFrom(...'MmLlHhVvCcSsQqTtAaZz'),
            fc.array(fc.double({ min: -1e4, max: 1e4, noNaN: true }), { maxLength: 8 }),
          ),
          { maxLength: 12 },
        ),
        (segments) => {
          const d = segments.map(([command, numbers]) => `${command}${numbers.join(' ')}`).join('');
          const found = readSvg(svg(`<path d="M1 1${d}"/>`));
          // what is taken is whole
          if (found.ok) expect(crossingOf(found.outline)).toBeUndefined();
        },
      ),
    );
  });
});

test('a ring is its disc without its hole', () => {
  expect(sliceAreaMm2(ring(110, 30))).toBeCloseTo(Math.PI * (55 ** 2 - 15 ** 2), -1);
  const corners: Point[] = [...ring(110, 30).outer];
  expect(corners.every(([x, y]) => Math.hypot(x, y) <= 55 + 1e-9)).toBe(true);
});

describe('a cut', () => {
  const neck = (id: string, size: number) => neckOf(cutterOutline(cutterById(id)!, size));

  test('holds where its neck is as wide as its food needs, and says how much larger it must be elsewhere', () => {
    const thin = neck('crescent', 17);
    expect(thin.neckMm).toBeGreaterThan(5);
    expect(thin.neckMm).toBeLessThan(6);
    expect(survives(thin, id('young-gouda')).verdict).toBe('holds');
    const ham = survives(thin, id('cooked-ham'));
    expect(ham).toMatchObject({ verdict: 'breaks', needsMm: 6 });
    // made that much larger it holds, and no smaller does
    expect(survives(neck('crescent', 17 * ham.larger! * 1.01), id('cooked-ham')).verdict).toBe('holds');
    expect(survives(neck('crescent', 17 * ham.larger! * 0.98), id('cooked-ham')).verdict).toBe('breaks');
  });

  test('is not called whole where a tip is thin', () => {
    expect(survives(neck('thin-crescent', 26), id('young-gouda'))).toMatchObject({
      verdict: 'holds',
      frailTip: true,
    });
    expect(survives(neck('disc', 26), id('young-gouda')).frailTip).toBe(false);
  });

  test('is promised in no food that crumbles or smears, and in none that nobody has named', () => {
    const disc = neck('disc', 60);
    for (const food of [
      'stilton',
      'feta',
      'goat-log',
      'parmigiano',
      'brie',
      'mascarpone',
      'strawberries',
      'pork-pate',
    ])
      expect([food, survives(disc, id(food)).verdict]).toEqual([food, 'unfit']);
    const taken = takenBy(disc);
    expect(taken.length).toBeGreaterThan(30);
    for (const { texture } of taken) expect(['runny', 'creamy', 'crumbly', 'leafy']).not.toContain(texture);
  });

  test('each food that takes cutters is in the larder', () => {
    const known = new Set<string>(CATALOGUE.map((component) => component.id));
    const named = CATALOGUE.filter((component) => bodyOf(component.id) !== undefined);
    expect(named.length).toBeGreaterThan(30);
    expect(BODY_IDS.filter((food) => !known.has(food))).toEqual([]);
  });
});

describe('a drawing with shapes within it', () => {
  const svg = (inner: string) =>
    `<svg xmlns="http://www.w3.org/2000/svg" width="100mm" height="80mm" viewBox="0 0 100 80"><path d="M0 0H100V80H0Z${inner}"/></svg>`;
  const holesOf = (inner: string) => {
    const read = readSvg(svg(inner));
    if (!read.ok) throw new Error(JSON.stringify(read));
    return read.holes;
  };

  test('has holes that lie wholly within it, each where it was drawn', () => {
    const [hole, ...more] = holesOf('M10 10H30V40H10Z');
    expect(more).toEqual([]);
    const bounds = boundsOf(hole!);
    expect([bounds.left, bounds.right, bounds.top, bounds.bottom].map(Math.round)).toEqual([
      10, 30, -40, -10,
    ]);
  });

  test.each([
    ['over the edge', 'M90 10H120V40H90Z', 0],
    ['in another', 'M10 10H60V60H10ZM20 20H30V30H20Z', 1],
    ['over another', 'M10 10H60V60H10ZM50 50H80V70H50Z', 1],
    ['apart', 'M10 10H30V30H10ZM50 50H80V70H50Z', 2],
    ['crossing itself', 'M10 10L30 30L30 10L10 30Z', 0],
  ])('%s: %s is %d', (_, inner, count) => {
    expect(holesOf(inner)).toHaveLength(count);
  });

  test('as a slice it is so large, no cut lies in a hole, and its area lacks it', () => {
    const read = readSvg(svg('M30 20H70V60H30Z'));
    if (!read.ok) throw new Error('not read');
    const slice = sliceFrom(ownSlice('frame', read.outline, read.holes));
    expect(sliceAreaMm2(slice)).toBeCloseTo(100 * 80 - 40 * 40, 0);
    const nesting = new Nesting({
      slice,
      cutters: [{ outline: cutterOutline(cutterById('disc')!, 14) }],
      gapMm: 2,
      marginMm: 2,
      seed: 1,
    });
    while (!nesting.done && nesting.steps < 2000) nesting.step();
    expect(nesting.best.pieces.length).toBeGreaterThan(8);
    for (const { x, y } of nesting.best.pieces)
      expect(Math.abs(x) < 20 + 8.9 && Math.abs(y) < 20 + 8.9).toBe(false);
  });
});
