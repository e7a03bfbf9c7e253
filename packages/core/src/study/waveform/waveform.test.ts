import fc from "fast-check";
import FFT from "fft.js";
import { describe, expect, it } from "vitest";
import { lineHzOf, type Recorded, studyWaveform, type WaveformStudy } from "./index.ts";

const HZ = 60;
const W = 2 * Math.PI * HZ;

/** Quiet, then a sine of one size, then of another, at any sampling. */
function steps(sampleHz: number, quietS: number, startS: number, startA: number, runA: number, runS = 1, noiseA = 0): Recorded {
  const count = Math.round((quietS + startS + runS) * sampleHz);
  let seed = 7;
  const noise = (): number => {
    seed = (seed * 1103515245 + 12345) % 2147483648;
    return noiseA * (seed / 1073741824 - 1);
  };
  const amps = Array.from({ length: count }, (_, k) => {
    const t = k / sampleHz - quietS;
    const size = t < 0 ? 0 : t < startS ? startA : runA;
    return Math.SQRT2 * size * Math.sin(W * t) + noise();
  });
  return { amps, volts: null, sampleHz, lineHz: HZ, kind: "instant" };
}

function study(recorded: Recorded): WaveformStudy {
  const done = studyWaveform(recorded);
  if (!done.ok) throw new Error(done.reason);
  return done.value;
}

