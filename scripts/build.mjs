import { ensurePackages, ROOT } from "./install.mjs";

/** Builds the app into apps/web/<outDir> and the server that serves it, as it ships whoever asks: a test runner's NODE_ENV would bring in the slow libraries meant for development. */
export async function buildApp({ mode = "production", outDir = "dist" } = {}) {
  ensurePackages();
  const { build } = await import("vite");
  const asked = process.env.NODE_ENV;
  process.env.NODE_ENV = "production";
  try {
    await build({ root: `${ROOT}apps/web`, mode, logLevel: "warn", build: { outDir, emptyOutDir: true } });
    await build({
      root: `${ROOT}apps/server`,
      configFile: false,
      logLevel: "warn",
      build: { ssr: "src/main.ts", outDir: "dist", target: "node20", emptyOutDir: true },
    });
  } finally {
    if (asked === undefined) delete process.env.NODE_ENV;
    else process.env.NODE_ENV = asked;
  }
  return `${ROOT}apps/web/${outDir}`;
}

/** Serves a built folder in this very process, so that one signal ends everything. */
export async function serve(folder) {
  process.argv[2] = folder;
  await import(`${ROOT}apps/server/dist/main.js`);
}
