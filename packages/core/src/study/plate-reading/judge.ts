import { itemAt, present } from "../../quantity/index.ts";
import { CODE_PARAMS } from "../../reference/index.ts";
import { doubtPlate } from "../plate/index.ts";
import { type Found, type FoundText, type Look, lookAt } from "./pair.ts";
import { PLATE_READING_PARAMS as PARAMS } from "./params.ts";
import type { Meaning, Mended } from "./value.ts";
import { type PlateFigure, type PlateKind, type PlateText, VOCABULARY } from "./vocabulary.ts";
import type { Box, ReadWord } from "./word.ts";

/**
 * Why a figure is to be compared with the plate with care: what was mended, a whole number where a
 * point is usual and nothing bears it out, read differently or only once, faint, its name half read, out of keeping with the plate's other figures, or of letters that
 * look alike; or taken from the serial number.
 */
export type Doubt = Mended | "whole" | "differs" | "once" | "faint" | "name" | "odd" | "alike" | "serial";

/** A figure of a plate, SI, with where it stands on the picture of the look it was read in. */
interface ReadFigure {
  readonly figure: PlateFigure;
  readonly value: number;
  /** The lower of two volts, the second section of a capacitor. */
  readonly beside?: number;
  readonly text: string;
  readonly look: number;
  readonly box: Box;
  readonly doubts: readonly Doubt[];
}

/** Words of a plate that are kept as they stand. */
interface ReadText {
  readonly named: PlateText;
  readonly text: string;
  readonly look: number;
  readonly box: Box;
  readonly doubts: readonly Doubt[];
}

export interface PlateReading {
  readonly figures: readonly ReadFigure[];
  readonly texts: readonly ReadText[];
}

type Chosen = ReadonlyMap<PlateFigure, Meaning>;

/** Reads a figure that is there. */
type At = (figure: PlateFigure) => number;

/** Figures that must go together, and whether they do. */
const CHECKS: readonly { readonly of: readonly PlateFigure[]; readonly holds: (at: At) => boolean }[] = [
  {
    of: ["lockedRotorA", "ratedLoadA"],
    holds: (at) => doubtPlate({ plateVolts: 0, lockedRotorA: at("lockedRotorA"), ratedLoadA: at("ratedLoadA"), coolingW: null }) === null,
  },
  {
    of: ["lockedRotorA", "coolingW", "plateVolts"],
    holds: (at) =>
      doubtPlate({ plateVolts: at("plateVolts"), lockedRotorA: at("lockedRotorA"), ratedLoadA: null, coolingW: at("coolingW") }) === null,
  },
  {
    of: ["circuitA", "ratedLoadA", "fanA"],
    holds: (at) =>
      Math.abs(at("circuitA") - (CODE_PARAMS.motorFactor.value * at("ratedLoadA") + at("fanA"))) <=
      Math.max(PARAMS.circuitOffA.value, PARAMS.circuitOff.value * at("circuitA")),
  },
  {
    of: ["maxBreakerA", "circuitA"],
    holds: (at) => at("maxBreakerA") >= at("circuitA") && at("maxBreakerA") <= PARAMS.breakerOverCircuit.value * at("circuitA"),
  },
  {
    of: ["coolingW", "ratedLoadA", "plateVolts"],
    holds: (at) => {
      const overVa = at("coolingW") / (at("ratedLoadA") * at("plateVolts"));
      return overVa >= PARAMS.coolingOverVa.min && overVa <= PARAMS.coolingOverVa.max;
    },
  },
  {
    of: ["surgeW", "runningW"],
    holds: (at) => at("surgeW") >= at("runningW") && at("surgeW") <= PARAMS.surgeOverRunning.value * at("runningW"),
  },
];

const checked = (chosen: Chosen): readonly { readonly of: readonly PlateFigure[]; readonly holds: boolean }[] =>
  CHECKS.filter(({ of }) => of.every((figure) => chosen.has(figure))).map(({ of, holds }) => ({
    of,
    holds: holds((figure) => present(chosen.get(figure)).value),
  }));

const alike = (a: number, b: number): boolean => Math.abs(a - b) <= 1e-6 * Math.max(Math.abs(a), Math.abs(b));

/** The meanings that go together best: every check that holds counts for it, everything mended or read by one look only against it. */
function choose(options: ReadonlyMap<PlateFigure, readonly (Meaning & { readonly looks: number })[]>): Chosen {
  let best: Chosen = new Map();
  let most = Number.NEGATIVE_INFINITY;
  const tried = new Map<PlateFigure, Meaning>();
  const tied = (figure: PlateFigure): boolean => present(options.get(figure)).length > 1 && CHECKS.some(({ of }) => of.includes(figure));
  const names = [...options.keys()].toSorted((a, b) => Number(tied(a)) - Number(tied(b)));
  const costOf = (meaning: Meaning & { readonly looks: number }, at: number): number =>
    0.4 * meaning.mended.length + 0.3 * (2 - meaning.looks) + 0.01 * at;
  const walk = (at: number, cost: number): void => {
    const figure = names[at];
    if (figure === undefined) {
      const score = checked(tried).reduce((sum, { holds }) => sum + (holds ? 1 : -2), 0) - cost;
      if (score <= most) return;
      most = score;
      best = new Map(tried);
      return;
    }
    const ranked = present(options.get(figure))
      .map((meaning, k) => ({ meaning, cost: costOf(meaning, k) }))
      .toSorted((a, b) => a.cost - b.cost);
    for (const { meaning, cost: more } of tied(figure) ? ranked : ranked.slice(0, 1)) {
      tried.set(figure, meaning);
      walk(at + 1, cost + more);
      tried.delete(figure);
    }
  };
  walk(0, 0);
  return best;
}

