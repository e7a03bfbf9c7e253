import { keysOf } from "@amp-saver/core/quantity";
import type { BenchCommand, BenchState, Probes } from "@amp-saver/instruments/simulated";
import { Choice } from "../../ui/choice.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Tick } from "../../ui/tick.tsx";
import { INSTRUMENTS } from "../../words/instruments.ts";

const RATES = ["1", "10", "60"] as const;
const JAWS = ["common", "run", "start", "supply"] as const;
const PROBE_WORDS = {
  together: "the other probe",
  "R-S": "compressor R to S",
  "R-C": "compressor R to C",
  "C-S": "compressor C to S",
  "R-case": "compressor R to case",
  "L-N": "line to neutral",
  "L-G": "line to ground",
  "N-G": "neutral to ground",
  "can C-HERM": "cap C–HERM",
} satisfies Readonly<Record<Probes, string>>;
const PROBES = keysOf(PROBE_WORDS);
const FAULTS = keysOf(INSTRUMENTS.fault);

/** The hands on the bench: thermostat, jaws, probes, plugs and faults. */
export function BenchPanel({ state, hand }: { readonly state: BenchState; readonly hand: (command: BenchCommand) => void }) {
  const unitOptions = state.units.map(({ id, name }) => ({ value: id, word: name }));
  return (
    <section>
      <SectionHeading>{INSTRUMENTS.bench}</SectionHeading>
      <p className="py-1 text-body text-ink2">{INSTRUMENTS.benchHelp}</p>
      <Choice
        label={INSTRUMENTS.rate}
        value={String(state.rate)}
        options={RATES.map((value) => ({ value, word: INSTRUMENTS.rates(Number(value)) }))}
        onChange={(times) => hand({ do: "rate", times: Number(times) })}
      />
      <Choice
        label={INSTRUMENTS.source}
        value={state.source}
        options={(["hook-up", "generator"] as const).map((value) => ({ value, word: INSTRUMENTS.sources[value] }))}
        onChange={(source) => hand({ do: "source", source })}
      />
      <Tick label={INSTRUMENTS.power} ticked={state.power} onChange={(on) => hand({ do: "power", on })} />
      {state.units.map((unit) => (
        <div key={unit.id} className="mt-2 border-l-[3px] border-ink pl-2">
          <p className="font-semibold">
            {unit.name}: {INSTRUMENTS.phases[unit.phase]}
          </p>
          <Tick label={INSTRUMENTS.call(unit.name)} ticked={unit.call} onChange={(on) => hand({ do: "call", unit: unit.id, on })} />
          <Tick label={INSTRUMENTS.fitted(unit.name)} ticked={unit.fitted} onChange={(on) => hand({ do: "fit", unit: unit.id, on })} />
        </div>
      ))}
      <div className="mt-2">
        <Pick
          label={`${INSTRUMENTS.clampOn}: unit`}
          value={state.clamp.unit}
          options={unitOptions}
          onChange={(unit) => hand({ do: "clamp", unit, jaws: state.clamp.jaws })}
        />
        <Choice
          label={INSTRUMENTS.clampOn}
          value={state.clamp.jaws}
          options={JAWS.map((value) => ({ value, word: INSTRUMENTS.jaws[value] }))}
          onChange={(jaws) => hand({ do: "clamp", unit: state.clamp.unit, jaws })}
        />
        <Pick
          label={`${INSTRUMENTS.probesOn}: unit`}
          value={state.probes.unit}
          options={unitOptions}
          onChange={(unit) => hand({ do: "probes", unit, between: state.probes.between })}
        />
        <Pick
          label={INSTRUMENTS.probesOn}
          value={state.probes.between}
          options={PROBES.map((value) => ({ value, word: PROBE_WORDS[value] ?? value }))}
          onChange={(between) => hand({ do: "probes", unit: state.probes.unit, between })}
        />
      </div>
      <h3 className="mt-3 border-b border-hair pb-1 font-bold">{INSTRUMENTS.faults}</h3>
      {FAULTS.map((fault) => (
        <Tick
          key={fault}
          label={INSTRUMENTS.fault[fault]}
          ticked={state.faults.includes(fault)}
          onChange={(on) => hand({ do: "fault", fault, on })}
        />
      ))}
    </section>
  );
}
