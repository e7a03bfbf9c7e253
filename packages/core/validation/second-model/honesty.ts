import { SeededRandom } from "../../src/numeric/index.ts";
import { quantity } from "../../src/quantity/index.ts";
import { Members, summarise, tryBatch } from "../../src/study/confidence/index.ts";
import type { MethodCase, SourceCase, StartCase, UnitCase } from "../../src/study/motor-start/index.ts";
import type { Aid } from "./start.ts";
import { drawTruth, holds, wasSeen } from "./truth.ts";

/** How much of a case somebody read off: what people leave blank, or everything. */
export type Read = "blanks" | "everything";

/** Bands of what was said, ends in per cent. */
const BANDS = [
  [10, 30],
  [30, 50],
  [50, 70],
  [70, 90],
  [90, 100],
] as const;

/** What was said of the cases of one band, and how often they truly held. */
export interface Band {
  readonly from: number;
  readonly to: number;
  readonly cases: number;
  readonly said: number;
  readonly held: number;
}

const plate = (value: number) => quantity(value, "plate");
const TRIES = 100;

/** A case as somebody would enter it, on a source that is neither hopeless nor ample. */
function asked(random: SeededRandom, read: Read): StartCase {
  const size = random.between(0.6, 1.15);
  const all = read === "everything";
  const unit: UnitCase = {
    plateVolts: 115,
    hz: 60,
    lockedRotorA: plate(63 * size),
    ...((all || random.next() < 0.6) && { ratedLoadA: plate(13 * size) }),
    ...(all && {
      fanA: plate(2.4),
      runCapacitorF: plate(45e-6 * size),
      ...(random.next() < 0.5 ? { startAid: "none" as const, startAidF: 0 } : { startAid: "ptc" as const, startAidF: 150e-6 }),
    }),
  };
  const kinds: readonly MethodCase[] = [{ kind: "soft" }, { kind: "soft" }, { kind: "as-found" }, { kind: "hard" }];
  const method = kinds[Math.floor(random.next() * kinds.length)]!;
  return {
    unit,
    method,
    source: sourceFor(random, size, method, all),
    ...(all && { backgroundA: 0, restS: 600 }),
    outdoorC: random.between(27, 40),
    seconds: 3,
  };
}

function sourceFor(random: SeededRandom, size: number, { kind }: MethodCase, all: boolean): SourceCase {
  const which = random.next();
  if (which < 0.3 && kind === "soft") {
    const volts = all ? quantity(random.between(108, 121), "measured", 0.005) : quantity(120, "plate");
    return {
      kind: "shore",
      volts,
      breakerA: plate(size > 0.8 ? 15 : 10),
      ...(all && { ohm: quantity(random.between(0.1, 0.5), "measured", 0) }),
    };
  }
  const inverter = which > 0.85;
  const most = { soft: [1450, 2500], "as-found": [2000, 4600], direct: [3000, 6000], hard: [1700, 3400] }[kind] as [number, number];
  const runningW = random.between(most[0], most[1]) * size;
  const surgeW = runningW * (inverter ? 2 : 1.25);
  const rated = { volts: plate(120), runningW: plate(runningW), surgeW: plate(surgeW), ...(all && { surgeS: plate(10), altitudeM: 0 }) };
  const battery = {
    volts: plate(25.6),
    ohm: plate(0.008),
    efficiency: plate(0.9),
    cutOffV: plate(21),
    ampHours: plate(200),
    bmsContinuousA: plate(200),
    bmsPeakA: plate(400),
  };
  return inverter ? { ...rated, kind: "inverter", ...(all && { battery }) } : { ...rated, kind: "inverter-generator" };
}

const SEEN_AID: Aid = { farad: 150e-6, dropsAtShare: null, ohm: 15, opensAtJ: 300 };

/** How often a case holds by the second model, over units of its own prior that would start as they were seen to. */
function heldOf(given: StartCase, truths: number, seed: number): number {
  let held = 0;
  let n = 0;
  for (let k = 0; n < truths && k < 20 * truths; k++) {
    const truth = drawTruth(given, seed + k);
    const { startAid } = given.unit;
    const aid = startAid === "none" ? null : (truth.aid ?? (startAid === "ptc" ? SEEN_AID : null));
    if (!wasSeen(truth, given.unit.plateVolts, aid)) continue;
    n += 1;
    if (holds(truth, given.unit.plateVolts)) held += 1;
  }
  return n === 0 ? Number.NaN : held / n;
}

/** Says of so many cases how often they hold, and tries each with `truths` units of the second model. */
export function honesty(cases: number, truths: number, read: Read, seed: number): readonly Band[] {
  const random = new SeededRandom(seed, read === "blanks" ? 1 : 2);
  const found: { said: number; held: number }[] = [];
  for (let draws = 0; found.length < cases && draws < 40 * cases; draws++) {
    const given = asked(random, read);
    const tried = tryBatch(given, 1, 0, TRIES, new Members(given.unit, 1));
    if (!tried.ok) continue;
    const said = summarise([tried.value]).share;
    const at = BANDS.findIndex(([from, to]) => 100 * said >= from && 100 * said < (to === 100 ? 101 : to));
    // Cases are spread over the bands, so that each says something.
    if (at < 0 || found.filter((f) => inBand(f.said, at)).length >= Math.ceil(cases / BANDS.length)) continue;
    const held = heldOf(given, truths, 1000 * draws + seed);
    if (!Number.isNaN(held)) found.push({ said, held });
  }
  return BANDS.map(([from, to], at) => {
    const own = found.filter((f) => inBand(f.said, at));
    const mean = (of: (f: { said: number; held: number }) => number): number =>
      own.reduce((sum, f) => sum + of(f), 0) / Math.max(1, own.length);
    return { from, to, cases: own.length, said: mean((f) => f.said), held: mean((f) => f.held) };
  });
}

function inBand(said: number, at: number): boolean {
  const [from, to] = BANDS[at]!;
  return 100 * said >= from && 100 * said < (to === 100 ? 101 : to);
}
