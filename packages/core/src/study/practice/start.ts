import {
  loadTorqueNm,
  runningAtTorque,
  runningShareAt,
  steadyState,
  synchronousRadS,
  torqueOfAmps,
} from "../../device/compressor-motor/index.ts";
import { add, type Complex, complex, modulus, multiply, subtract } from "../../numeric/index.ts";
import { quantity } from "../../quantity/index.ts";
import { isMade, type MotorStartInput, onlyOutcome, persist, prepare, type SourceCase, type StartCase } from "../motor-start/index.ts";
import { checkWiring, type Symptom } from "../wiring-check/index.ts";
import { type Bench, feedOhm, sectionsNow, wiredNow } from "./bench.ts";
import type { Danger, PracticeSource } from "./case.ts";
import { acCircuit, type Wired } from "./circuit.ts";
import { runCapacitorAt } from "./names.ts";
import { admittancesOf, nodeVolts } from "./nodal.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** How a start that begins now goes. */
export type StartNow =
  | { readonly kind: "none" }
  | { readonly kind: "danger"; readonly code: Danger }
  | { readonly kind: "hums"; readonly untilS: number; readonly ends: "overload" | "trip" }
  | { readonly kind: "turns"; readonly afterS: number; readonly radS: number; readonly input: MotorStartInput | null };

/** Outdoor air on the bench, °C: the day that plates are rated for. */
const OUTDOOR_C = 35;
/** Volts below which a winding is not fed. */
const FED_V = 5;
/** How far the amps of both windings may be off for the unit to be wired as it is made. */
const AS_MADE = 0.2;
const SPEEDS = 40;

/** Amps of both windings at a speed, from the circuit as it is. */
function windingAmps(
  wired: Wired,
  radS: number,
): { readonly main: Complex; readonly auxiliary: Complex; readonly mainV: number; readonly auxiliaryV: number } {
  const circuit = acCircuit({ ...wired, radS, starterOn: true }, wired.motor.hz);
  const volts = nodeVolts(circuit);
  const [pair] = circuit.coupled;
  const across = ([a, b]: readonly [string, string]): Complex => subtract(volts(a), volts(b));
  const none = { main: complex(0), auxiliary: complex(0), mainV: 0, auxiliaryV: 0 };
  if (pair === undefined) return none;
  const [mm, ma, am, aa] = admittancesOf(pair.ohms);
  const [main, auxiliary] = [across(pair.ends[0]), across(pair.ends[1])];
  return {
    main: add(multiply(mm, main), multiply(ma, auxiliary)),
    auxiliary: add(multiply(am, main), multiply(aa, auxiliary)),
    mainV: modulus(main),
    auxiliaryV: modulus(auxiliary),
  };
}

/** The source as the start study knows it. */
function sourceCase(bench: Bench, source: PracticeSource): SourceCase {
  const common = { volts: quantity(source.volts, "measured"), ohm: quantity(feedOhm(bench), "measured") };
  const share = source.eco === true ? P.ecoShare.value : 1;
  const of = (watts: number | undefined) => (watts === undefined ? undefined : quantity(share * watts, "sheet"));
  if (source.kind === "shore")
    return { ...common, kind: "shore", ...(source.breakerA !== undefined && { breakerA: quantity(source.breakerA, "plate") }) };
  const [runningW, surgeW] = [of(source.runningW), of(source.surgeW)];
  const rated = {
    ...(runningW !== undefined && { runningW }),
    ...(surgeW !== undefined && { surgeW }),
    altitudeM: 0,
    eco: source.eco === true,
  };
  return { ...common, ...rated, kind: source.kind === "inverter" ? "inverter" : "inverter-generator" };
}

const SYMPTOM_DANGERS: Partial<Record<Symptom, Danger>> = {
  "starter-destroyed": "starter-destroyed",
  "compressor-destroyed": "compressor-destroyed",
  "coil-live": "coil-destroyed",
  "short-circuit": "short-circuit",
};

/** Whether a source is too weak, or saves too much, to learn on: it cannot supply the first starts at their first limit. */
function isWeak(source: PracticeSource, lockedRotorA: number): boolean {
  if (source.kind === "shore") return false;
  return source.eco === true || (source.surgeW ?? 0) / source.volts < lockedRotorA / 2;
}

/** What the compressor does when its contact closes now. */
export function startNow(bench: Bench, fed: PracticeSource): StartNow {
  const wired = wiredNow(bench, { radS: 0, starterOn: true });
  const starter = bench.netlist.parts.some((p) => p.kind === "starter");
  const faults = starter ? checkWiring(bench.netlist) : [];
  const symptom = faults?.[0]?.symptom;
  const code = symptom === undefined ? undefined : SYMPTOM_DANGERS[symptom];
  if (code !== undefined) return { kind: "danger", code };
  if (symptom === "no-start") return { kind: "none" };
  const learns = bench.learned < P.learnsIn.value;
  if (starter && symptom === undefined && learns && isWeak(fed, bench.made.lockedRotorA))
    return { kind: "danger", code: "learned-on-weak" };
  const still = windingAmps(wired, 0);
  if (still.mainV < FED_V && still.auxiliaryV < FED_V) return { kind: "none" };
  if (wiredAsMade(wired, still)) return asMade(bench, fed, starter && symptom === undefined);
  return byCircuit(bench, wired);
}

