import { readdirSync, readFileSync, statSync } from "node:fs";
import { fileURLToPath } from "node:url";
import { parseAst } from "vite";
import { ROOT } from "./install.mjs";

const CODE = /^(packages|apps)\/[^/]+\/src\/.*(?<!\.test)(?<!\.d)\.tsx?$/;

/** Every file of the code that is neither a test nor types alone, by its path from the root. */
const sources = (root) =>
  ["packages", "apps"]
    .flatMap((top) => readdirSync(`${root}${top}`).map((name) => `${top}/${name}/src`))
    .filter((folder) => statSync(`${root}${folder}`, { throwIfNoEntry: false })?.isDirectory())
    .flatMap((folder) => readdirSync(`${root}${folder}`, { recursive: true }).map((path) => `${folder}/${path}`))
    .filter((path) => CODE.test(path))
    .sort();

const name = (node) => (node.type === "MemberExpression" ? node.property.name : node.name);

/** Whether a comparison asks which kind of source something is. */
const asksSourceKind = (node) =>
  node.type === "BinaryExpression" &&
  (node.operator === "===" || node.operator === "!==") &&
  node.left.type === "MemberExpression" &&
  name(node.left) === "kind" &&
  /^(source|plate|supply)$/i.test(name(node.left.object) ?? "");

/** Casts but for `as const`, casts through unknown, non-null assertions and tests of a source's kind, with their places; files and lines. */
export function counts(root = ROOT) {
  const found = { files: 0, lines: 0, casts: [], throughUnknown: [], nonNull: [], sourceKinds: [] };
  for (const path of sources(root)) {
    const text = readFileSync(`${root}${path}`, "utf8");
    found.files += 1;
    found.lines += text.split("\n").length - 1;
    const at = (node) => `${path}:${text.slice(0, node.start).split("\n").length}`;
    const visit = (node) => {
      if (Array.isArray(node)) for (const one of node) visit(one);
      if (node === null || typeof node !== "object" || typeof node.type !== "string") return;
      if (node.type === "TSAsExpression" && node.typeAnnotation.typeName?.name !== "const") {
        found.casts.push(at(node));
        if (node.typeAnnotation.type === "TSUnknownKeyword") found.throughUnknown.push(at(node));
      }
      if (node.type === "TSNonNullExpression") found.nonNull.push(at(node));
      if (asksSourceKind(node)) found.sourceKinds.push(at(node));
      for (const value of Object.values(node)) visit(value);
    };
    visit(parseAst(text, { lang: path.endsWith("x") ? "tsx" : "ts" }));
  }
  return found;
}

if (process.argv[1] === fileURLToPath(import.meta.url)) {
  const [root = ROOT, show] = process.argv.slice(2);
  const found = counts(root);
  for (const [what, list] of Object.entries(found)) console.log(what, Array.isArray(list) ? list.length : list);
  if (show !== undefined) for (const place of found[show]) console.log(place);
}
