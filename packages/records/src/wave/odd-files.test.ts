import { studyWaveform } from "@amp-saver/core/study/waveform";
import { describe, expect, it } from "vitest";
import { type CsvChoice, type CsvLook, pickChannels, readComtrade, readCsvLog, sniffCsv, textOf, type WaveLog } from "./index.ts";

const HZ = 60;
const W = 2 * Math.PI * HZ;
const RATE = 2400;

/** A start of 60 A for half a second, then 12 A, after a quarter second of nothing; volts sag from 121 to 104. */
function wave(t: number): { readonly a: number; readonly v: number } {
  const size = t < 0.25 ? 0 : t < 0.75 ? 60 : 12;
  return { a: Math.SQRT2 * size * Math.sin(W * t), v: Math.SQRT2 * (t >= 0.25 && t < 0.75 ? 104 : 121) * Math.sin(W * t) };
}
const N = 1.5 * RATE;
const TIMES = Array.from({ length: N }, (_, k) => k / RATE);

interface Shape {
  readonly head?: string;
  readonly foot?: string;
  readonly delimiter?: string;
  readonly newline?: string;
  readonly time?: (t: number, k: number) => string;
  readonly amps?: (a: number, k: number) => string;
  readonly volts?: ((v: number, k: number) => string) | null;
  readonly skip?: (t: number) => boolean;
}

/** A file that some recorder nobody makes would write. */
function file({ head = "time (s),current (A),voltage (V)", foot = "", delimiter = ",", newline = "\n", skip, ...by }: Shape): string {
  const time = by.time ?? ((t: number) => t.toFixed(6));
  const amps = by.amps ?? ((a: number) => a.toFixed(3));
  const volts = by.volts === undefined ? (v: number) => v.toFixed(2) : by.volts;
  const rows = TIMES.flatMap((t, k) => {
    if (skip?.(t) === true) return [];
    const { a, v } = wave(t);
    return [[time(t, k), amps(a, k), ...(volts === null ? [] : [volts(v, k)])].filter((c) => c !== "").join(delimiter)];
  });
  return `${head}${newline}${rows.join(newline)}${newline}${foot}`;
}

function guessed(look: CsvLook, perVolt?: number): CsvChoice {
  const find = (guess: "amps" | "volts"): number => look.columns.findIndex((c) => c.guess === guess);
  const amps = find("amps");
  const column = perVolt === undefined ? amps : 1;
  const volts = perVolt === undefined ? find("volts") : -1;
  return {
    ...look,
    time: look.timeColumn === null ? { sampleHz: RATE } : { column: look.timeColumn, unit: look.timeUnit },
    amps: { column, unit: look.columns[column]!.unit || "A", ...(perVolt !== undefined && { perVolt }) },
    volts: volts < 0 ? null : { column: volts, unit: look.columns[volts]!.unit || "V" },
  };
}

interface Found {
  readonly inrush: number | null;
  readonly running: number | null;
  readonly lowest: number | null;
  readonly warnings: readonly string[];
}

function studied(log: WaveLog, perVolt?: number): Found | string {
  const picked = pickChannels(log, perVolt === undefined ? {} : { perVolt });
  if (!picked.ok) return picked.reason;
  const found = studyWaveform({ ...picked.value, sampleHz: log.sampleHz, lineHz: log.lineHz ?? HZ, kind: "instant" });
  if (!found.ok) return found.reason;
  const { inrushA, runningA, lowestV, warnings } = found.value;
  return { inrush: inrushA, running: runningA, lowest: lowestV, warnings };
}

function csv(bytes: Uint8Array | string, perVolt?: number): Found | string {
  const text = typeof bytes === "string" ? bytes : textOf(bytes);
  const look = sniffCsv(text);
  if (!look.ok) return look.reason;
  const log = readCsvLog(text, guessed(look.value, perVolt));
  return log.ok ? studied(log.value) : log.reason;
}

