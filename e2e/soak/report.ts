import type { Tally } from "./tally.ts";

/** Faults of one part that are told in full. */
const MOST_TOLD = 20;

/** What the soak tried and found, to be read. */
export function reportOf(seed: number, tallies: readonly Tally[], seconds: number): string {
  const faults = tallies.flatMap((t) => t.faults);
  const rows = tallies.map(({ what, tried, ended, faults: own }) => {
    const ends = Object.entries(ended).toSorted(([a], [b]) => (a < b ? -1 : 1));
    return `| ${what} | ${tried} | ${ends.map(([how, n]) => `${how} ${n}`).join(", ")} | ${own.length} |`;
  });
  return [
    `# Soak, seed ${seed}: ${tallies.reduce((sum, t) => sum + t.tried, 0)} tries in ${Math.round(seconds)} s, ${faults.length} faults`,
    "",
    "| what | tries | how they ended | faults |",
    "|---|---|---|---|",
    ...rows,
    ...tallies.flatMap(({ what, faults: own }) =>
      own.length === 0 ? [] : ["", `## ${what}`, "", ...own.slice(0, MOST_TOLD).map((f) => `- ${f}`)],
    ),
    "",
  ].join("\n");
}
