/** Remembers a function of two objects for as long as both live. What is given in is never changed. */
export function memo2<A extends WeakKey, B extends WeakKey, R>(of: (a: A, b: B) => R): (a: A, b: B) => R {
  const known = new WeakMap<A, WeakMap<B, { value: R }>>();
  return (a, b) => {
    let row = known.get(a);
    if (!row) known.set(a, (row = new WeakMap()));
    let cell = row.get(b);
    if (!cell) row.set(b, (cell = { value: of(a, b) }));
    return cell.value;
  };
}

/** The same of one object. */
export function memo1<A extends WeakKey, R>(of: (a: A) => R): (a: A) => R {
  const known = new WeakMap<A, { value: R }>();
  return (a) => {
    let cell = known.get(a);
    if (!cell) known.set(a, (cell = { value: of(a) }));
    return cell.value;
  };
}

/** The same of one word: for what is slow to make and there are few of, as the formats of a language. */
export function memoText<R>(of: (text: string) => R): (text: string) => R {
  const known = new Map<string, R>();
  return (text) => {
    if (!known.has(text)) known.set(text, of(text));
    return known.get(text)!;
  };
}
