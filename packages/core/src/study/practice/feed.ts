import type { PracticeSource } from "./case.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** A source’s own switch, its lock, and whether its breaker has tripped. */
export interface SwitchState {
  readonly on: boolean;
  readonly locked: boolean;
  readonly tripped: boolean;
  /** When it was last switched on, s. */
  readonly onAtS: number;
}

/** Which first: a transfer switch takes shore before a generator before an inverter. */
const ORDER: readonly PracticeSource["kind"][] = ["shore", "generator", "inverter"];

/** When a source could feed from, s on the bench’s clock, where those before it in the order fell away at `lostAtS`; null while it is off. */
function readyAtS({ kind, auto }: PracticeSource, state: SwitchState, lostAtS: number): number | null {
  if (!state.on || state.tripped) return null;
  if (kind === "shore") return state.onAtS;
  const since = auto === true ? Math.max(state.onAtS, lostAtS) : state.onAtS;
  return since + (kind === "inverter" ? P.inverterBackS.value : P.generatorBackS.value);
}

/** What feeds the unit at a time, and when that changes by itself; null for nothing and never. */
export function feedAt(
  sources: readonly PracticeSource[],
  states: ReadonlyMap<string, SwitchState>,
  lostAtS: number,
  nowS: number,
): { readonly source: PracticeSource | null; readonly changesAtS: number | null } {
  let changesAtS: number | null = null;
  for (const kind of ORDER)
    for (const source of sources.filter((s) => s.kind === kind)) {
      const state = states.get(source.id);
      const ready = state === undefined ? null : readyAtS(source, state, lostAtS);
      if (ready === null) continue;
      if (ready <= nowS) return { source, changesAtS };
      changesAtS = Math.min(changesAtS ?? ready, ready);
    }
  return { source: null, changesAtS };
}
