import { expect, test } from '@jest/globals';
import { ESLint } from 'eslint';

/** The import rule is proven with files that break it: a rule that finds nothing would pass in silence. */
const FILES = {
  'core/measure/zz-breaks.ts':
    "import { checkPlan } from '../check/index.js';\nexport const x = checkPlan;\n",
  'core/check/zz-app.ts':
    "import { localNow } from '../../app/store/clock.js';\nexport const x = localNow;\n",
  'core/check/zz-solver.ts':
    "import { nodeSolver } from '../../solver/node.js';\nexport const x = nodeSolver;\n",
  'core/check/zz-demo.ts': "import { DEMOS } from '../../demo/index.js';\nexport const x = DEMOS;\n",
  'core/check/zz-testing.ts': "import { group } from '../testing/plans.js';\nexport const x = group;\n",
  'core/check/zz-node.ts': "import { readFileSync } from 'node:fs';\nexport const x = readFileSync;\n",
  'core/check/zz-clock.ts': 'export const x = Date.now() + Math.random();\n',
};

test.each(Object.entries(FILES))('%s is refused by the lint rule', async (file, text) => {
  const [result] = await new ESLint().lintText(text, { filePath: file });
  const rules = result!.messages.map((lintMessage) => lintMessage.ruleId);
  expect(
    rules.some((rule) => rule === 'import-x/no-restricted-paths' || rule?.startsWith('no-restricted')),
  ).toBe(true);
});
