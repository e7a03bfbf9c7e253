import { type AnyRecord, newPhoto, type PhotoId, writeRigFile } from "@amp-saver/records";
import { writeRigArchive } from "@amp-saver/records/archive";
import { demoRecords } from "@amp-saver/records/demo";
import { writeComtrade } from "@amp-saver/records/wave";
import type { Question, Told } from "./questions.ts";
import { type Chance, Counter, type Tally } from "./tally.ts";

const NOW = "2026-06-21T18:41:00.000Z";
const SAMPLE_HZ = 4800;
const SAMPLES = 600;

/** Files that are whole, of each kind. */
interface Whole {
  readonly rig: string;
  readonly archive: Uint8Array;
  readonly csv: string;
  readonly config: string;
  readonly data: string;
}

async function wholeFiles(): Promise<Whole> {
  const records = demoRecords();
  const job = records.find((r) => r.kind === "job")!;
  const photo = (id: string): AnyRecord => newPhoto({ id: id as PhotoId, now: NOW }, job, "plate", { across: 4, down: 4, bytes: 8 });
  const jpeg = (last: number): Uint8Array => Uint8Array.of(0xff, 0xd8, 0xff, 0xe0, 0, 16, 74, last);
  const wave = (peak: number): Float64Array =>
    Float64Array.from({ length: SAMPLES }, (_, k) => peak * Math.sin((2 * Math.PI * 60 * k) / SAMPLE_HZ) * (k > 120 ? 1 : 0));
  const channels = [
    { name: "current", unit: "A", values: wave(80) },
    { name: "voltage", unit: "V", values: wave(165) },
  ];
  const { config, data } = writeComtrade({ sampleHz: SAMPLE_HZ, lineHz: 60, channels }, "bench", new Date(NOW));
  const rows = Array.from({ length: SAMPLES }, (_, k) => `${(k / SAMPLE_HZ).toFixed(6)},${channels[0]!.values[k]!.toFixed(3)}`);
  return {
    rig: writeRigFile(records, NOW, "0.1.0"),
    archive: await writeRigArchive(
      [...records, photo("p"), photo("q")],
      new Map([
        ["p", jpeg(1)],
        ["q", jpeg(2)],
      ]),
      NOW,
      "0.1.0",
    ),
    csv: ["Time (s),Current (A)", ...rows].join("\n"),
    config,
    data: typeof data === "string" ? data : new TextDecoder().decode(data),
  };
}

/** What a spoilt figure or word of a text may become. */
const ODD = [
  "1e999", "-1e999", "NaN", "Infinity", "null", "true", "[]", "{}", '""', "-0", "9007199254740993", "0x10", "1e-400", "\\u0000",
  '"=cmd()"', '"<img src=x onerror=alert(1)>"', '"\u202e\u200b\u3164"', '{"__proto__":{"polluted":1}}', '"constructor"', '"__proto__"',
] as const; // biome-ignore format: a list is read faster whole

/** A text with one to four places spoilt. */
function spoiltText(chance: Chance, text: string): string {
  let spoilt = text;
  for (let k = 1 + chance.upTo(4); k > 0; k--) {
    const at = chance.upTo(spoilt.length);
    const rest = spoilt.slice(at);
    const figure = /"[^"\n]{0,80}"|-?\d+(\.\d+)?/.exec(rest);
    const kind = chance.upTo(6);
    if (kind === 0) spoilt = spoilt.slice(0, at);
    else if (kind === 1) spoilt = spoilt.slice(0, at) + String.fromCharCode(chance.upTo(0x3000)) + rest;
    else if (kind === 2) spoilt = spoilt.slice(0, at) + rest.slice(0, chance.upTo(2000)) + rest;
    else if (kind === 3) spoilt = spoilt.slice(0, at) + rest.slice(1 + chance.upTo(50));
    else if (figure !== null) spoilt = spoilt.slice(0, at + figure.index) + chance.of(ODD) + rest.slice(figure.index + figure[0].length);
  }
  return spoilt;
}

/** Bytes with some flipped, cut, doubled or overwritten. */
function spoiltBytes(chance: Chance, bytes: Uint8Array): Uint8Array {
  const kind = chance.upTo(4);
  const at = chance.upTo(bytes.length);
  if (kind === 0) return bytes.slice(0, at);
  if (kind === 1) return Uint8Array.from([...bytes.slice(0, at), ...bytes.slice(Math.max(0, at - chance.upTo(200)))]);
  const spoilt = bytes.slice();
  for (let k = kind === 2 ? 1 : 1 + chance.upTo(40); k > 0; k--) {
    const place = chance.upTo(bytes.length);
    spoilt[place] = spoilt[place]! ^ (1 << chance.upTo(8));
  }
  return spoilt;
}

/** Files of every kind, spoilt, each read as the product reads it: an archive is refused or read as it was written. */
export async function files(chance: Chance, tries: number, ask: (question: Question) => Promise<Told>): Promise<Tally> {
  const whole = await wholeFiles();
  const counter = new Counter("files, spoilt");
  const utf8 = (text: string): Uint8Array => new TextEncoder().encode(text);
  const { read: archived } = await ask({ of: "archive", bytes: whole.archive });
  for (const question of [
    { of: "rig", text: whole.rig },
    { of: "csv", bytes: utf8(whole.csv) },
    { of: "comtrade", config: whole.config, data: utf8(whole.data) },
  ] as const)
    if ((await ask(question)).how !== "read") counter.fault(`a whole ${question.of} file is refused`);
  if (archived === undefined) counter.fault("a whole archive is refused");
  for (let k = 0; k < tries; k++) {
    const of = chance.of(["rig", "archive", "archive", "csv", "comtrade"] as const);
    const question: Question =
      of === "rig"
        ? { of, text: spoiltText(chance, whole.rig) }
        : of === "archive"
          ? { of, bytes: spoiltBytes(chance, whole.archive) }
          : of === "csv"
            ? { of, bytes: chance.oneIn(3) ? spoiltBytes(chance, utf8(whole.csv)) : utf8(spoiltText(chance, whole.csv)) }
            : chance.oneIn(2)
              ? { of, config: spoiltText(chance, whole.config), data: utf8(whole.data) }
              : { of, config: whole.config, data: utf8(spoiltText(chance, whole.data)) };
    const { how, read, foul } = await ask(question);
    counter.end(`${of} ${how}`);
    if (foul !== undefined) counter.fault(`${of}: ${foul}`);
    if (of === "archive" && how === "read" && read !== archived) counter.fault("an archive is read otherwise than it was written");
  }
  return counter.tally();
}
