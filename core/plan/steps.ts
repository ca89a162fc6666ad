export type Stored = Record<string, unknown>;

/** By the version that it starts from: what the next one changes in a record's fields of a stored plan. Never removed, never changed. */
export type Steps = Readonly<Record<number, (stored: Stored) => Stored>>;

export const isRecord = (value: unknown): value is Stored =>
  typeof value === 'object' && value !== null && !Array.isArray(value);
