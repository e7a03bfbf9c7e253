/** The clock that two phones count runs and rests by, less this device's own, ms: nothing while it works alone. */
let aheadMs = 0;

/** Follows the other phone's clock. */
export function followClock(ms: number): void {
  aheadMs = ms;
}

/** The time by the clock that both phones count by, ms. */
export const sharedNowMs = (): number => Date.now() + aheadMs;
