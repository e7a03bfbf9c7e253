import { withoutUndefined } from "@amp-saver/core/quantity";
import { type AirConditioner, type Figure, parseRecord, type Source } from "@amp-saver/records";
import { useMemo } from "react";
import { type Asked, newAsked, newSource } from "../../store/commands.ts";
import { useKeptText } from "../../ui/use-kept-text.ts";
import { HOME } from "../../words/home.ts";
import { SURVEY } from "../../words/survey.ts";

/** Nothing asked yet, under the names that a new rig begins with. */
export const nothingAsked = (): Asked => newAsked(HOME.nameTitle, HOME.unitName, HOME.jobTitle);

const NAMES: Readonly<Record<Source["type"], (plateVolts: number) => string>> = {
  shore: SURVEY.shoreName,
  "inverter-generator": () => SURVEY.generatorName,
  generator: () => SURVEY.generatorName,
  inverter: () => SURVEY.inverterName,
};

/** What was asked, fed by a source of a kind; watts go on where both have them. */
export function fedBy(asked: Asked, type: Source["type"]): Asked {
  const { rig, unit, source } = asked;
  if (source?.type === type) return asked;
  const next = newSource(type, rig.id, NAMES[type](unit.plateVolts.value));
  if (source === null || source.type === "shore" || next.type === "shore") return { ...asked, source: next };
  return { ...asked, source: withFigure(next, { runningW: source.runningW, surgeW: source.surgeW }) };
}

/** A record with figures typed or cleared; one that was cleared is not in it. */
export function withFigure<R extends AirConditioner | Source>(record: R, change: { readonly [K in string]?: Figure | undefined }): R {
  return withoutUndefined({ ...record, ...change }) as R;
}

/** What a draft holds; null where it is none, or of a later version. */
function readAsked(text: string): Asked | null {
  let draft: Record<keyof Asked, unknown>;
  try {
    draft = JSON.parse(text);
  } catch {
    return null;
  }
  const [rig, unit, job] = [draft.rig, draft.unit, draft.job].map(parseRecord);
  const source = draft.source === null ? null : parseRecord(draft.source);
  if (rig?.ok !== true || unit?.ok !== true || job?.ok !== true || source?.ok === false) return null;
  if (rig.value.kind !== "rig" || unit.value.kind !== "unit" || job.value.kind !== "job") return null;
  if (source !== null && source.value.kind !== "source") return null;
  return { rig: rig.value, unit: unit.value, job: job.value, source: source === null ? null : (source.value as Source) };
}

/** The first question, kept as a draft so that a reload loses nothing of it; null lets it go. */
export function useFirstAsked(): readonly [Asked, (asked: Asked | null) => void] {
  const [text, keep] = useKeptText("first question");
  const asked = useMemo(() => (text === "" ? null : readAsked(text)) ?? nothingAsked(), [text]);
  return [asked, (next) => keep(next === null ? "" : JSON.stringify(next))];
}
