import { type Family, isAid, type Netlist } from "../src/network/index.ts";

/** Sets of terminals that wires join, found by spreading a colour, not as the product does it. */
function spread(pairs: readonly (readonly [string, string])[], all: readonly string[]): string[][] {
  const left = new Set(all);
  const sets: string[][] = [];
  while (left.size > 0) {
    const [seed] = left as unknown as Iterable<string> as [string];
    const set = new Set([seed]);
    for (let grown = true; grown; ) {
      grown = false;
      for (const [a, b] of pairs)
        if (set.has(a) !== set.has(b)) {
          set.add(a);
          set.add(b);
          grown = true;
        }
    }
    for (const t of set) left.delete(t);
    sets.push([...set]);
  }
  return sets;
}

/** Two wires that only meet in one splice are one wire. */
function withoutButt(pairs: (readonly [string, string])[], joint: string): (readonly [string, string])[] {
  const at = pairs.filter((p) => p.includes(joint));
  if (at.length !== 2) return pairs;
  const [a, b] = at.map((p) => (p[0] === joint ? p[1] : p[0])) as [string, string];
  return [...pairs.filter((p) => !p.includes(joint)), [a, b]];
}

/** Wires that meet on a start aid's terminal meet on the can instead, or on one of their own far ends. */
function withoutStar(pairs: (readonly [string, string])[], centre: string, can: string): (readonly [string, string])[] {
  const far = pairs.filter((p) => p.includes(centre)).map((p) => (p[0] === centre ? p[1] : p[0]));
  const hub = far.includes(can) ? can : far[0];
  return [
    ...pairs.filter((p) => !p.includes(centre)),
    ...far.flatMap((t) => (hub === undefined || t === hub ? [] : [[hub, t] as const])),
    ...(hub === undefined ? [] : [[hub, centre] as const]),
  ];
}

/** What the finished nets must be, written from the description of the families and not from the planner. */
export function wantedNets(asFound: Netlist, family: Family, terminals: readonly string[]): string[][] {
  const part = (t: string) => asFound.parts.find((p) => p.id === t.slice(0, t.lastIndexOf(".")))!;
  const all = asFound.conductors.flatMap(({ ends: [a, b] }) => (a !== null && b !== null ? [[a, b] as const] : []));
  const pairs = asFound.parts.filter((p) => p.kind === "splice").reduce((now, p) => withoutButt(now, `${p.id}.J`), all);
  const pin = (n: string) => `${asFound.parts.find((p) => p.kind === "compressor")!.id}.${n}`;
  const can = terminals.find(
    (t) =>
      part(t).kind === "run-capacitor" &&
      t.endsWith(".HERM") &&
      spread(pairs, terminals).some((s) => s.includes(t) && s.includes(pin("S"))),
  )!;
  const canC = can.replace(/HERM$/, "C");
  const aidTerminals = terminals.filter((t) => isAid(part(t).kind));
  const laid = aidTerminals.reduce((now, t) => withoutStar(now, t, canC), pairs);
  const linked = ([a, b]: readonly [string, string]): boolean =>
    [a, b].includes(canC) && [a, b].some((t) => part(t).kind === "contactor" && !/\.A\d$/.test(t));
  const link = laid.find(linked);
  const kept = family === "FM" ? laid.filter((p) => !linked(p) && !p.includes(pin("R"))) : pairs;
  const sets = spread(kept, terminals);
  const without = (sets: string[][], t: string) => sets.map((s) => s.filter((x) => x !== t));
  const adding = (sets: string[][], near: string, t: string) => sets.map((s) => (s.includes(near) ? [...s, t] : s));
  const beside = (sets: string[][], of: string, t: string) => sets.map((s) => (s.includes(of) ? [...s.filter((x) => x !== of), t] : s));
  let want = sets;
  want = adding(want, pin("S"), "starter.START");
  if (family === "FM") {
    want = adding(want, canC, "starter.CAP");
    want = adding(want, link!.find((t) => t !== canC)!, "starter.LINE");
    want = adding(want, pin("C"), "starter.COM");
    want = [...without(want, pin("R")), [pin("R"), "starter.RUN"]];
  } else {
    want = [...beside(want, pin("R"), "starter.FEED"), [pin("R"), "starter.RUN-OUT"]];
    if (family === "F4") want = adding(want, pin("C"), "starter.REF");
    else want = [...beside(want, pin("C"), "starter.COM-FEED"), [pin("C"), "starter.COM-OUT"]];
  }
  const shown = (t: string): boolean => t.startsWith("starter.") || (part(t).kind !== "splice" && !isAid(part(t).kind));
  return want
    .map((s) => s.filter(shown).toSorted((a, b) => (a < b ? -1 : 1)))
    .filter((s) => s.length > 0)
    .toSorted((a, b) => (a.join(" ") < b.join(" ") ? -1 : 1));
}
