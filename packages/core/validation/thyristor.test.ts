import { describe, expect, it } from "vitest";
import { SOFT_STARTER_PARAMS as P } from "../src/device/soft-starter/index.ts";
import { type MotorStartInput, prepare, simulate, type UnitCase } from "../src/study/motor-start/index.ts";
import { CONDENSER, ROOFTOP, stiffStart } from "./plates.ts";

const RAD = Math.PI / 180;
const OFF_OHM = 20_000;
const ON_OHM = 0.001;
const STEP_S = 10e-6;

/**
 * A second model of a start with thyristors, written apart: the switch is a resistance (1 mΩ fired,
 * 20 kΩ blocking), so the winding is never taken out of the equations; the auxiliary is kept on its own
 * side; the trapezoidal rule on a linear system at each step, speed frozen within it; events on the grid of
 * 10 µs. The regulator is written anew from its description and its table.
 */
function secondModel(input: MotorStartInput, seconds: number) {
  const { motor: m, load, source, method } = input;
  if (method.kind !== "soft" || source.kind !== "circuit") throw new Error("not a thyristor start on a circuit");
  const w0 = 2 * Math.PI * m.hz;
  const n = m.turnsRatio;
  const [lm, l1, l2, la] = [m.xm / w0, m.x1 / w0, m.x2 / w0, m.xa / w0];
  const pairs = m.poles / 2;
  const top = w0 / pairs;
  const { seriesOhm: rs, seriesH: ls } = source;
  const mass = [
    [l1 + lm + ls, ls, lm, 0, 0],
    [ls, la + n * n * lm + ls, 0, n * lm, 0],
    [lm, 0, l2 + lm, 0, 0],
    [0, n * lm, 0, l2 + lm, 0],
    [0, 0, 0, 0, 0],
  ];
  let x = [0, 0, 0, 0, 0];
  let radS = 0;
  let revs = 0;
  let farad = input.runCapacitorF + method.startCapacitorF;
  let alpha = P.firstAngleDeg.value * RAD;
  let fired = false;
  let bypassed = false;
  let lastA = 0;
  let square = 0;
  let cycleSquare = 0;
  let blocked = 0;
  let halfCycles = 0;
  const cycles: number[] = [];
  let startS: number | null = null;
  const perHalf = Math.round(0.5 / m.hz / STEP_S);
  const h = 0.5 / m.hz / perHalf;
  for (let k = 0; k < seconds / h; k++) {
    const t = k * h;
    const into = (w0 * t) % Math.PI;
    if (!fired && into >= alpha) fired = true;
    const closed = bypassed || fired;
    const wr = pairs * radS;
    const resistance = [
      [m.r1 + rs + (closed ? ON_OHM : OFF_OHM), rs, 0, 0, 0],
      [rs, m.ra + rs, 0, 0, 1],
      [0, -wr * n * lm, m.r2, -wr * (l2 + lm), 0],
      [wr * lm, 0, wr * (l2 + lm), m.r2, 0],
      [0, -1 / farad, 0, 0, 0],
    ];
    mass[4]![4] = 1;
    const volts = Math.SQRT2 * source.volts * 0.5 * (Math.sin(w0 * t) + Math.sin(w0 * (t + h)));
    const right = mass.map((row, i) => {
      const kept = row.reduce((sum, l, j) => sum + l * x[j]!, 0);
      const lost = resistance[i]!.reduce((sum, r, j) => sum + r * x[j]!, 0);
      return kept - (h / 2) * lost + h * (i < 2 ? volts : 0);
    });
    const before = x[0]!;
    x = solve(
      mass.map((row, i) => row.map((l, j) => l + (h / 2) * resistance[i]![j]!)),
      right,
    );
    if (closed && !bypassed && before !== 0 && before > 0 !== x[0]! > 0 && into < alpha) fired = false;
    if (!closed) blocked += h;
    const torque = pairs * lm * (x[0]! * x[3]! - n * x[1]! * x[2]!);
    const asked = load.ratedNm * (load.breakaway + load.build * Math.min(1, revs / load.buildRevs));
    radS = Math.max(0, radS + (h * (torque - asked)) / m.inertiaKgM2);
    revs += (h * radS) / (2 * Math.PI);
    if (startS === null && radS >= 0.9 * top) startS = t;
    if (farad > input.runCapacitorF && radS >= P.capacitorOutShare.value * top) farad = input.runCapacitorF;
    square += h * (x[0]! + x[1]!) ** 2;
    if ((k + 1) % perHalf !== 0) continue;
    const rmsA = Math.sqrt((square * 2 * m.hz) as number);
    cycleSquare += square;
    square = 0;
    halfCycles += 1;
    if (halfCycles % 2 === 0) {
      cycles.push(Math.sqrt(cycleSquare * m.hz));
      cycleSquare = 0;
    }
    const cut = (Math.PI / 2) * (1 + Math.min(1, blocked * 2 * m.hz));
    blocked = 0;
    const share = (2 / Math.PI) * ((Math.PI - cut) * (2 + Math.cos(2 * cut)) + 1.5 * Math.sin(2 * cut));
    if (radS >= P.bypassShare.value * top && rmsA / Math.sqrt(share) <= method.limitA * (1 + P.bypassStep.value)) bypassed = true;
    const error = (rmsA + P.damping.value * (rmsA - lastA)) / method.limitA - 1;
    alpha = Math.max(
      0,
      Math.min(
        P.lastAngleDeg.value * RAD,
        alpha + RAD * Math.max(-P.openMaxDeg.value, Math.min(P.closeMaxDeg.value, P.gainDeg.value * error)),
      ),
    );
    lastA = rmsA;
  }
  return { peakA: Math.max(...cycles), startS };
}

