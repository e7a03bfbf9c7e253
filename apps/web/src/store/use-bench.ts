import type { BenchCommand, BenchState } from "@amp-saver/instruments/simulated";
import useSWR from "swr";

const BENCH = "/api/bench";
const EVERY_MS = 500;

/** The bench behind the stand-ins and a hand on it; null where there is none. */
export function useBench(wanted: boolean): { readonly state: BenchState | null; readonly hand: (command: BenchCommand) => void } {
  const { data, mutate } = useSWR(
    wanted ? ["bench"] : null,
    async (): Promise<BenchState | null> => {
      const response = await fetch(BENCH).catch(() => null);
      if (response === null || !response.ok) return null;
      const { benchStateSchema } = await import("@amp-saver/instruments/simulated");
      const read = benchStateSchema.safeParse(await response.json());
      return read.success ? read.data : null;
    },
    { refreshInterval: EVERY_MS },
  );
  const hand = (command: BenchCommand): void => {
    void import("@amp-saver/instruments/http").then(async ({ post }) => {
      await post(BENCH, command);
      await mutate();
    });
  };
  return { state: data ?? null, hand };
}