/** Whether both windings carry at standstill what they are made to carry on these volts. */
function wiredAsMade({ motor, sections, netlist }: Wired, { main, auxiliary, mainV, auxiliaryV }: ReturnType<typeof windingAmps>): boolean {
  const run = sections.find(({ b }) => b === runCapacitorAt(netlist, "HERM"));
  if (run === undefined) return false;
  const ideal = steadyState(motor, Math.max(mainV, auxiliaryV), 0, { capacitanceF: run.farad });
  const near = (got: Complex, made: Complex): boolean => Math.abs(modulus(got) / modulus(made) - 1) < AS_MADE;
  return near(main, ideal.mainA) && modulus(auxiliary) > (1 - AS_MADE) * modulus(ideal.auxiliaryA);
}

/** A start of a unit that is wired as it is made: by the study in time, on this source, with what its capacitors have. */
function asMade(bench: Bench, fed: PracticeSource, soft: boolean): StartNow {
  const { given } = bench.made;
  const run = sectionsNow(bench).find(({ b }) => b === runCapacitorAt(bench.netlist, "HERM"));
  const aided = bench.netlist.parts.filter((p) =>
    bench.netlist.conductors.some((c) => c.ends.some((e) => e?.startsWith(`${p.id}.`) === true)),
  );
  const kinds = new Set(aided.map((p) => p.kind));
  const aid = kinds.has("start-capacitor") || kinds.has("hard-start");
  const startAid = !aid ? "none" : kinds.has("potential-relay") ? "relay" : "ptc";
  const unit = {
    ...given.unit,
    startAid,
    startAidF: aid ? given.unit.startAidF || P.startF.value : 0,
    seenToStart: false,
    motor: bench.made.motor,
    load: { ratedNm: bench.made.load.ratedNm },
    ...(run !== undefined && { runCapacitorF: quantity(run.farad, "measured") }),
  } as const;
  const method: StartCase["method"] = soft ? { kind: "soft", limitA: bench.memory.limitA } : { kind: "as-found" };
  const restS = Math.max(0, bench.nowS - bench.stoppedAtS);
  const ready = prepare({ unit, source: sourceCase(bench, fed), method, backgroundA: 0, outdoorC: OUTDOOR_C, restS, seconds: 3 });
  if (!ready.ok) return { kind: "none" };
  const { input } = ready.value;
  const made = persist(onlyOutcome(input));
  if (isMade(made)) {
    const feed = { capacitanceF: run?.farad ?? bench.made.runF, series: complex(feedOhm(bench)) };
    const state = runningAtTorque(bench.made.motor, fed.volts, bench.made.load.ratedNm * runningShareAt(OUTDOOR_C), feed);
    if (state.ok) return { kind: "turns", afterS: made.trace.startedAtS ?? 1, radS: state.value.shaftW / state.value.torqueNm, input };
  }
  const { tripped } = made.trace;
  if (tripped !== null && tripped.by !== "overload") return { kind: "hums", untilS: bench.nowS + tripped.atS, ends: "trip" };
  return { kind: "hums", untilS: bench.nowS + bench.made.overloadS, ends: "overload" };
}

/** A start of a unit that is wired otherwise: the torque of the circuit as it is, from speed to speed. */
function byCircuit(bench: Bench, wired: Wired): StartNow {
  const { motor, load } = bench.made;
  const top = synchronousRadS(motor);
  const torque = (radS: number): number => {
    const { main, auxiliary } = windingAmps(wired, radS);
    return torqueOfAmps(motor, radS, main, auxiliary);
  };
  const hums: StartNow = { kind: "hums", untilS: bench.nowS + bench.made.overloadS, ends: "overload" };
  if (torque(0) <= loadTorqueNm(load, 0)) return hums;
  let [t, turns] = [0, 0];
  for (let k = 1; k < SPEEDS; k++) {
    const radS = (k / SPEEDS) * top;
    const over = torque(radS) - loadTorqueNm(load, turns);
    if (over <= 0) return radS > 0.8 * top ? { kind: "turns", afterS: t, radS, input: null } : hums;
    const dt = (top / SPEEDS) * (motor.inertiaKgM2 / over);
    t += dt;
    turns += (radS * dt) / (2 * Math.PI);
    if (t > bench.made.overloadS) return hums;
  }
  return { kind: "turns", afterS: t, radS: (1 - 1 / SPEEDS) * top, input: null };
}
