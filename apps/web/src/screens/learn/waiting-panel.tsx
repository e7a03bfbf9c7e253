import { useState } from "react";
import { useWidth } from "../../chart/use-width.ts";
import { WaitRule } from "../../chart/wait-rule.tsx";
import { Choice } from "../../ui/choice.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { clock, LEARN, NEXT_CHECK_WORDS, waitingSentence } from "../../words/learn.ts";
import { waitingNow } from "./learn.view.ts";
import type { LearnPartProps } from "./learn-part-props.ts";

type Seen = "yes" | "no" | "unseen";

/** Silence after a call: a wait, or a fault; what to look at next, and what lamp or code mean. */
export function WaitingPanel({ bundle, conduct, starter, instruments }: LearnPartProps) {
  const [fan, setFan] = useState<Seen>("unseen");
  const [lamp, setLamp] = useState("");
  const [frame, width] = useWidth<HTMLDivElement>();
  const { job, unit } = bundle;
  const { own, now, save } = conduct;
  const { learning, state } = own;
  const meter = [...instruments.displays.values()].find(
    (d) => d.kind === "multimeter" && d.unit === "V" && d.value !== null && d.value > 50,
  );
  const volts = meter?.kind === "multimeter" ? meter.value : null;
  const study = waitingNow(own, unit, starter, { fan: fan === "unseen" ? null : fan === "yes", volts }, now);
  const elapsedS = state.calledMs === null ? 0 : Math.max(0, (now - state.calledMs) / 1000);
  const lamps = starter?.lamps ?? [];
  return (
    <section className="mt-4" ref={frame}>
      <SectionHeading>{LEARN.waitTitle}</SectionHeading>
      {study !== null && (
        <>
          <p className="py-2 text-large font-semibold" aria-live="polite">
            {waitingSentence(study, elapsedS).map((part) => (
              <span key={part.text}>{part.text}</span>
            ))}
          </p>
          {width > 0 && (
            <WaitRule
              width={width}
              label={LEARN.waitPicture(clock(elapsedS))}
              bands={study.bands.map((b) => ({ ...b, word: LEARN.who[b.who] }))}
              lateS={study.lateS}
              elapsedS={elapsedS}
            />
          )}
          {study.next.length > 0 && (
            <ol className="list-decimal py-1 pl-6">
              {study.next.map((check) => (
                <li key={check}>{NEXT_CHECK_WORDS[check]}</li>
              ))}
            </ol>
          )}
          <Choice<Seen>
            label={LEARN.waitFan}
            value={fan}
            options={[
              { value: "yes", word: LEARN.yes },
              { value: "no", word: LEARN.no },
              { value: "unseen", word: LEARN.unseen },
            ]}
            onChange={setFan}
          />
        </>
      )}
      {(["energyManager", "transferSwitch", "thermostatJustOff"] as const).map((wait) => (
        <Tick
          key={wait}
          label={LEARN.waits[wait]}
          ticked={learning.waits[wait]}
          onChange={(yes) => save(job, {}, wait, { waits: { [wait]: yes } })}
        />
      ))}
      {lamps.length === 0 ? (
        <p className="py-2 text-body text-ink2">{LEARN.lampEmpty}</p>
      ) : (
        <>
          <Pick
            label={LEARN.lampPick}
            value={lamp}
            options={[{ value: "", word: LEARN.lampNone }, ...lamps.map(({ shows }) => ({ value: shows, word: shows }))]}
            onChange={setLamp}
          />
          {lamps.map(({ shows, means }) => shows === lamp && <p key={shows}>{LEARN.lampMeans(means)}</p>)}
        </>
      )}
    </section>
  );
}
