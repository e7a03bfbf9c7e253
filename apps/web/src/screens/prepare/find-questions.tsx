import { useState } from "react";
import { RoofButton } from "../../ui/roof-button.tsx";
import { FIND } from "../../words/wiring-find.ts";
import type { Question } from "../asked.tsx";
import { EndToEnd, LookAlikes, OverrideReason, type ProofProps, releaseSentence, wireProofOf } from "./proof-form.tsx";
import { OhmCount, type OhmsProps, PairOhms, ProbesOhm, ToCase, WindingsWarm } from "./windings-form.tsx";

/** The three resistances, one question each: the probes, the pairs, the case, how warm. */
export function useWindingQuestions(props: OhmsProps): readonly Question[] {
  const { windings } = props.wiring;
  const pairs = (["ab", "bc", "ca"] as const).map(
    (field): Question => ({ id: field, group: FIND.ohms, done: windings[field] !== null, content: <PairOhms {...props} field={field} /> }),
  );
  const read = pairs.every(({ done }) => done);
  // Ohms that were there already were read with the case.
  const [noneToCase, setNone] = useState(read);
  const probes = (
    <>
      <ProbesOhm {...props} />
      <OhmCount {...props} />
    </>
  );
  const toCase = (
    <>
      <ToCase {...props} />
      <RoofButton onClick={() => setNone(true)}>{FIND.noneToCase}</RoofButton>
    </>
  );
  const shown = Object.values(windings.toCase).some((there) => there);
  return [
    { id: "probes", group: FIND.ohms, done: read || windings.probesOhm !== 0, content: probes },
    ...pairs,
    { id: "case", group: FIND.ohms, done: noneToCase || shown, content: toCase },
    { id: "warm", group: FIND.ohms, done: true, content: <WindingsWarm {...props} /> },
  ];
}

/** The proofs of one conductor before it is opened or cut, one question each. */
export function proofQuestions(props: ProofProps): readonly Question[] {
  const { id, names } = props;
  const { record, release, set } = wireProofOf(props);
  const intro = (
    <>
      <p className={`pt-1 font-semibold ${release.released ? "" : "text-lead"}`}>{releaseSentence(release)}</p>
      <LookAlikes {...props} />
    </>
  );
  const of = (what: string, rest: Omit<Question, "id" | "group" | "intro">): Question => ({
    id: `${id} ${what}`,
    group: names.wire(id),
    intro,
    ...rest,
  });
  return [
    of("traced", {
      done: record.traced || release.released,
      tick: { label: FIND.traced, ticked: record.traced, onChange: (traced) => set({ traced }) },
    }),
    of("diagram", {
      done: record.onDiagram || release.released,
      tick: { label: FIND.onDiagram, ticked: record.onDiagram, onChange: (onDiagram) => set({ onDiagram }) },
    }),
    of("reading", { done: release.released || record.reading?.ohm != null, content: <EndToEnd {...props} /> }),
    ...(release.by === "proofs" ? [] : [of("reason", { done: true, content: <OverrideReason {...props} /> })]),
  ];
}

/** What is asked once everything is: the conductors that may not be opened yet. */
export function FindEnd({ proofs }: { readonly proofs: readonly ProofProps[] }) {
  const open = proofs.map((props) => ({ props, release: wireProofOf(props).release })).filter(({ release }) => !release.released);
  if (open.length === 0) return <p className="py-3 font-semibold">{FIND.allAsked}</p>;
  return (
    <ul className="py-3">
      {open.map(({ props, release }) => (
        <li key={props.id} className="py-1">
          <b>{props.names.wire(props.id)}.</b> {releaseSentence(release)}
        </li>
      ))}
    </ul>
  );
}
