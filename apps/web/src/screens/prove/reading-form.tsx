import { FIGURES, type FigureName, readTyped, shownAs, typedText } from "@amp-saver/core/figure";
import { asId, type Reading, TEXT_MOST } from "@amp-saver/records";
import { startOfDay } from "date-fns";
import { useEffect, useMemo, useRef, useState } from "react";
import { useForm } from "react-hook-form";
import { addReadingCommit } from "../../store/evidence-commands.ts";
import { useStore } from "../../store/provider.tsx";
import type { JobBundle } from "../../store/queries.ts";
import { useSettings } from "../../store/settings.tsx";
import { useInstruments } from "../../store/use-instruments.ts";
import { Button } from "../../ui/button.tsx";
import { FieldError } from "../../ui/field-error.tsx";
import { SignButton } from "../../ui/sign-button.tsx";
import { useFormDraft } from "../../ui/use-form-draft.ts";
import { useWide } from "../../ui/use-wide.ts";
import { COMMON } from "../../words/common.ts";
import { displayNotes, displayText } from "../../words/instruments.ts";
import { CONDUCTOR_WORDS, MODE_WORDS, PROVE } from "../../words/prove.ts";
import { FIGURE_WORDS } from "../../words/survey.ts";
import { learnView } from "../learn/learn.view.ts";
import { FromMeter } from "./from-meter.tsx";
import { fieldsBegun, likeLast, nextMode, type ReadingFields, restCounted } from "./reading-side.view.ts";
import { useOffSince } from "./use-off-since.ts";

/** Fields that a unit’s first reading takes over from another unit’s. */
const TAKEN_OVER = ["source", "meter", "outdoor"] as const;

const FIELD = "edge min-h-[36px] w-full bg-face px-2 pointer-coarse:min-h-[48px]";

interface ReadingFormProps {
  readonly bundle: JobBundle;
  /** The side it is a reading of. */
  readonly side: Reading["when"];
}

