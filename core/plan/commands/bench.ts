import { cutSchema, type Cut } from '../records/cut.js';
import { motifSchema } from '../records/motif.js';
import { cutOutsForm, uncutForm } from '../cut-outs.js';
import { planLarder } from '../facts.js';
import type { Plan } from '../plan.js';
import { outOfMotif } from '../records/placement.js';
import { command, replaceBy } from './command.js';

/** What lies cut out keeps its number of pieces; they weigh what the cutters give now. */
function weighedAnew(plan: Plan, cut: Cut): Plan['placements'] {
  const component = planLarder(plan).get(cut.componentId);
  if (!component) return plan.placements;
  const { pieceG } = cutOutsForm(component, cut);
  return plan.placements.map((placement) =>
    placement.componentId === cut.componentId && placement.form === 'cut-outs'
      ? { ...placement, massG: Math.round(placement.pieces * pieceG * 10) / 10 || 0.1 }
      : placement,
  );
}

/** Without cutters the same grams lie as they would have before. */
function uncut(plan: Plan, componentId: Cut['componentId']): Plan['placements'] {
  const component = planLarder(plan).get(componentId);
  return plan.placements.map((placement) => {
    if (!component || placement.componentId !== componentId || placement.form !== 'cut-outs')
      return placement;
    const { form, pieceG } = uncutForm(component);
    return { ...placement, form, pieces: Math.max(1, Math.round(placement.massG / pieceG)) };
  });
}

/** What is cut out, melted or folded on the bench. */
export const BENCH_COMMANDS = [
  command('set-cut', 'change what is cut out', { cut: cutSchema }, (plan, { cut }) => ({
    ...plan,
    cuts: replaceBy(plan.cuts, (other) => other.componentId === cut.componentId, cut),
    placements: weighedAnew(plan, cut),
  })),
  command(
    'remove-cut',
    'take it off the bench',
    { componentId: cutSchema.shape.componentId },
    (plan, { componentId }) => ({
      ...plan,
      cuts: plan.cuts.filter((cut) => cut.componentId !== componentId),
      placements: uncut(plan, componentId),
    }),
  ),
  command('set-motif', 'change a motif', { motif: motifSchema }, (plan, { motif }) => ({
    ...plan,
    motifs: replaceBy(plan.motifs, (other) => other.id === motif.id, motif),
  })),
  /** What lay in it lies on the board like any other food. */
  command('remove-motif', 'take the motif away', { motifId: motifSchema.shape.id }, (plan, { motifId }) => ({
    ...plan,
    motifs: plan.motifs.filter(({ id }) => id !== motifId),
    placements: plan.placements.map((placement) =>
      placement.motif === motifId ? outOfMotif(placement) : placement,
    ),
  })),
] as const;
