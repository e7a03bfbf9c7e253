import { quantity } from "../src/quantity/index.ts";
import { tryBatch } from "../src/study/confidence/index.ts";
import { studyDay } from "../src/study/day-plan/index.ts";
import { interleave } from "../src/study/learning-runs/index.ts";
import { prepare, type StartCase, simulate, studyStart } from "../src/study/motor-start/index.ts";
import { everyCombination, studyBudget } from "../src/study/power-budget/index.ts";
import { studyWaveform } from "../src/study/waveform/index.ts";
import { REFERENCE_START } from "../validation/motors.ts";
import { ngspiceVersion, runNgspice } from "../validation/ngspice.ts";
import { generatorStart, ROOFTOP, setStart, stiffStart } from "../validation/plates.ts";
import { CALIBRATED_BY, calibrationCoverage } from "../validation/second-model/calibrating.ts";
import { honesty } from "../validation/second-model/honesty.ts";
import { drawJobs, proofCoverage } from "../validation/second-model/readings.ts";
import { blankFan, movedBySeconds } from "../validation/steadfast.ts";

const WARM = 60;
const RUNS = 60;
const ROUNDS = 5;

/** Least milliseconds of many runs: the machine's other work only ever adds. */
function msPerRun(run: () => void): number {
  let least = Number.POSITIVE_INFINITY;
  for (let k = 0; k < WARM + RUNS; k++) {
    const t = performance.now();
    run();
    if (k >= WARM) least = Math.min(least, performance.now() - t);
  }
  return least;
}

/** Middle of some runs after a few to warm up. */
function msOf(runs: number, run: () => void): string {
  const times = Array.from({ length: runs + 3 }, () => {
    const t = performance.now();
    run();
    return performance.now() - t;
  }).slice(3);
  return times.toSorted((a, b) => a - b)[Math.floor(runs / 2)]!.toFixed(0);
}

const line = (what: string, figure: string): void => console.log(`${what.padEnd(58)} ${figure}`);

const eachMs: number[] = [];
for (const method of [{ kind: "as-found" }, { kind: "direct" }, { kind: "hard" }, { kind: "soft" }] as const) {
  const electronic = generatorStart(ROOFTOP, method, 3000, 6000);
  for (const [name, given] of [
    ["circuit", stiffStart(ROOFTOP, method)],
    ["inverter generator", generatorStart(ROOFTOP, method, 2200, 2700)],
    ["two in parallel", { ...electronic, source: { ...electronic.source, second: {} } }],
    [
      "battery inverter",
      { ...electronic, source: { ...electronic.source, kind: "inverter", battery: { volts: quantity(25.6, "measured") } } },
    ],
    ["conventional set", setStart(ROOFTOP, method, 5500, 6875)],
  ] as readonly (readonly [string, StartCase])[]) {
    const prepared = prepare(given);
    if (!prepared.ok) throw new Error(prepared.reason);
    const { input } = prepared.value;
    const ms = msPerRun(() => simulate(input)) / input.seconds;
    eachMs.push(ms);
    line(`${method.kind} on ${name}, ms per simulated second`, ms.toFixed(2));
  }
}
line("average over all ways and sources (2 at most)", (eachMs.reduce((sum, ms) => sum + ms, 0) / eachMs.length).toFixed(2));
line(
  "one whole study (fit, start of 3 s, rooms, findings), ms (6)",
  msPerRun(() => studyStart(generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700))).toFixed(1),
);

const twentyLoads = Array.from({ length: 20 }, (_, i) => ({
  id: `load ${i}`,
  runA: 0.5 + 0.37 * i,
  leg: ([1, 2, "both"] as const)[i % 3]!,
  priority: 1 + (i % 5),
  ...(i % 4 === 0 && { startA: 2 + 0.9 * i }),
}));
const roomy = { kind: "generator", volts: 120, legs: 2, runningW: 60_000, surgeW: 72_000, deratedShare: 1 } as const;
const tight = { ...roomy, runningW: 12_000, surgeW: 14_000 };
line(
  "every combination of 20 loads on two legs, all fit, ms (50)",
  msOf(9, () => everyCombination({ source: roomy, loads: twentyLoads })),
);
line(
  "the same where most do not fit, ms",
  msOf(9, () => everyCombination({ source: tight, loads: twentyLoads })),
);
line(
  "what to shed among 20 loads, ms",
  msOf(9, () => studyBudget({ source: tight, loads: twentyLoads })),
);

