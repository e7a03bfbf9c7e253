import { type FigureName, readTyped, shownAs } from "@amp-saver/core/figure";
import { asId, type Reading } from "@amp-saver/records";
import { startOfDay } from "date-fns";
import { useEffect, useMemo, useRef, useState } from "react";
import { useForm } from "react-hook-form";
import { addReadingCommit } from "../../store/evidence-commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { Button } from "../../ui/button.tsx";
import { Later } from "../../ui/later.tsx";
import { useFormDraft } from "../../ui/use-form-draft.ts";
import { useWide } from "../../ui/use-wide.ts";
import { CONDUCTOR_WORDS, MODE_WORDS, PROVE } from "../../words/prove.ts";
import { FIGURE_WORDS } from "../../words/survey.ts";
import { learnView } from "../learn/learn.view.ts";
import { FromMeters, type Shown } from "./from-meters.tsx";
import { ReadingChoice, ReadingNumber, ReadingText, WordOptions } from "./reading-fields.tsx";
import { fieldsBegun, likeLast, nextMode, type ReadingFields, restCounted } from "./reading-side.view.ts";
import { useOffSince } from "./use-off-since.ts";

/** Fields that a unit’s first reading takes over from another unit’s. */
const TAKEN_OVER = ["source", "meter", "outdoor"] as const;

interface ReadingFormProps {
  readonly bundle: JobBundle;
  /** The side it is a reading of. */
  readonly side: Reading["when"];
}

/** Adds one reading; what stays the same from one to the next stays filled in. */
export function ReadingForm({ bundle, side }: ReadingFormProps) {
  const { measure } = useSettings();
  const { job, readings } = bundle;
  const dayMs = startOfDay(Date.now()).getTime();
  const begins = useMemo(() => fieldsBegun(job, readings, side, measure, dayMs), [job, readings, side, measure, dayMs]);
  // Two components, so that a slow phone can answer between what each works out.
  return <BegunForm bundle={bundle} side={side} begins={begins} />;
}

interface BegunFormProps extends ReadingFormProps {
  readonly begins: ReadingFields;
}

