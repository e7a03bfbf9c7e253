import type { Reading, Waveform } from "@amp-saver/records";
import { type ChannelPick, type CsvChoice, type CsvLook, scaleOf, TIME_UNITS } from "@amp-saver/records/wave";
import { useState } from "react";
import { Button } from "../../ui/button.tsx";
import { Choice } from "../../ui/choice.tsx";
import { NumberField } from "../../ui/number-field.tsx";
import { Pick } from "../../ui/pick.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { CONDUCTOR_WORDS } from "../../words/prove.ts";
import { WAVES } from "../../words/waves.ts";

/** What was said of a recording before it is read. */
export interface WaveSaid {
  readonly when: Reading["when"];
  readonly conductor: Reading["conductor"];
  readonly form: Waveform["form"];
  /** How its columns are read; null for a record that says so itself. */
  readonly choice: CsvChoice | null;
  /** Channels of such a record. */
  readonly pick: ChannelPick;
}

interface WaveSheetProps {
  readonly look: CsvLook | null;
  /** Channels of a record that says itself how it is read; null for columns. */
  readonly channels: readonly { readonly name: string; readonly unit: string }[] | null;
  /** The side that is filled in. */
  readonly side: Reading["when"];
  readonly refused: string | null;
  readonly onRead: (said: WaveSaid) => void;
  readonly onClose: () => void;
}

/** Samples a second that a list may have, and amps that a probe may show as one volt. */
const SAMPLE_HZ = { min: 0.1, max: 1e6 } as const;
const A_PER_V = { min: 0.001, max: 1e5 } as const;
const AMP_UNITS = ["A", "mA", "kA", "V", "mV"] as const;

/** Confirms how a file of samples is to be read: what was guessed is filled in. */
export function WaveSheet({ look, channels, side, refused, onRead, onClose }: WaveSheetProps) {
  const guess = (of: "amps" | "volts" | "other"): number => look?.columns.findIndex((c) => c.guess === of) ?? -1;
  const [when, setWhen] = useState<Reading["when"]>(side);
  const [conductor, setConductor] = useState<Reading["conductor"]>("common");
  const [form, setForm] = useState<Waveform["form"]>("instant");
  // Without a column of amps it is one nobody named, or the volts of a probe.
  const asAmps = (["amps", "other", "volts"] as const).map(guess).find((k) => k >= 0) ?? 0;
  const [amps, setAmps] = useState(asAmps);
  const [ampsUnit, setAmpsUnit] = useState(look?.columns[asAmps]?.unit || "A");
  const [volts, setVolts] = useState(guess("volts") === asAmps ? -1 : guess("volts"));
  const [time, setTime] = useState(look?.timeColumn ?? -1);
  const [timeUnit, setTimeUnit] = useState(look?.timeUnit ?? "s");
  const [rate, setRate] = useState(1000);
  const [perVolt, setPerVolt] = useState(100);
  const firstAmps = channels?.findIndex((c) => scaleOf(c.unit)?.of === "amps") ?? -1;
  const [channel, setChannel] = useState(Math.max(0, firstAmps));
  const probe = scaleOf(channels === null ? ampsUnit : (channels[channel]?.unit ?? ""))?.of === "volts";
  const columns = look?.columns ?? [];
  const options = columns.map((c, k) => ({ value: String(k), word: WAVES.column(c.name, k, c.first) }));
  const read = (): void => {
    const choice: CsvChoice | null = look && {
      ...look,
      time: time < 0 ? { sampleHz: rate } : { column: time, unit: timeUnit },
      amps: { column: Math.max(0, amps), unit: ampsUnit, ...(probe && { perVolt }) },
      volts: volts < 0 ? null : { column: volts, unit: columns[volts]?.unit || "V" },
    };
    onRead({ when, conductor, form, choice, pick: { amps: channel, ...(probe && { perVolt }) } });
  };
  return (
    <Sheet open onOpenChange={(open) => !open && onClose()} title={WAVES.sheet}>
      <Choice
        label={WAVES.when}
        value={when}
        options={(["before", "after"] as const).map((value) => ({ value, word: WAVES.whens[value] }))}
        onChange={setWhen}
      />
      <Pick
        label={WAVES.conductor}
        value={conductor}
        options={(["common", "run", "start", "supply"] as const).map((value) => ({ value, word: CONDUCTOR_WORDS[value] }))}
        onChange={setConductor}
      />
      <Choice
        label={WAVES.form}
        value={form}
        options={(["instant", "rms"] as const).map((value) => ({ value, word: WAVES.forms[value] }))}
        onChange={setForm}
      />
      {look !== null && (
        <>
          <Pick label={WAVES.amps} value={String(Math.max(0, amps))} options={options} onChange={(k) => setAmps(Number(k))} />
          <Pick
            label={WAVES.ampsUnit}
            value={ampsUnit}
            options={[...new Set([...AMP_UNITS, ampsUnit])].map((value) => ({ value, word: value }))}
            onChange={setAmpsUnit}
          />
          <Pick
            label={WAVES.volts}
            value={String(volts)}
            options={[{ value: "-1", word: WAVES.noVolts }, ...options]}
            onChange={(k) => setVolts(Number(k))}
          />
          <Pick
            label={WAVES.time}
            value={String(time)}
            options={[{ value: "-1", word: WAVES.noTime }, ...options]}
            onChange={(k) => setTime(Number(k))}
          />
          {time < 0 ? (
            <NumberField
              label={WAVES.rate}
              kept={rate}
              {...SAMPLE_HZ}
              wrong={WAVES.badRate}
              onNumber={(value) => value !== null && setRate(value)}
            />
          ) : (
            <Pick
              label={WAVES.timeUnit}
              value={timeUnit}
              options={TIME_UNITS.map((value) => ({ value, word: WAVES.timeUnits[value] }))}
              onChange={setTimeUnit}
            />
          )}
        </>
      )}
      {channels !== null && channels.length > 1 && (
        <Pick
          label={WAVES.channel}
          value={String(channel)}
          options={channels.map((c, k) => ({ value: String(k), word: WAVES.channelName(c.name, c.unit, k) }))}
          onChange={(k) => setChannel(Number(k))}
        />
      )}
      {probe && (
        <NumberField
          label={WAVES.perVolt}
          kept={perVolt}
          {...A_PER_V}
          wrong={WAVES.badPerVolt}
          onNumber={(value) => value !== null && setPerVolt(value)}
        />
      )}
      {refused !== null && (
        <p role="alert" className="py-2 font-semibold text-lead">
          {refused}
        </p>
      )}
      <Button look="primary" className="mt-3 min-h-[48px]" onClick={read}>
        {WAVES.keep}
      </Button>
    </Sheet>
  );
}
