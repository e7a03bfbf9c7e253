import { readFileSync } from "node:fs";
import { check } from "./check.ts";

const MOST_BYTES = 4_000_000;

function readCase(args: readonly string[]): string | { readonly line: string } {
  const [file, ...rest] = args;
  if (file === undefined || rest.length > 0) return { line: "amp-saver check: name one FILE, or - for standard input" };
  try {
    const bytes = readFileSync(file === "-" ? 0 : file);
    return bytes.length > MOST_BYTES
      ? { line: `amp-saver check: the case is too long: at most ${MOST_BYTES} bytes` }
      : bytes.toString("utf8");
  } catch {
    return { line: `amp-saver check: ${JSON.stringify(file)} cannot be read` };
  }
}

const text = readCase(process.argv.slice(2));
const outcome = typeof text === "string" ? check(text) : { exit: 2 as const, line: text.line };
if (outcome.exit === 0) process.stdout.write(outcome.out);
else process.stderr.write(`${outcome.line}\n`);
process.exitCode = outcome.exit;
