import type { Turn } from "@amp-saver/core/study/boundary";
import type { JobBundle } from "../../store/queries.ts";
import type { FitName } from "../../ui/verdict-glyph.tsx";
import type { CheckView } from "./check.view.ts";
import type { Question } from "./use-question.ts";

/** What every control of the check screen gets. */
export interface ControlProps {
  readonly bundle: JobBundle;
  readonly question: Question;
  readonly view: CheckView | null;
  /** Fits of everything that is compared, null for what is still being tried. */
  readonly compared: readonly (FitName | null)[];
  readonly turn: Turn | undefined;
}

/** Fit behind a glyph, by its tries; null until they are in for this very list. */
export function fitOf({ question, compared, view, bundle }: ControlProps, key: "source" | "method", id: string): FitName | null {
  const chosen = id === (key === "source" ? bundle.job.sourceId : question.method);
  if (chosen && view !== null) return view.assessment.provisional ? null : view.assessment.fit;
  const { glanceOf } = question.input;
  const at = glanceOf.findIndex((of) => Object.entries(of).some(([name, value]) => name === key && value === id));
  if (at < 0) return "not-known";
  return compared.length === glanceOf.length ? (compared[at] ?? null) : null;
}
