import { readFileSync } from "node:fs";
import { gzipSync } from "node:zlib";

/** Compressed script, in kB, that a built page loads before its first screen: its entry and everything preloaded with it. */
export function firstLoadKb(folder) {
  const html = readFileSync(`${folder}/index.html`, "utf8");
  const scripts = [...html.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map((m) => m[1]);
  return scripts.reduce((sum, file) => sum + gzipSync(readFileSync(`${folder}/${file}`)).length, 0) / 1000;
}
