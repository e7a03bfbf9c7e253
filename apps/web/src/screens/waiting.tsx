import type { Learning, Source, Starter } from "@amp-saver/records";
import { useState } from "react";
import { Link } from "react-router";
import { useWidth } from "../chart/use-width.ts";
import { WaitRule } from "../chart/wait-rule.tsx";
import type { JobBundle } from "../store/queries.ts";
import type { Instruments } from "../store/use-instruments.ts";
import { Choice } from "../ui/choice.tsx";
import { SectionHeading } from "../ui/layout/section-heading.tsx";
import { Pick } from "../ui/pick.tsx";
import { clock, LEARN, NEXT_CHECK_WORDS, waitingSentence } from "../words/learn.ts";
import { GEAR_WORDS } from "../words/together.ts";
import { WAITING_GEAR, waitingAt, waitsOf } from "./learn/learn.view.ts";

type Seen = "yes" | "no" | "unseen";

interface WaitingProps {
  readonly bundle: JobBundle;
  readonly starter: Starter | undefined;
  readonly source: Source | undefined;
  readonly waits: Learning["waits"];
  readonly instruments: Instruments;
  /** Seconds since the call for cooling; null before it. */
  readonly elapsedS: number | null;
  /** What is asked or pressed here besides. */
  readonly children?: React.ReactNode;
}

/** Silence after a call: a wait, or a fault; what to look at next, and what lamp or code mean. */
export function Waiting({ bundle, starter, source, waits, instruments, elapsedS, children }: WaitingProps) {
  const [fan, setFan] = useState<Seen>("unseen");
  const [lamp, setLamp] = useState("");
  const [frame, width] = useWidth<HTMLDivElement>();
  const meter = [...instruments.displays.values()].find(
    (d) => d.kind === "multimeter" && d.unit === "V" && d.value !== null && d.value > 50,
  );
  const seen = { fan: fan === "unseen" ? null : fan === "yes", volts: meter?.kind === "multimeter" ? meter.value : null };
  const study = elapsedS === null ? null : waitingAt(elapsedS, waitsOf(waits, source), bundle.unit, starter, seen);
  const lamps = starter?.lamps ?? [];
  const gear = WAITING_GEAR.filter((name) => source?.gear?.includes(name));
  return (
    <section className="mt-4" ref={frame}>
      <SectionHeading>{LEARN.waitTitle}</SectionHeading>
      {study !== null && elapsedS !== null && (
        <>
          <p className={`py-2 text-large font-semibold ${study.verdict === "late" ? "text-lead" : ""}`} role="timer" aria-live="polite">
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
      {children}
      {source !== undefined && (
        <p className="border-b border-hair py-2 text-body">
          {LEARN.gear(
            source.name,
            gear.map((name) => GEAR_WORDS[name].name),
          )}{" "}
          <Link to={`/job/${bundle.job.id}/survey`} className="underline underline-offset-4">
            {LEARN.toGear}
          </Link>
        </p>
      )}
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