const utf16 = (text: string, bigEndian: boolean, mark: boolean): Uint8Array => {
  const units = [...(mark ? [0xfeff] : []), ...Array.from(text, (c) => c.charCodeAt(0))];
  return Uint8Array.from(units.flatMap((u) => (bigEndian ? [u >> 8, u & 255] : [u & 255, u >> 8])));
};
const comma = (n: number, d = 3): string => n.toFixed(d).replace(".", ",");
const thousands = (n: number): string => n.toFixed(1).replace(/\B(?=(\d{3})+\.)/g, " ");
const clock = (t: number): string => `10:20:${(30 + t).toFixed(6).padStart(9, "0")}`;
const PLAIN = file({});

describe("odd files of the same start, read right", () => {
  it.each<[string, string | Uint8Array, number?]>([
    ["as most write it", PLAIN],
    ["lines that end as another system ends them", file({ newline: "\r\n" })],
    ["lines that end in a carriage return alone", file({ newline: "\r" })],
    ["a byte order mark", `\uFEFF${PLAIN}`],
    ["sixteen bits a letter, low byte first", utf16(PLAIN, false, true)],
    ["sixteen bits a letter, high byte first", utf16(PLAIN, true, true)],
    ["sixteen bits a letter without a mark", utf16(PLAIN, false, false)],
    ["letters of an old code page in the head", Uint8Array.from([0xb5, 0x0a, ...new TextEncoder().encode(PLAIN)])],
    ["units in a row of their own", file({ head: "time,current,voltage\ns,A,V" })],
    ["units in brackets in a row of their own", file({ head: "time,current,voltage\n[s],[A],[V]" })],
    ["a letterhead and an empty line", file({ head: "Recorder 7\nSerial,0042\n\ntime (s),current (A),voltage (V)" })],
    ["headings with underscores", file({ head: "time_us,i_amps,v_volts", time: (t) => (t * 1e6).toFixed(0) })],
    ["time_ms", file({ head: "time_ms,current_A,voltage_V", time: (t) => (t * 1e3).toFixed(3) })],
    ["microseconds by name", file({ head: "Time (µs),I (A),U (V)", time: (t) => (t * 1e6).toFixed(1) })],
    [
      "milliamps and kilovolts",
      file({ head: "t (s),I (mA),U (kV)", amps: (a) => (a * 1e3).toFixed(0), volts: (v) => (v / 1e3).toFixed(6) }),
    ],
    [
      "semicolons and decimal commas",
      file({ head: "t (s);I (A);U (V)", delimiter: ";", time: (t) => comma(t, 6), amps: (a) => comma(a), volts: (v) => comma(v) }),
    ],
    [
      "commas between and quoted decimal commas",
      file({ time: (t) => `"${comma(t, 6)}"`, amps: (a) => `"${comma(a)}"`, volts: (v) => `"${comma(v)}"` }),
    ],
    ["tabs", file({ head: "t (s)\tI (A)\tU (V)", delimiter: "\t" })],
    ["spaces between", file({ head: "time current voltage", delimiter: " " })],
    ["several spaces between", file({ head: "time   current   voltage", delimiter: "   " })],
    ["bars between", file({ head: "t (s)|I (A)|U (V)", delimiter: "|" })],
    ["spaces about every cell", file({ delimiter: " , " })],
    ["spaces between thousands", file({ head: "t (s),I (mA),U (V)", amps: (a) => thousands(a * 1e3) })],
    ["units in every cell", file({ amps: (a) => `${a.toFixed(2)} A`, volts: (v) => `${v.toFixed(1)} V` })],
    ["exponents", file({ amps: (a) => a.toExponential(4) })],
    ["a true minus", file({ amps: (a) => a.toFixed(3).replace("-", "\u2212") })],
    ["plus signs", file({ amps: (a) => (a >= 0 ? `+${a.toFixed(3)}` : a.toFixed(3)) })],
    ["a time of day", file({ time: clock })],
    ["date and time of day in one cell", file({ time: (t) => `2031-02-01 ${clock(t)}` })],
    ["no times, a set rate", file({ head: "current (A),voltage (V)", time: () => "" })],
    ["amps alone", file({ head: "time (s),current (A)", volts: null })],
    ["blank cells now and then", file({ amps: (a, k) => (k % 97 === 5 ? " " : a.toFixed(3)) })],
    ["overload marks now and then", file({ amps: (a, k) => (k % 97 === 5 ? "OL" : a.toFixed(3)) })],
    ["dashes now and then", file({ amps: (a, k) => (k % 97 === 5 ? "---" : a.toFixed(3)) })],
    ["one bad cell", file({ amps: (a, k) => (k === 1000 ? "oops" : a.toFixed(3)) })],
    ["a footer", file({ foot: "End of record\nMax,85.1\n" })],
    ["empty lines at the end", file({ foot: "\n\n\n" })],
    ["a column nobody asked for", file({ head: "n,time (s),current (A),voltage (V)", time: (t, k) => `${k},${t.toFixed(6)}` })],
    ["a probe of 10 mV to the ampere", file({ head: "time (s),channel 1 (V)", amps: (a) => (a / 100).toFixed(6), volts: null }), 100],
    ["an offset of 3 A", file({ amps: (a) => (a + 3).toFixed(3) })],
    ["jitter in the times", file({ time: (t, k) => (t + (k % 3 === 1 ? 4e-5 : 0)).toFixed(6) })],
    ["a spike before the start", file({ amps: (a, k) => (k === 200 ? "70" : a.toFixed(3)) })],
  ])("%s", (_name, bytes, perVolt) => {
    const found = csv(bytes, perVolt);
    if (typeof found === "string") throw new Error(found);
    expect(Math.abs(found.inrush! - 60)).toBeLessThan(0.9);
    expect(Math.abs(found.running! - 12)).toBeLessThan(0.3);
    if (found.lowest !== null) expect(Math.abs(found.lowest - 104)).toBeLessThan(1.5);
  });

  it("a pause of 300 ms stays a pause: nothing is made up in it, and it is said", () => {
    const found = csv(file({ skip: (t) => t > 0.9 && t < 1.2 }));
    if (typeof found === "string") throw new Error(found);
    expect(found.warnings).toContain("gaps");
    expect(Math.abs(found.lowest! - 104)).toBeLessThan(1.5);
    expect(Math.abs(found.inrush! - 60)).toBeLessThan(0.9);
  });

  it("a pause across the start leaves its window out", () => {
    const found = csv(file({ skip: (t) => t > 0.28 && t < 0.33 }));
    if (typeof found === "string") throw new Error(found);
    expect(found).toMatchObject({ inrush: null, warnings: ["gaps"] });
  });

  it("a recorder out of range is named, and its amps are bounds", () => {
    const found = csv(file({ amps: (a) => Math.max(-50, Math.min(50, a)).toFixed(3) }));
    if (typeof found === "string") throw new Error(found);
    expect(found.warnings).toContain("clipped");
    expect(found.inrush!).toBeLessThan(60);
  });

  it("a coarse recorder is not taken for one out of range", () => {
    const found = csv(file({ amps: (a) => (Math.round(a / 2) * 2).toFixed(0) }));
    if (typeof found === "string") throw new Error(found);
    expect(found.warnings).not.toContain("clipped");
  });
});

