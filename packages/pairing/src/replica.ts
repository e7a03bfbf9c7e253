import { canonical } from "@amp-saver/core/quantity";
import { isOver, isSeenBy, type Known, type Op, type Sync } from "./op.ts";

/** A document as its pieces, with when it was last changed. */
export interface Doc {
  readonly pieces: Readonly<Record<string, unknown>>;
  readonly at: string;
}

/** A piece that two devices changed without knowing of each other: what counts, and what was said beside it. */
export interface Overruled {
  readonly doc: string;
  /** Null where one deleted what the other changed. */
  readonly piece: string | null;
  readonly counts: Op;
  readonly beside: Op;
}

/** Everything a replica is, to be kept over a reload. */
export interface ReplicaState {
  readonly device: string;
  readonly known: Known;
  readonly ops: readonly Op[];
}

/**
 * One device's copy of what two share. Its state follows from the set of changes alone, in whatever order they came:
 * two that know the same changes hold the same. Of a piece that both changed unknown to each other the later change
 * counts and the other is kept beside it; a document is deleted only while every change of it was known to the deletion.
 */
export class Replica {
  readonly device: string;
  private known: Record<string, number>;
  /** Changes by document, each under its device and number. */
  private readonly docs = new Map<string, Map<string, Op>>();
  private clock = 0;

  constructor({ device, known, ops }: ReplicaState) {
    this.device = device;
    this.known = { ...known };
    for (const op of ops) this.keep(op);
  }

  /** What is known of each device. */
  get knows(): Known {
    return this.known;
  }

  state(): ReplicaState {
    return { device: this.device, known: { ...this.known }, ops: this.all() };
  }

  /** Changes the pieces of a document that differ from what they were before; returns how many did. */
  change(doc: string, before: Doc["pieces"] | null, after: Doc["pieces"], at: string): number {
    const names = new Set([...Object.keys(after), ...Object.keys(before ?? {})]);
    const differ = [...names].filter((piece) => canonical(after[piece]) !== canonical(before?.[piece]));
    for (const piece of differ) this.make(doc, piece, after[piece], at);
    return differ.length;
  }

  /** Sets one piece of a document. */
  set(doc: string, piece: string, value: unknown, at: string): void {
    this.make(doc, piece, value, at);
  }

  /** Sets a piece as it was before anything was known of the other: it counts only where it is `newer`, and nothing is overwritten by it. */
  setUnaware(doc: string, piece: string, value: unknown, at: string, newer: boolean): void {
    this.make(doc, piece, value, at, { l: newer ? this.clock + 1 : 1, seen: {} });
  }

  /** Deletes a document as far as it is known here; returns how many changes that made. */
  remove(doc: string, at: string): number {
    if (this.read(doc) === null) return 0;
    this.make(doc, null, undefined, at);
    return 1;
  }

  /** Takes in what another device sent; returns the documents that changed by it. */
  receive({ known, ops }: Sync): ReadonlySet<string> {
    const touched = new Set<string>();
    for (const op of ops) {
      if (op.n <= (this.known[op.by] ?? 0)) continue;
      this.keep(op);
      touched.add(op.doc);
    }
    // A sender leaves out what is overruled for good, but never anything else.
    for (const [by, n] of Object.entries(known)) this.known[by] = Math.max(this.known[by] ?? 0, n);
    return touched;
  }

  /** What one that knows so much lacks. */
  missing(theirs: Known): Sync {
    return { known: { ...this.known }, ops: this.all().filter((op) => op.n > (theirs[op.by] ?? 0)) };
  }

  /** A document as it stands; null where it is deleted or was never there. */
  read(doc: string): Doc | null {
    const own = this.of(doc);
    const deletions = own.filter((op) => op.piece === null);
    const changes = own.filter((op) => op.piece !== null);
    const lives = changes.some((op) => !deletions.some((gone) => isSeenBy(op, gone)));
    if (!lives) return null;
    const pieces: Record<string, unknown> = {};
    for (const op of winners(changes)) if (op.value !== undefined) pieces[op.piece ?? ""] = op.value;
    return {
      pieces,
      at:
        own
          .map((op) => op.at)
          .toSorted()
          .at(-1) ?? "",
    };
  }

  /** Every document that is there, whose name begins so. */
  names(prefix: string): readonly string[] {
    return this.begun(prefix).filter((doc) => this.read(doc) !== null);
  }

  /** What was said at once on two devices and does not count. */
  overruled(prefix: string): readonly Overruled[] {
    return this.begun(prefix).flatMap((doc) => {
      const own = this.of(doc);
      const changes = own.filter((op) => op.piece !== null);
      const told = winners(changes).flatMap((counts) =>
        changes
          .filter((beside) => beside !== counts && beside.piece === counts.piece && canonical(beside.value) !== canonical(counts.value))
          .map((beside) => ({ doc, piece: counts.piece, counts, beside })),
      );
      const revived = own
        .filter((op) => op.piece === null)
        .flatMap((beside) => {
          const counts = changes.find((op) => !isSeenBy(op, beside) && !isSeenBy(beside, op));
          return counts === undefined ? [] : [{ doc, piece: null, counts, beside }];
        });
      return [...told, ...revived];
    });
  }

  private all(): readonly Op[] {
    return [...this.docs.values()].flatMap((ops) => [...ops.values()]).toSorted((a, b) => a.n - b.n);
  }

  private begun(prefix: string): readonly string[] {
    return [...this.docs.keys()].filter((doc) => doc.startsWith(prefix)).toSorted();
  }

  private of(doc: string): readonly Op[] {
    return [...(this.docs.get(doc)?.values() ?? [])];
  }

  private make(doc: string, piece: string | null, value: unknown, at: string, told: Partial<Pick<Op, "l" | "seen">> = {}): void {
    const n = (this.known[this.device] ?? 0) + 1;
    this.keep({
      by: this.device,
      n,
      l: this.clock + 1,
      seen: { ...this.known },
      doc,
      piece,
      ...(value !== undefined && { value }),
      at,
      ...told,
    });
  }

  /** Keeps a change, and drops those of the same piece that it knew of. */
  private keep(op: Op): void {
    this.clock = Math.max(this.clock, op.l);
    this.known[op.by] = Math.max(this.known[op.by] ?? 0, op.n);
    const own = this.docs.get(op.doc) ?? new Map<string, Op>();
    this.docs.set(op.doc, own);
    for (const [key, other] of own) {
      if (other.piece !== op.piece) continue;
      if (isSeenBy(op, other)) return;
      if (isSeenBy(other, op)) own.delete(key);
    }
    own.set(`${op.by} ${op.n}`, op);
  }
}

/** The change of each piece that counts. */
function winners(changes: readonly Op[]): readonly Op[] {
  const best = new Map<string | null, Op>();
  for (const op of changes) {
    const other = best.get(op.piece);
    if (other === undefined || isOver(op, other)) best.set(op.piece, op);
  }
  return [...best.values()];
}
