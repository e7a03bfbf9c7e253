import { type FitLog, TEXT_MOST } from "@amp-saver/records";
import { Fold } from "../../ui/fold.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { ISOLATE } from "../../words/isolate.ts";
import type { SaveFitLog } from "../save-fit-log.ts";
import { type IsolationView, nameOfTask } from "./isolate.view.ts";

interface OverrideListProps {
  readonly view: IsolationView;
  readonly work: FitLog;
  readonly wordsOf: (task: IsolationView["open"][number]) => string;
  readonly save: SaveFitLog;
}

/** Reasons to go on without something: asked for, kept, shown. */
export function OverrideList({ view, work, wordsOf, save }: OverrideListProps) {
  if (view.undone.length === 0) return null;
  return (
    <Fold label={ISOLATE.overrides} ruled className="mt-5">
      <p className="text-body">{ISOLATE.overridesHelp}</p>
      {view.undone.map((task) => {
        const name = nameOfTask(task);
        return (
          <TextField
            key={name}
            label={ISOLATE.reason(wordsOf(task))}
            kept={work.overrides[name] ?? ""}
            most={TEXT_MOST.note}
            onText={(text) => {
              save({}, `override ${name}`, { overrides: { [name]: text } });
              return null;
            }}
          />
        );
      })}
    </Fold>
  );
}
