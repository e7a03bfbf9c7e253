/** Newest measurings that count: a clock drifts, and the quickest answer of them tells best. */
const COUNTED = 20;
/** How far two clocks may drift apart while that many are measured, ms. */
const DRIFT_MS = 100;

/**
 * The other's clock less one's own, from questions and answers: half of the way there and back is taken for each way, so
 * that the quickest answer is the nearest (Cristian's method, from memory).
 */
export class ClockOffset {
  private readonly measured: { readonly tookMs: number; readonly aheadMs: number }[] = [];

  /** One answer: when it was asked and heard by one's own clock, and the other's clock between. Returns what is known by now, ms. */
  hear(sentMs: number, theirMs: number, heardMs: number): number | null {
    if (heardMs >= sentMs) {
      const heard = { tookMs: heardMs - sentMs, aheadMs: theirMs - (sentMs + heardMs) / 2 };
      // Farther off than the way there and back explains: one of the clocks was set, and what was measured before is no longer so.
      const wasSet = this.measured.some((m) => Math.abs(m.aheadMs - heard.aheadMs) > (m.tookMs + heard.tookMs) / 2 + DRIFT_MS);
      if (wasSet) this.measured.length = 0;
      this.measured.push(heard);
    }
    if (this.measured.length > COUNTED) this.measured.shift();
    return this.measured.toSorted((a, b) => a.tookMs - b.tookMs)[0]?.aheadMs ?? null;
  }
}
