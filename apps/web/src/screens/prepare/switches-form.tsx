import type { Wiring } from "@amp-saver/records";
import { useSettings } from "../../store/settings.tsx";
import { Choice } from "../../ui/choice.tsx";
import { Later } from "../../ui/later.tsx";
import { Pick } from "../../ui/pick.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { wireSize } from "../../words/wire-size.ts";
import { FOUND, STARTING_POINT_WORDS } from "../../words/wiring.ts";
import type { PartProps } from "./part-props.ts";
import { beginFrom, JUMPER_AWG, STARTING_POINT_IDS, SWITCH_OPTIONS, startingPointOf } from "./switches.view.ts";

type Switches = Wiring["switches"];
const TICKS = [
  "overload",
  "freeze",
  "plug",
  "commonJoint",
  "aidJunction",
  "heater",
  "lookAlike",
  "secondBox",
  "sealed",
  "boot",
  "heatPump",
] as const;
const TABS = ["0", "1", "2", "3"] as const;

/** What a look into the unit answers: the circuit is built anew from it. */
export function SwitchesForm({ wiring, save }: Pick<PartProps, "wiring" | "save">) {
  const { switches } = wiring;
  const { measure } = useSettings();
  const wide = useWide();
  const set = (change: Partial<Switches>): void => save({ corrected: null, built: null }, "switches", { switches: change });
  const contactor = switches.control === "contactor";
  const ticks = TICKS.filter((t) =>
    t === "heater" ? contactor : t === "aidJunction" ? switches.aid !== "none" && switches.aid !== "hard-start" : true,
  );
  return (
    <section className="mt-3">
      <Pick
        label={FOUND.start}
        help={FOUND.startHelp}
        value={startingPointOf(wiring) ?? ""}
        options={[
          { value: "", word: FOUND.startNone },
          ...STARTING_POINT_IDS.map((id) => ({ value: id, word: STARTING_POINT_WORDS[id] ?? id })),
        ]}
        onChange={(id) => save(beginFrom(id, switches.system === 120 ? 115 : 230), "switches")}
      />
      <Choice
        label={FOUND.systemLabel}
        value={`${switches.system}`}
        options={(["120", "240"] as const).map((value) => ({ value, word: FOUND.system[value] }))}
        onChange={(value) => set({ system: value === "120" ? 120 : 240 })}
      />
      <Pick
        label={FOUND.controlLabel}
        value={switches.control}
        options={SWITCH_OPTIONS.control.map((value) => ({ value, word: FOUND.control[value] }))}
        onChange={(control) => set({ control, ...(control !== "contactor" && switches.runAt === "contactor" && { runAt: "can" }) })}
      />
      {contactor && (
        <Pick
          label={FOUND.polesLabel}
          value={`${switches.poles}`}
          options={(["1", "2"] as const).map((value) => ({ value, word: FOUND.poles[value] }))}
          onChange={(value) => set({ poles: value === "1" ? 1 : 2 })}
        />
      )}
      {contactor && switches.poles === 1 && (
        <Pick
          label={FOUND.unbrokenLabel}
          value={switches.unbroken}
          options={SWITCH_OPTIONS.unbroken.map((value) => ({ value, word: FOUND.unbroken[value] }))}
          onChange={(unbroken) => set({ unbroken })}
        />
      )}
      <Pick
        label={FOUND.runAtLabel}
        value={switches.runAt}
        options={SWITCH_OPTIONS.runAt.filter((v) => contactor || v !== "contactor").map((value) => ({ value, word: FOUND.runAt[value] }))}
        onChange={(runAt) => set({ runAt })}
      />
      <Pick
        label={FOUND.aidLabel}
        value={switches.aid}
        options={SWITCH_OPTIONS.aid.map((value) => ({ value, word: FOUND.aid[value] }))}
        onChange={(aid) => set({ aid })}
      />
      <Pick
        label={FOUND.fanLabel}
        value={switches.fan}
        options={SWITCH_OPTIONS.fan.map((value) => ({ value, word: FOUND.fan[value] }))}
        onChange={(fan) => set({ fan })}
      />
      {(["freeC", "freeHerm"] as const).map((field) => (
        <Pick
          key={field}
          label={FOUND[field]}
          {...(field === "freeHerm" && { help: FOUND.hermToo })}
          value={String(Math.min(3, switches[field])) as (typeof TABS)[number]}
          options={TABS.map((value) => ({ value, word: value }))}
          onChange={(value) => set({ [field]: Number(value) })}
        />
      ))}
      <Later atOnce={wide}>
        {ticks.map((field) => (
          <Tick
            key={field}
            label={FOUND.ticks[field]}
            {...(field === "heatPump" && { help: FOUND.heatPumpNote })}
            {...(field === "secondBox" && { help: FOUND.secondBoxNote(wireSize(JUMPER_AWG, measure)) })}
            ticked={switches[field]}
            onChange={(on) => set({ [field]: on })}
          />
        ))}
        <h3 className="mt-3 font-bold">{FOUND.colors}</h3>
        {SWITCH_OPTIONS.colors.map((field) => (
          <TextField
            key={field}
            label={FOUND.colorOf[field]}
            kept={switches.colors[field]}
            onText={(text) => {
              const color = text.trim();
              if (color === "" || color.length > 40) return FOUND.colorMissing;
              save({ corrected: null, built: null }, "switches", { switches: { colors: { [field]: color } } });
              return null;
            }}
          />
        ))}
      </Later>
    </section>
  );
}
