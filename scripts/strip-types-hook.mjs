import { readFile } from "node:fs/promises";
import { fileURLToPath } from "node:url";
import { transformWithOxc } from "vite";

/** Gives the JavaScript of a TypeScript file, with the lines it came from. */
export async function load(url, context, next) {
  const { protocol, pathname } = new URL(url);
  if (protocol !== "file:" || !pathname.endsWith(".ts")) return next(url, context);
  const file = fileURLToPath(url);
  const { code, map } = await transformWithOxc(await readFile(file, "utf8"), file, { sourcemap: true });
  const lines = Buffer.from(JSON.stringify(map)).toString("base64");
  return { format: "module", source: `${code}\n//# sourceMappingURL=data:application/json;base64,${lines}`, shortCircuit: true };
}
