import { z } from 'zod';
import { areaOf } from '../geometry/index.js';
import { cutCutterSchema, type CutCutter } from '../plan/index.js';
import { crossingOf } from './svg.js';

const FORMAT = 'round-plate.cutters';

/** A set of cutters as a file: with their outlines, so that nobody needs the same library. */
const setSchema = z.strictObject({
  format: z.literal(FORMAT),
  version: z.literal(1),
  cutters: z.array(cutCutterSchema).min(1).max(8),
});

export const cutterSetText = (cutters: readonly CutCutter[]): string =>
  `${JSON.stringify({ format: FORMAT, version: 1, cutters }, null, 1)}\n`;

/** Less than this is nothing to press. */
const LEAST_AREA_MM2 = 4;

/** An outline is one strip that encloses something. */
function checked(cutters: CutCutter[]): CutterSetRead {
  for (const [i, { outline }] of cutters.entries()) {
    const path = `cutters ${i} outline`;
    if (crossingOf(outline)) return { ok: false, path, reason: 'it crosses itself' };
    if (areaOf(outline) < LEAST_AREA_MM2) return { ok: false, path, reason: 'it encloses nothing' };
  }
  return { ok: true, cutters };
}

export type CutterSetRead = { ok: true; cutters: CutCutter[] } | { ok: false; path: string; reason: string };

/** Reads a set; what is wrong with it is said with its field. */
export function readCutterSet(text: string): CutterSetRead {
  let value: unknown;
  try {
    value = JSON.parse(text);
  } catch {
    return { ok: false, path: 'file', reason: 'it is no JSON' };
  }
  const read = setSchema.safeParse(value);
  if (read.success) return checked(read.data.cutters);
  const [issue] = read.error.issues;
  return { ok: false, path: issue!.path.join(' ') || 'file', reason: issue!.message };
}
