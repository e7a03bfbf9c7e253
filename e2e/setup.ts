import type { Server } from "node:http";
import { createApp } from "@amp-saver/server";
import type { TestProject } from "vitest/node";
import { buildApp } from "../scripts/build.mjs";
import { listen } from "./listen.ts";

declare module "vitest" {
  export interface ProvidedContext {
    readonly address: string;
    readonly folder: string;
  }
}

/** Builds the app once and serves it on a free port for every end-to-end test. */
export async function setup(project: TestProject): Promise<() => void> {
  const folder: string = await buildApp({ outDir: "dist-e2e" });
  const { server, port }: { server: Server; port: number } = await listen(createApp({ folder }));
  project.provide("address", `http://localhost:${port}`);
  project.provide("folder", folder);
  return () => {
    server.closeAllConnections();
    server.close();
  };
}
