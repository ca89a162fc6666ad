import { useEffect } from 'react';

const MOST_KEPT = 24;

interface Place {
  element: HTMLElement;
  /** What it stands in, from the inside out: the nearest that is left takes the focus when it goes. */
  within: HTMLElement[];
}

type Focusable = HTMLElement & { disabled?: boolean };

const isThere = (focusable: Focusable): boolean =>
  focusable.isConnected && !focusable.disabled && focusable.getClientRects().length > 0;

function within(element: HTMLElement): HTMLElement[] {
  const out: HTMLElement[] = [];
  for (
    let otherElement = element.parentElement;
    otherElement && otherElement !== document.body;
    otherElement = otherElement.parentElement
  )
    if (otherElement.hasAttribute('tabindex')) out.push(otherElement);
  return out;
}

/** Where the focus goes that fell to the page: the last place that is left, and the nearest around it. */
function next(places: readonly Place[]): HTMLElement | undefined {
  const paper = [...document.querySelectorAll('[role=dialog]')].at(-1);
  const may = (element: HTMLElement) => isThere(element) && (!paper || paper.contains(element));
  const last: Focusable | undefined = places.at(-1)?.element;
  // pressed and at work: it has the focus again when it rests
  if (last?.isConnected && last.disabled) return undefined;
  for (const { element, within: around } of [...places].reverse()) {
    const found = [element, ...around].find(may);
    if (found) return found;
  }
  return document.querySelector<HTMLElement>('main') ?? undefined;
}

/**
 * The focus never falls to the start of the page: when what has it goes (a paper closes, a slip is settled, a button is
 * at work), it returns to what was used before, or to the part of the page that it stood in.
 */
export function useFocusKeeper(): void {
  useEffect(() => {
    let places: Place[] = [];
    let asked = 0;
    /** What had the focus when it was switched off. */
    let resting: HTMLElement | undefined;
    const remember = (event: FocusEvent): void => {
      if (!(event.target instanceof HTMLElement || event.target instanceof SVGElement)) return;
      const element = event.target as HTMLElement;
      places = [...places.filter((place) => place.element !== element), { element, within: within(element) }];
      places = places.slice(-MOST_KEPT);
    };
    const look = (): void => {
      asked = 0;
      const last = places.at(-1);
      // a press beside everything leaves the focus to the page, and that is meant
      if (!last || document.activeElement !== document.body) return;
      if (isThere(last.element)) {
        if (resting === last.element) resting.focus({ preventScroll: true });
        resting = undefined;
        return;
      }
      resting = last.element.isConnected ? last.element : undefined;
      next(places)?.focus({ preventScroll: true });
    };
    const observer = new MutationObserver(() => (asked ||= requestAnimationFrame(look)));
    document.addEventListener('focusin', remember);
    observer.observe(document.body, {
      childList: true,
      subtree: true,
      attributes: true,
      attributeFilter: ['disabled'],
    });
    return () => {
      document.removeEventListener('focusin', remember);
      observer.disconnect();
      cancelAnimationFrame(asked);
    };
  }, []);
}
