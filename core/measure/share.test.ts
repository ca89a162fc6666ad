import { describe, expect, test } from '@jest/globals';
import fc from 'fast-check';
import { sharing } from './index.js';

describe('sharing', () => {
  test('what comes is worth the same as before, whatever there was; an equal copy is the old one itself', () => {
    fc.assert(
      fc.property(fc.jsonValue(), fc.jsonValue(), (now, before) => {
        expect(sharing(now, before)).toEqual(now);
        expect(sharing(structuredClone(now), now)).toBe(now);
      }),
    );
  });

  test('of a copy with one change all else is the old one, also where a row went', () => {
    const rows = ['a', 'b', 'c', 'd'].map((id) => ({ id, pieces: [[1, 2], [3]], at: { x: 1 } }));
    const before = { name: 'first', rows, theme: { palette: ['#fff'] } };
    const now = structuredClone(before);
    now.rows.splice(1, 1);
    now.rows[1]!.at.x = 2;
    const shared = sharing(now, before);
    expect(shared).toEqual(now);
    expect(shared.theme).toBe(before.theme);
    expect([shared.rows[0], shared.rows[2]]).toEqual([before.rows[0], before.rows[3]]);
    expect(shared.rows[0]).toBe(before.rows[0]);
    expect(shared.rows[2]).toBe(before.rows[3]);
    expect(shared.rows[1]!.pieces).toBe(before.rows[2]!.pieces);
    expect(shared.rows[1]!.at).not.toBe(before.rows[2]!.at);
  });

  test('a part that is missing, or is of another kind, is never taken from before', () => {
    expect(sharing({ a: undefined }, { b: undefined })).toStrictEqual({ a: undefined });
    // a name that every object inherits is none that was there
    const hostile = JSON.parse('{"__proto__": {}, "a": 1}') as object;
    expect(JSON.stringify(sharing(hostile, { a: 2 }))).toBe('{"__proto__":{},"a":1}');
    expect(sharing<unknown>({ a: [] }, { a: {} })).toStrictEqual({ a: [] });
    expect(sharing<unknown>({ 0: 'x' }, ['x'])).toStrictEqual({ 0: 'x' });
    expect(sharing<unknown>([null, 0], [0, -0])).toStrictEqual([null, 0]);
  });
});