describe("a recorded start", () => {
  it("gives back the closed forms of a sine: peak, cycle RMS, window, running, time", () => {
    const found = study(steps(4800, 0.25, 0.5, 60, 10));
    expect(found.startS).toBeCloseTo(0.25, 2);
    expect(found.firstHalfCycleA! / (60 * Math.SQRT2)).toBeCloseTo(1, 3);
    expect(found.largestCycleA / 60).toBeCloseTo(1, 2);
    expect(found.inrushA! / 60).toBeCloseTo(1, 2);
    expect(found.runningA! / 10).toBeCloseTo(1, 3);
    expect(Math.abs(found.startTimeS! - 0.5)).toBeLessThan(1.5 / HZ);
  });

  it("agrees with a decaying offset's closed form in the inrush window", () => {
    const tau = 0.03;
    const sampleHz = 24_000;
    const amps = Array.from({ length: 1.2 * sampleHz }, (_, k) => {
      const t = k / sampleHz;
      return t < 0.4 ? 50 * (Math.cos(W * t) - Math.exp(-t / tau)) : 8 * Math.cos(W * t);
    });
    const T = 0.1;
    const s = 1 / tau;
    const cosSquare = T / 2 + Math.sin(2 * W * T) / (4 * W);
    const offset = (tau / 2) * (1 - Math.exp(-2 * T * s));
    const cross = (s * (1 - Math.exp(-s * T) * Math.cos(W * T)) + W * Math.exp(-s * T) * Math.sin(W * T)) / (s * s + W * W);
    const wanted = 50 * Math.sqrt((cosSquare + offset - 2 * cross) / T);
    const found = study({ amps, volts: null, sampleHz, lineHz: HZ, kind: "instant" });
    expect(found.startS).toBe(0);
    expect(Math.abs(found.inrushA! / wanted - 1)).toBeLessThan(0.002);
  });

  it("agrees with an FFT of npm by Parseval: cycle of 128 samples, window of 512", () => {
    const power = (values: readonly number[]): number => {
      const fft = new FFT(values.length);
      const out = fft.createComplexArray();
      fft.realTransform(out, [...values]);
      fft.completeSpectrum(out);
      let sum = 0;
      for (const part of out) sum += part * part;
      return Math.sqrt(sum) / values.length;
    };
    const wave = (sampleHz: number, lineHz: number): number[] =>
      Array.from({ length: 2 * sampleHz }, (_, k) => {
        const t = k / sampleHz;
        const size = t < 0.4 ? 70 * Math.exp(-t) : 9;
        return size * (Math.cos(2 * Math.PI * lineHz * t) + 0.2 * Math.sin(6 * Math.PI * lineHz * t));
      });
    const fine = wave(6400, 50);
    const cycles = study({ amps: fine, volts: null, sampleHz: 6400, lineHz: 50, kind: "instant" }).cycles;
    for (const k of [0, 3, 11, 40]) expect(cycles[k]!.rmsA / power(fine.slice(128 * k, 128 * (k + 1)))).toBeCloseTo(1, 6);
    const coarse = wave(5120, 50);
    const { inrushA } = study({ amps: coarse, volts: null, sampleHz: 5120, lineHz: 50, kind: "instant" });
    expect(inrushA! / power(coarse.slice(0, 512))).toBeCloseTo(1, 6);
  });

  it("reads the dip of the volts against what they were before", () => {
    const base = steps(4800, 0.25, 0.5, 60, 10);
    const volts = Array.from({ length: base.amps.length }, (_, k) => {
      const t = k / 4800 - 0.25;
      return Math.SQRT2 * (t >= 0 && t < 0.5 ? 102 : 121) * Math.sin(W * t);
    });
    const found = study({ ...base, volts });
    expect(found.restV!).toBeCloseTo(121, 0);
    expect(Math.abs(found.lowestV! - 102)).toBeLessThan(0.5);
  });

  it("finds the start under loads that were already on, and under noise", () => {
    const quiet = steps(4800, 0.5, 0.5, 60, 12, 1, 1.5);
    expect(study(quiet).startS).toBeCloseTo(0.5, 1);
    const amps = Array.from({ length: quiet.amps.length }, (_, k) => quiet.amps[k]! + Math.SQRT2 * 8 * Math.sin(W * (k / 4800)));
    expect(study({ ...quiet, amps }).startS).toBeCloseTo(0.5, 1);
  });

  it("reads a meter's log of RMS figures, without claiming peaks it cannot know", () => {
    const amps = [0, 0, 0, 41, 62, 33, 12, 11.8, 11.9, 12, 11.9, 12, 11.8, 11.9];
    const found = study({ amps, volts: null, sampleHz: 4, lineHz: HZ, kind: "rms" });
    expect(found).toMatchObject({ startS: 0.75, firstHalfCycleA: null, inrushA: null, largestCycleA: 62 });
    expect(found.runningA).toBeCloseTo(11.9, 9);
    expect(found.startTimeS).toBeCloseTo(0.75, 9);
  });

  it("does not call the end of a stall running, and refuses what shows no start", () => {
    expect(study(steps(4800, 0.2, 1, 60, 58)).runningA).toBeNull();
    const refuse = (change: Partial<Recorded>) => {
      const done = studyWaveform({ ...steps(4800, 0.25, 0.5, 60, 10), ...change });
      return done.ok ? "ok" : done.reason;
    };
    expect(refuse({ sampleHz: 300 })).toBe("too-slow");
    expect(refuse({ amps: [1, 2, 3] })).toBe("too-short");
    expect(refuse({ amps: new Array(4800).fill(0) })).toBe("no-start");
    expect(refuse({ amps: Array.from({ length: 4800 }, (_, k) => Math.sin((W * k) / 4800)) })).toBe("no-start");
    expect(refuse({ amps: new Array(4800).fill(Number.NaN) })).toBe("not-a-number");
  });

  it("is the same however long it was quiet before, and in proportion to the amps", () => {
    fc.assert(
      fc.property(fc.double({ min: 0.05, max: 2, noNaN: true }), fc.double({ min: 0.1, max: 20, noNaN: true }), (quietS, factor) => {
        const cycles = Math.round(quietS * HZ) / HZ;
        const base = study(steps(4800, 0.1, 0.5, 60, 10));
        const other = study(steps(4800, cycles, 0.5, 60 * factor, 10 * factor));
        expect(other.largestCycleA / factor / base.largestCycleA).toBeCloseTo(1, 2);
        expect(other.runningA! / factor / base.runningA!).toBeCloseTo(1, 6);
        expect(Math.abs(other.startTimeS! - base.startTimeS!)).toBeLessThan(1.1 / HZ);
      }),
      { seed: 14, numRuns: 40 },
    );
  });
});

describe("the line's frequency", () => {
  it.each([50, 60, 58.3])("is read from a record: %d Hz", (hz) => {
    const values = Array.from({ length: 8000 }, (_, k) => 3 + Math.sin((2 * Math.PI * hz * k) / 3200));
    expect(lineHzOf(values, 3200)).toBeCloseTo(hz, 2);
  });

  it("is not guessed where there is none", () => {
    expect(lineHzOf(new Array(1000).fill(1), 3200)).toBeNull();
    expect(lineHzOf([0, 1, 0], 3200)).toBeNull();
  });
});
