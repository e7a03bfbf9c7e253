import { isAided } from "@amp-saver/cases";
import { figureText } from "@amp-saver/core/figure";
import { isHighVolts } from "@amp-saver/core/reference";
import type { AirConditioner, Figure } from "@amp-saver/records";
import { MADE_YEAR, TEXT_MOST } from "@amp-saver/records";
import { editCommit, type Fields } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { useSettings } from "../../store/settings.tsx";
import { Button } from "../../ui/button.tsx";
import { Caution } from "../../ui/caution.tsx";
import { Choice } from "../../ui/choice.tsx";
import { Fold } from "../../ui/fold.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { NumberField } from "../../ui/number-field.tsx";
import { Pick } from "../../ui/pick.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { PLATE_PHOTO } from "../../words/plate-photo.ts";
import { SURVEY } from "../../words/survey.ts";
import { TOGETHER } from "../../words/together.ts";
import { FigureInput } from "../figure-input.tsx";
import { NameField } from "../name-field.tsx";
import { CircuitForm } from "./circuit-form.tsx";
import { capacitorBand, capacitorOff, coolingOfModel, PRINTED_SHARES, plateDoubt, printedCapacitor } from "./plate.view.ts";
import { burns } from "./plate-photo.view.ts";

const FIRST = ["coolingW", "lockedRotorA", "ratedLoadA", "fanA", "runCapacitorF"] as const;
const MORE = ["maxBreakerA", "circuitA", "runningA"] as const;
const USUAL_SHARE = "";
const DRIVES = ["single-speed", "two-stage", "variable-speed", "three-phase"] as const;

