import type { Server } from "node:http";
import { Bench, DEMO_SETUP, SimulatedPort } from "@amp-saver/instruments/simulated";
import { createApp, runBench } from "@amp-saver/server";
import type { TestProject } from "vitest/node";
import { buildApp } from "../scripts/build.mjs";
import { listen } from "./listen.ts";

declare module "vitest" {
  export interface ProvidedContext {
    readonly address: string;
    /** The same app where no instrument answers. */
    readonly withoutInstruments: string;
    readonly folder: string;
  }
}

/** Builds the app once and serves it on a free port for every end-to-end test. */
export async function setup(project: TestProject): Promise<() => void> {
  const folder: string = await buildApp({ outDir: "dist-e2e" });
  const bench = new SimulatedPort(new Bench(DEMO_SETUP), new Date().toISOString());
  const rest = runBench(bench);
  const { server, port }: { server: Server; port: number } = await listen(createApp({ folder, instruments: bench }));
  const alone: { server: Server; port: number } = await listen(createApp({ folder }));
  project.provide("address", `http://localhost:${port}`);
  project.provide("withoutInstruments", `http://localhost:${alone.port}`);
  project.provide("folder", folder);
  return () => {
    rest();
    for (const each of [server, alone.server]) {
      each.closeAllConnections();
      each.close();
    }
  };
}
