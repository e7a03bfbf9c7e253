import { figureText, type Measure } from "@amp-saver/core/figure";
import { keysOf } from "@amp-saver/core/quantity";
import { type AirConditioner, modelKey, PATTERN_FIGURES, type Pattern, type Wiring } from "@amp-saver/records";
import type { Fields } from "../../store/commands.ts";
import { FIT } from "../../words/fit.ts";
import { LIBRARY } from "../../words/library.ts";
import { OPENING } from "../../words/opening.ts";
import { FIGURE_WORDS } from "../../words/survey.ts";
import { crimpNames } from "../../words/wire-size.ts";
import { kitSentence } from "../prepare/crimp-sheet.tsx";
import { asFoundOf } from "../prepare/wiring.view.ts";

/** Fewest letters of a model that tell it from others. */
const LEAST_MODEL = 4;

/** The pattern of a unit's model; undefined where its model is not known, or too short to tell. */
export function patternFor(patterns: readonly Pattern[], model: string): Pattern | undefined {
  const key = modelKey(model);
  return key.length < LEAST_MODEL ? undefined : patterns.find((pattern) => modelKey(pattern.model) === key);
}

/** One line of what a pattern knows, beside this unit. */
export interface PatternLine {
  readonly text: string;
  /** What this unit says instead; null where it says the same or nothing. */
  readonly here: string | null;
}

export const PATTERN_GROUPS = ["plate", "wiring", "fitted", "kit"] as const;
export type PatternGroup = (typeof PATTERN_GROUPS)[number];

/** What a pattern knows, group by group; a group that it knows nothing of is empty. */
export function patternLines(
  pattern: Pattern,
  unit: AirConditioner | null,
  measure: Measure,
): Readonly<Record<PatternGroup, readonly PatternLine[]>> {
  const plate = PATTERN_FIGURES.flatMap((name) => {
    const figure = pattern.unit[name];
    if (figure === undefined) return [];
    const mine = unit?.[name];
    const differs = mine !== undefined && figureText(name, measure, mine.value) !== figureText(name, measure, figure.value);
    return [
      {
        text: `${FIGURE_WORDS[name].label} ${figureText(name, measure, figure.value)}`,
        here: differs ? figureText(name, measure, mine.value) : null,
      },
    ];
  });
  const said = (text: string): PatternLine => ({ text, here: null });
  const { wiring, fitted } = pattern;
  const circuit = wiring === null ? null : asFoundOf(wiring);
  return {
    plate: pattern.unit.refrigerant === undefined ? plate : [...plate, said(pattern.unit.refrigerant)],
    wiring:
      wiring === null || circuit === null
        ? []
        : [
            said(LIBRARY.circuit(circuit.parts.length, circuit.conductors.length)),
            said(LIBRARY.colors([...new Set(circuit.conductors.map(({ color }) => color))])),
            ...(wiring.switches.secondBox ? [said(LIBRARY.boxes)] : []),
            ...(wiring.lidLow ? [said(LIBRARY.lidLow)] : []),
          ],
    fitted:
      fitted === null
        ? []
        : [
            ...(fitted.mounting.orientation === null ? [] : [said(`${FIT.orientation}: ${FIT.orientations[fitted.mounting.orientation]}`)]),
            said(`${FIT.surface}: ${FIT.surfaces[fitted.mounting.surface]}`),
            said(LIBRARY.lead(figureText("leadM", measure, fitted.mounting.leadM), figureText("routeM", measure, fitted.mounting.wayM))),
            ...keysOf(fitted.screws).flatMap((place) => {
              const hidden = fitted.screws[place]?.hidden ?? "nothing";
              return hidden === "nothing" ? [] : [said(LIBRARY.screws(OPENING.places[place], OPENING.hiders[hidden]))];
            }),
            ...keysOf(fitted.found).flatMap((what) => (fitted.found[what] === "none" ? [] : [said(LIBRARY.seen(OPENING.names[what]))])),
          ],
    kit: pattern.kit.map((line) => said(kitSentence(line, crimpNames(measure)))),
  };
}

/** Figures that a pattern gives a unit where it has none: usual for its model, not read on it. */
export function plateTaken(pattern: Pattern, unit: AirConditioner): Fields<AirConditioner> {
  const figures = PATTERN_FIGURES.flatMap((name) => {
    const figure = pattern.unit[name];
    return figure === undefined || unit[name] !== undefined ? [] : [[name, { value: figure.value, from: "typical" }] as const];
  });
  return {
    ...Object.fromEntries(figures),
    ...(unit.refrigerant === undefined && pattern.unit.refrigerant !== undefined && { refrigerant: pattern.unit.refrigerant }),
    ...(unit.startAid === "unknown" && { startAid: pattern.unit.startAid }),
    ...(unit.plateVolts.from === "typical" && {
      plateVolts: { value: pattern.unit.plateVolts.value, from: "typical" },
      hz: pattern.unit.hz,
    }),
  };
}

/** A pattern's circuit taken over: nothing is proven, labeled or built on it yet, whatever was on the one before. */
export const circuitTaken = (wiring: NonNullable<Pattern["wiring"]>): Fields<Wiring> => ({ ...wiring, proofs: {}, leads: {}, built: null });

/** Patterns in which every word of a search is found: model, parts, colors, traits, note. */
export function patternsLike(patterns: readonly Pattern[], words: string, measure: Measure): readonly Pattern[] {
  const wanted = words
    .toLowerCase()
    .split(/\s+/)
    .filter((word) => word !== "");
  return patterns.filter((pattern) => {
    const circuit = pattern.wiring === null ? null : asFoundOf(pattern.wiring);
    const lines = Object.values(patternLines(pattern, null, measure)).flat();
    const text = [pattern.model, pattern.note, ...lines.map((line) => line.text), ...(circuit?.parts.map(({ kind }) => kind) ?? [])]
      .join(" ")
      .toLowerCase();
    return wanted.every((word) => text.includes(word) || modelKey(text).toLowerCase().includes(word));
  });
}
