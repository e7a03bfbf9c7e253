import { type FigureName, type Measure, readTyped, typedText } from "@amp-saver/core/figure";
import {
  type Doubt,
  type PlateFigure,
  type PlateKind,
  type PlateReading,
  type PlateText,
  REFRIGERANTS,
} from "@amp-saver/core/study/plate-reading";
import { type AirConditioner, MADE_YEAR, type PhotoId, type PhotoPlace, type Source, TEXT_MOST, type Wiring } from "@amp-saver/records";
import type { Fields } from "../../store/commands.ts";
import { asFoundOf } from "../prepare/wiring.view.ts";

/** What a figure of a plate becomes on a unit. */
const ON_UNIT = {
  plateVolts: "plateVolts",
  ratedLoadA: "ratedLoadA",
  lockedRotorA: "lockedRotorA",
  fanA: "fanA",
  circuitA: "circuitA",
  maxBreakerA: "maxBreakerA",
  coolingW: "coolingW",
  runCapacitorF: "runCapacitorF",
} as const satisfies Partial<Record<PlateFigure, keyof AirConditioner & FigureName>>;
/** And on a source. */
const ON_SOURCE = { runningW: "runningW", surgeW: "surgeW", sourceVolts: "volts", bankVolts: "bankV" } as const;

/** Whether a table has a figure. */
const isOf = <T extends object>(table: T, figure: string): figure is Extract<keyof T, string> => figure in table;

type UnitFigure = keyof typeof ON_UNIT;
type SourceFigure = keyof typeof ON_SOURCE;
/** What is printed on a run capacitor beside its microfarads; the second section is the fan's. */
type PrintedFigure = "printedVolts" | "fanSectionF";
type Plain = "hz" | "madeYear";

/** What may be photographed. */
export const PLATE_KINDS: readonly PlateKind[] = ["unit", "capacitor", "generator", "inverter"];

/** One thing that was read and is to be compared with the plate. */
export type PlateItem = {
  readonly box: Omit<PhotoPlace, "id">;
  readonly doubts: readonly Doubt[];
} & (
  | {
      readonly kind: "unit";
      readonly id: UnitFigure;
      readonly name: FigureName;
      readonly text: string;
      readonly share?: number;
      readonly low?: number;
    }
  | { readonly kind: "source"; readonly id: SourceFigure; readonly name: FigureName; readonly text: string }
  | { readonly kind: "printed"; readonly id: PrintedFigure; readonly name: FigureName; readonly text: string }
  | { readonly kind: "plain"; readonly id: Plain; readonly text: string }
  | { readonly kind: "text"; readonly id: PlateText; readonly text: string }
);

const ORDER: readonly (PlateFigure | PlateText | PrintedFigure)[] = [
  "lockedRotorA",
  "ratedLoadA",
  "fanA",
  "coolingW",
  "plateVolts",
  "hz",
  "circuitA",
  "maxBreakerA",
  "runCapacitorF",
  "fanSectionF",
  "printedVolts",
  "runningW",
  "surgeW",
  "sourceVolts",
  "bankVolts",
  "refrigerant",
  "model",
  "serial",
  "madeYear",
];

