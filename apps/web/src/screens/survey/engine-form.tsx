import { deratingOf } from "@amp-saver/cases";
import { ALTITUDE_RULES } from "@amp-saver/core/device/engine/params";
import type { GeneratorSource } from "@amp-saver/records";
import { useSettings } from "../../store/settings.tsx";
import { Fold } from "../../ui/fold.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { SOURCE_WORDS } from "../../words/sources.ts";
import { FigureInput } from "../figure-input.tsx";
import { overloadOf } from "./points.view.ts";
import { PointsForm } from "./points-form.tsx";
import type { SaveSource } from "./save-source.ts";

/** What an engine loses, its eco mode, and a second set beside it. */
export function EngineForm({ source, save }: { readonly source: GeneratorSource; readonly save: SaveSource }) {
  const rule = deratingOf(source);
  const { measure } = useSettings();
  const second = source.type === "inverter-generator" ? source.second : undefined;
  const saveSecond = (change: Partial<NonNullable<typeof second>>, field: string): void =>
    save((kept) => ("second" in kept ? { second: { ...kept.second, ...change } } : {}), field);
  return (
    <>
      <Pick
        label={SOURCE_WORDS.altitude}
        help={SOURCE_WORDS.altitudeHelp}
        value={rule.altitude}
        options={ALTITUDE_RULES.map((value) => ({ value, word: SOURCE_WORDS.altitudeSchools(measure)[value] }))}
        onChange={(altitudeSchool) => save({ altitudeSchool }, "altitudeSchool")}
      />
      <Tick
        label={SOURCE_WORDS.heat}
        help={SOURCE_WORDS.heatHelp(measure)}
        ticked={rule.heat}
        onChange={(heatCounts) => save({ heatCounts }, "heatCounts")}
      />
      <Tick
        label={SOURCE_WORDS.propane}
        help={SOURCE_WORDS.propaneHelp}
        ticked={rule.propane}
        onChange={(propane) => save({ propane }, "propane")}
      />
      <Tick label={SOURCE_WORDS.eco} help={SOURCE_WORDS.ecoHelp} ticked={source.eco === true} onChange={(eco) => save({ eco }, "eco")} />
      <FigureInput name="tankL" figure={source.tankL} usual="sheet" onChange={(tankL) => save({ tankL }, "tankL")} />
      <Fold label={SOURCE_WORDS.overload} startOpen={source.overload !== undefined}>
        <PointsForm
          label={SOURCE_WORDS.overloadPoints}
          help={SOURCE_WORDS.overloadHelp}
          points={(source.overload ?? []).map(({ x, y }) => [x, y])}
          names={["multiple", "seconds"]}
          onChange={(pairs) => {
            const checked = pairs.length === 0 ? null : overloadOf(pairs);
            if (checked !== null && !checked.ok)
              return SOURCE_WORDS.bandError(SOURCE_WORDS.overload, checked.where, SOURCE_WORDS.bandFailures[checked.reason]);
            save({ overload: checked === null ? undefined : [...checked.value] }, "overload");
            return null;
          }}
        />
      </Fold>
      {source.type === "inverter-generator" && (
        <>
          <Tick
            label={SOURCE_WORDS.second}
            help={SOURCE_WORDS.secondHelp}
            ticked={second !== undefined}
            onChange={(on) => save({ second: on ? {} : undefined }, "second")}
          />
          {second !== undefined && (
            <>
              <FigureInput
                name="runningW"
                label={SOURCE_WORDS.secondRunning}
                figure={second.runningW}
                usual="sheet"
                placeholder={SOURCE_WORDS.secondSame}
                onChange={(runningW) => saveSecond({ runningW }, "second.runningW")}
              />
              <FigureInput
                name="surgeW"
                label={SOURCE_WORDS.secondSurge}
                figure={second.surgeW}
                usual="sheet"
                placeholder={SOURCE_WORDS.secondSame}
                onChange={(surgeW) => saveSecond({ surgeW }, "second.surgeW")}
              />
            </>
          )}
        </>
      )}
    </>
  );
}
