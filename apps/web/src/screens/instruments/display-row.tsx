import type { Display, Instrument, InstrumentCommand } from "@amp-saver/instruments";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { displayNotes, displayText, INSTRUMENTS } from "../../words/instruments.ts";

interface DisplayRowProps {
  readonly instrument: Instrument;
  readonly display: Display | undefined;
  readonly send: (command: InstrumentCommand) => void;
}

/** One instrument: its figure large, what it says beside it, and its keys. */
export function DisplayRow({ instrument, display, send }: DisplayRowProps) {
  return (
    <section className="border-b-[1.5px] border-ink py-3" aria-label={instrument.name}>
      <div className="flex flex-wrap items-baseline justify-between gap-x-4">
        <h2 className="font-bold">{instrument.name}</h2>
        <span className="text-body text-ink2">
          {INSTRUMENTS.kinds[instrument.kind]}
          {instrument.simulated ? `, ${INSTRUMENTS.simulated}` : ""}
        </span>
      </div>
      {display === undefined ? (
        <p className="figure text-answer">{INSTRUMENTS.silent}</p>
      ) : (
        <>
          <p className="figure text-answer font-semibold">{displayText(display)}</p>
          <p className="text-body">{displayNotes(display).join(", ")}</p>
          <Keys display={display} send={send} />
        </>
      )}
    </section>
  );
}

function Keys({ display, send }: { readonly display: Display; readonly send: DisplayRowProps["send"] }) {
  switch (display.kind) {
    case "clamp":
      return (
        <div className="mt-2 flex flex-wrap items-end gap-3">
          <div className="grow">
            <Choice
              label={INSTRUMENTS.mode}
              hideLabel
              value={display.mode}
              options={(["live", "max-hold", "inrush"] as const).map((value) => ({ value, word: INSTRUMENTS.modes[value] }))}
              onChange={(mode) => send({ do: "mode", mode })}
            />
          </div>
          <Button onClick={() => send({ do: "clear" })}>{INSTRUMENTS.clear}</Button>
        </div>
      );
    case "multimeter":
      return (
        <Pick
          label={INSTRUMENTS.range}
          value={display.range}
          options={(["ohm", "continuity", "volts", "volts-low-impedance", "dc-volts", "capacitance"] as const).map((value) => ({
            value,
            word: INSTRUMENTS.ranges[value],
          }))}
          onChange={(range) => send({ do: "range", range })}
        />
      );
    case "starter-link":
      return (
        <Button look="quiet" onClick={() => send({ do: "forget" })}>
          {INSTRUMENTS.forget}
        </Button>
      );
    case "generator-panel":
      return (
        <>
          <Tick label={INSTRUMENTS.eco} ticked={display.eco} onChange={(on) => send({ do: "eco", on })} />
          {!display.running && <Button onClick={() => send({ do: "restart" })}>{INSTRUMENTS.restart}</Button>}
        </>
      );
  }
}
