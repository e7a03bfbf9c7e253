import { pathToFileURL } from "node:url";
import { benchLogbook } from "./bench-logbook.mjs";
import { benchPage } from "./bench-page.mjs";
import { benchPhone } from "./bench-phone.mjs";
import { buildApp } from "./build.mjs";
import { ensurePackages, ensurePrograms, ROOT } from "./install.mjs";
import { firstLoadKb } from "./size.mjs";

ensurePackages();
if (
  !ensurePrograms([
    { path: "/usr/bin/ngspice", package: "ngspice" },
    { path: "/usr/bin/chromium", package: "chromium" },
  ])
) {
  process.exit(1);
}
const line = (what, figure) => console.log(`${what.padEnd(58)} ${figure}`);
const { build } = await import("vite");
await build({
  root: `${ROOT}packages/core`,
  configFile: false,
  logLevel: "warn",
  ssr: { noExternal: true },
  build: { ssr: "bench/bench.ts", outDir: `${ROOT}.cache/bench`, target: "node20", emptyOutDir: true },
});
await import(pathToFileURL(`${ROOT}.cache/bench/bench.js`).href);

await build({
  root: `${ROOT}packages/records`,
  configFile: false,
  logLevel: "warn",
  ssr: { noExternal: true },
  build: { ssr: "src/demo/index.ts", outDir: `${ROOT}.cache/demo`, target: "node20", emptyOutDir: true },
});
const { demoRecords } = await import(pathToFileURL(`${ROOT}.cache/demo/index.js`).href);
const bare = await buildApp();
line("script before the first screen, kB compressed (200 at most)", firstLoadKb(bare).toFixed(0));
await benchLogbook(bare, demoRecords(), line);
const demo = await buildApp({ mode: "demo", outDir: "dist-demo" });
await benchPage(demo, line);
await benchPhone(bare, demo, line);
