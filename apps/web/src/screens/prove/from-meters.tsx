import { READING_PARAMS } from "@amp-saver/core/study/reading/params";
import type { Reading } from "@amp-saver/records";
import type { JobBundle } from "../../store/queries.ts";
import { useInstruments } from "../../store/use-instruments.ts";
import { displayNotes, displayText } from "../../words/instruments.ts";
import { FromMeter } from "./from-meter.tsx";

/** What a meter showed when it was taken over. */
export interface Shown {
  readonly meter: string;
  readonly amps: number;
  readonly mode: Reading["mode"];
  /** What a voltmeter showed at the same moment; undefined where none hangs on the supply. */
  readonly volts: number | undefined;
}

interface FromMetersProps {
  readonly bundle: JobBundle;
  readonly onTake: (shown: Shown) => void;
}

/** What the instruments that answer here show of a reading: the clamp, and the link that the starter learns by. */
export function FromMeters({ bundle, onTake }: FromMetersProps) {
  const { list, displays } = useInstruments();
  const clamp = list?.find((i) => i.kind === "clamp");
  const shown = clamp === undefined ? undefined : displays.get(clamp.id);
  const link = list?.find((i) => i.id === bundle.learnings.find((l) => l.jobId === bundle.job.id)?.link);
  const linked = link === undefined ? undefined : displays.get(link.id);
  const voltmeter = [...displays.values()].find(
    (d) => d.kind === "multimeter" && d.unit === "V" && (d.value ?? 0) > READING_PARAMS.supplyLeastV.value,
  );
  const volts = voltmeter?.kind === "multimeter" ? (voltmeter.value ?? undefined) : undefined;
  return (
    <>
      {clamp !== undefined && shown?.kind === "clamp" && (
        <FromMeter
          name={clamp.name}
          shows={`${displayText(shown)}, ${displayNotes(shown).join(", ")}`}
          amps={shown.amps}
          onTake={(amps) => onTake({ meter: clamp.name, amps, mode: shown.mode, volts })}
        />
      )}
      {link !== undefined && linked?.kind === "starter-link" && (
        <FromMeter
          name={link.name}
          shows={displayNotes(linked).join(", ")}
          amps={linked.lastPeakA}
          onTake={(amps) => onTake({ meter: link.name, amps, mode: "app", volts })}
        />
      )}
    </>
  );
}
