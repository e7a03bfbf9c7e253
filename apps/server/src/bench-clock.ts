import type { SimulatedPort } from "@amp-saver/instruments/simulated";

const TICK_MS = 100;
/** Longest jump of the bench at once, s: a machine that slept does not burn through a day of starts. */
const MOST_JUMP_S = 2;

/** Moves the bench on with the time of day; returns how to stop. */
export function runBench(port: SimulatedPort): () => void {
  let last = performance.now();
  const timer = setInterval(() => {
    const now = performance.now();
    port.advance(Math.min(MOST_JUMP_S, (now - last) / 1000), new Date().toISOString());
    last = now;
  }, TICK_MS);
  timer.unref();
  return () => clearInterval(timer);
}
