import { wiringCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Parts } from "../../ui/layout/parts.tsx";
import { PREPARE } from "../../words/wiring.ts";
import { usePart } from "../use-part.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";
import { AsFound } from "./as-found.tsx";
import { KitPart } from "./kit-part.tsx";
import { MakerSheetPart } from "./maker-sheet.tsx";
import type { PartProps } from "./part-props.ts";
import { PlanScreen } from "./plan-screen.tsx";

const VIEWS = ["found", "plan", "sheet", "kit"] as const;

/** Prepare: how this very unit is wired, how the starter goes in, and what to take along. */
export function PrepareScreen({ bundle }: { readonly bundle: JobBundle }) {
  const { commit } = useStore();
  const { unit } = bundle;
  const { wiring, starter, plan: view, names } = useUnitWiring(bundle);
  const save: PartProps["save"] = (change, field, entries, fresh) => void commit(wiringCommit(unit, change, field, entries, fresh));
  const [part, open] = usePart(VIEWS, "found");
  const props: PartProps = { bundle, wiring, starter, view, names, save };
  const Part = { found: AsFound, plan: PlanScreen, sheet: MakerSheetPart, kit: KitPart }[part];
  return (
    <Parts label={PREPARE.viewLabel} value={part} options={VIEWS.map((value) => ({ value, word: PREPARE.views[value] }))} onChange={open}>
      <Part {...props} />
    </Parts>
  );
}
