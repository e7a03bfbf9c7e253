import { Solver } from "odex";
import { describe, expect, it } from "vitest";
import { GENERATOR_PARAMS as SET } from "../src/device/generator/index.ts";
import { prepare, simulate } from "../src/study/motor-start/index.ts";
import { CONDENSER, ROOFTOP, setStart } from "./plates.ts";

/**
 * A second model of a start on a conventional set, written apart: flux linkages in place of currents,
 * the auxiliary on its own side, field, engine, speed and phase as continuous states, volts and watts
 * seen through a filter of half a cycle, solved by ODEX. What may differ is when the set looks, not
 * what it is.
 */
function secondModel(unit: typeof ROOFTOP, runningW: number, surgeW: number, capacitorF: number, seconds: number) {
  const prepared = prepare(setStart(unit, { kind: "direct" }, runningW, surgeW));
  if (!prepared.ok) throw new Error(prepared.reason);
  const { input } = prepared.value;
  const { motor: m, load, source } = input;
  if (source.kind !== "alternator") throw new Error("not a set");
  const w0 = 2 * Math.PI * m.hz;
  const n = m.turnsRatio;
  const [lm, l1, l2, la] = [m.xm / w0, m.x1 / w0, m.x2 / w0, m.xa / w0];
  const pairs = m.poles / 2;
  const { seriesOhm: rs, seriesH: ls } = source;
  const filter = 0.25 / m.hz;
  /** Currents main, auxiliary (own side), rotor q, rotor d from flux linkages, source inductance inside. */
  const currents = (f: readonly number[]): [number, number, number, number] => {
    const a = [
      [l1 + lm + ls, ls, lm, 0],
      [ls, la + n * n * lm + ls, 0, n * lm],
      [lm, 0, l2 + lm, 0],
      [0, n * lm, 0, l2 + lm],
    ].map((row, i) => [...row, f[i]!]);
    for (let c = 0; c < 4; c++) {
      for (let r = 0; r < 4; r++) {
        if (r === c) continue;
        const k = a[r]![c]! / a[c]![c]!;
        for (let j = c; j < 5; j++) a[r]![j]! -= k * a[c]![j]!;
      }
    }
    return [0, 1, 2, 3].map((i) => a[i]![4]! / a[i]![i]!) as [number, number, number, number];
  };
  const f = (_t: number, y: number[]): number[] => {
    const [fq, fa, fqr, fdr, vc, radS, revs, field, engine, speed, phase, v2, watts] = y as [
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
      number,
    ];
    const [im, ia, iqr, idr] = currents([fq, fa, fqr, fdr]);
    const emf = Math.SQRT2 * source.volts * field * speed * Math.sin(phase);
    const line = im + ia;
    const loop = emf - rs * line;
    const dfq = loop - m.r1 * im;
    const dfa = loop - vc - m.ra * ia;
    const dfqr = -m.r2 * iqr + pairs * radS * (n * lm * ia + (l2 + lm) * idr);
    const dfdr = -m.r2 * idr - pairs * radS * (lm * im + (l2 + lm) * iqr);
    const di = currents([dfq, dfa, dfqr, dfdr]);
    const unitV = loop - ls * (di[0] + di[1]);
    const torque = pairs * lm * (im * idr - n * ia * iqr);
    const asked = load.ratedNm * (load.breakaway + load.build * Math.min(1, revs / load.buildRevs));
    const seenV = Math.sqrt(Math.max(0, v2));
    const ceiling = Math.max(0, Math.min(source.fieldCeilingPu, field + SET.regulatorGain.value * (1 - seenV / source.volts)));
    const governor = Math.max(0, Math.min(surgeW / runningW, (1 - speed) / SET.droop.value));
    const taken = (watts + rs * line * line) / runningW;
    return [
      dfq,
      dfa,
      dfqr,
      dfdr,
      ia / capacitorF,
      radS <= 0 && torque < asked ? 0 : (torque - asked) / m.inertiaKgM2,
      radS / (2 * Math.PI),
      (ceiling - field) / source.avrTimeConstantS,
      (governor - engine) / source.governorTimeConstantS,
      (engine * speed - taken) / (2 * source.inertiaConstantS * speed),
      w0 * speed,
      (unitV * unitV - v2) / filter,
      (unitV * line - watts) / filter,
    ];
  };
  const solver = new Solver(13);
  solver.absoluteTolerance = 1e-6;
  solver.relativeTolerance = 1e-6;
  solver.maxSteps = 10_000_000;
  let y = [0, 0, 0, 0, 0, 0, 0, 1, 0, 1, 0, source.volts ** 2, 0];
  const cycles: number[] = [];
  const steps = 40;
  let startS: number | null = null;
  for (let k = 0; k < seconds * m.hz; k++) {
    let square = 0;
    for (let s = 0; s < steps; s++) {
      const t = (k + s / steps) / m.hz;
      const [im, ia] = currents(y.slice(0, 4));
      square += (im + ia) ** 2 / steps;
      y = solver.solve(f, t, y, t + 1 / m.hz / steps).y;
      if (startS === null && y[5]! >= (0.9 * 2 * w0) / m.poles) startS = t;
    }
    cycles.push(Math.sqrt(square));
  }
  const ours = simulate({ ...input, runCapacitorF: capacitorF, seconds });
  const rms: number[] = [];
  for (let j = 0; j + 1 < ours.halfCycles; j += 2) rms.push(Math.sqrt((ours.meter.rmsA[j]! ** 2 + ours.meter.rmsA[j + 1]! ** 2) / 2));
  const reached = ours.meter.radS.findIndex((w) => w >= (0.9 * 2 * w0) / m.poles);
  return {
    theirs: { peakA: Math.max(...cycles), startS, speed: y[9]! },
    ours: { peakA: Math.max(...rms), startS: (reached + 1) * ours.halfCycleS, lowestSpeed: ours.lowestSpeed },
  };
}

describe("a start on a conventional set against a second model, within 3 % on peak and start time", () => {
  it.each([
    ["rooftop on 4,000 W", { ...ROOFTOP, fanA: { ...ROOFTOP.fanA!, value: 0 } }, 4000, 5000, 45e-6],
    ["condenser on 9,000 W", CONDENSER, 9000, 11250, 70e-6],
  ])("%s, direct", (_name, unit, runningW, surgeW, capacitorF) => {
    const { theirs, ours } = secondModel(unit, runningW, surgeW, capacitorF, 1);
    expect(theirs.startS).not.toBeNull();
    expect(Math.abs(ours.peakA / theirs.peakA - 1)).toBeLessThan(0.03);
    expect(Math.abs(ours.startS / theirs.startS! - 1)).toBeLessThan(0.03);
  });
});
