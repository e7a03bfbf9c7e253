import { lineConformance } from "./conformance.ts";
import { memoryLines } from "./memory-line.ts";

lineConformance("in memory", async () => {
  const { a, b, arrive, cut, mend } = memoryLines();
  return {
    a,
    b,
    settle: async () => {
      while (arrive("a") || arrive("b"));
    },
    cut: async () => cut(),
    mend: async () => mend(),
    done: async () => undefined,
  };
});
