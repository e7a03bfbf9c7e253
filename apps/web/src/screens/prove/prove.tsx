import type { JobBundle } from "../../store/queries.ts";
import { Parts } from "../../ui/layout/parts.tsx";
import { PROOF } from "../../words/proof.ts";
import { usePart } from "../use-part.ts";
import { ProofPart } from "./proof-part.tsx";
import { ReadingsPart } from "./readings-part.tsx";
import { RunTestPart } from "./run-test.tsx";

const PARTS = ["after", "test", "proof"] as const;

/** Prove: the readings after, runs on a weak source, and what both show. */
export function ProveScreen({ bundle }: { readonly bundle: JobBundle }) {
  const [part, open] = usePart(PARTS, "after");
  return (
    <Parts label={PROOF.partLabel} value={part} options={PARTS.map((value) => ({ value, word: PROOF.parts[value] }))} onChange={open}>
      {part === "test" ? (
        <RunTestPart bundle={bundle} />
      ) : part === "proof" ? (
        <ProofPart bundle={bundle} />
      ) : (
        <ReadingsPart bundle={bundle} side="after" />
      )}
    </Parts>
  );
}
