import { FAMILIES } from "@amp-saver/core/network";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { PLAN } from "../../words/wiring-plan.ts";
import { spliceSentence } from "./crimp-sheet.tsx";
import { jointsOtherwise, spliceRows } from "./ends.view.ts";
import type { PartProps } from "./part-props.ts";
import { WAY_OPTIONS } from "./switches.view.ts";
import { familyOf, needsJumper } from "./wiring.view.ts";

const USUAL = "usual";
const USUAL_WORD = "usual";

/** Which family of starter goes in, and by which way where there are two. */
export function PlanOptionsForm({ wiring, starter, view, names, save }: PartProps) {
  const family = familyOf(wiring, starter);
  const row = spliceRows().find(({ name }) => name === wiring.joint);
  const otherwise = jointsOtherwise(view.ends, wiring.joint);
  const jointHelp =
    row === undefined
      ? undefined
      : [spliceSentence(row, names.measure), otherwise === 0 ? "" : PLAN.jointTakes(otherwise)].filter((s) => s !== "").join(". ");
  const way = <T extends string>(
    field: "run" | "common" | "tap" | "aid" | "joint",
    label: string,
    options: readonly T[],
    words: Readonly<Record<T, string>>,
    usual: string,
    help?: string,
  ) => (
    <Pick<string>
      label={label}
      {...(help !== undefined && { help })}
      value={wiring[field] ?? USUAL}
      options={[{ value: USUAL, word: `${usual} (${USUAL_WORD})` }, ...options.map((value) => ({ value, word: words[value] }))]}
      onChange={(value) => save({ [field]: value === USUAL ? null : value, built: null }, field)}
    />
  );
  return (
    <section className="mt-3">
      <SectionHeading>{PLAN.ways}</SectionHeading>
      {starter?.family === undefined ? (
        <Pick
          label={PLAN.family}
          value={family}
          options={FAMILIES.map((value) => ({ value, word: PLAN.families[value] }))}
          onChange={(next) => save({ family: next, built: null }, "family")}
        />
      ) : (
        <p className="border-b border-hair py-1.5">
          {starter.name}: {PLAN.families[family]}
        </p>
      )}
      {family !== "FM" && way("run", PLAN.runLabel, WAY_OPTIONS.run, PLAN.run, PLAN.run.unplug)}
      {family === "F5" && way("common", PLAN.commonLabel, WAY_OPTIONS.common, PLAN.common, PLAN.common.unplug)}
      {family !== "F5" && way("tap", PLAN.tapLabel, WAY_OPTIONS.tap, PLAN.tap, PLAN.tap.terminal)}
      {wiring.switches.aid !== "none" && way("aid", PLAN.aidLabel, WAY_OPTIONS.aid, PLAN.aid, PLAN.aid.cap)}
      {way("joint", PLAN.jointLabel, WAY_OPTIONS.joint, PLAN.spliceNames, PLAN.jointUsual, jointHelp)}
      <Tick label={PLAN.jumperLabel} ticked={needsJumper(wiring)} onChange={(jumper) => save({ jumper, built: null }, "jumper")} />
      <Tick label={PLAN.lidLow} ticked={wiring.lidLow} onChange={(lidLow) => save({ lidLow }, "lidLow")} />
    </section>
  );
}
