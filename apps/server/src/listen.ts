import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";
import type { Express } from "express";

const TRIES = 10;

/** Listens on the wanted port, or the next free one after it; 0 takes any. */
export async function listen(app: Express, host: string, wanted: number): Promise<{ readonly server: Server; readonly port: number }> {
  for (let k = 0; k < TRIES; k++) {
    const server = createServer(app);
    const error = await new Promise<NodeJS.ErrnoException | null>((settle) => {
      server.once("error", settle);
      server.listen(wanted === 0 ? 0 : wanted + k, host, () => settle(null));
    });
    if (error === null) return { server, port: (server.address() as AddressInfo).port };
    if (error.code !== "EADDRINUSE") throw error;
  }
  throw new Error(`no free port from ${wanted} to ${wanted + TRIES - 1}`);
}
