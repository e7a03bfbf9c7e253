import { join } from "node:path";
import compression from "compression";
import express, { type Express } from "express";
import helmet from "helmet";

/** What the server serves: one folder of built files. */
export interface ServerOptions {
  /** The built app's folder. */
  readonly folder: string;
}

const POLICY = {
  defaultSrc: ["'self'"],
  scriptSrc: ["'self'"],
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
export function createApp({ folder }: ServerOptions): Express {
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
  app.use(compression());
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
