import { quantity } from "../src/quantity/index.ts";
import { assess, fitOfShare } from "../src/study/assess/index.ts";
import { Members, summarise, TRIES_SEED, tryBatch } from "../src/study/confidence/index.ts";
import { type StartCase, studyStart } from "../src/study/motor-start/index.ts";
import { manyCases } from "./cases.ts";

const SECONDS = [2, 2.5, 3, 4, 6] as const;

/** How many of some cases could be studied, and which of them are judged otherwise when more or fewer seconds are shown. */
export function movedBySeconds(cases: number, seed: number): { readonly studied: number; readonly moved: readonly StartCase[] } {
  const moved: StartCase[] = [];
  let studied = 0;
  for (const given of manyCases(cases, seed)) {
    const verdicts = SECONDS.map((seconds) => {
      const study = studyStart({ ...given, seconds });
      if (!study.ok) return study.reason;
      const { status, reason, startS, findings } = study.value.result;
      return JSON.stringify([assess(study.value.result, null), status, reason, startS, findings]);
    });
    if (verdicts[0]!.startsWith("[")) studied += 1;
    if (new Set(verdicts).size > 1) moved.push(given);
  }
  return { studied, moved };
}

/** How many of some 115 V cases say the same with the fan left blank as with the usual 2.4 A typed. */
export function blankFan(cases: number, tries: number, seed: number): { readonly cases: number; readonly same: number } {
  const asked = manyCases(8 * cases, seed).filter(({ unit, source }) => unit.plateVolts < 160 && source.kind !== "ideal");
  let same = 0;
  let counted = 0;
  for (const given of asked) {
    if (counted === cases) break;
    const { fanA: _fan, ...blank } = given.unit;
    const fits = [blank, { ...blank, fanA: quantity(2.4, "plate") }].map((unit) => {
      const tried = tryBatch({ ...given, unit }, TRIES_SEED, 0, tries, new Members(unit, TRIES_SEED));
      return tried.ok ? fitOfShare(summarise([tried.value]).share) : null;
    });
    if (fits.includes(null)) continue;
    counted += 1;
    if (fits[0] === fits[1]) same += 1;
  }
  return { cases: counted, same };
}
