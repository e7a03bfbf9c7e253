import {
  applyMove,
  type Conductor,
  conductorsAt,
  type Family,
  type Netlist,
  reachOf,
  STARTER,
  type Terminal,
  terminal,
  type WiringMove,
} from "../../network/index.ts";
import { complex } from "../../numeric/index.ts";
import { ISOLATION_PARAMS } from "../isolation/index.ts";
import { withStarter } from "../wiring-plan/index.ts";
import { advance, called, changed, drainedFor, stopped } from "./advance.ts";
import { type Bench, fedBy, wiredNow } from "./bench.ts";
import { type Danger, type PracticeAct, type PracticeStep, type Refusal, WAIT_MOST_S } from "./case.ts";
import { chargeOn } from "./charge.ts";
import { acVolts, clamped, handsOn, measured, noWayTo } from "./measure.ts";
import { ACT_SECONDS, PRACTICE_PARAMS as P } from "./params.ts";

/** What one act did. */
export interface Done {
  readonly bench: Bench;
  readonly step: PracticeStep;
}

const did = (bench: Bench): Done => ({ bench, step: { did: true } });
const refused = (bench: Bench, why: Refusal): Done => ({ bench, step: { refused: why } });
const hurt = (bench: Bench, code: Danger): Done => ({ bench: stopped(bench, code), step: { did: true } });

/** Does one act, and lets the time it takes pass: what comes back by itself meanwhile does. */
export function actOn(bench: Bench, act: PracticeAct): Done {
  if (bench.stopped !== null) return refused(bench, "ended");
  const done = doneAt(bench, act);
  if ("refused" in done.step || done.bench.stopped !== null) return done;
  return { ...done, bench: advance(done.bench, ACT_SECONDS[act.act].value + (act.act === "wait" ? act.seconds : 0)) };
}

function doneAt(bench: Bench, act: PracticeAct): Done {
  switch (act.act) {
    case "switch":
      return switched(bench, act.source, act.on);
    case "lock":
      return locked(bench, act.source);
    case "unlock":
      return unlocked(bench, act.source);
    case "open":
    case "close":
      return covered(bench, act);
    case "search": {
      const screw = bench.made.given.hiddenScrew === act.cover && !bench.screwFound;
      return screw ? { bench: { ...bench, screwFound: true }, step: { did: true, screw: true } } : did(bench);
    }
    case "measure": {
      const no = noWayTo(bench, act.from) ?? noWayTo(bench, act.to);
      if (no !== null) return refused(bench, no);
      const found = measured(bench, act.range, act.from, act.to);
      return "danger" in found ? hurt(bench, found.danger) : { bench, step: found };
    }
    case "bleed":
    case "short":
      return drainedBy(bench, act);
    case "lift":
    case "land":
    case "cut":
    case "splice":
      return rewired(bench, act);
    case "tug":
      return tugged(bench, act.conductor, act.at);
    case "fit":
      return fitted(bench, act.family);
    case "clamp":
      return hung(bench, act);
    case "call":
      return act.on === bench.call ? refused(bench, "already") : did(called(bench, act.on));
    case "read": {
      const step = clamped(bench);
      const { clamp } = bench;
      return { bench: clamp !== null && "shown" in step ? { ...bench, clamp: { ...clamp, mostA: step.shown } } : bench, step };
    }
    case "wait":
      return act.seconds >= 0 && act.seconds <= WAIT_MOST_S ? did(bench) : refused(bench, "range-out");
    case "touch": {
      const no = noWayTo(bench, act.at);
      if (no !== null) return refused(bench, no);
      const danger = handsOn(bench, act.at);
      return danger === null ? did(bench) : hurt(bench, danger);
    }
    case "say":
    case "hint":
      return did(bench);
  }
}

function switched(bench: Bench, id: string, on: boolean): Done {
  const state = bench.switches.get(id);
  if (state === undefined) return refused(bench, "no-such-source");
  if (state.locked) return refused(bench, "locked");
  if (state.on === on && !state.tripped) return refused(bench, "already");
  return did(changed(bench, (all) => all.set(id, { on, locked: false, tripped: false, onAtS: bench.nowS })));
}

