import { present } from "@amp-saver/core/quantity";
import { STAGES, type Stage } from "@amp-saver/records";
import { HOME } from "../../words/home.ts";
import { STAGE_WORDS } from "../../words/stages.ts";
import type { LogFilter } from "./logbook.view.ts";

interface StageFilterProps {
  readonly value: LogFilter["stage"];
  readonly counts: ReadonlyMap<Stage | "done", number>;
  readonly onChange: (stage: LogFilter["stage"]) => void;
}

/** Narrows the logbook to one stage, or to what is handed over. */
export function StageFilter({ value, counts, onChange }: StageFilterProps) {
  const total = [...counts.values()].reduce((a, b) => a + b, 0);
  const stages = [...STAGES, "done" as const].filter((stage) => present(counts.get(stage)) > 0 || stage === value);
  return (
    <label className="flex min-h-[48px] items-center gap-2 px-4 min-[62.5rem]:px-6">
      {HOME.stage}
      <select
        value={value}
        onChange={(event) => onChange(event.target.value as LogFilter["stage"])}
        className="edge min-h-[34px] bg-face px-2 font-semibold pointer-coarse:min-h-[44px]"
      >
        <option value="all">{HOME.everyStage(total)}</option>
        {stages.map((stage) => (
          <option key={stage} value={stage}>
            {HOME.atStage(stage === "done" ? HOME.handedOver : STAGE_WORDS[stage], counts.get(stage) ?? 0)}
          </option>
        ))}
      </select>
    </label>
  );
}
