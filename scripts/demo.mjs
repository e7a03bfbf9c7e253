import { buildApp, serve } from "./build.mjs";

process.env.STAND_INS ??= "on";
await serve(await buildApp({ mode: "demo", outDir: "dist-demo" }));
