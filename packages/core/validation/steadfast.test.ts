import { expect, it } from "vitest";
import { blankFan, movedBySeconds } from "./steadfast.ts";

/** Samples; the bench asks of 500 cases, and of 100 with 100 tries each. */
it("is judged alike whether 2, 2.5, 3, 4 or 6 s of the start are shown", () => {
  const { studied, moved } = movedBySeconds(60, 3);
  expect(studied).toBeGreaterThan(45);
  expect(moved).toEqual([]);
});

it("says the same with the fan left blank as with the usual fan typed, in 95 of 100 cases", () => {
  const { cases, same } = blankFan(20, 60, 5);
  expect(cases).toBe(20);
  expect(same).toBeGreaterThanOrEqual(19);
});
