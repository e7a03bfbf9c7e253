import { conditionsOf, startCase } from "@amp-saver/cases";
import { formatAmps, formatSeconds } from "@amp-saver/core/quantity";
import { unpackSamples, type Waveform } from "@amp-saver/records";
import { useState } from "react";
import { useWidth } from "../../chart/use-width.ts";
import { WaveformPicture } from "../../chart/waveform-picture.tsx";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Button } from "../../ui/button.tsx";
import { saveFile } from "../../ui/save-file.ts";
import { COMMON } from "../../words/common.ts";
import { CONDUCTOR_WORDS } from "../../words/prove.ts";
import { WAVES } from "../../words/waves.ts";
import { useStudy } from "../../workers/use-study.ts";

interface WaveRowProps {
  readonly bundle: JobBundle;
  readonly waveform: Waveform;
  readonly onRemove: () => void;
}

/** One recorded start: its picture over the simulated one, its figures, and its file again as COMTRADE. */
export function WaveRow({ bundle, waveform, onRemove }: WaveRowProps) {
  const { job, rig, unit, sources, starters } = bundle;
  const { store } = useStore();
  const [frame, width] = useWidth<HTMLDivElement>();
  const [absent, setAbsent] = useState(false);
  const source = sources.find((s) => s.id === waveform.sourceId);
  const question = startCase(unit, source, waveform.when === "before" ? "as-found" : "soft", conditionsOf(rig, job, starters));
  const { answer } = useStudy(question.ok ? question.given : null);
  const { found } = waveform;
  const simulated = (answer?.ok === true ? answer.value.result.cycles : []).map((c) => ({
    t: c.t,
    rmsA: waveform.conductor === "supply" ? c.rmsA : c.compressorA,
  }));
  const amps = (value: number | null | undefined): string =>
    value == null ? WAVES.none : found.atLeast === true ? WAVES.atLeast(formatAmps(value)) : formatAmps(value);
  const rows: readonly (readonly [string, string])[] = [
    [WAVES.rows.largest, amps(found.largestCycleA)],
    [WAVES.rows.inrush, amps(found.inrushA)],
    [WAVES.rows.largest100, amps(found.largest100msA)],
    [WAVES.rows.first, amps(found.firstHalfCycleA)],
    [WAVES.rows.running, found.runningA === null ? WAVES.none : formatAmps(found.runningA)],
    [WAVES.rows.time, found.startTimeS === null ? WAVES.none : formatSeconds(found.startTimeS)],
    [WAVES.rows.dip, found.lowestV === null ? WAVES.none : WAVES.dip(found.restV, found.lowestV)],
  ];
  const save = async (): Promise<void> => {
    const bytes = await store.blobs(waveform.id);
    const samples = bytes === undefined ? null : unpackSamples(waveform, bytes);
    setAbsent(samples === null);
    if (samples === null) return;
    const { writeComtrade } = await import("@amp-saver/records/wave");
    const channels = [
      { name: `current ${waveform.conductor}`, unit: "A", values: Float64Array.from(samples.amps) },
      ...(samples.volts === null ? [] : [{ name: "voltage", unit: "V", values: Float64Array.from(samples.volts) }]),
    ];
    const { sampleHz, lineHz } = waveform;
    const written = writeComtrade({ sampleHz, lineHz, channels }, `${rig.name} ${unit.name}`, new Date(waveform.takenAt));
    const name = waveform.name.toLowerCase().replace(/[^a-z0-9]+/g, "-");
    saveFile(`${name}.cfg`, written.config, "text/plain");
    saveFile(`${name}.dat`, written.data, "text/plain");
  };
  return (
    <div ref={frame} className="border-b border-hair py-2">
      <p className="flex flex-wrap justify-between gap-x-3 text-body">
        <b>{waveform.name}</b>
        <span className="text-ink2">
          {WAVES.whens[waveform.when]}, {CONDUCTOR_WORDS[waveform.conductor]}, {WAVES.size(waveform)}
        </span>
      </p>
      {width > 0 && <WaveformPicture width={width} recorded={found.cycles} simulated={simulated} runningA={found.runningA} />}
      <dl className="grid grid-cols-[auto_1fr] gap-x-4 text-body">
        {rows.map(([name, value]) => (
          <div key={name} className="contents">
            <dt className="text-ink2">{name}</dt>
            <dd>{value}</dd>
          </div>
        ))}
      </dl>
      {(found.warnings ?? []).map((warning) => (
        <p key={warning} className="text-body">
          {WAVES.warnings[warning]}
        </p>
      ))}
      {absent && <p className="font-semibold">{WAVES.missingBytes}</p>}
      <div className="flex gap-3">
        <Button look="quiet" onClick={() => void save()}>
          {WAVES.comtrade(waveform.name)}
        </Button>
        <Button look="quiet" aria-label={WAVES.remove(waveform.name)} onClick={onRemove}>
          {COMMON.delete}
        </Button>
      </div>
    </div>
  );
}
