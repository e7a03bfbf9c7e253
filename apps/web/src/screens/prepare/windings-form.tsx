import { FIGURES } from "@amp-saver/core/figure";
import { OHM_COUNTS, type Wiring } from "@amp-saver/records";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { NumberField } from "../../ui/number-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import { FIND } from "../../words/wiring-find.ts";
import { BoundedInput } from "../bounded-input.tsx";
import type { PartProps } from "./part-props.ts";

/** What probes held together may show, ohm. */
const PROBES = { min: 0, max: 10 } as const;
/** What a winding may have, ohm. */
const WINDING = FIGURES.windingOhm;

type Windings = Wiring["windings"];

interface WindingsFormProps extends Pick<PartProps, "wiring" | "save"> {
  /** Ohms that a connected meter shows now on what is proven dead; null where none does. */
  readonly shownOhm: number | null;
}

/** Three pairs, the probes, and each lead to the case; what a connected meter shows is taken over with one press. */
export function WindingsForm({ wiring, save, shownOhm }: WindingsFormProps) {
  const { windings } = wiring;
  const set = (change: Partial<Windings>, field: string): void => save({}, field, { windings: change });
  const take = (label: string, field: "ab" | "bc" | "ca" | "probesOhm") => {
    const { min, max } = field === "probesOhm" ? PROBES : WINDING;
    if (shownOhm === null || shownOhm < min || shownOhm > max) return null;
    return (
      <Button look="quiet" aria-label={FIND.takeOf(label, shownOhm)} onClick={() => set({ [field]: shownOhm }, field)}>
        {FIND.take(shownOhm)}
      </Button>
    );
  };
  const ohms = (field: "ab" | "bc" | "ca") => (
    <div key={field}>
      <NumberField
        label={`${FIND.pairs[field]}, ohm`}
        kept={windings[field] === "open" ? null : windings[field]}
        min={WINDING.min}
        max={WINDING.max}
        optional
        wrong={FIND.badOhms(FIND.pairs[field])}
        onNumber={(value) => set({ [field]: value }, field)}
      />
      {take(FIND.pairs[field], field)}
      <Tick
        label={`${FIND.pairs[field]}: ${FIND.open}`}
        ticked={windings[field] === "open"}
        onChange={(open) => set({ [field]: open ? "open" : null }, field)}
      />
    </div>
  );
  return (
    <section className="mt-2">
      <NumberField
        label={`${FIND.probes}, ohm`}
        kept={windings.probesOhm === 0 ? null : windings.probesOhm}
        {...PROBES}
        optional
        wrong={FIND.badProbes(PROBES.min, PROBES.max)}
        onNumber={(value) => set({ probesOhm: value ?? 0 }, "probesOhm")}
      />
      {take(FIND.probes, "probesOhm")}
      <Choice
        label={FIND.count}
        value={String(windings.countOhm ?? OHM_COUNTS[0])}
        options={OHM_COUNTS.map((count) => ({ value: String(count), word: FIND.counts[count] }))}
        onChange={(count) => set({ countOhm: OHM_COUNTS.find((c) => String(c) === count) }, "countOhm")}
      />
      {(["ab", "bc", "ca"] as const).map(ohms)}
      {(["a", "b", "c"] as const).map((label) => (
        <Tick
          key={label}
          label={FIND.toCase(label)}
          ticked={windings.toCase[label]}
          onChange={(there) => save({}, "toCase", { windings: { toCase: { [label]: there } } })}
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
