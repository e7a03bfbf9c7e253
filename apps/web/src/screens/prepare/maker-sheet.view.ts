import { FAMILY_LEADS } from "@amp-saver/core/network";
import { present } from "@amp-saver/core/quantity";
import {
  type Beside,
  compareSheet,
  type LimitBeside,
  type LimitKind,
  limitsIn,
  meaningKey,
  readSheet,
  SHEET_ACTS,
  SHEET_MOST,
  SHEET_PLACES,
  type SheetStep,
  type SheetWire,
  stricterOf,
  strictest,
} from "@amp-saver/core/study/maker-sheet";
import { JUMPER } from "@amp-saver/core/study/wiring-plan";
import { parseRecord, type Starter } from "@amp-saver/records";
import { USUAL_RULE } from "../learn/learn.view.ts";
import type { PlanView } from "./wiring.view.ts";

/** What a sentence may be said to mean. */
export const MEANINGS = { acts: SHEET_ACTS, places: SHEET_PLACES } as const;
/** Longest sheet, letters. */
export const LONGEST_SHEET = SHEET_MOST;

/** A sentence beside the plan, the name its meaning is kept under, and the things to do of the plan that do here what it is after. */
export interface SheetRow extends Beside {
  readonly key: string;
  readonly groups: readonly number[];
}

/** A figure of the sheet beside what is used: whether it may count at all, and whether it does not yet. */
export interface LimitRow extends LimitBeside {
  readonly believed: boolean;
  readonly isNew: boolean;
}

/** A maker's sheet beside the plan of one unit. */
export interface SheetView {
  readonly rows: readonly SheetRow[];
  /** Things to do of the plan that no sentence asks for. */
  readonly missing: readonly number[];
  readonly limits: readonly LimitRow[];
  readonly disagree: number;
  readonly open: number;
}

/** Lays the sheet of a starter beside the plan of a unit; null where there is no sheet, or no plan to lay it beside. */
export function sheetView(starter: Starter | undefined, view: PlanView): SheetView | null {
  const { plan, asFound, begun, groups, options } = view;
  if (starter?.sheet === undefined || starter.sheet.trim() === "" || !plan.ok) return null;
  const { steps } = plan.value;
  const sentences = readSheet(starter.sheet, FAMILY_LEADS[options.family], starter.sheetMeans);
  const { sentences: rows, missing } = compareSheet(sentences, { asFound, begun, plan: plan.value });
  const groupOf = (step: number): number => groups.findIndex((g) => [g.main, ...g.rest].includes(present(steps[step])));
  const groupsOf = (at: readonly number[]): readonly number[] =>
    [...new Set(at.map(groupOf))].filter((g) => g >= 0).toSorted((a, b) => a - b);
  const asked = new Set(rows.flatMap((row) => groupsOf(row.instead)));
  return {
    rows: rows.map((row) => ({ ...row, key: meaningKey(row.sentence.text), groups: groupsOf(row.instead) })),
    missing: groupsOf(missing).filter((g) => !asked.has(g)),
    limits: strictest(limitsIn(starter.sheet)).map((limit) => limitRow(stricterOf(limit, ownOf(limit.kind, starter)), starter)),
    disagree: rows.filter((r) => r.verdict === "disagrees").length,
    open: rows.filter((r) => r.verdict === "open").length,
  };
}

/** What is used today of a figure that a sheet may limit. */
function ownOf(kind: LimitKind, starter: Starter): number | null {
  const rule = starter.learningRule ?? USUAL_RULE;
  switch (kind) {
    case "runs":
    case "runS":
    case "restS":
      return rule[kind];
    case "extensionAwg":
      return starter.extensionAwg ?? JUMPER.awg;
    case "lockedRotorMostA":
      return starter.lockedRotorMostA?.value ?? null;
    default:
      return starter[kind] ?? null;
  }
}

function limitRow(limit: LimitBeside, starter: Starter): LimitRow {
  const believed = parseRecord({ ...starter, ...changeOf(limit, starter) }).ok;
  return { ...limit, believed, isNew: believed && limit.wins === "sheet" };
}

function changeOf({ kind, value }: LimitBeside, starter: Pick<Starter, "learningRule">): Partial<Starter> {
  const rule = starter.learningRule ?? USUAL_RULE;
  if (kind === "runs") return { learningRule: { ...rule, runs: value, mostRuns: Math.max(value, rule.mostRuns) } };
  if (kind === "lockedRotorMostA") return { lockedRotorMostA: { value, from: "sheet" } };
  return kind === "runS" || kind === "restS" ? { learningRule: { ...rule, [kind]: value } } : { [kind]: value };
}

/** What a starter takes over from its sheet: every limit that is new and believed. */
export function limitsOf(starter: Starter, rows: readonly LimitRow[]): Partial<Starter> {
  let change: Partial<Starter> = {};
  for (const row of rows) if (row.isNew) change = { ...change, ...changeOf(row, { ...starter, ...change }) };
  return change;
}

/** A wire as one of a list: a lead by its name, a factory wire by its color. */
export const wireKey = (wire: SheetWire | null): string => {
  if (wire === null) return "";
  return wire.lead !== null ? `lead ${wire.lead}` : `color ${wire.color ?? ""}`;
};

/** The wire that an entry of that list means. */
export function wireOfKey(key: string): SheetWire | null {
  const [, kind, name = ""] = /^(lead|color) (.*)$/.exec(key) ?? [];
  if (kind === undefined) return null;
  return kind === "lead"
    ? { color: null, lead: name, toward: null, starters: true }
    : { color: name === "" ? null : name, lead: null, toward: null, starters: false };
}

/** What a sentence is said to mean while nobody said anything yet. */
export const EMPTY_STEP: SheetStep = { act: "other", wire: null, from: null, to: null, with: null };

/** Meanings that were said, with what is said now of one sentence laid over what it means so far. */
export function saidOf({ sheetMeans }: Starter, { key, sentence }: SheetRow, said: Partial<SheetStep>): Starter["sheetMeans"] {
  return { ...sheetMeans, [key]: { ...(sheetMeans?.[key] ?? sentence.step ?? EMPTY_STEP), ...said } };
}

/** Meanings that were said, but for that of one sentence. */
export function without(sheetMeans: Starter["sheetMeans"], key: string): Starter["sheetMeans"] {
  const { [key]: _, ...others } = sheetMeans ?? {};
  return others;
}

/** Factory colors of a unit, each once. */
export function colorsOf({ asFound }: PlanView): readonly string[] {
  return [...new Set(asFound.conductors.map((c) => c.color))].toSorted();
}
