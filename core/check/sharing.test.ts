import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { fairShare, shareOut } from './index.js';

describe('sharing out', () => {
  test('is a largest flow (against all ways to give one food at a time)', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 2, maxLength: 3 }),
        fc.array(fc.integer({ min: 0, max: 4 }), { minLength: 2, maxLength: 3 }),
        fc.nat(511),
        (needs, left, mask) => {
          const groups = needs.map((needG, i) => ({
            id: String(i),
            needG,
            eats: left.map((_, j) => j).filter((j) => (mask >> (i * 3 + j)) & 1),
          }));
          const most = (g: number, rest: number[]): number => {
            if (g === groups.length) return 0;
            // gram by gram: every split of this group's need over its foods
            const ways = (food: number, need: number, now: number[]): number => {
              if (food === now.length) return most(g + 1, now);
              let best = 0;
              const can = groups[g]!.eats.includes(food) ? Math.min(need, now[food]!) : 0;
              for (let t = 0; t <= can; t++)
                best = Math.max(
                  best,
                  t +
                    ways(
                      food + 1,
                      need - t,
                      now.map((v, k) => (k === food ? v - t : v)),
                    ),
                );
              return best;
            };
            return ways(0, groups[g]!.needG, rest);
          };
          const flow = shareOut(groups, left).reduce((a, b) => a + b, 0);
          expect(flow).toBeCloseTo(most(0, left));
        },
      ),
      { numRuns: 60 },
    );
  });

  const groups = (needs: number[], eats: number[][]) =>
    needs.map((needG, i) => ({ id: String(i), needG, eats: eats[i]! }));

  test('what is too little for all is shared by need, not given to the first', () => {
    const got = fairShare(groups([300, 100], [[0], [0]]), [200]);
    expect(got[0]).toBeCloseTo(150, 0);
    expect(got[1]).toBeCloseTo(50, 0);
  });

  test('a group with nothing to eat takes nothing from the others', () => {
    const got = fairShare(groups([100, 100], [[], [0]]), [100]);
    expect(got[0]).toBeCloseTo(0, 0);
    expect(got[1]).toBeCloseTo(100, 0);
  });

  test('never gives more than there is, nor more than the need, and is full when a full sharing exists', () => {
    fc.assert(
      fc.property(
        fc.array(fc.integer({ min: 1, max: 200 }), { minLength: 1, maxLength: 4 }),
        fc.array(fc.integer({ min: 0, max: 200 }), { minLength: 1, maxLength: 4 }),
        fc.nat(65535),
        (needs, left, mask) => {
          const eats = needs.map((_, i) => left.map((__, j) => j).filter((j) => (mask >> (i * 4 + j)) & 1));
          const asked = groups(needs, eats);
          const got = fairShare(asked, left);
          const most = shareOut(asked, left);
          expect(got.reduce((a, b) => a + b, 0)).toBeLessThanOrEqual(most.reduce((a, b) => a + b, 0) + 0.5);
          got.forEach((g, i) => expect(g).toBeLessThanOrEqual(needs[i]! + 1e-6));
          if (most.every((g, i) => g >= needs[i]! - 1e-6)) expect(got).toEqual(needs);
          // what was shared can truly be had together
          const again = shareOut(
            asked.map((g, i) => ({ ...g, needG: got[i]! })),
            left,
          );
          again.forEach((g, i) => expect(g).toBeGreaterThanOrEqual(got[i]! - 0.5));
        },
      ),
      { numRuns: 100 },
    );
  });
});
