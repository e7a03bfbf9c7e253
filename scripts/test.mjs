import { ensurePackages, ensurePrograms, run } from "./install.mjs";

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

const steps = [
  ["format and lint", "npx", ["--no-install", "biome", "check", "--error-on-warnings", "."]],
  ["types", "node", ["scripts/types.mjs"]],
  ["import rules", "npx", ["--no-install", "depcruise", "--config", ".dependency-cruiser.cjs", "packages", "apps", "e2e"]],
  ["dead code", "npx", ["--no-install", "knip"]],
  ["tests", "npx", ["--no-install", "vitest", "run", ...process.argv.slice(2)]],
];

for (const [name, command, args] of steps) {
  console.log(`\n== ${name}`);
  const status = run(command, args);
  if (status !== 0) {
    console.error(`\ntest: ${name} failed`);
    process.exit(status);
  }
}
console.log(`\ntest: everything passed in ${Math.round((Date.now() - started) / 1000)} s`);
