import type { Wiring } from "@amp-saver/records";
import { TextField } from "../../ui/text-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { FIND } from "../../words/wiring-find.ts";
import { readOhms, textOfOhms } from "../../workbench/ohms.ts";
import { BoundedInput } from "../bounded-input.tsx";
import type { PartProps } from "./part-props.ts";

type Windings = Wiring["windings"];

/** Three pairs, the probes, and each lead to the case. */
export function WindingsForm({ wiring, save }: Pick<PartProps, "wiring" | "save">) {
  const { windings } = wiring;
  const set = (change: Partial<Windings>, field: string): void => save({}, field, { windings: change });
  const ohms = (field: "ab" | "bc" | "ca") => (
    <div key={field}>
      <TextField
        label={`${FIND.pairs[field]}, ohm`}
        kept={windings[field] === "open" ? "" : textOfOhms(windings[field])}
        onText={(text) => {
          const value = readOhms(text);
          if (value === undefined) return FIND.badOhms(FIND.pairs[field]);
          set({ [field]: value }, field);
          return null;
        }}
      />
      <Tick
        label={`${FIND.pairs[field]}: ${FIND.open}`}
        ticked={windings[field] === "open"}
        onChange={(open) => set({ [field]: open ? "open" : null }, field)}
      />
    </div>
  );
  return (
    <section className="mt-2">
      <TextField
        label={`${FIND.probes}, ohm`}
        kept={windings.probesOhm === 0 ? "" : textOfOhms(windings.probesOhm)}
        onText={(text) => {
          const value = readOhms(text, 0, 10);
          if (value === undefined) return `${FIND.probes} must be a number from 0 to 10 ohm.`;
          set({ probesOhm: value ?? 0 }, "probesOhm");
          return null;
        }}
      />
      {(["ab", "bc", "ca"] as const).map(ohms)}
      {(["a", "b", "c"] as const).map((label) => (
        <Tick
          key={label}
          label={FIND.toCase(label)}
          ticked={windings.toCase[label]}
          onChange={(there) => set({ toCase: { ...windings.toCase, [label]: there } }, "toCase")}
        />
      ))}
      <BoundedInput
        name="hottestC"
        label={FIND.windingC}
        value={windings.windingC}
        onChange={(value) => value !== null && set({ windingC: value }, "windingC")}
      />
    </section>
  );
}
