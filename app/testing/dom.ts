import './indexed-db.js';

// what jsdom lacks and the interface asks of a browser

class NoObserver {
  observe(): void {}
  unobserve(): void {}
  disconnect(): void {}
}

/** A kitchen where nobody answers: papers are tested without it. */
class NoPort extends EventTarget {
  postMessage(): void {}
  start(): void {}
  close(): void {}
  terminate(): void {}
}

class NoChannel {
  port1 = new NoPort();
  port2 = new NoPort();
}

Object.assign(globalThis, {
  ResizeObserver: NoObserver,
  IntersectionObserver: NoObserver,
  Worker: NoPort,
  MessageChannel: NoChannel,
});
Object.assign(URL, { createObjectURL: () => 'blob:nothing', revokeObjectURL: () => undefined });
Object.assign(Element.prototype, {
  scrollIntoView: () => undefined,
  hasPointerCapture: () => false,
  setPointerCapture: () => undefined,
  releasePointerCapture: () => undefined,
});
Object.assign(window, {
  matchMedia: (media: string) => ({
    media,
    matches: false,
    addEventListener: () => undefined,
    removeEventListener: () => undefined,
  }),
});
