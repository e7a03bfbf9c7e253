import { existsSync, mkdirSync, writeFileSync } from "node:fs";
import { pathToFileURL } from "node:url";
import { ensurePackages, ROOT } from "./install.mjs";

/**
 * Keeps a database and a file as this version writes them, for the tests of every later one: `node scripts/sample.mjs NAME`.
 * To be run before the version of the database or of any record is raised.
 */
ensurePackages();
const [name, from = ROOT] = process.argv.slice(2);
if (name === undefined || !/^[a-z0-9-]+$/.test(name)) {
  console.error("sample: say what to call it, in small letters and figures: node scripts/sample.mjs 7");
  process.exit(2);
}
const path = `${ROOT}e2e/samples/${name}.json`;
if (existsSync(path)) {
  console.error(`sample: ${name} is there already, and a sample is never written over`);
  process.exit(2);
}
const { build } = await import("vite");
await build({
  root: `${from}apps/web`,
  configFile: false,
  logLevel: "warn",
  ssr: { noExternal: true },
  build: { ssr: "samples/write.ts", outDir: `${ROOT}.cache/sample`, target: "node20", emptyOutDir: true },
});
const { makeSample } = await import(pathToFileURL(`${ROOT}.cache/sample/write.js`).href);
mkdirSync(`${ROOT}e2e/samples`, { recursive: true });
writeFileSync(path, `${JSON.stringify(await makeSample())}\n`);
console.log(`sample: e2e/samples/${name}.json`);
process.exit(0);
