import type { Entry, PlateSpec } from "./spec.ts";

const row = (entries: readonly Entry[], each: (entry: Entry) => string): string => entries.map(each).join("");
const labelled = ({ label, printed }: Entry, mark: string): string =>
  `<div class="row"><span>${label}${mark}</span><span class="value">${printed}</span></div>`;
const of = (spec: PlateSpec, ...figures: readonly string[]): readonly Entry[] =>
  figures.flatMap((figure) => spec.entries.filter((e) => e.figure === figure));

/** Entries that are printed as a list whatever stands beside them. */
function table(spec: PlateSpec): string {
  const columns = of(spec, "volts", "hz", "phase", "ratedLoadA", "lockedRotorA", "fanA");
  const rest = spec.entries.filter((e) => !columns.includes(e));
  return `${row(rest, (e) => labelled(e, ":"))}<table><tr>${row(columns, (e) => `<th>${e.label}</th>`)}</tr><tr>${row(columns, (e) => `<td>${e.printed}</td>`)}</tr></table>`;
}

function inline(spec: PlateSpec): string {
  const supply = of(spec, "volts", "hz", "phase").map((e) => `${e.label} ${e.printed}`);
  const amps = of(spec, "ratedLoadA", "lockedRotorA", "fanA").map((e) => `${e.label} ${e.printed}`);
  const rest = spec.entries.filter((e) => !["volts", "hz", "phase", "ratedLoadA", "lockedRotorA", "fanA"].includes(e.figure));
  const line = (parts: readonly string[]): string => `<div class="row">${parts.map((p) => `<span>${p}</span>`).join("")}</div>`;
  return `${row(rest.slice(0, 2), (e) => labelled(e, ""))}${line(supply)}${line(amps)}${row(rest.slice(2), (e) => labelled(e, ""))}`;
}

/** Names as they stand behind a value. */
const SHORT: Readonly<Record<string, string>> = {
  volts: "VOLTS",
  hz: "HZ",
  phase: "PH",
  ratedLoadA: "RLA",
  lockedRotorA: "LRA",
  fanA: "FLA",
};

function valueFirst(spec: PlateSpec): string {
  const bare = (e: Entry): string => `${e.printed.replace(/ ?(A|AMPS|V|VAC|HZ)$/, "")} ${SHORT[e.figure] ?? e.label}`;
  const line = (...figures: readonly string[]): string =>
    `<div class="row">${row(of(spec, ...figures), (e) => `<span>${bare(e)}</span>`)}</div>`;
  const rest = of(spec, "model", "serial", "cooling", "refrigerant", "madeYear", "maxBreakerA");
  return `${row(rest, (e) => labelled(e, ""))}${line("volts", "hz", "phase")}${line("ratedLoadA", "lockedRotorA")}${line("fanA", "circuitA")}`;
}

const BODY: Readonly<Record<PlateSpec["layout"], (spec: PlateSpec) => string>> = {
  rows: (spec) => row(spec.entries, (e) => labelled(e, spec.number % 2 === 0 ? ":" : "")),
  two: (spec) => `<div class="two">${row(spec.entries, (e) => labelled(e, spec.number % 2 === 0 ? ":" : ""))}</div>`,
  table,
  inline,
  "value-first": valueFirst,
  cells: (spec) =>
    `<div class="cells">${row(spec.entries, (e) => `<div class="cell"><small>${e.label}</small><b>${e.printed}</b></div>`)}</div>`,
};

const SURFACES: Readonly<Record<PlateSpec["surface"], string>> = {
  label: "background:#f1efe8;color:#1c1c1c",
  dark: "background:#23262b;color:#e6e6e2",
  metal:
    "background:repeating-linear-gradient(2deg,#b9bcc0 0 2px,#c6c9cc 2px 5px,#aeb2b6 5px 7px);color:#25272a;text-shadow:0 1px 0 #e7eaec",
  foil: "background:linear-gradient(115deg,#d9dcde,#aab0b5 30%,#e9ecee 55%,#9aa0a6);color:#1e2a52",
};

/** The page whose picture is the photograph of a plate, 1600 by 1200 pixels. */
export function plateHtml(spec: PlateSpec): string {
  const spots = Array.from({ length: Math.round(spec.dirt * 90) }, (_, k) => {
    const at = (by: number): number => ((spec.number + 3) * by * (k + 1) * 7919) % 1000;
    return `<i style="left:${at(1) / 10}%;top:${at(3) / 10}%;width:${2 + (at(7) % 9)}px;height:${1 + (at(11) % 5)}px;opacity:${0.15 + (at(13) % 50) / 100}"></i>`;
  }).join("");
  return `<!doctype html><meta charset="utf-8"><style>
  body{margin:0;width:1600px;height:1200px;overflow:hidden;background:#6d6a62;display:grid;place-items:center;perspective:2200px}
  .shot{filter:blur(${spec.blurPx.toFixed(2)}px);transform:rotateZ(${spec.tiltDeg.toFixed(2)}deg) rotateY(${spec.yawDeg.toFixed(2)}deg) rotateX(${spec.pitchDeg.toFixed(2)}deg);position:relative}
  .plate{${SURFACES[spec.surface]};width:1240px;padding:36px 44px;box-sizing:border-box;border:3px solid currentColor;font:${spec.bold ? 700 : 400} 31px/1.5 "${spec.font}",sans-serif;position:relative;overflow:hidden}
  h1{font-size:40px;margin:0 0 14px;letter-spacing:2px}
  .row{display:flex;flex-wrap:wrap;column-gap:38px;white-space:nowrap;break-inside:avoid}.two{columns:2;column-gap:30px;font-size:22px}.two .row{column-gap:16px}
  table{border-collapse:collapse;margin-top:8px;font-size:24px}th,td{border:2px solid currentColor;padding:4px 14px;text-align:center;font-weight:inherit}
  .cells{display:grid;grid-template-columns:repeat(3,1fr)}.cell{border:2px solid currentColor;padding:4px 12px;white-space:nowrap}.cell small{display:block;font-size:19px;line-height:1.3}.cell b{font-size:32px;font-weight:inherit}
  i{position:absolute;background:#4a3a22;border-radius:50%}
  .over{position:absolute;inset:0;background:radial-gradient(circle at ${20 + ((spec.number * 37) % 60)}% ${20 + ((spec.number * 53) % 60)}%,rgba(255,255,255,${spec.glare.toFixed(2)}),transparent 38%),linear-gradient(${(spec.number * 71) % 360}deg,rgba(0,0,0,${spec.shade.toFixed(2)}),transparent 60%)}
  </style><div class="shot"><div class="plate"><h1>${spec.title}</h1>${BODY[spec.layout](spec)}${spots}</div><div class="over"></div></div>`;
}
