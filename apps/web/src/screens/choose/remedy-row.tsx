import { figureText } from "@amp-saver/core/figure";
import { formatNumber } from "@amp-saver/core/quantity";
import type { AssessedRemedy } from "@amp-saver/core/study/remedy";
import type { Starter } from "@amp-saver/records";
import { useSettings } from "../../store/settings.tsx";
import { Button } from "../../ui/button.tsx";
import { OpenFigure } from "../../ui/open-figure.tsx";
import { VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { CHOOSE } from "../../words/choose.ts";
import { COMMON, FIT_WORDS } from "../../words/common.ts";
import { costOpened } from "./cost-opened.ts";

interface RemedyRowProps {
  readonly name: string;
  readonly gives: string;
  readonly noise: string;
  readonly remedy: AssessedRemedy;
  /** The starter of the catalogue it takes, where it takes one. */
  readonly starter: Starter | undefined;
  /** What marks it out among the others; null for nothing. */
  readonly mark: string | null;
  readonly onOpen: (() => void) | null;
}

/** One remedy: its fit, what is to spare, how sure, what it costs in money and otherwise. */
export function RemedyRow({ name, gives, noise, remedy, starter, mark, onOpen }: RemedyRowProps) {
  const { assessment, usd, kg, workMin } = remedy;
  const { measure, prices } = useSettings();
  const cost = costOpened(remedy, starter, prices, measure);
  const { start, run, tries, provisional } = assessment;
  const fit = provisional ? "not-known" : assessment.fit;
  return (
    <li className="when-near border-b border-hair py-2">
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <span className="min-w-[220px] grow">
          <span className={`text-body font-bold ${mark === CHOOSE.best ? "decides" : ""}`}>{name}</span>
          {mark !== null && <span className="ml-2 text-small font-semibold">{mark}</span>}
        </span>
        <span className="flex w-[150px] items-center gap-2.5">
          <VerdictGlyph fit={fit} />
          <span aria-hidden="true">{provisional ? COMMON.trying : FIT_WORDS[fit]}</span>
        </span>
        {onOpen !== null && (
          <Button onClick={onOpen} aria-label={CHOOSE.openOf(name)} className="whitespace-nowrap">
            {CHOOSE.open}
          </Button>
        )}
      </div>
      <dl className="mt-1 grid grid-cols-3 gap-x-4 gap-y-1 min-[43.75rem]:grid-cols-7">
        <Cell label={CHOOSE.heads.start} text={CHOOSE.spare(start.spareA)} />
        <Cell label={CHOOSE.heads.run} text={run === null ? "–" : CHOOSE.spare(run.spareA)} />
        <Cell label={CHOOSE.heads.held} text={tries === null ? CHOOSE.trying : CHOOSE.held(tries.holds, tries.trials)} />
        <Cell label={CHOOSE.heads.usd} text={formatNumber(usd, 0)} />
        <Cell label={CHOOSE.heads.kg} text={kg === 0 ? "–" : figureText("weightKg", measure, kg)} />
        <Cell label={CHOOSE.heads.work} text={workMin === 0 ? "–" : CHOOSE.work(workMin)} />
        <Cell label={CHOOSE.heads.noise} text={noise} />
      </dl>
      <p className="mt-0.5 text-small leading-[1.3] text-ink2">{gives}</p>
      {cost !== null && (
        <div className="*:border-b-0">
          <OpenFigure {...cost} />
        </div>
      )}
    </li>
  );
}

function Cell({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <div>
      <dt className="text-small leading-[1.15] text-ink2">{label}</dt>
      <dd className="figure text-body leading-[1.25] whitespace-nowrap">{text}</dd>
    </div>
  );
}