/** Adds one reading; what stays the same from one to the next stays filled in. */
export function ReadingForm({ bundle, side }: ReadingFormProps) {
  const instruments = useInstruments();
  const { commit } = useStore();
  const { measure } = useSettings();
  const { job, sources, readings } = bundle;
  const now = Date.now();
  const dayMs = startOfDay(now).getTime();
  const own = useMemo(() => readings.filter((r) => r.jobId === job.id), [readings, job.id]);
  const like = likeLast(own, side);
  const begins = useMemo(() => fieldsBegun(job, readings, side, measure, dayMs), [job, readings, side, measure, dayMs]);
  const [off] = useOffSince(bundle);
  const form = useForm<ReadingFields>({ defaultValues: begins });
  useFormDraft("reading", form);
  const { register, handleSubmit, formState, getValues, setFocus, setValue, reset, resetField, watch } = form;
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
  const figure = (name: FigureName, label: string, required: boolean) => ({
    validate: (text: string): true | string => {
      if (!required && text.trim() === "") return true;
      const typed = readTyped(name, measure, text);
      return typed.ok || PROVE.required(label, typed.limits);
    },
  });
  const value = (name: FigureName, text: string): number | null => {
    const typed = readTyped(name, measure, text);
    return typed.ok ? typed.value : null;
  };
  const learned = learnView(job, bundle.learnings, Date.now()).state.counted;
  const clamp = instruments.list?.find((i) => i.kind === "clamp");
  const shown = clamp === undefined ? undefined : instruments.displays.get(clamp.id);
  const link = instruments.list?.find((i) => i.id === bundle.learnings.find((l) => l.jobId === job.id)?.link);
  const linked = link === undefined ? undefined : instruments.displays.get(link.id);
  const volts = [...instruments.displays.values()].find((d) => d.kind === "multimeter" && d.unit === "V" && (d.value ?? 0) > 50);
  const takeOver = (name: string, amps: number, mode: ReadingFields["mode"]): void => {
    setValue("amps", String(amps));
    setValue("mode", mode);
    setValue("meter", name);
    if (mode === "live" && volts?.kind === "multimeter") setValue("volts", String(volts.value));
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
  const labels = {
    amps: PROVE.amps,
    volts: PROVE.volts,
    rest: PROVE.rest,
    outdoor: `${FIGURE_WORDS.outdoorC.label}, ${shownAs("outdoorC", measure).unit}`,
  };
  const number = (field: keyof typeof labels, name: FigureName, required = false, counted: number | null = null) => (
    <div>
      <label htmlFor={`reading-${field}`} className="block text-small text-ink2">
        {labels[field]}
      </label>
      <span className="flex gap-1">
        {FIGURES[name].min < 0 && (
          <SignButton label={labels[field]} text={getValues(field)} onText={(text) => setValue(field, text, { shouldValidate: true })} />
        )}
        <input
          id={`reading-${field}`}
          type="text"
          inputMode="decimal"
          autoComplete="off"
          placeholder={counted === null ? undefined : typedText(name, measure, counted)}
          aria-invalid={errors[field] !== undefined}
          aria-describedby={errors[field] === undefined ? undefined : `reading-${field}-error`}
          className={`${FIELD} figure min-w-0 placeholder:font-normal placeholder:text-ink2 ${required ? "text-large" : ""}`}
          {...register(field, figure(name, labels[field], required))}
        />
      </span>
      <FieldError id={`reading-${field}-error`} error={errors[field]?.message ?? null} />
    </div>
  );
  const text = (field: "meter" | "loadsOn", label: string) => (
    <div>
      <label htmlFor={`reading-${field}`} className="block text-small text-ink2">
        {label}
      </label>
      <input
        id={`reading-${field}`}
        type="text"
        autoComplete="off"
        aria-invalid={errors[field] !== undefined}
        aria-describedby={errors[field] === undefined ? undefined : `reading-${field}-error`}
        className={FIELD}
        {...register(field, {
          validate: (typed) => typed.trim().length <= TEXT_MOST[field] || COMMON.tooLong(label, TEXT_MOST[field]),
        })}
      />
      <FieldError id={`reading-${field}-error`} error={errors[field]?.message ?? null} />
    </div>
  );
  const choice = (field: "mode" | "conductor", label: string, words: Readonly<Record<string, string>>) => (
    <label className="block">
      <span className="block text-small text-ink2">{label}</span>
      <select className={FIELD} {...register(field)}>
        {Object.entries(words).map(([word, text]) => (
          <option key={word} value={word}>
            {text}
          </option>
        ))}
      </select>
    </label>
  );
  const keep = (
    <Button type="submit" look="primary" className="min-h-[48px]">
      {PROVE.save}
    </Button>
  );
  return (
    <form onSubmit={(event) => void save(event)} noValidate className="flex flex-col gap-2.5">
      <h2 className="font-bold">{PROVE.add[side]}</h2>
      {mode === "live" && <p className="text-body">{PROVE.nowRunning}</p>}
      {clamp !== undefined && shown?.kind === "clamp" && (
        <FromMeter
          name={clamp.name}
          shows={`${displayText(shown)}, ${displayNotes(shown).join(", ")}`}
          amps={shown.amps}
          onTake={(amps) => takeOver(clamp.name, amps, shown.mode)}
        />
      )}
      {link !== undefined && linked?.kind === "starter-link" && (
        <FromMeter
          name={link.name}
          shows={displayNotes(linked).join(", ")}
          amps={linked.lastPeakA}
          onTake={(amps) => takeOver(link.name, amps, "app")}
        />
      )}
      {number("amps", "readingA", true)}
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
        {choice("mode", PROVE.mode, MODE_WORDS)}
        {choice("conductor", PROVE.conductor, CONDUCTOR_WORDS)}
        <div className="grid grid-cols-3 gap-2">
          {number("volts", "readingVolts")}
          {number("rest", "restMin", false, restCounted(off, own, now))}
          {number("outdoor", "outdoorC")}
        </div>
        <div className="grid grid-cols-2 gap-2">
          {text("meter", PROVE.meter)}
          <label className="block">
            <span className="block text-small text-ink2">{PROVE.source}</span>
            <select className={FIELD} {...register("source")}>
              <option value="">{PROVE.sourceNone}</option>
              {sources.map((s) => (
                <option key={s.id} value={s.id}>
                  {s.name}
                </option>
              ))}
            </select>
          </label>
        </div>
        {text("loadsOn", PROVE.loadsOn)}
      </div>
      {wide && keep}
    </form>
  );
}
