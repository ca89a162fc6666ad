import './indexed-db.js';
import { Channel, InlineWorker } from './kitchen.js';

// what jsdom lacks and the interface asks of a browser

class NoObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

Object.assign(globalThis, {
  ResizeObserver: NoObserver,
  IntersectionObserver: NoObserver,
  Worker: InlineWorker,
  MessageChannel: Channel,
});
Object.assign(Element.prototype, {
  scrollIntoView: () => undefined,
  hasPointerCapture: () => false,
  setPointerCapture: () => undefined,
  releasePointerCapture: () => undefined,
});
Object.assign(window, {
  // a test is never idle: nothing is fetched ahead
  requestIdleCallback: () => 0,
  matchMedia: (media: string) => ({
    media,
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }),
});

// no style sheet is loaded: what jsdom would work out of one for each name of each thing takes most of the time
const unstyled = { getPropertyValue: () => '', display: 'block', visibility: 'visible', content: 'none' };
const plain = new Proxy(unstyled, { get: (style, key) => Reflect.get(style, key) ?? '' }) as never;
window.getComputedStyle = () => plain;

/** What was handed to the downloads, last first. */
export const SAVED: { name: string; text: () => Promise<string> }[] = [];
const made = new Map<string, Blob>();
const textOf = (blob: Blob): Promise<string> =>
  new Promise((resolve) => {
    const reader = new FileReader();
    reader.onload = () => resolve(reader.result as string);
    reader.readAsText(blob);
  });

Object.assign(URL, {
  createObjectURL(blob: Blob): string {
    const url = `blob:${made.size}`;
    made.set(url, blob);
    return url;
  },
  revokeObjectURL: () => undefined,
});
// jsdom follows no link
HTMLAnchorElement.prototype.click = function (this: HTMLAnchorElement) {
  const blob = made.get(this.href);
  if (this.download && blob) SAVED.unshift({ name: this.download, text: () => textOf(blob) });
  else this.dispatchEvent(new MouseEvent('click', { bubbles: true, cancelable: true }));
};
