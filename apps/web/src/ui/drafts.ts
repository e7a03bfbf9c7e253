import { createContext, use, useSyncExternalStore } from "react";

/**
 * What was typed and is not kept yet, because it is not whole or not good: it lies beside the records on this device,
 * written at every key, so that no reload, update or lost page takes it away.
 */
const PREFIX = "amp-saver draft ";
/** Drafts that are kept; of more the oldest are let go. */
const MOST = 200;

/** What tells the fields of one form from those of another on the same page, such as the id of what it edits. */
export const DraftScope = createContext<string | null>(null);

/** Pieces of an address that name a page, whichever of its parts is open: kind, id and stage. */
const PAGE_PIECES = 3;

/** The page that is open. */
export function pagePlace(): string {
  const pieces = (globalThis.location?.pathname ?? "").split("/");
  return pieces.slice(0, PAGE_PIECES + 1).join("/");
}

/** The place of a field: its label, and the form or page that it is in. */
export function usePlace(label: string): string {
  const scope = use(DraftScope);
  return `${scope ?? pagePlace()} ${label}`;
}

/** Places of this tab that hold something half typed. */
const held = new Set<string>();
const listeners = new Set<() => void>();

/** The draft of a place, or null. */
export function draftAt(place: string): string | null {
  try {
    const text = localStorage.getItem(PREFIX + place);
    const kept: { readonly text?: string } = JSON.parse(text ?? "{}");
    return kept.text ?? null;
  } catch {
    return null;
  }
}

/** Keeps what a place holds, or lets it go with null. */
export function keepDraft(place: string, text: string | null): void {
  try {
    if (text === null) localStorage.removeItem(PREFIX + place);
    else {
      localStorage.setItem(PREFIX + place, JSON.stringify({ text, at: Date.now() }));
      letOldGo();
    }
  } catch {
    // A browser that keeps nothing holds it as long as the page lives.
  }
}

/** Says whether a place of this tab holds something half typed. */
export function holdDraft(place: string, holds: boolean): void {
  if (held.has(place) === holds) return;
  if (holds) held.add(place);
  else held.delete(place);
  for (const heard of listeners) heard();
}

/** Whether anything is half typed in this tab. */
export const anyHeld = (): boolean => held.size > 0;

/** Whether anything is half typed in this tab, as it changes. */
export function useAnyHeld(): boolean {
  return useSyncExternalStore((heard) => {
    listeners.add(heard);
    return () => listeners.delete(heard);
  }, anyHeld);
}

/** Lets go what fields of this tab hold: after an undo they show what is kept. */
export function letHeldGo(): void {
  for (const place of held) keepDraft(place, null);
}

function letOldGo(): void {
  const keys = Object.keys(localStorage).filter((key) => key.startsWith(PREFIX));
  if (keys.length <= MOST) return;
  const at = (key: string): number => {
    const kept: { readonly at?: number } = JSON.parse(localStorage.getItem(key) ?? "{}");
    return Number(kept.at ?? 0);
  };
  for (const key of keys.toSorted((a, b) => at(a) - at(b)).slice(0, keys.length - MOST)) localStorage.removeItem(key);
}
