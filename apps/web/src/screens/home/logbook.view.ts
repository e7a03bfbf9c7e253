import { present } from "@amp-saver/core/quantity";
import { type JobLine, type RigSummary, STAGES, type Stage } from "@amp-saver/records";

/** One job of the logbook with its rig, and the text it is found by. */
export interface LogLine extends JobLine {
  readonly rigId: string;
  readonly rigName: string;
  readonly rigNote: string;
  readonly text: string;
}

/** What the list is narrowed to: words that are all in it, and a stage or handed over. */
export interface LogFilter {
  readonly words: string;
  readonly stage: Stage | "done" | "all";
}

/** Every job, latest change first. */
export function logLines(summaries: readonly RigSummary[]): readonly LogLine[] {
  return summaries
    .flatMap(({ id: rigId, name, note, jobs }) =>
      jobs.map((job): LogLine => {
        const text = [name, note, job.unitName, job.sourceName ?? "", job.title].join(" ").toLowerCase();
        return { ...job, rigId, rigName: name, rigNote: note, text };
      }),
    )
    .toSorted((a, b) => (a.updatedAt === b.updatedAt ? (a.id < b.id ? -1 : 1) : a.updatedAt < b.updatedAt ? 1 : -1));
}

const at = (line: LogLine): Stage | "done" => (line.handedOver ? "done" : line.stage);

/** Whether a text has every word, in any order; no word is in every text. */
function finder(words: string): (text: string) => boolean {
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  return (text) => wanted.every((word) => text.includes(word));
}

/** Lines that have every word and are at the stage asked for. */
export function filtered(lines: readonly LogLine[], { words, stage }: LogFilter): readonly LogLine[] {
  const found = finder(words);
  return lines.filter((line) => (stage === "all" || at(line) === stage) && found(line.text));
}

/** How many jobs are at each stage; a job that is handed over is at none of them. */
export function stageCounts(lines: readonly LogLine[]): ReadonlyMap<Stage | "done", number> {
  const counts = new Map<Stage | "done", number>([...STAGES, "done" as const].map((stage) => [stage, 0]));
  for (const line of lines) counts.set(at(line), present(counts.get(at(line))) + 1);
  return counts;
}

/** Lines by the month of their latest change, as yyyy-MM, in the order they come. */
export function byMonth(lines: readonly LogLine[]): readonly { readonly month: string; readonly lines: readonly LogLine[] }[] {
  const groups: { month: string; lines: LogLine[] }[] = [];
  for (const line of lines) {
    const month = line.updatedAt.slice(0, 7);
    const last = groups.at(-1);
    if (last?.month === month) last.lines.push(line);
    else groups.push({ month, lines: [line] });
  }
  return groups;
}

/** Rigs whose name, note, units or sources have every word, oldest first. */
export function filteredRigs(summaries: readonly RigSummary[], words: string): readonly RigSummary[] {
  const found = finder(words);
  return summaries
    .filter((rig) => found([rig.name, rig.note, ...rig.units, ...rig.sources].join(" ").toLowerCase()))
    .toSorted((a, b) => (a.createdAt === b.createdAt ? (a.id < b.id ? -1 : 1) : a.createdAt < b.createdAt ? -1 : 1));
}
