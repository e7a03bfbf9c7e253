import { registerSW } from "virtual:pwa-register";
import { useEffect, useState, useSyncExternalStore } from "react";
import { anyHeld, useAnyHeld } from "../ui/drafts.ts";

/** How far the app is from working without a signal. */
type Offline = "cannot" | "fetching" | "failed" | "ready";

interface Prompt extends Event {
  readonly prompt: () => Promise<unknown>;
}

/** What is known of the app itself. */
interface AppState {
  /** Whether it works without a signal yet. */
  readonly offline: Offline;
  /** Whether a newer one is there. */
  readonly newer: boolean;
}

let state: AppState = { offline: navigator.serviceWorker === undefined ? "cannot" : "fetching", newer: false };
const watching = new Set<() => void>();
/** Whether this tab still has to load the newer app, which others of the browser run already. */
let behind = false;

function become(next: Partial<AppState>): void {
  state = { ...state, ...next };
  for (const tell of watching) tell();
}

const takeNewer = registerSW({
  immediate: true,
  onNeedRefresh: () => become({ newer: true }),
  onNeedReload: () => {
    behind = anyHeld();
    if (!behind) globalThis.location.reload();
  },
  onRegisterError: () => become({ offline: "failed" }),
});
void navigator.serviceWorker?.ready.then(() => become({ offline: "ready" }));

/** The state of the app, and how to take the newer one; a tab with something half typed waits until it has none. */
export function useAppState(): AppState & { readonly held: boolean; readonly update: () => void } {
  const current = useSyncExternalStore(
    (tell) => {
      watching.add(tell);
      return () => watching.delete(tell);
    },
    () => state,
  );
  const held = useAnyHeld();
  useEffect(() => {
    if (behind && !held) globalThis.location.reload();
  }, [held]);
  return { ...current, held, update: () => void takeNewer() };
}

const isPrompt = (event: Event): event is Prompt => "prompt" in event;

let offered: Prompt | null = null;
const heard = new Set<() => void>();
globalThis.addEventListener("beforeinstallprompt", (event) => {
  event.preventDefault();
  if (isPrompt(event)) offered = event;
  for (const tell of heard) tell();
});

const TOLD = "amp-saver install told";

/** The browser's offer to install the app, until it was told once; null where there is none. */
export function useInstall(): { readonly install: () => void; readonly leave: () => void } | null {
  const [, redraw] = useState(0);
  useEffect(() => {
    const tell = (): void => redraw((n) => n + 1);
    heard.add(tell);
    return () => {
      heard.delete(tell);
    };
  }, []);
  const told = localStorage.getItem(TOLD) !== null;
  const leave = (): void => {
    localStorage.setItem(TOLD, "yes");
    redraw((n) => n + 1);
  };
  if (offered === null || told) return null;
  const { prompt } = offered;
  return { leave, install: () => void prompt.call(offered).finally(leave) };
}
