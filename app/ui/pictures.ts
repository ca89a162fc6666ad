import { useEffect, useReducer, useRef, useState } from 'react';
import type { Component, FormFact } from '../../core/catalogue/index.js';
import { portraitSvg, type DrawOptions } from '../../core/picture/index.js';
import type { Plan, Surface } from '../../core/plan/index.js';
import { ask } from '../workers/kitchen.js';
import { PaintedPictures } from './painted.js';
import { withPainter } from './save.js';

/** Painted once into a bitmap of this width: repainting thousands of shapes would hold up every frame. */
const PICTURE_PX = 1400;

const portraits = new Map<string, string>();

const urlOf = (svg: string): string => URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));

const portraitKey = (component: Component, form?: FormFact): string => {
  const shape = form?.outlines ? JSON.stringify(form.outlines) : '';
  return `${component.id} ${form?.form ?? ''} ${component.colours.join()} ${shape}`;
};

/** The food's portrait as a picture address, at once: for a sheet that may be printed the next moment. Drawn once. */
export function portraitUrl(component: Component, form?: FormFact): string {
  const key = portraitKey(component, form);
  const known = portraits.get(key);
  if (known) return known;
  const url = urlOf(portraitSvg(component, form));
  portraits.set(key, url);
  return url;
}

/** Portraits that are wanted and not drawn yet, and whom it concerns. */
const undrawn = new Map<string, { draw: () => void; told: Set<() => void> }>();
/** So long is drawn before the page has a turn again. */
const TURN_MS = 12;

/** A turn of drawing: a hundred portraits at once would hold up a key for most of a second. */
function drawSome(): void {
  const until = performance.now() + TURN_MS;
  const told = new Set<() => void>();
  try {
    for (const [key, waiting] of undrawn) {
      // one that cannot be drawn holds up no other
      undrawn.delete(key);
      waiting.draw();
      waiting.told.forEach((tell) => told.add(tell));
      if (performance.now() > until) break;
    }
  } finally {
    told.forEach((tell) => tell());
    if (undrawn.size > 0) setTimeout(drawSome);
  }
}

/** The food's portrait as a picture address, soon: undefined until its turn has come. */
export function usePortrait(component: Component, form?: FormFact): string | undefined {
  const key = portraitKey(component, form);
  const [, tell] = useReducer((n: number) => n + 1, 0);
  const url = portraits.get(key);
  useEffect(() => {
    if (portraits.has(key)) return undefined;
    const waiting = undrawn.get(key) ?? { draw: () => portraitUrl(component, form), told: new Set() };
    waiting.told.add(tell);
    if (undrawn.size === 0) setTimeout(drawSome);
    undrawn.set(key, waiting);
    return () => void waiting.told.delete(tell);
  }, [key, component, form]);
  return url;
}

/** A drawing as a picture address, for as long as it is shown. */
export function useSvgUrl(svg: string): string | undefined {
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    const made = urlOf(svg);
    setUrl(made);
    return () => URL.revokeObjectURL(made);
  }, [svg]);
  return url;
}

/** The image that shows an address lets go of it a moment after it has another. */
const letGo = (url: string): void => void setTimeout(() => URL.revokeObjectURL(url), 3000);
const painted = new PaintedPictures(letGo);

/** First in coarse, then sharp: what is seen in a moment, and what is looked at. */
const COARSE_PX = 420;

/**
 * The board as one picture: drawn by a worker, painted into a bitmap once, however many pieces lie on it. The old picture
 * stays until the new one is there; the first one comes in coarse, then sharp. What was painted is there at once when the
 * same is looked at again, at another station or after an undo.
 */
export function useBoardUrl(
  plan: Plan,
  surface: Surface | undefined,
  options?: DrawOptions,
): string | undefined {
  const { layout, ownComponents, recipes, cuts, occasion, party } = plan;
  const elements = layout.find((layer) => layer.surfaceId === surface?.id)?.elements;
  // the picture hangs on what lies there and on how it is shown, not on what is said of it or on the rest of the plan
  const asked = useRef<{ parts: readonly unknown[]; plan: Plan | undefined }>({ parts: [], plan: undefined });
  const seen = options?.showing && [...options.showing].join();
  // picks hang on who reaches them
  const shownAs = [options?.bare, options?.cloth, options?.labels && party, seen];
  const parts = [elements, surface, ownComponents, recipes, cuts, occasion.name, ...shownAs];
  if (parts.some((part, i) => part !== asked.current.parts[i])) asked.current = { parts, plan };
  // anew with every part that changed, also where the plan is the same and another guest looks at it
  const wanted = asked.current;
  const how = useRef(options);
  how.current = options;
  const [url, setUrl] = useState(() => painted.find(wanted.parts));
  const isShown = useRef(url !== undefined);
  useEffect(() => {
    if (!wanted.plan || !surface) return undefined;
    const show = (address: string): void => {
      isShown.current = true;
      setUrl(address);
    };
    const known = painted.find(wanted.parts);
    if (known) {
      show(known);
      return painted.look(wanted.parts);
    }
    let away = (): void => undefined;
    const stop = paintBoard(wanted.plan, surface, how.current, {
      isCoarseWanted: () => !isShown.current,
      onCoarse(picture) {
        const coarse = URL.createObjectURL(picture);
        away = () => letGo(coarse);
        show(coarse);
      },
      onSharp(picture) {
        const sharp = URL.createObjectURL(picture);
        painted.keep(wanted.parts, sharp);
        away();
        away = painted.look(wanted.parts);
        show(sharp);
      },
    });
    return () => {
      stop();
      away();
    };
  }, [wanted, surface]);
  return url;
}

interface PaintedBy {
  isCoarseWanted: () => boolean;
  onCoarse: (picture: Blob) => void;
  onSharp: (picture: Blob) => void;
}

/** Draws a board in the worker and paints it, until what this gives is called. */
function paintBoard(
  plan: Plan,
  surface: Surface,
  options: DrawOptions | undefined,
  { isCoarseWanted, onCoarse, onSharp }: PaintedBy,
): () => void {
  let gone = false;
  const job = ask('picture', { plan: onlySurface(plan, surface), surfaceId: surface.id, options });
  void job.done.then(
    async (drawn) => {
      if (!drawn || gone) return;
      const longMm = Math.max(...drawn.size);
      try {
        await withPainter(drawn.sheets, drawn.size, async (paint) => {
          if (isCoarseWanted()) {
            const coarse = await paint(COARSE_PX / longMm);
            if (!gone) onCoarse(coarse);
          }
          if (gone) return;
          const sharp = await paint(PICTURE_PX / longMm);
          if (!gone) onSharp(sharp);
        });
      } catch {
        // a browser that cannot paint it still shows the drawing itself
        if (!gone) onSharp(new Blob([inOne(drawn.sheets)], { type: 'image/svg+xml' }));
      }
    },
    // a newer one is asked for
    () => undefined,
  );
  return () => {
    gone = true;
    job.forget();
  };
}

/** Sheets of one size as one drawing, one over the other. */
const inOne = (sheets: readonly string[]): string => {
  const head = /^<svg[^>]*>/.exec(sheets[0] ?? '')?.[0] ?? '<svg xmlns="http://www.w3.org/2000/svg">';
  return `${head}${sheets.map((sheet) => sheet.replace(/ width="[^"]*" height="[^"]*"/, '')).join('')}</svg>`;
};

/** All that a picture of one surface hangs on: the rest of the plan need not travel to the worker. */
const onlySurface = (plan: Plan, surface: Surface): Plan => ({
  ...plan,
  layout: plan.layout.filter((layer) => layer.surfaceId === surface.id),
});
