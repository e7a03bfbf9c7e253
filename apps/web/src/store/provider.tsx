import { createContext, use, useCallback, useEffect, useMemo, useState } from "react";
import { useSWRConfig } from "swr";
import { letHeldGo } from "../ui/drafts.ts";
import { hasWeight, useBackup } from "./backup.ts";
import type { Opening } from "./opening.ts";
import type { Commit, RecordStore, StoreFailure, StoreResult } from "./port.ts";
import { askToLast } from "./use-room.ts";

interface StoreContext {
  readonly store: RecordStore;
  /** Whether the records outlive the page, as far as it is known. */
  readonly kept: boolean;
  /** Whether the records take long to open. */
  readonly slow: boolean;
  /** Saves; a failure is shown until the next success. */
  readonly commit: (commit: Commit) => Promise<StoreResult>;
  /** Tells how a write of a worker went, and reads everything anew. */
  readonly report: (result: StoreResult) => Promise<StoreResult>;
  /** Keeps the pixels of a photo, before the photo itself. */
  readonly keepBlob: RecordStore["keepBlob"];
  readonly undo: () => Promise<StoreResult>;
  readonly redo: () => Promise<StoreResult>;
  readonly failure: StoreFailure | null;
  /** Grows with every undo, redo or import: fields then show what is kept instead of what was typed. */
  readonly epoch: number;
}

const Context = createContext<StoreContext | null>(null);

/** First part of a key that is read once a view, however many records change meanwhile: what takes every record of a kind. */
export const ONCE = "once";
const isFresh = (key: unknown): boolean => !Array.isArray(key) || key[0] !== ONCE;

interface StoreProviderProps {
  readonly store: RecordStore;
  readonly opening: Opening;
  readonly children: React.ReactNode;
}

/** Gives the store to the page and refreshes every view after any change, here or in another tab. */
export function StoreProvider({ store, opening, children }: StoreProviderProps) {
  const { mutate } = useSWRConfig();
  const [failure, setFailure] = useState<StoreFailure | null>(null);
  const [epoch, setEpoch] = useState(0);
  const [kept, slow] = [opening !== "not-kept", opening === "slow"];
  const { changed } = useBackup();
  useEffect(() => store.subscribe(() => void mutate(isFresh)), [store, mutate]);
  useEffect(() => store.onLost(setFailure), [store]);
  const tell = useCallback(
    async (work: Promise<StoreResult>, steps: boolean): Promise<StoreResult> => {
      const result = await work;
      if (result.ok) setFailure(null);
      else if (result.reason !== "nothing-there") setFailure(result.reason);
      if (steps) setEpoch((n) => n + 1);
      await mutate(isFresh);
      return result;
    },
    [mutate],
  );
  const stepped = useCallback(
    (work: Promise<StoreResult>): Promise<StoreResult> => {
      letHeldGo();
      return tell(work, true);
    },
    [tell],
  );
  const value = useMemo<StoreContext>(
    () => ({
      store,
      kept,
      slow,
      failure,
      epoch,
      commit: (commit) => {
        // Counted as soon as it is kept: the page may go away while its views are read anew.
        const saved = store.commit(commit).then((result) => {
          if (result.ok && kept && hasWeight(commit)) {
            askToLast();
            changed();
          }
          return result;
        });
        return tell(saved, commit.label === "import");
      },
      report: (result) => tell(Promise.resolve(result), true),
      keepBlob: (id, bytes) => tell(store.keepBlob(id, bytes), false),
      undo: () => stepped(store.undo()),
      redo: () => stepped(store.redo()),
    }),
    [store, kept, slow, failure, epoch, tell, stepped, changed],
  );
  return <Context value={value}>{children}</Context>;
}

/** The store and what it can do. */
export function useStore(): StoreContext {
  const context = use(Context);
  if (context === null) throw new Error("no store provider");
  return context;
}
