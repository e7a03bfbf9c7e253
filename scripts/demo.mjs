import { buildAndServe } from "./build.mjs";

process.env.STAND_INS ??= "on";
await buildAndServe("demo", "dist-demo");
