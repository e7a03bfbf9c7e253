import { formatAmps, formatSeconds, formatVolts } from "@amp-saver/core/quantity";
import { Provenance } from "../../ui/provenance.tsx";
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
        const formula = EXPLAIN.formulas[code](by);
        return (
          <details key={code} className="border-b border-hair">
            <summary className="flex min-h-[34px] cursor-pointer items-center justify-between gap-4 text-body pointer-coarse:min-h-[48px]">
              <span className="underline underline-offset-4">{EXPLAIN.names[code]}</span>
              <span className="figure">{SHOWN[unit](value)}</span>
            </summary>
            <p className="py-1 text-body">{formula}</p>
            {inputs.length > 0 && (
              <ul className="pb-2" aria-label={EXPLAIN.inputs}>
                {view.assumptions
                  .filter((a) => inputs.includes(a.code))
                  .map((a) => (
                    <li key={a.code} className="flex items-start gap-2 py-0.5 text-small">
                      <Provenance from={a.origin} word />
                      <span>
                        {ASSUMED_WORDS[a.code](a.value, a.tolerance)}
                        <span className="block text-small text-ink2">{findingSource(a.source)}</span>
                      </span>
                    </li>
                  ))}
              </ul>
            )}
          </details>
        );
      })}
    </section>
  );
}
