import {
  budgetCaseSchema,
  budgetFromFile,
  budgetToFile,
  caseFromFile,
  circuitFromFile,
  faultsToFile,
  limitsInWords,
  planToFile,
  practiceCaseSchema,
  practiceFromFile,
  practiceToFile,
  readingsCaseSchema,
  readingsFromFile,
  readingsToFile,
  refusalLine,
  resultToFile,
  startCaseSchema,
  wiringCaseSchema,
  wiringCheckSchema,
} from "@amp-saver/cases/files";
import { type PrepareFailure, studyStart } from "@amp-saver/core/study/motor-start";
import { studyBudget } from "@amp-saver/core/study/power-budget";
import { playPractice } from "@amp-saver/core/study/practice";
import { planWiring } from "@amp-saver/core/study/wiring-plan";
import { isArchive, RIG_FILE_FORMAT } from "@amp-saver/records";
import type { z } from "zod";
import { rigReport } from "./rig-report.ts";
import { waveToFile } from "./wave-result.ts";

/** What the command prints and how it exits. */
export type CheckOutcome = { readonly exit: 0; readonly out: string } | { readonly exit: 2; readonly line: string };

/** Why a case that reads well is refused. */
const WHY: Readonly<Record<PrepareFailure, string>> = {
  "needs-amps": "unit.lraA is missing (or unit.rlaA, unit.coolingBtuH, or a whole motor)",
  "needs-watts": "source.runningW is missing (or source.surgeW)",
  "no-fit": "unit: no motor fits this plate",
  "not-this-drive": "unit: only single-speed compressors are studied",
  "aid-with-starter": "start: a soft starter never goes beside a start aid",
  contradicts: "unit: with these figures it would not start as found; check them, or say seenToStart false",
  "not-computable": "unit: locked rotor amps, run capacitor and source.ohm cannot belong together; check them",
  "wrong-volts": "source.volts: the unit's volts and the source's do not match (source.legs 2 gives a 115 V unit one of two legs)",
  "needs-lowest-volts": "unit.lowestVolts is missing (on 208 V the plate's lowest volts decide)",
};

/** A study of one format: its result, or the line that says why there is none. */
type Study = (json: unknown) => object | string;

const STUDIES: Readonly<Record<string, Study>> = {
  "amp-saver/start-case": (json) => {
    const file = parse(startCaseSchema, json);
    if (typeof file === "string") return file;
    const given = caseFromFile(file);
    if (typeof given === "string") return given;
    const study = studyStart(given);
    return study.ok ? resultToFile(given, study.value, file) : WHY[study.reason];
  },
  "amp-saver/readings-case": (json) => {
    const file = parse(readingsCaseSchema, json);
    if (typeof file === "string") return file;
    const question = readingsFromFile(file);
    if (typeof question === "string") return question;
    const study = studyStart(question.fitted);
    return study.ok ? readingsToFile(question) : WHY[study.reason];
  },
  "amp-saver/budget-case": (json) => {
    const file = parse(budgetCaseSchema, json);
    if (typeof file === "string") return file;
    const given = budgetFromFile(file);
    return typeof given === "string" ? given : budgetToFile(studyBudget(given));
  },
  "amp-saver/wiring-case": (json) => {
    const file = parse(wiringCaseSchema, json);
    if (typeof file === "string") return file;
    const given = circuitFromFile(file);
    return typeof given === "string" ? given : planToFile(planWiring(given, file.starter));
  },
  "amp-saver/practice-case": (json) => {
    const file = parse(practiceCaseSchema, json);
    if (typeof file === "string") return file;
    const question = practiceFromFile(file);
    if (typeof question === "string") return question;
    const played = playPractice(question.given, question.acts);
    if (played.ok) return practiceToFile(played.value);
    return played.reason === "no-compressor" ? "wiring.parts must hold a compressor with the id comp" : WHY[played.reason];
  },
  "amp-saver/wiring-check": (json) => {
    const file = parse(wiringCheckSchema, json);
    if (typeof file === "string") return file;
    const given = circuitFromFile(file);
    return typeof given === "string" ? given : faultsToFile(given);
  },
};

function parse<S extends z.ZodType>(schema: S, json: unknown): z.infer<S> | string {
  const parsed = schema.safeParse(json, { reportInput: true });
  return parsed.success ? parsed.data : refusalLine(parsed.error.issues, limitsInWords);
}

/** A file by its name: a recorded start where that says so, its data beside a configuration; anything else is a case. */
export function checkFile(name: string, bytes: Uint8Array, beside: (name: string) => Uint8Array | null): CheckOutcome {
  const ending = /\.([a-z]+)$/i.exec(name)?.[1]?.toLowerCase() ?? "";
  if (TABLES.includes(ending)) return outcomeOf(waveToFile(null, bytes));
  if (ending !== "cfg") return checkBytes(bytes);
  const stem = name.slice(0, -ending.length);
  const data = beside(`${stem}dat`) ?? beside(`${stem}DAT`) ?? new Uint8Array();
  return outcomeOf(waveToFile(bytes, data));
}

/** Endings of tables that a recorder writes. */
const TABLES = ["csv", "tsv", "txt"];

/** Runs one case, or reports on a rig file, packed or as text; a bad one gives exit 2 and a single line. */
export function checkBytes(bytes: Uint8Array): CheckOutcome {
  if (isArchive(bytes)) return outcomeOf(rigReport(bytes));
  return bytes.length > MOST_CASE_BYTES && !looksLikeRigs(bytes)
    ? refuse(`the case is too long: at most ${MOST_CASE_BYTES} bytes`)
    : check(new TextDecoder().decode(bytes));
}

/** Largest case that is read; a rig file has a limit of its own. */
const MOST_CASE_BYTES = 4_000_000;
const HEAD_BYTES = 200;

function looksLikeRigs(bytes: Uint8Array): boolean {
  return new TextDecoder().decode(bytes.subarray(0, HEAD_BYTES)).includes(RIG_FILE_FORMAT);
}

/** The same for a text. */
export function check(text: string): CheckOutcome {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return refuse("the input is not JSON");
  }
  if (typeof json !== "object" || json === null || Array.isArray(json)) return refuse("the case must be a JSON object");
  const { format, version }: { readonly format?: unknown; readonly version?: unknown } = json;
  if (format === undefined) return refuse('format is missing (for example "amp-saver/start-case")');
  if (format === RIG_FILE_FORMAT) return outcomeOf(rigReport(text));
  const study = typeof format === "string" && Object.hasOwn(STUDIES, format) ? STUDIES[format] : undefined;
  if (study === undefined) return refuse(`format ${JSON.stringify(format)} is not known; ${known()} are`);
  if (version !== 1)
    return refuse(version === undefined ? "version is missing (1)" : `version ${JSON.stringify(version)} is not known (1 is)`);
  return outcomeOf(study(json));
}

function outcomeOf(result: object | string): CheckOutcome {
  return typeof result === "string" ? refuse(result) : { exit: 0, out: `${JSON.stringify(result)}\n` };
}

function known(): string {
  return Object.keys(STUDIES)
    .map((name) => JSON.stringify(name))
    .join(" and ");
}

function refuse(line: string): CheckOutcome {
  return { exit: 2, line: `amp-saver check: ${line.replace(/\s+/g, " ")}` };
}
