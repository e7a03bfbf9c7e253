import type { FitLog, Job } from "@amp-saver/records";
import type { WiringNames } from "../../words/wiring.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import { kitSentence } from "./crimp-sheet.tsx";
import type { PlanView } from "./wiring.view.ts";

/** Something to pack: the name under which it is ticked, and what it is. */
export interface PackRow {
  readonly key: string;
  readonly text: string;
}

/** Everything to take along for a plan: terminals and joints, what else it needs, tools, consumables. */
export function packList(view: PlanView, names: WiringNames): Readonly<Record<"kit" | "tools" | "consumables", readonly PackRow[]>> {
  const listed = (group: string, list: Readonly<Record<string, string>>): readonly PackRow[] =>
    Object.entries(list).map(([id, text]) => ({ key: `${group} ${id}`, text }));
  return {
    kit: [
      ...view.kit.map((line) => ({ key: `kit ${line.what} ${line.color} ${line.needed}`, text: kitSentence(line, names.crimps) })),
      ...view.extras.map((extra) => ({ key: `kit ${extra}`, text: PLAN.extras[extra](names.size(view.jumperAwg)) })),
    ],
    tools: listed("tool", PLAN.toolList),
    consumables: listed("consumable", PLAN.consumableList),
  };
}

/** Terminals and splices are packed for each unit; one bag of tools and consumables goes up for every unit of the rig in a day. */
export function packedFor(job: Job, works: readonly FitLog[], isToday: (iso: string) => boolean): FitLog["packed"] {
  const shared = works
    .filter((w) => w.jobId !== job.id && isToday(w.updatedAt))
    .flatMap((w) => Object.entries(w.packed))
    .filter(([key, yes]) => yes && (key.startsWith("tool ") || key.startsWith("consumable ")));
  return { ...Object.fromEntries(shared), ...works.find((w) => w.jobId === job.id)?.packed };
}
