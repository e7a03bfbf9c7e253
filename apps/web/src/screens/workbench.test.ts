import { conditionsOf, startCase } from "@amp-saver/cases";
import { FIGURES, type FigureName, readTyped, shownAs, typedText } from "@amp-saver/core/figure";
import { summarise, tryBatch } from "@amp-saver/core/study/confidence";
import { studyStart } from "@amp-saver/core/study/motor-start";
import { CORE_VERSION } from "@amp-saver/core/version";
import { type AirConditioner, type Job, METHODS, newGenerator, type Reading, type Rig, type Source } from "@amp-saver/records";
import { demoRecords } from "@amp-saver/records/demo";
import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { answerSentence } from "../words/answer.ts";
import { ASSUMED_WORDS } from "../words/check.ts";
import { findingSentence } from "../words/findings.ts";
import { answerStale } from "./answer-age.ts";
import { checkView, pictureOfStudy } from "./check/check.view.ts";
import { checkInput } from "./check/check-input.ts";
import { proveView } from "./prove/prove.view.ts";
import { surveyState } from "./survey/survey.view.ts";

const records = demoRecords();
const find = <T>(id: string): T => records.find((r) => r.id === id) as T;
const rig = find<Rig>("demo-tin-lantern");
const unit = find<AirConditioner>("demo-front");
const job = find<Job>("demo-front-job");
const sources = records.filter((r): r is Source => r.kind === "source" && r.rigId === rig.id);
const readings = records.filter((r): r is Reading => r.kind === "reading" && r.unitId === "demo-front");

describe("figures as people type them", () => {
  it.each([
    ["13.2", 13.2],
    ["13,2", 13.2],
    [" 13.2 A ", 13.2],
    ["1,000", 1000],
  ])("reads %j as amps", (text, value) => {
    const typed = readTyped("readingA", "us", text);
    expect(typed.ok && typed.value).toBeCloseTo(value, 9);
  });

  it.each(["", "abc", "-4", "1e9", "12 or 13", "NaN", "Infinity"])("refuses %j with its limits", (text) => {
    expect(readTyped("lockedRotorA", "us", text)).toEqual({ ok: false, limits: "2.0 to 1,000 A" });
  });

  it("reads a typed figure back to the same text, in every unit, anywhere in its bounds", () => {
    const names = Object.keys(FIGURES) as FigureName[];
    fc.assert(
      fc.property(
        fc.constantFrom(...names),
        fc.constantFrom("us" as const, "si" as const),
        fc.double({ min: 0, max: 1, noNaN: true }),
        (name, measure, share) => {
          const { min, max } = FIGURES[name];
          const { decimals, fromSi, toSi } = shownAs(name, measure);
          const inside = toSi(Number(fromSi(min + share * (max - min)).toFixed(decimals)));
          if (inside < min || inside > max) return;
          const text = typedText(name, measure, inside);
          const typed = readTyped(name, measure, text);
          expect(typed.ok && typedText(name, measure, typed.value)).toBe(text);
        },
      ),
      { seed: 31 },
    );
  });
});

