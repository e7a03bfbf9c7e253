import type { LocalProof } from "@amp-saver/core/study/isolation";
import { useMemo } from "react";
import { turnLocalItem, useLocalItems } from "./local-item.ts";

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

/** Proofs of several jobs on this device, by job; changes in other tabs arrive too. */
export function useLocalProofs(jobIds: readonly string[]): (jobId: string) => LocalProof | null {
  const texts = useLocalItems(jobIds.map((id) => KEY + id));
  return useMemo(() => {
    const proofs = new Map(jobIds.map((id, i) => [id, deadProof(texts[i] ?? null)]));
    return (jobId) => proofs.get(jobId) ?? null;
  }, [jobIds, texts]);
}

/** Turns the proof of a job into the next; null takes it back, and it has to be given again. */
export function turnLocalProof(jobId: string, next: Turn): void {
  turnLocalItem(KEY + jobId, (old) => {
    const proof = next(deadProof(old));
    return proof === null ? null : JSON.stringify(proof);
  });
}
