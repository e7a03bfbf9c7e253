import { execFileSync } from "node:child_process";
import { existsSync, readFileSync } from "node:fs";
import { fileURLToPath } from "node:url";

/** The repository's own folder, with a slash at its end. */
export const root = fileURLToPath(new URL("..", import.meta.url));

/** Text of a file by its path from the root. */
export const read = (path: string): string => readFileSync(root + path, "utf8");

/** Paths of every file of the repository in a folder, those not yet added among them, by their path from the root. */
export function filesIn(folder = "."): readonly string[] {
  return execFileSync("git", ["ls-files", "--cached", "--others", "--exclude-standard", folder], { cwd: root, encoding: "utf8" })
    .split("\n")
    .filter((f) => f !== "" && existsSync(root + f));
}
