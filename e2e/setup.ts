import { mkdtempSync, readdirSync, rmSync } from "node:fs";
import type { Server } from "node:http";
import { tmpdir } from "node:os";
import { join } from "node:path";
import { Bench, DEMO_SETUP, SimulatedPort } from "@amp-saver/instruments/simulated";
import { createApp, runBench } from "@amp-saver/server";
import type { TestProject } from "vitest/node";
import { buildApp } from "../scripts/build.mjs";
import { listen } from "./listen.ts";

declare module "vitest" {
  export interface ProvidedContext {
    readonly address: string;
    /** The same app with a bench of its own, for a whole job beside the other tests. */
    readonly ownBench: string;
    /** The same app where no instrument answers. */
    readonly withoutInstruments: string;
    readonly folder: string;
    /** Where every browser's process is noted while it runs. */
    readonly browsers: string;
  }
}

/** Ends a process where it still runs. */
function endProcess(pid: number): void {
  try {
    process.kill(pid);
  } catch {
    // It ended by itself.
  }
}

/** Builds the app once and serves it on a free port for every end-to-end test. */
export async function setup(project: TestProject): Promise<() => void> {
  const folder: string = await buildApp({ outDir: "dist-e2e" });
  const browsers = mkdtempSync(join(tmpdir(), "amp-saver-browsers-"));
  const rests: (() => void)[] = [];
  const withBench = (): Promise<{ server: Server; port: number }> => {
    const bench = new SimulatedPort(
      new Bench({ ...DEMO_SETUP, seed: Number(process.env.STAND_IN_SEED ?? DEMO_SETUP.seed) }),
      new Date().toISOString(),
    );
    rests.push(runBench(bench));
    return listen(createApp({ folder, instruments: bench, hosts: ["rig.test"] }));
  };
  const [shared, own, alone] = [await withBench(), await withBench(), await listen(createApp({ folder }))];
  project.provide("address", `http://localhost:${shared.port}`);
  project.provide("ownBench", `http://localhost:${own.port}`);
  project.provide("withoutInstruments", `http://localhost:${alone.port}`);
  project.provide("folder", folder);
  project.provide("browsers", browsers);
  return () => {
    for (const rest of rests) rest();
    for (const pid of readdirSync(browsers)) endProcess(Number(pid));
    rmSync(browsers, { recursive: true, force: true });
    for (const { server } of [shared, own, alone]) {
      server.closeAllConnections();
      server.close();
    }
  };
}
