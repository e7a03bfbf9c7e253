import fc from "fast-check";
import { describe, expect, it } from "vitest";
import { readComtrade, type WaveLog, writeComtrade } from "./index.ts";

const bytes = (text: string): Uint8Array => new TextEncoder().encode(text);

/** Written by hand from the standard's layout (IEEE C37.111-1999, from memory): two analogue channels and one digital. */
const CONFIG = `Bench,Recorder,1999
3,2A,1D
1,I common,A,,A,0.01,-1.5,0,-99999,99999,1,1,P
2,U unit,,,V,0.1,0,0,-99999,99999,120,5,S
1,closed,,,0
60
1
960,4
01/02/2031,10:20:30.000000
01/02/2031,10:20:30.001000
ASCII
1
`;
const DATA = "1,0,150,-20,0\r\n2,1042,6150,25,1\r\n3,2083,99999,30,1\r\n4,3125,-150,,1\r\n";

function read(config: string, data: Uint8Array): WaveLog {
  const log = readComtrade(config, data);
  if (!log.ok) throw new Error(`${log.reason} ${log.where}`);
  return log.value;
}
const refusal = (config: string, data: Uint8Array = bytes(DATA)): string => {
  const log = readComtrade(config, data);
  return log.ok ? "read" : `${log.reason} ${log.where}`;
};

describe("a record written by hand from the layout", () => {
  it("is read in ASCII: scaled, brought to the primary side, missing samples not known", () => {
    const log = read(CONFIG, bytes(DATA));
    expect(log).toMatchObject({ sampleHz: 960, lineHz: 60 });
    expect(log.channels.map((c) => [c.name, c.unit])).toEqual([
      ["I common", "A"],
      ["U unit", "V"],
    ]);
    expect([...log.channels[0]!.values]).toEqual([0, 60, Number.NaN, -3]);
    const volts = [...log.channels[1]!.values];
    [-48, 60, 72].forEach((v, k) => {
      expect(volts[k]).toBeCloseTo(v, 9);
    });
  });

  it("is read in binary: low byte first, sixteen digital channels to two bytes", () => {
    const rows: readonly (readonly number[])[] = [
      [1, 0, 150, -20, 0],
      [2, 1042, 6150, 25, 1],
      [3, 2083, -32768, 30, 1],
      [4, 3125, -150, 31, 1],
    ];
    const view = new DataView(new ArrayBuffer(14 * rows.length));
    for (const [i, [n, t, a, b, d]] of rows.entries()) {
      view.setUint32(14 * i, n!, true);
      view.setUint32(14 * i + 4, t!, true);
      view.setInt16(14 * i + 8, a!, true);
      view.setInt16(14 * i + 10, b!, true);
      view.setUint16(14 * i + 12, d!, true);
    }
    const log = read(CONFIG.replace("ASCII", "BINARY"), new Uint8Array(view.buffer));
    expect([...log.channels[0]!.values]).toEqual([0, 60, Number.NaN, -3]);
    expect(read(CONFIG.replace("ASCII", "BINARY"), new Uint8Array(view.buffer.slice(0, 50))).channels[0]!.values.length).toBe(3);
    expect(refusal(CONFIG.replace("ASCII", "BINARY"), new Uint8Array(view.buffer.slice(0, 30)))).toBe("comtrade-data-short sample 3");
  });

  it("goes by the samples' own times where no rate is given", () => {
    const own = CONFIG.replace("\n1\n960,4\n", "\n0\n0,4\n").replace(/1\n$/, "2\n");
    expect(read(own, bytes(DATA)).sampleHz).toBeCloseTo(3 / (3125e-6 * 2), 3);
  });

  it.each([
    ["a later revision", CONFIG.replace("1999", "2042"), "comtrade-newer line 1"],
    ["something else", "hello\nworld\n", "not-comtrade line 2"],
    ["counts that do not add up", CONFIG.replace("3,2A,1D", "4,2A,1D"), "not-comtrade line 2"],
    ["a channel without its factor", CONFIG.replace("0.01,-1.5", ",-1.5"), "comtrade-field line 3"],
    ["no line frequency", CONFIG.replace("\n60\n", "\n\n"), "comtrade-field line 6"],
    ["rates that do not follow each other", CONFIG.replace("\n1\n960,4\n", "\n2\n960,4\n480,2\n"), "comtrade-field line 9"],
    ["an unknown kind of data", CONFIG.replace("ASCII", "MORSE"), "comtrade-field line 11"],
    ["far more samples than there are", CONFIG.replace("960,4", "960,6"), "comtrade-data-short sample 5"],
    ["far too many samples", CONFIG.replace("960,4", "960,4000000"), "too-many samples"],
  ])("is refused with %s", (_what, config, wanted) => {
    expect(refusal(config)).toBe(wanted);
  });

  it("is refused without data, and not for one word in place of a figure", () => {
    expect(refusal(CONFIG, new Uint8Array())).toBe("comtrade-no-data data");
    expect(refusal(CONFIG, bytes(DATA.replace("6150", "many")))).toBe("read");
  });
});

describe("a record of our own", () => {
  it("comes back as it was, to half a step of its scale", () => {
    const channel = fc.array(fc.double({ min: -500, max: 500, noNaN: true }), { minLength: 8, maxLength: 40 });
    fc.assert(
      fc.property(channel, fc.constantFrom(960, 4800, 12_000), (drawn, sampleHz) => {
        const log: WaveLog = {
          sampleHz,
          lineHz: 60,
          channels: [
            { name: "current, common", unit: "A", values: Float64Array.from(drawn) },
            { name: "voltage", unit: "V", values: Float64Array.from(drawn, (v) => 120 - v / 10) },
          ],
        };
        const written = writeComtrade(log, "Slate Wagon", new Date("2031-02-01T10:20:30.000Z"));
        const back = read(written.config, bytes(written.data));
        expect(back).toMatchObject({ sampleHz, lineHz: 60 });
        for (const [k, { values }] of log.channels.entries()) {
          const most = Math.max(...values.map(Math.abs));
          back.channels[k]!.values.forEach((v, i) => {
            expect(Math.abs(v - values[i]!)).toBeLessThanOrEqual(0.51 * (most / 99998));
          });
        }
      }),
      { seed: 16, numRuns: 50 },
    );
  });

  it("never throws on any bytes", () => {
    fc.assert(
      fc.property(fc.string({ maxLength: 300 }), fc.uint8Array({ maxLength: 200 }), (config, data) => {
        expect(readComtrade(config, data).ok).toBe(false);
        const own = readComtrade(CONFIG, data);
        expect(own.ok || own.reason !== undefined).toBe(true);
      }),
      { seed: 17 },
    );
  });
});
