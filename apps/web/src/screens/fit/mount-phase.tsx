import type { FitLog } from "@amp-saver/records";
import { Answer } from "../../ui/answer.tsx";
import { NumberField } from "../../ui/number-field.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { FIT } from "../../words/fit.ts";
import { BoundedInput } from "../bounded-input.tsx";
import { MOUNTING_LIST, mountingReasons } from "./fit.view.ts";
import type { FitProps } from "./fit-props.ts";

type Mounting = FitLog["mounting"];
const MM = 1000;

/** Where and how the starter sits: go or no-go with reasons. */
export function MountPhase({ work, save }: FitProps) {
  const { mounting } = work;
  const reasons = mountingReasons(work);
  const set = (change: Partial<Mounting>, field: string): void => void save({}, `mounting ${field}`, { mounting: change });
  const length = (field: "screwM" | "gapM" | "leadM" | "wayM", label: string, most: number) => (
    <NumberField
      label={label}
      kept={mounting[field] === null ? null : Math.round(mounting[field] * MM * 10) / 10}
      min={0}
      max={most}
      optional={field === "gapM"}
      wrong={FIT.badMm(label, most)}
      onNumber={(mm) => set({ [field]: mm === null ? null : mm / MM }, field)}
    />
  );
  return (
    <div className="mx-auto w-full max-w-[820px] px-4 py-3 min-[1000px]:px-6">
      <Answer question={FIT.mountAsk} parts={reasons.length === 0 ? FIT.mountGo : FIT.mountNoGo(reasons.length)} sure={FIT.source} />
      <ul className="mt-2">
        {reasons.map((reason) => (
          <li key={reason} className="border-b border-hair py-1.5 font-semibold text-lead">
            {FIT.reasons[reason]}
          </li>
        ))}
      </ul>
      <Pick
        label={FIT.orientation}
        value={mounting.orientation ?? ""}
        options={(["", "upright", "leads-down", "sideways", "upside-down", "flat"] as const).map((value) => ({
          value,
          word: FIT.orientations[value],
        }))}
        onChange={(value) => set({ orientation: value === "" ? null : value }, "orientation")}
      />
      <Pick
        label={FIT.fastening}
        value={mounting.fastening}
        options={(["tape", "screws", "both"] as const).map((value) => ({ value, word: FIT.fastenings[value] }))}
        onChange={(fastening) => set({ fastening }, "fastening")}
      />
      <Pick
        label={FIT.surface}
        value={mounting.surface}
        options={(["clean-metal", "painted", "plastic", "foam", "dirty"] as const).map((value) => ({ value, word: FIT.surfaces[value] }))}
        onChange={(surface) => set({ surface }, "surface")}
      />
      <BoundedInput
        name="hottestC"
        label={FIT.roofHot}
        value={mounting.roofC}
        onChange={(roofC) => roofC !== null && set({ roofC }, "roofC")}
      />
      {mounting.fastening !== "tape" && (
        <>
          {length("screwM", FIT.screwMm, 200)}
          {length("gapM", `${FIT.gapMm} (${FIT.looked})`, 1000)}
        </>
      )}
      {length("leadM", FIT.leadMm, 10_000)}
      {length("wayM", FIT.wayMm, 10_000)}
      <Tick
        label={FIT.second}
        ticked={mounting.secondRestraint}
        onChange={(secondRestraint) => set({ secondRestraint }, "secondRestraint")}
      />
      {MOUNTING_LIST.map((check) => (
        <Tick
          key={check}
          label={FIT.checks[check]}
          ticked={mounting.clear[check] === true}
          onChange={(yes) => set({ clear: { [check]: yes } }, check)}
        />
      ))}
      <Tick label={FIT.mountFirst} ticked={work.mountFirst} onChange={(mountFirst) => save({ mountFirst }, "mountFirst")} />
      <Tick label={FIT.fixLast} ticked={work.fixLast !== false} onChange={(fixLast) => save({ fixLast }, "fixLast")} />
    </div>
  );
}