function solve(matrix: number[][], right: number[]): number[] {
  const a = matrix.map((row, i) => [...row, right[i]!]);
  const n = right.length;
  for (let c = 0; c < n; c++) {
    let p = c;
    for (let r = c + 1; r < n; r++) if (Math.abs(a[r]![c]!) > Math.abs(a[p]![c]!)) p = r;
    [a[c], a[p]] = [a[p]!, a[c]!];
    for (let r = 0; r < n; r++) {
      if (r === c) continue;
      const f = a[r]![c]! / a[c]![c]!;
      for (let j = c; j <= n; j++) a[r]![j]! -= f * a[c]![j]!;
    }
  }
  return a.map((row, i) => row[n]! / row[i]!);
}

describe("a thyristor start against a second model, within 3 % on peak and start time", () => {
  const cases: [string, UnitCase, number][] = [
    ["13,500 BTU/h at 22 A", { ...ROOFTOP, fanA: { ...ROOFTOP.fanA!, value: 0 } }, 22],
    ["48,000 BTU/h at 36 A", CONDENSER, 36],
  ];
  it.each(cases)("%s", (_name, unit, limitA) => {
    const prepared = prepare(stiffStart(unit, { kind: "soft", limitA }));
    if (!prepared.ok) throw new Error(prepared.reason);
    const { input } = prepared.value;
    const theirs = secondModel(input, 1.4);
    const trace = simulate({ ...input, seconds: 1.4 });
    const ours: number[] = [];
    for (let j = 0; j + 1 < trace.halfCycles; j += 2) ours.push(Math.sqrt((trace.meter.rmsA[j]! ** 2 + trace.meter.rmsA[j + 1]! ** 2) / 2));
    const reached =
      (trace.meter.radS.findIndex((w) => w >= (0.9 * 4 * Math.PI * input.motor.hz) / input.motor.poles) + 1) * trace.halfCycleS;
    expect(theirs.startS).not.toBeNull();
    expect(Math.abs(Math.max(...ours) / theirs.peakA - 1)).toBeLessThan(0.03);
    expect(Math.abs(reached / theirs.startS! - 1)).toBeLessThan(0.03);
  });
});
