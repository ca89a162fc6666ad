import { PLAN_VERSION } from './plan.js';

/** One step of the chain: takes a stored plan of version `from` and returns one of `from + 1`. Pure; never removed, never changed. */
export interface Migration {
  from: number;
  name: string;
  step(stored: Record<string, unknown>): Record<string, unknown>;
}

/** In order. Version 1 is the first that was ever stored, so there is no step yet; the samples hold one plan of each version. */
export const MIGRATIONS: readonly Migration[] = [];

/** Brings a stored plan up to `to`. The version is stamped only after its step has succeeded. */
export function migrate(
  stored: Record<string, unknown>,
  migrations: readonly Migration[] = MIGRATIONS,
  to: number = PLAN_VERSION,
): Record<string, unknown> {
  let now = stored;
  for (let version = Number(stored.version); version < to; version++) {
    const found = migrations.find((m) => m.from === version);
    if (!found) throw new Error(`no way from version ${version} to ${version + 1}`);
    now = { ...found.step(now), version: version + 1 };
  }
  return now;
}
