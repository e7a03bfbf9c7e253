import type { FitLog } from "@amp-saver/records";
import type { Changing, Entries } from "../store/commands.ts";

/** Saves fields of a visit, or only some entries of fields that are objects; `fresh` is what those begin with where they are not there yet. */
export type SaveFitLog = (change: Changing<FitLog>, field: string, entries?: Entries, fresh?: Entries) => Promise<unknown>;
