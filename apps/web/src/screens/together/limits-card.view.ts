import type { PlanStudy, TogetherQuestion } from "@amp-saver/cases";

/** Ids of what may be on and of what must be off; everything on the list may be on where nothing goes off. */
interface Spell {
  readonly on: readonly string[] | "everything";
  readonly off: readonly string[];
}

/** A plan on one source as a card to hand on: while an air conditioner starts, and while it runs. */
export function limitsCard(study: PlanStudy, question: TogetherQuestion): { readonly start: Spell; readonly run: Spell } {
  const all = [...question.given.units, ...question.given.loads].map((l) => l.id);
  const spell = (shed: readonly string[]): Spell => ({
    on: shed.length === 0 ? "everything" : all.filter((id) => !shed.includes(id)),
    off: [...shed, ...question.impossible],
  });
  return { start: spell(study.budget.shed), run: spell(study.runningShed) };
}
