import type { Origin } from "@amp-saver/core/quantity";
import { EXPLAIN } from "../words/explain.ts";
import { Provenance } from "./provenance.tsx";

/** One figure that went into another: what it is, where it comes from, who says so. */
interface FigureInputRow {
  readonly text: string;
  readonly origin: Origin;
  readonly source?: string | undefined;
}

interface OpenFigureProps {
  readonly name: string;
  readonly value: string;
  /** How it is worked out, in words. */
  readonly formula: string;
  readonly inputs: readonly FigureInputRow[];
}

/** A figure that opens to its formula, and to what went in with origin and source. */
export function OpenFigure({ name, value, formula, inputs }: OpenFigureProps) {
  return (
    <details className="border-b border-hair">
      <summary className="flex min-h-[34px] cursor-pointer items-center justify-between gap-4 text-body pointer-coarse:min-h-[48px]">
        <span className="underline underline-offset-4">{name}</span>
        <span className="figure">{value}</span>
      </summary>
      <p className="py-1 text-body">{formula}</p>
      {inputs.length > 0 && (
        <ul className="pb-2" aria-label={EXPLAIN.inputs}>
          {inputs.map(({ text, origin, source }) => (
            <li key={text} className="flex items-start gap-2 py-0.5 text-small">
              <Provenance from={origin} word />
              <span>
                {text}
                {source !== undefined && <span className="block text-small text-ink2">{source}</span>}
              </span>
            </li>
          ))}
        </ul>
      )}
    </details>
  );
}
