import { START_BOUNDS } from "@amp-saver/cases/files";
import type { Question, Told } from "./questions.ts";
import { type Chance, Counter, type Tally } from "./tally.ts";

type Path = keyof typeof START_BOUNDS;

/** One of so many figures of an odd case is beyond its bounds, or no figure. */
const BEYOND = 12;

/** A figure at a bound or anywhere between; in a case that is to be odd, now and then beyond. */
function figure(chance: Chance, path: Path, odd: boolean): unknown {
  const { min, max } = START_BOUNDS[path];
  if (odd && chance.oneIn(BEYOND)) return chance.of([min - Math.abs(min) * 1e-9 - 1e-9, max * (1 + 1e-9), -max, 1e308, null, "60", [], {}]);
  switch (chance.upTo(8)) {
    case 0:
    case 1:
      return min;
    case 2:
    case 3:
      return max;
    case 4:
      return min > 0 ? min * (max / min) ** chance.between(0, 1) : chance.between(min, max);
    default:
      return chance.between(min, max);
  }
}

/** Some of the figures of a part, each given or left out. */
function some(chance: Chance, odd: boolean, part: string, always: readonly string[] = []): Record<string, unknown> {
  const paths = (Object.keys(START_BOUNDS) as Path[]).filter((path) => path.startsWith(`${part}.`));
  return Object.fromEntries(
    paths.flatMap((path) => {
      const name = path.slice(part.length + 1);
      return always.includes(name) || chance.oneIn(3) ? [[name, figure(chance, path, odd)]] : [];
    }),
  );
}

function caseOf(chance: Chance): object {
  const odd = chance.oneIn(4);
  const motor = chance.oneIn(6);
  return {
    format: "amp-saver/start-case",
    version: 1,
    unit: {
      volts: chance.of([115, 230, 208, figure(chance, "unit.volts", odd)]),
      lraA: figure(chance, "unit.lraA", odd),
      ...some(chance, odd, "unit"),
    },
    ...(motor && {
      motor: {
        poles: chance.of([2, 4, 6]),
        ...some(
          chance,
          odd,
          "motor",
          Object.keys(START_BOUNDS).map((p) => p.replace(/^motor\./, "")),
        ),
      },
    }),
    ...(chance.oneIn(5) && { load: some(chance, odd, "load") }),
    start: { method: chance.of(["as-found", "direct", "hard", "soft"]), ...some(chance, odd, "start") },
    source: { kind: chance.of(["ideal", "shore", "inverter-generator", "generator", "inverter"]), ...some(chance, odd, "source") },
    ...(chance.oneIn(4) && { seconds: figure(chance, "seconds", odd) }),
    ...(chance.oneIn(4) && { restS: figure(chance, "restS", odd) }),
    trials: chance.of([0, 0, 0, 3, 10]),
    seed: chance.upTo(1000),
  };
}

/** Cases for the headless command with their figures at the bounds and beyond: a result with every figure, or one line. */
export async function headless(chance: Chance, tries: number, ask: (question: Question) => Promise<Told>): Promise<Tally> {
  const counter = new Counter("headless cases at the bounds");
  for (let k = 0; k < tries; k++) {
    const text = JSON.stringify(caseOf(chance));
    const { how, foul } = await ask({ of: "case", text });
    counter.end(how);
    if (foul !== undefined) counter.fault(`${foul}: ${text}`);
  }
  return counter.tally();
}
