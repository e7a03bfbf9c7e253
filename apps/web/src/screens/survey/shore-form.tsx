import { measuredSag } from "@amp-saver/cases";
import { formatWith } from "@amp-saver/core/quantity";
import type { ShoreSource } from "@amp-saver/records";
import { Fold } from "../../ui/fold.tsx";
import { SOURCE_WORDS } from "../../words/sources.ts";
import { FigureInput } from "../figure-input.tsx";
import { type BandEdge, bandChange, bandPairs } from "./band.view.ts";
import { PointsForm } from "./points-form.tsx";
import type { SaveSource } from "./save-source.ts";

const SAG = [
  { field: "idleV", name: "sourceVolts" },
  { field: "loadedV", name: "sourceVolts" },
  { field: "loadedA", name: "readingA" },
] as const;

const EDGE_WORDS: Readonly<Record<BandEdge, string>> = { earliest: SOURCE_WORDS.bandEarliest, latest: SOURCE_WORDS.bandLatest };

/** What more a circuit of the grid can be asked: its sag as measured, and its breaker's own band. */
export function ShoreForm({ source, save }: { readonly source: ShoreSource; readonly save: SaveSource }) {
  const sag = measuredSag(source);
  const edge = (which: BandEdge) => (
    <PointsForm
      key={which}
      label={EDGE_WORDS[which]}
      help={SOURCE_WORDS.bandHelp}
      points={bandPairs(source.band, which)}
      names={["multiple", "seconds"]}
      onChange={(points) => {
        const change = bandChange(source.band, which, points);
        if (!change.ok) {
          const [at = which, line = null] = change.where.split(" ");
          return SOURCE_WORDS.bandError(EDGE_WORDS[at as BandEdge], line, SOURCE_WORDS.bandFailures[change.reason]);
        }
        save({ band: change.value }, "band");
        return null;
      }}
    />
  );
  return (
    <>
      <fieldset className="mt-1 border-t-[1.5px] border-ink pt-1">
        <legend className="float-left text-body font-semibold">{SOURCE_WORDS.sag}</legend>
        <p className="clear-both text-small leading-[1.15] text-ink2">{SOURCE_WORDS.sagHelp}</p>
        {SAG.map(({ field, name }) => (
          <FigureInput
            key={field}
            name={name}
            label={SOURCE_WORDS[field]}
            figure={source[field]}
            usual="measured"
            onChange={(next) => save({ [field]: next }, field)}
          />
        ))}
        {sag !== null && (
          <p className={`py-1 text-small font-semibold ${sag.ok ? "" : "text-lead"}`}>
            {sag.ok ? SOURCE_WORDS.sagGives(formatWith(sag.value, 2, "ohm")) : SOURCE_WORDS.sagFailures[sag.reason]}
          </p>
        )}
      </fieldset>
      <Fold label={SOURCE_WORDS.band} startOpen={source.band !== undefined}>
        {edge("earliest")}
        {edge("latest")}
      </Fold>
    </>
  );
}
