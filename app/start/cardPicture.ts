import { useEffect, useRef, useState, type RefObject } from 'react';
import { db, type CardRow } from '../store/db.js';
import { svgToPng } from '../ui/save.js';
import type { Plan } from '../../core/plan/index.js';
import { ask } from '../workers/kitchen.js';

/** Of a small picture, pixels along its longer side. */
const SMALL_PX = 240;
/** One after the other: painting is the page's own work. */
let line: Promise<unknown> = Promise.resolve();

/** The small picture as it is kept with the plan, drawn anew where the plan has changed since. */
async function pictureOf(card: CardRow): Promise<Blob | undefined> {
  const kept = await db.pictures.get(card.id);
  if (kept && kept.rev === card.rev) return kept.png;
  const row = await db.plans.get(card.id);
  const drawn =
    row && (await ask('picture', { plan: row.doc as Plan, surfaceId: null, options: undefined }).done);
  if (!drawn) return undefined;
  const { sheets, size } = drawn;
  const png = await svgToPng(sheets, size[0], size[1], SMALL_PX / Math.max(...size));
  await db.pictures.put({ id: card.id, rev: card.rev, png });
  return png;
}

/** Is the element in sight, or nearly? Stays true once it was. */
function useSeen(of: RefObject<Element | null>): boolean {
  const [seen, setSeen] = useState(false);
  useEffect(() => {
    if (!of.current || seen) return undefined;
    const watch = new IntersectionObserver((all) => all.some((x) => x.isIntersecting) && setSeen(true), {
      rootMargin: '200px',
    });
    watch.observe(of.current);
    return () => watch.disconnect();
  }, [of, seen]);
  return seen;
}

/** The address of a card's small picture: first the one that is kept, then one of the plan as it is now. */
export function useCardPicture(card: CardRow): {
  ref: RefObject<HTMLLIElement | null>;
  url: string | undefined;
} {
  const ref = useRef<HTMLLIElement>(null);
  const seen = useSeen(ref);
  const [url, setUrl] = useState<string>();
  useEffect(() => {
    if (!seen || card.damage) return undefined;
    let over = false;
    const urls: string[] = [];
    const show = (png: Blob | undefined) => {
      if (over || !png) return;
      urls.push(URL.createObjectURL(png));
      setUrl(urls.at(-1));
    };
    void db.pictures.get(card.id).then((kept) => {
      show(kept?.png);
      if (kept?.rev === card.rev || over) return;
      line = line.then(() => (over ? undefined : pictureOf(card).then(show))).catch(() => undefined);
    });
    return () => {
      over = true;
      for (const url of urls) URL.revokeObjectURL(url);
    };
  }, [seen, card]);
  return { ref, url };
}
