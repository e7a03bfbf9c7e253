import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { toneIn } from "./hum.ts";

const SAMPLE_HZ = 2000;

/** The level of a tone under one raised cosine, each sample's angle worked out by itself, dB. */
function levelBySample(samples: Float32Array, hz: number): number {
  const [real, imaginary] = [Math.cos, Math.sin].map((wave) =>
    samples.reduce((sum, value, i) => {
      const weight = (1 - Math.cos((2 * Math.PI * (i + 0.5)) / samples.length)) / samples.length;
      return sum + value * weight * wave((2 * Math.PI * hz * i) / SAMPLE_HZ);
    }, 0),
  );
  return 10 * Math.log10(real! ** 2 + imaginary! ** 2 + 1e-14);
}

describe("a tone in a stretch of a sound", () => {
  it("is as loud as angle by angle, however long the stretch", () => {
    const stretch = fc.record({ size: fc.integer({ min: 200, max: 9000 }), hz: fc.double({ min: 20, max: 400, noNaN: true }) });
    fc.assert(
      fc.property(stretch, fc.double({ min: 0, max: 6, noNaN: true }), ({ size, hz }, phase) => {
        const samples = Float32Array.from(
          { length: size },
          (_, i) => 0.3 * Math.sin((2 * Math.PI * hz * i) / SAMPLE_HZ + phase) + 0.01 * Math.sin(i * i),
        );
        expect(toneIn({ samples, sampleHz: SAMPLE_HZ }, hz, 0, size / SAMPLE_HZ).levelDb).toBeCloseTo(levelBySample(samples, hz), 7);
      }),
      { numRuns: 60 },
    );
  });
});
