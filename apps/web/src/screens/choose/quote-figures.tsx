import { useSettings } from "../../store/settings.tsx";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { OPENED } from "../../words/explain.ts";
import { money, QUOTE } from "../../words/quote.ts";
import type { QuoteView } from "./quote.view.ts";

/** What a quote comes to, line by line. */
export function QuoteFigures({ view: { quote, own }, starter }: { readonly view: QuoteView; readonly starter: string | null }) {
  const { usual } = quote;
  const rateCents = Math.round(useSettings().quotePrices.hourUsd * 100);
  const part = (line: (typeof quote.parts)[number]): string =>
    `${line.count > 1 ? `${line.count} × ` : ""}${line.code === "starter" && starter !== null ? QUOTE.named(starter) : QUOTE.part[line.code]}`;
  const rows = [
    ...quote.parts.map((line) => [part(line), money(line.cents)] as const),
    ...quote.work.map((line) => [QUOTE.workOf[line.code], QUOTE.minutes(line.minutes.usual)] as const),
    [QUOTE.totals.work, money(usual.workCents)] as const,
    ...(usual.taxCents > 0 ? [[QUOTE.totals.tax, money(usual.taxCents)] as const] : []),
    [QUOTE.totals.sum, money(usual.cents)] as const,
  ];
  return (
    <>
      <p className="text-large font-bold">{QUOTE.answer(quote)}</p>
      <table className="mt-2 w-full text-body">
        <tbody>
          {rows.map(([what, sum]) => (
            <tr key={what} className="border-b border-hair group last:border-b-[1.5px] last:border-ink">
              <th scope="row" className="py-1 text-left font-normal group-last:font-bold">
                {what}
              </th>
              <td className="figure whitespace-nowrap py-1 pl-2 text-right">{sum}</td>
            </tr>
          ))}
        </tbody>
      </table>
      <OpenFigure
        name={OPENED.quote}
        value={money(usual.workCents)}
        formula={OPENED.quoteFormula(money(rateCents))}
        inputs={quote.work.map((line) => ({
          text: OPENED.quoteInput(QUOTE.workOf[line.code], QUOTE.minutes(line.minutes.usual)),
          origin: line.code === "wiring" && own !== null ? "measured" : "guessed",
        }))}
      />
      <p className="mt-1 text-small text-ink2">{own === null ? QUOTE.usual : QUOTE.own(own.timed, own.visits)}</p>
    </>
  );
}
