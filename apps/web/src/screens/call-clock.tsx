import { newLearning } from "@amp-saver/records";
import { useState } from "react";
import { useLocalItem } from "../store/local-item.ts";
import type { JobBundle } from "../store/queries.ts";
import { useInstruments } from "../store/use-instruments.ts";
import { useNow } from "../store/use-now.ts";
import { RoofButton } from "../ui/roof-button.tsx";
import { Tick } from "../ui/tick.tsx";
import { LEARN } from "../words/learn.ts";
import { learningSource } from "./learn/learn.view.ts";
import { Waiting } from "./waiting.tsx";

/** Waiting or faulty where no learning run counts the time: one tap at the call, and a clock that runs from it. */
export function CallClock({ bundle }: { readonly bundle: JobBundle }) {
  const { job, starters, learnings } = bundle;
  const [called, turn] = useLocalItem(`amp-saver call ${job.id}`);
  const now = useNow(1);
  const instruments = useInstruments();
  const [justOff, setJustOff] = useState(false);
  const learning = learnings.find((l) => l.jobId === job.id) ?? newLearning(job.createdAt, job);
  const calledMs = called === null ? Number.NaN : Number(called);
  const elapsedS = Number.isFinite(calledMs) ? Math.max(0, (now - calledMs) / 1000) : null;
  const forgotten = elapsedS !== null && elapsedS > FORGOTTEN_S;
  return (
    <Waiting
      bundle={bundle}
      starter={starters.find((s) => s.id === job.starterId)}
      source={learningSource(bundle, learning)}
      waits={{ ...learning.waits, thermostatJustOff: justOff }}
      instruments={instruments}
      elapsedS={forgotten ? null : elapsedS}
    >
      <p className="py-1 text-body">{LEARN.callAsk}</p>
      <RoofButton onClick={() => turn(() => String(Date.now()))}>{LEARN.callNow}</RoofButton>
      <Tick label={LEARN.thermostatJustOff} ticked={justOff} onChange={setJustOff} />
    </Waiting>
  );
}

/** A call longer ago than this is of another time, s. */
const FORGOTTEN_S = 3600;
