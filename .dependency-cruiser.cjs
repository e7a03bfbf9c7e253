const core = "^packages/core/src";
const forbid = (name, from, to, extra = {}) => ({ name, severity: "error", from: { path: from, ...extra }, to: { path: to } });
const notTest = { pathNot: "\\.test\\.tsx?$" };

module.exports = {
  forbidden: [
    { name: "no-circular", severity: "error", from: {}, to: { circular: true } },
    {
      name: "not-to-unresolvable",
      severity: "error",
      from: {},
      to: { couldNotResolve: true, pathNot: "^virtual:|\\.css$|\\?url$|\\?worker$|^pdfmake/interfaces$" },
    },
    forbid("quantity-imports-nothing", `${core}/quantity/`, `^(?!${core.slice(1)}/quantity/)(packages|apps|e2e|node_modules)/`, notTest),
    forbid(
      "numeric-imports-its-solver-only",
      `${core}/numeric/`,
      `^(?!${core.slice(1)}/numeric/|node_modules/ml-levenberg-marquardt/)(packages|apps|e2e|node_modules)/`,
      notTest,
    ),
    forbid(
      "reference-imports-quantity-only",
      `${core}/reference/`,
      `^(?!${core.slice(1)}/(reference|quantity)/)(packages|apps|e2e|node_modules)/`,
      notTest,
    ),
    forbid(
      "figure-imports-quantity-and-devices",
      `${core}/figure/`,
      `^(?!${core.slice(1)}/(figure|quantity|device)/)(packages|apps|e2e|node_modules)/`,
      notTest,
    ),
    {
      name: "device-imports-no-other-device",
      severity: "error",
      from: { path: `${core}/device/([^/]+)/`, ...notTest },
      to: { path: "^(packages|apps|e2e|node_modules)/", pathNot: `${core}/(device/$1|quantity|numeric|reference)/` },
    },
    {
      name: "study-only-through-public-result",
      severity: "error",
      from: { path: `${core}/study/([^/]+)/` },
      to: { path: `${core}/study/[^/]+/(?!index\\.ts$)`, pathNot: `${core}/study/$1/` },
    },
    forbid("core-has-no-package", `${core}/`, "^(node_modules(?!/ml-levenberg-marquardt/)|apps|e2e|packages/(?!core))", notTest),
    { name: "core-has-no-node", severity: "error", from: { path: `${core}/`, ...notTest }, to: { dependencyTypes: ["core"] } },
    {
      name: "through-the-contents-page",
      severity: "error",
      from: { path: `${core}/(quantity|numeric|reference|device/[^/]+)/`, ...notTest },
      to: { path: `${core}/(quantity|numeric|reference|device/[^/]+)/(?!index\\.ts$)`, pathNot: `${core}/$1/` },
    },
    forbid("screens-know-no-frame", "^apps/web/src/screens/", "^apps/web/src/app/"),
    forbid("instruments-know-core-only", "^packages/instruments/src/", "^(apps|e2e|packages/records)/"),
    forbid("port-and-client-know-no-simulation", "^packages/instruments/src/(http/|[^/]+\\.ts$)", `${core}/(?!quantity/)`, {
      pathNot: "\\.test\\.ts$|conformance",
    }),
    forbid("records-know-core-only", "^packages/records/src/", "^(apps|e2e|packages/(cases|instruments))/"),
    forbid("cases-know-core-and-records", "^packages/cases/src/", "^(apps|e2e|packages/instruments)/"),
    forbid("views-know-no-equations", "^apps/web/src/screens/", "^packages/core/src/numeric"),
    forbid("chart-and-ui-know-no-records", "^apps/web/src/(chart|ui)/", "^(packages/records|apps/web/src/(store|screens|workers))/"),
    forbid("views-have-no-react", "^apps/web/src/screens/.*\\.view\\.ts$", "^node_modules/(react|react-dom|swr|react-router)/"),
    forbid("nobody-imports-apps", "^packages/", "^apps/"),
  ],
  options: {
    doNotFollow: { path: "node_modules" },
    exclude: { path: "(^|/)(dist|dist-demo|dist-e2e)/" },
    tsPreCompilationDeps: true,
    tsConfig: { fileName: "tsconfig.base.json" },
    enhancedResolveOptions: {
      exportsFields: ["exports"],
      conditionNames: ["import", "types", "default"],
      extensions: [".ts", ".tsx", ".mjs", ".js"],
    },
  },
};
