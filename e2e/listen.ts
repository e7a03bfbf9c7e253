import { createServer, type Server } from "node:http";
import type { AddressInfo } from "node:net";

type Handler = Parameters<typeof createServer>[1];

/** Serves on any free port of this machine. */
export function listen(handler: Handler, port = 0): Promise<{ readonly server: Server; readonly port: number }> {
  return new Promise((settle, fail) => {
    const server = createServer(handler ?? (() => undefined));
    server.once("error", fail);
    server.listen(port, "127.0.0.1", () => settle({ server, port: (server.address() as AddressInfo).port }));
  });
}
