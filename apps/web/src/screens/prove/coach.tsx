import type { Reading } from "@amp-saver/records";
import type { JobBundle } from "../../store/queries.ts";
import { useNow } from "../../store/use-now.ts";
import { Button } from "../../ui/button.tsx";
import { clock } from "../../words/learn.ts";
import { PROVE } from "../../words/prove.ts";
import { useUnitWiring } from "../use-unit-wiring.ts";
import { coachView, type ProveView } from "./prove.view.ts";
import { useOffSince } from "./use-off-since.ts";

interface CoachProps {
  readonly bundle: JobBundle;
  /** The side of the next reading. */
  readonly side: Reading["when"];
  readonly readings: readonly Reading[];
  readonly view: ProveView;
}

/** Before the next reading: which conductor by this unit's own wiring, which mode, how long it rests still, how many more. */
export function Coach({ bundle, side, readings, view }: CoachProps) {
  const now = useNow(1);
  const { plan, names } = useUnitWiring(bundle);
  const [offMs, isOff] = useOffSince(bundle);
  const coach = coachView(readings, side, offMs, view);
  const wires = plan.asFound.conductors
    .filter((c) => c.ends.some((e) => e !== null && names.terminal(e) === COMMON_PIN))
    .map((c) => names.wire(c.id));
  const leftS = coach.restedMs === null ? null : (coach.restedMs - now) / 1000;
  return (
    <section className="border-[1.5px] border-ink bg-face px-3 py-2">
      <h2 className="font-bold">{PROVE.coach}</h2>
      <p>{PROVE.coachWhere(wires)}</p>
      <p>{PROVE.coachMode}</p>
      <p className="font-semibold" role="timer">
        {leftS === null ? PROVE.restNone : leftS > 0 ? PROVE.rested(clock(leftS)) : PROVE.restedOver}
      </p>
      <Button className="my-1" onClick={isOff}>
        {PROVE.offNow}
      </Button>
      <p>{PROVE.more(coach.wanted, PROVE.sides[side])}</p>
      {view.study.disagree.map((side) => (
        <p key={side} className="font-semibold text-lead">
          {PROVE.disagree[side]}
        </p>
      ))}
    </section>
  );
}

const COMMON_PIN = "compressor C";
