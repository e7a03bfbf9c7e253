import type { PlanStudy, TogetherQuestion } from "@amp-saver/cases";

/** Ids of what may be on and of what must be off; everything on the list may be on where nothing goes off. */
interface LoadList {
  readonly on: readonly string[] | "everything";
  readonly off: readonly string[];
}

/** A plan on one source as a card to hand on: while an air conditioner starts, and while it runs. */
export function limitsCard(study: PlanStudy, question: TogetherQuestion): { readonly start: LoadList; readonly run: LoadList } {
  const all = [...question.given.units, ...question.given.loads].map((l) => l.id);
  const loadList = (shed: readonly string[]): LoadList => ({
    on: shed.length === 0 ? "everything" : all.filter((id) => !shed.includes(id)),
    off: [...shed, ...question.impossible],
  });
  return { start: loadList(study.budget.shed), run: loadList(study.runningShed) };
}
