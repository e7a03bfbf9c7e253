import { existsSync, statSync } from "node:fs";
import { FINDING_CODES, START_REASONS } from "@amp-saver/core/study/motor-start";
import { BUDGET_ISSUES } from "@amp-saver/core/study/power-budget";
import { FAULT_CODES, SYMPTOMS } from "@amp-saver/core/study/wiring-check";
import { BLOCK_REASONS, FITTINGS } from "@amp-saver/core/study/wiring-plan";
import { describe, expect, it } from "vitest";
import { counts } from "../scripts/counts.mjs";
import { filesIn, read, root } from "./files.ts";

const files = filesIn();

describe("the README", () => {
  const readme = read("README.md");
  it("links only to what is there, the reading path among it", () => {
    const links = [...readme.matchAll(/\]\(([^)#]+)\)/g)].map((m) => m[1]!);
    expect(links.filter((link) => !existsSync(root + link))).toEqual([]);
    const path = readme.slice(readme.indexOf("## A newcomer’s reading path"));
    expect([...path.matchAll(/\]\(([^)]+\.(ts|tsx|md))\)/g)].length).toBeGreaterThanOrEqual(8);
  });
  it("shows every picture, fewer than twenty", () => {
    const pictures = files.filter((f) => f.startsWith("docs/screenshots/"));
    expect(pictures.length).toBeGreaterThan(4);
    expect(pictures.length).toBeLessThan(20);
    expect(pictures.filter((p) => !readme.includes(p))).toEqual([]);
  });
});

describe("the repository", () => {
  it("explains every dependency, and locks without addresses", () => {
    const explained = read("docs/dependencies.md");
    const manifests = files.filter((f) => f.endsWith("package.json"));
    const names = manifests.flatMap((f) => {
      const { dependencies = {}, devDependencies = {} } = JSON.parse(read(f)) as Record<string, Record<string, string>>;
      return Object.keys({ ...dependencies, ...devDependencies }).filter((n) => !n.startsWith("@amp-saver/"));
    });
    expect([...new Set(names)].filter((n) => !explained.includes(`\`${n}\``))).toEqual([]);
    expect(/"resolved": "https?:/.test(read("package-lock.json"))).toBe(false);
  });

  it("documents every code that the headless command can print", () => {
    const page = read("docs/formats/start-case.md");
    expect([...FINDING_CODES, ...START_REASONS].filter((code) => !page.includes(`\`${code}\``))).toEqual([]);
  });

  it("documents every code that a budget can print", () => {
    const page = read("docs/formats/budget-case.md");
    expect(BUDGET_ISSUES.filter((code) => !page.includes(`\`${code}\``))).toEqual([]);
  });

  it("documents every code of wiring plan and check", () => {
    const page = read("docs/formats/wiring-case.md");
    expect([...BLOCK_REASONS, ...FAULT_CODES, ...SYMPTOMS, ...FITTINGS].filter((code) => !page.includes(`\`${code}\``))).toEqual([]);
  });

  it("keeps files short and free of leftovers", () => {
    const code = files.filter((f) => /\.(tsx?|mjs|cjs)$/.test(f));
    const long = code.filter((f) => read(f).split("\n").length > 400);
    expect(long).toEqual([]);
    const marks = new RegExp(["TO" + "DO", "FIX" + "ME", "X" + "XX"].join("|"));
    expect(code.filter((f) => f !== "test/repository.test.ts" && marks.test(read(f)))).toEqual([]);
    expect(files.filter((f) => statSync(root + f).size > 1_000_000)).toEqual([]);
  });

  it("never says the word that no one may say of mains", () => {
    const words = files.filter((f) => f.startsWith("apps/web/src/words/"));
    expect(words.filter((f) => /\bsafe(ly|ty)?\b/i.test(read(f)))).toEqual([]);
  });
});

const MOST_CASTS = 60;
const MOST_KIND_TESTS = 20;

describe("the code", () => {
  const { casts, throughUnknown, sourceKinds } = counts();
  it("casts seldom, and never through unknown", () => {
    expect(casts.length).toBeLessThanOrEqual(MOST_CASTS);
    expect(throughUnknown).toEqual([]);
  });

  it("asks seldom which kind of source something is: its model knows", () => {
    expect(sourceKinds.length).toBeLessThanOrEqual(MOST_KIND_TESTS);
  });

  it("has comments that name only files that are there", () => {
    const base = new Set(files.map((f) => f.replace(/.*\//, "")));
    const named = files
      .filter((f) => /\.(ts|tsx|mjs|cjs|css)$/.test(f))
      .flatMap((f) =>
        [...read(f).matchAll(/(?:\/\/|\/\*|^\s*\*).*/gm)].flatMap(([comment]) =>
          [...comment.matchAll(/[`\s(]((?:[\w.-]+\/)*[\w.-]+\.(?:ts|tsx|mjs|cjs|md|json))\b/g)].map((m) => `${f}: ${m[1]}`),
        ),
      );
    const gone = named.filter((n) => {
      const name = n.slice(n.indexOf(": ") + 2);
      return !base.has(name.replace(/.*\//, ""));
    });
    expect(gone).toEqual([]);
  });
});