function locked(bench: Bench, id: string): Done {
  const state = bench.switches.get(id);
  if (state === undefined) return refused(bench, "no-such-source");
  if (state.on) return refused(bench, "still-on");
  if (state.locked) return refused(bench, "already");
  return did({ ...bench, switches: new Map(bench.switches).set(id, { ...state, locked: true }) });
}

function unlocked(bench: Bench, id: string): Done {
  const state = bench.switches.get(id);
  if (state === undefined) return refused(bench, "no-such-source");
  if (!state.locked) return refused(bench, "already");
  return did({ ...bench, switches: new Map(bench.switches).set(id, { ...state, locked: false }) });
}

function covered(bench: Bench, { act, cover }: Extract<PracticeAct, { readonly act: "open" | "close" | "search" }>): Done {
  const open = new Set(bench.open);
  if (open.has(cover) === (act === "open")) return refused(bench, "already");
  if (act === "open" && bench.made.given.hiddenScrew === cover && !bench.screwFound) return refused(bench, "screw-left");
  if (act === "open" && cover === "terminals" && fedBy(bench) !== null) return hurt(bench, "powered-terminals-open");
  if (act === "open") open.add(cover);
  else open.delete(cover);
  return did({ ...bench, open });
}

function drainedBy(bench: Bench, act: Extract<PracticeAct, { readonly act: "bleed" | "short" }>): Done {
  const part = bench.netlist.parts.find((p) => p.id === act.part);
  // A sealed one is bled where its wires end.
  const place = (name: string): Terminal => {
    const tab = terminal(act.part, name);
    return part === undefined ? tab : (reachOf(bench.netlist, tab) ?? tab);
  };
  const [from, to] = [place(act.from), place(act.to)];
  const no = noWayTo(bench, from) ?? noWayTo(bench, to);
  if (no !== null) return refused(bench, no);
  const wired = wiredNow(bench);
  if (fedBy(bench) !== null && acVolts(wired, from, to, "volts-low-z") > P.hurtsV.value) return hurt(bench, "bleeder-on-live");
  if (act.act === "short") {
    const charged = Math.max(chargeOn(wired, bench.charges, from), chargeOn(wired, bench.charges, to));
    if (charged > P.hurtsV.value) return hurt(bench, "capacitor-shorted");
    return did({ ...bench, charges: drainedFor(bench, 1, [{ a: from, b: to, y: complex(10) }]), nowS: bench.nowS + 1 });
  }
  if (!(act.seconds >= 0 && act.seconds <= 3600)) return refused(bench, "range-out");
  if (fedBy(bench) !== null) return did(advance(bench, act.seconds));
  const y = complex(1 / ISOLATION_PARAMS.bleederOhm.value);
  return did({ ...bench, charges: drainedFor(bench, act.seconds, [{ a: from, b: to, y }]), nowS: bench.nowS + act.seconds });
}

type Rewire = Extract<PracticeAct, { readonly act: "lift" | "land" | "cut" | "splice" }>;

function rewired(bench: Bench, act: Rewire): Done {
  const conductor = bench.netlist.conductors.find((c) => c.id === act.conductor);
  if (conductor === undefined)
    return act.conductor === "all" && act.act === "lift" ? liftAll(bench, act.at) : refused(bench, "no-such-conductor");
  const joint = act.act === "splice";
  const no = joint ? null : noWayTo(bench, act.at);
  if (no !== null) return refused(bench, no);
  if (joint && !bench.open.has("box")) return refused(bench, "cover-closed");
  const why = notPossible(bench.netlist, conductor, act);
  if (why !== null) return refused(bench, why);
  const ends = conductor.ends.filter((e) => e !== null);
  const danger = [...(joint ? [] : [act.at]), ...(act.act === "lift" ? [] : ends)].map((at) => handsOn(bench, at)).find((d) => d !== null);
  if (danger != null) return hurt(bench, danger);
  return did({ ...bench, netlist: applyMove(bench.netlist, moveOf(act)) });
}

