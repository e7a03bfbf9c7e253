import { type Job, TEXT_MOST, withDone } from "@amp-saver/records";
import { calendarFile, fileStem, readingsCsv } from "@amp-saver/records/exchange";
import { format, parseISO } from "date-fns";
import { useEffect, useState } from "react";
import { useNavigate } from "react-router";
import { editCommit, fitLogCommit, nextVisitCommit } from "../../store/commands.ts";
import { nowIso } from "../../store/identity.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Answer } from "../../ui/answer.tsx";
import { Caution } from "../../ui/caution.tsx";
import { Failed } from "../../ui/failed.tsx";
import { Later } from "../../ui/later.tsx";
import { SectionHeading } from "../../ui/layout/section-heading.tsx";
import { Evidence, Rail, StageFrame } from "../../ui/layout/stage-frame.tsx";
import { Lines } from "../../ui/lines.tsx";
import { awaitPdf, makePdf } from "../../ui/make-pdf.ts";
import { PlainTable } from "../../ui/plain-table.tsx";
import { RoofButton } from "../../ui/roof-button.tsx";
import { saveFile } from "../../ui/save-file.ts";
import { TextField } from "../../ui/text-field.tsx";
import { useWide } from "../../ui/use-wide.ts";
import { HAND_OVER } from "../../words/hand-over.ts";
import { KEEPING } from "../../words/keeping.ts";
import { SMALLEST } from "../../words/smallest.ts";
import { TOGETHER } from "../../words/together.ts";
import { KeepPattern } from "../library/keep-pattern.tsx";
import { saveRig } from "../save-rig.ts";
import { handOverAnswer, lampLines, lookLines, openLines, plateLines, removedLines, starterLines, whoLines } from "./hand-over-parts.ts";
import { useHandOver, useWorkDone } from "./use-hand-over.ts";

const MOST_PHOTOS = 12;

/** Hand over: the sheet, the label, the reminders, the readings; what goes on them is here to read first. */
export function HandOverScreen({ bundle }: { readonly bundle: JobBundle }) {
  // Two components, so that a slow phone can answer between what each works out.
  return <HandOver bundle={bundle} work={useWorkDone(bundle)} />;
}

interface HandOverProps {
  readonly bundle: JobBundle;
  readonly work: ReturnType<typeof useWorkDone>;
}

