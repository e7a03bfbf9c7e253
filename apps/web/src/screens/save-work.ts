import type { Work } from "@amp-saver/records";
import type { Changing, Entries } from "../store/commands.ts";

/** Saves fields of a visit, or only some entries of fields that are objects; `fresh` is what those begin with where they are not there yet. */
export type SaveWork = (change: Changing<Work>, field: string, entries?: Entries, fresh?: Entries) => Promise<unknown>;
