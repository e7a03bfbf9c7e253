import { studyStart } from "@amp-saver/core/study/motor-start";
import { limitsInWords } from "./limits.ts";
import { refusalLine } from "./refusal.ts";
import { caseFromFile, startCaseSchema } from "./start-case.ts";
import { resultToFile } from "./start-result.ts";

/** What the command prints and how it exits. */
export type CheckOutcome = { readonly exit: 0; readonly out: string } | { readonly exit: 2; readonly line: string };

const LATER_FORMATS = ["amp-saver/budget-case", "amp-saver/wiring-case", "amp-saver/wiring-check"];

/** Runs one JSON case; a bad one gives exit 2 and a single line. */
export function check(text: string): CheckOutcome {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return refuse("the input is not JSON");
  }
  if (typeof json !== "object" || json === null || Array.isArray(json)) return refuse("the case must be a JSON object");
  const format = (json as { format?: unknown }).format;
  if (format === undefined) return refuse('format is missing (for example "amp-saver/start-case")');
  if (typeof format === "string" && LATER_FORMATS.includes(format)) return refuse(`format "${format}" is not available yet`);
  if (format !== "amp-saver/start-case") return refuse(`format ${JSON.stringify(format)} is not known; "amp-saver/start-case" is`);
  const version = (json as { version?: unknown }).version;
  if (version !== 1)
    return refuse(version === undefined ? "version is missing (1)" : `version ${JSON.stringify(version)} is not known (1 is)`);
  const parsed = startCaseSchema.safeParse(json, { reportInput: true });
  if (!parsed.success) return refuse(refusalLine(parsed.error.issues, limitsInWords));
  const given = caseFromFile(parsed.data);
  if (typeof given === "string") return refuse(given);
  const study = studyStart(given);
  if (!study.ok) return refuse(`${study.where}: no motor fits this plate (${study.reason})`);
  return { exit: 0, out: `${JSON.stringify(resultToFile(study.value.result))}\n` };
}

function refuse(line: string): CheckOutcome {
  return { exit: 2, line: `amp-saver check: ${line.replace(/\s+/g, " ")}` };
}
