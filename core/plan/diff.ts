/** A reversible edit of a document: at each path, what stood there before and after; `undefined` is "not there". */
export interface Change {
  path: (string | number)[];
  before: unknown;
  after: unknown;
}

const isObject = (v: unknown): v is Record<string, unknown> => typeof v === 'object' && v !== null;

/** Shared parts are skipped by identity; lists of different length are replaced as a whole. */
export function diff(before: unknown, after: unknown, path: (string | number)[] = []): Change[] {
  if (Object.is(before, after)) return [];
  if (Array.isArray(before) && Array.isArray(after)) {
    if (before.length !== after.length) return [{ path, before, after }];
    return before.flatMap((item, i) => diff(item, after[i], [...path, i]));
  }
  if (isObject(before) && isObject(after) && !Array.isArray(before) && !Array.isArray(after)) {
    const keys = new Set([...Object.keys(before), ...Object.keys(after)]);
    return [...keys].flatMap((key) => diff(before[key], after[key], [...path, key]));
  }
  return [{ path, before, after }];
}

/**
 * What `after` says, made of the parts of `before` wherever they say the same: a document that was read anew does not
 * look changed where it is not, so that whatever hangs on a part of it need not be worked out again.
 */
export function shared<T>(before: T, after: T): T {
  if (Object.is(before, after) || !isObject(before) || !isObject(after)) return after;
  if (Array.isArray(before) !== Array.isArray(after)) return after;
  const keys = Object.keys(after);
  const parts = keys.map((key) => shared(before[key], after[key]));
  if (
    keys.length === Object.keys(before).length &&
    keys.every((key, i) => key in before && before[key] === parts[i])
  )
    return before;
  return (Array.isArray(after) ? parts : Object.fromEntries(keys.map((key, i) => [key, parts[i]]))) as T;
}

function put(value: unknown, path: readonly (string | number)[], to: unknown): unknown {
  const [key, ...rest] = path;
  if (key === undefined) return to;
  if (Array.isArray(value)) return value.map((item, i) => (i === key ? put(item, rest, to) : item));
  const object = isObject(value) ? value : {};
  const next = { ...object, [key]: put(object[key], rest, to) };
  if (rest.length === 0 && to === undefined) delete next[key];
  return next;
}

/** Plays changes on a document, forward or back; the document itself is not touched. */
export function play<T>(whole: T, changes: readonly Change[], way: 'forward' | 'back'): T {
  const order = way === 'forward' ? changes : [...changes].reverse();
  return order.reduce<unknown>(
    (doc, change) => put(doc, change.path, way === 'forward' ? change.after : change.before),
    whole,
  ) as T;
}

/** The paths at which the document no longer holds what the change expects, as another tab may have left it. */
export function clashes(whole: unknown, changes: readonly Change[], way: 'forward' | 'back'): Change[] {
  return changes.filter((change) => {
    const stands = change.path.reduce<unknown>(
      (sum, k) => (isObject(sum) ? (sum as Record<string | number, unknown>)[k] : undefined),
      whole,
    );
    return JSON.stringify(stands) !== JSON.stringify(way === 'forward' ? change.before : change.after);
  });
}
