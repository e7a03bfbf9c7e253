import { describe, expect, it } from "vitest";
import { KeptAnswers } from "./kept-answers.ts";

describe("answers that are kept", () => {
  it("forget the one that was asked for longest ago", () => {
    const kept = new KeptAnswers<number>(2);
    kept.set("a", 1);
    kept.set("b", 2);
    expect(kept.get("a")).toBe(1);
    kept.set("c", 3);
    expect([kept.get("a"), kept.get("b"), kept.get("c")]).toEqual([1, undefined, 3]);
  });
});
