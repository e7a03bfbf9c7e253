import type { FitLog, Wiring } from "@amp-saver/records";
import type { JobBundle } from "../../store/queries.ts";
import type { WiringNames } from "../../words/wiring.ts";
import type { IsolationView } from "../isolate/isolate.view.ts";
import type { PlanView } from "../prepare/wiring.view.ts";
import type { SaveFitLog } from "../save-fit-log.ts";
import type { useLock } from "../use-lock.ts";

type Lock = ReturnType<typeof useLock>;

/** What every part of fitting is given. */
export interface FitProps {
  readonly bundle: JobBundle;
  readonly work: FitLog;
  readonly wiring: Wiring;
  readonly view: IsolationView;
  readonly plan: PlanView;
  readonly names: WiringNames;
  readonly proof: Lock["proof"];
  readonly relock: Lock["relock"];
  readonly save: SaveFitLog;
}
