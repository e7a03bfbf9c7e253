import { fail, ok, type Result } from "@amp-saver/core/quantity";
import type { MergeSide, Tell } from "@amp-saver/records";
import type { ArchiveFailure } from "@amp-saver/records/archive";
import type { Offer, OfferView } from "@amp-saver/records/exchange";
import type { RecordStore, StoreResult } from "../store/port.ts";
import { lookIn, takeIn } from "./rigs-in.ts";
import { type FileOut, rigsOut, type Wanted } from "./rigs-out.ts";

/** What goes out of a store and comes into it, step by step, with what was read held in between. */
export interface Exchanger {
  /** Writes a file with what is wanted; null when it is gone. */
  readonly out: (wanted: Wanted, tell: Tell) => Promise<FileOut | null>;
  /** Reads a file and holds it until it is taken in. */
  readonly look: (file: File, tell: Tell) => Promise<Result<OfferView, ArchiveFailure | "unreadable">>;
  /** Takes in what was read last. */
  readonly take: (sides: ReadonlyMap<number, MergeSide>, tell: Tell) => Promise<StoreResult>;
}

/** What exchanges files with a store: in a worker, or on the page where the store lives there. */
export function makeExchanger(open: () => Promise<RecordStore>): Exchanger {
  let held: Offer | null = null;
  return {
    out: async (wanted, tell) => rigsOut(await open(), wanted, tell),
    look: async (file, tell) => {
      const bytes = await file.arrayBuffer().catch(() => null);
      if (bytes === null) return fail("unreadable", file.name);
      const found = await lookIn(await open(), new Uint8Array(bytes), tell);
      if (!found.ok) return found;
      held = found.value.offer;
      return ok(found.value.view);
    },
    take: async (sides, tell) => (held === null ? { ok: false, reason: "nothing-there" } : takeIn(await open(), held, sides, tell)),
  };
}