/** Letters of words without a meaning of their own that may as well be others. */
const LOOK_ALIKE = /[0O1IL5S8B2Z6G]/;

function judgeText(named: PlateText, looks: readonly (FoundText | undefined)[]): ReadText | null {
  const found = looks.flatMap((text, look) => (text === undefined ? [] : [{ ...text, look }]));
  const [best, other] = found.toSorted((a, b) => b.confidence - a.confidence);
  if (best === undefined) return null;
  const doubts: Doubt[] = [];
  if (other !== undefined && other.text !== best.text) doubts.push("differs");
  if (other === undefined) doubts.push("once");
  if (named !== "refrigerant" && LOOK_ALIKE.test(best.text)) doubts.push("alike");
  return { named, text: best.text, look: best.look, box: best.box, doubts };
}

/** Weeks of a year. */
const MOST_WEEK = 53;
/** Years of two digits that are taken for this century's. */
const LAST_SHORT_YEAR = 60;

/** The year that a serial number begins with, as year and week of two digits each (common practice, no source); null where it does not. */
function yearBySerial(serial: ReadText | undefined): ReadFigure | null {
  const [, year = "", week = ""] = /^(\d\d)(\d\d)/.exec(serial?.text ?? "") ?? [];
  if (serial === undefined || year === "" || Number(year) > LAST_SHORT_YEAR || Number(week) < 1 || Number(week) > MOST_WEEK) return null;
  const { text, look, box, doubts } = serial;
  return {
    figure: "madeYear",
    value: 2000 + Number(year),
    text,
    look,
    box,
    doubts: [...doubts.filter((doubt) => doubt !== "alike"), "serial"],
  };
}

/** What two looks at the same plate come to: each figure once, with whatever speaks against it. */
export function readPlate(looks: readonly (readonly ReadWord[])[], kind: PlateKind): PlateReading {
  const seen: readonly Look[] = looks.map((words) => lookAt(words, kind));
  const names = new Set(seen.flatMap(({ figures }) => figures.map(({ figure }) => figure)));
  const foundOf = (figure: PlateFigure): readonly (Found & { readonly look: number })[] =>
    seen.flatMap(({ figures }, look) => figures.filter((f) => f.figure === figure).map((f) => ({ ...f, look })));
  const options = new Map(
    [...names].map((figure) => {
      const meanings: (Meaning & { looks: number })[] = [];
      for (const { meanings: of } of foundOf(figure))
        for (const meaning of of) {
          const same = meanings.findIndex(({ value }) => alike(value, meaning.value));
          if (same < 0) meanings.push({ ...meaning, looks: 1 });
          else {
            const was = itemAt(meanings, same);
            meanings[same] = { ...(meaning.mended.length < was.mended.length ? meaning : was), looks: was.looks + 1 };
          }
        }
      return [figure, meanings] as const;
    }),
  );
  const chosen = choose(options);
  const checks = checked(chosen);
  const figures = [...chosen].map(([figure, meaning]): ReadFigure => {
    const found = foundOf(figure);
    const saying = found.filter(({ meanings }) => meanings.some(({ value }) => alike(value, meaning.value)));
    const best = present(saying.toSorted((a, b) => b.confidence - a.confidence)[0]);
    const mine = checks.filter(({ of }) => of.includes(figure));
    const doubts = new Set<Doubt>(meaning.mended);
    if (found.some(({ meanings }) => !alike(itemAt(meanings, 0).value, meaning.value))) doubts.add("differs");
    if (found.length < looks.length) doubts.add("once");
    if (best.confidence < PARAMS.faintBelow.value) doubts.add("faint");
    if (found.every(({ named }) => !named)) doubts.add("name");
    if (mine.some(({ holds }) => !holds)) doubts.add("odd");
    const bears = mine.some(({ of, holds }) => holds && of.includes("circuitA") && of.includes("fanA"));
    if (VOCABULARY[kind][figure]?.decimals === 1 && !/[.,]/.test(best.text) && !bears) doubts.add("whole");
    return {
      figure,
      value: meaning.value,
      ...(meaning.beside !== undefined && { beside: meaning.beside }),
      text: best.text,
      look: best.look,
      box: best.box,
      doubts: [...doubts],
    };
  });
  const texts = (["model", "serial", "refrigerant"] as const).flatMap(
    (named) =>
      judgeText(
        named,
        seen.map(({ texts }) => texts[named]),
      ) ?? [],
  );
  const year = figures.some(({ figure }) => figure === "madeYear") ? null : yearBySerial(texts.find(({ named }) => named === "serial"));
  return { figures: year === null || kind !== "unit" ? figures : [...figures, year], texts };
}
