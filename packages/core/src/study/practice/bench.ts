import { COMPRESSOR_MOTOR_PARAMS as MOTOR, type Motor, type ShaftLoad } from "../../device/compressor-motor/index.ts";
import { freshMemory, type Memory } from "../../device/soft-starter/index.ts";
import { type Netlist, netsOf } from "../../network/index.ts";
import { fail, ok, quantity, type Result } from "../../quantity/index.ts";
import { type MotorStartInput, type PrepareFailure, prepare, streamOf } from "../motor-start/index.ts";
import type { ClampMode, Cover, Danger, PracticeCase, PracticeSource } from "./case.ts";
import type { Charges } from "./charge.ts";
import type { Section, Wired } from "./circuit.ts";
import { faultOf, withFaults } from "./faults.ts";
import { feedAt, type SwitchState } from "./feed.ts";
import { runCapacitorAt } from "./names.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";
import { sectionsOf } from "./sections.ts";

/** What the compressor does. */
type MotorNow =
  | { readonly phase: "off" }
  /** Turning, or humming where `radS` is nothing; `untilS` is when that ends by itself. */
  | {
      readonly phase: "on";
      readonly sinceS: number;
      readonly untilS: number | null;
      readonly ends: "overload" | "trip" | null;
      readonly radS: number;
      /** The start as simulated in time where it is wired as it is made for; null where the circuit alone says what it does. */
      readonly input: MotorStartInput | null;
    }
  | { readonly phase: "overload-open"; readonly untilS: number };

/** What of the unit no act changes. */
interface Made {
  readonly given: PracticeCase;
  readonly motor: Motor;
  readonly load: ShaftLoad;
  readonly runF: number;
  readonly fanA: number;
  readonly overloadS: number;
  readonly lockedRotorA: number;
}

/** A practice unit at one moment of its clock. */
export interface Bench {
  readonly made: Made;
  readonly nowS: number;
  readonly netlist: Netlist;
  readonly crimpOhm: ReadonlyMap<string, number>;
  readonly switches: ReadonlyMap<string, SwitchState>;
  /** When what fed last fell away, s. */
  readonly lostAtS: number;
  readonly open: ReadonlySet<Cover>;
  /** Whether the hidden screw has been found. */
  readonly screwFound: boolean;
  readonly call: boolean;
  /** When the call, or power under a call, came. */
  readonly calledAtS: number;
  readonly stoppedAtS: number;
  readonly motor: MotorNow;
  readonly charges: Charges;
  readonly clamp: { readonly conductor: string; readonly mode: ClampMode; readonly mostA: number | null } | null;
  readonly memory: Memory;
  readonly learned: number;
  readonly stopped: Danger | null;
}

/** Rest that a unit has had before the practice, s. */
const RESTED_S = -3600;

/** A bench before the first act; fails where no motor fits the plate, or no netlist has a compressor. */
export function newBench(asked: PracticeCase): Result<Bench, PrepareFailure | "no-compressor"> {
  const given = withFaults(asked);
  if (!given.netlist.parts.some((p) => p.kind === "compressor")) return fail("no-compressor", "netlist");
  const source = { kind: "ideal" as const, volts: quantity(given.unit.plateVolts, "plate") };
  const ready = prepare({ unit: given.unit, source, method: { kind: "direct" }, backgroundA: 0, outdoorC: 35, seconds: 1 });
  if (!ready.ok) return ready;
  const { motor, load, runCapacitorF: runF, fanA, overloadS, lockedRotorA } = ready.value.input;
  const bad = faultOf(given, "bad-crimp");
  const badId = bad?.conductor ?? given.netlist.conductors.find((c) => c.ends.includes(runCapacitorAt(given.netlist, "HERM")))?.id;
  return ok({
    made: { given, motor, load, runF, fanA, overloadS: overloadS ?? MOTOR.overloadS.value, lockedRotorA },
    nowS: 0,
    netlist: given.netlist,
    crimpOhm: bad === undefined || badId === undefined ? new Map() : new Map([[badId, P.badCrimpOhm.value]]),
    switches: new Map(
      given.sources.map((s, i) => [
        s.id,
        { on: i === 0 || s.auto === true, locked: false, tripped: false, onAtS: Number.NEGATIVE_INFINITY },
      ]),
    ),
    lostAtS: Number.NEGATIVE_INFINITY,
    open: new Set(),
    screwFound: false,
    call: false,
    calledAtS: 0,
    stoppedAtS: faultOf(given, "not-rested") === undefined ? RESTED_S : 0,
    motor: { phase: "off" },
    charges: new Map(),
    clamp: null,
    memory: freshMemory(lockedRotorA),
    learned: 0,
    stopped: null,
  });
}

