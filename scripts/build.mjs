import { ensurePackages, ROOT, run } from "./install.mjs";

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

/** Builds in a process of its own and serves the folder in this very one, so that one signal ends everything and the server stays small. */
export async function buildAndServe(mode, outDir) {
  ensurePackages();
  const status = run("node", ["scripts/build-app.mjs", mode, outDir]);
  if (status !== 0) process.exit(status);
  process.argv.splice(2, 0, `${ROOT}apps/web/${outDir}`);
  await import(`${ROOT}apps/server/dist/main.js`);
}
