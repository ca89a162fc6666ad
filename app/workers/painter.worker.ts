import { z } from 'zod';
import { boardSvg, surfaceSize } from '../../core/picture/index.js';
import { readPlan } from '../../core/plan/index.js';

z.config({ jitless: true });

/** Draws the first board of a plan, beside the page: a table of plans must not hold up the hand that opens one. */
self.onmessage = (event: MessageEvent<{ id: number; doc: unknown }>) => {
  const { id, doc } = event.data;
  const read = readPlan(doc);
  const surface = read.ok ? read.plan.surfaces[0] : undefined;
  if (!read.ok || !surface) return self.postMessage({ id });
  return self.postMessage({ id, svg: boardSvg(read.plan, surface), size: surfaceSize(surface) });
};
