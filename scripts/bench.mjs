import { pathToFileURL } from "node:url";
import { buildApp } from "./build.mjs";
import { ensurePackages, ensurePrograms, ROOT } from "./install.mjs";
import { firstLoadKb } from "./size.mjs";

ensurePackages();
if (!ensurePrograms([{ path: "/usr/bin/ngspice", package: "ngspice" }])) process.exit(1);
const { build } = await import("vite");
await build({
  root: `${ROOT}packages/core`,
  configFile: false,
  logLevel: "warn",
  ssr: { noExternal: true },
  build: { ssr: "bench/bench.ts", outDir: `${ROOT}.cache/bench`, target: "node20", emptyOutDir: true },
});
await import(pathToFileURL(`${ROOT}.cache/bench/bench.js`).href);

const kb = firstLoadKb(await buildApp());
console.log(`${"script before the first screen, kB compressed (250 at most)".padEnd(58)} ${kb.toFixed(0)}`);
