import { ensurePackages, ensurePrograms, run } from "./install.mjs";

/** Walks a roof of two units from an empty database to both hand-overs, phone upright and sideways, and counts what the finger does. */
ensurePackages();
if (!ensurePrograms([{ path: "/usr/bin/chromium", package: "chromium" }])) process.exit(1);
process.exit(run("npx", ["--no-install", "vitest", "run", "--config", "e2e/walks.config.ts", "e2e/walk/"]));
