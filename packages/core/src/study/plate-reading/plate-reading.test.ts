import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type ReadWord, readPlate, shareOf } from "./index.ts";
import { evenOut, tiltOf, turned } from "./picture.ts";

const LETTER = 12;
const HEIGHT = 20;

/** Words of lines of text as a reader would place them, the lines `slope` pixels lower for each to the right; two spaces and more are a gap. */
function wordsOf(lines: readonly string[], slope = 0, confidence = 95): readonly ReadWord[] {
  return lines.flatMap((line, row) =>
    [...line.matchAll(/\S+/g)].map(({ 0: text, index }) => {
      const x0 = index * LETTER;
      const y0 = row * 1.6 * HEIGHT + x0 * slope;
      return { text, confidence, box: { x0, x1: x0 + text.length * LETTER, y0, y1: y0 + HEIGHT } };
    }),
  );
}

const LIST = [
  "AIR CONDITIONER",
  "MODEL NO.  HM135A",
  "VOLTS: 115    HZ: 60    PH: 1",
  "COMPRESSOR  RLA 13.2 A   LRA 63 A",
  "FAN MOTOR FLA: 2.5 A",
  "MIN CIRCUIT AMPACITY  19.0 A",
  "MAX FUSE/BREAKER  25 A",
  "COOLING CAPACITY 13,500 BTU/H",
  "REFRIGERANT R-410A  14 OZ",
  "DATE 06/2019",
];
const SAID = {
  plateVolts: 115,
  hz: 60,
  phase: 1,
  ratedLoadA: 13.2,
  lockedRotorA: 63,
  fanA: 2.5,
  circuitA: 19,
  maxBreakerA: 25,
  coolingW: 13_500 * 0.29307107,
  madeYear: 2019,
};

const read = (...looks: readonly (readonly string[])[]) => {
  const { figures, texts } = readPlate(
    looks.map((lines) => wordsOf(lines)),
    "unit",
  );
  const said: { [name: string]: { readonly value?: number; readonly text: string; readonly doubts: readonly string[] } } = {};
  for (const figure of figures) said[figure.figure] = figure;
  for (const text of texts) said[text.named] = text;
  return said;
};
const swap = (lines: readonly string[], from: string, to: string): readonly string[] => lines.map((line) => line.replace(from, to));

describe("a plate read twice alike", () => {
  it("says every figure, none of them doubtful, whichever way the lines fall", () => {
    for (const slope of [-0.04, 0, 0.04]) {
      const { figures } = readPlate([wordsOf(LIST, slope), wordsOf(LIST, slope)], "unit");
      expect(Object.fromEntries(figures.map(({ figure, value }) => [figure, Number(value.toFixed(6))]))).toEqual({
        ...SAID,
        coolingW: Number(SAID.coolingW.toFixed(6)),
      });
      expect(figures.filter(({ doubts }) => doubts.length > 0)).toEqual([]);
    }
  });

  it.each([
    ["names over values", ["VOLTS    HZ    RLA     LRA     FLA", "115      60    13.2    63      2.5"]],
    ["values first", ["115 VOLTS  60 HZ  1 PH", "13.2 RLA   63 LRA", "2.5 FLA"]],
    ["all in one line", ["115V 60HZ 1PH  RLA 13.2  LRA 63  FLA 2.5"]],
    ["units between", ["VOLTS 115 V  HZ 60 HZ", "RLA 13.2 AMPS  LRA/PH 63 AMPS  FLA 2.5 AMPS"]],
    ["points in the names", ["VOLTAGE: 115  HZ: 60", "R.L.A.: 13.2   L.R.A.: 63   F.L.A.: 2.5"]],
    ["French", ["TENSION 115 V  FREQUENCE 60 HZ", "COURANT NOMINAL 13.2 A", "COURANT ROTOR BLOQUÉ 63 A", "VENTILATEUR 2.5 A"]],
  ])("%s", (_how, lines) => {
    const said = read(lines, lines);
    for (const name of ["plateVolts", "hz", "ratedLoadA", "lockedRotorA", "fanA"] as const) {
      expect(said[name]?.value, name).toBe(SAID[name]);
      expect(said[name]?.doubts, name).toEqual([]);
    }
  });

  it("keeps the higher of two volts as what it is called by, and the lower beside it", () => {
    const lines = swap(LIST, "115", "208/230");
    expect(read(lines, lines)).toMatchObject({ plateVolts: { value: 230, beside: 208 } });
  });
});

