import { z } from 'zod';
import { checkPlan, triedRemedies, type Tried } from '../../core/check/index.js';
import { readPlan } from '../../core/plan/index.js';

z.config({ jitless: true });

/** What the page asks for: the remedies of every slip of this plan, the first slip's first. */
export interface TrialAsk {
  id: number;
  plan: unknown;
}
/** The remedies of one slip that keep their word. */
export interface TrialAnswer {
  id: number;
  key: string;
  tried: Tried[];
}

self.onmessage = (event: MessageEvent<TrialAsk>) => {
  const { id, plan } = event.data;
  const read = readPlan(plan);
  if (!read.ok) return;
  const checked = checkPlan(read.plan);
  for (const finding of checked.findings) {
    if (finding.remedies.length === 0) continue;
    const answer: TrialAnswer = { id, key: finding.key, tried: triedRemedies(read.plan, checked, finding) };
    self.postMessage(answer);
  }
};