/** The plate of one air conditioner: what the answer needs first, the rest on request. */
export function UnitForm({ unit }: { readonly unit: AirConditioner }) {
  const { commit } = useStore();
  const { measure } = useSettings();
  const save = (change: Fields<AirConditioner>, field: string): void => void commit(editCommit(unit, change, field));
  const figure = (name: (typeof FIRST)[number] | (typeof MORE)[number], large: boolean) => (
    <FigureInput
      key={name}
      name={name}
      figure={unit[name]}
      usual={name === "runningA" ? "measured" : "plate"}
      large={large}
      placeholder={SURVEY.assumed}
      onChange={(next) => save({ [name]: next }, name)}
    />
  );
  const hinted = unit.coolingW === undefined ? coolingOfModel(unit.model) : null;
  const off = capacitorOff(unit);
  const printed = printedCapacitor(unit);
  const share = (label: string, figure: Figure, onFigure: (next: Figure) => void) => (
    <Pick<string>
      label={label}
      value={figure.tolerance === undefined ? USUAL_SHARE : String(figure.tolerance)}
      options={[
        { value: USUAL_SHARE, word: SURVEY.notPrinted },
        ...PRINTED_SHARES.map((value) => ({ value: String(value), word: SURVEY.plusMinus(value) })),
      ]}
      onChange={(value) => {
        const { tolerance: _old, ...rest } = figure;
        onFigure(value === USUAL_SHARE ? rest : { ...rest, tolerance: Number(value) });
      }}
    />
  );
  const doubt = plateDoubt(unit);
  return (
    <section className="mt-5 max-w-[720px]">
      <SectionHeading>{SURVEY.unit}</SectionHeading>
      <NameField label={SURVEY.unitName} kept={unit.name} onName={(name) => save({ name }, "name")} />
      <Choice
        label={SURVEY.hertz}
        value={`${isHighVolts(unit.plateVolts.value) ? 230 : 115} ${unit.hz}`}
        options={[
          { value: "115 60", word: "115 V, 60 Hz" },
          { value: "230 60", word: "230 V, 60 Hz" },
          { value: "230 50", word: "230 V, 50 Hz" },
        ]}
        onChange={(value) => {
          const [volts, hz] = value.split(" ").map(Number) as [number, 50 | 60];
          save({ plateVolts: { value: volts, from: "plate" }, hz }, "plateVolts");
        }}
      />
      {FIRST.map((name) => figure(name, true))}
      {doubt !== null && unit.lockedRotorA !== undefined && (
        <p role="status" className="py-1 font-semibold text-lead">
          {SURVEY.plateDoubt(unit.lockedRotorA.value, doubt)}
        </p>
      )}
      {burns(unit.refrigerant ?? "") === true && <Caution title={SURVEY.burns(unit.refrigerant ?? "")}>{PLATE_PHOTO.burns}</Caution>}
      <Fold label={SURVEY.more}>
        {MORE.map((name) => figure(name, false))}
        <TextField
          label={SURVEY.model}
          kept={unit.model}
          most={TEXT_MOST.model}
          onText={(text) => {
            save({ model: text }, "model");
            return null;
          }}
        />
        <TextField
          label={SURVEY.serial}
          kept={unit.serial ?? ""}
          most={TEXT_MOST.serial}
          onText={(text) => {
            save({ serial: text.trim() === "" ? undefined : text.trim() }, "serial");
            return null;
          }}
        />
        <TextField
          label={SURVEY.refrigerant}
          kept={unit.refrigerant ?? ""}
          most={TEXT_MOST.refrigerant}
          onText={(text) => {
            save({ refrigerant: text.trim() === "" ? undefined : text.trim() }, "refrigerant");
            return null;
          }}
        />
        <NumberField
          label={SURVEY.madeYear}
          kept={unit.madeYear ?? null}
          {...MADE_YEAR}
          optional
          wrong={SURVEY.badYear(MADE_YEAR.min, MADE_YEAR.max)}
          onNumber={(year) => save({ madeYear: year === null ? undefined : Math.round(year) }, "madeYear")}
        />
        {hinted !== null && (
          <Button look="quiet" onClick={() => save({ coolingW: { value: hinted, from: "typical" } }, "coolingW")}>
            {SURVEY.takeCooling(figureText("coolingW", measure, hinted))}
          </Button>
        )}
        <Pick
          label={SURVEY.unitLeg}
          value={`${unit.leg ?? 1}`}
          options={(["1", "2", "both"] as const).map((value) => ({ value, word: TOGETHER.legs[value] }))}
          onChange={(leg) => save({ leg: leg === "both" ? "both" : leg === "2" ? 2 : 1 }, "leg")}
        />
        <Pick
          label={SURVEY.unitPriority}
          value={`${unit.priority ?? 1}`}
          options={(["1", "2", "3", "4", "5"] as const).map((value) => ({ value, word: TOGETHER.priorities[value] }))}
          onChange={(priority) => save({ priority: Number(priority) }, "priority")}
        />
        <Pick
          label={SURVEY.drive}
          value={unit.drive ?? "single-speed"}
          options={DRIVES.map((value) => ({ value, word: SURVEY.drives[value] }))}
          onChange={(drive) => save({ drive }, "drive")}
        />
        <Pick
          label={SURVEY.startAid}
          value={unit.startAid}
          options={(["unknown", "none", "ptc", "relay", "kit"] as const).map((value) => ({ value, word: SURVEY.startAids[value] }))}
          onChange={(startAid) => save({ startAid }, "startAid")}
        />
        {isAided(unit) && (
          <FigureInput
            name="startAidF"
            figure={unit.startAidF}
            usual="plate"
            placeholder={SURVEY.assumed}
            onChange={(next) => save({ startAidF: next }, "startAidF")}
          />
        )}
        {isAided(unit) &&
          unit.startAidF !== undefined &&
          share(SURVEY.startTolerance, unit.startAidF, (startAidF) => save({ startAidF }, "startTolerance"))}
        <Tick
          label={SURVEY.seenToStart}
          help={SURVEY.seenHelp}
          ticked={unit.seenToStart !== false}
          onChange={(seen) => save({ seenToStart: seen ? undefined : false }, "seenToStart")}
        />
        <Tick
          label={SURVEY.valveHolds}
          help={SURVEY.valveHelp}
          ticked={unit.valve === "holds"}
          onChange={(holds) => save({ valve: holds ? "holds" : undefined }, "valve")}
        />
        <Tick
          label={SURVEY.plugIn}
          help={SURVEY.plugInHelp}
          ticked={unit.plugIn === true}
          onChange={(plugIn) => save({ plugIn: plugIn ? true : undefined }, "plugIn")}
        />
        {isHighVolts(unit.plateVolts.value) && (
          <FigureInput
            name="plateVolts"
            label={SURVEY.lowestVolts}
            figure={unit.lowestVolts}
            usual="plate"
            onChange={(next) => save({ lowestVolts: next }, "lowestVolts")}
          />
        )}
        <FigureInput
          name="runCapacitorF"
          label={SURVEY.printedCapacitor}
          figure={unit.runCapacitorPrintedF}
          usual="plate"
          placeholder={SURVEY.same}
          onChange={(next) => save({ runCapacitorPrintedF: next }, "runCapacitorPrintedF")}
        />
        {printed !== null && share(SURVEY.runTolerance, printed.figure, (figure) => save({ [printed.field]: figure }, "runTolerance"))}
        {off !== null && (
          <p className={`py-1.5 text-body font-semibold ${Math.abs(off) > capacitorBand(unit) ? "text-lead" : ""}`}>
            {SURVEY.capacitorOff(off, capacitorBand(unit))}
          </p>
        )}
        <CircuitForm unit={unit} save={save} />
        {(["mainOhm", "startOhm"] as const).map((field) => (
          <FigureInput
            key={field}
            name="windingOhm"
            label={SURVEY[field]}
            figure={unit[field]}
            usual="measured"
            onChange={(next) => save({ [field]: next }, field)}
          />
        ))}
      </Fold>
    </section>
  );
}
