import type { GeneratorSource, InverterSource, ShoreSource, Source } from "@amp-saver/records";
import { editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { DraftScope } from "../../ui/drafts.ts";
import { Fold } from "../../ui/fold.tsx";
import { SOURCE_WORDS } from "../../words/sources.ts";
import { SURVEY } from "../../words/survey.ts";
import { FigureInput } from "../figure-input.tsx";
import { NameField } from "../name-field.tsx";
import { BetweenForm } from "./between-form.tsx";
import { CordsForm } from "./cords-form.tsx";
import { EngineForm } from "./engine-form.tsx";
import { InverterForm } from "./inverter-form.tsx";
import type { SaveSource } from "./save-source.ts";
import { ShoreForm } from "./shore-form.tsx";

type Cords = NonNullable<Source["cords"]>;
const RATED = ["runningW", "surgeW", "surgeS"] as const;

/** One source: what the answer needs first, the rest on request. */
export function SourceForm({ source, onDelete }: { readonly source: Source; readonly onDelete: () => void }) {
  const { commit } = useStore();
  const save: SaveSource = (change, field) => void commit(editCommit<Source>(source, change, field));
  const saveCords = (become: (kept: Cords) => Cords): void =>
    save((kept) => {
      const cords = become(kept.cords ?? []);
      return { cords: cords.length === 0 ? undefined : cords };
    }, "cords");
  const shore = source.type === "shore";
  const engine = source.type === "generator" || source.type === "inverter-generator";
  return (
    <DraftScope value={source.id}>
      <div className="px-2 pb-3">
        <NameField label={SURVEY.sourceName} kept={source.name} onName={(name) => save({ name }, "name")} />
        <FigureInput
          name="sourceVolts"
          figure={source.volts}
          usual={shore ? "measured" : "sheet"}
          optional={false}
          onChange={(next) => next !== undefined && save({ volts: next }, "volts")}
        />
        {shore && <ShoreFirst source={source} save={save} />}
        {engine && <EngineKind source={source} save={save} />}
        {!shore && <Watts source={source} save={save} />}
        {source.type === "inverter" && (
          <FigureInput
            name="bankVolts"
            figure={source.bankV}
            usual="measured"
            placeholder={SURVEY.assumed}
            onChange={(next) => save({ bankV: next }, "bankV")}
          />
        )}
        <p className="py-1.5 text-small text-ink2">{shore ? SURVEY.shoreHelp : SURVEY.generatorHelp}</p>
        <Fold label={SOURCE_WORDS.more}>
          {source.type === "shore" && <ShoreForm source={source} save={save} />}
          {engine && <EngineForm source={source} save={save} />}
          {source.type === "inverter" && <InverterForm source={source} save={save} />}
          <BetweenForm source={source} save={save} />
          <CordsForm cords={source.cords ?? []} onChange={saveCords} />
        </Fold>
        <Button look="quiet" onClick={onDelete}>
          {SURVEY.deleteSource(source.name)}
        </Button>
      </div>
    </DraftScope>
  );
}

function ShoreFirst({ source, save }: { readonly source: ShoreSource; readonly save: SaveSource }) {
  return (
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
  );
}

function EngineKind({ source, save }: { readonly source: GeneratorSource; readonly save: SaveSource }) {
  return (
    <Choice<GeneratorSource["type"]>
      label={SURVEY.generatorKind}
      value={source.type}
      options={[
        { value: "inverter-generator", word: SURVEY.generatorKinds["inverter-generator"] },
        { value: "generator", word: SURVEY.generatorKinds.generator },
      ]}
      onChange={(type) => save(type === "generator" ? { type, second: undefined } : { type }, "type")}
    />
  );
}

function Watts({ source, save }: { readonly source: GeneratorSource | InverterSource; readonly save: SaveSource }) {
  return RATED.map((name) => (
    <FigureInput
      key={name}
      name={name}
      figure={source[name]}
      usual="sheet"
      {...(name === "surgeS" && { placeholder: SURVEY.assumed })}
      onChange={(next) => save({ [name]: next }, name)}
    />
  ));
}
