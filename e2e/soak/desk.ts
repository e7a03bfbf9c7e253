import { type ChildProcess, fork } from "node:child_process";
import type { Question, Told } from "./questions.ts";

/** Longest a file or a case may take, ms. */
const LONGEST_MS = 10_000;

/** Asks a process of its own, which is ended and replaced where it does not answer in time. */
export function deskOf(script: string): { readonly ask: (question: Question) => Promise<Told>; readonly close: () => void } {
  let child: ChildProcess | null = null;
  const end = (): void => {
    child?.kill("SIGKILL");
    child = null;
  };
  const ask = (question: Question): Promise<Told> =>
    new Promise((settle) => {
      child ??= fork(script, { serialization: "advanced" });
      const asked = child;
      const timer = setTimeout(() => {
        end();
        settle({ how: "refused", foul: `hung for ${LONGEST_MS / 1000} s` });
      }, LONGEST_MS);
      const died = (code: number | null): void => {
        clearTimeout(timer);
        child = null;
        settle({ how: "refused", foul: `the process ended with ${code}` });
      };
      asked.once("exit", died);
      asked.once("message", (told: Told) => {
        clearTimeout(timer);
        asked.off("exit", died);
        settle(told);
      });
      asked.send(question);
    });
  return { ask, close: end };
}
