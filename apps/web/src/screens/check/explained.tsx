import { formatAmps, formatSeconds, formatVolts } from "@amp-saver/core/quantity";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { ASSUMED_WORDS } from "../../words/check.ts";
import { EXPLAIN } from "../../words/explain.ts";
import { findingSource } from "../../words/findings.ts";
import type { CheckView } from "./check.view.ts";
import { explain } from "./explained.view.ts";

const SHOWN = { A: formatAmps, s: formatSeconds, V: formatVolts } as const;

/** Each figure of the answer; opens to its formula, and to what went in with origin and source. */
export function ExplainedFigures({ view }: { readonly view: CheckView }) {
  return (
    <section className="mt-4">
      <h3 className="font-bold">{EXPLAIN.title}</h3>
      {explain(view).map(({ code, value, unit, by, inputs }) => {
        const rows = view.assumptions
          .filter((a) => inputs.includes(a.code))
          .map((a) => ({ text: ASSUMED_WORDS[a.code](a.value, a.tolerance), origin: a.origin, source: findingSource(a.source) }));
        return (
          <OpenFigure key={code} name={EXPLAIN.names[code]} value={SHOWN[unit](value)} formula={EXPLAIN.formulas[code](by)} inputs={rows} />
        );
      })}
    </section>
  );
}
