// biome-ignore-all lint/style/noNonNullAssertion: loops over arrays by index, whose bounds the loop keeps.
import { placesOf } from "../../network/index.ts";
import { complex, invert, subtract } from "../../numeric/index.ts";
import { dcCircuit, type Section, type Wired } from "./circuit.ts";
import { type Drive, type Link, nodeVolts } from "./nodal.ts";
import { PRACTICE_PARAMS as P } from "./params.ts";

/** DC volts of a capacitor, and of what hides in its dielectric. */
interface Charge {
  readonly volts: number;
  readonly hidden: number;
}
export type Charges = ReadonlyMap<string, Charge>;

const FIRST_STEP_S = 1e-4;
const STEP_RATIO = 1.5;
/** A capacitor’s own resistance while its volts are read, ohm. */
const STIFF_OHM = 0.01;

/** Ohms between two nodes with nothing fed and every capacitor open. */
export function ohmsBetween(wired: Wired, from: string, to: string): number {
  if (from === to) return 0;
  const test: Drive = { a: from, b: to, y: complex(1 / P.testOhm.value), volts: complex(1) };
  const volts = nodeVolts(dcCircuit(wired, [], [test]));
  const across = subtract(volts(from), volts(to)).re;
  return (P.testOhm.value * across) / Math.max(1e-18, 1 - across);
}

/** DC volts between two nodes as the capacitors stand charged, with a meter on them. */
export function dcVolts(wired: Wired, charges: Charges, from: string, to: string, meterOhm: number): number {
  const drives = wired.sections.map(
    ({ id, a, b }): Drive => ({ a, b, y: complex(1 / STIFF_OHM), volts: complex(charges.get(id)?.volts ?? 0) }),
  );
  const meter: Link = { a: from, b: to, y: complex(1 / meterOhm) };
  const volts = nodeVolts(dcCircuit(wired, from === to ? [] : [meter], drives));
  return subtract(volts(from), volts(to)).re;
}

/** Resistances that every pair of capacitors sees, ohm: volts across i for one amp out of j. */
function portOhms(wired: Wired, extra: readonly Link[]): number[] {
  const { sections } = wired;
  const leaks = sections.map(({ a, b }): Link => ({ a, b, y: complex(1 / P.leakOhm.value) }));
  const n = sections.length;
  const ohms = new Array<number>(n * n).fill(0);
  const circuit = dcCircuit(wired, [...leaks, ...extra]);
  for (const [j, { a, b }] of sections.entries()) {
    const test: Drive = { a, b, y: complex(1 / P.testOhm.value), volts: complex(1) };
    const volts = nodeVolts({ ...circuit, drives: [test] });
    const across = subtract(volts(a), volts(b)).re;
    const amps = Math.max(1e-18, (1 - across) / P.testOhm.value);
    for (const [i, other] of sections.entries()) ohms[i * n + j] = subtract(volts(other.a), volts(other.b)).re / amps;
  }
  return ohms;
}

/**
 * Charges after some seconds with nothing fed: each capacitor drains through whatever joins its terminals, and what
 * hid in its dielectric comes back. Implicit steps that grow, so that a millisecond and an hour take as long.
 */
export function drained(
  wired: Wired,
  charges: Charges,
  seconds: number,
  share: (id: string) => number,
  extra: readonly Link[] = [],
): Charges {
  const { sections } = wired;
  const n = sections.length;
  if (n === 0 || seconds <= 0 || sections.every(({ id }) => isEmpty(charges.get(id)))) return charges;
  const out = invert(portOhms(wired, extra), n);
  const size = 2 * n;
  let state = Float64Array.from(sections.flatMap(({ id }) => [charges.get(id)?.volts ?? 0, charges.get(id)?.hidden ?? 0]));
  let [t, step] = [0, FIRST_STEP_S];
  while (t < seconds) {
    const dt = Math.min(step, seconds - t);
    const matrix = new Array<number>(size * size).fill(0);
    for (const [i, { id, farad }] of sections.entries()) {
      const rate = 1 / P.absorbedS.value;
      const k = share(id);
      const row = 2 * i;
      for (let j = 0; j < n; j++) matrix[row * size + 2 * j]! += (dt * out[i * n + j]!) / farad;
      matrix[row * size + row]! += 1 + dt * k * rate;
      matrix[row * size + row + 1]! -= dt * k * rate;
      matrix[(row + 1) * size + row + 1]! += 1 + dt * rate;
      matrix[(row + 1) * size + row]! -= dt * rate;
    }
    const back = invert(matrix, size);
    const next = new Float64Array(size);
    for (let r = 0; r < size; r++) for (let c = 0; c < size; c++) next[r]! += back[r * size + c]! * state[c]!;
    state = next;
    t += dt;
    step *= STEP_RATIO;
  }
  return new Map(sections.map(({ id }, i) => [id, { volts: state[2 * i]!, hidden: state[2 * i + 1]! }]));
}

const isEmpty = (charge: Charge | undefined): boolean =>
  charge === undefined || (Math.abs(charge.volts) < 1e-3 && Math.abs(charge.hidden) < 1e-3);

/** Charges at the moment the supply goes: the wave of each capacitor’s volts at a phase, and the dielectric as long charged. */
export function chargesAt(sections: readonly Section[], rms: (section: Section) => number, phase: (id: string) => number): Charges {
  return new Map(
    sections.map((section) => {
      const volts = Math.SQRT2 * rms(section) * Math.sin(phase(section.id));
      return [section.id, { volts, hidden: volts }];
    }),
  );
}

/** Largest DC volts across a capacitor that one gets at on this terminal. */
export function chargeOn({ netlist, sections }: Pick<Wired, "netlist" | "sections">, charges: Charges, at: string): number {
  const here = sections.filter(({ a, b }) => [a, b].some((end) => end === at || placesOf(netlist, end).includes(at)));
  return Math.max(0, ...here.map(({ id }) => Math.abs(charges.get(id)?.volts ?? 0)));
}
