import { join } from "node:path";
import type { SimulatedPort } from "@amp-saver/instruments/simulated";
import compression from "compression";
import express, { type Express } from "express";
import helmet from "helmet";
import { asksForUs } from "./hosts.ts";
import { instrumentRoutes } from "./instruments.ts";
import { Rooms } from "./room.ts";
import { roomRoutes } from "./room-routes.ts";

export { runBench } from "./bench-clock.ts";

/** What the server serves: one folder of built files, and the stand-in instruments where they are on. */
export interface ServerOptions {
  /** The built app's folder. */
  readonly folder: string;
  readonly instruments?: SimulatedPort;
  /** Names it answers to beside its own: of the machine in its network, say. */
  readonly hosts?: readonly string[];
  /** Rooms in which two devices meet. */
  readonly rooms?: Rooms;
}

const POLICY = {
  defaultSrc: ["'self'"],
  // Reading a plate's letters is compiled code; nothing else may be evaluated.
  scriptSrc: ["'self'", "'wasm-unsafe-eval'"],
  styleSrc: ["'self'", "'unsafe-inline'"],
  imgSrc: ["'self'", "data:", "blob:"],
  mediaSrc: ["'self'", "blob:"],
  fontSrc: ["'self'"],
  connectSrc: ["'self'"],
  workerSrc: ["'self'"],
  manifestSrc: ["'self'"],
  objectSrc: ["'none'"],
  baseUri: ["'none'"],
  formAction: ["'self'"],
  frameAncestors: ["'none'"],
  upgradeInsecureRequests: null,
};

/** The app behind a strict content policy, from one folder and nothing outside it. */
export function createApp({ folder, instruments, hosts = [], rooms = new Rooms() }: ServerOptions): Express {
  const app = express();
  app.disable("x-powered-by");
  app.use(
    helmet({
      contentSecurityPolicy: { useDefaults: false, directives: POLICY },
      strictTransportSecurity: false,
      crossOriginOpenerPolicy: false,
      originAgentCluster: false,
    }),
  );
  app.use((request, response, next) => {
    if (asksForUs(request.headers.host, hosts)) next();
    else response.status(421).type("text").send("This name is not one of this server's. Start it with --host and the name.\n");
  });
  app.use(compression({ filter: (request, response) => !isStream(response) && compression.filter(request, response) }));
  app.use("/api/rooms", roomRoutes(rooms));
  if (instruments !== undefined) app.use("/api", instrumentRoutes(instruments));
  app.get("/api/instruments", (_request, response) => {
    response.json([]);
  });
  app.use("/api", (_request, response) => {
    response.status(404).json({ reason: "no-such-instrument" });
  });
  app.use((request, response, next) => {
    if (request.method === "GET" || request.method === "HEAD") next();
    else response.status(405).set("Allow", "GET, HEAD").type("text").send("Only reading is possible here.\n");
  });
  app.use("/assets", express.static(join(folder, "assets"), { immutable: true, maxAge: "1y", fallthrough: false }));
  app.use(express.static(folder, { dotfiles: "ignore", index: "index.html", maxAge: 0, redirect: false }));
  app.get("/{*path}", (request, response) => {
    if (request.accepts("html") && !/\.[a-z0-9]+$/i.test(request.path)) response.sendFile("index.html", { root: folder, maxAge: 0 });
    else response.status(404).type("text").send("There is no such file.\n");
  });
  app.use((_error: unknown, _request: express.Request, response: express.Response, _next: express.NextFunction) => {
    if (!response.headersSent) response.status(404).type("text").send("There is no such file.\n");
  });
  return app;
}

/** Streams are sent as they come: packing them would hold them back. */
function isStream(response: Pick<express.Response, "getHeader">): boolean {
  return String(response.getHeader("Content-Type") ?? "").startsWith("text/event-stream");
}
