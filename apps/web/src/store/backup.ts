import { useMemo } from "react";
import { useLocalItem } from "./local-item.ts";
import type { Commit } from "./port.ts";

/** Changes of weight after which an export is offered. */
const OFFER_AFTER = 10;
const KEY = "amp-saver backup";

/** What is known of the last export of everything, and of what was done since. */
export interface Backup {
  /** When everything was last exported, ms; null for never. */
  readonly at: number | null;
  /** Changes of weight since. */
  readonly changes: number;
  /** How many there were when a person last put the offer off. */
  readonly later: number;
}

const NONE: Backup = { at: null, changes: 0, later: 0 };
const LIGHT: readonly Commit["label"][] = ["edit", "answer"];
const HEAVY_KINDS = ["work", "learning", "proof"] as const;

/** Whether losing a change would cost a person more than typing a figure anew: a reading, a photo, a visit, a proof. */
export function hasWeight({ label, silent, changes }: Commit): boolean {
  if (silent === true) return false;
  return !LIGHT.includes(label) || changes.some((c) => HEAVY_KINDS.some((kind) => kind === c.kind));
}

/** Whether an export should be offered now. */
export const isDue = ({ changes, later }: Backup): boolean => changes - later >= OFFER_AFTER;

function backupOf(text: string | null): Backup {
  try {
    const { at, changes, later }: Partial<Record<keyof Backup, unknown>> = JSON.parse(text ?? "{}");
    const whole = (n: unknown): number => (typeof n === "number" && Number.isInteger(n) && n >= 0 ? n : 0);
    return { at: typeof at === "number" ? at : null, changes: whole(changes), later: whole(later) };
  } catch {
    return NONE;
  }
}

/** What is known of the last export, on this device alone, and how to tell of a change, an export or a later. */
export function useBackup(): {
  readonly backup: Backup;
  readonly changed: () => void;
  readonly exported: () => void;
  readonly putOff: () => void;
} {
  const [text, turn] = useLocalItem(KEY);
  const told = useMemo(() => {
    const become = (next: (old: Backup) => Backup): void => turn((old) => JSON.stringify(next(backupOf(old))));
    return {
      changed: () => become((old) => ({ ...old, changes: old.changes + 1 })),
      exported: () => become(() => ({ at: Date.now(), changes: 0, later: 0 })),
      putOff: () => become((old) => ({ ...old, later: old.changes })),
    };
  }, [turn]);
  return { backup: backupOf(text), ...told };
}
