import type { Netlist } from "@amp-saver/core/network";
import { useMemo, useState } from "react";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { Pick } from "../../ui/pick.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { FOUND, PREPARE } from "../../words/wiring.ts";
import { PLAN } from "../../words/wiring-plan.ts";
import { Photos } from "../photos/photos.tsx";
import { TakePhoto } from "../photos/take-photo.tsx";
import { ConductorForm } from "./conductor-form.tsx";
import { END_OPTIONS } from "./ends.view.ts";
import { MapFrame } from "./map-frame.tsx";
import type { PartProps } from "./part-props.ts";
import { StartPartsForm } from "./start-parts-form.tsx";
import { SwitchesForm } from "./switches-form.tsx";
import { corrected, withWire } from "./wiring.view.ts";

const USUAL_END = "";
const SUBJECTS = ["as-found", "diagram"] as const;
const [FIRST, LATER] = [["as-found"], ["diagram"]] as const;

/** The circuit as found: built from switches, then corrected wire by wire. */
export function AsFound({ bundle, wiring, view, names, save }: PartProps) {
  const [picked, setPicked] = useState<string | null>(null);
  const { asFound } = view;
  const states = useMemo(() => [asFound], [asFound]);
  const keep = (netlist: Netlist): void => save({ corrected: netlist, built: null }, "corrected");
  const first = !useWide() && !bundle.photos.some((p) => p.unitId === bundle.unit.id && p.of === "as-found");
  const wire = asFound.conductors.find((c) => c.id === picked);
  return (
    <StageFrame>
      <Evidence>
        <Answer
          guide="prepare"
          question={FOUND.question}
          parts={FOUND.answer(asFound.parts.length, asFound.conductors.length, wiring.corrected !== null)}
          sure={FOUND.sure}
          acts={first && <TakePhoto bundle={bundle} subjects={FIRST} large />}
        />
        <div className="mt-3">
          <MapFrame
            netlist={asFound}
            states={states}
            names={names}
            label={PREPARE.mapLabel(PREPARE.states.found)}
            fileName="wiring-as-found"
            picked={picked}
            onPick={(id) => setPicked(id === picked ? null : id)}
          />
        </div>
        <Photos bundle={bundle} subjects={first ? LATER : SUBJECTS} />
      </Evidence>
      <Rail later>
        <ConductorForm
          key={picked}
          netlist={asFound}
          wire={wire}
          names={names}
          onChange={(change) => {
            if (wire === undefined) return null;
            const next = corrected(asFound, wire.id, change);
            if (!next.ok) return FOUND.refused[next.reason];
            keep(next.value);
            return null;
          }}
          onRemove={() => {
            if (wire === undefined) return;
            const next = corrected(asFound, wire.id, null);
            if (next.ok) keep(next.value);
            setPicked(null);
          }}
        />
        {wire !== undefined && (
          <Pick<string>
            label={FOUND.ownEnd}
            help={FOUND.ownEndHelp}
            value={wiring.own[wire.id] ?? USUAL_END}
            options={[
              { value: USUAL_END, word: FOUND.ownUsual },
              ...END_OPTIONS.map((value) => ({ value, word: value === "bare" ? PLAN.onIt.bare : names.crimps[value] })),
            ]}
            onChange={(end) => save({ built: null }, "own", { own: { [wire.id]: end === USUAL_END ? undefined : end } })}
          />
        )}
        <div className="flex flex-wrap gap-2 py-2">
          <Button
            onClick={() => {
              const added = withWire(asFound);
              keep(added.netlist);
              setPicked(added.id);
            }}
          >
            {FOUND.add}
          </Button>
          {wiring.corrected !== null && (
            <Button look="quiet" onClick={() => save({ corrected: null, built: null }, "corrected")}>
              {FOUND.again}
            </Button>
          )}
        </div>
        <SwitchesForm wiring={wiring} save={save} />
        <StartPartsForm bundle={bundle} wiring={wiring} save={save} />
      </Rail>
    </StageFrame>
  );
}
