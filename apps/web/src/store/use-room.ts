import useSWR from "swr";

/** Room for this app on the device, bytes, and whether the browser may clear it; null where it does not say. */
export interface Room {
  readonly usedBytes: number;
  readonly mostBytes: number;
  readonly lasting: boolean;
}

/** How full the device is, as far as the browser says. */
export function useRoom(): Room | null {
  const { data } = useSWR(["room"], async (): Promise<Room | null> => {
    const { usage, quota } = (await navigator.storage?.estimate?.().catch(() => undefined)) ?? {};
    if (usage === undefined || quota === undefined || quota <= 0) return null;
    return { usedBytes: usage, mostBytes: quota, lasting: (await navigator.storage.persisted?.().catch(() => false)) ?? false };
  });
  return data ?? null;
}

let asked = false;

/** Asks the browser to keep the records even when room is short: once a page, when there is something to lose. */
export function askToLast(): void {
  if (asked) return;
  asked = true;
  void navigator.storage?.persist?.().catch(() => false);
}
