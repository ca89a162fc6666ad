import type { Group } from '../party/index.js';
import type { Plan } from '../plan/index.js';
import { contextOf, type CheckContext } from './context.js';
import { byUrgency, type Finding } from './finding.js';
import { SEVERITIES, type Severity } from './kinds.js';
import { partyCare, type PartyCare } from './looked-after.js';
import { amounts } from './checks/amounts.js';
import { balance } from './checks/balance.js';
import { bindings } from './checks/binding.js';
import { ages, coldAir, notUnderstood, season } from './checks/brief.js';
import { carry } from './checks/carry.js';
import { company } from './checks/company.js';
import { contact } from './checks/contact.js';
import { cutOut } from './checks/cut-out.js';
import { holding } from './checks/holding.js';
import { allLaid, laidBowls, overTheRim } from './checks/laid.js';
import { LAYING_CHECKS } from './checks/laying.js';
import { knownFoods } from './checks/known-foods.js';
import { labels } from './checks/labels.js';
import { neverFoods } from './checks/never-food.js';
import { ownPlates, singlePortions } from './checks/own-plates.js';
import { plateLimits } from './checks/plate-limits.js';
import { routes } from './checks/routes.js';
import { together } from './checks/together.js';
import { lookedAfter } from './checks/looked-after.js';
import { lostComponents, ownVerdicts } from './checks/own-verdicts.js';
import { promises } from './checks/promises.js';
import { sense } from './checks/sense.js';
import { size } from './checks/size.js';
import { outOfReach, smallChildren } from './checks/small-children.js';
import { budget, tongs, tools } from './checks/tools.js';

export type Check = (context: CheckContext) => Finding[];

/** How the food lies: what they find is of the layout, and gone when it is laid anew. */
const LAYOUT_CHECKS: readonly Check[] = [allLaid, overTheRim, laidBowls, ...LAYING_CHECKS];

/** Every other check. How urgent what they find is stands in the table of kinds. */
export const CHECKS: readonly Check[] = [
  neverFoods,
  smallChildren,
  outOfReach,
  contact,
  routes,
  cutOut,
  together,
  promises,
  ownVerdicts,
  lookedAfter,
  plateLimits,
  ownPlates,
  singlePortions,
  bindings,
  holding,
  lostComponents,
  ages,
  notUnderstood,
  knownFoods,
  labels,
  size,
  carry,
  amounts,
  balance,
  company,
  sense,
  tools,
  tongs,
  budget,
  coldAir,
  season,
];

export interface Checked {
  findings: Finding[];
  /** Slips that the stylist has read and left. A grave one is never among them. */
  settled: Finding[];
  care: PartyCare;
  context: CheckContext;
}

export const checkPlan = (plan: Plan): Checked => checkedBy(plan, [...CHECKS, ...LAYOUT_CHECKS]);

/** All but how it lies: enough for what changes the food, since the board is laid anew after that. Several times as fast. */
export const checkFood = (plan: Plan): Checked => checkedBy(plan, CHECKS);

function checkedBy(plan: Plan, checks: readonly Check[]): Checked {
  const context = contextOf(plan);
  const all = byUrgency(checks.flatMap((check) => check(context)));
  const isSettled = (finding: Finding) =>
    !finding.grave && finding.severity !== 'blocker' && plan.settled.some((s) => s.key === finding.key);
  return {
    findings: all.filter((finding) => !isSettled(finding)),
    settled: all.filter(isSettled),
    care: partyCare(context),
    context,
  };
}

/** The worst among findings: what a station's plate or a seat shows. */
export const worstOf = (findings: readonly Finding[]): Severity =>
  SEVERITIES.find((severity) => findings.some((finding) => finding.severity === severity)) ?? 'good';

export interface SeatState {
  severity: Severity;
  /** A question is still open that somebody let be: nothing is known by it. */
  letBe: boolean;
}

/**
 * What a group's seats show. Settling a slip takes the slip away and changes nothing that is known: a seat with a
 * question that nobody answered stays covered.
 */
export function seatState(checked: Checked, group: Group): SeatState {
  const { party } = checked.context.plan;
  const about = (finding: Finding) =>
    finding.concerns.includes(group.id) && (finding.concerns.length < party.length || party.length === 1);
  const care = checked.care.groups.find((care) => care.group.id === group.id);
  const open = checked.findings.filter((finding) => finding.severity !== 'good' && about(finding));
  const left = checked.settled.filter((finding) => finding.severity === 'ask' && about(finding));
  const shown = care && !care.ok ? 'blocker' : worstOf(open);
  const covered = left.length > 0 && (shown === 'good' || shown === 'caution');
  return { severity: covered ? 'ask' : shown, letBe: left.length > 0 };
}
