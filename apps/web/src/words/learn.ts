import { formatAmps, formatNumber, formatPercent, formatWith } from "@amp-saver/core/quantity";
import type { Part } from "./check.ts";

interface LearnWords {
  readonly settledAt: number | null;
  readonly lastA: number;
  readonly directA: number;
  readonly tripped: boolean;
}

/** What to expect of learning, in one sentence. */
export function learnSentence({ settledAt, lastA, directA, tripped }: LearnWords): readonly Part[] {
  if (tripped) return [{ text: "Not on this source: " }, { text: "it lets go while the starter still learns.", decides: true }];
  if (settledAt === null)
    return [{ text: "Expected: still moving after eight starts, " }, { text: `at ${formatAmps(lastA)}.`, decides: true }];
  return [
    { text: `Expected: settled by start ${settledAt}, at ${formatAmps(lastA)}, ` },
    { text: `${formatWith((1 - lastA / directA) * 100, 0, "%")} under direct.`, decides: true },
  ];
}

export const LEARN = {
  question: (source: string | null): string =>
    source === null ? "How will the starter learn?" : `How will the starter learn on ${source}?`,
  sure: "Simulated with our model of a learning starter, not any maker’s; the starter’s own sheet decides. Each start rested.",
  rule: "Start, amps",
  direct: "Direct",
  start: (n: number): string => `Start ${n}`,
  settled: "settled",
  stalled: "stalls, tries again",
  tripped: "the source lets go",
  pictureLabel: (n: number): string => `${n} expected starts, one under the other, on one rule of amps.`,
  timeTitle: "How long it takes",
  time: (lastS: number, starts: number, heat: number | null): string => {
    const rests = `${starts} starts with 4 min of rest between, 3 min after a stall: the last begins after ${formatNumber(lastS / 60, 0)} min.`;
    if (heat === null || heat < 0) return rests;
    if (heat >= 1) return `${rests} A quick breaker may trip on the way: rest longer.`;
    return `${rests} The breaker warms to ${formatPercent(heat)} of what may trip a quick one.`;
  },
  restTitle: "Rest between starts",
  rest: (restarts: boolean): string =>
    restarts
      ? "Even without rest it would come to speed here; rest 3 to 5 min all the same, as the compressor’s maker asks."
      : "Without 3 to 5 min of rest the pressures are not equal: simulated, the restart stalls at its limit. That is no fault.",
  sourceTitle: "On which source",
  source: "Learn on a strong source, the full hook-up; if it must be a generator, economy mode off.",
  conduct: "Timers that conduct the starts and rests are not here yet. Until then count them by the starter’s own sheet.",
} as const;
