import { Solver } from "odex";
import { describe, expect, it } from "vitest";
import { HARD_START_PARAMS, PtcEquations, ptcAtRestC } from "../src/device/hard-start/index.ts";
import { ownCapacitanceF } from "../src/device/soft-starter/index.ts";
import { studyStart } from "../src/study/motor-start/index.ts";
import { generatorStart, ROOFTOP } from "./plates.ts";

/** A start winding at standstill with its capacitors, driven from a stiff line: ohm, henry, farad, kelvin. */
const WINDING = { ohm: 4.5, henry: 0.006, volts: 115, hz: 60, runF: 45e-6, startF: 150e-6 };
const PTC = { coldOhm: 15, heatJPerK: 3, startC: 35, startCapacitorF: WINDING.startF };
const { switchC, steepK, hotOhm } = HARD_START_PARAMS;

/** Temperature of the PTC by the exact circuit: both capacitors' volts and the winding's current, solved by ODEX. */
function exactC(seconds: number): number {
  const ohmAt = (celsius: number): number =>
    celsius <= switchC.value ? PTC.coldOhm : Math.min(hotOhm.value, PTC.coldOhm * Math.exp((celsius - switchC.value) / steepK.value));
  const solver = new Solver(4);
  solver.absoluteTolerance = solver.relativeTolerance = 1e-7;
  solver.maxSteps = 1e6;
  const rates = (t: number, y: number[]): number[] => {
    const [amps, runV, startV, celsius] = y as [number, number, number, number];
    const line = Math.SQRT2 * WINDING.volts * Math.sin(2 * Math.PI * WINDING.hz * t);
    const ohm = ohmAt(celsius);
    const through = (runV - startV) / ohm;
    return [
      (line - WINDING.ohm * amps - runV) / WINDING.henry,
      (amps - through) / WINDING.runF,
      through / WINDING.startF,
      (through * through * ohm) / PTC.heatJPerK,
    ];
  };
  return solver.solve(rates, 0, [0, 0, 0, PTC.startC], seconds).y[3]!;
}

/** The same by the product's PTC, fed with the winding's current by phasors half cycle by half cycle. */
function oursC(seconds: number): { readonly celsius: number; readonly outAtS: number | null } {
  const ptc = new PtcEquations(PTC, WINDING.runF, WINDING.hz);
  const w = 2 * Math.PI * WINDING.hz;
  const half = 0.5 / WINDING.hz;
  let outAtS: number | null = null;
  for (let t = half; t <= seconds + 1e-9; t += half) {
    const { ohm, farad } = ptc.branch();
    const amps = WINDING.volts / Math.hypot(WINDING.ohm + ohm, w * WINDING.henry - 1 / (w * farad));
    ptc.heat(amps, half);
    if (outAtS === null && !ptc.inCircuit) outAtS = t;
  }
  const over = Math.log(Math.max(1, ptc.ohm / PTC.coldOhm)) * steepK.value;
  return { celsius: over > 0 ? switchC.value + over : Number.NaN, outAtS };
}

describe("a PTC beside its capacitors", () => {
  it("warms as the exact circuit does, solved by ODEX, and drops out at the same moment within a tenth", () => {
    const { outAtS } = oursC(3);
    expect(outAtS).not.toBeNull();
    const outC = switchC.value + steepK.value * Math.log(HARD_START_PARAMS.outOhm.value / PTC.coldOhm);
    expect(exactC(0.9 * outAtS!)).toBeLessThan(outC);
    expect(exactC(1.1 * outAtS!)).toBeGreaterThan(outC - 1);
  });

  it("is still hot on a retry within minutes and gives no aid then; by hand: three minutes at 75 s leave 9 % of the heat", () => {
    const hot = ptcAtRestC(35, 0, 75);
    expect((ptcAtRestC(35, 180, 75) - 35) / (hot - 35)).toBeCloseTo(Math.exp(-180 / 75), 9);
    const warm = new PtcEquations({ ...PTC, startC: ptcAtRestC(35, 20, 75) }, WINDING.runF, 60);
    expect(warm.inCircuit).toBe(true);
    expect(new PtcEquations({ ...PTC, startC: hot }, WINDING.runF, 60).inCircuit).toBe(false);
  });
});

describe("a starter's own capacitor goes with locked rotor amps", () => {
  it("by hand: 63 A at 115 V are 151 µF, 117 A at 230 V are 117 µF, 21 A are 21 µF and not 120", () => {
    expect(1e6 * ownCapacitanceF(115, 63)).toBeCloseTo(151.2, 6);
    expect(1e6 * ownCapacitanceF(230, 117)).toBeCloseTo(117, 6);
    expect(1e6 * ownCapacitanceF(230, 21)).toBeCloseTo(21, 6);
  });
});

describe("rest", () => {
  it("a unit that rested half a minute does not start where a rested one does", () => {
    const after = (restS: number): string => {
      const study = studyStart({ ...generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700), restS });
      return study.ok ? study.value.result.status : study.reason;
    };
    expect(after(300)).toBe("started");
    expect(after(10)).not.toBe("started");
  });
});
