import '../zod.js';
import { liveQuery } from 'dexie';
import { create } from 'zustand';
import {
  HOUSE_KINDS,
  houseText,
  keptOf,
  readHouse,
  readKept,
  recordOf,
  type HouseKind,
  type HouseRead,
  type HouseValue,
  type Kept,
} from '../../core/house/index.js';
import { db, type HouseRow } from './db.js';
import { SETTINGS_KEY, storedSettings } from './settings.js';
import { toast } from '../ui/toast.js';
import type { Said } from '../../core/words/index.js';
import { spoken } from './useSpeech.js';

interface House {
  /** By kind, the latest first. Empty until the store has been read. */
  kept: readonly Kept[];
  /** Rows that cannot be read: they stay where they are, and are told. */
  damaged: readonly { kind: string; key: string; reason: string }[];
  read: boolean;
}

/** What outlives a plan, as this browser keeps it; edits of other tabs come in by themselves. */
export const useHouse = create<House>(() => ({ kept: [], damaged: [], read: false }));

const isKind = (kind: string): kind is HouseKind => (HOUSE_KINDS as string[]).includes(kind);

function sorted(rows: readonly HouseRow[]): House {
  const house = {
    kept: [] as Kept[],
    damaged: [] as { kind: string; key: string; reason: string }[],
    read: true,
  };
  for (const row of [...rows].sort((a, b) => b.savedAt - a.savedAt)) {
    const read = isKind(row.kind)
      ? readKept(row.kind, row.version, row.value)
      : ({ ok: false, reason: { say: 'no.kind', with: { kind: row.kind } } } as const);
    if (read.ok) house.kept.push(read.kept);
    else house.damaged.push({ kind: row.kind, key: row.key, reason: spoken(read.reason) });
  }
  return house;
}

let following: { unsubscribe(): void } | undefined;

/** Begins to follow the stored house; called once by whoever shows or asks it. */
export function openHouse(): void {
  following ??= liveQuery(() => db.house.toArray()).subscribe((rows) => useHouse.setState(sorted(rows)));
}

/** Ends it, for tests. */
export function closeHouse(): void {
  following?.unsubscribe();
  following = undefined;
  useHouse.setState({ kept: [], damaged: [], read: false });
}

export const valuesOf = <K extends HouseKind>(kept: readonly Kept[], kind: K): HouseValue<K>[] =>
  kept.flatMap((kept) => (kept.kind === kind ? [kept.value as HouseValue<K>] : []));

/** Of one kind, the latest first; the same list while nothing of the house changes. */
export function useHouseOf<K extends HouseKind>(kind: K): readonly HouseValue<K>[] {
  openHouse();
  const kept = useHouse((house) => house.kept);
  return valuesOf(kept, kind);
}

const rowOf = ({ kind, key, version, value }: Kept, savedAt: number): HouseRow => ({
  kind,
  key,
  version,
  value,
  savedAt,
});

/** Nothing was written, and why. */
class Refused extends Error {
  constructor(readonly said: Said) {
    super(spoken(said));
  }
}

/** Writes all of it or, where a shelf would be too full, nothing: what is kept already never makes room by itself. */
async function put(all: readonly Kept[]): Promise<void> {
  await db.transaction('rw', db.house, async () => {
    await db.house.bulkPut(all.map((kept) => rowOf(kept, Date.now())));
    for (const kind of new Set(all.map((kept) => kept.kind))) {
      const { most, title } = recordOf(kind);
      if ((await db.house.where('kind').equals(kind).count()) > most)
        throw new Refused({ say: 'no.room', with: { what: { word: title }, most } });
    }
  });
}

/** Keeps values; one of the same key is replaced. False, and said, where they could not be kept. */
export async function keepInHouse<K extends HouseKind>(
  kind: K,
  ...values: readonly HouseValue<K>[]
): Promise<boolean> {
  try {
    await put(values.map((value) => keptOf(kind, value)));
    return true;
  } catch (error) {
    toast.error(error instanceof Error ? error.message : String(error));
    return false;
  }
}

export const forget = (kind: string, key: string): Promise<void> => db.house.delete([kind, key]);

/** A value as it is stored now, asked outside of a page. */
export async function houseValues<K extends HouseKind>(kind: K): Promise<HouseValue<K>[]> {
  const rows = await db.house.where('kind').equals(kind).toArray();
  return valuesOf(sorted(rows).kept, kind);
}

export const houseFile = async (): Promise<string> => houseText(sorted(await db.house.toArray()).kept);

/** Takes what is good of a file; nothing that is stored is lost but what the file has newer. */
export async function bringInHouse(text: string): Promise<HouseRead> {
  const read = readHouse(text);
  try {
    await put(read.kept);
    return read;
  } catch (error) {
    const fault = error instanceof Error ? error.message : String(error);
    const reason: Said = error instanceof Refused ? error.said : { say: 'no.text', with: { text: fault } };
    return { kept: [], problems: [...read.problems, { path: '', reason }] };
  }
}

/** What older versions kept among the settings: taken over once, then gone from there. */
const OLD: readonly (readonly [field: string, kind: HouseKind])[] = [
  ['forGood', 'answers'],
  ['ownSchools', 'schools'],
  ['ownThemes', 'themes'],
];

export async function moveOldSettings(): Promise<void> {
  const stored = storedSettings();
  const kept: Kept[] = OLD.flatMap(([field, kind]) =>
    (Array.isArray(stored[field]) ? (stored[field] as unknown[]) : []).flatMap((value) => {
      const read = readKept(kind, 1, value);
      return read.ok ? [read.kept] : [];
    }),
  );
  const weights = stored.weights ? readKept('weights', 1, stored.weights) : undefined;
  if (weights?.ok) kept.push(weights.kept);
  const fields = [...OLD.map(([field]) => field), 'weights'];
  if (!fields.some((field) => field in stored)) return;
  // first into the house, then out of the settings: a tab that dies between loses nothing
  await put(kept);
  const rest = Object.fromEntries(Object.entries(stored).filter(([key]) => !fields.includes(key)));
  localStorage.setItem(SETTINGS_KEY, JSON.stringify(rest));
}
