import { inReach, type Terminal } from "../../network/index.ts";
import type { SheetPlace, SheetStep, SheetWire } from "./step.ts";
import type { Judged, Table } from "./table.ts";
import { factoryWires, isStarters, starterEnd, wholeOf } from "./wires.ts";

/** A lead or a wire is to go onto a terminal. */
export function judgeLanding(table: Table, wire: SheetWire | null, to: SheetPlace | null, n: number): Judged {
  if (wire === null || to === null) return { differences: [], instead: [] };
  const { asFound, begun } = table.unit;
  const who = starterEnd(wire, begun) ?? freeWire(table, wire);
  if (who === null)
    return { differences: wire.starters === true ? [{ code: "no-such-lead", color: wire.color }] : table.notTold(wire), instead: [] };
  const instead = landings(table, who);
  const at = table.places(to);
  if (at.length === 0) return { differences: [{ code: "no-such-place", place: to }], instead };
  table.touch(n, who, ...at);
  const right = at.find((t) => table.placed(who, t));
  const spot = right ?? at[0];
  if (spot !== undefined && inReach(asFound, spot)) table.followed.land(who, spot);
  if (right === undefined) return { differences: [table.elsewhere(who)], instead };
  return { differences: at.every((t) => !inReach(asFound, t)) ? [{ code: "out-of-reach", place: to }] : [], instead };
}

/** Two wires are to be joined: a lead with a factory wire, or two factory wires. */
export function judgeJoint(table: Table, { wire, with: other }: SheetStep, n: number): Judged {
  if (wire === null || other === null) return { differences: [], instead: [] };
  const [lead, factory] = pair(table, wire, other);
  if (lead === null) return factoryJoint(table, wire, other);
  const instead = landings(table, lead);
  const wires = candidates(table, factory);
  const fits = wires.filter((id) => table.joined(lead, id));
  const [first, second] = fits.length > 0 ? fits : wires;
  const partner = partnerOf(table, lead);
  if (first === undefined) return { differences: table.notTold(factory, partner), instead };
  if (second === undefined) {
    table.touch(n, lead, first);
    if (table.unit.begun.conductors.some((c) => c.id === lead)) table.followed.join(lead, first);
    else table.followed.land(first, lead);
  }
  if (fits.length === 0) {
    const color = partner === null ? null : factory.color;
    return {
      differences: [color === null ? table.elsewhere(lead) : { code: "color-is-other", color, wire: partner ?? "", others: wires }],
      instead,
    };
  }
  const others = wires.filter((id) => !fits.includes(id));
  return { differences: others.length > 0 && factory.toward === null ? [{ code: "look-alikes", wire: first, others }] : [], instead };
}

function factoryJoint(table: Table, one: SheetWire, other: SheetWire): Judged {
  const named = [one, other].find((w) => w.starters === true && w.color !== null);
  if (named !== undefined) return { differences: [{ code: "no-such-lead", color: named.color }], instead: [] };
  const [a, b] = [candidates(table, one), candidates(table, other)];
  if (a.length === 0 || b.length === 0) return { differences: table.notTold(a.length === 0 ? one : other), instead: [] };
  const together = a.find((id) => b.some((id2) => table.joined(id, id2)));
  if (together === undefined) return { differences: [table.elsewhere(a[0] ?? "")], instead: [] };
  const own = new Set([...a, ...b]);
  const instead = table.find((s) => s.do === "splice" && [s.conductor, s.with].every((id) => id !== null && own.has(wholeOf(id))));
  return { differences: [], instead };
}

/** Which of two wires of a joint is the starter's, and the other as it is spoken of. */
function pair(table: Table, one: SheetWire, other: SheetWire): readonly [Terminal | null, SheetWire] {
  const [a, b] = [starterEnd(one, table.unit.begun), starterEnd(other, table.unit.begun)];
  if (a !== null && (b === null || one.starters === true || other.starters !== true)) return [a, other];
  return [b, one];
}

/** Wires that are meant: those that fit, and of them the ones with a free end where there are any. */
function candidates(table: Table, wire: SheetWire): readonly string[] {
  const found = factoryWires(wire, null, table.unit.asFound, table.places).map((c) => c.id);
  const free = found.filter((id) => table.followed.isFree(id));
  return free.length > 0 ? free : found;
}

function freeWire(table: Table, wire: SheetWire): string | null {
  const [first, second] = candidates(table, wire);
  return first !== undefined && (second === undefined || table.followed.isFree(first)) ? first : null;
}

/** The factory wire that the plan joins a lead with; null where the lead goes onto a terminal. */
function partnerOf(table: Table, lead: Terminal): string | null {
  const members = table.unit.plan.steps.flatMap((s) =>
    s.do === "splice" && (s.conductor === lead || s.with === lead) ? [s.conductor === lead ? (s.with ?? "") : (s.conductor ?? "")] : [],
  );
  return members.map(wholeOf).find((id) => id !== "" && !isStarters(id)) ?? null;
}

/** Steps of the plan that land or join a lead or wire; a joint with the others of that joint, and the cut it is made in. */
function landings(table: Table, who: string): readonly number[] {
  const own = new Set([who, who.replace(/^starter\./, "jumper.")]);
  const is = (id: string | null): boolean => id !== null && (own.has(id) || own.has(wholeOf(id)));
  const { steps } = table.unit.plan;
  const joints = new Set(steps.flatMap((s) => (s.do === "splice" && (is(s.conductor) || is(s.with)) ? [s.at] : [])));
  const inJoint = new Set(steps.flatMap((s) => (s.do === "splice" && joints.has(s.at) ? [s.conductor, s.with] : [])));
  return table.find((s) => {
    if (s.do === "splice") return joints.has(s.at);
    if (s.do === "cut") return inJoint.has(s.conductor) && inJoint.has(s.with);
    return (s.do === "land" || s.do === "move") && (is(s.conductor) || s.at === who || s.with === who);
  });
}
