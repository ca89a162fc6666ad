import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import path from 'node:path';
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import { createApp } from './app.js';

let server: Server;
let base: string;
beforeAll(async () => {
  const dist = mkdtempSync(path.join(tmpdir(), 'plate-'));
  mkdirSync(path.join(dist, 'assets'));
  writeFileSync(path.join(dist, 'index.html'), '<p>the app</p>');
  writeFileSync(path.join(dist, '404.html'), '<p>nothing on this plate</p>');
  writeFileSync(path.join(dist, 'assets', 'a-123.js'), `// ${'x'.repeat(4000)}`);
  writeFileSync(path.join(dist, 'assets', 'b-456.js'), 'plain');
  writeFileSync(path.join(dist, 'assets', 'b-456.js.gz'), gzipSync('packed by the build'));
  writeFileSync(path.join(dist, 'assets', 'b-456.js.br'), brotliCompressSync('packed smaller'));
  server = createApp(dist).listen(0);
  await new Promise((resolve) => server.once('listening', resolve));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}`;
});
afterAll(() => {
  server.close();
});

describe('the server', () => {
  test('says that it is well', async () => {
    expect(await (await fetch(`${base}/health`)).json()).toEqual({ status: 'ok' });
  });

  test('has an icon for pages that name none', async () => {
    const asked = await fetch(`${base}/favicon.ico`, { redirect: 'manual' });
    expect([asked.status, asked.headers.get('location')]).toEqual([301, '/icon.svg']);
  });

  test('sends a strict content policy: no eval, WASM allowed, nothing from elsewhere', async () => {
    const policy = (await fetch(`${base}/`)).headers.get('content-security-policy')!;
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval'");
    expect(policy).not.toContain("'unsafe-eval'");
    expect(policy).not.toMatch(/https?:/);
  });

  test('keeps hashed files for a year and compresses them', async () => {
    const file = await fetch(`${base}/assets/a-123.js`, { headers: { 'accept-encoding': 'gzip' } });
    expect(file.headers.get('cache-control')).toContain('immutable');
    expect(file.headers.get('content-encoding')).toBe('gzip');
    const packed = await fetch(`${base}/assets/b-456.js`, { headers: { 'accept-encoding': 'gzip' } });
    expect(packed.headers.get('content-encoding')).toBe('gzip');
    expect(await packed.text()).toBe('packed by the build');
    const smaller = await fetch(`${base}/assets/b-456.js`, { headers: { 'accept-encoding': 'gzip, br' } });
    expect([smaller.headers.get('content-encoding'), await smaller.text()]).toEqual(['br', 'packed smaller']);
    expect(
      await (await fetch(`${base}/assets/b-456.js`, { headers: { 'accept-encoding': 'identity' } })).text(),
    ).toBe('plain');
  });

  test.each(['/%', '/plan/%E0%A4%A', '/assets/%', '/%00', '/assets/..%2f..%2fpackage.json'])(
    'tells an error plainly: GET %s',
    async (address) => {
      const res = await fetch(`${base}${address}`);
      const text = await res.text();
      expect(res.status).toBeGreaterThanOrEqual(400);
      expect(text).not.toMatch(/\bat \w|node_modules|\.ts|Error:|\/tmp\//);
      expect(text.length).toBeLessThan(200);
    },
  );

  test('serves the app on its pages and a 404 page elsewhere', async () => {
    for (const page of [
      'brief',
      'choose',
      'check',
      'lay',
      'sheet',
      'reply',
      'bites',
      'card/tree-nut-allergy',
    ])
      expect([page, (await fetch(`${base}/plan/comet-watch/${page}`)).status]).toEqual([page, 200]);
    expect((await fetch(`${base}/plan/comet-watch/card`)).status).toBe(404);
    const missing = await fetch(`${base}/nowhere`);
    expect(missing.status).toBe(404);
    expect(await missing.text()).toContain('nothing on this plate');
  });
});