function moveOf(act: Rewire): WiringMove {
  const { conductor, at } = act;
  return act.act === "cut" || act.act === "splice" ? { do: act.act, conductor, at, with: act.with } : { do: act.act, conductor, at };
}

function notPossible(netlist: Netlist, { ends }: Conductor, act: Rewire): Refusal | null {
  const other = act.act === "cut" || act.act === "splice" ? netlist.conductors.find((c) => c.id === act.with) : undefined;
  switch (act.act) {
    case "lift":
      return ends.includes(act.at) ? null : "not-there";
    case "cut":
      return !ends.includes(act.at) ? "not-there" : other === undefined ? null : "already";
    case "land":
      return ends.includes(null) ? null : "not-free";
    case "splice": {
      if (other === undefined) return "no-such-conductor";
      const held = other.ends.includes(act.at) || other.ends.includes(null);
      const joins = act.at.endsWith(".J") && netlist.parts.every((p) => terminal(p.id, "J") !== act.at || p.kind === "splice");
      return ends.includes(null) && held && joins && act.with !== act.conductor ? null : "not-free";
    }
  }
}

function liftAll(bench: Bench, at: Terminal): Done {
  const no = noWayTo(bench, at);
  if (no !== null) return refused(bench, no);
  const danger = handsOn(bench, at);
  if (danger !== null) return hurt(bench, danger);
  const on = conductorsAt(bench.netlist, at);
  if (on.length === 0) return refused(bench, "not-there");
  const netlist = on.reduce((now, { id }) => applyMove(now, { do: "lift", conductor: id, at }), bench.netlist);
  return did({ ...bench, netlist });
}

function tugged(bench: Bench, id: string, at: Terminal): Done {
  const no = noWayTo(bench, at);
  if (no !== null) return refused(bench, no);
  const conductor = bench.netlist.conductors.find((c) => c.id === id);
  if (conductor === undefined) return refused(bench, "no-such-conductor");
  if (!conductor.ends.includes(at)) return refused(bench, "not-there");
  const danger = handsOn(bench, at);
  if (danger !== null) return hurt(bench, danger);
  if (!bench.crimpOhm.has(id)) return did(bench);
  const crimpOhm = new Map(bench.crimpOhm);
  crimpOhm.delete(id);
  const netlist = applyMove(bench.netlist, { do: "lift", conductor: id, at });
  return { bench: { ...bench, netlist, crimpOhm }, step: { did: true, cameOff: true } };
}

/** A starter mounted, every lead of it free. */
function fitted(bench: Bench, family: Family): Done {
  if (!bench.open.has("box")) return refused(bench, "cover-closed");
  if (bench.netlist.parts.some((p) => p.id === STARTER)) return refused(bench, "fitted");
  const danger = fedBy(bench) === null ? null : ("live-touched" as const);
  if (danger !== null) return hurt(bench, danger);
  return did({ ...bench, netlist: withStarter(bench.netlist, { family }) });
}

function hung(bench: Bench, { conductor, at, mode }: Extract<PracticeAct, { readonly act: "clamp" }>): Done {
  // A conductor is clamped where one gets at it: at its other end where a cover is over the first.
  const wire = bench.netlist.conductors.find((c) => c.id === conductor);
  const ends = wire?.ends.filter((e) => e !== null) ?? [];
  const place = at ?? ends.find((e) => noWayTo(bench, e) === null) ?? ends[0];
  if (place == null) return refused(bench, "no-such-conductor");
  const no = noWayTo(bench, place);
  if (no !== null) return refused(bench, no);
  const on = conductor ?? conductorsAt(bench.netlist, place)[0]?.id;
  if (on === undefined) return refused(bench, "not-there");
  const danger = handsOn(bench, place);
  if (danger !== null) return hurt(bench, danger);
  return did({ ...bench, clamp: { conductor: on, mode, mostA: null } });
}
