import type { Starter } from "@amp-saver/records";
import type { JobBundle } from "../../store/queries.ts";
import type { Instruments } from "../../store/use-instruments.ts";
import type { Conduct } from "./use-conduct.ts";

/** What every part of learning is given. */
export interface LearnPartProps {
  readonly bundle: JobBundle;
  readonly conduct: Conduct;
  readonly starter: Starter | undefined;
  readonly instruments: Instruments;
}
