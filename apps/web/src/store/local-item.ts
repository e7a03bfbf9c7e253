import { useCallback, useEffect, useState } from "react";

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

/** Turns the note under a key into the next, from outside of a screen. */
export function turnLocalItem(key: string, turn: Turn): void {
  write(key, turn(read(key)));
}

/** Notes under several keys at once; changes in other tabs arrive too. */
export function useLocalItems(keys: readonly string[]): readonly (string | null)[] {
  const named = JSON.stringify(keys);
  const [texts, setTexts] = useState(() => keys.map(read));
  useEffect(() => {
    const all: readonly string[] = JSON.parse(named);
    const look = (): void =>
      setTexts((old) => {
        const next = all.map(read);
        return next.length === old.length && next.every((t, k) => t === old[k]) ? old : next;
      });
    look();
    globalThis.addEventListener("storage", look);
    globalThis.addEventListener(CHANGED, look);
    return () => {
      globalThis.removeEventListener("storage", look);
      globalThis.removeEventListener(CHANGED, look);
    };
  }, [named]);
  return texts;
}

type Turn = (old: string | null) => string | null;

/** The note under a key, null for none, and how to turn it into the next; changes in other tabs arrive too. */
export function useLocalItem(key: string): readonly [string | null, (turn: Turn) => void] {
  const [text, setText] = useState(() => read(key));
  useEffect(() => {
    const look = (): void => setText(read(key));
    look();
    globalThis.addEventListener("storage", look);
    globalThis.addEventListener(CHANGED, look);
    return () => {
      globalThis.removeEventListener("storage", look);
      globalThis.removeEventListener(CHANGED, look);
    };
  }, [key]);
  return [text, useCallback((turn) => write(key, turn(read(key))), [key])];
}
