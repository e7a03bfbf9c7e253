import { existsSync, readFileSync } from "node:fs";
import { ensurePackages, ensurePrograms, ROOT, vitest } from "./install.mjs";

/** Long attacks on what must not be lost, hang or be let in: `npm run soak -- SEED [SHARE]`; the report is printed and kept. */
const [seed = "1", share = "1"] = process.argv.slice(2);
if (!/^\d{1,6}$/.test(seed) || !(Number(share) > 0 && Number(share) <= 1)) {
  console.error("soak: say a seed from 0 to 999999 and a share of the tries, over 0 and at most 1: npm run soak -- 7 0.1");
  process.exit(2);
}
ensurePackages();
if (!ensurePrograms([{ path: "/usr/bin/chromium", package: "chromium" }])) process.exit(1);
Object.assign(process.env, { SOAK_SEED: seed, SOAK_SHARE: share });
const status = vitest("--config", "e2e/soak/vitest.config.ts");
const report = `${ROOT}.cache/soak/report-${seed}.md`;
if (existsSync(report)) console.log(readFileSync(report, "utf8"));
process.exit(status);
