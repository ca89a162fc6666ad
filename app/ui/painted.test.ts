import { expect, test } from '@jest/globals';
import fc from 'fast-check';
import { PaintedPictures } from './painted.js';

const gone: string[] = [];
const pictures = (most: number): PaintedPictures => {
  gone.length = 0;
  return new PaintedPictures((url) => gone.push(url), most);
};

test('a picture is found by just the parts that it hangs on', () => {
  const [board, food] = [{}, []];
  const kept = pictures(3);
  kept.keep([board, food, 'full'], 'a');
  expect(kept.find([board, food, 'full'])).toBe('a');
  // alike is not the same: an edit makes a new one
  expect(kept.find([board, [], 'full'])).toBeUndefined();
  expect(kept.find([board, food])).toBeUndefined();
  expect(kept.find([board, food, 'full', undefined])).toBeUndefined();
});

test('a sharper one takes the place of the one before, which is let go', () => {
  const kept = pictures(3);
  kept.keep([1], 'coarse');
  const away = kept.look([1]);
  kept.keep([1], 'sharp');
  expect([kept.find([1]), gone]).toEqual(['sharp', ['coarse']]);
  away();
  expect(kept.find([1])).toBe('sharp');
});

test('the one not seen for longest goes first, and none that is looked at', () => {
  const kept = pictures(2);
  kept.keep([1], 'a');
  const away = kept.look([1]);
  kept.keep([2], 'b');
  kept.keep([3], 'c');
  expect([gone, kept.find([1]), kept.find([3])]).toEqual([['b'], 'a', 'c']);
  const other = kept.look([3]);
  kept.keep([4], 'd');
  // both are looked at: the new one is the only one that may go
  expect([gone, kept.find([4])]).toEqual([['b', 'd'], undefined]);
  away();
  away();
  other();
  kept.keep([5], 'e');
  expect(gone).toEqual(['b', 'd', 'a']);
});

test('whatever is kept, looked at and left: no more than so many unless they are looked at, each let go once', () => {
  const steps = fc.array(fc.record({ part: fc.nat(6), does: fc.constantFrom('keep', 'look', 'leave') }), {
    maxLength: 60,
  });
  fc.assert(
    fc.property(steps, (all) => {
      const kept = pictures(3);
      const leave: (() => void)[] = [];
      all.forEach(({ part, does }, i) => {
        if (does === 'keep') kept.keep([part], `${part} ${i}`);
        if (does === 'look') leave.push(kept.look([part]));
        if (does === 'leave') leave.shift()?.();
      });
      leave.forEach((away) => away());
      const left = [0, 1, 2, 3, 4, 5, 6].flatMap((part) => kept.find([part]) ?? []);
      expect(left.length).toBeLessThanOrEqual(3);
      expect(new Set(gone).size).toBe(gone.length);
      expect(gone.filter((url) => left.includes(url))).toEqual([]);
      expect(gone.length + left.length).toBe(all.filter(({ does }) => does === 'keep').length);
    }),
  );
});