describe("files that are refused, with the reason", () => {
  it.each<[string, string, string]>([
    ["nothing", "", "empty"],
    ["words", "a,b\nc,d\n", "no-numbers"],
    ["times that go back", "time (s),current (A)\n0,1\n1,2\n0.5,3\n2,1\n", "bad-time"],
    ["a column that is mostly no figure", file({ amps: (a, k) => (k % 3 === 0 ? a.toFixed(2) : "OL") }), "bad-number"],
    ["no start in it", file({ amps: () => "0.1", volts: null, head: "time (s),current (A)" }), "no-start"],
    ["three lines", "time (s),current (A)\n0,1\n1,2\n2,3\n", "too-slow"],
  ])("%s", (_name, text, reason) => {
    expect(csv(text)).toBe(reason);
  });
});

/** A configuration of the 2013 layout, from memory, for the same start. */
function config(
  encoding: string,
  more: { readonly rates?: string; readonly hz?: string; readonly n?: number; readonly unit?: string } = {},
): string {
  const { rates = `1\n${RATE},${more.n ?? N}`, hz = "60", unit = "A" } = more;
  return `Bench,Recorder,2013\n2,2A,0D\n1,I common,A,,${unit},0.001,0,0,-99999,99999,1,1,P\n2,U unit,,,V,0.002,0,0,-99999,99999,1,1,P\n${hz}\n${rates}\n01/02/2031,10:20:30.000000\n01/02/2031,10:20:30.250000\n${encoding}\n1\n0,0\nB,3\n`;
}

