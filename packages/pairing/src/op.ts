import { z } from "zod";

/** How far each device's changes are known: the number of the last one, by device. */
export type Known = Readonly<Record<string, number>>;

/** Most letters of a device's name inside, of a document and of a piece. */
const NAME_MOST = 300;
const device = z.string().min(1).max(60);
const known = z.record(device, z.number().int().min(0));

/** One change: a piece of a document set or cleared, or the whole document deleted. */
const opSchema = z.strictObject({
  by: device,
  /** Which of this device's changes it is, from 1. */
  n: z.number().int().min(1),
  /** Later than every change that was known when it was made. */
  l: z.number().int().min(1),
  /** What was known when it was made. */
  seen: known,
  doc: z.string().min(1).max(NAME_MOST),
  /** Name of the piece; null deletes the document. */
  piece: z.string().max(NAME_MOST).nullable(),
  /** What it holds from now on; absent where it was cleared. */
  value: z.unknown().optional(),
  /** When it was made, by that device's own clock: told, never compared. */
  at: z.string().max(40),
});
export type Op = z.infer<typeof opSchema>;

/** Whether a change was known when another was made. */
export function isSeenBy(op: Pick<Op, "by" | "n">, other: Pick<Op, "by" | "n" | "seen">): boolean {
  return op.by === other.by ? op.n <= other.n : op.n <= (other.seen[op.by] ?? 0);
}

/** Whether one change counts before another of the same piece: the later one, and of two at once the one of the greater name. */
export function isOver(a: Op, b: Op): boolean {
  return a.l === b.l ? a.by > b.by || (a.by === b.by && a.n > b.n) : a.l > b.l;
}

/** What is exchanged: how far one knows the other's changes, and changes it lacks. */
export const syncSchema = z.strictObject({ known, ops: z.array(opSchema).max(100_000) });
export type Sync = z.infer<typeof syncSchema>;

/** What of a pair is kept over a reload: the changes, and what this device's records and they last agreed on. */
export const pairStateSchema = z.strictObject({
  replica: z.strictObject({ device, known, ops: z.array(opSchema).readonly() }),
  agreed: z.array(z.tuple([z.string(), z.record(z.string(), z.unknown()).readonly()]).readonly()).readonly(),
});
export type PairState = z.infer<typeof pairStateSchema>;
