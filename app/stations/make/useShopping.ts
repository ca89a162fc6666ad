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

const stored = async (): Promise<Plan[]> => {
  const rows = await db.plans.toArray();
  return rows
    .filter((row) => row.deletedAt === null)
    .flatMap((row) => {
      const read = readPlan(row.doc);
      return read.ok ? [read.plan] : [];
    });
};

/** The list of this plan, and of those that are bought with it. */
export function useShopping(plan: Plan): { shopping: Shopping; plans: Plan[]; others: OtherPlan[] } {
  const together = useMake((state) => state.together);
  const [all, setAll] = useState<Plan[]>([]);
  useEffect(() => {
    let wanted = true;
    void stored().then((plans) => wanted && setAll(plans));
    return () => {
      wanted = false;
    };
  }, [plan.id]);
  const others = all.filter(({ id, currency }) => id !== plan.id && currency === plan.currency);
  const plans = useMemo(
    () => [plan, ...all.filter(({ id }) => id !== plan.id && together.includes(id))],
    [plan, all, together],
  );
  const shopping = useMemo(() => shopFor(plans), [plans]);
  return { shopping, plans, others: others.map(({ id, occasion }) => ({ id, name: occasion.name })) };
}
