import { fail, ok, type Result } from "../quantity/index.ts";
import { FAMILY_LEADS, PART_TERMINALS } from "./kinds.ts";
import { type Netlist, nameOn, partOf } from "./netlist.ts";

/** Why something is not a netlist. */
export type NetlistFailure =
  | "part-twice"
  | "conductor-twice"
  | "unknown-part"
  | "unknown-terminal"
  | "one-terminal-twice"
  | "two-systems"
  | "unbroken-missing"
  | "unbroken-extra";

/** Whether ids are unique and every end is on a terminal that is there; `where` names the field. */
export function soundNetlist(netlist: Netlist): Result<Netlist, NetlistFailure> {
  const parts = new Map<string, Netlist["parts"][number]>();
  for (const [i, part] of netlist.parts.entries()) {
    if (parts.has(part.id)) return fail("part-twice", `parts.${i}.id ${JSON.stringify(part.id)}`);
    parts.set(part.id, part);
    if (part.kind === "contactor" && part.poles === 1 && part.unbroken === undefined)
      return fail("unbroken-missing", `parts.${i}.unbroken`);
    if (part.poles !== 1 && part.unbroken !== undefined) return fail("unbroken-extra", `parts.${i}.unbroken`);
  }
  const seen = new Set<string>();
  for (const [i, { id, ends }] of netlist.conductors.entries()) {
    if (seen.has(id)) return fail("conductor-twice", `conductors.${i}.id ${JSON.stringify(id)}`);
    seen.add(id);
    for (const [k, end] of ends.entries()) {
      if (end === null) continue;
      const where = `conductors.${i}.ends.${k} ${JSON.stringify(end)}`;
      const part = parts.get(partOf(end));
      if (part === undefined) return fail("unknown-part", where);
      const names: readonly string[] = part.kind === "starter" ? FAMILY_LEADS[part.family ?? "F4"] : PART_TERMINALS[part.kind];
      if (!names.includes(nameOn(end))) return fail("unknown-terminal", where);
    }
    if (ends[0] !== null && ends[0] === ends[1]) return fail("one-terminal-twice", `conductors.${i}.ends`);
  }
  for (const [i, part] of netlist.parts.entries()) {
    if (part.kind !== "supply") continue;
    const used = (name: string): boolean => netlist.conductors.some((c) => c.ends.includes(`${part.id}.${name}`));
    if ((used("L") || used("N")) && (used("L1") || used("L2"))) return fail("two-systems", `parts.${i}`);
  }
  return ok(netlist);
}
