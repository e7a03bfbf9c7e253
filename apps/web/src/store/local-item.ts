import { useCallback, useMemo, useSyncExternalStore } from "react";

/** Notes that lie beside the records, on this device alone: they travel in no file and no undo brings one back. */
const CHANGED = "amp-saver local item changed";
const inMemory = new Map<string, string>();

function read(key: string): string | null {
  const here = inMemory.get(key) ?? null;
  try {
    return localStorage.getItem(key) ?? here;
  } catch {
    // A browser that keeps nothing holds the note as long as the page lives.
    return here;
  }
}

function write(key: string, text: string | null): void {
  if (text === null) inMemory.delete(key);
  else inMemory.set(key, text);
  try {
    if (text === null) localStorage.removeItem(key);
    else localStorage.setItem(key, text);
  } catch {
    // Kept in memory above.
  }
  globalThis.dispatchEvent(new Event(CHANGED));
}

type Turn = (old: string | null) => string | null;

/** Turns the note under a key into the next, from outside of a screen. */
export function turnLocalItem(key: string, turn: Turn): void {
  write(key, turn(read(key)));
}

function listen(heard: () => void): () => void {
  globalThis.addEventListener("storage", heard);
  globalThis.addEventListener(CHANGED, heard);
  return () => {
    globalThis.removeEventListener("storage", heard);
    globalThis.removeEventListener(CHANGED, heard);
  };
}

/** Notes under several keys, null for none; changes in other tabs arrive too. */
export function useLocalItems(keys: readonly string[]): readonly (string | null)[] {
  const all = useSyncExternalStore(listen, () => JSON.stringify(keys.map(read)));
  return useMemo(() => JSON.parse(all), [all]);
}

/** The note under a key, null for none, and how to turn it into the next; changes in other tabs arrive too. */
export function useLocalItem(key: string): readonly [string | null, (turn: Turn) => void] {
  const text = useSyncExternalStore(listen, () => read(key));
  return [text, useCallback((turn) => turnLocalItem(key, turn), [key])];
}
