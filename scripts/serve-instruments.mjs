import { spawn } from "node:child_process";
import { ROOT } from "./install.mjs";

/** Serves a built folder with the stand-in instruments, on a free port of this machine. */
export function serveWithInstruments(folder) {
  const server = spawn(process.execPath, [`${ROOT}apps/server/dist/main.js`, folder], {
    env: { ...process.env, PORT: "0", HOST: "127.0.0.1", STAND_INS: "on" },
    stdio: ["ignore", "pipe", "inherit"],
  });
  return new Promise((ready, fail) => {
    server.once("exit", (code) => fail(new Error(`the server ended with ${code}`)));
    server.stdout.on("data", (text) => {
      const address = /http:\/\/localhost:\d+/.exec(String(text))?.[0];
      if (address !== undefined) ready({ address, close: () => server.kill() });
    });
  });
}
