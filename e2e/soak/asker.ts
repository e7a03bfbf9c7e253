import { type ChildProcess, fork } from "node:child_process";
import { readFileSync } from "node:fs";
import type { Question, Told } from "./questions.ts";

/** Longest a file or a case may work, ms of the processor's own time: on a busy machine a clock would count the others' too. */
const LONGEST_MS = 30_000;
/** Longest it may be without an answer, ms: one that waits for ever works not at all. */
const SILENT_MS = 300_000;
/** Ticks of a process's time a second, as Linux counts them. */
const TICKS_PER_S = 100;

/** How long a process has worked so far, ms; none where the system does not tell. */
function workedMs(pid: number | undefined): number {
  try {
    const fields = readFileSync(`/proc/${pid}/stat`, "utf8").split(") ").at(-1)!.split(" ");
    return ((Number(fields[11]) + Number(fields[12])) / TICKS_PER_S) * 1000;
  } catch {
    return 0;
  }
}

/** Asks a process of its own, which is ended and replaced where it does not answer in time. */
export function askerOf(script: string): { readonly ask: (question: Question) => Promise<Told>; readonly close: () => void } {
  let child: ChildProcess | null = null;
  const end = (): void => {
    child?.kill("SIGKILL");
    child = null;
  };
  const ask = (question: Question): Promise<Told> =>
    new Promise((settle) => {
      child ??= fork(script, { serialization: "advanced" });
      const asked = child;
      const [begun, before] = [Date.now(), workedMs(child.pid)];
      const timer = setInterval(() => {
        const worked = workedMs(asked.pid) - before;
        if (worked < LONGEST_MS && Date.now() - begun < SILENT_MS) return;
        clearInterval(timer);
        end();
        settle({ how: "refused", foul: `worked for ${Math.round(worked / 1000)} s without an answer` });
      }, 500);
      const died = (code: number | null): void => {
        clearInterval(timer);
        child = null;
        settle({ how: "refused", foul: `the process ended with ${code}` });
      };
      asked.once("exit", died);
      asked.once("message", (told: Told) => {
        clearInterval(timer);
        asked.off("exit", died);
        settle(told);
      });
      asked.send(question);
    });
  return { ask, close: end };
}
