import express, { type Response, type Router } from 'express';
import type { z } from 'zod';
import { CATALOGUE, type Component } from '../core/catalogue/index.js';
import {
  grocerSchema,
  orderRequest,
  quoteRequest,
  type OrderAnswer,
  type QuoteAnswer,
  type QuoteRequest,
} from '../core/exchange/grocer.js';
import { addMinutes, seedOf } from '../core/measure/index.js';
import { wareOf } from '../core/portion/index.js';

/**
 * A made-up grocer: it shows how an outside shop would be joined. Stock and prices hang on the day of the party and the
 * food alone, so that the same question has the same answer.
 */

/** One in so many is sold out. */
const SOLD_OUT = 11;
/** Prices lie so many per cent about the middle ones. */
const SWING = 9;
const MOST_BYTES = '200kb';
const FEE_MINOR = 490;
const HOUR = 60;

const chance = (n: number, ...of: string[]): number => Math.abs(seedOf('grocer', ...of)) % n;
const isOut = (id: string, day: string): boolean => chance(SOLD_OUT, id, day) === 0;
const factor = (id: string): number => 1 + (chance(2 * SWING + 1, 'price', id) - SWING) / 100;
const NOBODYS = { ownComponents: [], answers: [] };

/** The nearest food of the same family that is there and brings no allergen that the other is free of. */
function insteadOf(component: Component, day: string): Component | undefined {
  const brings = (other: Component): boolean =>
    Object.entries(other.allergens).some(
      ([allergen, value]) =>
        value !== 'free' && component.allergens[allergen as keyof Component['allergens']] === 'free',
    );
  return CATALOGUE.filter(
    (other) =>
      other.id !== component.id &&
      other.family === component.family &&
      other.texture === component.texture &&
      other.made !== 'home-made' &&
      !isOut(other.id, day) &&
      !brings(other),
  )[0];
}

function lineFor(id: string, massG: number, day: string): QuoteAnswer['lines'][number] {
  const ware = wareOf(NOBODYS, id);
  const choice = ware?.packs(massG);
  if (!ware || !choice) return { id, name: id, state: 'unknown', packs: [], priceMinor: 0, instead: null };
  const price = (minor: number): number => Math.round(minor * factor(id));
  const packs = choice.packs.map((pack) => ({ ...pack, priceMinor: price(pack.priceMinor) }));
  const priceMinor = packs.reduce((sum, pack) => sum + pack.count * pack.priceMinor, 0);
  if (!isOut(id, day)) return { id, name: ware.name, state: 'in-stock', packs, priceMinor, instead: null };
  const other = ware.component && insteadOf(ware.component, day);
  const cost = other && wareOf(NOBODYS, other.id)?.packs(massG)?.priceMinor;
  return {
    id,
    name: ware.name,
    state: 'sold-out',
    packs: [],
    priceMinor: 0,
    instead:
      other && cost !== undefined
        ? { id: other.id, name: other.name, priceMinor: Math.round(cost * factor(other.id)) }
        : null,
  };
}

/** Two hours each: the afternoon and the evening before, and the morning of the day where it opens later. */
function windowsFor(opens: string): QuoteAnswer['windows'] {
  const day = `${opens.slice(0, 10)}T00:00`;
  return [-8 * HOUR, -5 * HOUR, 9 * HOUR]
    .map((minutes) => addMinutes(day, minutes))
    .filter((from) => addMinutes(from, 4 * HOUR) <= opens)
    .map((from) => ({
      id: from.replace(/\D/g, ''),
      from,
      till: addMinutes(from, 2 * HOUR),
      feeMinor: FEE_MINOR,
    }));
}

export function quoteFor({ items, opens }: QuoteRequest): QuoteAnswer {
  const lines = items.map(({ id, massG }) => lineFor(id, massG, opens.slice(0, 10)));
  return {
    lines,
    totalMinor: lines.reduce((sum, line) => sum + line.priceMinor, 0),
    windows: windowsFor(opens),
  };
}

/** Reads what was sent, or says field and reason. */
function read<T>(schema: z.ZodType<T>, body: unknown, res: Response): T | undefined {
  const parsed = schema.safeParse(body);
  if (parsed.success) return parsed.data;
  const [issue] = parsed.error.issues;
  res.status(400).json({ error: { field: issue?.path.join('.') ?? '', reason: issue?.message ?? '' } });
  return undefined;
}

export function grocer(): Router {
  const router = express.Router();
  router.use(express.json({ limit: MOST_BYTES }));
  router.get('/schema', (_req, res) => {
    res.json(grocerSchema());
  });
  router.post('/quote', (req, res) => {
    const asked = read(quoteRequest, req.body, res);
    if (asked) res.json(quoteFor(asked));
  });
  router.post('/orders', (req, res) => {
    const asked = read(orderRequest, req.body, res);
    if (!asked) return;
    const quote = quoteFor(asked.quote);
    const window = quote.windows.find(({ id }) => id === asked.window);
    if (!window) {
      res.status(400).json({ error: { field: 'window', reason: 'there is no such window' } });
      return;
    }
    const answer: OrderAnswer = {
      order: `order-${window.id}-${quote.totalMinor}`,
      from: window.from,
      till: window.till,
      totalMinor: quote.totalMinor + window.feeMinor,
      missing: quote.lines.filter(({ state }) => state !== 'in-stock').map(({ id }) => id),
    };
    res.json(answer);
  });
  return router;
}
