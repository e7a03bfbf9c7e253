import { existsSync, readdirSync } from "node:fs";
import { program, ROOT, run } from "./install.mjs";

const projects = ["packages", "apps"]
  .flatMap((folder) => readdirSync(ROOT + folder).map((name) => `${folder}/${name}`))
  .concat("e2e", "test")
  .flatMap((folder) => ["tsconfig.json", "tsconfig.test.json", "tsconfig.worker.json"].map((file) => `${folder}/${file}`))
  .filter((file) => existsSync(ROOT + file));

const failed = projects.filter((project) => run(program("tsc"), ["-p", project]) !== 0);
if (failed.length > 0) {
  console.error(`types: ${failed.join(", ")}`);
  process.exit(1);
}
