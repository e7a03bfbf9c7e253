import { SeededRandom } from "../../src/numeric/index.ts";
import { quantity } from "../../src/quantity/index.ts";
import type { StartCase, UnitCase } from "../../src/study/motor-start/index.ts";
import { predictReadings } from "../../src/study/proof/index.ts";
import { type ClampReading, type ReadingStudy, studyReadings } from "../../src/study/reading/index.ts";
import { drawTruth, type Recorded, recordStart } from "./truth.ts";

/** A start's kinds that are read before and after. */
export type StartKind = "inrush" | "max-hold" | "app";

/** How a clamp meter and a hand go wrong: a prior of its own, nothing of the product's. */
const GROSS = 0.1;
const WINDOW_S = { inrush: 0.1, "max-hold": 0.4, app: 0.1 } as const;
const RECORD_S = 1.3;

/** What a perfect meter would show of a recorded start; a slow maximum's windows begin `phase` of a window before it. */
export function perfect({ stepS, common }: Pick<Recorded, "stepS" | "common">, kind: StartKind, phase: number): number {
  const span = Math.round(WINDOW_S[kind] / stepS);
  const squares = [0];
  for (const a of common) squares.push(squares.at(-1)! + a * a);
  const rms = (from: number): number => Math.sqrt((squares[from + span]! - squares[Math.max(0, from)]!) / span);
  if (kind === "inrush") return rms(0);
  let most = 0;
  const step = kind === "app" ? 20 : span;
  for (let from = kind === "app" ? 0 : -Math.floor(phase * span); from + span < common.length; from += step)
    most = Math.max(most, rms(from));
  return most;
}

/** A made-up job: a unit and its starts on a stiff circuit, as a plate tells of it. */
interface ReadingJob {
  readonly unit: UnitCase;
  readonly given: (method: "as-found" | "soft") => StartCase;
  readonly records: Readonly<Record<"before" | "after", Recorded>>;
}

/** Draws jobs whose starts the second model makes; the truth behind each is its own. */
export function drawJobs(count: number, seed: number): readonly ReadingJob[] {
  const random = new SeededRandom(seed, 31);
  const jobs: ReadingJob[] = [];
  for (let k = 0; jobs.length < count; k++) {
    const size = random.between(0.6, 1.15);
    const plate = (value: number) => quantity(value, "plate");
    const unit: UnitCase = {
      plateVolts: 115,
      hz: 60,
      lockedRotorA: plate(Math.round(63 * size)),
      ratedLoadA: plate(Math.round(130 * size) / 10),
      fanA: plate(2.4),
      runCapacitorF: plate(45e-6 * size),
      startAid: "none",
      startAidF: 0,
    };
    const given = (method: "as-found" | "soft"): StartCase => ({
      unit,
      method: { kind: method },
      source: { kind: "shore", volts: quantity(120, "measured", 0.003), ohm: quantity(0.1, "measured", 0), breakerA: plate(30) },
      backgroundA: 0,
      restS: 600,
      outdoorC: 33,
      seconds: 1.5,
    });
    const truth = drawTruth(given("soft"), 1000 * seed + k);
    const before = recordStart({ ...truth, aid: null }, "as-found", RECORD_S);
    const after = recordStart(truth, "soft", RECORD_S);
    if (before !== null && after !== null) jobs.push({ unit, given, records: { before, after } });
  }
  return jobs;
}

/** How often the interval held, and what was said of it, over jobs and readings of each. */
export interface ProofCoverage {
  readonly kind: StartKind;
  readonly count: number;
  readonly cases: number;
  readonly held: number;
  /** Middle half width of the interval. */
  readonly halfWidth: number;
  /** Verdicts over the true reduction, for what is called less than expected. */
  readonly less: number;
}

/** Reads every job `repeats` times with meters and hands that err, and asks what the product makes of it. */
export function proofCoverage(
  jobs: readonly ReadingJob[],
  kind: StartKind,
  counts: readonly number[],
  repeats: number,
  seed: number,
): readonly ProofCoverage[] {
  const random = new SeededRandom(seed, 77);
  const normal = (): number => random.bell() + random.bell() + random.bell();
  const rows = counts.map((count) => ({ count, cases: 0, held: 0, less: 0, widths: [] as number[] }));
  for (const { unit, given, records } of jobs) {
    const { expected } = predictReadings(given("as-found"), given("soft"), kind, "common");
    const middle = (when: "before" | "after"): number => {
      const all = Array.from({ length: 40 }, (_, i) => perfect(records[when], kind, i / 40));
      return Math.exp(all.reduce((sum, a) => sum + Math.log(a), 0) / all.length);
    };
    const truly = 1 - middle("after") / middle("before");
    for (const row of rows) {
      for (let r = 0; r < repeats; r++) {
        const oneMeter = random.next() < 0.7;
        const gains = { before: 1 + 0.015 * normal(), after: 1 + 0.015 * normal() };
        const scatter = random.between(0.02, 0.04);
        const readings = (["before", "after"] as const).flatMap((when) =>
          Array.from({ length: row.count }, (_, i): ClampReading => {
            const gross = random.next() < GROSS ? Math.exp((random.next() < 0.5 ? -1 : 1) * random.between(0.25, 0.8)) : 1;
            const gain = oneMeter ? gains.before : gains[when];
            const amps = perfect(records[when], kind, random.next()) * gain * gross * Math.exp(scatter * normal());
            return {
              id: `${when} ${i}`,
              when,
              kind,
              conductor: "common",
              amps: Math.round(10 * amps) / 10,
              tolerance: 0.03,
              meter: oneMeter ? "m1" : when,
              restMin: 10,
            };
          }),
        );
        const study: ReadingStudy = studyReadings({ readings, lockedRotorA: unit.lockedRotorA!.value, expected });
        if (study.start === null) continue;
        row.cases += 1;
        row.widths.push((study.start.high - study.start.low) / 2);
        if (study.start.low <= truly && truly <= study.start.high) row.held += 1;
        if (study.verdict === "less-than-expected") row.less += 1;
      }
    }
  }
  return rows.map(({ count, cases, held, less, widths }) => ({
    kind,
    count,
    cases,
    held: held / cases,
    less: less / cases,
    halfWidth: widths.toSorted((a, b) => a - b)[widths.length >> 1] ?? Number.NaN,
  }));
}
