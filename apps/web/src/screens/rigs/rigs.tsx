import { asId, type MergeSide } from "@amp-saver/records";
import type { OfferView } from "@amp-saver/records/exchange";
import { useDeferredValue, useMemo, useRef, useState } from "react";
import { Link, useNavigate } from "react-router";
import type { Wanted } from "../../exchange/rigs-out.ts";
import { useBackup } from "../../store/backup.ts";
import { type RigBundle, readBundle } from "../../store/bundle.ts";
import { addUnitCommit, deleteRigCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { useSummaries } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { useKeys } from "../../ui/keys.tsx";
import { Evidence } from "../../ui/layout/stage-frame.tsx";
import { saveFile } from "../../ui/save-file.ts";
import { SearchField } from "../../ui/search-field.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { COMMON } from "../../words/common.ts";
import { fileRefused, HOME, RIGS } from "../../words/home.ts";
import { LIBRARY } from "../../words/library.ts";
import { useExchange } from "../../workers/use-exchange.ts";
import { filteredRigs } from "../home/logbook.view.ts";
import { ImportPreview } from "./import-preview.tsx";
import { KeptHere } from "./kept-here.tsx";
import { RigRow } from "./rig-row.tsx";
import { TaskPanel } from "./task-panel.tsx";

/** Rows shown at first, and with every press for more. */
const ROWS = 25;

/** What a file turned out to be. */
type Found =
  | { readonly ok: true; readonly view: OfferView }
  | { readonly ok: false; readonly reason: Parameters<typeof fileRefused>[0]; readonly where: string };

const BROKE = { ok: false, reason: "broke", where: "" } as const;
const ABORTED = { ok: false, reason: "aborted" } as const;

/** Every rig on this device: export, read in, delete. */
export function RigsScreen() {
  const rigs = useSummaries();
  const { store, commit, report } = useStore();
  const navigate = useNavigate();
  const { task, run, cancel } = useExchange();
  const [found, setFound] = useState<Found | null>(null);
  const [notOut, setNotOut] = useState(false);
  const [doomed, setDoomed] = useState<RigBundle | null>(null);
  const [typed, setTyped] = useState("");
  const [most, setMost] = useState(ROWS);
  const words = useDeferredValue(typed);
  const rows = useMemo(() => filteredRigs(rigs ?? [], words), [rigs, words]);
  const picker = useRef<HTMLInputElement>(null);
  const { exported } = useBackup();
  const { namesInFiles } = useSettings();
  const save = async (wanted: Wanted): Promise<void> => {
    setNotOut(false);
    const file = await run("out", (exchanger, tell) => exchanger.out(wanted, tell)).catch(() => "broke" as const);
    if (file === "broke") setNotOut(true);
    if (file === null || file === "broke") return;
    saveFile(file.name, file.blob, file.blob.type);
    if (wanted.what === "all" || (wanted.what === "rig" && rigs?.length === 1)) exported();
  };
  const exportAll = (): void => {
    if (rigs !== undefined && rigs.length > 0 && task === null) void save({ what: "all", name: RIGS.allName });
  };
  useKeys({ e: exportAll });
  if (rigs === undefined) return <p className="p-6">{COMMON.loading}</p>;
  const read = async (file: File | undefined): Promise<void> => {
    if (file === undefined) return;
    const looked = await run("look", (exchanger, tell) => exchanger.look(file, tell)).catch(() => BROKE);
    if (looked !== null) setFound(looked.ok ? { ok: true, view: looked.value } : looked);
  };
  const takeIn = async (sides: ReadonlyMap<number, MergeSide>): Promise<void> => {
    setFound(null);
    const done = await run("take", (exchanger, tell) => exchanger.take(sides, tell)).catch(() => ABORTED);
    if (done !== null) await report(done);
  };
  const withRig = async (id: string, act: (bundle: RigBundle) => void): Promise<void> => {
    const bundle = await readBundle(store, asId("rig", id));
    if (bundle !== undefined) act(bundle);
  };
  const addUnit = (bundle: RigBundle): void => {
    const made = addUnitCommit(bundle, RIGS.unitName(bundle.units.length + 1), HOME.jobTitle);
    void commit(made.commit).then((result) => result.ok && navigate(`/job/${made.jobId}/survey`));
  };
  const units = rigs.reduce((n, r) => n + r.units.length, 0);
  const sources = rigs.reduce((n, r) => n + r.sources.length, 0);
  return (
    <>
      <section className="border-b-[1.5px] border-ink px-4 py-4 min-[62.5rem]:px-6">
        <Answer
          guide="clock-and-device"
          question={RIGS.question}
          parts={[{ text: rigs.length === 0 ? RIGS.empty : RIGS.answer(rigs.length, units, sources) }]}
          sure={RIGS.sure}
        />
        <div className="mt-3 flex flex-wrap items-center gap-2">
          <Button disabled={task !== null} onClick={() => picker.current?.click()}>
            {RIGS.import}
          </Button>
          {rigs.length > 0 && (
            <Button keyCap="E" disabled={task !== null} onClick={exportAll}>
              {RIGS.exportAll}
            </Button>
          )}
          <Link to="/library" className="inline-flex min-h-[48px] items-center px-1 underline underline-offset-4">
            {LIBRARY.link}
          </Link>
          <span className="text-small text-ink2">{RIGS.importHelp}</span>
          <input
            ref={picker}
            type="file"
            accept=".json,.zip,application/json,application/zip"
            className="sr-only"
            tabIndex={-1}
            aria-label={RIGS.import}
            onChange={(event) => {
              void read(event.target.files?.[0]);
              event.target.value = "";
            }}
          />
        </div>
        {notOut && (
          <p role="alert" className="mt-2 font-semibold text-lead">
            {RIGS.notOut}
          </p>
        )}
        {rigs.length > 1 && (
          <SearchField
            label={RIGS.find}
            value={typed}
            onChange={(text) => {
              setTyped(text);
              setMost(ROWS);
            }}
            className="mt-3"
          />
        )}
        <KeptHere />
      </section>
      {rows.length === 0 && rigs.length > 0 && <p className="px-6 py-4">{RIGS.noMatch(words)}</p>}
      <ul>
        {rows.slice(0, most).map((rig) => (
          <RigRow
            key={rig.id}
            rig={rig}
            busy={task !== null}
            onExport={() => void save({ what: "rig", rigId: rig.id, named: namesInFiles })}
            onCase={() => void save({ what: "case", rigId: rig.id, name: RIGS.caseName })}
            onDelete={() => void withRig(rig.id, setDoomed)}
            onAddUnit={() => void withRig(rig.id, addUnit)}
          />
        ))}
      </ul>
      {rows.length > most && (
        <Evidence>
          <Button onClick={() => setMost(most + ROWS)}>{HOME.more(Math.min(ROWS, rows.length - most), rows.length)}</Button>
        </Evidence>
      )}
      <Sheet open={doomed !== null} onOpenChange={() => setDoomed(null)} title={doomed === null ? "" : RIGS.deleteTitle(doomed.rig.name)}>
        {doomed !== null && (
          <>
            <p>{RIGS.deleteHelp(doomed.units.length, doomed.sources.length, doomed.readings.length, doomed.photos.length)}</p>
            <div className="mt-4 flex gap-2">
              <Button
                look="primary"
                onClick={() => {
                  void commit(deleteRigCommit(doomed));
                  setDoomed(null);
                }}
              >
                {RIGS.delete}
              </Button>
              <Button onClick={() => setDoomed(null)}>{COMMON.cancel}</Button>
            </div>
          </>
        )}
      </Sheet>
      <Sheet open={found !== null} onOpenChange={() => setFound(null)} title={found?.ok === false ? RIGS.refusedTitle : RIGS.previewTitle}>
        {found?.ok === false && <p role="alert">{fileRefused(found.reason, found.where)}</p>}
        {found?.ok === true && <ImportPreview view={found.view} onTake={(sides) => void takeIn(sides)} onLeave={() => setFound(null)} />}
      </Sheet>
      {task !== null && <TaskPanel task={task} onCancel={cancel} />}
    </>
  );
}