const day = {
  weather: { coolestC: 20, hottestC: 38 },
  units: [1, 2, 3].map((n) => ({ id: `unit ${n}`, watts: 900 + 200 * n, priority: n })),
  loads: twentyLoads.map((l) => ({ id: l.id, watts: 120 * l.runA, priority: l.priority, spells: [{ fromMin: 400, toMin: 1300 }] })),
  sources: [{ id: "set", watts: 5500, engine: { ratedW: 5500, eco: true }, spells: [{ fromMin: 480, toMin: 1320 }] }],
  bank: {
    volts: 25.6,
    ampHours: 400,
    ohm: 0.01,
    exponent: 1.05,
    idleW: 20,
    depth: 0.8,
    efficiency: 0.9,
    inverterW: 3000,
    chargerW: 1200,
    chargerPf: 0.65,
    chargeAtStart: 0.8,
  },
};
line(
  "a day of three units and twenty loads, ms (100 at most)",
  msOf(9, () => studyDay(day)),
);

const trialsStart = performance.now();
tryBatch(generatorStart(ROOFTOP, { kind: "soft" }, 2200, 2700), 1, 0, 1000);
line("1,000 tries on one core, s (1.5 wanted on two)", ((performance.now() - trialsStart) / 1000).toFixed(1));

const { studied, moved } = movedBySeconds(500, 3);
line(`of ${studied} cases judged otherwise for 2, 2.5, 3, 4 or 6 s shown`, String(moved.length));
const fan = blankFan(100, 100, 5);
line("of 100 cases the same with the fan blank and typed (95)", String(fan.same));
for (const read of ["blanks", "everything"] as const) {
  for (const { from, to, cases, said, held } of honesty(200, 10, read, 7))
    line(`${read}, said ${from} to ${to} %: ${cases} cases, said and held`, `${(100 * said).toFixed(0)} %, ${(100 * held).toFixed(0)} %`);
}

const jobs = drawJobs(40, 5);
for (const kind of ["inrush", "max-hold", "app"] as const)
  for (const { count, cases, held, less, halfWidth } of proofCoverage(jobs, kind, [1, 2, 3, 5], 30, 9))
    line(
      `proof by ${count} of ${kind}, ${cases} jobs: range held (92 to 98 %), its half, less`,
      `${(100 * held).toFixed(1)} %, ${(100 * halfWidth).toFixed(1)} %, ${(100 * less).toFixed(1)} %`,
    );
for (const by of CALIBRATED_BY) {
  const { cases, held, plateOff, refinedOff } = calibrationCoverage(by, 150, 3);
  const percent = (share: number): string => (100 * share).toFixed(1);
  line(
    `refined ${by}, ${cases} units: LRA, running, inertia held (90 to 98 %)`,
    `${percent(held.lraA)}, ${percent(held.runA)}, ${percent(held.inertia)} %`,
  );
  line(
    "its LRA and running amps off, by plate and refined, %",
    `${percent(plateOff.lraA)} ${percent(refinedOff.lraA)}, ${percent(plateOff.runA)} ${percent(refinedOff.runA)}`,
  );
}

let ours = Number.POSITIVE_INFINITY;
let spice = Number.POSITIVE_INFINITY;
for (let k = 0; k < ROUNDS; k++) {
  ours = Math.min(
    ours,
    msPerRun(() => simulate(REFERENCE_START)),
  );
  spice = Math.min(spice, runNgspice(REFERENCE_START).analysisS * 1000);
}
line("reference start, direct, ms per simulated second", ours.toFixed(2));
line(`the same circuit in ${ngspiceVersion()}, its own analysis time, ms`, spice.toFixed(0));
line("ratio on the same circuit in this run (150 or more wanted)", `${(spice / ours).toFixed(0)} ×`);

const million = Float32Array.from({ length: 1_000_000 }, (_, k) => {
  const t = k / 100_000 - 1;
  return (t < 0 ? 0.1 : t < 0.5 ? 85 : 16) * Math.sin(2 * Math.PI * 60 * t);
});
line(
  "a recorded start of 1,000,000 samples, ms (1,000 at most)",
  msOf(5, () => {
    const found = studyWaveform({ amps: million, volts: million, sampleHz: 100_000, lineHz: 60, kind: "instant" });
    if (!found.ok) throw new Error(found.reason);
  }),
);
line(
  "turns of three units with five runs each, ms",
  msOf(20, () => {
    const unit = (id: string, runS: number) => ({ id, rule: { runS, restS: 300 }, runs: 5, readyS: 0 });
    interleave([unit("front", 300), unit("middle", 90), unit("rear", 30)]);
  }),
);
