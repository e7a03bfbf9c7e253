import { defineConfig } from "vitest/config";

export default defineConfig({
  test: {
    projects: [
      {
        test: {
          name: "unit",
          // Unit tests share nothing but modules without state, and starting anew for every file takes longer than most of them.
          isolate: false,
          include: [
            "packages/*/src/**/*.test.ts",
            "packages/core/validation/**/*.test.ts",
            "apps/{cli,server,web}/**/*.test.ts",
            "test/**/*.test.ts",
          ],
          exclude: ["**/node_modules/**", "**/dist/**"],
          testTimeout: 60_000,
        },
      },
      {
        test: {
          name: "e2e",
          include: ["e2e/**/*.test.ts"],
          maxWorkers: 3,
          sequence: { groupOrder: 1 },
          testTimeout: 240_000,
          hookTimeout: 180_000,
          globalSetup: ["e2e/setup.ts"],
        },
      },
    ],
  },
});
