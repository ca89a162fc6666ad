import { useEffect, useMemo, useState } from 'react';
import { shopFor, type Shopping } from '../../../core/make/index.js';
import { readPlan, type Plan } from '../../../core/plan/index.js';
import { db } from '../../store/db.js';
import { useMake } from './useMake.js';

/** Other plans of this browser, by name, the newest first. */
export interface OtherPlan {
  id: string;
  name: string;
}

/** Reading a plan whole takes a tenth of a second: of those that are not bought with this one, their cards tell enough. */
async function othersOf({ id, currency }: Pick<Plan, 'id' | 'currency'>): Promise<OtherPlan[]> {
  const cards = await db.cards.toArray();
  return cards
    .filter(
      (card) =>
        card.id !== id &&
        card.deletedAt === null &&
        card.damage === '' &&
        (card.currency ?? currency) === currency,
    )
    .sort((a, b) => b.savedAt - a.savedAt)
    .map((card) => ({ id: card.id, name: card.name }));
}

async function plansOf(ids: readonly string[], currency: string): Promise<Plan[]> {
  const rows = await db.plans.bulkGet([...ids]);
  return rows.flatMap((row) => {
    const read = row && row.deletedAt === null ? readPlan(row.doc) : undefined;
    return read?.ok && read.plan.currency === currency ? [read.plan] : [];
  });
}

const NONE: Plan[] = [];

/** The list of this plan, and of those that are bought with it. */
export function useShopping(plan: Plan): { shopping: Shopping; plans: Plan[]; others: OtherPlan[] } {
  const together = useMake((state) => state.together);
  const { id, currency } = plan;
  const [others, setOthers] = useState<OtherPlan[]>([]);
  const [beside, setBeside] = useState(NONE);
  useEffect(() => {
    let wanted = true;
    void othersOf({ id, currency }).then((found) => wanted && setOthers(found));
    return () => {
      wanted = false;
    };
  }, [id, currency]);
  useEffect(() => {
    let wanted = true;
    const ids = together.filter((other) => other !== id);
    void plansOf(ids, currency).then((found) => wanted && setBeside(found.length > 0 ? found : NONE));
    return () => {
      wanted = false;
    };
  }, [id, currency, together]);
  const plans = useMemo(() => [plan, ...beside], [plan, beside]);
  const shopping = useMemo(() => shopFor(plans), [plans]);
  return { shopping, plans, others };
}
