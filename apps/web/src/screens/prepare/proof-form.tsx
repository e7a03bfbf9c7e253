import type { Netlist } from "@amp-saver/core/network";
import type { Release } from "@amp-saver/core/study/tracing";
import { type Photo, TEXT_MOST, type Wiring } from "@amp-saver/records";
import { DraftScope } from "../../ui/drafts.ts";
import { NumberField } from "../../ui/number-field.tsx";
import { TextField } from "../../ui/text-field.tsx";
import { Tick } from "../../ui/tick.tsx";
import type { WiringNames } from "../../words/wiring.ts";
import { FIND } from "../../words/wiring-find.ts";
import type { PartProps } from "./part-props.ts";
import { likenesses, refusalOf, wireProof } from "./wiring.view.ts";

/** Most ohms end to end that are a reading of a wire. */
const MOST_OHM = 1000;

export interface ProofProps extends Pick<PartProps, "save"> {
  readonly id: string;
  readonly wiring: Wiring;
  readonly photos: readonly Photo[];
  readonly asFound: Netlist;
  readonly names: WiringNames;
}

type Proof = Wiring["proofs"][string];
type Reading = NonNullable<Proof["reading"]>;
const UNREAD: Reading = { bothEndsFree: false, ohm: null, openToOthers: false };

/** What is proven of a conductor, whether that releases it, and what changes it. */
export function wireProofOf({ id, wiring, photos, save }: ProofProps) {
  const { record, release } = wireProof(wiring, photos, id);
  const set = (change: Partial<Proof>): void => save({}, `proof ${id}`, { proofs: { [id]: change } }, { proofs: { [id]: { ...record } } });
  return { record, release, set };
}

/** Whether a conductor may be opened, or what is missing. */
export function releaseSentence(release: Release): string {
  return release.released ? FIND.released(release.by) : FIND.missingSentence(release.missing.map((m) => FIND.missing[m]));
}

/** Proofs of one conductor before it is opened or cut. */
export function ProofForm(props: ProofProps) {
  const { id, names } = props;
  const { record, release, set } = wireProofOf(props);
  return (
    <fieldset className="mt-3 max-w-[760px] border-t-[1.5px] border-ink pt-1">
      <legend className="float-left font-bold">{names.wire(id)}</legend>
      <p className={`float-right font-semibold ${release.released ? "" : "text-lead"}`}>{releaseSentence(release)}</p>
      <div className="clear-both">
        <LookAlikes {...props} />
        <Tick label={FIND.traced} ticked={record.traced} onChange={(traced) => set({ traced })} />
        <Tick label={FIND.onDiagram} ticked={record.onDiagram} onChange={(onDiagram) => set({ onDiagram })} />
        <EndToEnd {...props} />
        {release.by !== "proofs" && <OverrideReason {...props} />}
      </div>
    </fieldset>
  );
}

/** Which wires it could be mistaken for. */
export function LookAlikes({ id, asFound, names }: ProofProps) {
  const alike = likenesses(asFound, id);
  if (alike.length === 0) return null;
  return (
    <p className="text-small">
      {FIND.lookAlikes(alike.map((a) => names.wire(a.conductor.id)))} {alike.some((a) => !a.sameGauge) && FIND.byGauge}
    </p>
  );
}

/** The reading from end to end with both ends free. */
export function EndToEnd(props: ProofProps) {
  const { record, set } = wireProofOf(props);
  const reading = record.reading ?? UNREAD;
  const read = (change: Partial<Reading>): void =>
    set({ reading: record.reading === null ? { ...reading, ...change } : (change as Reading) });
  const refusal = record.reading === null ? null : refusalOf(record.reading);
  return (
    <DraftScope value={`${props.wiring.unitId} ${props.id}`}>
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
    </DraftScope>
  );
}

/** Why one goes on without proof. */
export function OverrideReason(props: ProofProps) {
  const { record, set } = wireProofOf(props);
  return (
    <DraftScope value={`${props.wiring.unitId} ${props.id}`}>
      <TextField
        label={FIND.override}
        kept={record.override ?? ""}
        most={TEXT_MOST.note}
        onText={(text) => {
          set({ override: text === "" ? null : text });
          return null;
        }}
      />
    </DraftScope>
  );
}
