import { rigVolts } from "@amp-saver/cases";
import { MOST_RIG_LOADS } from "@amp-saver/records";
import { readLoads, writeLoads } from "@amp-saver/records/exchange";
import { useRef, useState } from "react";
import type { RigBundle } from "../../store/bundle.ts";
import { addLoadCommit, importLoadsCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import { Button } from "../../ui/button.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { saveFile } from "../../ui/save-file.ts";
import { LOAD_WORDS, TOGETHER } from "../../words/together.ts";
import { csvSentence } from "./csv-sentence.ts";
import { LoadForm } from "./load-form.tsx";
import { knownLoad, USUAL_LOADS } from "./usual-loads.ts";

/** The rig's loads: from the usual ones or one's own, as a list that goes in and out as CSV. */
export function LoadList({ bundle }: { readonly bundle: RigBundle }) {
  const { rig, loads } = bundle;
  const { commit } = useStore();
  const [open, setOpen] = useState<string | null>(null);
  const [said, setSaid] = useState<string | null>(null);
  const picker = useRef<HTMLInputElement>(null);
  const full = loads.length >= MOST_RIG_LOADS;
  const add = (code: string): void => {
    const added = addLoadCommit(
      rig,
      code === "" ? TOGETHER.ownName : (LOAD_WORDS[code] ?? code),
      knownLoad(code, rigVolts(bundle).perLegV),
    );
    setOpen(added.id);
    setSaid(null);
    void commit(added.commit);
  };
  const read = async (file: File | undefined): Promise<void> => {
    if (file === undefined) return;
    const result = readLoads(await file.text().catch(() => ""), MOST_RIG_LOADS - loads.length);
    if (!result.ok) {
      setSaid(csvSentence(result.failure));
      return;
    }
    setSaid(TOGETHER.read(result.rows.length));
    void commit(importLoadsCommit(rig, result.rows));
  };
  return (
    <section className="mt-4">
      <SectionHeading>{TOGETHER.loads}</SectionHeading>
      <ul>
        {loads.map((load) => (
          <li key={load.id} className="border-b border-hair">
            <button
              type="button"
              aria-expanded={open === load.id}
              onClick={() => setOpen(open === load.id ? null : load.id)}
              className={`flex min-h-[34px] w-full items-center px-2 text-left font-semibold pointer-coarse:min-h-[48px] ${open === load.id ? "bg-ink text-face" : ""}`}
            >
              {load.name}
            </button>
            {open === load.id && <LoadForm load={load} />}
          </li>
        ))}
      </ul>
      <div className="mt-3 flex flex-wrap items-center gap-2">
        {!full && (
          <select
            aria-label={TOGETHER.addLoad}
            value="none"
            onChange={(event) => add(event.target.value)}
            className="edge min-h-[40px] bg-face px-2 font-semibold pointer-coarse:min-h-[48px]"
          >
            <option value="none" disabled>
              {TOGETHER.addLoad}
            </option>
            <option value="">{TOGETHER.addOwn}</option>
            {USUAL_LOADS.map((code) => (
              <option key={code} value={code}>
                {LOAD_WORDS[code] ?? code}
              </option>
            ))}
          </select>
        )}
        {full && <p className="text-body">{TOGETHER.tooMany(MOST_RIG_LOADS)}</p>}
        <Button look="quiet" onClick={() => picker.current?.click()}>
          {TOGETHER.importCsv}
        </Button>
        {loads.length > 0 && (
          <Button look="quiet" onClick={() => saveFile("loads.csv", writeLoads(loads), "text/csv")}>
            {TOGETHER.exportCsv}
          </Button>
        )}
        <input
          ref={picker}
          type="file"
          accept=".csv,text/csv"
          className="hidden"
          tabIndex={-1}
          onChange={(event) => {
            void read(event.target.files?.[0]);
            event.target.value = "";
          }}
        />
      </div>
      <p role="status" className="min-h-[20px] pt-1 text-small font-semibold">
        {said}
      </p>
    </section>
  );
}
