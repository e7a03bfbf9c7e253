import type { FitLog } from "@amp-saver/records";
import { nowIso } from "../../store/identity.ts";
import { ISOLATE } from "../../words/isolate.ts";
import type { RestOfThem } from "../asked.tsx";
import type { SaveFitLog } from "../save-fit-log.ts";
import { againIn, type IsolationView } from "./isolate.view.ts";

/** Measured one after the other and every one zero: pairs on low impedance, capacitors after bleeding, and the same half a minute later. */
export function zeroRests(
  view: IsolationView,
  work: FitLog,
  now: number,
  capacitorName: (id: string) => string,
  save: SaveFitLog,
): readonly RestOfThem[] {
  const pairs = view.pairs.filter(({ pair }) => work.pairs[pair] === undefined).map(({ pair }) => pair);
  const read = (id: string) => work.capacitors[id];
  const first = view.capacitors.filter(({ id }) => read(id)?.first == null).map(({ id }) => id);
  const again = view.capacitors
    .filter(({ id }) => read(id)?.first != null && read(id)?.second == null && againIn(read(id)?.firstAt ?? null, now) === 0)
    .map(({ id }) => id);
  return [
    {
      open: pairs.map((pair) => ({ id: `pair ${pair}`, name: ISOLATE.pairName(pair) })),
      label: ISOLATE.allShowNone,
      onAll: () => void save({}, "pairs", { pairs: Object.fromEntries(pairs.map((pair) => [pair, { volts: 0, lowImpedance: true }])) }),
    },
    {
      open: first.map((id) => ({ id: `bleed ${id}`, name: capacitorName(id) })),
      label: ISOLATE.allBled,
      onAll: () => {
        const zero = { first: 0, firstAt: nowIso(), second: null };
        void save({}, "capacitors", { capacitors: Object.fromEntries(first.map((id) => [id, zero])) });
      },
    },
    {
      open: again.map((id) => ({ id: `again ${id}`, name: capacitorName(id) })),
      label: ISOLATE.allZero,
      onAll: () =>
        void save({}, "capacitors again", {
          capacitors: Object.fromEntries(again.map((id) => [id, { ...read(id), second: 0 }])),
        }),
    },
  ];
}
