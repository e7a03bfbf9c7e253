import { existsSync, readdirSync, statSync } from "node:fs";
import { pathToFileURL } from "node:url";
import { ensurePackages, ROOT } from "./install.mjs";

const BUNDLE = `${ROOT}apps/cli/dist/main.js`;
const SOURCES = ["packages/core/src", "packages/records/src", "packages/cases/src", "apps/cli/src"];

function newest(folder) {
  return readdirSync(folder, { withFileTypes: true }).reduce((latest, entry) => {
    const path = `${folder}/${entry.name}`;
    return Math.max(latest, entry.isDirectory() ? newest(path) : statSync(path).mtimeMs);
  }, 0);
}

function stale() {
  if (!existsSync(BUNDLE)) return true;
  const built = statSync(BUNDLE).mtimeMs;
  return SOURCES.some((folder) => newest(ROOT + folder) > built);
}

if (stale()) {
  ensurePackages({ quiet: true });
  const { build } = await import("vite");
  await build({
    root: `${ROOT}apps/cli`,
    configFile: false,
    logLevel: "silent",
    ssr: { noExternal: true },
    build: { ssr: "src/main.ts", outDir: "dist", target: "node20", emptyOutDir: true, minify: true },
  });
}
await import(pathToFileURL(BUNDLE).href);
