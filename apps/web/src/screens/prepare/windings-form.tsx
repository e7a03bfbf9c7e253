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
const PAIRS = ["ab", "bc", "ca"] as const;
type Pair = (typeof PAIRS)[number];

type Windings = Wiring["windings"];

export interface OhmsProps extends Pick<PartProps, "wiring" | "save"> {
  /** Ohms that a connected meter shows now on what is proven dead; null where none does. */
  readonly shownOhm: number | null;
}

/** Three pairs, the probes, and each lead to the case; what a connected meter shows is taken over with one press. */
export function WindingsForm(props: OhmsProps) {
  return (
    <section className="mt-2">
      <ProbesOhm {...props} />
      <OhmCount {...props} />
      {PAIRS.map((field) => (
        <PairOhms key={field} {...props} field={field} />
      ))}
      <ToCase {...props} />
      <WindingsWarm {...props} />
    </section>
  );
}

/** What the probes show held together. */
export function ProbesOhm(props: OhmsProps) {
  const { probesOhm } = props.wiring.windings;
  return (
    <>
      <NumberField
        label={`${FIND.probes}, ohm`}
        kept={probesOhm === 0 ? null : probesOhm}
        {...PROBES}
        optional
        wrong={FIND.badProbes(PROBES.min, PROBES.max)}
        onNumber={(value) => props.save({}, "probesOhm", { windings: { probesOhm: value ?? 0 } })}
      />
      <Take {...props} label={FIND.probes} field="probesOhm" {...PROBES} />
    </>
  );
}

/** What one count of the meter is. */
export function OhmCount({ wiring, save }: OhmsProps) {
  return (
    <Choice
      label={FIND.count}
      value={String(wiring.windings.countOhm ?? OHM_COUNTS[0])}
      options={OHM_COUNTS.map((count) => ({ value: String(count), word: FIND.counts[count] }))}
      onChange={(count) => save({}, "countOhm", { windings: { countOhm: OHM_COUNTS.find((c) => String(c) === count) } })}
    />
  );
}

/** One pair of leads: its ohms, or that there is no path. */
export function PairOhms({ field, ...props }: OhmsProps & { readonly field: Pair }) {
  const { wiring, save } = props;
  const kept = wiring.windings[field];
  const set = (value: Windings[Pair]): void => save({}, field, { windings: { [field]: value } });
  return (
    <div>
      <NumberField
        label={`${FIND.pairs[field]}, ohm`}
        kept={kept === "open" ? null : kept}
        min={WINDING.min}
        max={WINDING.max}
        optional
        wrong={FIND.badOhms(FIND.pairs[field])}
        onNumber={set}
      />
      <Take {...props} label={FIND.pairs[field]} field={field} min={WINDING.min} max={WINDING.max} />
      <Tick label={`${FIND.pairs[field]}: ${FIND.open}`} ticked={kept === "open"} onChange={(open) => set(open ? "open" : null)} />
    </div>
  );
}

/** A path from a lead to the case. */
export function ToCase({ wiring, save }: OhmsProps) {
  return (["a", "b", "c"] as const).map((label) => (
    <Tick
      key={label}
      label={FIND.toCase(label)}
      ticked={wiring.windings.toCase[label]}
      onChange={(there) => save({}, "toCase", { windings: { toCase: { [label]: there } } })}
    />
  ));
}

/** How warm the windings were when they were read. */
export function WindingsWarm({ wiring, save }: OhmsProps) {
  return (
    <BoundedInput
      name="windingC"
      value={wiring.windings.windingC}
      onChange={(value) => value !== null && save({}, "windingC", { windings: { windingC: value } })}
    />
  );
}

interface TakeProps extends OhmsProps {
  readonly label: string;
  readonly field: Pair | "probesOhm";
  readonly min: number;
  readonly max: number;
}

/** Takes over what the meter shows, where that can be this figure. */
function Take({ shownOhm, label, field, min, max, save }: TakeProps) {
  if (shownOhm === null || shownOhm < min || shownOhm > max) return null;
  return (
    <Button look="quiet" aria-label={FIND.takeOf(label, shownOhm)} onClick={() => save({}, field, { windings: { [field]: shownOhm } })}>
      {FIND.take(shownOhm)}
    </Button>
  );
}
