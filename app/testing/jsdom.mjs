import { TestEnvironment } from 'jest-environment-jsdom';

/** A page for component tests: jsdom, with what Node has and jsdom hides. */
export default class Page extends TestEnvironment {
  async setup() {
    await super.setup();
    // React works on between Node's own turns; a port of Node's would keep the process from ending
    Object.assign(this.global, {
      structuredClone,
      setImmediate,
      clearImmediate,
      fetch,
      TextEncoder,
      TextDecoder,
    });
  }
}
