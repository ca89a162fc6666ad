import { ENGLISH, speak, speakArg } from '../../core/words/index.js';
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
  const conversion = converted(plan, target, await nodeSolver());
  call.print({
    status: conversion.status,
    plan: conversion.plan,
    changes: conversion.items
      .filter((item) => item.kind !== 'stays')
      .map((item) => ({
        from: item.from,
        to: item.to,
        name: item.name,
        kind: item.kind,
        likeness: item.likeness,
        keeps: item.keeps,
        changes: item.changes,
        reasons: item.reasons.map((reason) => speakArg(reason, ENGLISH)),
      })),
    objective: conversion.objective,
    bound: conversion.bound,
    open: conversion.open.map((said) => speak(said, ENGLISH)),
    apart: conversion.apart,
    text: conversion.said.map((said) => speak(said, ENGLISH)).join(' '),
    seconds: (call.now() - started) / 1000,
  });
}

/** "--to vegan,tree-nut-free", "--cheaper 20", "--budget 80", "--guests 12", "--start 2027-07-15T18:00 --temp 30". */
function targetOf(call: Call, plan: Plan): Target {
  const valid = NEEDS.map((pack) => pack.id);
  const words = (call.options.to ?? [])
    .flatMap((text) => text.split(','))
    .map((word) => word.trim())
    .filter(Boolean);
  const ids = words.map((word) => (word === 'nut-free' ? 'tree-nut-free' : word));
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
