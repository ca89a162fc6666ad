/**
 * The same value, with every part that is equal to a part of an earlier one replaced by that part: what is remembered of the
 * parts holds for a copy that came over a border. Plain data only; rows of a list are found by their `id`, else by their place.
 */
export function sharing<T>(now: T, before: unknown): T {
  if (typeof now !== 'object' || now === null || typeof before !== 'object' || before === null) return now;
  if (Array.isArray(now)) return Array.isArray(before) ? (sharingRows(now, before) as T) : now;
  if (Array.isArray(before)) return now;
  const was = new Map<string, unknown>(Object.entries(before));
  const shared = Object.entries(now).map(([key, value]) => [key, sharing(value, was.get(key))] as const);
  const isEqual =
    shared.length === was.size &&
    shared.every(([key, value]) => was.has(key) && Object.is(value, was.get(key)));
  return (isEqual ? before : Object.fromEntries(shared)) as T;
}

function sharingRows(now: readonly unknown[], before: readonly unknown[]): readonly unknown[] {
  const byId = new Map(before.flatMap((row) => (idOf(row) === undefined ? [] : [[idOf(row), row]])));
  const shared = now.map((row, i) => sharing(row, byId.get(idOf(row)) ?? before[i]));
  return shared.length === before.length && shared.every((row, i) => Object.is(row, before[i]))
    ? before
    : shared;
}

const idOf = (row: unknown): unknown => (row as { id?: unknown } | null | undefined)?.id;
