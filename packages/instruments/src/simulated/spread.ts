import type { SeededRandom } from "@amp-saver/core/numeric";

/** A draw about nothing with a standard deviation of one. */
export function spread(random: SeededRandom): number {
  return random.bell() + random.bell() + random.bell();
}
