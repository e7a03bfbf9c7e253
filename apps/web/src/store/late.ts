import type { RecordStore } from "./port.ts";

/** A store that is still opening: whatever is asked of it waits until it has, and from then on is asked at once. */
export function lateStore(opening: Promise<RecordStore>): RecordStore {
  let opened: RecordStore | null = null;
  void opening.then(
    (store) => {
      opened = store;
    },
    () => undefined,
  );
  const ask = <T>(work: (store: RecordStore) => Promise<T>): Promise<T> => (opened === null ? opening.then(work) : work(opened));
  const watching = (begin: (store: RecordStore) => () => void): (() => void) => {
    let stop = (): void => undefined;
    let left = false;
    void opening.then(
      (store) => {
        if (!left) stop = begin(store);
      },
      () => undefined,
    );
    return () => {
      left = true;
      stop();
    };
  };
  return {
    get: (kind, id) => ask((store) => store.get(kind, id)),
    list: (kind, rigId) => ask((store) => store.list(kind, rigId)),
    records: (rigIds) => ask((store) => store.records(rigIds)),
    summaries: () => ask((store) => store.summaries()),
    commit: (commit, tell) => ask((store) => store.commit(commit, tell)),
    undo: () => ask((store) => store.undo()),
    redo: () => ask((store) => store.redo()),
    history: () => ask((store) => store.history()),
    blobs: (id) => ask((store) => store.blobs(id)),
    keepBlob: (id, bytes) => ask((store) => store.keepBlob(id, bytes)),
    shared: (rigIds) => ask((store) => store.shared(rigIds)),
    keepShared: (shared) => ask((store) => store.keepShared(shared)),
    subscribe: (listener) => watching((store) => store.subscribe(listener)),
    onLost: (listener) => watching((store) => store.onLost(listener)),
    close: () => void ask(async (store) => store.close()),
  };
}
