import { formatNumber, numbersIn } from "../quantity/index.ts";
import type { Measure } from "./dimension.ts";
import { FIGURES, type FigureName, shownAs } from "./figures.ts";

/** Text of an SI value as a person would type it: no grouping, no trailing zeros. */
export function typedText(name: FigureName, measure: Measure, value: number): string {
  const { fromSi, decimals } = shownAs(name, measure);
  return String(Number(fromSi(value).toFixed(decimals)));
}

/** An SI value as it is read in a sentence: grouped, with its unit, two digits or more and no trailing zeros. */
export function figureText(name: FigureName, measure: Measure, value: number): string {
  const { fromSi, decimals, unit } = shownAs(name, measure);
  const shown = fromSi(value);
  const text = formatNumber(shown, Math.abs(shown) < 1 ? decimals : Math.min(1, decimals));
  return `${text.replace(/\.0$/, "")}\u00a0${unit}`;
}

/** The value of a text, or what it would have to be. */
export type Typed = { readonly ok: true; readonly value: number } | { readonly ok: false; readonly limits: string };

/** Reads what a person typed in the reader's own units, the unit left on. */
export function readTyped(name: FigureName, measure: Measure, text: string): Typed {
  const { toSi, fromSi, unit, decimals } = shownAs(name, measure);
  const { min, max } = FIGURES[name];
  const shown = (si: number): string => formatNumber(fromSi(si), Math.abs(fromSi(si)) < 10 ? decimals : 0);
  const slack = 1e-9 * Math.max(1, Math.abs(max));
  const value = numbersIn(text.replace(unit, ""))
    ?.map(toSi)
    .find((si) => si >= min - slack && si <= max + slack);
  return value === undefined
    ? { ok: false, limits: `${shown(min)} to ${shown(max)} ${unit}` }
    : { ok: true, value: Math.min(max, Math.max(min, value)) + 0 };
}
