import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { type CsvChoice, type CsvLook, readCsvLog, sniffCsv, type WaveLog } from "./index.ts";

/** The first columns of amps and volts as they were guessed. */
function asGuessed(look: CsvLook): CsvChoice {
  const column = (guess: "amps" | "volts") => {
    const k = look.columns.findIndex((c) => c.guess === guess);
    return k < 0 ? null : { column: k, unit: look.columns[k]!.unit };
  };
  return {
    ...look,
    time: look.timeColumn === null ? { sampleHz: 4 } : { column: look.timeColumn, unit: look.timeUnit },
    amps: column("amps")!,
    volts: column("volts"),
  };
}

function look(text: string): CsvLook {
  const seen = sniffCsv(text);
  if (!seen.ok) throw new Error(`${seen.reason} ${seen.where}`);
  return seen.value;
}

function read(text: string, change: Partial<CsvChoice> = {}): WaveLog {
  const log = readCsvLog(text, { ...asGuessed(look(text)), ...change });
  if (!log.ok) throw new Error(`${log.reason} ${log.where}`);
  return log.value;
}

const values = (log: WaveLog, k = 0): number[] => [...log.channels[k]!.values];

/** Five meters that nobody makes, each writing its files in a way of its own. */
describe("files of five invented meters", () => {
  it("a figure that no meter writes is a sample nobody knows, never one without an end", () => {
    const log = read("time (s),current (kA)\n0.00,0.1\n0.25,1e999\n0.50,-1e307\n0.75,0.2\n1.00,0.3\n");
    expect(values(log)).toEqual([100, Number.NaN, Number.NaN, 200, 300]);
  });

  it("plain seconds and amps, commas between, points inside", () => {
    const log = read("time (s),current (A),voltage (V)\n0.00,0.1,121\n0.25,61.5,104.2\n0.50,12.0,118\n");
    expect(log.sampleHz).toBeCloseTo(4, 9);
    expect(values(log)).toEqual([0.1, 61.5, 12]);
    expect(values(log, 1)).toEqual([121, 104.2, 118]);
  });

  it("semicolons between and commas inside, milliseconds and milliamps, under a letterhead", () => {
    const text = "Recorder 7\nSerial;0042\n\nZeit [ms];Strom [mA]\n0;100,5\n2;61500,0\n4;12000,25\n6;11000,0\n";
    expect(look(text)).toMatchObject({ delimiter: ";", decimalComma: true, firstRow: 4, timeColumn: 0, timeUnit: "ms" });
    const log = read(text);
    expect(log.sampleHz).toBeCloseTo(500, 6);
    expect(values(log)).toEqual([0.1005, 61.5, 12.00025, 11]);
  });

  it("tabs between, units in a row of their own, microseconds", () => {
    const log = read("t\tI\tU\nus\tA\tV\n0\t1.5\t170\n500\t-40\t-165\n1000\t42\t160\n");
    expect(log.sampleHz).toBeCloseTo(2000, 6);
    expect(values(log)).toEqual([1.5, -40, 42]);
    expect(values(log, 1)).toEqual([170, -165, 160]);
  });

  it("a date and a time of day that ticks once a second, several samples to each, over midnight", () => {
    const rows = ["23:59:58", "23:59:58", "23:59:59", "23:59:59", "00:00:00", "00:00:00"].map((t, k) => `28.02.2031 ${t};${k},5`);
    const log = read(`Timestamp;Amps\n${rows.join("\n")}\n`);
    expect(log.sampleHz).toBeCloseTo(2, 6);
    expect(values(log)).toEqual([0.5, 1.5, 2.5, 3.5, 4.5, 5.5]);
  });

  it("no times at all, just figures at a rate one is told", () => {
    const text = "Amps RMS\n0.0\n58.3\n21.4\n12.1\n";
    expect(look(text)).toMatchObject({ timeColumn: null, columns: [{ guess: "amps" }] });
    const log = read(text, { time: { sampleHz: 5 } });
    expect(log.sampleHz).toBe(5);
    expect(values(log)).toEqual([0, 58.3, 21.4, 12.1]);
  });

  it("hours of twelve, with letters", () => {
    const log = read("Time,Current A\n11:59:59 AM,1\n12:00:00 PM,2\n12:00:01 PM,3\n");
    expect(log.sampleHz).toBeCloseTo(1, 9);
  });
});

describe("what is wrong in a file", () => {
  const refusal = (text: string, change: Partial<CsvChoice> = {}): string => {
    const seen = sniffCsv(text);
    if (!seen.ok) return `${seen.reason} ${seen.where}`;
    const log = readCsvLog(text, { ...asGuessed(seen.value), ...change });
    return log.ok ? "read" : `${log.reason} ${log.where}`;
  };

  it("is named with its line, and nothing is taken", () => {
    expect(refusal("")).toBe("empty file");
    expect(refusal("a,b\nc,d\n")).toBe("no-numbers file");
    expect(refusal("time (s),current (A)\n0,1\n1,oops\n2,3\n")).toBe("read");
    expect(refusal("time (s),current (A)\n0,1\n1,oops\n2,OL\n3,?\n")).toBe("bad-number line 3");
    expect(refusal("time (s),current (A)\n0,1\n2,2\n1,3\n")).toBe("bad-time line 4");
    expect(refusal("time (s),current (A)\n0,1\n0,2\n0,3\n")).toBe("bad-time time");
    expect(refusal("time (s),current (A)\n0,1\n1,2\n", { amps: { column: 1, unit: "furlongs" } })).toBe("no-amps furlongs");
    expect(refusal("current (A)\n1\n2\n", { time: { sampleHz: 0 } })).toBe("no-rate rate");
  });

  it("never throws, whatever the bytes", () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 400 }),
          fc.array(fc.constantFrom("1", ",", ";", "\n", "\t", '"', "A", ":", "-")).map((a) => a.join("")),
        ),
        (text) => {
          const seen = sniffCsv(text);
          if (!seen.ok) return;
          const amps = { column: 0, unit: "A" };
          const log = readCsvLog(text, { ...seen.value, time: { sampleHz: 10 }, amps, volts: null });
          if (log.ok) for (const value of log.value.channels[0]!.values) expect(Math.abs(value)).not.toBe(Number.POSITIVE_INFINITY);
        },
      ),
      { seed: 15 },
    );
  });
});

describe("uneven times", () => {
  it("are evened out along straight lines between the samples", () => {
    const rows = [0, 0.1, 0.2, 0.33, 0.4, 0.45].map((t) => `${t},${10 * t}`);
    const log = read(`time (s),current (A)\n${rows.join("\n")}\n`);
    values(log).forEach((v, k) => {
      expect(v).toBeCloseTo((10 * k) / log.sampleHz, 9);
    });
  });
});
