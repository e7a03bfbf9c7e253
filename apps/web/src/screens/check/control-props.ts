import type { JobBundle } from "../../store/queries.ts";
import type { FitName } from "../../ui/verdict-glyph.tsx";
import type { CheckView } from "../../workbench/check-view.ts";
import type { useGlances } from "../../workers/use-study.ts";
import type { Thresholds } from "./surroundings.ts";
import type { Question } from "./use-question.ts";

/** What every control of the check screen gets. */
export interface ControlProps {
  readonly bundle: JobBundle;
  readonly question: Question;
  readonly view: CheckView | null;
  readonly glances: ReturnType<typeof useGlances>["answer"];
  readonly turn: Thresholds | undefined;
}

/** Verdict behind a glyph; not known until it has been worked out for this very list. */
export function fitOf({ question, glances, view, bundle }: ControlProps, key: "source" | "method", id: string): FitName {
  const chosen = id === (key === "source" ? bundle.job.sourceId : question.method);
  if (chosen && view !== null) return view.overall;
  const { glanceOf } = question.input;
  if (glances?.length !== glanceOf.length) return "not-known";
  const at = glanceOf.findIndex((of) => (of as Readonly<Record<string, string>>)[key] === id);
  return glances[at]?.verdict.overall ?? "not-known";
}
