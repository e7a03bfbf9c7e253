import type { Load } from "@amp-saver/records";
import { deleteLoadCommit, editCommit, type Fields } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { Button } from "../../ui/button.tsx";
import { DraftScope } from "../../ui/drafts.ts";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { TOGETHER } from "../../words/together.ts";
import { BoundedInput } from "../bounded-input.tsx";
import { FigureInput } from "../figure-input.tsx";
import { NameField } from "../name-field.tsx";
import { turnedTo } from "./usual-loads.ts";

const LEGS = ["1", "2", "both"] as const;
const PRIORITIES = ["1", "2", "3", "4", "5"] as const;

/** One load: what it takes, where it hangs, how soon it goes, when it comes on by itself. */
export function LoadForm({ load }: { readonly load: Load }) {
  const { commit } = useStore();
  const save = (change: Fields<Load>, field: string): void => void commit(editCommit<Load>(load, change, field));
  return (
    <DraftScope value={load.id}>
      <div className="px-2 pb-3">
        <NameField label={TOGETHER.loadName} kept={load.name} onName={(name) => save({ name }, "name")} />
        <FigureInput name="loadW" figure={load.runW} usual="sheet" onChange={(next) => save({ runW: next }, "runW")} />
        <FigureInput name="loadA" figure={load.runA} usual="measured" onChange={(next) => save({ runA: next }, "runA")} />
        <FigureInput name="loadStartA" figure={load.startA} usual="measured" onChange={(next) => save({ startA: next }, "startA")} />
        {load.chargeA !== undefined && (
          <BoundedInput name="chargeA" value={load.chargeA} onChange={(next) => next !== null && save(turnedTo(load, next), "chargeA")} />
        )}
        <Pick
          label={TOGETHER.legLabel}
          value={`${load.leg}`}
          options={LEGS.map((value) => ({ value, word: TOGETHER.legs[value] }))}
          onChange={(value) => save({ leg: value === "both" ? "both" : value === "1" ? 1 : 2 }, "leg")}
        />
        <Pick
          label={TOGETHER.priority}
          value={`${load.priority}`}
          options={PRIORITIES.map((value) => ({ value, word: TOGETHER.priorities[value] }))}
          onChange={(value) => save({ priority: Number(value) }, "priority")}
        />
        <Tick label={TOGETHER.continuous} ticked={load.continuous} onChange={(continuous) => save({ continuous }, "continuous")} />
        <Tick
          label={TOGETHER.automatic}
          help={TOGETHER.automaticHelp}
          ticked={load.automatic}
          onChange={(automatic) => save({ automatic }, "automatic")}
        />
        <Tick
          label={TOGETHER.battery}
          help={TOGETHER.batteryHelp}
          ticked={load.onBattery}
          onChange={(onBattery) => save({ onBattery }, "onBattery")}
        />
        <Button look="quiet" className="mt-2" onClick={() => void commit(deleteLoadCommit(load))}>
          {TOGETHER.deleteLoad(load.name)}
        </Button>
      </div>
    </DraftScope>
  );
}
