import { type AnyRecord, recordKey, rigOf, type Side } from "@amp-saver/records";
import { useRef, useState } from "react";
import { useNavigate } from "react-router";
import { addUnitCommit, deleteRigCommit, importCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { type RigBundle, useRigs } from "../../store/queries.ts";
import { Answer } from "../../ui/answer.tsx";
import { Button } from "../../ui/button.tsx";
import { useKeys } from "../../ui/keys.tsx";
import { Sheet } from "../../ui/sheet.tsx";
import { COMMON } from "../../words/common.ts";
import { FILE_REFUSED, HOME, RIGS } from "../../words/home.ts";
import { type Offer, offerImport } from "../../workbench/rig-file.ts";
import { changesOf, travelled } from "../../workbench/sharing.ts";
import { recordsOf, saveCase, saveRig } from "../save-rig.ts";
import { ImportPreview } from "./import-preview.tsx";
import { RigRow } from "./rig-row.tsx";

/** Every rig on this device: export, read in, delete. */
export function RigsScreen() {
  const rigs = useRigs();
  const { store, commit, keepPixels } = useStore();
  const navigate = useNavigate();
  const [offer, setOffer] = useState<Offer | { readonly ok: false; readonly reason: "unreadable"; readonly where: string } | null>(null);
  const [doomed, setDoomed] = useState<RigBundle | null>(null);
  const picker = useRef<HTMLInputElement>(null);
  const exportAll = (): void => {
    const [first, ...more] = rigs ?? [];
    if (first !== undefined) void saveRig(store, first, ...more);
  };
  useKeys({ e: exportAll });
  if (rigs === undefined) return <p className="p-6">{COMMON.loading}</p>;
  const read = async (file: File | undefined): Promise<void> => {
    if (file === undefined) return;
    const bytes = await file.arrayBuffer().catch(() => null);
    const kept = keptNow(rigs);
    setOffer(
      bytes === null
        ? { ok: false, reason: "unreadable", where: file.name }
        : await offerImport(new Uint8Array(bytes), kept, (id) => store.shared(id)),
    );
  };
  const takeIn = async ({ merge, pixels, shared, records }: Offer & { ok: true }, sides: ReadonlyMap<number, Side>): Promise<void> => {
    setOffer(null);
    for (const [id, bytes] of pixels) if (!(await keepPixels(id, bytes.slice())).ok) return;
    const { put, away } = changesOf(merge, sides, keptNow(rigs));
    const done = await commit(importCommit(put, away));
    if (!done.ok) return;
    for (const [id, { revision, seen }] of Object.entries(shared)) {
      const own = records.filter((r) => rigOf(r) === id || rigOf(r) === null);
      await store.keepShared(id, travelled(await store.shared(id), { revision, records: own }, seen));
    }
  };
  const units = rigs.reduce((n, b) => n + b.units.length, 0);
  const sources = rigs.reduce((n, b) => n + b.sources.length, 0);
  return (
    <>
      <section className="border-b-[1.5px] border-ink px-4 py-4 min-[1000px]:px-6">
        <Answer
          question={RIGS.question}
          parts={[{ text: rigs.length === 0 ? RIGS.empty : RIGS.answer(rigs.length, units, sources) }]}
          sure={RIGS.sure}
        />
        <div className="mt-3 flex flex-wrap items-center gap-2">
          <Button onClick={() => picker.current?.click()}>{RIGS.import}</Button>
          {rigs.length > 0 && (
            <Button keyCap="E" onClick={exportAll}>
              {RIGS.exportAll}
            </Button>
          )}
          <span className="text-[14.5px] text-ink2">{RIGS.importHelp}</span>
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
      </section>
      <ul>
        {rigs.map((bundle) => (
          <RigRow
            key={bundle.rig.id}
            bundle={bundle}
            onExport={() => void saveRig(store, bundle)}
            onCase={() => void saveCase(store, bundle, RIGS.caseName)}
            onDelete={() => setDoomed(bundle)}
            onAddUnit={() => {
              const made = addUnitCommit(bundle, RIGS.unitName(bundle.units.length + 1), HOME.jobTitle);
              void commit(made.commit).then((result) => result.ok && navigate(`/job/${made.jobId}/survey`));
            }}
          />
        ))}
      </ul>
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
      <Sheet open={offer !== null} onOpenChange={() => setOffer(null)} title={offer?.ok === false ? RIGS.refusedTitle : RIGS.previewTitle}>
        {offer?.ok === false && <p role="alert">{FILE_REFUSED[offer.reason]?.(offer.where)}</p>}
        {offer?.ok === true && <ImportPreview offer={offer} onTake={(sides) => void takeIn(offer, sides)} onLeave={() => setOffer(null)} />}
      </Sheet>
    </>
  );
}

/** Everything that is kept, each record once. */
function keptNow(rigs: readonly RigBundle[]): readonly AnyRecord[] {
  return [...new Map(rigs.flatMap((bundle) => [...recordsOf(bundle), ...bundle.starters]).map((r) => [recordKey(r), r])).values()];
}
