import { useEffect, useMemo, useState } from 'react';
import type { Component, FormFact } from '../../core/catalogue/index.js';
import { boardSvg, portraitSvg, type DrawOptions } from '../../core/picture/index.js';
import type { Plan, Surface } from '../../core/plan/index.js';

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
  const elements = plan.layout.find((l) => l.surfaceId === surface?.id)?.elements;
  const svg = useMemo(
    () => (surface ? boardSvg(plan, surface, options) : undefined),
    // the picture depends on what lies there and on how it is shown, not on the rest of the plan
    // eslint-disable-next-line react-hooks/exhaustive-deps
    [elements, surface, plan.answers, plan.ownComponents, key],
  );
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    if (!svg) return undefined;
    const next = urlOf(svg);
    setUrl(next);
    return () => URL.revokeObjectURL(next);
  }, [svg]);
  return url;
}
