import { afterAll, beforeAll, describe, expect, test } from '@jest/globals';
import type { AddressInfo } from 'node:net';
import type { Server } from 'node:http';
import { CATALOGUE } from '../core/catalogue/index.js';
import { orderAnswer, quoteAnswer } from '../core/exchange/grocer.js';
import { createApp } from './app.js';

let server: Server;
let base = '';
beforeAll(async () => {
  server = createApp('nowhere').listen(0);
  await new Promise((ready) => server.once('listening', ready));
  base = `http://127.0.0.1:${(server.address() as AddressInfo).port}/api/grocer`;
});
afterAll(() => void server.close());

const post = (path: string, body: unknown) =>
  fetch(`${base}/${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: typeof body === 'string' ? body : JSON.stringify(body),
  });
const quote = {
  currency: 'EUR',
  opens: '2027-05-15T22:00',
  items: CATALOGUE.slice(0, 120).map(({ id }) => ({ id: id as string, massG: 300 })),
};

describe('the made-up grocer', () => {
  test('says what is there, and offers in place of what is sold out only what brings no allergen with it', async () => {
    const answer = quoteAnswer.parse(await (await post('quote', quote)).json());
    expect(answer.lines).toHaveLength(quote.items.length);
    const out = answer.lines.filter(({ state }) => state === 'sold-out');
    expect(out.length).toBeGreaterThan(2);
    const by = new Map(CATALOGUE.map((component) => [component.id as string, component]));
    for (const { id, instead } of out.filter(({ instead }) => instead !== null)) {
      const [was, is] = [by.get(id)!, by.get(instead!.id)!];
      for (const [allergen, value] of Object.entries(was.allergens))
        if (value === 'free')
          expect([is.id, allergen, is.allergens[allergen as never]]).toEqual([is.id, allergen, 'free']);
    }
    expect(answer.totalMinor).toBe(answer.lines.reduce((sum, { priceMinor }) => sum + priceMinor, 0));
    expect(await (await post('quote', quote)).json()).toEqual(answer);
  });

  test('delivers before it opens, and names what is missing in the order', async () => {
    const { windows, lines } = quoteAnswer.parse(await (await post('quote', quote)).json());
    for (const { till } of windows) expect(till < quote.opens).toBe(true);
    const order = orderAnswer.parse(await (await post('orders', { quote, window: windows[0]!.id })).json());
    expect(order.missing).toEqual(lines.filter(({ state }) => state !== 'in-stock').map(({ id }) => id));
    expect((await post('orders', { quote, window: 'never' })).status).toBe(400);
  });

  test('says field and reason where it cannot read, and nothing of itself', async () => {
    const bad = await post('quote', { ...quote, items: [{ id: 'brie', massG: -1 }] });
    expect(bad.status).toBe(400);
    expect(((await bad.json()) as { error: { field: string } }).error.field).toBe('items.0.massG');
    const broken = await post('quote', '{');
    expect(broken.status).toBe(400);
    expect(await broken.text()).toBe('This address cannot be read.');
    const gone = quoteAnswer.parse(
      await (await post('quote', { ...quote, items: [{ id: 'moon-cheese', massG: 1 }] })).json(),
    );
    expect(gone.lines[0]).toMatchObject({ state: 'unknown', priceMinor: 0 });
  });

  test('tells its border as a schema', async () => {
    const schema = (await (await fetch(`${base}/schema`)).json()) as Record<
      string,
      { request: { type: string } }
    >;
    expect(schema['POST /api/grocer/quote']!.request.type).toBe('object');
  });
});