/** What was read, in the order in which it matters, as a person would type it. */
export function plateItems({ figures, texts }: PlateReading, kind: PlateKind, measure: Measure): readonly PlateItem[] {
  const share = figures.find(({ figure }) => figure === "printedShare")?.value;
  const items = figures.flatMap((read): PlateItem[] => {
    const { figure, value, box, doubts } = read;
    if (figure === "hz" || figure === "madeYear")
      return kind !== "unit" ? [] : [{ kind: "plain", id: figure, text: String(value), box, doubts }];
    if (isOf(ON_SOURCE, figure))
      return [{ kind: "source", id: figure, name: figure, text: typedText(figure, measure, value), box, doubts }];
    if (kind === "capacitor" && figure === "printedVolts")
      return [{ kind: "printed", id: figure, name: figure, text: typedText(figure, measure, value), box, doubts }];
    if (!isOf(ON_UNIT, figure)) return [];
    const second: readonly PlateItem[] =
      kind === "capacitor" && figure === "runCapacitorF" && read.beside !== undefined
        ? [{ kind: "printed", id: "fanSectionF", name: figure, text: typedText(figure, measure, read.beside), box, doubts }]
        : [];
    return [
      ...second,
      {
        kind: "unit",
        id: figure,
        name: figure,
        text: typedText(figure, measure, value),
        box,
        doubts,
        ...(figure === "runCapacitorF" && share !== undefined && { share }),
        ...(figure === "plateVolts" && read.beside !== undefined && { low: read.beside }),
      },
    ];
  });
  const words = (kind === "unit" ? texts : []).map(
    ({ named, text, box, doubts }): PlateItem => ({ kind: "text", id: named, text, box, doubts }),
  );
  return [...items, ...words].toSorted((a, b) => ORDER.indexOf(a.id) - ORDER.indexOf(b.id));
}

/** What was read on a capacitor: which of its sections, and what. */
export interface PrintedOn {
  readonly section: "run" | "fan";
  readonly what: { readonly volts: number } | { readonly farad: number };
}

/** What a confirmed item changes on a unit or on a source, or what is wrong with its text. */
export type Confirmed =
  | { readonly ok: true; readonly unit?: Fields<AirConditioner>; readonly source?: Fields<Source>; readonly printed?: PrintedOn }
  | { readonly ok: false; readonly limits: string };

/** What an item's text, as it stands or corrected, changes once somebody has compared it with the plate. */
export function confirmed(item: PlateItem, text: string, photo: PhotoId, measure: Measure): Confirmed {
  if (item.kind === "text") {
    const most = TEXT_MOST[item.id];
    return text.trim() === "" || text.length > most
      ? { ok: false, limits: `1 to ${most}` }
      : { ok: true, unit: { [item.id]: text.trim() } };
  }
  if (item.kind === "plain") {
    const value = Number(text);
    if (item.id === "hz") return value === 50 || value === 60 ? { ok: true, unit: { hz: value } } : { ok: false, limits: "50, 60" };
    const good = Number.isInteger(value) && value >= MADE_YEAR.min && value <= MADE_YEAR.max;
    return good ? { ok: true, unit: { madeYear: value } } : { ok: false, limits: `${MADE_YEAR.min} to ${MADE_YEAR.max}` };
  }
  const typed = readTyped(item.name, measure, text);
  if (!typed.ok) return typed;
  if (item.kind === "printed") {
    const what = item.id === "printedVolts" ? { volts: typed.value } : { farad: typed.value };
    return { ok: true, printed: { section: item.id === "printedVolts" ? "run" : "fan", what } };
  }
  const figure = { value: typed.value, from: "plate", photo: { id: photo, ...item.box } } as const;
  if (item.kind === "source") return { ok: true, source: { [ON_SOURCE[item.id]]: figure } };
  return {
    ok: true,
    unit: {
      [ON_UNIT[item.id]]: item.share === undefined ? figure : { ...figure, tolerance: item.share },
      ...(item.low !== undefined && { lowestVolts: { ...figure, value: item.low } }),
    },
  };
}

/** Whether a refrigerant burns, if hardly; null where it is none that is known. */
export const burns = (refrigerant: string): boolean | null => {
  const known = REFRIGERANTS[refrigerant.toUpperCase()];
  return known === undefined ? null : known !== "A1";
};

/** Where what is printed on a run capacitor is kept: under its part of the circuit, or the section of it that is the fan's. */
export function printedPlace(wiring: Wiring, section: PrintedOn["section"]): string | null {
  const can = asFoundOf(wiring).parts.find((part) => part.kind === "run-capacitor")?.id;
  return can === undefined ? null : section === "run" ? can : `${can} FAN`;
}
