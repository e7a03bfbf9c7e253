import type { Pattern } from "@amp-saver/records";
import useSWR from "swr";
import { useStore } from "../../store/provider.tsx";

const NONE: readonly Pattern[] = [];

/** Every model in one's library; none while reading. */
export function usePatterns(): readonly Pattern[] {
  const { store } = useStore();
  return useSWR(["patterns"], () => store.list("pattern")).data ?? NONE;
}
