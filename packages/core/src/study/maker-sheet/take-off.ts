import { inReach, partOf, type Terminal } from "../../network/index.ts";
import type { Difference } from "./difference.ts";
import { isAidPlace, type SheetAct, type SheetPlace, type SheetStep, type SheetWire } from "./step.ts";
import { type Judged, opens, type Table } from "./table.ts";
import { factoryWires, wholeOf } from "./wires.ts";

/** A start aid is to come out. */
export function judgeRemoval(table: Table, place: SheetPlace | null, n: number): Judged {
  const parts = place === null ? [] : [...new Set(table.places(place).map(partOf))];
  if (place === null) return { differences: [], instead: [] };
  if (parts.length === 0) return { differences: [{ code: "no-such-aid", place }], instead: [] };
  const own = new Set(
    table.unit.begun.conductors.filter((c) => c.ends.some((e) => e !== null && parts.includes(partOf(e)))).map((c) => c.id),
  );
  table.touch(n, ...own);
  for (const part of parts) table.followed.remove(part, n);
  const instead = table.find(
    ({ do: what, with: part, why, conductor }) =>
      (what === "retire" && part !== null && parts.includes(part)) ||
      (why === "aid-off" && conductor !== null && own.has(wholeOf(conductor))),
  );
  return { differences: [], instead };
}

/** An end is to come off a terminal, or to be cut near it. */
export function judgeLift(table: Table, { wire, from, act }: SheetStep, n: number): Judged {
  if (wire === null) return { differences: [], instead: [] };
  const near = from === null ? null : table.places(from);
  if (from !== null && near?.length === 0)
    return { differences: [{ code: isAidPlace(from) ? "no-such-aid" : "no-such-place", place: from }], instead: [] };
  const found = factoryWires(wire, near, table.unit.asFound, table.places).map((c) => c.id);
  const meant = meantStep(table, found, near);
  if (meant === undefined) {
    const sealed = from !== null && near?.every((t) => !inReach(table.unit.asFound, t)) === true;
    return sealed ? { differences: [{ code: "out-of-reach", place: from }], instead: [] } : unplanned(table, wire, found, near, n);
  }
  const here = table.wireOf(meant);
  const literal = found.includes(here) ? here : found.length === 1 ? found[0] : undefined;
  if (literal !== undefined) takeOff(table, literal, near, n);
  return { differences: [...byColor(table, wire, found, here), ...byWay(table, act, meant, here, from)], instead: [meant] };
}

/** The plan's own step there that no sentence asked for yet, sooner one on a wire that fits. */
function meantStep(table: Table, found: readonly string[], near: readonly Terminal[] | null): number | undefined {
  const there = table.find((s) => opens(s) && (near === null ? found.includes(wholeOf(s.conductor ?? "")) : near.includes(s.at ?? "")));
  const open = there.filter((k) => !table.used.has(k));
  const serves = (k: number): boolean => table.unit.plan.steps[k]?.why !== "aid-off" && table.unit.plan.steps[k]?.why !== "orphan-kept";
  return open.find((k) => found.includes(table.wireOf(k))) ?? open.find(serves) ?? open[0];
}

function unplanned(table: Table, wire: SheetWire, found: readonly string[], near: readonly Terminal[] | null, n: number): Judged {
  const [only, second] = found;
  if (only === undefined) return { differences: table.notTold(wire), instead: [] };
  if (second === undefined) takeOff(table, only, near, n);
  return { differences: [{ code: "stays", wire: only }], instead: [] };
}

function byColor(table: Table, wire: SheetWire, found: readonly string[], here: string): readonly Difference[] {
  const others = found.filter((id) => id !== here);
  if (found.includes(here)) return others.length > 0 && wire.toward === null ? [{ code: "look-alikes", wire: here, others }] : [];
  if (wire.color === null) return [];
  return found.length === 0 ? table.notTold(wire, here) : [{ code: "color-is-other", color: wire.color, wire: here, others }];
}

function byWay(table: Table, act: SheetAct, meant: number, here: string, from: SheetPlace | null): readonly Difference[] {
  const isCut = table.unit.plan.steps[meant]?.do === "cut";
  if (act === "cut" && !isCut) return [{ code: "no-cut-needed", wire: here }];
  return act !== "cut" && isCut && from !== null ? [{ code: "must-cut", wire: here }] : [];
}

function takeOff(table: Table, wire: string, near: readonly Terminal[] | null, n: number): void {
  const ends = table.unit.asFound.conductors.find((c) => c.id === wire)?.ends ?? [];
  const planned = (at: Terminal): boolean =>
    table.unit.plan.steps.some((s) => opens(s) && s.at === at && wholeOf(s.conductor ?? "") === wire);
  const at = ends.find((e) => e !== null && (near === null ? planned(e) : near.includes(e)));
  table.touch(n, wire);
  if (at !== undefined && at !== null) table.followed.lift(wire, at, planned(at) ? null : n);
}
