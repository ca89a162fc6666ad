import type { LaidSurface } from '../../core/lay/index.js';
import { outlineAreaMm2, type Plan } from '../../core/plan/index.js';
import { ask, LAYERS, type Running } from '../workers/kitchen.js';

interface Heard {
  progress: (words: string) => void;
  /** What is drafted or laid so far, a surface each. */
  part: (surfaces: LaidSurface[]) => void;
}

/** The surfaces in so many lots of about the same ground, the largest first. */
export function lotsOf(plan: Plan, count: number): string[][] {
  const lots = Array.from({ length: count }, () => ({ ids: [] as string[], area: 0 }));
  const area = ({ outline, rimMm }: Plan['surfaces'][number]) => outlineAreaMm2(outline, rimMm);
  for (const surface of plan.surfaces.toSorted((a, b) => area(b) - area(a))) {
    const least = lots.reduce((a, b) => (b.area < a.area ? b : a));
    least.ids.push(surface.id);
    least.area += area(surface);
  }
  return lots.map(({ ids }) => ids).filter((ids) => ids.length > 0);
}

/** Lays all surfaces of a plan, side by side in as many workers as there are; what each has is heard at once. */
export function layBeside(
  plan: Plan,
  heard: Heard,
): Pick<Running<{ surfaces: LaidSurface[] }>, 'done' | 'cancel'> {
  const so = new Map<string, LaidSurface>();
  const hear = (surfaces: readonly LaidSurface[]): void => {
    for (const laid of surfaces) so.set(laid.surfaceId, laid);
    heard.part([...so.values()]);
  };
  const jobs = lotsOf(plan, LAYERS).map((only) =>
    ask('lay', { plan, seed: plan.seed, draft: true, only }, { progress: heard.progress, part: hear }),
  );
  const cancel = (): void => {
    for (const job of jobs) job.cancel();
  };
  const order = plan.surfaces.map(({ id }) => id as string);
  const done = Promise.all(
    jobs.map(async (job) => {
      const { surfaces } = await job.done;
      hear(surfaces);
      return surfaces;
    }),
  ).then(
    (lots) => ({
      surfaces: lots.flat().sort((a, b) => order.indexOf(a.surfaceId) - order.indexOf(b.surfaceId)),
    }),
    (error: unknown) => {
      // one that fell ends the others: half a table is none
      cancel();
      throw error;
    },
  );
  return { done, cancel };
}