function HandOver({ bundle, work }: HandOverProps) {
  const { job, rig, unit, sources, readings, photos } = bundle;
  const { store, commit } = useStore();
  const view = useHandOver(bundle, work);
  const { measure, namesInFiles } = useSettings();
  const navigate = useNavigate();
  const wide = useWide();
  const [busy, setBusy] = useState(false);
  const [said, setSaid] = useState<string | null>(null);
  // Not before the tries are in, which the sheet waits for: reading a script keeps a core from the page.
  useEffect(() => (view.busy ? undefined : awaitPdf()), [view.busy]);
  const slug = fileStem(namesInFiles, "unit", unit.id, `${rig.name} ${unit.name}`);
  const own = readings.filter((r) => r.jobId === job.id);

  const make = async (what: () => Promise<void>): Promise<void> => {
    setBusy(true);
    setSaid(null);
    await what().catch(() => setSaid(HAND_OVER.failed));
    setBusy(false);
  };
  const sheet = async (): Promise<Blob> => {
    const { handOverDocument } = await import("./hand-over-pdf.tsx");
    const blobs = new Map<string, string>();
    for (const photo of photos.filter((p) => p.unitId === unit.id).slice(0, MOST_PHOTOS)) {
      const bytes = await store.blobs(photo.id);
      if (bytes !== undefined) blobs.set(photo.id, await dataAddress(bytes));
    }
    const document = await handOverDocument(bundle, view, blobs, format(new Date(), "d MMMM yyyy"), measure);
    return makePdf(document, HAND_OVER.foot(HAND_OVER.title(rig.name, unit.name)));
  };
  const label = async (): Promise<void> => {
    const { labelDocument } = await import("./hand-over-pdf.tsx");
    saveFile(`${slug}-label.pdf`, await makePdf(labelDocument(bundle, view)), "application/pdf");
  };
  const share = async (): Promise<void> => {
    const file = new File([await sheet()], `${slug}-hand-over.pdf`, { type: "application/pdf" });
    if (typeof navigator.canShare !== "function" || !navigator.canShare({ files: [file] })) setSaid(HAND_OVER.shareCannot);
    else await navigator.share({ files: [file], title: HAND_OVER.title(rig.name, unit.name) }).catch(() => undefined);
  };
  const calendar = (): void => {
    const relearn = `${HAND_OVER.relearn}: ${Object.values(HAND_OVER.relearnWhen).join("; ")}.`;
    const looks = view.reminders.map((r) => ({
      ...r,
      key: `${job.id}-${r.what}`,
      summary: HAND_OVER.summary(`${rig.name}, ${unit.name}`, HAND_OVER.look[r.what]),
      text: relearn,
    }));
    saveFile(`${slug}-reminders.ics`, calendarFile(looks, nowIso()), "text/calendar");
  };
  const done = job.done.includes("hand-over");
  const handOver = (): void =>
    void commit(
      editCommit<Job>(job, (kept) => ({
        done: withDone(kept, "hand-over"),
        stage: "hand-over",
        handedOverAt: nowIso(),
      })),
    );
  const toPaper = (
    <RoofButton
      main
      disabled={busy || view.busy}
      onClick={() => void make(async () => saveFile(`${slug}-hand-over.pdf`, await sheet(), "application/pdf"))}
    >
      {busy ? HAND_OVER.working : view.busy ? HAND_OVER.coming : HAND_OVER.pdf}
    </RoofButton>
  );
  const toNext = done ? (
    <p className="font-semibold">
      {job.handedOverAt === undefined ? HAND_OVER.isDone : HAND_OVER.doneOn(format(parseISO(job.handedOverAt), "d MMMM yyyy, H:mm"))}
    </p>
  ) : (
    <RoofButton onClick={handOver}>{HAND_OVER.done}</RoofButton>
  );
  const told = said !== null && (
    <p role="alert" className="font-semibold">
      {said}
    </p>
  );
  return (
    <StageFrame>
      <Evidence>
        <Answer
          guide="hand-over"
          question={HAND_OVER.question}
          parts={handOverAnswer(bundle, view.proved)}
          sure={HAND_OVER.sure}
          acts={
            !wide && (
              <>
                {toPaper}
                {toNext}
                {told}
              </>
            )
          }
        />
        <SectionHeading spaced>{HAND_OVER.limits}</SectionHeading>
        {view.limits.length === 0 ? (
          <p className="py-1 text-ink2">{HAND_OVER.noSource}</p>
        ) : (
          <PlainTable heads={HAND_OVER.limitHeads} rows={view.limits.map((row) => [row.name, row.expected, row.tested])} />
        )}
        {view.smallest.length > 0 && (
          <>
            <SectionHeading spaced>{HAND_OVER.smallest}</SectionHeading>
            <PlainTable heads={HAND_OVER.smallestHeads} rows={view.smallest.map((row) => [row.label, ...row.figures])} />
            <p className="text-body text-ink2">{SMALLEST.help}</p>
          </>
        )}
        {view.card?.length !== 0 && (
          <>
            <SectionHeading spaced>{HAND_OVER.card}</SectionHeading>
            {view.card !== null && <PlainTable heads={HAND_OVER.cardHeads} rows={view.card} />}
            <p className="text-body text-ink2">{view.card === null ? HAND_OVER.cardFailed : TOGETHER.cardFoot}</p>
          </>
        )}
        <Later atOnce={wide}>
          <Lines head={HAND_OVER.unit} lines={plateLines(bundle, measure)} />
          <Lines head={HAND_OVER.who} lines={whoLines(bundle, view.fittedBy)} />
          <Lines head={HAND_OVER.leftOpen} lines={openLines(view)} />
          <Lines head={HAND_OVER.alone} lines={[...HAND_OVER.aloneList]} />
        </Later>
        <Later atOnce={wide} frames={2}>
          <Lines head={HAND_OVER.settings} lines={starterLines(bundle)} />
          <Lines head={HAND_OVER.lamps} lines={lampLines(bundle)} />
          <Lines {...removedLines(view)} />
          <Lines head={HAND_OVER.relearn} lines={Object.values(HAND_OVER.relearnWhen)} />
          <Lines head={HAND_OVER.looks} lines={lookLines(view.reminders)} />
          <p className="text-body text-ink2">{HAND_OVER.looksSource}</p>
          <div className="when-near mt-4">
            <Caution title={HAND_OVER.cautions}>
              <ul className="list-disc pl-5">
                {HAND_OVER.cautionList.map((line) => (
                  <li key={line}>{line}</li>
                ))}
              </ul>
            </Caution>
          </div>
        </Later>
      </Evidence>
      <Rail later>
        <TextField
          label={HAND_OVER.fitterField}
          kept={view.fittedBy ?? ""}
          most={TEXT_MOST.person}
          onText={(text) => {
            void commit(fitLogCommit(job, { fittedBy: text.trim() === "" ? undefined : text.trim() }, "fittedBy"));
            return null;
          }}
        />
        {view.failed !== null && <Failed text={view.failed} onAgain={view.again} />}
        <div className="grid gap-2">
          {wide && toPaper}
          <RoofButton disabled={busy} onClick={() => void make(label)}>
            {HAND_OVER.label}
          </RoofButton>
          <RoofButton onClick={calendar}>{HAND_OVER.calendar}</RoofButton>
          <RoofButton disabled={own.length === 0} onClick={() => saveFile(`${slug}-readings.csv`, readingsCsv(own, sources), "text/csv")}>
            {HAND_OVER.csv}
          </RoofButton>
          <RoofButton disabled={busy || view.busy} onClick={() => void make(share)}>
            {HAND_OVER.share}
          </RoofButton>
          {wide && told}
          <KeepPattern bundle={bundle} />
          {wide && toNext}
          {done && (
            <>
              <RoofButton onClick={() => void saveRig(store, rig.id, namesInFiles)}>{KEEPING.handOver}</RoofButton>
              <RoofButton
                onClick={() => {
                  const next = nextVisitCommit(job, HAND_OVER.nextVisitTitle);
                  void commit(next.commit).then((result) => result.ok && navigate(`/job/${next.jobId}/prove`));
                }}
              >
                {HAND_OVER.nextVisit}
              </RoofButton>
              <p className="text-body text-ink2">{HAND_OVER.nextVisitHelp}</p>
            </>
          )}
        </div>
      </Rail>
    </StageFrame>
  );
}

/** A picture's bytes as an address that carries them. */
function dataAddress(bytes: Uint8Array<ArrayBuffer>): Promise<string> {
  return new Promise((done, fail) => {
    const reader = new FileReader();
    reader.onload = () => done(String(reader.result));
    reader.onerror = () => fail(reader.error);
    reader.readAsDataURL(new Blob([bytes], { type: "image/jpeg" }));
  });
}
