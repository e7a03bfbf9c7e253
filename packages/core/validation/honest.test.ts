import { expect, it } from "vitest";
import { honesty } from "./honest.ts";

/** A sample; the bench draws the full sixty at 200 trial runs each. */
const CASES = 16;

it(`of ${CASES} cases given 70 to 90 %, with true units from another prior, 65 to 95 % hold`, () => {
  const { cases, held, given } = honesty(CASES, 60, 5);
  // biome-ignore lint/suspicious/noConsole: the number of cases is to be seen with the result
  console.log(`honest confidence, sample: n ${cases}, given ${(100 * given).toFixed(0)} % on average, held ${held}`);
  expect(cases).toBe(CASES);
  expect(given).toBeGreaterThan(0.7);
  expect(held / cases).toBeGreaterThanOrEqual(0.65);
  expect(held / cases).toBeLessThanOrEqual(0.95);
});