function BegunForm({ bundle, side, begins }: BegunFormProps) {
  const { commit } = useStore();
  const { measure } = useSettings();
  const { job, sources, readings } = bundle;
  const now = Date.now();
  const own = useMemo(() => readings.filter((r) => r.jobId === job.id), [readings, job.id]);
  const like = likeLast(own, side);
  const [off] = useOffSince(bundle);
  const form = useForm<ReadingFields>({ defaultValues: begins });
  useFormDraft("reading", form);
  const { handleSubmit, formState, getValues, setFocus, setValue, reset, resetField, watch } = form;
  const { errors } = formState;
  const saved = useRef(false);
  const { source, meter, outdoor } = begins;
  const was = useRef({ source, meter, outdoor });
  // What the rig’s other unit was read with may come in after the page has opened: it is taken over where nobody has typed.
  useEffect(() => {
    const [before, now] = [was.current, { source, meter, outdoor }];
    was.current = now;
    if (saved.current) return;
    for (const field of TAKEN_OVER)
      if (now[field] !== before[field] && getValues(field) === before[field]) resetField(field, { defaultValue: now[field] });
  }, [source, meter, outdoor, getValues, resetField]);
  const wide = useWide();
  const [opened, setOpen] = useState(like === null);
  // What is wrong is shown, wherever it stands.
  const open = opened || Object.keys(errors).some((field) => field !== "amps");
  const [mode, conductor, sourceId] = watch(["mode", "conductor", "source"]);
  const sourceName = sources.find((s) => s.id === sourceId)?.name ?? PROVE.sourceNone;
  const value = (name: FigureName, text: string): number | null => {
    const typed = readTyped(name, measure, text);
    return typed.ok ? typed.value : null;
  };
  const learned = learnView(job, bundle.learnings, Date.now()).state.counted;
  const takeOver = ({ meter, amps, mode, volts }: Shown): void => {
    setValue("amps", String(amps));
    setValue("mode", mode);
    setValue("meter", meter);
    if (mode === "live" && volts !== undefined) setValue("volts", String(volts));
  };
  const save = handleSubmit(async (fields) => {
    const amps = value("readingA", fields.amps);
    if (amps === null) return;
    saved.current = true;
    // The field is free at once: the next figure may be typed while this one is being saved.
    const starts = fields.mode === "live" ? (like?.mode ?? "inrush") : fields.mode;
    reset({ ...getValues(), amps: "", mode: nextMode([...own, { when: side, mode: fields.mode }], side, starts) });
    setFocus("amps");
    const result = await commit(
      addReadingCommit(job, side, amps, {
        mode: fields.mode,
        conductor: fields.conductor,
        volts: value("readingVolts", fields.volts),
        restMin: fields.rest.trim() === "" ? restCounted(off, own, Date.now()) : value("restMin", fields.rest),
        outdoorC: value("outdoorC", fields.outdoor),
        meter: fields.meter.trim(),
        ...(fields.loadsOn.trim() !== "" && { loadsOn: fields.loadsOn.trim() }),
        ...(learned > 0 && side === "after" && { learned }),
        sourceId: fields.source === "" ? null : asId("source", fields.source),
      }),
    );
    if (!result.ok && getValues("amps") === "") setValue("amps", fields.amps);
  });
  const keep = (
    <Button type="submit" look="primary" className="min-h-[48px]">
      {PROVE.save}
    </Button>
  );
  return (
    <form onSubmit={(event) => void save(event)} noValidate className="flex flex-col gap-2.5">
      <h2 className="font-bold">{PROVE.add[side]}</h2>
      {mode === "live" && <p className="text-body">{PROVE.nowRunning}</p>}
      <FromMeters bundle={bundle} onTake={takeOver} />
      <ReadingNumber form={form} field="amps" label={PROVE.amps} error={errors.amps?.message} name="readingA" required />
      {!wide && keep}
      {!wide && (
        <button
          type="button"
          aria-expanded={open}
          onClick={() => setOpen(!open)}
          className="flex min-h-[48px] items-center text-left underline underline-offset-4"
        >
          {open ? PROVE.hideConditions : PROVE.conditions(MODE_WORDS[mode], CONDUCTOR_WORDS[conductor], sourceName)}
        </button>
      )}
      <div className={wide || open ? "flex flex-col gap-2.5" : "hidden"}>
        <Later atOnce={wide || open}>
          <ReadingChoice form={form} field="mode" label={PROVE.mode}>
            <WordOptions words={MODE_WORDS} />
          </ReadingChoice>
          <ReadingChoice form={form} field="conductor" label={PROVE.conductor}>
            <WordOptions words={CONDUCTOR_WORDS} />
          </ReadingChoice>
          <div className="grid grid-cols-3 gap-2">
            <ReadingNumber form={form} field="volts" label={PROVE.volts} error={errors.volts?.message} name="readingVolts" />
            <ReadingNumber
              form={form}
              field="rest"
              label={PROVE.rest}
              error={errors.rest?.message}
              name="restMin"
              counted={restCounted(off, own, now)}
            />
            <ReadingNumber
              form={form}
              field="outdoor"
              label={`${FIGURE_WORDS.outdoorC.label}, ${shownAs("outdoorC", measure).unit}`}
              error={errors.outdoor?.message}
              name="outdoorC"
            />
          </div>
          <div className="grid grid-cols-2 gap-2">
            <ReadingText form={form} field="meter" label={PROVE.meter} error={errors.meter?.message} />
            <ReadingChoice form={form} field="source" label={PROVE.source}>
              <option value="">{PROVE.sourceNone}</option>
              {sources.map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
            </ReadingChoice>
          </div>
          <ReadingText form={form} field="loadsOn" label={PROVE.loadsOn} error={errors.loadsOn?.message} />
        </Later>
      </div>
      {wide && keep}
    </form>
  );
}