/** What feeds the unit now. */
export function fedBy(bench: Bench): PracticeSource | null {
  return feedAt(bench.made.given.sources, bench.switches, bench.lostAtS, bench.nowS).source;
}

/** The capacitors as they are. */
export function sectionsNow({ made, netlist }: Bench): readonly Section[] {
  return sectionsOf(netlist, made.given.unit, made.runF, faultOf(made.given, "capacitor-weak"));
}

/** Seconds from a call under power to the contact. */
export function holdsBackS({ made }: Bench): number {
  return P.contactS.value + (faultOf(made.given, "energy-manager-waits") === undefined ? 0 : P.managerS.value);
}

/** Whether contacts are closed by the call. */
export function isCalled(bench: Bench): boolean {
  return bench.call && bench.nowS >= bench.calledAtS + holdsBackS(bench);
}

/** Ohms between a source and the unit. */
export function feedOhm({ made }: Bench): number {
  return P.feedOhm.value + (faultOf(made.given, "thin-cord") === undefined ? 0 : P.cordOhm.value);
}

/** The unit as it is now, for the circuit. */
export function wiredNow(bench: Bench, more: Partial<Wired> = {}): Wired {
  const { made, netlist, crimpOhm, motor } = bench;
  const has = (code: Parameters<typeof faultOf>[1]): boolean => faultOf(made.given, code) !== undefined;
  const turning = motor.phase === "on" ? motor.radS : 0;
  return {
    netlist,
    crimpOhm,
    sections: sectionsNow(bench),
    motor: made.motor,
    plateVolts: made.given.unit.plateVolts,
    fanA: made.fanA,
    fed: fedBy(bench),
    feedOhm: feedOhm(bench),
    reversed: has("hot-neutral-reversed"),
    neutralOpen: has("neutral-open"),
    stray: has("stray-volts"),
    called: isCalled(bench),
    pulledIn: new Set(isCalled(bench) && fedBy(bench) !== null ? coilsFed(netlist) : []),
    starterOn: motor.phase === "on",
    overloadOpen: has("overload-open") || motor.phase === "overload-open",
    toCase: has("winding-to-case"),
    startOpen: has("capacitor-rebounds"),
    radS: turning,
    ptcOhm: motor.phase === "on" && bench.nowS - motor.sinceS > 1 ? P.ptcHotOhm.value : P.ptcColdOhm.value,
    ...more,
  };
}

/** Contactors whose coil lies on the control’s two sides. */
function coilsFed(netlist: Netlist): readonly string[] {
  const nets = netsOf(netlist);
  const controls = netlist.parts.filter((p) => p.kind === "control");
  return netlist.parts
    .filter((p) => p.kind === "contactor")
    .map((p) => p.id)
    .filter((id) =>
      controls.some(({ id: coil }) =>
        [
          ["1", "2"],
          ["2", "1"],
        ].some(([a, b]) => nets.same(`${coil}.${a}`, `${id}.A1`) && nets.same(`${coil}.${b}`, `${id}.A2`)),
      ),
    );
}

/** A number of one name that depends on the seed alone, 0 up to 1. */
export function drawn({ made }: Bench, name: string, k: number): number {
  return streamOf({ kind: "drawn", seed: made.given.seed, member: k, attempt: 0 }, name).next();
}
