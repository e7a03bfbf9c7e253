import { afterStart } from "../../device/soft-starter/index.ts";
import { partOf } from "../../network/index.ts";
import { conjugate, modulus, multiply, subtract } from "../../numeric/index.ts";
import { type Bench, drawn, fedBy, holdsBackS, isCalled, sectionsNow, wiredNow } from "./bench.ts";
import type { Danger } from "./case.ts";
import { chargesAt, drained } from "./charge.ts";
import { acCircuit, type Wired } from "./circuit.ts";
import { faultOf } from "./faults.ts";
import { feedAt, type SwitchState } from "./feed.ts";
import { type Drive, type Link, nodeVolts } from "./nodal.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";
import { startNow } from "./start.ts";

/** Most things that happen by themselves in one wait. */
const MOST_EVENTS = 200;

/** Seconds from a call to a start: what holds it back, and a starter’s own delay. */
function startsAtS(bench: Bench): number {
  const starter = bench.netlist.parts.some((p) => p.kind === "starter");
  return bench.calledAtS + holdsBackS(bench) + (starter ? P.starterS.value : 0);
}

/** When something next happens by itself; null for never. */
function nextAtS(bench: Bench): number | null {
  const { given } = bench.made;
  const { source, changesAtS } = feedAt(given.sources, bench.switches, bench.lostAtS, bench.nowS);
  const times: (number | null)[] = [changesAtS];
  const { motor } = bench;
  if (motor.phase === "on") times.push(motor.untilS);
  if (motor.phase === "overload-open") times.push(motor.untilS);
  if (motor.phase === "off" && bench.call && source !== null) times.push(startsAtS(bench));
  const later = times.flatMap((t) => (t !== null && t > bench.nowS ? [t] : []));
  return later.length === 0 ? null : Math.min(...later);
}

/** The bench some seconds on: sources come back, contacts close, starts are made or not, capacitors drain. */
export function advance(bench: Bench, seconds: number): Bench {
  const endS = bench.nowS + seconds;
  let now = bench;
  for (let k = 0; k < MOST_EVENTS && now.stopped === null; k++) {
    const next = nextAtS(now);
    if (next === null || next > endS) break;
    const then = goneOn(now, next);
    now = fedBy(now) === null && fedBy(then) !== null ? powered(then) : happened(then);
  }
  return now.stopped === null ? goneOn(now, endS) : now;
}

/** Time goes on and nothing happens but that charges drain and the clamp looks on. */
function goneOn(bench: Bench, atS: number): Bench {
  if (fedBy(bench) !== null || atS <= bench.nowS) return { ...bench, nowS: Math.max(bench.nowS, atS) };
  return { ...bench, nowS: atS, charges: drainedFor(bench, atS - bench.nowS) };
}

/** Charges after some seconds with nothing fed, with a bleeder where one is on. */
export function drainedFor(bench: Bench, seconds: number, extra: readonly Link[] = []): Bench["charges"] {
  const rebounds = faultOf(bench.made.given, "capacitor-rebounds");
  const first = sectionsNow(bench)[0]?.part;
  const share = (id: string): number =>
    rebounds !== undefined && id.startsWith(`${rebounds.part ?? first} `) ? P.reboundShare.value : P.absorbedShare.value;
  return drained(wiredNow(bench), bench.charges, seconds, share, extra);
}

/** What happens by itself at this moment. */
function happened(bench: Bench): Bench {
  const before = bench.motor;
  if (before.phase === "on" && before.untilS !== null && bench.nowS >= before.untilS) return ended(bench, before.ends ?? "overload");
  if (before.phase === "overload-open" && bench.nowS >= before.untilS)
    return settle({ ...bench, motor: { phase: "off" }, calledAtS: bench.nowS, stoppedAtS: bench.nowS - P.overloadBackS.value });
  return settle(bench);
}

/** Power has come: whatever it would do at once. */
function powered(bench: Bench): Bench {
  const now = { ...bench, charges: new Map(), calledAtS: bench.nowS };
  if (now.open.has("terminals")) return stopped(now, "powered-terminals-open");
  return settle(now);
}

/** Contacts as they are now: a short trips, line volts burn a coil, a compressor that is called starts. */
function settle(bench: Bench): Bench {
  const fed = fedBy(bench);
  if (fed === null || bench.stopped !== null) return bench;
  const wired = wiredNow(bench);
  const at = looked(wired);
  if (at.feedA > P.shortA.value) return stopped(bench, "short-circuit");
  if (at.coilV > P.coilBurnsV.value) return stopped(bench, "coil-destroyed");
  if (bench.motor.phase !== "off" || !isCalled(bench) || bench.nowS < startsAtS(bench)) return bench;
  const start = startNow(bench, fed);
  switch (start.kind) {
    case "none":
      return bench;
    case "danger":
      return stopped(bench, start.code);
    case "hums":
      return withClamp({
        ...bench,
        motor: { phase: "on", sinceS: bench.nowS, untilS: start.untilS, ends: start.ends, radS: 0, input: null },
      });
    case "turns": {
      const running = { phase: "on", sinceS: bench.nowS, untilS: null, ends: null, radS: start.radS, input: start.input } as const;
      const runs = { ...bench, motor: running, learned: bench.learned + 1, memory: afterStart(bench.memory, start.afterS) };
      return withClamp({ ...runs, motor: { ...running, ...overloads(runs, fed) } });
    }
  }
}

