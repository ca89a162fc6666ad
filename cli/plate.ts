import { readFileSync, writeFileSync } from 'node:fs';
import { z } from 'zod';
import { CATALOGUE, usualForm } from '../core/catalogue/index.js';
import { checkPlan } from '../core/check/index.js';
import { compose } from '../core/compose/index.js';
import { layPlan } from '../core/lay/index.js';
import { fineForms, judgeNeed, NEEDS, needPack } from '../core/needs/index.js';
import { boardSvg } from '../core/picture/index.js';
import {
  applyCommand,
  canonicalText,
  commandSchema,
  needProblem,
  planSchema,
  readPlanText,
  type Plan,
} from '../core/plan/index.js';
import { swapsFor } from '../core/swap/index.js';
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
  const [file] = args.words;
  if (!file) throw new BadInput('name a plan file, or - for standard input');
  let text: string;
  try {
    text = readFileSync(file === '-' ? 0 : file, 'utf8');
  } catch {
    throw new BadInput(`the file "${file}" cannot be read`);
  }
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

function verdicts(args: Arguments): void {
  const id = args.options.need?.[0];
  const pack = id === undefined ? undefined : needPack(id);
  if (!pack) throw new BadInput(`--need takes one of ${NEEDS.map((n) => n.id).join(', ')}`);
  const settings: Record<string, string> = {};
  for (const pair of args.options.setting ?? []) {
    const [key, value] = pair.split('=');
    if (!key || value === undefined) throw new BadInput(`--setting takes key=value, not "${pair}"`);
    settings[key] = value;
  }
  const choice = { id: pack.id, settings };
  const problem = needProblem(choice);
  if (problem) throw new BadInput(problem);
  print(
    CATALOGUE.map((c) => {
      const { form } = usualForm(c);
      const { verdict, reasons } = judgeNeed(c, form, choice);
      return {
        id: c.id,
        name: c.name,
        form,
        verdict,
        reasons: reasons.map((r) => ({ fact: r.fact, value: r.value, source: r.source, text: r.text })),
        fineForms: fineForms(c, choice),
      };
    }),
  );
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
        })),
      })),
    );
  },
  verdicts,
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
    const c = compose({ ...plan, seed }, solve);
    const finite = (n: number) => (Number.isFinite(n) ? n : null);
    print({
      status: c.status,
      plan: c.plan,
      objective: finite(c.objective),
      bound: finite(c.bound),
      gap: c.gap,
      seconds: (performance.now() - started) / 1000,
      conflicts: c.conflicts,
    });
  },
  swap(args) {
    const plan = readPlanFile(args);
    const id = args.options.component?.[0];
    const found = plan.placements.find((p) => p.componentId === id);
    if (!found) throw new BadInput(`--component takes a component that is on the board, not "${id ?? ''}"`);
    print(
      swapsFor(plan, found.componentId).map((s) => ({
        id: s.id,
        name: s.name,
        kind: s.kind,
        score: s.score,
        keeps: s.keeps,
        changes: s.changes,
        fixes: s.fixes,
        breaks: s.breaks,
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
