/** Does it when the page has nothing to do; in a browser that cannot tell, soon. */
export const whenIdle: (act: () => void) => void =
  globalThis.requestIdleCallback?.bind(globalThis) ?? ((act) => setTimeout(act, 200));

export const idle = (): Promise<void> => new Promise((done) => whenIdle(() => done()));

/** Lets the page take what waits: a key, a frame. */
export const breath = (): Promise<void> => new Promise((done) => setTimeout(done, 0));

/** One after the other, with a pause before each: run in one go they would hold up a key. */
export async function oneByOne(
  pause: () => Promise<void>,
  fetches: Iterable<() => Promise<unknown>>,
): Promise<void> {
  for (const fetch of fetches) {
    await pause();
    await fetch();
  }
}

/** What knows the craft, in pieces of some ten milliseconds each; all that is asked for by name comes after them. */
const CRAFT: readonly (() => Promise<unknown>)[] = [
  () => import('./zod.js'),
  () => import('../core/catalogue/index.js'),
  () => import('../core/needs/index.js'),
  () => import('../core/plan/index.js'),
  () => import('../core/shape/index.js'),
  () => import('../core/make/index.js'),
  () => import('../core/lay/index.js'),
];

let craft: Promise<void> | undefined;
export const fetchCraft = (): Promise<void> =>
  (craft ??= oneByOne(breath, CRAFT).catch((why: unknown) => {
    // the next who asks tries again
    craft = undefined;
    throw why;
  }));
