import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const HOURS_MS = 3 * 3_600_000;

export default defineConfig({
  test: {
    root: fileURLToPath(new URL("../..", import.meta.url)),
    include: ["e2e/soak/*.soak.ts"],
    testTimeout: HOURS_MS,
    hookTimeout: HOURS_MS,
    globalSetup: ["e2e/setup.ts"],
  },
});
