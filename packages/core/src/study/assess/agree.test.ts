import { describe, expect, it } from "vitest";
import { manyCases } from "../../../validation/cases.ts";
import { mapAxis, mapOf, reachOf } from "../boundary/index.ts";
import { type Confidence, Members, summarise, TRIES_SEED, tryBatch } from "../confidence/index.ts";
import { type StartCase, studyStart } from "../motor-start/index.ts";
import { assessRemedy, studyRemedies, USUAL_PRICES } from "../remedy/index.ts";
import { budgetSourceOf, studyTogether } from "../together/index.ts";
import { ASSESS_PARAMS, type Assessment, assess, fitOfShare } from "./index.ts";

const N = ASSESS_PARAMS.triesToSay.value;

interface Asked {
  readonly given: StartCase;
  readonly members: Members;
  readonly tries: Confidence;
  readonly assessment: Assessment;
}

/** Cases of every kind that have an answer, tried. */
const ASKED: readonly Asked[] = manyCases(12, 11).flatMap((drawn) => {
  const given = { ...drawn, backgroundA: drawn.backgroundA ?? 0 };
  const members = new Members(given.unit, TRIES_SEED);
  const tried = tryBatch(given, TRIES_SEED, 0, N, members);
  const study = studyStart(given);
  if (!tried.ok || !study.ok) return [];
  const tries = summarise([tried.value]);
  return tries.trials < N ? [] : [{ given, members, tries, assessment: assess(study.value.result, tries) }];
});

describe("one case, whoever asks", () => {
  it("is judged by its tries, capped by a rule and by nothing else", () => {
    expect(ASKED.length).toBeGreaterThan(8);
    for (const { tries, assessment } of ASKED) {
      const byTries = fitOfShare(tries.holds / tries.trials);
      expect(assessment.fit).toBe(assessment.capped ? "just-fits" : byTries);
      if (assessment.capped) expect(byTries).toBe("fits");
    }
    expect(new Set(ASKED.map((a) => a.assessment.fit)).size).toBe(3);
  });

  it("counts the same starts and the same runs on the map, and as many members reach its own weather", () => {
    for (const { given, members, tries } of ASKED) {
      const up =
        mapAxis(given) === "altitude" ? ("altitudeM" in given.source ? (given.source.altitudeM ?? 0) : 0) : (given.backgroundA ?? 0);
      const [[cell]] = mapOf(given, [given.outdoorC], [up], members, TRIES_SEED, 0, N) as [[{ of: number; starts: number; holds: number }]];
      expect(cell).toEqual({ of: tries.trials, starts: tries.starts, holds: tries.holds });
      const reaches = reachOf(given, members, TRIES_SEED, 0, N);
      const reach = reaches.filter((r) => r.hottestC !== null && r.hottestC >= given.outdoorC).length;
      expect(Math.abs(reach - tries.holds)).toBeLessThanOrEqual(1);
    }
  });

  it("is the same among the remedies", () => {
    for (const { given, tries, assessment } of ASKED) {
      const prices = USUAL_PRICES;
      const own = { as: "as-is", direct: null, hard: "hard", soft: "soft" }[given.method.kind === "as-found" ? "as" : given.method.kind];
      if (own === null) continue;
      const found = studyRemedies(given, { others: [], starters: [], prices, service: { startAid: false, runCapacitorF: null } });
      const remedy = found.find((r) => r.code === own)!;
      const again = tryBatch(remedy.given, TRIES_SEED, 0, N);
      if (!again.ok) throw new Error(again.reason);
      expect(assessRemedy(remedy, summarise([again.value])).assessment).toEqual({ ...assessment, tries: { ...tries } });
    }
  });

  it("is the same alone in what can run together", () => {
    for (const { given, assessment } of ASKED) {
      const volts = given.source.volts.value;
      const source = budgetSourceOf(given.source, given.outdoorC, 60, 1, volts);
      if (source === null) continue;
      const load = given.backgroundA ?? 0;
      const study = studyTogether({
        source,
        units: [{ id: "u", given: { ...given, backgroundA: 0 }, unlearned: false, leg: 1, priority: 1 }],
        loads: load === 0 ? [] : [{ id: "rest", runA: load, leg: 1, priority: 2 }],
      });
      const alone = study.starts.find((s) => s.id === "u");
      if (study.budget.shed.length === 0) expect(alone!.assessment).toEqual(assessment);
      expect(study.fit).toBe(assessment.fit);
    }
  });
});
