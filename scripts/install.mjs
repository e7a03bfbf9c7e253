import { spawnSync } from "node:child_process";
import { existsSync, statSync } from "node:fs";
import { fileURLToPath } from "node:url";

export const ROOT = fileURLToPath(new URL("..", import.meta.url));

/** Runs a command in the root; quiet sends its output to standard error so that ours stays clean. */
export function run(command, args, { quiet = false, env = process.env } = {}) {
  const { status } = spawnSync(command, args, { cwd: ROOT, env, stdio: quiet ? ["inherit", 2, 2] : "inherit" });
  return status ?? 1;
}

/** The program of that name which the packages bring. */
export const program = (name) => `${ROOT}node_modules/.bin/${name}`;

/** Runs vitest with the arguments; gives back its status. */
export const vitest = (...args) => run(program("vitest"), ["run", ...args]);

/** Installs the packages of the lock file unless they are already there. */
export function ensurePackages({ quiet = false } = {}) {
  const mark = `${ROOT}node_modules/.package-lock.json`;
  const fresh = existsSync(mark) && statSync(mark).mtimeMs >= statSync(`${ROOT}package-lock.json`).mtimeMs - 1000;
  if (fresh) return;
  const status = run("npm", ["ci", "--no-audit", "--no-fund", "--loglevel=error"], { quiet });
  if (status !== 0) process.exit(status);
}

/** Installs Debian packages whose program is missing; returns false when that cannot be done. */
export function ensurePrograms(programs) {
  const missing = programs.filter(({ path }) => !existsSync(path));
  if (missing.length === 0) return true;
  run("apt-get", ["update", "-qq"]);
  return run("apt-get", ["install", "-y", "-qq", "--no-install-recommends", ...missing.map((p) => p.package)]) === 0;
}
