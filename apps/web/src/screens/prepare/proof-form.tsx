import type { Netlist } from "@amp-saver/core/network";
import type { Photo, Wiring } from "@amp-saver/records";
import { NumberField } from "../../ui/number-field.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import type { WiringNames } from "../../words/wiring.ts";
import { FIND } from "../../words/wiring-find.ts";
import type { PartProps } from "./part-props.ts";
import { likenesses, refusalOf, wireProof } from "./wiring.view.ts";

/** Most ohms end to end that are a reading of a wire. */
const MOST_OHM = 1000;

interface ProofFormProps extends Pick<PartProps, "save"> {
  readonly id: string;
  readonly wiring: Wiring;
  readonly photos: readonly Photo[];
  readonly asFound: Netlist;
  readonly names: WiringNames;
}

type Proof = Wiring["proofs"][string];
type Reading = NonNullable<Proof["reading"]>;

/** Proofs of one conductor before it is opened or cut. */
export function ProofForm({ id, wiring, photos, asFound, names, save }: ProofFormProps) {
  const { record, release } = wireProof(wiring, photos, id);
  const set = (change: Partial<Proof>): void => save({}, `proof ${id}`, { proofs: { [id]: change } }, { proofs: { [id]: { ...record } } });
  const reading = record.reading ?? { bothEndsFree: false, ohm: null, openToOthers: false };
  const read = (change: Partial<Reading>): void =>
    set({ reading: record.reading === null ? { ...reading, ...change } : (change as Reading) });
  const refusal = record.reading === null ? null : refusalOf(record.reading);
  const alike = likenesses(asFound, id);
  const name = names.wire(id);
  return (
    <fieldset className="mt-3 max-w-[760px] border-t-[1.5px] border-ink pt-1">
      <legend className="float-left font-bold">{name}</legend>
      <p className={`float-right font-semibold ${release.released ? "" : "text-lead"}`}>
        {release.released ? FIND.released(release.by) : FIND.missingSentence(release.missing.map((m) => FIND.missing[m]))}
      </p>
      <div className="clear-both">
        {alike.length > 0 && (
          <p className="text-small">
            {FIND.lookAlikes(alike.map((a) => names.wire(a.conductor.id)))} {alike.some((a) => !a.sameGauge) && FIND.byGauge}
          </p>
        )}
        <Tick label={FIND.traced} ticked={record.traced} onChange={(traced) => set({ traced })} />
        <Tick label={FIND.onDiagram} ticked={record.onDiagram} onChange={(onDiagram) => set({ onDiagram })} />
        <Tick label={FIND.reading} ticked={record.reading !== null} onChange={(there) => set({ reading: there ? reading : null })} />
        {record.reading !== null && (
          <div className="pl-5">
            <Tick label={FIND.endsFree} ticked={reading.bothEndsFree} onChange={(bothEndsFree) => read({ bothEndsFree })} />
            <NumberField
              label={`${FIND.endToEnd}, ohm`}
              kept={reading.ohm}
              min={0}
              max={MOST_OHM}
              optional
              wrong={FIND.badEndOhm}
              onNumber={(ohm) => read({ ohm })}
            />
            <Tick label={FIND.openToOthers} ticked={reading.openToOthers} onChange={(openToOthers) => read({ openToOthers })} />
            {refusal !== null && (
              <p role="alert" className="py-1 font-semibold text-lead">
                {FIND.refusal[refusal]}
              </p>
            )}
          </div>
        )}
        {release.by !== "proofs" && (
          <TextField
            label={FIND.override}
            kept={record.override ?? ""}
            onText={(text) => {
              if (text.length > 500) return FIND.reasonLong;
              set({ override: text === "" ? null : text });
              return null;
            }}
          />
        )}
      </div>
    </fieldset>
  );
}
