import { ensurePackages, ensurePrograms, vitest } from "./install.mjs";

/** Walks a roof of two units from an empty database to both hand-overs: by touch, upright and sideways, counted, and by keyboard alone. */
ensurePackages();
if (!ensurePrograms([{ path: "/usr/bin/chromium", package: "chromium" }])) process.exit(1);
process.exit(vitest("--config", "e2e/walks.config.ts", "e2e/walk/"));
