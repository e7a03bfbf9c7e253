import { readFileSync } from "node:fs";
import { join } from "node:path";
import { createApp } from "@amp-saver/server";
import { inject } from "vitest";
import { listen } from "./listen.ts";

/** The app under one address, told apart by the bytes of its service worker as browsers do. */
export async function serveVersions(): Promise<{
  readonly address: string;
  /** Serves another version from now on. */
  readonly become: (version: number) => void;
  readonly close: () => void;
}> {
  let version = 0;
  const app = createApp({ folder: inject("folder") });
  const worker = readFileSync(join(inject("folder"), "sw.js"), "utf8");
  const { server, port } = await listen((request, response) => {
    if (request.url !== "/sw.js") app(request, response);
    else response.setHeader("content-type", "text/javascript").end(`${worker}\n// version ${version}`);
  });
  const close = (): void => {
    server.closeAllConnections();
    server.close();
  };
  return {
    address: `http://localhost:${port}`,
    become: (next) => {
      version = next;
    },
    close,
  };
}
