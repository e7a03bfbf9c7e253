import type { LocalProof } from "@amp-saver/core/study/isolation";
import { useCallback, useMemo } from "react";
import { turnLocalItem, useLocalItem, useLocalItems } from "./local-item.ts";

/** Proofs of dead lie on this device alone: they travel in no file, no undo brings one back, and every tab sees the same. */
const KEY = "amp-saver proof ";

function deadProof(text: string | null): LocalProof | null {
  if (text === null) return null;
  try {
    const { run, evidence = null, at }: Partial<LocalProof> = JSON.parse(text);
    const declared = evidence === null || typeof evidence === "string";
    return typeof run === "string" && declared && typeof at === "number" ? { run, evidence, at } : null;
  } catch {
    return null;
  }
}

type Turn = (old: LocalProof | null) => LocalProof | null;

/** Proofs of several jobs on this device, by job. */
export function useLocalProofs(jobIds: readonly string[]): (jobId: string) => LocalProof | null {
  const texts = useLocalItems(jobIds.map((id) => KEY + id));
  return (jobId) => deadProof(texts[jobIds.indexOf(jobId)] ?? null);
}

/** Takes the proof of a job back: it has to be given again. */
export function forgetProof(jobId: string): void {
  turnLocalItem(KEY + jobId, () => null);
}

/** The proof of a job on this device, and how to turn it into the next; changes in other tabs arrive too. */
export function useLocalProof(jobId: string): readonly [LocalProof | null, (turn: Turn) => void] {
  const [text, turnText] = useLocalItem(KEY + jobId);
  const turn = useCallback(
    (next: Turn): void =>
      turnText((old) => {
        const proof = next(deadProof(old));
        return proof === null ? null : JSON.stringify(proof);
      }),
    [turnText],
  );
  return [useMemo(() => deadProof(text), [text]), turn];
}
