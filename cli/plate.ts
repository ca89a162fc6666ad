import { readFileSync, writeFileSync } from 'node:fs';
import { z } from 'zod';
import {
  CATALOGUE,
  FORM_IDS,
  formOf,
  usualForm,
  type ComponentId,
  type FormId,
} from '../core/catalogue/index.js';
import { bitesFor, certificateOf, checkPlan, plateSums } from '../core/check/index.js';
import { compose, otherBoards, whyComponent } from '../core/compose/index.js';
import { layPlan } from '../core/lay/index.js';
import { parseLocalTime } from '../core/measure/index.js';
import { componentOfLabel, readLabel } from '../core/label/index.js';
import { fineForms, judgeNeed, NEEDS, needPack, type Judgement } from '../core/needs/index.js';
import type { NeedChoice } from '../core/party/index.js';
import { boardSvg } from '../core/picture/index.js';
import {
  applyCommand,
  canonicalText,
  commandSchema,
  needProblem,
  planLarder,
  planSchema,
  readPlanText,
  type Plan,
} from '../core/plan/index.js';
import { schoolsOf } from '../core/portion/index.js';
import { cheaperBy, convert, SWAP_KINDS, swapsFor, type SwapKind, type Target } from '../core/swap/index.js';
import { DEMOS } from '../demo/index.js';
import { makeDemo } from '../demo/make.js';
import { nodeSolver } from '../solver/node.js';
import { parseArguments, type Arguments } from './arguments.js';

/** Bad input of the caller: exit 2. Everything else that throws is a fault of ours: exit 1. */
class BadInput extends Error {
  readonly details: unknown;
  constructor(message: string, details?: unknown) {
    super(message);
    this.details = details;
  }
}

const print = (value: unknown): void => {
  process.stdout.write(`${JSON.stringify(value)}\n`);
};

function readPlanFile(args: Arguments): Plan {
  const text = readText(args, 'plan file');
  const read = readPlanText(text);
  if (!read.ok) throw new BadInput('the plan was refused', read.problems);
  return read.plan;
}

function seedOf(args: Arguments, plan: Plan): number {
  const text = args.options.seed?.[0];
  if (text === undefined) return plan.seed;
  const seed = Number(text);
  if (!Number.isInteger(seed) || seed < 0 || seed > 2147483647)
    throw new BadInput(`--seed takes a whole number from 0, not "${text}"`);
  return seed;
}

/** The need that was named with its settings, as the plan's border would take it. */
function needOf(args: Arguments): NeedChoice {
  const id = args.options.need?.[0];
  const pack = id === undefined ? undefined : needPack(id);
  const valid = NEEDS.map((n) => n.id);
  if (!pack) throw new BadInput(`--need takes one of ${valid.join(', ')}`, { valid });
  const settings: Record<string, string> = {};
  for (const pair of args.options.setting ?? []) {
    const at = pair.indexOf('=');
    if (at < 1) throw new BadInput(`--setting takes key=value, not "${pair}"`);
    settings[pair.slice(0, at)] = pair.slice(at + 1);
  }
  const choice = { id: pack.id, settings };
  const problem = needProblem(choice);
  if (problem)
    throw new BadInput(problem, {
      valid: Object.fromEntries(pack.settings.map((s) => [s.id, s.values.map((v) => v.id)])),
    });
  return choice;
}

const reasonsOf = (reasons: Judgement['reasons']) =>
  reasons.map((r) => ({ fact: r.fact, value: r.value, source: r.source, text: r.text, verdict: r.verdict }));

function verdicts(args: Arguments): void {
  const choice = needOf(args);
  const asked = args.options.form?.[0];
  if (asked !== undefined && !(FORM_IDS as readonly string[]).includes(asked))
    throw new BadInput(`--form takes one of ${FORM_IDS.join(', ')}`, { valid: FORM_IDS });
  const formed = CATALOGUE.flatMap((c) => {
    const fact = asked === undefined ? usualForm(c) : formOf(c, asked as FormId);
    return fact ? [{ c, form: fact.form }] : [];
  });
  print(
    formed.map(({ c, form }) => {
      const { verdict, reasons } = judgeNeed(c, form, choice);
      return {
        id: c.id,
        name: c.name,
        form,
        verdict,
        reasons: reasonsOf(reasons),
        fineForms: fineForms(c, choice),
      };
    }),
  );
}

