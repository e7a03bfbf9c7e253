import { defineConfig } from "vitest/config";
import { BaseSequencer, type TestSpecification } from "vitest/node";

/** Tests that take longest, which begin before the others so that none of them is waited for alone. */
const LONGEST = [
  "calibration-coverage",
  "honest",
  "start-sound",
  "lessons",
  "assessment",
  "threshold",
  "agree",
  "proof-coverage",
  "steadfast",
  "pairing-visit",
  "every-screen",
  "sample",
  "nothing-lost",
  "photo-wiring",
  "whole-job",
  "roof",
  "one-verdict",
  "years-later",
  "hand-over",
  "versions",
  "together",
  "wiring",
];

class LongestFirst extends BaseSequencer {
  override async sort(files: TestSpecification[]): Promise<TestSpecification[]> {
    const rank = ({ moduleId }: TestSpecification): number => {
      const at = LONGEST.findIndex((name) => moduleId.endsWith(`/${name}.test.ts`));
      return at < 0 ? LONGEST.length : at;
    };
    return (await super.sort(files)).toSorted((a, b) => rank(a) - rank(b));
  }
}

const UNIT = {
  // Unit tests share nothing but modules without state, and starting anew for every file takes longer than most of them.
  isolate: false,
  maxWorkers: 2,
  exclude: ["**/node_modules/**", "**/dist/**"],
  testTimeout: 240_000,
};

export default defineConfig({
  test: {
    sequence: { sequencer: LongestFirst },
    tags: [{ name: "long", description: "left out by npm test: see e2e/long.ts" }],
    projects: [
      {
        test: {
          ...UNIT,
          name: "unit",
          // Run by Node itself: what calls from file to file a million times takes a third less than through Vite.
          experimental: { viteModuleRunner: false, nodeLoader: false },
          execArgv: ["--enable-source-maps", "--import", new URL("./scripts/strip-types.mjs", import.meta.url).href],
          include: [
            "packages/*/src/**/*.test.ts",
            "packages/core/validation/**/*.test.ts",
            "apps/{cli,server}/**/*.test.ts",
            "test/**/*.test.ts",
          ],
        },
      },
      { test: { ...UNIT, name: "web", include: ["apps/web/**/*.test.ts"] } },
      {
        test: {
          name: "e2e",
          isolate: false,
          include: ["e2e/**/*.test.ts"],
          maxWorkers: 2,
          sequence: { groupOrder: 1 },
          testTimeout: 600_000,
          hookTimeout: 300_000,
          globalSetup: ["e2e/setup.ts"],
        },
      },
    ],
  },
});
