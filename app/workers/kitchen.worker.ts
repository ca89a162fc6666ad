import loadHighs, { type Highs } from 'highs';
import wasmUrl from 'highs/runtime?url';
import { z } from 'zod';
import { compose, otherBoards, whyComponent, type Solver } from '../../core/compose/index.js';
import { layAround, laySurface } from '../../core/lay/index.js';
import { readPlan, type Plan } from '../../core/plan/index.js';
import { convert, swapsFor, wayOut } from '../../core/swap/index.js';
import { highsSolver } from '../../solver/highs.js';
import type { Answer, Job, Message, Request } from './contract.js';

z.config({ jitless: true });

/** Never only one answer: so many others are offered. */
const OTHERS = 2;

let solver: Promise<Solver> | undefined;
const loadSolver = (): Promise<Solver> =>
  (solver ??= loadHighs({ locateFile: () => wasmUrl }).then((h) => highsSolver(h as unknown as Highs)));

const send = (message: Message): void => self.postMessage(message);

function checked(value: unknown): Plan {
  const read = readPlan(value);
  if (!read.ok) throw new Error(`${read.problems[0]?.path}: ${read.problems[0]?.reason}`);
  return read.plan;
}

async function work(id: number, job: Job): Promise<Answer> {
  switch (job.kind) {
    case 'warm':
      await loadSolver();
      return { kind: 'warm' };
    case 'compose': {
      const plan = checked(job.plan);
      const solve = await loadSolver();
      send({ id, type: 'progress', words: 'Looking through the larder' });
      const done = compose(plan, solve, {
        ...(job.keep ? { keep: true } : {}),
        onFirst: (first) => {
          send({ id, type: 'first', plan: first });
          send({ id, type: 'progress', words: 'Looking for a better one' });
        },
      });
      return {
        kind: 'compose',
        status: done.status,
        plan: done.plan,
        gap: done.gap,
        conflicts: done.conflicts,
      };
    }
    case 'lay': {
      const plan = checked(job.plan);
      if (job.before) {
        send({ id, type: 'progress', words: 'Laying what changed' });
        return { kind: 'lay', surfaces: layAround(checked(job.before), plan, job.seed) };
      }
      const surfaces = plan.surfaces.filter((s) => job.surfaceIds === null || job.surfaceIds.includes(s.id));
      return {
        kind: 'lay',
        surfaces: surfaces.map((s) => {
          send({ id, type: 'progress', words: `Laying ${s.name.toLowerCase()}` });
          return laySurface(plan, s, job.seed);
        }),
      };
    }
    case 'swap': {
      const plan = checked(job.plan);
      const found = plan.placements.find((p) => p.componentId === job.componentId);
      return { kind: 'swap', swaps: found ? swapsFor(plan, found.componentId, job.settings) : [] };
    }
    case 'others':
      send({ id, type: 'progress', words: 'Looking for two others' });
      return { kind: 'others', others: otherBoards(checked(job.plan), await loadSolver(), OTHERS) };
    case 'why':
      return { kind: 'why', why: whyComponent(checked(job.plan), job.componentId, await loadSolver()) };
    case 'way-out':
      send({ id, type: 'progress', words: 'Choosing again' });
      return { kind: 'way-out', tried: wayOut(checked(job.plan), job.key, await loadSolver()) };
    case 'convert':
      send({ id, type: 'progress', words: 'Turning the board' });
      return { kind: 'convert', conversion: convert(checked(job.plan), job.target, await loadSolver()) };
  }
}

self.onmessage = (event: MessageEvent<Request>) => {
  const { id, job } = event.data;
  work(id, job).then(
    (answer) => send({ id, type: 'done', answer }),
    (error: unknown) =>
      send({ id, type: 'failed', reason: error instanceof Error ? error.message : String(error) }),
  );
};
