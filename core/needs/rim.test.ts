import { expect, test } from '@jest/globals';
import { NEEDS } from './registry.js';
import { plainRim, rimLook } from './rim.js';

test('no two needs are painted alike, nor like a rule of one’s own or like who eats everything', () => {
  const looks = [
    plainRim('plain'),
    rimLook({ id: 'own-onions' as never, rim: 'ticks' }),
    ...NEEDS.map(rimLook),
  ].map((look) => JSON.stringify(look));
  expect(new Set(looks).size).toBe(NEEDS.length + 2);
});
