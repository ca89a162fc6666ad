import type { Plan, Surface } from '../../core/plan/index.js';
import { EXPORTS, type ExportRecord } from './registry.js';
import { toast } from '../ui/toast.js';

/** What this plan gives, in words: about the surface that is picked where one is meant. */
export const exportsFor = (plan: Plan, surface: Surface | undefined): ExportRecord[] =>
  EXPORTS.filter(
    (record) =>
      (record.of !== 'surface' || surface !== undefined) &&
      (record.of !== 'surfaces' || plan.surfaces.length > 1),
  ).map((record) => ({
    ...record,
    words: record.words.replace('{surface}', surface?.name.toLowerCase() ?? ''),
  }));

/** Saves one, and says so where it could not be made. */
export async function saveAs(id: ExportRecord['id'], plan: Plan, surfaceId = ''): Promise<void> {
  try {
    await EXPORTS.find((record) => record.id === id)?.save(plan, surfaceId);
  } catch (error) {
    toast.error(error instanceof Error ? error.message : String(error));
  }
}
