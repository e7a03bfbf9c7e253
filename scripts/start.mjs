import { buildAndServe } from "./build.mjs";

await buildAndServe("production", "dist");