/** Text from a file, or from standard input for "-". */
function readText(args: Arguments, what: string): string {
  const [file] = args.words;
  if (!file) throw new BadInput(`name a ${what}, or - for standard input`);
  try {
    return readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch {
    throw new BadInput(`the file "${file}" cannot be read`);
  }
}

const MOST_LABEL = 20_000;

function label(args: Arguments): void {
  const choice = args.options.need ? needOf(args) : undefined;
  const text = readText(args, 'file with the text of a label');
  if (text.length > MOST_LABEL)
    throw new BadInput(`a label has at most ${MOST_LABEL} letters, not ${text.length}`);
  const read = readLabel(text);
  const about = { name: 'Label', family: 'spread-dip' as const, text, who: '', when: '' };
  const judged = choice && judgeNeed(componentOfLabel(read, about), 'bowl', choice);
  print({
    facts: read.facts,
    spans: read.spans,
    questions: read.questions,
    nutrition: read.nutrition,
    complete: read.complete,
    ...(judged ? { verdict: judged.verdict, reasons: reasonsOf(judged.reasons) } : {}),
  });
}

/** Per group: what it may eat of this plan, where it lies, and what can be promised. */
function guests(args: Arguments): void {
  const { care, context, findings } = checkPlan(readPlanFile(args));
  const certificate = certificateOf(context, care);
  const sums = plateSums(context);
  print({
    groups: care.groups.map(({ group, ok, missing }, i) => {
      const foods = context.lying.filter((l) => context.groupsAt(l.surface).includes(group));
      const of = (verdict: string) =>
        foods
          .filter(
            (l) =>
              (context.overruled(l.component.id, group) ? 'fine' : context.judge(l, group).verdict) ===
              verdict,
          )
          .map((l) => ({
            id: l.component.id,
            form: l.form,
            surface: l.surface.id,
            counts: context.counts(l, group),
            reasons: reasonsOf(context.judge(l, group).reasons),
          }));
      return {
        group: group.id,
        name: group.name,
        count: group.count,
        fine: of('fine'),
        ask: of('ask'),
        forbidden: of('forbidden'),
        lookedAfter: ok,
        why: missing,
        gramsEach: certificate.groups[i]!.gramsEach,
        text: certificate.groups[i]!.text,
        openOnAllergy: findings.some(
          (f) => f.grave && f.glyph === 'covered' && f.concerns.includes(group.id),
        ),
        plate: sums
          .filter((s) => s.group === group)
          .map((s) => ({
            need: s.need,
            what: s.quantity.fact,
            unit: s.quantity.unit,
            limit: s.limit,
            ...s.sum,
          })),
      };
    }),
    certificate: {
      lookedAfter: certificate.lookedAfter,
      holdsUpTo: certificate.holdsUpTo,
      text: certificate.text,
      shortFirst: certificate.shortFirst ?? null,
      remedy: certificate.remedy ?? null,
    },
  });
}

const VERBS: Record<string, (args: Arguments) => void | Promise<void>> = {
  async demo(args) {
    const brief = DEMOS[args.words[0] ?? ''];
    if (!brief) throw new BadInput(`demo takes one of ${Object.keys(DEMOS).join(', ')}`);
    process.stdout.write(canonicalText(makeDemo(brief(), await nodeSolver())));
  },
  schema() {
    print(z.toJSONSchema(planSchema, { unrepresentable: 'any', io: 'input' }));
  },
  catalogue() {
    print(CATALOGUE);
  },
  needs() {
    print(
      NEEDS.map((n) => ({
        id: n.id,
        name: n.name,
        also: n.also,
        summary: n.summary,
        settings: n.settings.map((s) => ({
          id: s.id,
          values: s.values.map((v) => v.id),
          default: s.default,
          list: s.list ?? false,
          number: s.number ?? null,
        })),
      })),
    );
  },
  schools(args) {
    print(
      schoolsOf(readPlanFile(args)).map((o) => ({
        id: o.id,
        name: o.name,
        ready: o.ready,
        chosen: o.chosen,
        totalG: o.targets.totalG,
        perPortionG: o.targets.perPortionG,
        byFamily: o.targets.byFamily,
        rows: o.rows,
        kinds: o.kinds,
        areaCm2: o.areaCm2,
        costMinor: o.costMinor,
        difference: o.difference,
      })),
    );
  },
  verdicts,
  label,
  guests,
  check(args) {
    const { findings, care } = checkPlan(readPlanFile(args));
    print({
      findings: findings.map((f) => ({
        code: f.code,
        glyph: f.glyph,
        concerns: f.concerns,
        text: f.text,
        why: f.why,
        facts: f.facts,
        remedies: f.remedies,
      })),
      guests: care.groups.map((g) => ({
        group: g.group.id,
        lookedAfter: g.ok,
        why: g.ok ? `${Math.round(g.sureG)} g are sure; ${g.bites} bites` : g.missing.join('; '),
      })),
      holdsUpTo: care.greed,
    });
  },
  apply(args) {
    const plan = readPlanFile(args);
    let value: unknown;
    try {
      value = JSON.parse(args.options.command?.[0] ?? '');
    } catch {
      throw new BadInput('--command takes one command as JSON');
    }
    const parsed = commandSchema.safeParse(value);
    if (!parsed.success)
      throw new BadInput(
        'this is no command',
        parsed.error.issues.map((i) => ({ path: i.path.join('.'), reason: i.message })),
      );
    const done = applyCommand(plan, parsed.data);
    if (!done.ok) throw new BadInput('the command was refused', done.problems);
    process.stdout.write(canonicalText(done.plan));
  },
  async compose(args) {
    const plan = readPlanFile(args);
    const solve = await nodeSolver();
    const started = performance.now();
    const seed = seedOf(args, plan);
    const gap = numberOf(args, 'gap', 0, 1);
    const nodes = numberOf(args, 'nodes', 1, 1_000_000);
    const more = numberOf(args, 'alternatives', 0, 5) ?? 0;
    const c = compose({ ...plan, seed }, solve, {
      ...(gap === undefined ? {} : { gap }),
      ...(nodes === undefined ? {} : { nodes }),
    });
    const others = c.status === 'impossible' ? [] : otherBoards(c.plan, solve, more);
    const finite = (n: number) => (Number.isFinite(n) ? n : null);
    print({
      status: c.status,
      plan: c.plan,
      objective: finite(c.objective),
      bound: finite(c.bound),
      gap: c.gap,
      seconds: (performance.now() - started) / 1000,
      conflicts: c.conflicts,
      ...(more > 0 ? { alternatives: others } : {}),
    });
  },
  async why(args) {
    const plan = readPlanFile(args);
    const id = componentOf(args, plan);
    const why = whyComponent(plan, id, await nodeSolver());
    print({ ...why, points: Number.isFinite(why.points) ? why.points : null });
  },
  async convert(args) {
    const plan = readPlanFile(args);
    const target = targetOf(args, plan);
    const started = performance.now();
    const c = convert(plan, target, await nodeSolver());
    print({
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
      seconds: (performance.now() - started) / 1000,
    });
  },
  bites(args) {
    const plan = readPlanFile(args);
    const id = args.options.group?.[0];
    const group = plan.party.find((g) => g.id === id);
    const valid = plan.party.map((g) => g.id);
    if (!group) throw new BadInput(`--group takes one of ${valid.join(', ')}, not "${id ?? ''}"`, { valid });
    print(
      bitesFor(checkPlan(plan).context, group).map((b) => ({
        surface: b.surface,
        foods: b.foods.map((f) => ({ id: f.id, name: f.name })),
        points: b.points,
        why: b.why,
      })),
    );
  },
  swap(args) {
    const plan = readPlanFile(args);
    const id = args.options.component?.[0];
    const found = plan.placements.find((p) => p.componentId === id);
    if (!found) throw new BadInput(`--component takes a component that is on the board, not "${id ?? ''}"`);
    print(
      swapsFor(plan, found.componentId, kindsOf(args)).map((s) => ({
        id: s.id,
        name: s.name,
        kind: s.kind,
        score: s.score,
        likeness: s.like,
        keeps: s.keeps,
        changes: s.changes,
        fixes: s.fixes,
        breaks: s.breaks,
        costMinor: s.costMinor,
        minutes: s.minutes,
        labelToRead: s.labelToRead,
        command: s.command,
      })),
    );
  },
  lay(args) {
    const plan = readPlanFile(args);
    const started = performance.now();
    const laid = layPlan(plan, seedOf(args, plan));
    const file = args.options.svg?.[0];
    const largest = [...laid.plan.surfaces].sort(
      (a, b) => elementsOf(laid.plan, b.id) - elementsOf(laid.plan, a.id),
    )[0];
    if (file && largest) writeFileSync(file, boardSvg(laid.plan, largest));
    print({
      plan: laid.plan,
      surfaces: laid.surfaces.map((s) => ({
        id: s.surfaceId,
        outline: s.outline,
        coverage: s.coverage,
        scores: s.scores,
        elements: s.elements.map((e) => ({
          id: e.id,
          component: e.componentId,
          form: e.form,
          outline: e.outline,
          x: e.x,
          y: e.y,
          angle: e.angle,
          layer: e.layer,
          pinned: e.pinned,
        })),
      })),
      seconds: (performance.now() - started) / 1000,
    });
  },
};

/** A number between two bounds; undefined when it is not given. */
function numberOf(args: Arguments, key: string, least: number, most: number): number | undefined {
  const text = args.options[key]?.[0];
  if (text === undefined) return undefined;
  const n = Number(text);
  if (text.trim() === '' || !Number.isFinite(n) || n < least || n > most)
    throw new BadInput(`--${key} takes a number from ${least} to ${most}, not "${text}"`);
  return n;
}

function componentOf(args: Arguments, plan: Plan): ComponentId {
  const id = args.options.component?.[0] as ComponentId | undefined;
  if (!id || !planLarder(plan).has(id))
    throw new BadInput(`--component takes a component of the larder, not "${id ?? ''}"`);
  return id;
}

function kindsOf(args: Arguments): { kinds?: readonly SwapKind[] } {
  const asked = (args.options.kinds ?? []).flatMap((t) => t.split(',')).filter(Boolean);
  const wrong = asked.find((k) => !(SWAP_KINDS as readonly string[]).includes(k));
  if (wrong)
    throw new BadInput(`--kinds takes ${SWAP_KINDS.join(', ')}, not "${wrong}"`, { valid: SWAP_KINDS });
  return asked.length > 0 ? { kinds: asked as SwapKind[] } : {};
}

/** "--to vegan,tree-nut-free", "--cheaper 20", "--budget 80", "--guests 12", "--start 2027-07-15T18:00 --temp 30". */
function targetOf(args: Arguments, plan: Plan): Target {
  const valid = NEEDS.map((n) => n.id);
  const words = (args.options.to ?? [])
    .flatMap((t) => t.split(','))
    .map((w) => w.trim())
    .filter(Boolean);
  const ids = words.map((w) => (w === 'nut-free' ? 'tree-nut-free' : w));
  const wrong = ids.find((id) => !needPack(id));
  if (wrong !== undefined)
    throw new BadInput(`--to takes needs of ${valid.join(', ')}, not "${wrong}"`, { valid });
  const [budget, cheaper, guests, temp] = [
    numberOf(args, 'budget', 0, 1_000_000),
    numberOf(args, 'cheaper', 0, 90),
    numberOf(args, 'guests', 1, 2000),
    numberOf(args, 'temp', -30, 50),
  ];
  const start = args.options.start?.[0];
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

const elementsOf = (plan: Plan, id: string): number =>
  plan.layout.find((l) => l.surfaceId === id)?.elements.length ?? 0;

async function main(): Promise<number> {
  try {
    const [verb, ...rest] = process.argv.slice(2);
    const run = verb === undefined ? undefined : VERBS[verb];
    if (!run) throw new BadInput(`the verbs are ${Object.keys(VERBS).join(', ')}`);
    const args = parseArguments(rest);
    if (typeof args === 'string') throw new BadInput(args);
    await run(args);
    return 0;
  } catch (error) {
    const bad = error instanceof BadInput;
    const message = error instanceof Error ? error.message : String(error);
    process.stderr.write(
      `${JSON.stringify({ error: { kind: bad ? 'bad-input' : 'fault', message, ...(bad && error.details ? { problems: error.details } : {}) } })}\n`,
    );
    return bad ? 2 : 1;
  }
}

process.exitCode = await main();
