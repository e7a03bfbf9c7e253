import { mkdirSync, mkdtempSync, writeFileSync } from "node:fs";
import { networkInterfaces, tmpdir } from "node:os";
import { join } from "node:path";
import request from "supertest";
import { describe, expect, it } from "vitest";
import { createApp } from "./app.ts";
import { listen } from "./listen.ts";

const outside = mkdtempSync(join(tmpdir(), "amp-saver-"));
const folder = join(outside, "dist");
mkdirSync(join(folder, "assets"), { recursive: true });
writeFileSync(join(folder, "index.html"), "<!doctype html><title>Amp Saver</title>");
writeFileSync(join(folder, "assets", "a.js"), "1");
writeFileSync(join(folder, ".secret"), "secret");
writeFileSync(join(outside, "secret.txt"), "secret");
const app = createApp({ folder });

describe("the server", () => {
  it("gives the app at every address of the app", async () => {
    for (const path of ["/", "/job/x/check"]) {
      const response = await request(app).get(path).set("Accept", "text/html");
      expect(response.status).toBe(200);
      expect(response.text).toContain("Amp Saver");
    }
  });

  it("sends a policy that lets nothing in from elsewhere", async () => {
    const policy = (await request(app).get("/")).headers["content-security-policy"];
    expect(policy).toContain("default-src 'self'");
    expect(policy).toContain("script-src 'self' 'wasm-unsafe-eval';");
    expect(policy).not.toMatch(/https?:|upgrade-insecure/);
  });

  it.each([
    "/../secret.txt",
    "/..%2fsecret.txt",
    "/%2e%2e/secret.txt",
    "/.secret",
    "/assets/..%2f..%2fsecret.txt",
    "/missing.js",
    "/assets/missing.js",
  ])("does not give %s", async (path) => {
    const response = await request(app).get(path);
    expect(response.status).toBeGreaterThanOrEqual(400);
    expect(response.text).not.toContain("secret\n");
    expect(response.text).not.toBe("secret");
  });

  it("only reads", async () => {
    expect((await request(app).post("/").send("x".repeat(1000))).status).toBe(405);
  });

  it("answers to its own names and to those it was told of, and to no other", async () => {
    const known = createApp({ folder, hosts: ["camper.lan"] });
    const status = async (host: string): Promise<number> =>
      (await request(known).get("/").set("Host", host).set("Accept", "text/html")).status;
    const own = Object.values(networkInterfaces()).flatMap((all) => (all ?? []).filter((a) => a.family === "IPv4").map((a) => a.address));
    for (const host of ["localhost", "localhost:4173", "127.0.0.1:80", "[::1]:4173", "camper.lan:9", "CAMPER.LAN", ...own])
      expect([host, await status(host)]).toEqual([host, 200]);
    for (const host of ["evil.test", "evil.test:4173", "localhost.evil.test", "camper.lan.evil.test", "127.0.0.1.evil.test", "203.0.113.9"])
      expect([host, await status(host)]).toEqual([host, 421]);
    expect((await request(known).post("/api/bench").set("Host", "evil.test").send({})).status).toBe(421);
  });

  it("goes on to the next port when one is taken", async () => {
    const first = await listen(app, "127.0.0.1", 0);
    const second = await listen(app, "127.0.0.1", first.port);
    expect(second.port).toBeGreaterThan(first.port);
    first.server.close();
    second.server.close();
  });
});
