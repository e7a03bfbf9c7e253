import { createContext, use, useEffect, useMemo, useRef } from "react";

/** What keys do on the page that is open. */
export type KeyMap = Readonly<Record<string, () => void>>;

interface KeysContext {
  readonly add: (map: KeyMap) => () => void;
}

const Context = createContext<KeysContext | null>(null);

function typing(target: EventTarget | null): boolean {
  return target instanceof HTMLElement && (target.isContentEditable || /^(INPUT|TEXTAREA|SELECT)$/.test(target.tagName));
}

/** Listens for keys once and hands them to the newest view that wants them; never while typing. */
export function KeysProvider({ enabled, children }: { readonly enabled: boolean; readonly children: React.ReactNode }) {
  const maps = useRef<KeyMap[]>([]);
  useEffect(() => {
    if (!enabled) return undefined;
    const onKey = (event: KeyboardEvent): void => {
      if (event.altKey || event.metaKey || event.defaultPrevented || typing(event.target)) return;
      if (document.querySelector('[role="dialog"],[role="menu"],[role="listbox"]') !== null) return;
      const name = event.ctrlKey
        ? `ctrl+${event.shiftKey ? "shift+" : ""}${event.key.toLowerCase()}`
        : event.key.length === 1
          ? event.key.toLowerCase()
          : event.key;
      const action = maps.current.findLast((map) => Object.hasOwn(map, name))?.[name];
      if (action === undefined) return;
      event.preventDefault();
      action();
    };
    addEventListener("keydown", onKey);
    return () => removeEventListener("keydown", onKey);
  }, [enabled]);
  const value = useMemo<KeysContext>(
    () => ({
      add(map) {
        maps.current = [...maps.current, map];
        return () => {
          maps.current = maps.current.filter((m) => m !== map);
        };
      },
    }),
    [],
  );
  return <Context value={value}>{children}</Context>;
}

/** Gives keys a meaning while the calling view is open. */
export function useKeys(map: KeyMap): void {
  const context = use(Context);
  const latest = useRef(map);
  latest.current = map;
  const names = Object.keys(map).join(" ");
  useEffect(() => {
    if (context === null) return undefined;
    return context.add(
      Object.fromEntries(
        names
          .split(" ")
          .filter(Boolean)
          .map((name) => [name, () => latest.current[name]?.()]),
      ),
    );
  }, [context, names]);
}
