import type { Conditions } from "@amp-saver/cases";
import { withoutUndefined } from "@amp-saver/core/quantity";
import {
  type AirConditioner,
  asId,
  type Figure,
  newGenerator,
  newInverter,
  newRig,
  newShore,
  newUnit,
  parseRecord,
  type Rig,
  type Source,
} from "@amp-saver/records";
import { useMemo } from "react";
import { newId, nowIso } from "../../store/identity.ts";
import { useKeptText } from "../../ui/use-kept-text.ts";
import { HOME } from "../../words/home.ts";
import { SURVEY } from "../../words/survey.ts";

/** What is asked before anything has a name: records that are kept once they get one. */
export interface FirstAsked {
  readonly rig: Rig;
  readonly unit: AirConditioner;
  readonly source: Source | null;
}

const birth = <Id extends string>() => ({ id: newId<Id>(), now: nowIso() });

function nothingAsked(): FirstAsked {
  const rig = newRig(birth(), HOME.nameTitle);
  return { rig, unit: newUnit(birth(), rig.id, HOME.unitName), source: null };
}

const { hottestC, altitudeM } = newRig({ id: asId("rig", "first"), now: nowIso() }, HOME.nameTitle);

/** A usual hot day at sea level, nothing else on that anybody named. */
export const FIRST_CONDITIONS: Conditions = {
  outdoorC: hottestC.value,
  altitudeM: altitudeM.value,
  otherLoadsA: null,
  limitA: null,
  starterF: null,
  aidStaysIn: false,
};

/** A source of a kind; the figures of the one before go on where both have them. */
export function firstSource({ rig, source }: FirstAsked, type: Source["type"]): Source {
  if (source?.type === type) return source;
  const watts = source === null || source.type === "shore" ? {} : { runningW: source.runningW, surgeW: source.surgeW };
  if (type === "shore") return newShore(birth(), rig.id, SURVEY.shoreName(0));
  return type === "inverter"
    ? { ...newInverter(birth(), rig.id, SURVEY.inverterName), ...watts }
    : { ...newGenerator(birth(), rig.id, SURVEY.generatorName, type), ...watts };
}

/** A record with a figure typed or cleared; one that was cleared is not in it. */
export function withFigure<R extends AirConditioner | Source>(record: R, change: { readonly [K in string]?: Figure | undefined }): R {
  return withoutUndefined({ ...record, ...change }) as R;
}

/** What a draft holds; null where it is none, or of another version. */
function readAsked(text: string): FirstAsked | null {
  try {
    const { rig, unit, source } = JSON.parse(text) as Record<string, unknown>;
    const [aRig, aUnit, aSource] = [parseRecord(rig), parseRecord(unit), source === null ? null : parseRecord(source)];
    if (!aRig.ok || !aUnit.ok || aRig.value.kind !== "rig" || aUnit.value.kind !== "unit") return null;
    if (aSource === null) return { rig: aRig.value, unit: aUnit.value, source: null };
    return aSource.ok && aSource.value.kind === "source" ? { rig: aRig.value, unit: aUnit.value, source: aSource.value } : null;
  } catch {
    return null;
  }
}

/** The first question, kept as a draft so that a reload loses nothing of it. */
export function useFirstAsked(): readonly [FirstAsked, (asked: FirstAsked) => void] {
  const [text, keep] = useKeptText("first question");
  const asked = useMemo(() => (text === "" ? null : readAsked(text)) ?? nothingAsked(), [text]);
  return [asked, (next) => keep(JSON.stringify(next))];
}
