import { create } from 'zustand';
import {
  orderAnswer,
  quoteAnswer,
  type OrderAnswer,
  type QuoteAnswer,
  type QuoteRequest,
} from '../../core/exchange/grocer.js';
import type { ShopLine } from '../../core/make/index.js';
import type { Plan } from '../../core/plan/index.js';
import { toast } from '../ui/toast.js';
import { t } from '../words/index.js';

interface Grocer {
  busy: boolean;
  /** About which plan the answers are. */
  about: string | null;
  quote: QuoteAnswer | null;
  order: OrderAnswer | null;
  ask(plan: Plan, lines: readonly ShopLine[]): Promise<void>;
  buy(plan: Plan, lines: readonly ShopLine[], window: string): Promise<void>;
}

const requestOf = (plan: Plan, lines: readonly ShopLine[]): QuoteRequest => ({
  currency: plan.currency,
  opens: plan.occasion.start,
  items: lines
    .filter(({ boughtG }) => boughtG > 0)
    .map(({ id, neededG, ownedG, basket }) => ({
      id,
      massG: Math.max(1, neededG - ownedG - (basket?.massG ?? 0)),
    })),
});

async function post(path: string, body: unknown): Promise<unknown> {
  const answer = await fetch(`/api/grocer/${path}`, {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (!answer.ok) throw new Error(String(answer.status));
  return answer.json() as Promise<unknown>;
}

/** A shop outside, asked over the border of `core/exchange/grocer`; without it everything else works. */
export const useGrocer = create<Grocer>((set) => {
  const asking = async (work: () => Promise<Partial<Grocer>>): Promise<void> => {
    set({ busy: true });
    try {
      set(await work());
    } catch {
      toast.error(t('No grocer answers now. The list stays as it is: shop by hand, or ask again.'));
    } finally {
      set({ busy: false });
    }
  };
  return {
    busy: false,
    about: null,
    quote: null,
    order: null,
    ask: (plan, lines) =>
      asking(async () => ({
        quote: quoteAnswer.parse(await post('quote', requestOf(plan, lines))),
        about: plan.id,
        order: null,
      })),
    buy: (plan, lines, window) =>
      asking(async () => ({
        order: orderAnswer.parse(await post('orders', { quote: requestOf(plan, lines), window })),
      })),
  };
});
