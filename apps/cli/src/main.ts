import { readFileSync } from "node:fs";
import { checkFile } from "./check.ts";

function readInput(args: readonly string[]): Uint8Array | { readonly line: string } {
  const [file, ...rest] = args;
  if (file === undefined || rest.length > 0) return { line: "amp-saver check: name one FILE, or - for standard input" };
  try {
    return readFileSync(file === "-" ? 0 : file);
  } catch {
    return { line: `amp-saver check: ${JSON.stringify(file)} cannot be read` };
  }
}

const input = readInput(process.argv.slice(2));
const beside = (name: string): Uint8Array | null => {
  try {
    return readFileSync(name);
  } catch {
    return null;
  }
};
const outcome = input instanceof Uint8Array ? checkFile(process.argv[2] ?? "-", input, beside) : { exit: 2 as const, line: input.line };
if (outcome.exit === 0) process.stdout.write(outcome.out);
else process.stderr.write(`${outcome.line}\n`);
process.exitCode = outcome.exit;
