import { ensurePackages, ROOT } from "./install.mjs";

ensurePackages();
const { createServer } = await import("vite");
const server = await createServer({ root: `${ROOT}apps/web`, mode: process.argv[2] ?? "development" });
await server.listen();
server.printUrls();
