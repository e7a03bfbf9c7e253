import { resolve } from "node:path";
import { parseArgs } from "node:util";
import { Bench, DEMO_SETUP, SimulatedPort } from "@amp-saver/instruments/simulated";
import { createApp } from "./app.ts";
import { runBench } from "./bench-clock.ts";
import { listen } from "./listen.ts";

const { positionals, values } = parseArgs({ allowPositionals: true, options: { host: { type: "string", multiple: true } } });
const folder = resolve(positionals[0] ?? "dist");
const host = process.env.HOST ?? "127.0.0.1";
const wanted = Number(process.env.PORT ?? 4173);

const bench = process.env.STAND_INS === "on" ? new SimulatedPort(new Bench(DEMO_SETUP), new Date().toISOString()) : undefined;
if (bench !== undefined) runBench(bench);

const { server, port } = await listen(
  createApp({ folder, hosts: [host, ...(values.host ?? [])], ...(bench && { instruments: bench }) }),
  host,
  Number.isInteger(wanted) && wanted >= 0 && wanted < 65536 ? wanted : 4173,
);
console.log(`Amp Saver is at http://${host === "127.0.0.1" ? "localhost" : host}:${port}/`);

for (const signal of ["SIGINT", "SIGTERM"] as const) {
  process.on(signal, () => {
    server.closeAllConnections();
    server.close(() => process.exit(0));
  });
}
