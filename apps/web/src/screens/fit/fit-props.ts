import type { Wiring, Work } from "@amp-saver/records";
import type { useLocalProof } from "../../store/local-proof.ts";
import type { JobBundle } from "../../store/queries.ts";
import type { WiringNames } from "../../words/wiring.ts";
import type { IsolationView } from "../../workbench/isolation.ts";
import type { PlanView } from "../../workbench/wiring.ts";
import type { SaveWork } from "../isolate/save-work.ts";

type Local = ReturnType<typeof useLocalProof>;

/** What every part of fitting is given. */
export interface FitProps {
  readonly bundle: JobBundle;
  readonly work: Work;
  readonly wiring: Wiring;
  readonly view: IsolationView;
  readonly plan: PlanView;
  readonly names: WiringNames;
  readonly proof: Local[0];
  readonly setProof: Local[1];
  readonly save: SaveWork;
  readonly choice: React.ReactNode;
}
