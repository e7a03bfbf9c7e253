import { fileURLToPath } from "node:url";
import { defineConfig } from "vitest/config";

const HOUR_MS = 3_600_000;

export default defineConfig({
  test: {
    root: fileURLToPath(new URL("..", import.meta.url)),
    include: ["e2e/*/*.walk.ts"],
    testTimeout: HOUR_MS,
    hookTimeout: HOUR_MS,
    globalSetup: ["e2e/setup.ts"],
  },
});
