import "fake-indexeddb/auto";
import { type AnyRecord, newPhoto, type PhotoId, RECORD_VERSIONS, writeRigFile } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import { dexieStore } from "../src/store/dexie.ts";

const NAME = "amp-saver";
const RIG = "demo-tin-lantern";
const NOW = "2026-06-21T18:41:00.000Z";
/** The smallest thing that begins as a JPEG does. */
const PICTURE = Uint8Array.of(0xff, 0xd8, 0xff, 0xe0, 0, 16, 74, 70);

/** A table of the browser's database as it lies there: bytes as numbers under "bytes". */
interface Table {
  readonly keyPath: string;
  readonly autoIncrement: boolean;
  readonly indexes: readonly { readonly name: string; readonly keyPath: string; readonly multiEntry: boolean; readonly unique: boolean }[];
  readonly rows: readonly unknown[];
}

/** A database and a file as the app of this version writes them. */
export interface Sample {
  /** The version of the database as the browser counts it. */
  readonly version: number;
  readonly tables: Readonly<Record<string, Table>>;
  readonly file: string;
}

/** One rig of the demo, a note that can be undone and a photo, kept by the store itself and read out raw. */
export async function makeSample(): Promise<Sample> {
  const store = await dexieStore(NAME, RECORD_VERSIONS);
  const records = demoRecords().filter((r) => r.kind === "starter" || r.id === RIG || ("rigId" in r && r.rigId === RIG));
  const job = records.find((r) => r.kind === "job");
  const rig = records.find((r) => r.kind === "rig");
  if (job === undefined || rig === undefined) throw new Error("the demo has no rig");
  const photo: AnyRecord = newPhoto({ id: "sample-photo" as PhotoId, now: NOW }, job, "plate", {
    across: 4,
    down: 4,
    bytes: PICTURE.length,
  });
  const all = [...records, photo];
  await store.keepBlob(photo.id, PICTURE.slice());
  await store.commit({ label: "import", silent: true, changes: all.map((after) => ({ kind: after.kind, id: after.id, after })) });
  await store.commit({
    label: "edit",
    changes: [{ kind: "rig", id: rig.id, after: { ...rig, note: "propane in the left bay" } as AnyRecord }],
  });
  store.close();
  return { ...(await dump()), file: writeRigFile(all, NOW, "0.1.0") };
}

async function dump(): Promise<Omit<Sample, "file">> {
  const db = await done(indexedDB.open(NAME));
  const tables: Record<string, Table> = {};
  for (const name of db.objectStoreNames) {
    const table = db.transaction(name).objectStore(name);
    const indexes = [...table.indexNames].map((n) => table.index(n));
    tables[name] = {
      keyPath: String(table.keyPath),
      autoIncrement: table.autoIncrement,
      indexes: indexes.map((i) => ({ name: i.name, keyPath: String(i.keyPath), multiEntry: i.multiEntry, unique: i.unique })),
      rows: ((await done(table.getAll())) as Record<string, unknown>[]).map((row) =>
        row.bytes instanceof Uint8Array ? { ...row, bytes: [...row.bytes] } : row,
      ),
    };
  }
  return { version: db.version, tables };
}

function done<T>(request: IDBRequest<T>): Promise<T> {
  return new Promise((settle, fail) => {
    request.onsuccess = () => settle(request.result);
    request.onerror = () => fail(request.error ?? new Error("the database gave no reason"));
  });
}
