import { useEffect, useRef, useState } from 'react';
import type { Component, FormFact } from '../../core/catalogue/index.js';
import { boardSvg, portraitSvg, type DrawOptions } from '../../core/picture/index.js';
import { surfaceSize } from '../../core/picture/index.js';
import type { Plan, Surface } from '../../core/plan/index.js';
import { svgToPng } from './save.js';

/** Painted once into a bitmap of this width: repainting thousands of shapes would hold up every frame. */
const PICTURE_PX = 1400;

const portraits = new Map<string, string>();

const urlOf = (svg: string): string => URL.createObjectURL(new Blob([svg], { type: 'image/svg+xml' }));

/** The food's portrait as a picture address; drawn once. */
export function portraitUrl(component: Component, form?: FormFact): string {
  const key = `${component.id} ${form?.form ?? ''} ${component.colours.join()}`;
  const known = portraits.get(key);
  if (known) return known;
  const url = urlOf(portraitSvg(component, form));
  portraits.set(key, url);
  return url;
}

/** The board as one picture: the browser paints it once, however many pieces lie on it. */
export function useBoardUrl(
  plan: Plan,
  surface: Surface | undefined,
  options?: DrawOptions,
  key = '',
): string | undefined {
  const { layout, answers, ownComponents, occasion } = plan;
  const elements = layout.find((l) => l.surfaceId === surface?.id)?.elements;
  // the picture hangs on what lies there and on how it is shown, not on the rest of the plan
  const drawn = useRef<{ parts: readonly unknown[]; svg: string | undefined }>({ parts: [], svg: undefined });
  const parts = [elements, surface, answers, ownComponents, occasion.name, key];
  if (parts.some((p, i) => p !== drawn.current.parts[i]))
    drawn.current = { parts, svg: surface && boardSvg(plan, surface, options) };
  const { svg } = drawn.current;
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    if (!svg || !surface) return undefined;
    let gone = false;
    let made: string | undefined;
    const [l, w] = surfaceSize(surface);
    void svgToPng(svg, l, w, PICTURE_PX / Math.max(l, w)).then(
      (blob) => {
        if (gone) return;
        made = URL.createObjectURL(blob);
        setUrl(made);
      },
      // a browser that cannot paint it still shows the drawing itself
      () => !gone && setUrl(urlOf(svg)),
    );
    return () => {
      gone = true;
      // the next picture may take a moment: the old one stays until then
      if (made) setTimeout(() => URL.revokeObjectURL(made!), 3000);
    };
  }, [svg, surface]);
  return url;
}
