import type { Starter, Wiring } from "@amp-saver/records";
import type { Entries } from "../../store/commands.ts";
import type { JobBundle } from "../../store/queries.ts";
import type { WiringNames } from "../../words/wiring.ts";
import type { PlanView } from "./wiring.view.ts";

/** What every part of preparing is given. */
export interface PartProps {
  readonly bundle: JobBundle;
  readonly wiring: Wiring;
  readonly starter: Starter | undefined;
  readonly view: PlanView;
  readonly names: WiringNames;
  /** Saves fields, or only some entries of fields that are objects; `fresh` is what those begin with where they are not there yet. */
  readonly save: (change: Partial<Wiring>, field: string, entries?: Entries, fresh?: Entries) => void;
}
