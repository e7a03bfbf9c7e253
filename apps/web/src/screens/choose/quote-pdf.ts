import { QUOTE_PARAMS } from "@amp-saver/core/study/quote/params";
import { addDays, format } from "date-fns";
import type { Content, TDocumentDefinitions } from "pdfmake/interfaces";
import { PDF_SHEET, pdfList } from "../../ui/pdf-sheet.ts";
import { HAND_OVER } from "../../words/hand-over.ts";
import { money, QUOTE } from "../../words/quote.ts";
import { SMALLEST } from "../../words/smallest.ts";
import type { SmallestRow } from "../smallest-rows.ts";
import type { QuoteView } from "./quote.view.ts";

/** What stands on a quote besides its figures. */
export interface QuoteHead {
  readonly rig: string;
  readonly unit: string;
  readonly starter: string | null;
  readonly source: string | null;
  readonly lockedRotorA: number | null;
  readonly from: string;
  readonly today: Date;
  /** The smallest that works as found and with the starter, where it is known. */
  readonly smallest: readonly SmallestRow[];
}

/** The quote on paper: parts, work as it may turn out, and what is not in it. */
export function quoteDocument({ quote, own }: QuoteView, head: QuoteHead): TDocumentDefinitions {
  const title = QUOTE.title(head.rig, head.unit);
  const day = (date: Date): string => format(date, "d MMMM yyyy");
  const right = (text: string, bold = false): Content => ({ text, alignment: "right", bold });
  const table = (heads: readonly string[], rows: readonly (readonly Content[])[]): Content => ({
    table: {
      widths: ["*", 80, 80, 80],
      headerRows: 1,
      dontBreakRows: true,
      body: [heads.map((text) => right(text, true)), ...rows.map((r) => [...r])],
    },
    layout: "lightHorizontalLines",
  });
  const parts = quote.parts.map((line) => [
    line.code === "starter" && head.starter !== null ? QUOTE.named(head.starter) : QUOTE.part[line.code],
    right(String(line.count)),
    right(money(line.eachCents)),
    right(money(line.cents)),
  ]);
  const spans = (of: (which: "quick" | "usual" | "slow") => string, bold = false) =>
    (["quick", "usual", "slow"] as const).map((w) => right(of(w), bold));
  const work = quote.work.map((line) => [QUOTE.workOf[line.code], ...spans((w) => QUOTE.minutes(line.minutes[w]))]);
  const totals = [
    [QUOTE.totals.work, ...spans((w) => money(quote[w].workCents))],
    [QUOTE.totals.parts, ...spans(() => money(quote.partsCents))],
    ...(quote.usual.taxCents === 0 ? [] : [[QUOTE.totals.tax, ...spans((w) => money(quote[w].taxCents))]]),
    [{ text: QUOTE.totals.sum, bold: true }, ...spans((w) => money(quote[w].cents), true)],
  ];
  return {
    info: { title },
    ...PDF_SHEET,
    content: [
      { text: title, style: "title" },
      { text: QUOTE.answer(quote), bold: true, margin: [0, 2, 0, 0] },
      ...(head.from === "" ? [] : [{ text: head.from }]),
      { text: QUOTE.made(day(head.today), day(addDays(head.today, QUOTE_PARAMS.validDays.value))), style: "small" },
      pdfList(QUOTE.does, QUOTE.doesList(head.source, head.lockedRotorA)),
      { text: QUOTE.parts, style: "head" },
      table(QUOTE.heads, parts),
      { text: QUOTE.work, style: "head" },
      table(QUOTE.workHeads, [...work, ...totals]),
      { text: own === null ? QUOTE.usual : QUOTE.own(own.timed, own.visits), style: "small", margin: [0, 3, 0, 0] },
      ...smallestPart(head.smallest),
      pdfList(QUOTE.not, QUOTE.notList),
    ],
  };
}

/** What to buy or to plug into, as found and with the starter. */
function smallestPart(rows: readonly SmallestRow[]): Content[] {
  if (rows.length === 0) return [];
  const body = [
    [...HAND_OVER.smallestHeads].map((text): Content => ({ text, bold: true })),
    ...rows.map((row) => [row.label, ...row.figures]),
  ];
  return [
    { text: HAND_OVER.smallest, style: "head" },
    { table: { widths: ["*", 120, 120], headerRows: 1, dontBreakRows: true, body }, layout: "lightHorizontalLines" },
    { text: SMALLEST.help, style: "small", margin: [0, 3, 0, 0] },
  ];
}
