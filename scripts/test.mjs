import { spawn } from "node:child_process";
import { ensurePackages, ensurePrograms, program, ROOT, vitest } from "./install.mjs";

const started = Date.now();
ensurePackages();
if (
  !ensurePrograms([
    { path: "/usr/bin/chromium", package: "chromium" },
    { path: "/usr/bin/ngspice", package: "ngspice" },
    { path: "/usr/bin/pdftotext", package: "poppler-utils" },
  ])
) {
  console.error("test: chromium, ngspice and poppler-utils could not be installed with apt-get; install them by hand");
  process.exit(1);
}

/** `--long` asks for the long tests alone; files that are asked for run whole, long tests and all. */
const words = process.argv.slice(2);
const long = words.includes("--long");
const asked = words.filter((word) => word !== "--long");
const tags = long ? ["--tags-filter=long", "--project=e2e"] : asked.some((word) => !word.startsWith("-")) ? [] : ["--tags-filter=!long"];

/** Checks of the text of the code, beside its types, which take as long as all of them. */
const CHECKS = [
  ["format and lint", program("biome"), ["check", "--error-on-warnings", "."]],
  ["import rules", program("depcruise"), ["--config", ".dependency-cruiser.cjs", "packages", "apps", "e2e"]],
  ["dead code", program("knip"), []],
];
const TYPES = [["types", "node", ["scripts/types.mjs"]]];

/** Runs steps one after the other and prints each whole once it ends; gives back the first that failed, with its status. */
async function inOrder(steps) {
  for (const [name, command, args] of steps) {
    const step = spawn(command, args, { cwd: ROOT, stdio: ["ignore", "pipe", "pipe"] });
    let said = "";
    for (const stream of [step.stdout, step.stderr])
      stream.on("data", (text) => {
        said += text;
      });
    const status = await new Promise((ended) => step.once("close", (code) => ended(code ?? 1)));
    console.log(`\n== ${name}\n${said}`);
    if (status !== 0) return { name, status };
  }
  return null;
}

function give(failed) {
  if (failed === null) return;
  console.error(`\ntest: ${failed.name} failed`);
  process.exit(failed.status);
}

if (!long) {
  const failed = await Promise.all([inOrder(TYPES), inOrder(CHECKS)]);
  give(failed.find((step) => step !== null) ?? null);
}

console.log("\n== tests");
const status = vitest(...tags, ...asked);
give(status === 0 ? null : { name: "tests", status });
console.log(`\ntest: everything passed in ${Math.round((Date.now() - started) / 1000)} s`);
