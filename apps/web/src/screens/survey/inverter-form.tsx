import { CHEMISTRIES } from "@amp-saver/core/device/battery/params";
import type { InverterSource } from "@amp-saver/records";
import { Fold } from "../../ui/fold.tsx";
import { Pick } from "../../ui/pick.tsx";
import { SOURCE_WORDS } from "../../words/sources.ts";
import { SURVEY } from "../../words/survey.ts";
import { FigureInput } from "../figure-input.tsx";
import { PointsForm } from "./points-form.tsx";
import type { SaveSource } from "./save-source.ts";

const BANK = [
  { field: "bankOhm", name: "bankOhm", usual: "measured" },
  { field: "efficiency", name: "efficiency", usual: "sheet" },
] as const;

/** The bank behind an inverter, its ratings in between, and the shore limit it adds to. */
export function InverterForm({ source, save }: { readonly source: InverterSource; readonly save: SaveSource }) {
  return (
    <>
      {BANK.map(({ field, name, usual }) => (
        <FigureInput
          key={field}
          name={name}
          figure={source[field]}
          usual={usual}
          placeholder={SURVEY.assumed}
          onChange={(next) => save({ [field]: next }, field)}
        />
      ))}
      <FigureInput
        name="bankVolts"
        label={SURVEY.cutOff}
        figure={source.cutOffV}
        usual="sheet"
        placeholder={SURVEY.assumed}
        onChange={(next) => save({ cutOffV: next }, "cutOffV")}
      />
      <FigureInput
        name="bankAh"
        figure={source.bankAh}
        usual="sheet"
        placeholder={SURVEY.assumed}
        onChange={(next) => save({ bankAh: next }, "bankAh")}
      />
      <Pick
        label={SOURCE_WORDS.chemistry}
        value={source.chemistry ?? "lithium"}
        options={CHEMISTRIES.map((value) => ({ value, word: SOURCE_WORDS.chemistries[value] }))}
        onChange={(chemistry) => save({ chemistry }, "chemistry")}
      />
      {(["bmsContinuousA", "bmsPeakA"] as const).map((field) => (
        <FigureInput
          key={field}
          name="bmsA"
          label={SOURCE_WORDS[field]}
          figure={source[field]}
          usual="sheet"
          placeholder={SURVEY.assumed}
          onChange={(next) => save({ [field]: next }, field)}
        />
      ))}
      <FigureInput
        name="depth"
        figure={source.depth}
        usual="guessed"
        placeholder={SURVEY.assumed}
        onChange={(next) => save({ depth: next }, "depth")}
      />
      <Fold label={SOURCE_WORDS.endurance} startOpen={source.endurance !== undefined}>
        <PointsForm
          label={SOURCE_WORDS.endurancePoints}
          help={SOURCE_WORDS.enduranceHelp}
          points={(source.endurance ?? []).map(({ watts, seconds }) => [watts, seconds])}
          names={["enduranceW", "enduranceS"]}
          onChange={(points) => {
            save({ endurance: points.length === 0 ? undefined : points.map(([watts, seconds]) => ({ watts, seconds })) }, "endurance");
            return null;
          }}
        />
      </Fold>
      <FigureInput
        name="shoreLimitA"
        figure={source.shoreLimitA}
        usual="sheet"
        onChange={(next) => save({ shoreLimitA: next }, "shoreLimitA")}
      />
    </>
  );
}
