import { register } from "node:module";

/** Lets Node itself run our TypeScript, in a process that is started with `--import` of this file. */
register("./strip-types-hook.mjs", import.meta.url);
