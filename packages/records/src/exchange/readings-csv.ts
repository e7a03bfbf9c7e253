import Papa from "papaparse";
import type { Reading, Source } from "../index.ts";
import { FORMULA } from "./csv-text.ts";

/** Readings of a job as CSV, SI, one a line. */
export function readingsCsv(readings: readonly Reading[], sources: readonly Source[]): string {
  const fields = [
    "taken at",
    "when",
    "kind",
    "conductor",
    "amps",
    "volts",
    "rest min",
    "outdoor °C",
    "source",
    "meter",
    "what was on",
    "learned runs",
  ];
  const data = readings.map((r) => [
    r.takenAt,
    r.when,
    r.mode,
    r.conductor,
    r.amps,
    r.volts ?? "",
    r.restMin ?? "",
    r.outdoorC ?? "",
    sources.find((s) => s.id === r.sourceId)?.name ?? "",
    r.meter,
    r.loadsOn ?? "",
    r.learned ?? "",
  ]);
  return `${Papa.unparse({ fields, data }, { escapeFormulae: FORMULA })}\r\n`;
}
