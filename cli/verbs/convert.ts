import { parseLocalTime } from '../../core/measure/index.js';
import { NEEDS, needPack } from '../../core/needs/index.js';
import type { Plan } from '../../core/plan/index.js';
import { cheaperBy, convert as converted, type Target } from '../../core/swap/index.js';
import { nodeSolver } from '../../solver/node.js';
import { BadInput, numberOf, planOf, type Call } from '../call.js';

export async function convert(call: Call): Promise<void> {
  const plan = planOf(call);
  const target = targetOf(call, plan);
  const started = call.now();
  const c = converted(plan, target, await nodeSolver());
  call.print({
    status: c.status,
    plan: c.plan,
    changes: c.items
      .filter((i) => i.kind !== 'stays')
      .map((i) => ({
        from: i.from,
        to: i.to,
        name: i.name,
        kind: i.kind,
        likeness: i.likeness,
        keeps: i.keeps,
        changes: i.changes,
        reasons: i.reasons,
      })),
    objective: c.objective,
    bound: c.bound,
    open: c.open,
    apart: c.apart,
    text: c.text,
    seconds: (call.now() - started) / 1000,
  });
}

/** "--to vegan,tree-nut-free", "--cheaper 20", "--budget 80", "--guests 12", "--start 2027-07-15T18:00 --temp 30". */
function targetOf(call: Call, plan: Plan): Target {
  const valid = NEEDS.map((n) => n.id);
  const words = (call.options.to ?? [])
    .flatMap((t) => t.split(','))
    .map((w) => w.trim())
    .filter(Boolean);
  const ids = words.map((w) => (w === 'nut-free' ? 'tree-nut-free' : w));
  const wrong = ids.find((id) => !needPack(id));
  if (wrong !== undefined)
    throw new BadInput(`--to takes needs of ${valid.join(', ')}, not "${wrong}"`, { valid });
  const [budget, cheaper, guests, temp] = [
    numberOf(call, 'budget', 0, 1_000_000),
    numberOf(call, 'cheaper', 0, 90),
    numberOf(call, 'guests', 1, 2000),
    numberOf(call, 'temp', -30, 50),
  ];
  const start = call.options.start?.[0];
  if (start !== undefined && parseLocalTime(start) === undefined)
    throw new BadInput(`--start takes a local date and time such as 2027-07-15T18:00, not "${start}"`);
  const budgetMinor =
    budget !== undefined
      ? Math.round(budget * 100)
      : cheaper !== undefined
        ? cheaperBy(plan, cheaper, guests === undefined ? {} : { guests: Math.round(guests) })
        : undefined;
  const target: Target = {
    needs: ids.map((id) => ({ id, settings: {} })),
    ...(budgetMinor === undefined ? {} : { budgetMinor }),
    ...(guests === undefined ? {} : { guests: Math.round(guests) }),
    ...(start === undefined && temp === undefined
      ? {}
      : { occasion: { ...(start ? { start } : {}), ...(temp === undefined ? {} : { airTempC: temp }) } }),
  };
  if (ids.length === 0 && budgetMinor === undefined && guests === undefined && !target.occasion)
    throw new BadInput('say what it shall become: --to, --cheaper, --budget, --guests, --start or --temp', {
      valid,
    });
  return target;
}