describe("what was misread", () => {
  it.each([
    ["a letter for a digit", "13.2 A", "l3.2 A", "ratedLoadA", 13.2, "letters"],
    ["a comma for the point", "13.2 A", "13,2 A", "ratedLoadA", 13.2, "comma"],
    ["no point at all", "13.2 A", "132 A", "ratedLoadA", 13.2, "point"],
    ["no point where the whole number could be one", "19.0 A", "90 A", "circuitA", 90, "odd"],
    ["a digit that does not go with the rest", "13.2 A", "18.2 A", "ratedLoadA", 18.2, "odd"],
  ] as const)("%s is mended only where that is likely, and shown", (_what, from, to, figure, value, doubt) => {
    const lines = swap(LIST, from, to);
    const said = read(lines, lines)[figure];
    expect(said?.value).toBeCloseTo(value, 6);
    expect(said?.doubts).toContain(doubt);
  });

  it("by one look of two is said; the likelier of both is offered", () => {
    expect(read(LIST, swap(LIST, "63 A", "68 A"))).toMatchObject({ lockedRotorA: { doubts: ["differs"] } });
    expect(read(LIST, swap(LIST, "LRA 63 A", ""))).toMatchObject({ lockedRotorA: { value: 63, doubts: ["once"] } });
    expect(read(LIST, swap(LIST, "13.2 A", "18.2 A"))).toMatchObject({ ratedLoadA: { value: 13.2 } });
  });

  it("stays open rather than taking its neighbor's number", () => {
    const lines = swap(LIST, "RLA 13.2 A", "RLA %#");
    const said = read(lines, lines);
    expect(said.ratedLoadA).toBeUndefined();
    expect(said.lockedRotorA?.value).toBe(63);
  });

  /** Any one letter of a figure taken for another, in both looks alike: either the figure is doubted, or nothing tells it from a plate that says so. */
  it("is never both out of keeping with the other figures and believed", () => {
    fc.assert(
      fc.property(fc.constantFrom("13.2", "63", "2.5", "19.0", "25"), fc.nat(3), fc.constantFrom(..."0123456789"), (figure, at, digit) => {
        const k = at % figure.length;
        fc.pre(figure[k] !== "." && figure[k] !== digit);
        const wrong = figure.slice(0, k) + digit + figure.slice(k + 1);
        const lines = swap(LIST, `${figure} A`, `${wrong} A`);
        const { figures } = readPlate([wordsOf(lines), wordsOf(lines)], "unit");
        const value = (name: string): number => figures.find((f) => f.figure === name)?.value ?? Number.NaN;
        const off = Math.abs(value("circuitA") - 1.25 * value("ratedLoadA") - value("fanA"));
        if (!(off > 0.06 * value("circuitA") + 1)) return;
        const named = figures.filter((f) => ["circuitA", "ratedLoadA", "fanA"].includes(f.figure));
        expect(named.every(({ doubts }) => doubts.length > 0)).toBe(true);
      }),
    );
  });
});

