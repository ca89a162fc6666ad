import type axe from 'axe-core';
import { createRequire } from 'node:module';
import type { AddressInfo } from 'node:net';
import { expect, test } from '@playwright/test';
import { createServer } from 'vite';

test.use({ contextOptions: { reducedMotion: 'reduce' } });

test('the page of the kit shows every piece, and axe finds no fault, by day and in the evening', async ({
  page,
}) => {
  // the page is there in development only
  const server = await createServer({
    root: 'app',
    configFile: 'app/vite.config.ts',
    logLevel: 'error',
    server: { host: '127.0.0.1', port: 0 },
  });
  await server.listen();
  try {
    const { port } = server.httpServer!.address() as AddressInfo;
    await page.addInitScript({ path: createRequire(import.meta.url).resolve('axe-core/axe.min.js') });
    await page.goto(`http://127.0.0.1:${port}/kit`);
    for (const on of ['on the cloth', 'on paper']) {
      const kit = page.getByRole('region', { name: `The kit ${on}` });
      await expect(kit).toBeVisible();
      for (const role of [
        'button',
        'textbox',
        'combobox',
        'radio',
        'checkbox',
        'switch',
        'slider',
        'spinbutton',
      ] as const)
        await expect(kit.getByRole(role).first()).toBeVisible();
    }
    for (const evening of [false, true]) {
      await page.evaluate((on) => document.body.classList.toggle('evening', on), evening);
      const found = await page.evaluate(async () => {
        const { violations } = await (window as unknown as { axe: typeof axe }).axe.run({
          resultTypes: ['violations'],
        });
        return violations.map(
          (result) => `${result.id}: ${result.nodes.map((node) => node.target.join(' ')).join(', ')}`,
        );
      });
      expect([evening, found]).toEqual([evening, []]);
    }
  } finally {
    await server.close();
  }
});
