import type { Source } from "@amp-saver/records";
import { addSourceCommit, deleteSourceCommit, editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { SURVEY } from "../../words/survey.ts";
import { FigureInput } from "../figure-input.tsx";

/** What feeds the rig; the one the job asks about lies open. */
export function SourcesForm({ bundle }: { readonly bundle: JobBundle }) {
  const { commit } = useStore();
  const { job, unit, sources } = bundle;
  const add = (type: Source["type"], name: string): void => void commit(addSourceCommit(bundle, job, type, name, unit));
  return (
    <section>
      <h2 className="border-b-[1.5px] border-ink pb-1 font-bold">{SURVEY.sources}</h2>
      {sources.length === 0 && <p className="py-2 text-ink2">{SURVEY.noSource}</p>}
      <ul>
        {sources.map((source) => {
          const open = source.id === job.sourceId;
          return (
            <li key={source.id} className="border-b border-hair">
              <button
                type="button"
                aria-expanded={open}
                onClick={() => void commit(editCommit(job, { sourceId: open ? null : source.id, answer: null }))}
                className={`flex min-h-[34px] w-full items-center px-2 text-left font-semibold pointer-coarse:min-h-[48px] ${open ? "bg-ink text-face" : ""}`}
              >
                {source.name}
              </button>
              {open && <SourceForm source={source} onDelete={() => void commit(deleteSourceCommit(bundle, source))} />}
            </li>
          );
        })}
      </ul>
      <div className="mt-3 flex flex-wrap gap-2">
        <Button onClick={() => add("shore", SURVEY.shoreName(unit.plateVolts.value))}>{SURVEY.addShore}</Button>
        <Button onClick={() => add("inverter-generator", SURVEY.generatorName)}>{SURVEY.addGenerator}</Button>
      </div>
    </section>
  );
}

const RATED = ["runningW", "surgeW", "surgeS"] as const;

function SourceForm({ source, onDelete }: { readonly source: Source; readonly onDelete: () => void }) {
  const { commit } = useStore();
  const save = (change: object, field: string): void => void commit(editCommit<Source>(source, change, field));
  const shore = source.type === "shore";
  return (
    <div className="px-2 pb-3">
      <TextField
        label={SURVEY.sourceName}
        kept={source.name}
        onText={(text) => {
          const name = text.trim();
          if (name === "" || name.length > 120) return SURVEY.nameMissing;
          save({ name }, "name");
          return null;
        }}
      />
      <FigureInput
        name="sourceVolts"
        figure={source.volts}
        usual={shore ? "measured" : "sheet"}
        optional={false}
        onChange={(next) => next !== undefined && save({ volts: next }, "volts")}
      />
      {shore ? (
        <>
          <FigureInput
            name="breakerA"
            figure={source.breakerA}
            usual="plate"
            placeholder={SURVEY.assumed}
            onChange={(next) => save({ breakerA: next }, "breakerA")}
          />
          <FigureInput
            name="sourceOhm"
            figure={source.ohm}
            usual="measured"
            placeholder={SURVEY.assumed}
            onChange={(next) => save({ ohm: next }, "ohm")}
          />
        </>
      ) : (
        <>
          <Choice<"inverter-generator" | "generator">
            label={SURVEY.generatorKind}
            value={source.type}
            options={[
              { value: "inverter-generator", word: SURVEY.generatorKinds["inverter-generator"] },
              { value: "generator", word: SURVEY.generatorKinds.generator },
            ]}
            onChange={(type) => save({ type }, "type")}
          />
          {RATED.map((name) => (
            <FigureInput
              key={name}
              name={name}
              figure={source[name]}
              usual="sheet"
              {...(name === "surgeS" && { placeholder: SURVEY.assumed })}
              onChange={(next) => save({ [name]: next }, name)}
            />
          ))}
        </>
      )}
      <p className="py-1.5 text-[14px] text-ink2">{shore ? SURVEY.shoreHelp : SURVEY.generatorHelp}</p>
      <Button look="quiet" onClick={onDelete}>
        {SURVEY.deleteSource(source.name)}
      </Button>
    </div>
  );
}
