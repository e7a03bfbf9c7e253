import { mkdirSync, writeFileSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { build } from "vite";
import { afterAll, beforeAll, describe, expect, it } from "vitest";
import { askerOf } from "./asker.ts";
import { clocks } from "./clocks.ts";
import { files } from "./files.ts";
import { headless } from "./headless.ts";
import { kills } from "./kills.ts";
import type { Question, Told } from "./questions.ts";
import { quota } from "./quota.ts";
import { reportOf } from "./report.ts";
import { streams } from "./streams.ts";
import { tabs } from "./tabs.ts";
import { Chance, type Tally } from "./tally.ts";
import { updates } from "./updates.ts";

const SEED = Number(process.env.SOAK_SEED ?? 1);
const SHARE = Number(process.env.SOAK_SHARE ?? 1);
const of = (tries: number): number => Math.max(1, Math.round(tries * SHARE));
const FOLDER = fileURLToPath(new URL("../../.cache/soak/", import.meta.url));
const tallies: Tally[] = [];
const began = performance.now();
let asker: ReturnType<typeof askerOf>;
const ask = (question: Question): Promise<Told> => asker.ask(question);

beforeAll(async () => {
  await build({
    root: fileURLToPath(new URL("..", import.meta.url)),
    configFile: false,
    logLevel: "warn",
    ssr: { noExternal: true },
    build: { ssr: "soak/child.ts", outDir: FOLDER, target: "node20", emptyOutDir: false },
  });
  asker = askerOf(`${FOLDER}child.js`);
});
afterAll(() => {
  asker.close();
  mkdirSync(FOLDER, { recursive: true });
  writeFileSync(`${FOLDER}report-${SEED}.md`, reportOf(SEED, tallies, (performance.now() - began) / 1000));
});

describe(`soak, seed ${SEED}`, () => {
  it.each<readonly [string, (chance: Chance) => Promise<Tally>]>([
    ["files", (chance) => files(chance, of(10_000), ask)],
    ["headless cases", (chance) => headless(chance, of(5000), ask)],
    ["streams", (chance) => streams(chance, of(1000), SEED)],
    ["kills", (chance) => kills(chance, of(200))],
    ["two tabs", (chance) => tabs(chance, of(500))],
    ["updates", (chance) => updates(chance, 8, of(30))],
    ["full devices", (chance) => quota(chance, of(8))],
    ["clocks", (chance) => clocks(chance, of(60))],
  ])("%s: nothing lost, hung or let in", async (what, part) => {
    const tally = await part(new Chance(SEED, what.length));
    process.stdout.write(
      `${what}: ${tally.tried} tries, ${tally.faults.length} faults, ${Math.round((performance.now() - began) / 1000)} s so far\n`,
    );
    tallies.push(tally);
    expect(tally.faults).toEqual([]);
    expect(tally.tried).toBeGreaterThan(0);
  });
});
