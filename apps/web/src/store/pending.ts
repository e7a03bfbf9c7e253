import { type AnyRecord, recordKey } from "@amp-saver/records";
import { resolved } from "./journal.ts";
import type { Commit } from "./port.ts";

/**
 * What is being saved, written down at once where a page that goes away cannot lose it: the browser's database takes
 * a moment, and drops what was not finished when its page is gone. The next opening does again what was not done.
 */
const PREFIX = "amp-saver pending ";
/** Largest save that is written down, letters: what is larger comes from a file or a picture, which is still there. */
const MOST = 100_000;
/** Stands for a field that is to be cleared, which JSON has no word for. */
const CLEARED = { "amp-saver": "cleared" } as const;

/** A place among the saves of all tabs. */
export interface Turn {
  readonly tab: string;
  readonly seq: number;
}

/** Where texts lie that are written at once. */
export type PlainStorage = Pick<Storage, "getItem" | "setItem" | "removeItem" | "key" | "length">;

/** The saves of this tab that are not done yet, and those that other tabs left. */
export class PendingLog {
  private seq = 0;
  private readonly latest = new Map<string, AnyRecord>();
  private readonly storage: PlainStorage;
  readonly tab: string;

  constructor(storage: PlainStorage, tab: string) {
    this.storage = storage;
    this.tab = tab;
  }

  /** Notes a record as it was read or saved: what the next change of it builds on. */
  know(records: readonly AnyRecord[]): void {
    for (const record of records) this.latest.set(recordKey(record), record);
  }

  /** Writes a save down; null where it is none of a person's, too large, or builds on what was never read. */
  enter(commit: Commit): Turn | null {
    if (commit.silent === true) return null;
    const done = new Map<string, AnyRecord | null>();
    const plain: Commit["changes"][number][] = [];
    for (const change of commit.changes) {
      const key = recordKey(change);
      const base = done.get(key) ?? this.latest.get(key) ?? null;
      const follows = "patch" in change && typeof change.patch === "function" ? change.patch : null;
      if (follows !== null && base === null) return null;
      const settled = follows === null || base === null ? change : { ...change, patch: follows(base) };
      plain.push(settled);
      done.set(key, resolved([settled], () => base)[0]?.after ?? null);
    }
    const text = JSON.stringify({ ...commit, changes: plain }, (_, value: unknown) => (value === undefined ? CLEARED : value));
    if (text.length > MOST) return null;
    for (const [key, after] of done) {
      if (after === null) this.latest.delete(key);
      else this.latest.set(key, after);
    }
    this.seq += 1;
    const turn = { tab: this.tab, seq: this.seq };
    try {
      this.storage.setItem(keyOf(turn), text);
      return turn;
    } catch {
      // A browser that keeps nothing at once still keeps the save itself.
      return null;
    }
  }

  /** Crosses a save out: it is done, or a person was told that it is not. */
  leave(turn: Turn | null): void {
    if (turn !== null) this.storage.removeItem(keyOf(turn));
  }

  /** Tabs other than this that left saves. */
  tabs(): readonly string[] {
    return [...new Set(this.turns().map((t) => t.tab))].filter((tab) => tab !== this.tab);
  }

  /** What a tab left, in order. */
  left(tab: string): readonly { readonly turn: Turn; readonly commit: Commit | null }[] {
    return this.turns()
      .filter((t) => t.tab === tab)
      .toSorted((a, b) => a.seq - b.seq)
      .map((turn) => ({ turn, commit: read(this.storage.getItem(keyOf(turn))) }));
  }

  private turns(): readonly Turn[] {
    const keys = Array.from({ length: this.storage.length }, (_, k) => this.storage.key(k) ?? "");
    return keys.flatMap((key) => {
      const [, tab, seq] = /^amp-saver pending (\S+) (\d+)$/.exec(key) ?? [];
      return tab === undefined ? [] : [{ tab, seq: Number(seq) }];
    });
  }
}

const keyOf = ({ tab, seq }: Turn): string => `${PREFIX}${tab} ${seq}`;

function read(text: string | null): Commit | null {
  try {
    return text === null ? null : (thawed(JSON.parse(text)) as Commit);
  } catch {
    return null;
  }
}

function thawed(value: unknown): unknown {
  if (Array.isArray(value)) return value.map(thawed);
  if (typeof value !== "object" || value === null) return value;
  if ("amp-saver" in value && value["amp-saver"] === CLEARED["amp-saver"]) return undefined;
  return Object.fromEntries(Object.entries(value).map(([name, inner]) => [name, thawed(inner)]));
}
