import { buildApp } from "./build.mjs";

/** Builds in a process of its own, which is gone with all that building takes once the server runs. */
const [mode, outDir] = process.argv.slice(2);
await buildApp({ mode, outDir });
