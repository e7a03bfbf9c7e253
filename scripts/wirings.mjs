import { ensurePackages, ensurePrograms, vitest } from "./install.mjs";

/** Plays every wiring met in the field through the real interface, or those whose name holds a text: `npm run wirings -- TEXT`. */
const [text] = process.argv.slice(2);
ensurePackages();
if (!ensurePrograms([{ path: "/usr/bin/chromium", package: "chromium" }])) process.exit(1);
const wanted = text === undefined ? [] : ["-t", text];
process.exit(vitest("--config", "e2e/walks.config.ts", "e2e/wirings/", ...wanted));
