import { ensurePackages, ensurePrograms, vitest } from "./install.mjs";

/** Reads sixty drawn plates through the interface and counts what came out right, wrong and open. */
ensurePackages();
if (!ensurePrograms([{ path: "/usr/bin/chromium", package: "chromium" }])) process.exit(1);
process.exit(vitest("--config", "e2e/walks.config.ts", "e2e/plates/"));
