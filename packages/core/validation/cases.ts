import { SeededRandom } from "../src/numeric/index.ts";
import { quantity } from "../src/quantity/index.ts";
import type { MethodCase, SourceCase, StartCase, UnitCase } from "../src/study/motor-start/index.ts";

const plate = (value: number) => quantity(value, "plate");
const METHODS: readonly MethodCase[] = [{ kind: "as-found" }, { kind: "direct" }, { kind: "hard" }, { kind: "soft" }];

/** A case as anybody might ask it: any unit, way and source, with some of it left blank. */
function anyCase(random: SeededRandom, seconds = 3): StartCase {
  const high = random.next() < 0.3;
  const size = random.between(0.5, 1.3);
  const maybe = <T>(value: T): T | undefined => (random.next() < 0.6 ? value : undefined);
  const blanks = {
    ratedLoadA: maybe(plate((high ? 22 : 13) * size)),
    fanA: maybe(plate(high ? 1.2 : 2.4)),
    runCapacitorF: maybe(plate((high ? 70e-6 : 45e-6) * size)),
    startAidF: maybe(0),
    seenToStart: maybe(random.next() < 0.8),
  };
  const unit: UnitCase = {
    plateVolts: high ? 230 : 115,
    hz: 60,
    lockedRotorA: plate((high ? 117 : 63) * size),
    ...(Object.fromEntries(Object.entries(blanks).filter(([, v]) => v !== undefined)) as Partial<UnitCase>),
  };
  const loads = maybe(Math.round(random.between(0, 6)));
  return {
    unit,
    method: METHODS[Math.floor(random.next() * METHODS.length)]!,
    source: anySource(random, high, size),
    ...(loads !== undefined && { backgroundA: loads }),
    outdoorC: random.between(20, 45),
    seconds,
  };
}

function anySource(random: SeededRandom, high: boolean, size: number): SourceCase {
  const volts = plate(high ? 240 : 120);
  const which = random.next();
  if (which < 0.3) return { kind: "shore", volts, breakerA: plate(high ? 30 : random.next() < 0.5 ? 15 : 30) };
  const runningW = random.between(1200, 6000) * size * (high ? 3 : 1);
  const rated = { volts, runningW: plate(runningW), surgeW: plate(runningW * 1.25) };
  if (which < 0.65) return { ...rated, kind: "inverter-generator", altitudeM: Math.round(random.between(0, 2500)) };
  if (which < 0.85) return { ...rated, kind: "generator", altitudeM: 0 };
  return { ...rated, kind: "inverter", battery: { volts: plate(25.6) } };
}

/** So many of them that can be put together. */
export function manyCases(count: number, seed: number): readonly StartCase[] {
  const random = new SeededRandom(seed);
  return Array.from({ length: count }, () => anyCase(random));
}
