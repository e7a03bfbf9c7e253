/** The address a page was opened from, where the link to it says so. */
export function cameFrom(state: unknown): string | null {
  return typeof state === "object" && state !== null && "from" in state && typeof state.from === "string" ? state.from : null;
}
