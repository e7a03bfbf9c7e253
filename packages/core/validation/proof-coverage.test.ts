import { describe, expect, it } from "vitest";
import { drawJobs, proofCoverage } from "./second-model/readings.ts";

/** A sample; the bench says it of 40 jobs, all kinds and 30 readings of each. */
const JOBS = drawJobs(5, 5);

describe("the range that a proof gives, over jobs whose starts another solver made", () => {
  it.each(["inrush", "max-hold"] as const)(
    "holds about 95 times in 100 for 1, 2, 3 and 5 readings of %s, a tenth of them gross",
    (kind) => {
      for (const { cases, held, less, halfWidth } of proofCoverage(JOBS, kind, [1, 2, 3, 5], 24, 9)) {
        expect(cases).toBeGreaterThan(100);
        expect(held).toBeGreaterThan(0.9);
        expect(halfWidth).toBeLessThan(0.15);
        expect(less).toBeLessThan(0.03);
      }
    },
  );
});
