import Dexie from 'dexie';
import { IDBKeyRange, indexedDB } from 'fake-indexeddb';

/** Imported first by tests of the store: Dexie then writes into memory instead of a browser. */
Dexie.dependencies.indexedDB = indexedDB;
Dexie.dependencies.IDBKeyRange = IDBKeyRange;
