const KEY = "amp-saver has rigs";

/** Whether this device kept rigs when last looked, before the records are open: what stands on the first screen until then. */
export function keptBefore(): boolean {
  try {
    return localStorage.getItem(KEY) !== null;
  } catch {
    return false;
  }
}

/** Notes whether there are rigs. */
export function noteKept(rigs: number): void {
  try {
    if (rigs > 0) localStorage.setItem(KEY, "yes");
    else localStorage.removeItem(KEY);
  } catch {
    // Where nothing is kept there is nothing to note.
  }
}
