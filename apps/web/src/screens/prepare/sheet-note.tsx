import { useMemo } from "react";
import { Link } from "react-router";
import type { JobBundle } from "../../store/queries.ts";
import { MAKER } from "../../words/maker-sheet.ts";
import { sheetView } from "./maker-sheet.view.ts";
import type { PlanView } from "./wiring.view.ts";

interface SheetNoteProps {
  readonly bundle: JobBundle;
  readonly view: PlanView;
}

/** Says beside the plan that the maker's sheet does not fit this unit in every step. */
export function SheetNote({ bundle: { job, starters }, view }: SheetNoteProps) {
  const starter = starters.find((s) => s.id === job.starterId);
  const disagree = useMemo(() => sheetView(starter, view)?.disagree ?? 0, [starter, view]);
  if (disagree === 0) return null;
  return (
    <p className="pt-1 pb-3 text-body">
      {MAKER.inFit(disagree)}{" "}
      <Link to={`/job/${job.id}/prepare/sheet`} className="underline underline-offset-4">
        {MAKER.toSheet}
      </Link>
    </p>
  );
}
