import type { Reading, Waveform } from "@amp-saver/records";
import type { CsvLook } from "@amp-saver/records/wave";
import { useRef, useState } from "react";
import { addWaveformCommit, deleteWaveformCommit } from "../../store/evidence-commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Button } from "../../ui/button.tsx";
import { WAVES, waveRefused } from "../../words/waves.ts";
import { askWave } from "../../workers/ask-wave.ts";
import type { WaveChannelName } from "../../workers/wave.worker.ts";
import { WaveRow } from "./wave-row.tsx";
import { type WaveSaid, WaveSheet } from "./wave-sheet.tsx";

const MOST_FILE_BYTES = 100_000_000;

/** A file that was picked: text with its look, or a COMTRADE pair. */
type Picked =
  | { readonly name: string; readonly bytes: Uint8Array; readonly look: CsvLook }
  | { readonly name: string; readonly config: Uint8Array; readonly data: Uint8Array; readonly channels: readonly WaveChannelName[] };

/** Starts that were recorded: taken in from files, read in a worker, laid over the simulated one. */
export function Waveforms({ bundle, side }: { readonly bundle: JobBundle; readonly side: Reading["when"] }) {
  const { store, commit } = useStore();
  const { job, unit } = bundle;
  const input = useRef<HTMLInputElement>(null);
  const [picked, setPicked] = useState<Picked | null>(null);
  const [refused, setRefused] = useState<string | null>(null);
  const [busy, setBusy] = useState(false);
  const own = bundle.waveforms.filter((w) => w.jobId === job.id);

  const take = async (files: readonly File[]): Promise<void> => {
    const first = files[0];
    if (first === undefined) return;
    setBusy(true);
    const got = await open(files);
    setBusy(false);
    if ("refused" in got) setRefused(got.refused);
    else {
      setRefused(null);
      setPicked(got);
    }
  };

  const keep = async ({ choice, pick, ...said }: WaveSaid): Promise<void> => {
    if (picked === null) return;
    setBusy(true);
    const ask = { form: said.form, lineHz: unit.hz };
    const answer =
      "config" in picked
        ? await askWave((reader) => reader.comtrade(picked.config, picked.data, pick, ask))
        : choice === null
          ? null
          : await askWave((reader) => reader.csv(picked.bytes, choice, ask));
    setBusy(false);
    if (answer === null) return;
    if (!answer.ok) {
      setRefused(waveRefused(answer.reason, answer.where));
      return;
    }
    const { bytes, ...facts } = answer.value;
    const { commit: adding, id } = addWaveformCommit(job, {
      name: picked.name,
      ...said,
      ...facts,
      sourceId: job.sourceId,
      takenAt: nowIso(),
    });
    const kept = await store.keepBlob(id, bytes);
    if (!kept.ok || !(await commit(adding)).ok) return;
    setPicked(null);
    setRefused(null);
  };

  const remove = (waveform: Waveform): void => void commit(deleteWaveformCommit(waveform));
  return (
    <section className="mt-5">
      <h2 className="border-t-[1.5px] border-ink pt-2 font-bold">{WAVES.title}</h2>
      <p className="text-body text-ink2">
        {WAVES.help} {WAVES.refine}
      </p>
      {own.map((waveform) => (
        <WaveRow key={waveform.id} bundle={bundle} waveform={waveform} onRemove={() => remove(waveform)} />
      ))}
      {refused !== null && picked === null && (
        <p role="alert" className="py-1 font-semibold text-lead">
          {refused}
        </p>
      )}
      <input
        ref={input}
        type="file"
        multiple
        accept=".csv,.txt,.tsv,.cfg,.dat"
        aria-label={WAVES.pickLabel}
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          void take([...(event.target.files ?? [])]);
          event.target.value = "";
        }}
      />
      <Button className="mt-2" disabled={busy} onClick={() => input.current?.click()}>
        {busy ? WAVES.looking : WAVES.pick}
      </Button>
      {picked !== null && (
        <WaveSheet
          side={side}
          key={picked.name}
          look={"look" in picked ? picked.look : null}
          channels={"channels" in picked ? picked.channels : null}
          refused={refused}
          onRead={(said) => void keep(said)}
          onClose={() => setPicked(null)}
        />
      )}
    </section>
  );
}

async function open(files: readonly File[]): Promise<Picked | { readonly refused: string }> {
  if (files.some((f) => f.size > MOST_FILE_BYTES)) return { refused: waveRefused("too-big") };
  const ending = (end: string): File | undefined => files.find((f) => f.name.toLowerCase().endsWith(end));
  const config = ending(".cfg");
  const data = ending(".dat");
  if (config !== undefined || data !== undefined) {
    if (config === undefined || data === undefined) return { refused: waveRefused("needs-both") };
    const bytes = await bytesOf(config);
    const channels = await askWave((reader) => reader.channels(bytes));
    if (!channels.ok) return { refused: waveRefused(channels.reason, channels.where) };
    return { name: nameOf(config), config: bytes, data: await bytesOf(data), channels: channels.value };
  }
  const [file] = files;
  const bytes = file === undefined ? new Uint8Array() : await bytesOf(file);
  const look = await askWave((reader) => reader.look(bytes));
  return look.ok ? { name: nameOf(file), bytes, look: look.value } : { refused: waveRefused(look.reason, look.where) };
}

const bytesOf = async (file: File): Promise<Uint8Array> => new Uint8Array(await file.arrayBuffer());

function nameOf(file: File | undefined): string {
  return (file?.name ?? "recording").replace(/\.[^.]+$/, "").slice(0, 120) || "recording";
}
