import { buildApp, serve } from "./build.mjs";

await serve(await buildApp({ mode: "demo", outDir: "dist-demo" }));