/** When a source that carries more than it is rated for gives up. */
function overloads(
  bench: Bench,
  fed: NonNullable<ReturnType<typeof fedBy>>,
): { readonly untilS: number | null; readonly ends: "trip" | null } {
  const { feedA, watts } = looked(wiredNow(bench));
  const over =
    (fed.breakerA !== undefined && feedA > P.breakerShare.value * fed.breakerA) ||
    (fed.kind !== "shore" && fed.runningW !== undefined && watts > fed.runningW);
  return over ? { untilS: bench.nowS + P.overloadedS.value, ends: "trip" } : { untilS: null, ends: null };
}

/** Amps and watts out of the source, and volts on a contactor’s coil. */
function looked(wired: Wired): { readonly feedA: number; readonly watts: number; readonly coilV: number } {
  const circuit = acCircuit(wired, wired.motor.hz);
  const volts = nodeVolts(circuit);
  const feeds = circuit.drives.filter(({ a }) => wired.netlist.parts.some((p) => p.kind === "supply" && p.id === partOf(a)));
  const ampsOf = ({ a, b, y, volts: emf }: Drive) => multiply(subtract(emf, subtract(volts(a), volts(b))), y);
  const coils = wired.netlist.parts.filter((p) => p.kind === "contactor");
  return {
    feedA: Math.max(0, ...feeds.map((drive) => modulus(ampsOf(drive)))),
    watts: feeds.reduce((sum, drive) => sum + Math.abs(multiply(subtract(volts(drive.a), volts(drive.b)), conjugate(ampsOf(drive))).re), 0),
    coilV: Math.max(0, ...coils.map(({ id }) => modulus(subtract(volts(`${id}.A1`), volts(`${id}.A2`))))),
  };
}

/** The compressor stops by itself: its overload opens, or what feeds it trips. */
function ended(bench: Bench, how: "overload" | "trip"): Bench {
  if (how === "overload")
    return { ...bench, motor: { phase: "overload-open", untilS: bench.nowS + P.overloadBackS.value }, stoppedAtS: bench.nowS };
  const fed = fedBy(bench);
  if (fed === null) return bench;
  return changed(bench, (switches) => {
    const state = switches.get(fed.id);
    if (state !== undefined) switches.set(fed.id, { ...state, tripped: true });
  });
}

/** The bench with its switches changed: what that takes away charges the capacitors, what it brings starts anew. */
export function changed(bench: Bench, change: (switches: Map<string, SwitchState>) => void): Bench {
  const was = fedBy(bench);
  const switches = new Map(bench.switches);
  change(switches);
  const left = was === null ? undefined : switches.get(was.id);
  const falls = left !== undefined && (!left.on || left.tripped);
  const next = { ...bench, switches, ...(falls && { lostAtS: bench.nowS }) };
  const is = fedBy(next);
  if (is?.id === was?.id) return settle(next);
  const gone = was === null ? next : lost(next, bench);
  return is === null ? gone : powered(gone);
}

/** Power has gone: the motor stops, and every capacitor keeps the volts of the moment, less what drains at once. */
function lost(next: Bench, before: Bench): Bench {
  const wired = wiredNow(before);
  const volts = nodeVolts(acCircuit(wired, wired.motor.hz));
  const phase = (id: string): number => 2 * Math.PI * drawn(before, `phase ${id}`, Math.round(before.nowS));
  const rebounds = faultOf(before.made.given, "capacitor-rebounds");
  const sections = sectionsNow(before);
  const kept = rebounds === undefined ? undefined : sections.find(({ part }) => part === (rebounds.part ?? sections[0]?.part));
  const charges = new Map(chargesAt(sections, ({ a, b }) => modulus(subtract(volts(a), volts(b))), phase));
  if (kept !== undefined) {
    const left = P.burntShare.value * Math.SQRT2 * before.made.given.unit.plateVolts;
    charges.set(kept.id, { volts: left, hidden: left });
  }
  const stoppedAtS = before.motor.phase === "on" ? before.nowS : before.stoppedAtS;
  return { ...next, charges, stoppedAtS, motor: before.motor.phase === "overload-open" ? before.motor : { phase: "off" } };
}

/** The call given or taken back. */
export function called(bench: Bench, call: boolean): Bench {
  const stops = !call && bench.motor.phase === "on";
  return settle({
    ...bench,
    call,
    calledAtS: bench.nowS,
    ...(stops && { motor: { phase: "off" as const }, stoppedAtS: bench.nowS }),
  });
}

/** The clamp looks on from here. */
function withClamp(bench: Bench): Bench {
  return bench.clamp === null ? bench : { ...bench, clamp: { ...bench.clamp, mostA: null } };
}

/** It ends here, because it would hurt or destroy. */
export function stopped(bench: Bench, code: Danger): Bench {
  return { ...bench, stopped: code };
}
