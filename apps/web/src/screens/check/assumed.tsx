import type { Narrowing, Trial } from "@amp-saver/core/study/confidence";
import type { Sensitivity } from "@amp-saver/core/study/motor-start";
import { useEffect, useState } from "react";
import { Provenance } from "../../ui/provenance.tsx";
import { ASSUMED_WORDS, CHECK, measureNext, PLATE_FIGURES } from "../../words/check.ts";
import { REFINE } from "../../words/refine.ts";
import { type CheckView, narrowest } from "./check.view.ts";

const SHOWN = 4;
const WORTH_A = 0.1;
/** Plate figures that are named where only the size is known. */
const NARROWING = 2;

/** What was taken for granted, and the one thing worth measuring next. */
export function Assumed({
  view,
  sensitivities,
  tried,
  onAll,
  onRefine,
  refinedBy,
  sizeOnly,
}: {
  readonly view: CheckView;
  readonly sensitivities: readonly Sensitivity[] | undefined;
  /** The tries, of which is told what would narrow them most; null while they are counted. */
  readonly tried: readonly Trial[] | null;
  readonly onAll: () => void;
  /** Opens what readings make of the plate; null while nothing was read. */
  readonly onRefine: (() => void) | null;
  readonly refinedBy: number | null;
  /** True where nothing of the plate is known but the size. */
  readonly sizeOnly: boolean;
}) {
  const assumed = view.assumptions.filter((a) => a.origin === "typical" || a.origin === "guessed");
  const swing = sensitivities?.find((s) => s.nowA >= WORTH_A);
  const [narrows, setNarrows] = useState<Narrowing>();
  useEffect(() => {
    setNarrows(undefined);
    if (tried === null) return undefined;
    const figures = narrowest(tried, view);
    let turn: ReturnType<typeof setTimeout>;
    const look = (): void => {
      const { done, value } = figures.next();
      if (done) setNarrows(value);
      else turn = setTimeout(look);
    };
    turn = setTimeout(look);
    return () => clearTimeout(turn);
  }, [tried, view]);
  const code = narrows?.code ?? swing?.code;
  const amps = sensitivities?.find((s) => s.code === code && s.nowA >= WORTH_A);
  return (
    <div className="mt-auto grid gap-x-6 gap-y-3 pt-3 min-[43.75rem]:grid-cols-[1fr_300px]">
      <section className="border-t-[1.5px] border-ink pt-2">
        <div className="flex items-baseline justify-between">
          <h2 className="text-body font-bold">{CHECK.assumed}</h2>
          <span>
            {onRefine !== null && (
              <button
                type="button"
                className="mr-3 px-1 text-small underline underline-offset-4 pointer-coarse:min-h-[44px]"
                onClick={onRefine}
              >
                {refinedBy === null ? REFINE.open : REFINE.inUse(refinedBy)}
              </button>
            )}
            <button type="button" className="px-1 text-small underline underline-offset-4 pointer-coarse:min-h-[44px]" onClick={onAll}>
              {CHECK.all(view.assumptions.length)}
            </button>
          </span>
        </div>
        <ul className="mt-1 grid gap-x-6 text-small min-[43.75rem]:grid-cols-2">
          {assumed.slice(0, SHOWN).map((a) => (
            <li key={a.code} className="flex items-baseline gap-2 leading-[1.3]">
              <Provenance from={a.origin} />
              <span>{ASSUMED_WORDS[a.code](a.value, a.tolerance)}</span>
            </li>
          ))}
        </ul>
      </section>
      {sensitivities !== undefined && (
        <section className="note-straw px-3 py-2 text-small leading-[1.45]">
          <h2 className="font-bold">{sizeOnly ? CHECK.readNext : CHECK.measureNext}</h2>
          <p>
            {sizeOnly
              ? CHECK.fromSize(sensitivities.flatMap((s) => PLATE_FIGURES[s.code] ?? []).slice(0, NARROWING))
              : code === undefined
                ? CHECK.nothingToMeasure
                : measureNext(
                    code,
                    amps === undefined ? null : { now: amps.nowA, measured: amps.measuredA },
                    narrows === undefined ? null : { now: narrows.nowSpread, measured: narrows.thenSpread },
                  )}
          </p>
        </section>
      )}
    </div>
  );
}
