import type { JobBundle } from "../../store/queries.ts";
import { ReadingsPart } from "../prove/readings-part.tsx";

/** Before: the readings as found, taken before anything is opened up for good. */
export function BeforeScreen({ bundle }: { readonly bundle: JobBundle }) {
  return <ReadingsPart bundle={bundle} side="before" />;
}
