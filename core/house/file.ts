import { inEnglish, refusalOf, type Said } from '../words/index.js';
import { HOUSE_KINDS, recordOf, type HouseKind, type HouseValue } from './registry.js';

/** Something kept, as it is stored and as it stands in a file: the version that its value was written in goes along. */
export interface Kept<K extends HouseKind = HouseKind> {
  kind: K;
  key: string;
  version: number;
  value: HouseValue<K>;
}

export type KeptRead<K extends HouseKind = HouseKind> =
  | { ok: true; kept: Kept<K> }
  | { ok: false; reason: Said };

/** A value brought up to now and checked. What a later version wrote is refused, not guessed. */
export function readKept<K extends HouseKind>(kind: K, version: number, value: unknown): KeptRead<K> {
  const { migrations, schema, keyOf, version: now } = recordOf(kind);
  if (version > now) return { ok: false, reason: { say: 'no.newer-record', with: { version, now } } };
  let brought = value;
  for (const migrate of migrations.slice(version - 1)) brought = migrate(brought);
  const parsed = schema.safeParse(brought);
  if (!parsed.success) {
    const [issue] = parsed.error.issues;
    const [path, why] = [issue!.path.join('.'), refusalOf(issue!)];
    return { ok: false, reason: path ? { say: 'no.at', with: { path, why } } : why };
  }
  return { ok: true, kept: { kind, key: keyOf(parsed.data), version: now, value: parsed.data } };
}

/** The value as it is kept now. Throws for one that its own schema refuses: the application never writes such. */
export function keptOf<K extends HouseKind>(kind: K, value: HouseValue<K>): Kept<K> {
  const read = readKept(kind, recordOf(kind).version, value);
  if (!read.ok)
    throw new Error(`expected a ${recordOf(kind).one} that can be kept: ${inEnglish(read.reason)}`);
  return read.kept;
}

export const HOUSE_FORMAT = 'round-plate.house';
const FILE_VERSION = 1;
export const MAX_HOUSE_BYTES = 8 * 1024 * 1024;

/** The whole house as one file. */
export const houseText = (all: readonly Kept[]): string =>
  `${JSON.stringify(
    {
      format: HOUSE_FORMAT,
      version: FILE_VERSION,
      kept: all.map(({ kind, version, value }) => ({ kind, version, value })),
    },
    null,
    1,
  )}\n`;

export interface HouseRead {
  kept: Kept[];
  /** What was not taken, each with its reason. */
  problems: { path: string; reason: Said }[];
}

/** Reads such a file: what is good is taken, what is not is told with its place. */
export function readHouse(text: string): HouseRead {
  const none = (reason: Said): HouseRead => ({ kept: [], problems: [{ path: '', reason }] });
  if (text.length > MAX_HOUSE_BYTES)
    return none({ say: 'no.large', with: { mb: MAX_HOUSE_BYTES / 2 ** 20 } });
  let file: { format?: unknown; version?: unknown; kept?: unknown };
  try {
    file = JSON.parse(text) as typeof file;
  } catch {
    return none({ say: 'no.json' });
  }
  if (file === null || typeof file !== 'object' || file.format !== HOUSE_FORMAT)
    return none({ say: 'no.house', with: { format: HOUSE_FORMAT } });
  if (file.version !== FILE_VERSION) return none({ say: 'no.house-version' });
  if (!Array.isArray(file.kept))
    return none({ say: 'no.at', with: { path: 'kept', why: { say: 'no.a.array' } } });
  const out: HouseRead = { kept: [], problems: [] };
  file.kept.forEach((item: unknown, i) => {
    const path = `kept.${i}`;
    const { kind, version, value } = (item ?? {}) as Record<string, unknown>;
    if (typeof kind !== 'string' || !(HOUSE_KINDS as string[]).includes(kind))
      return out.problems.push({
        path,
        reason: { say: 'no.kind', with: { kind: String(kind).slice(0, 40) } },
      });
    if (typeof version !== 'number' || !Number.isInteger(version) || version < 1)
      return out.problems.push({
        path,
        reason: { say: 'no.at', with: { path: 'version', why: { say: 'no.a.int' } } },
      });
    const read = readKept(kind as HouseKind, version, value);
    return read.ok ? out.kept.push(read.kept) : out.problems.push({ path, reason: read.reason });
  });
  return out;
}
