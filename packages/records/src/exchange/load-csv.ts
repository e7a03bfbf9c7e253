import { type FigureName, readTyped } from "@amp-saver/core/figure";
import Papa from "papaparse";
import { type Figure, type Load, MOST_RIG_LOADS } from "../index.ts";
import { FORMULA, fromHarmless } from "./csv-text.ts";

type Row = Partial<Load> & { readonly name: string };

/** Why a list was refused, with line and column where they matter. */
export type LoadsFailure =
  | { readonly code: "empty" | "no-name" | "no-figure" | "too-many" }
  | { readonly code: "column-twice"; readonly column: string }
  | { readonly code: "bad-name" | "missing-figure"; readonly line: number }
  | { readonly code: "bad-figure" | "bad-word"; readonly line: number; readonly column: string; readonly limits: string };

export type LoadsResult = { readonly ok: true; readonly rows: readonly Row[] } | { readonly ok: false; readonly failure: LoadsFailure };

const FIGURES = {
  watts: ["runW", "loadW"],
  amps: ["runA", "loadA"],
  "start amps": ["startA", "loadStartA"],
} as const satisfies Readonly<Record<string, readonly [keyof Load, FigureName]>>;
const FLAGS = { continuous: "continuous", automatic: "automatic", battery: "onBattery", on: "on" } as const;
const COLUMNS = ["name", "watts", "amps", "start amps", "leg", "priority", "continuous", "automatic", "battery", "on"] as const;
const YES = ["yes", "y", "true", "1", "x"];
const NO = ["no", "n", "false", "0", ""];

/** A list of loads as CSV, one a line, with a heading. */
export function writeLoads(loads: readonly Load[]): string {
  const yes = (flag: boolean): string => (flag ? "yes" : "no");
  const data = loads.map((l) => [
    l.name,
    l.runW?.value ?? "",
    l.runA?.value ?? "",
    l.startA?.value ?? "",
    l.leg,
    l.priority,
    yes(l.continuous),
    yes(l.automatic),
    yes(l.onBattery),
    yes(l.on),
  ]);
  return `${Papa.unparse({ fields: [...COLUMNS], data }, { escapeFormulae: FORMULA })}\r\n`;
}

/** Reads a list of loads; `room` is how many more the rig may have. Nothing is taken from a list with anything wrong in it. */
export function readLoads(text: string, room = MOST_RIG_LOADS): LoadsResult {
  const { data } = Papa.parse<string[]>(text.replace(/^\uFEFF/, "").trim(), { skipEmptyLines: "greedy", preview: room + 2 });
  const [heading, ...lines] = data;
  if (heading === undefined || lines.length === 0) return refuse({ code: "empty" });
  const columns = heading.map((h) => h.trim().toLowerCase());
  const twice = columns.find((c, i) => c !== "" && columns.indexOf(c) !== i);
  if (twice !== undefined) return refuse({ code: "column-twice", column: twice });
  if (!columns.includes("name")) return refuse({ code: "no-name" });
  if (!columns.includes("watts") && !columns.includes("amps")) return refuse({ code: "no-figure" });
  if (lines.length > room) return refuse({ code: "too-many" });
  const rows: Row[] = [];
  for (const [i, cells] of lines.entries()) {
    const read = readRow(Object.fromEntries(columns.map((c, k) => [c, (cells[k] ?? "").trim()])), i + 2);
    if ("code" in read) return refuse(read);
    rows.push(read);
  }
  return { ok: true, rows };
}

function readRow(cells: Readonly<Record<string, string>>, line: number): Row | LoadsFailure {
  const name = fromHarmless(cells.name ?? "");
  if (name === "" || name.length > 120) return { code: "bad-name", line };
  const row: Record<string, unknown> = { name };
  for (const [column, [field, bounds]] of Object.entries(FIGURES)) {
    const text = cells[column] ?? "";
    if (text === "") continue;
    const typed = readTyped(bounds, "si", text);
    if (!typed.ok) return { code: "bad-figure", line, column, limits: typed.limits };
    row[field] = { value: typed.value, from: "sheet" } satisfies Figure;
  }
  if (row.runW === undefined && row.runA === undefined) return { code: "missing-figure", line };
  for (const [column, field] of Object.entries(FLAGS)) {
    const text = cells[column]?.toLowerCase();
    if (text === undefined || (text === "" && column === "on")) continue;
    if (!YES.includes(text) && !NO.includes(text)) return { code: "bad-word", line, column, limits: "yes, no" };
    row[field] = YES.includes(text);
  }
  const { leg = "", priority = "" } = cells;
  if (leg !== "") {
    if (!["1", "2", "both"].includes(leg)) return { code: "bad-word", line, column: "leg", limits: "1, 2, both" };
    row.leg = leg === "both" ? leg : Number(leg);
  }
  if (priority !== "") {
    if (!["1", "2", "3", "4", "5"].includes(priority)) return { code: "bad-word", line, column: "priority", limits: "1, 2, 3, 4, 5" };
    row.priority = Number(priority);
  }
  return row as Row;
}

function refuse(failure: LoadsFailure): LoadsResult {
  return { ok: false, failure };
}
