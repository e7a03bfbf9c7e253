import { figureText, type Measure } from "@amp-saver/core/figure";
import type { Stage } from "@amp-saver/records";
import { format, parseISO } from "date-fns";
import type { JobBundle } from "../../store/queries.ts";
import type { Span } from "../../words/answer.ts";
import { HAND_OVER } from "../../words/hand-over.ts";
import { OPENING } from "../../words/opening.ts";
import { STAGE_WORDS } from "../../words/stages.ts";
import { FIGURE_WORDS } from "../../words/survey.ts";
import { cardOff, cardOn, TOGETHER } from "../../words/together.ts";
import { learnView } from "../learn/learn.view.ts";
import type { Proved } from "../prove/proof.view.ts";
import type { limitsCard } from "../together/limits-card.view.ts";
import type { Reminder } from "./hand-over.view.ts";

/** One source of the limits card, in words. */
export interface LimitRow {
  readonly name: string;
  readonly expected: string;
  readonly tested: string;
}

/** One spell of a source on the limits card: the source, when, what may be on, what must be off. */
export type CardRow = readonly [source: string, spell: string, on: string, off: string];

/** A source's card, worded: a row for starting and one for running, or one for both where they are alike. */
export function cardRows(source: string, { start, run }: ReturnType<typeof limitsCard>, nameOf: (id: string) => string): CardRow[] {
  const said = ({ on, off }: typeof start): readonly [string, string] => [cardOn(on, nameOf), cardOff(off, nameOf)];
  const [starting, running] = [said(start), said(run)];
  if (starting.join("|") === running.join("|")) return [[source, TOGETHER.cardBoth, ...starting]];
  return [
    [source, TOGETHER.cardStart, ...starting],
    [source, TOGETHER.cardRun, ...running],
  ];
}

const PLATE = ["lockedRotorA", "ratedLoadA", "fanA", "runCapacitorF", "coolingW", "circuitA", "maxBreakerA"] as const;

/** What is on the unit's plate: model, serial and year, then its figures as they were entered. */
export function plateLines({ unit }: JobBundle, measure: Measure): readonly string[] {
  const made = [
    unit.model === "" ? null : HAND_OVER.model(unit.model),
    unit.serial === undefined ? null : HAND_OVER.serial(unit.serial),
    unit.madeYear === undefined ? null : HAND_OVER.madeIn(unit.madeYear),
  ].filter((s) => s !== null);
  const figures = PLATE.flatMap((name) => {
    const figure = unit[name];
    return figure === undefined || figure.from === "typical"
      ? []
      : [`${FIGURE_WORDS[name].label} ${figureText(name, measure, figure.value)}`];
  });
  return [
    made.length === 0 ? HAND_OVER.noModel : `${made.join(", ")}.`,
    `${[HAND_OVER.volts(unit.plateVolts.value, unit.hz), ...figures].join("; ")}.`,
  ];
}

/** Whose it is and who fitted it; what nobody entered is said to be missing. */
export function whoLines({ rig }: JobBundle, fittedBy: string | undefined): readonly string[] {
  return [
    rig.customer === undefined ? HAND_OVER.noCustomer : HAND_OVER.customer(rig.customer),
    fittedBy === undefined ? HAND_OVER.noFitter : HAND_OVER.fittedBy(fittedBy),
  ];
}

/** What is said of the starter that was fitted. */
export function starterLines(bundle: JobBundle): readonly string[] {
  const { job, starters, learnings } = bundle;
  const starter = starters.find((s) => s.id === job.starterId);
  const { state, begunMs } = learnView(job, learnings, 0);
  return [
    starter === undefined ? HAND_OVER.noStarter : HAND_OVER.starter(starter.name),
    starter?.delayS == null ? HAND_OVER.noDelay : HAND_OVER.delay(starter.delayS),
    ...(begunMs === null ? [] : [HAND_OVER.learning(state.counted, state.settled)]),
  ];
}

/** What is handed over in a sentence; what it still lacks where nothing of it was measured. */
export function handOverAnswer({ job, sources, starters }: JobBundle, { study }: Proved): readonly Span[] {
  const { start } = study.readings;
  const missing = [
    ...(sources.length === 0 ? (["source"] as const) : []),
    ...(starters.some((s) => s.id === job.starterId) ? [] : (["starter"] as const)),
  ];
  if (start === null && missing.length > 0) return HAND_OVER.notReady(missing);
  const kept = study.sources.filter((s) => s.verdict === "keeps-running").length;
  return HAND_OVER.answer(start?.reduction ?? null, start?.after.medianA ?? null, kept);
}

/** What was taken out, or is to be where nobody ticked it off; null where no plan tells. */
export function removedLines({ removed, built }: { readonly removed: readonly string[] | null; readonly built: boolean }): {
  readonly head: string;
  readonly lines: readonly string[];
} {
  if (removed === null) return { head: HAND_OVER.removedPlanned, lines: [HAND_OVER.removedUnknown] };
  const head = built ? HAND_OVER.removed : HAND_OVER.removedPlanned;
  const none = built ? HAND_OVER.removedNone : HAND_OVER.removedNonePlanned;
  return { head, lines: removed.length === 0 ? [none] : removed };
}

/** Lamp and codes as its sheet's entry says. */
export function lampLines({ job, starters }: JobBundle): readonly string[] {
  return (starters.find((s) => s.id === job.starterId)?.lamps ?? []).map(({ shows, means }) => `${shows}: ${means}`);
}

/** Looks that are due, in words. */
export function lookLines(reminders: readonly Reminder[]): readonly string[] {
  return reminders.map(({ day, what, again, months }) =>
    HAND_OVER.lookLine(format(parseISO(day), "d MMMM yyyy"), HAND_OVER.look[what], again, months),
  );
}

/** What a job leaves open. */
interface LeftOpen {
  /** Stages with something left to do; null while that is not known. */
  readonly open: readonly Stage[] | null;
  readonly unphotographed: number;
  readonly unmended: readonly string[];
}

/** What was left open: stages, what was found and not mended, steps without a photo; nothing while that is not known. */
export function openLines({ open, unphotographed, unmended }: LeftOpen): readonly string[] {
  if (open === null) return [];
  const photos = unphotographed === 0 ? [] : [HAND_OVER.noPhotos(unphotographed)];
  return [
    ...(open.length === 0 ? [HAND_OVER.nothingOpen] : open.map((stage) => HAND_OVER.openLine(STAGE_WORDS[stage]))),
    ...unmended.map((what) => OPENING.notMended(what.toLowerCase())),
    ...photos,
  ];
}
