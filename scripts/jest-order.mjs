import Sequencer from '@jest/test-sequencer';

/** What takes longest begins first: a world of the core, of many tests, before what is alone. */
export default class Order extends (Sequencer.default ?? Sequencer) {
  sort(tests) {
    const isWorld = ({ path }) => path.includes('together');
    const sorted = super.sort(tests);
    return [...sorted.filter(isWorld), ...sorted.filter((test) => !isWorld(test))];
  }
}
