import type { LocalProof } from "@amp-saver/core/study/isolation";
import { useCallback, useEffect, useState } from "react";

/**
 * Proofs of dead lie beside the records, on this device alone: they travel in no file, no undo brings one
 * back, and every tab sees the same.
 */
const KEY = "amp-saver proof ";
const CHANGED = "amp-saver proof changed";
const inMemory = new Map<string, string>();

function read(jobId: string): LocalProof | null {
  let text: string | null = inMemory.get(jobId) ?? null;
  try {
    text = localStorage.getItem(KEY + jobId) ?? text;
  } catch {
    // A browser that keeps nothing holds the proof as long as the page lives.
  }
  if (text === null) return null;
  try {
    const { run, evidence = null, at } = JSON.parse(text) as Partial<LocalProof>;
    const declared = evidence === null || typeof evidence === "string";
    return typeof run === "string" && declared && typeof at === "number" ? { run, evidence, at } : null;
  } catch {
    return null;
  }
}

function write(jobId: string, proof: LocalProof | null): void {
  const text = proof === null ? null : JSON.stringify(proof);
  if (text === null) inMemory.delete(jobId);
  else inMemory.set(jobId, text);
  try {
    if (text === null) localStorage.removeItem(KEY + jobId);
    else localStorage.setItem(KEY + jobId, text);
  } catch {
    // Kept in memory above.
  }
  globalThis.dispatchEvent(new Event(CHANGED));
}

type Turn = (old: LocalProof | null) => LocalProof | null;

/** The proof of a job on this device, and how to turn it into the next; changes in other tabs arrive too. */
export function useLocalProof(jobId: string): readonly [LocalProof | null, (turn: Turn) => void] {
  const [proof, setProof] = useState(() => read(jobId));
  useEffect(() => {
    const look = (): void => setProof(read(jobId));
    look();
    globalThis.addEventListener("storage", look);
    globalThis.addEventListener(CHANGED, look);
    return () => {
      globalThis.removeEventListener("storage", look);
      globalThis.removeEventListener(CHANGED, look);
    };
  }, [jobId]);
  return [proof, useCallback((turn) => write(jobId, turn(read(jobId))), [jobId])];
}

/** The present, renewed every so many seconds, and at once when the page is looked at again. */
export function useNow(everyS: number): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    const tick = (): void => setNow(Date.now());
    const timer = setInterval(tick, everyS * 1000);
    document.addEventListener("visibilitychange", tick);
    return () => {
      clearInterval(timer);
      document.removeEventListener("visibilitychange", tick);
    };
  }, [everyS]);
  return now;
}
