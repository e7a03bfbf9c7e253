import { spawn } from "node:child_process";
import { ensurePackages, ensurePrograms, ROOT, run } from "./install.mjs";

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

/** Checks of the text of the code, beside its types, which take as long as all of them. */
const CHECKS = [
  ["format and lint", "npx", ["--no-install", "biome", "check", "--error-on-warnings", "."]],
  ["import rules", "npx", ["--no-install", "depcruise", "--config", ".dependency-cruiser.cjs", "packages", "apps", "e2e"]],
  ["dead code", "npx", ["--no-install", "knip"]],
];
const TYPES = [["types", "node", ["scripts/types.mjs"]]];

/** Runs a step and prints it whole once it ends; gives back its status. */
async function quietly(name, command, args) {
  const step = spawn(command, args, { cwd: ROOT, stdio: ["ignore", "pipe", "pipe"] });
  let said = "";
  for (const stream of [step.stdout, step.stderr])
    stream.on("data", (text) => {
      said += text;
    });
  const status = await new Promise((ended) => step.once("close", (code) => ended(code ?? 1)));
  console.log(`\n== ${name}\n${said}`);
  return status;
}

/** Runs steps one after the other; gives back the first that failed, with its status. */
async function inOrder(steps) {
  for (const [name, command, args] of steps) {
    const status = await quietly(name, command, args);
    if (status !== 0) return { name, status };
  }
  return null;
}

function give(failed) {
  if (failed === null) return;
  console.error(`\ntest: ${failed.name} failed`);
  process.exit(failed.status);
}

const failed = await Promise.all([inOrder(TYPES), inOrder(CHECKS)]);
give(failed.find((step) => step !== null) ?? null);

const vitest = (...args) => ["--no-install", "vitest", "run", ...args];
const asked = process.argv.slice(2);
if (asked.length > 0) {
  const status = run("npx", vitest(...asked));
  give(status === 0 ? null : { name: "tests", status });
} else {
  // A browser waits a third of its time: what is reckoned fills that, and gives way to it.
  const [unit, endToEnd] = await Promise.all([
    quietly("unit tests and outside checks", "nice", ["-n", "10", "npx", ...vitest("--project", "unit", "--maxWorkers", "1")]),
    quietly("end-to-end tests", "npx", vitest("--project", "e2e")),
  ]);
  give(unit === 0 ? null : { name: "unit tests", status: unit });
  give(endToEnd === 0 ? null : { name: "end-to-end tests", status: endToEnd });
}
console.log(`\ntest: everything passed in ${Math.round((Date.now() - started) / 1000)} s`);
