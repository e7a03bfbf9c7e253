import type { Terminal } from "../../network/index.ts";
import type { SheetPlace, SheetWire } from "./step.ts";

/** Where a sheet and the plan of this very unit part. Those of `MILD` lead to the same connections. */
export type Difference =
  /** This unit has no such terminal or part. */
  | { readonly code: "no-such-place"; readonly place: SheetPlace }
  /** The start aid is not there: nothing to do. */
  | { readonly code: "no-such-aid"; readonly place: SheetPlace }
  /** Its terminals cannot be reached on this unit. */
  | { readonly code: "out-of-reach"; readonly place: SheetPlace }
  /** No wire of that color is there; the plan means `wire`, and elsewhere that color is `others`. */
  | { readonly code: "color-not-there"; readonly color: string; readonly wire: string | null; readonly others: readonly string[] }
  /** The wire of that color there is another one; the plan means `wire`. */
  | { readonly code: "color-is-other"; readonly color: string; readonly wire: string; readonly others: readonly string[] }
  /** Several wires fit, and the plan means one of them: to be traced. */
  | { readonly code: "look-alikes"; readonly wire: string; readonly others: readonly string[] }
  /** The plan leaves this wire where it is. */
  | { readonly code: "stays"; readonly wire: string }
  /** The starter as entered has no such lead. */
  | { readonly code: "no-such-lead"; readonly color: string | null }
  /** A lead goes elsewhere by the plan. */
  | { readonly code: "lead-elsewhere"; readonly lead: Terminal; readonly by: readonly Terminal[] }
  /** A factory wire is joined with something else by the plan. */
  | { readonly code: "wire-elsewhere"; readonly wire: string; readonly by: readonly Terminal[] }
  /** Followed as printed, the end of this wire stays free. */
  | { readonly code: "left-free"; readonly wire: string; readonly at: Terminal }
  /** It cuts what the plan unplugs, or unplugs what here must be cut. */
  | { readonly code: "no-cut-needed"; readonly wire: string }
  | { readonly code: "must-cut"; readonly wire: string }
  /** Nothing of this unit fits the wire it speaks of. */
  | { readonly code: "wire-not-told"; readonly wire: SheetWire };

const MILD: ReadonlySet<Difference["code"]> = new Set(["no-cut-needed", "must-cut", "no-such-aid"]);

/** Whether a difference leaves the connections as planned. */
export const isMild = ({ code }: Difference): boolean => MILD.has(code);
