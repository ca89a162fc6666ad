import vm from 'node:vm';
import jestNode from 'jest-environment-node';

const NodeEnvironment = jestNode.TestEnvironment ?? jestNode;

/**
 * Jest's world for a test, with a global object of its own kind. The one that Jest makes is a sandbox that is asked for each
 * `Math` and each `Map`: what reckons takes three times as long in it. Node older than 20.18 has no other.
 */
export default class World extends NodeEnvironment {
  constructor(config, context) {
    const { createContext } = vm;
    const plain = vm.constants?.DONT_CONTEXTIFY;
    if (plain) vm.createContext = () => createContext(plain);
    try {
      super(config, context);
    } finally {
      vm.createContext = createContext;
    }
  }
}
