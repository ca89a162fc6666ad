/**
 * The same value, with every part that is equal to a part of an earlier one replaced by that part: what is remembered of the
 * parts holds for a copy that came over a border. Plain data only; rows of a list are found by their `id`, else by their place.
 */
export function sharing<T>(now: T, before: unknown): T {
  if (typeof now !== 'object' || now === null || typeof before !== 'object' || before === null) return now;
  if (Array.isArray(now)) return Array.isArray(before) ? (sharingRows(now, before) as T) : now;
  if (Array.isArray(before)) return now;
  const keys = Object.keys(now);
  const shared: Record<string, unknown> = {};
  let equal = keys.length === Object.keys(before).length;
  for (const key of keys) {
    const [value, old] = [(now as Record<string, unknown>)[key], (before as Record<string, unknown>)[key]];
    shared[key] = sharing(value, old);
    equal &&= Object.is(shared[key], old) && Object.hasOwn(before, key);
  }
  return (equal ? before : shared) as T;
}

function sharingRows(now: readonly unknown[], before: readonly unknown[]): readonly unknown[] {
  const byId = new Map(before.flatMap((row) => (idOf(row) === undefined ? [] : [[idOf(row), row]])));
  const shared = now.map((row, i) => sharing(row, byId.get(idOf(row)) ?? before[i]));
  return shared.length === before.length && shared.every((row, i) => Object.is(row, before[i]))
    ? before
    : shared;
}

const idOf = (row: unknown): unknown => (row as { id?: unknown } | null | undefined)?.id;