describe("other plates", () => {
  it("a run capacitor: the larger section, its tolerance and its volts", () => {
    const lines = ["RUN CAPACITOR 45/5 MFD", "TOLERANCE ±6%", "VOLTS 370 VAC"];
    const { figures } = readPlate([wordsOf(lines), wordsOf(lines)], "capacitor");
    expect(figures.map(({ figure, value }) => [figure, Number(value.toPrecision(6))])).toEqual(
      expect.arrayContaining([
        ["runCapacitorF", 45e-6],
        ["printedShare", 0.06],
        ["printedVolts", 370],
      ]),
    );
    expect(figures.find(({ figure }) => figure === "runCapacitorF")?.beside).toBeCloseTo(5e-6, 12);
  });

  it("a generator's and an inverter's watts and volts", () => {
    const set = ["RATED WATTS 1,800 W", "SURGE WATTS 2200 W", "AC OUTPUT 120 V  60 HZ"];
    const box = ["CONTINUOUS POWER 2000 W", "PEAK POWER 4000 W", "DC INPUT 12.8 VDC"];
    const said = (lines: readonly string[], kind: "generator" | "inverter") =>
      Object.fromEntries(readPlate([wordsOf(lines), wordsOf(lines)], kind).figures.map(({ figure, value }) => [figure, value]));
    expect(said(set, "generator")).toMatchObject({ runningW: 1800, surgeW: 2200, sourceVolts: 120, hz: 60 });
    expect(said(box, "inverter")).toMatchObject({ runningW: 2000, surgeW: 4000, bankVolts: 12.8 });
  });

  it("a refrigerant wherever it stands, and a model whose letters may be others", () => {
    const lines = swap(LIST, "R-410A", "R-454B");
    expect(read(lines, lines)).toMatchObject({ refrigerant: { text: "R-454B", doubts: [] }, model: { text: "HM135A", doubts: ["alike"] } });
  });
});

describe("the year it was made", () => {
  const dated = swap(LIST, "MODEL NO.  HM135A", "SERIAL NO. 193400721");
  const undated = swap(dated, "DATE 06/2019", "");
  it("is the date's where there is one, else what the serial number may begin with, and said so", () => {
    expect(read(dated, dated)).toMatchObject({ madeYear: { value: 2019, doubts: [] } });
    expect(read(undated, undated)).toMatchObject({ madeYear: { value: 2019, doubts: ["serial"] } });
  });
  it("is left open where the serial number begins with no week", () => {
    const other = swap(undated, "193400721", "197800721");
    expect(read(other, other)).not.toHaveProperty("madeYear");
  });
});

describe("a photograph made ready", () => {
  /** Dark bars on paper, as lines of lettering, that fall by so many degrees. */
  const bars = (degrees: number, ink: number, paper: number) => {
    const [width, height] = [400, 300];
    const slope = Math.tan((degrees * Math.PI) / 180);
    const data = new Uint8ClampedArray(width * height);
    for (let y = 0; y < height; y++)
      for (let x = 0; x < width; x++) {
        const row = (((y - x * slope) % 30) + 30) % 30;
        const shade = 1 - 0.5 * (x / width);
        data[y * width + x] = (row < 6 && x % 9 < 6 ? ink : paper) * shade;
      }
    return { width, height, data };
  };

  it.each([-8, -2.4, 0, 5])("its tilt of %s degrees is found and set right, shade or not", (degrees) => {
    const even = evenOut(bars(degrees, 40, 220), 20);
    expect(tiltOf(even)).toBeCloseTo(degrees, 0);
    expect(tiltOf(turned(even, { width: 400, height: 300, tiltDeg: tiltOf(even), scale: 1.5 }))).toBeCloseTo(0, 0);
  });

  it("light lettering on dark comes out dark on light", () => {
    const mean = (data: Uint8ClampedArray): number => data.reduce((sum, v) => sum + v, 0) / data.length;
    for (const [ink, paper] of [
      [40, 220],
      [220, 40],
    ] as const) {
      const { data } = evenOut(bars(0, ink, paper), 20);
      const letter = data[3 * 400 + 200 - (200 % 9)]!;
      expect(letter).toBeLessThan(mean(data) - 60);
    }
  });

  it("a place on it leads back to the photograph", () => {
    const turn = { width: 400, height: 300, tiltDeg: 5, scale: 2 };
    const spot = shareOf(turn, { x0: 400, x1: 400, y0: 300, y1: 300 });
    expect(spot.x0).toBeCloseTo(0.5, 9);
    expect(spot.y1).toBeCloseTo(0.5, 9);
    const aside = shareOf({ ...turn, tiltDeg: 0 }, { x0: 200, x1: 240, y0: 60, y1: 90 });
    expect([aside.x0, aside.x1, aside.y0, aside.y1].map((v) => Number(v.toFixed(9)))).toEqual([0.25, 0.3, 0.1, 0.15]);
  });
});
