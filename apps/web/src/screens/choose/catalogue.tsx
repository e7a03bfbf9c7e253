import type { Job, Starter } from "@amp-saver/records";
import { useState } from "react";
import { addStarterCommit, type Changing, deleteStarterCommit, editCommit } from "../../store/commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { Button } from "../../ui/button.tsx";
import { DraftScope } from "../../ui/drafts.ts";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { CHOOSE, SIZE_WORDS } from "../../words/choose.ts";
import { SURVEY } from "../../words/survey.ts";
import { BoundedInput } from "../bounded-input.tsx";
import { FigureInput } from "../figure-input.tsx";
import { NameField } from "../name-field.tsx";
import { mismatch } from "./choose.view.ts";
import { StarterSheet } from "./starter-sheet.tsx";

/** The user's own catalogue of starters, each set beside the unit's plate. */
export function Catalogue({ bundle }: { readonly bundle: JobBundle }) {
  const { commit, store } = useStore();
  const { job, unit, starters } = bundle;
  const [open, setOpen] = useState<string | null>(null);
  const asked = (starterId: Job["starterId"]): void => void commit(editCommit(job, { starterId: starterId ?? null, answer: null }));
  return (
    <section>
      <SectionHeading>{CHOOSE.catalogue}</SectionHeading>
      <p className="py-1 text-small leading-[1.2] text-ink2">{CHOOSE.catalogueHelp}</p>
      <ul>
        {starters.map((starter) => {
          const reasons = mismatch(starter, unit);
          const chosen = job.starterId === starter.id;
          return (
            <li key={starter.id} className="border-b border-hair">
              <button
                type="button"
                aria-expanded={open === starter.id}
                onClick={() => setOpen(open === starter.id ? null : starter.id)}
                className={`flex min-h-[38px] w-full items-center justify-between gap-2 px-2 text-left pointer-coarse:min-h-[48px] ${open === starter.id ? "bg-ink text-face" : ""}`}
              >
                <span className="font-semibold">{starter.name}</span>
                <span className="text-small">{chosen ? CHOOSE.asked : reasons.length === 0 ? CHOOSE.matches : CHOOSE.noMatch}</span>
              </button>
              {reasons.length > 0 && (
                <p className="px-2 pb-1.5 text-small leading-[1.2] text-ink2">{reasons.map((r) => SIZE_WORDS[r]).join(" ")}</p>
              )}
              {open === starter.id && (
                <StarterForm
                  starter={starter}
                  chosen={chosen}
                  onAsk={() => {
                    asked(chosen ? null : starter.id);
                    if (!chosen) setOpen(null);
                  }}
                  onDelete={() => void store.list("job").then((jobs) => commit(deleteStarterCommit(jobs, starter)))}
                />
              )}
            </li>
          );
        })}
      </ul>
      <div className="mt-2">
        <Button
          onClick={() => {
            const added = addStarterCommit(job, unit, CHOOSE.newStarter);
            setOpen(added.id);
            void commit(added.commit);
          }}
        >
          {CHOOSE.addStarter}
        </Button>
      </div>
    </section>
  );
}

interface StarterFormProps {
  readonly starter: Starter;
  readonly chosen: boolean;
  readonly onAsk: () => void;
  readonly onDelete: () => void;
}

function StarterForm({ starter, chosen, onAsk, onDelete }: StarterFormProps) {
  const { commit } = useStore();
  const save = (change: Changing<Starter>, field: string): void => void commit(editCommit<Starter>(starter, change, field));
  return (
    <DraftScope value={starter.id}>
      <div className="px-2 pb-3">
        <NameField label={CHOOSE.starterName} kept={starter.name} onName={(name) => save({ name }, "name")} />
        <BoundedInput
          name="plateVolts"
          label={CHOOSE.leastV}
          value={starter.leastV}
          onChange={(v) => v !== null && save({ leastV: v }, "leastV")}
        />
        <BoundedInput
          name="plateVolts"
          label={CHOOSE.mostV}
          value={starter.mostV}
          onChange={(v) => v !== null && save({ mostV: v }, "mostV")}
        />
        <BoundedInput
          optional
          name="tons"
          label={CHOOSE.leastTons}
          value={starter.leastTons}
          onChange={(v) => save({ leastTons: v }, "leastTons")}
        />
        <BoundedInput
          optional
          name="tons"
          label={CHOOSE.mostTons}
          value={starter.mostTons}
          onChange={(v) => save({ mostTons: v }, "mostTons")}
        />
        <FigureInput
          name="lockedRotorA"
          label={CHOOSE.mostLocked}
          figure={starter.lockedRotorMostA}
          usual="sheet"
          onChange={(next) => save({ lockedRotorMostA: next }, "lockedRotorMostA")}
        />
        <FigureInput
          name="startAidF"
          label={CHOOSE.ownCapacitor}
          figure={starter.startCapacitorF}
          usual="sheet"
          placeholder={SURVEY.assumed}
          onChange={(next) => save({ startCapacitorF: next }, "startCapacitorF")}
        />
        <BoundedInput optional name="usd" value={starter.usd} onChange={(v) => save({ usd: v }, "usd")} />
        <StarterSheet starter={starter} save={save} />
        <div className="mt-2 flex flex-wrap gap-2">
          <Button onClick={onAsk}>{chosen ? CHOOSE.askNone : CHOOSE.askThis}</Button>
          <Button look="quiet" onClick={onDelete}>
            {SURVEY.deleteSource(starter.name)}
          </Button>
        </div>
      </div>
    </DraftScope>
  );
}
