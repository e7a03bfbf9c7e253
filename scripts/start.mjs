import { buildApp, serve } from "./build.mjs";

await serve(await buildApp());
