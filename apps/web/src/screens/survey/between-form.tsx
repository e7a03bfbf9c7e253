import { isHighVolts } from "@amp-saver/core/reference";
import { GEAR, type Source } from "@amp-saver/records";
import { Choice } from "../../ui/choice.tsx";
import { Tick } from "../../ui/tick.tsx";
import { SURVEY } from "../../words/survey.ts";
import { GEAR_WORDS } from "../../words/together.ts";
import { FigureInput } from "../figure-input.tsx";
import type { SaveSource } from "./save-source.ts";

/** How many hot legs reach the rig, and what sits between it and the source. */
export function BetweenForm({ source, save }: { readonly source: Source; readonly save: SaveSource }) {
  const gear = source.gear ?? [];
  return (
    <fieldset className="mt-2 border-t-[1.5px] border-ink pt-1">
      <legend className="float-left text-body font-semibold">{SURVEY.gear}</legend>
      <div className="clear-both">
        {!isHighVolts(source.volts.value) && (
          <Choice
            label={SURVEY.hotLegs}
            value={`${source.legs ?? 1}`}
            options={(["1", "2"] as const).map((value) => ({ value, word: SURVEY.legCounts[value] }))}
            onChange={(value) => save({ legs: value === "2" ? 2 : 1 }, "legs")}
          />
        )}
        {gear.includes("adapter") && (
          <FigureInput
            name="breakerA"
            label={SURVEY.adapterA}
            figure={source.adapterA}
            usual="plate"
            onChange={(next) => save({ adapterA: next }, "adapterA")}
          />
        )}
        {source.legs === 2 && <p className="py-1.5 text-small leading-[1.3] font-semibold">{SURVEY.twoLegs}</p>}
        {GEAR.map((name) => (
          <Tick
            key={name}
            label={GEAR_WORDS[name].name}
            help={GEAR_WORDS[name].says}
            ticked={gear.includes(name)}
            onChange={(on) => {
              save((kept) => {
                const next = GEAR.filter((g) => (g === name ? on : (kept.gear ?? []).includes(g)));
                return { gear: next.length === 0 ? undefined : next, ...(name === "adapter" && on && { legs: 1 }) };
              }, "gear");
            }}
          />
        ))}
      </div>
    </fieldset>
  );
}
