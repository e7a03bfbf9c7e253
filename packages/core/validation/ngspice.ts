import { execFileSync, spawnSync } from "node:child_process";
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from "node:fs";
import { tmpdir } from "node:os";
import { join } from "node:path";
import type { MotorStartInput } from "../src/study/motor-start/index.ts";
import { netlistOf } from "./netlist.ts";

/** Line current and speed on an even grid, and the seconds ngspice itself says its analysis took. */
export interface SpiceRun {
  readonly t: readonly number[];
  readonly lineA: readonly number[];
  readonly radS: readonly number[];
  readonly analysisS: number;
}

/** Version line of the ngspice that is installed. Throws where there is none. */
export function ngspiceVersion(): string {
  return /ngspice-\S+/.exec(execFileSync("ngspice", ["--version"], { encoding: "utf8" }))?.[0] ?? "unknown";
}

/** Runs a start as a netlist. ngspice's exit code is no guide in batch mode; its data file is. */
export function runNgspice(input: MotorStartInput): SpiceRun {
  const folder = mkdtempSync(join(tmpdir(), "amp-saver-"));
  try {
    const data = join(folder, "out.dat");
    const file = join(folder, "start.cir");
    writeFileSync(file, netlistOf(input, data));
    const { stdout, stderr } = spawnSync("ngspice", ["-b", file], { encoding: "utf8" });
    const rows = readFileSync(data, "utf8")
      .trim()
      .split("\n")
      .slice(1)
      .map((line) => line.trim().split(/\s+/).map(Number));
    const seconds = /Total analysis time \(seconds\) = ([\d.]+)/.exec(stdout + stderr);
    return {
      t: rows.map((r) => r[0]!),
      lineA: rows.map((r) => -r[1]!),
      radS: rows.map((r) => r[3]!),
      analysisS: Number(seconds?.[1] ?? Number.NaN),
    };
  } finally {
    rmSync(folder, { recursive: true, force: true });
  }
}

/** RMS of a sampled current between two times, trapezium rule. */
export function rmsBetween(run: SpiceRun, from: number, to: number): number {
  let sum = 0;
  let span = 0;
  for (let i = 1; i < run.t.length; i++) {
    const a = run.t[i - 1]!;
    const b = run.t[i]!;
    if (a < from - 1e-7 || b > to + 1e-7) continue;
    sum += ((b - a) / 2) * (run.lineA[i - 1]! ** 2 + run.lineA[i]! ** 2);
    span += b - a;
  }
  return Math.sqrt(sum / span);
}