describe("from records to an answer", () => {
  it("says what is missing before it says anything else", () => {
    const conditions = conditionsOf(rig, job, []);
    const { lockedRotorA: _l, ratedLoadA: _r, coolingW, ...bare } = unit;
    expect(startCase({ ...bare, ...(coolingW && { coolingW }) }, sources[0], "soft", conditions).ok).toBe(true);
    expect(startCase(bare, sources[0], "soft", conditions)).toEqual({ ok: false, missing: "plate-amps" });
    expect(startCase(unit, undefined, "soft", conditions)).toEqual({ ok: false, missing: "source" });
    const empty = newGenerator({ id: sources[0]!.id, now: job.createdAt }, rig.id, "new");
    expect(startCase(unit, empty, "soft", conditions)).toEqual({ ok: false, missing: "generator-watts" });
    expect(surveyState(bare, undefined).code).toBe("missingBoth");
    expect(surveyState(unit, empty).code).toBe("missingWatts");
    expect(surveyState(unit, sources[0])).toMatchObject({ code: "enough" });
  });

  it("takes a job's own weather over the rig's", () => {
    expect(conditionsOf(rig, { ...job, outdoorC: 40 }, []).outdoorC).toBe(40);
    expect(conditionsOf(rig, { ...job, outdoorC: null }, []).outdoorC).toBe(rig.hottestC.value);
  });

  it("asks one question for every source and every way, in order", () => {
    const input = checkInput(unit, sources, job.sourceId, "soft", "direct", conditionsOf(rig, job, []));
    expect(input.glances.length).toBe(sources.length + METHODS.length);
    expect(input.glanceOf.slice(-4)).toEqual(METHODS.map((method) => ({ method })));
    expect(input.against?.method).toEqual({ kind: "direct" });
  });

  it("words every answer, finding and assumption that the demo's rigs can give, figures filled in", () => {
    const fits = new Set<string>();
    const findings = new Set<string>();
    for (const source of sources) {
      for (const method of METHODS) {
        for (const outdoorC of [20, 35, 50]) {
          const given = startCase(unit, source, method, { ...conditionsOf(rig, job, []), outdoorC });
          if (!given.ok) throw new Error(given.missing);
          const study = studyStart(given.given);
          if (!study.ok) throw new Error(study.reason);
          const tried = tryBatch(given.given, 1, 0, 20);
          if (!tried.ok) throw new Error(tried.reason);
          for (const confidence of [null, summarise([tried.value])]) {
            const view = checkView(study.value, confidence, pictureOfStudy(study.value, method));
            const { assessment } = view;
            fits.add(assessment.fit);
            const parts = answerSentence(assessment, source.type);
            expect(parts.filter((p) => p.decides === true).length).toBe(1);
            expect(parts.map((p) => p.text).join("")).not.toMatch(/NaN|undefined|null|Infinity|safe|!|-\d/);
            for (const finding of assessment.findings) {
              findings.add(finding.code);
              expect(findingSentence(finding)).not.toMatch(/NaN|undefined|null|Infinity/);
            }
            for (const a of view.assumptions) expect(ASSUMED_WORDS[a.code](a.value, a.tolerance)).not.toMatch(/NaN|undefined|null/);
          }
        }
      }
    }
    expect([...fits].toSorted()).toEqual(["fits", "just-fits", "too-much"]);
    expect([...findings]).toEqual(expect.arrayContaining(["source-undervoltage", "source-sags", "run-over-rating"]));
  });
});

describe("readings", () => {
  it("are set side by side with how they were taken", () => {
    const view = proveView(readings, unit);
    expect(view.study.verdict).toBe("as-expected");
    expect(view.alike.map((r) => r.alike)).toEqual(["equal", "equal", "equal", "equal", "equal", "near", "near"]);
    expect(view.leftOut.map((l) => l.reading.amps)).toEqual([41]);
  });

  it("are not called alike when one side is not known or another source", () => {
    const moved = readings.map((r) => (r.when === "after" ? { ...r, sourceId: sources[2]!.id, volts: null, outdoorC: 10 } : r));
    const by = Object.fromEntries(proveView(moved, unit).alike.map((r) => [r.what, r.alike]));
    expect(by).toMatchObject({ source: "unlike", volts: "not-known", outdoor: "unlike", meter: "equal" });
  });
});

const ANSWER = { fit: "fits", provisional: false, decides: "run", spareA: 1, tries: 1000, holds: 980, coreVersion: CORE_VERSION } as const;

describe("a kept answer", () => {
  const source = sources[0]!;
  const at = (time: string): Job => ({
    ...job,
    sourceId: source.id,
    answer: { ...ANSWER, sourceId: source.id, method: job.method, at: time },
  });

  it("is stale once anything it rests on has changed since, or the question is another", () => {
    const kept = at("2026-07-01T00:00:00.000Z");
    const later = "2026-08-01T00:00:00.000Z";
    expect(answerStale(kept, rig, unit, source)).toBe(false);
    expect(answerStale(kept, { ...rig, updatedAt: later }, unit, source)).toBe(true);
    expect(answerStale(kept, rig, { ...unit, updatedAt: later }, source)).toBe(true);
    expect(answerStale(kept, rig, unit, { ...source, updatedAt: later })).toBe(true);
    expect(answerStale({ ...kept, method: "direct" }, rig, unit, source)).toBe(true);
    expect(answerStale({ ...kept, sourceId: sources[1]!.id }, rig, unit, sources[1])).toBe(true);
    expect(answerStale({ ...kept, answer: null }, rig, unit, source)).toBe(true);
    expect(answerStale({ ...kept, answer: { ...kept.answer!, provisional: true } }, rig, unit, source)).toBe(true);
    expect(answerStale({ ...kept, answer: { ...kept.answer!, coreVersion: "0" } }, rig, unit, source)).toBe(true);
  });
});