function binary(encoding: "BINARY32" | "FLOAT32", count: number): Uint8Array {
  const view = new DataView(new ArrayBuffer(16 * count));
  for (let k = 0; k < count; k++) {
    const { a, v } = wave(k / RATE);
    view.setUint32(16 * k, k + 1, true);
    view.setUint32(16 * k + 4, Math.round((1e6 * k) / RATE), true);
    const put = (at: number, value: number): void =>
      encoding === "BINARY32" ? view.setInt32(at, Math.round(value), true) : view.setFloat32(at, value, true);
    put(16 * k + 8, a / 0.001);
    put(16 * k + 12, v / 0.002);
  }
  return new Uint8Array(view.buffer);
}
const ascii = (keep: (k: number) => boolean = () => true): Uint8Array =>
  new TextEncoder().encode(
    TIMES.flatMap((t, k) =>
      keep(k) ? [`${k + 1},${Math.round(t * 1e6)},${Math.round(wave(t).a * 1000)},${Math.round(wave(t).v * 500)}`] : [],
    ).join("\r\n"),
  );

describe("records of the exchange standard, 2013", () => {
  it.each<[string, string, Uint8Array]>([
    ["ASCII", config("ASCII"), ascii()],
    ["four-byte integers", config("BINARY32"), binary("BINARY32", N)],
    ["four-byte floats", config("FLOAT32"), binary("FLOAT32", N)],
    ["one sample short", config("FLOAT32"), binary("FLOAT32", N - 1)],
    ["one sample short in ASCII", config("ASCII"), ascii((k) => k < N - 1)],
    ["line frequency 0", config("ASCII", { hz: "0" }), ascii()],
    [
      "two rates, the second half as fast",
      config("ASCII", { rates: `2\n${RATE},${N / 2}\n${RATE / 2},${N * 0.75}` }),
      ascii((k) => k < N / 2 || k % 2 === 0),
    ],
    ["no rate, each sample with its own time", config("ASCII", { rates: `0\n0,${N}` }), ascii()],
    ["a probe's volts", config("ASCII", { unit: "V" }), ascii()],
  ])("%s", (name, text, data) => {
    const log = readComtrade(text, data);
    if (!log.ok) throw new Error(`${log.reason} ${log.where}`);
    const found = name.startsWith("a probe") ? studied(log.value, 1) : studied(log.value);
    if (name.startsWith("a probe")) {
      const picked = pickChannels(log.value, { amps: 0, perVolt: 2, volts: 1 });
      expect(picked.ok && Math.max(...picked.value.amps) / (2 * 60 * Math.SQRT2)).toBeCloseTo(1, 2);
      return;
    }
    if (typeof found === "string") throw new Error(found);
    expect(Math.abs(found.inrush! - 60)).toBeLessThan(1.2);
    expect(Math.abs(found.running! - 12)).toBeLessThan(0.4);
  });
});
