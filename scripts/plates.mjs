import { ensurePackages, ensurePrograms, run } from "./install.mjs";

/** Reads sixty drawn plates through the interface and counts what came out right, wrong and open. */
ensurePackages();
if (!ensurePrograms([{ path: "/usr/bin/chromium", package: "chromium" }])) process.exit(1);
process.exit(run("npx", ["--no-install", "vitest", "run", "--config", "e2e/walks.config.ts", "e2e/plates/"]));
