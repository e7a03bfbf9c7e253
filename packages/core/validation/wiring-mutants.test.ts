import { describe, expect, it } from "vitest";
import {
  allTerminals,
  type Conductor,
  closedCircuit,
  isAid,
  type Joined,
  joinedBy,
  type Netlist,
  netsOf,
  partById,
  partOf,
  wires,
} from "../src/network/index.ts";
import { buildAsFound, STARTING_POINTS } from "../src/study/as-found/index.ts";
import { checkWiring } from "../src/study/wiring-check/index.ts";
import { planWiring } from "../src/study/wiring-plan/index.ts";

/** Why a changed connection does no harm to starter or compressor; anything else must be caught. */
const HARMLESS = {
  "same net": "the end lands on a terminal of the net it was on, or only wires of an aid that is out change places",
  "same feed": "only an overload, a plug or a bridged pole lies between the old place and the new one",
  "module's own feed": "LINE and CAP are one feed inside the module",
  "another contact":
    "the compressor still stops when nothing calls; the fan is switched by another contact or in one leg only: seen by comparing with the plan",
} as const;

function finished(id: string): Netlist {
  const { switches, family, options } = STARTING_POINTS.find((p) => p.id === id)!;
  const plan = planWiring(buildAsFound(switches), { family, ...options });
  if (!plan.ok) throw new Error(plan.reason);
  return plan.value.finished;
}

interface Mutant {
  readonly name: string;
  readonly netlist: Netlist;
}

/** Every end of every conductor lifted, and put on every other terminal. */
function mutants(netlist: Netlist): readonly Mutant[] {
  return netlist.conductors.flatMap((wire, at) =>
    ([0, 1] as const).flatMap((end) => {
      const from = wire.ends[end];
      if (from === null || from === `starter.${wire.id.split(".")[1]}`) return [];
      return [null, ...allTerminals(netlist)].flatMap((to): Mutant[] => {
        if (to === from || to === wire.ends[1 - end]) return [];
        const ends: Conductor["ends"] = end === 0 ? [to, wire.ends[1]] : [wire.ends[0], to];
        const changed = { ...netlist, conductors: netlist.conductors.with(at, { ...wire, ends }) };
        return [{ name: `${wire.id}: ${from} to ${to}`, netlist: changed }];
      });
    }),
  );
}

type Look = (netlist: Netlist) => Joined;

/** What passes without a contact: plugs, overloads, bridged poles. */
const bridged: Look = (netlist) =>
  joinedBy(allTerminals(netlist), [
    ...wires(netlist),
    ...netlist.parts.flatMap((p) => (p.kind === "through" ? [[`${p.id}.A`, `${p.id}.B`] as const] : [])),
    ...netlist.parts.flatMap((p) =>
      p.unbroken === undefined ? [] : [p.unbroken.split("-").map((n) => `${p.id}.${n}`) as [string, string]],
    ),
  ]);
const feeds: Look = (netlist) =>
  joinedBy(allTerminals(netlist), [
    ...bridgedPairs(netlist),
    ...(netlist.parts.some((p) => p.family === "FM") ? [["starter.LINE", "starter.CAP"] as const] : []),
  ]);
const bridgedPairs = (netlist: Netlist) => {
  const joined = bridged(netlist);
  const all = allTerminals(netlist);
  return all.flatMap((t) => joined.with(t).map((m) => [t, m] as const));
};

/** Sets of joined terminals as text, splices and aids left out. */
function picture(netlist: Netlist, look: Look): string {
  const joined = look(netlist);
  const shown = allTerminals(netlist).filter((t) => {
    const { kind } = partById(netlist, partOf(t));
    return kind !== "splice" && !isAid(kind);
  });
  const sets = shown.map((t) =>
    joined
      .with(t)
      .filter((m) => shown.includes(m))
      .toSorted()
      .join("+"),
  );
  return [...new Set(sets)].toSorted().join(" | ");
}

/** Why a mutant that passes the check is harmless; null where nobody knows. */
function excuse(was: Netlist, is: Netlist): keyof typeof HARMLESS | null {
  const same = (look: Look): boolean => picture(was, look) === picture(is, look);
  if (same(netsOf)) return "same net";
  if (same(bridged)) return "same feed";
  if (same(feeds)) return "module's own feed";
  return same(closedCircuit) ? "another contact" : null;
}

/** How many mistakes there are in each circuit, and how many of them are harmless for which reason. */
const CIRCUITS = {
  "rooftop-ptc": { mistakes: 864, "same net": 80, "another contact": 17 },
  "condenser-two-pole": { mistakes: 780, "same net": 18, "another contact": 4 },
  "condenser-one-pole-module": { mistakes: 754, "same net": 12, "same feed": 10, "module's own feed": 2 },
  "rooftop-common-cut": { mistakes: 725, "same net": 18, "another contact": 17 },
  "rooftop-aid-junction": { mistakes: 750, "same net": 70, "another contact": 17 },
} as const;

describe("every mistake with one conductor", () => {
  it.each(Object.entries(CIRCUITS))("in %s is caught, or known to be harmless", (id, harmless) => {
    const right = finished(id);
    expect(checkWiring(right)).toEqual([]);
    const tally: Record<string, number> = { mistakes: 0 };
    for (const { name, netlist } of mutants(right)) {
      tally.mistakes! += 1;
      if (checkWiring(netlist)?.length !== 0) continue;
      const reason = excuse(right, netlist);
      expect(reason, name).not.toBeNull();
      tally[reason!] = (tally[reason!] ?? 0) + 1;
    }
    expect(tally).toEqual(harmless);
  });
});
