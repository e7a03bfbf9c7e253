import { formatNumber } from "@amp-saver/core/quantity";
import { Button } from "../../ui/button.tsx";
import { type FitName, VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { CHOOSE } from "../../words/choose.ts";
import { FIT_WORDS } from "../../words/common.ts";

interface RemedyRowProps {
  readonly name: string;
  readonly gives: string;
  readonly noise: string;
  readonly remedy: {
    readonly fit: FitName;
    readonly starts: boolean;
    readonly startMarginA: number | null;
    readonly runMarginA: number | null;
    readonly usd: number;
    readonly kg: number;
    readonly workMin: number;
  };
  /** In how many trials it held; null while they go on. */
  readonly share: { readonly holds: number; readonly trials: number } | null;
  readonly best: boolean;
  readonly onOpen: (() => void) | null;
}

/** One remedy: its fit, what is to spare, how sure, what it costs in money and otherwise. */
export function RemedyRow({ name, gives, noise, remedy, share, best, onOpen }: RemedyRowProps) {
  const { fit, starts, startMarginA, runMarginA, usd, kg, workMin } = remedy;
  const start = !starts ? CHOOSE.noStart : startMarginA !== null && startMarginA <= 0 ? CHOOSE.leans : CHOOSE.spare(startMarginA);
  return (
    <li className="border-b border-hair py-2">
      <div className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1">
        <span className="min-w-[220px] grow">
          <span className={`text-[16px] font-bold ${best ? "decides" : ""}`}>{name}</span>
          {best && <span className="ml-2 text-[14px] font-semibold">{CHOOSE.best}</span>}
        </span>
        <span className="flex w-[150px] items-center gap-2.5">
          <VerdictGlyph fit={fit} />
          <span aria-hidden="true">{FIT_WORDS[fit]}</span>
        </span>
        {onOpen !== null && (
          <Button onClick={onOpen} aria-label={CHOOSE.openOf(name)} className="whitespace-nowrap">
            {CHOOSE.open}
          </Button>
        )}
      </div>
      <dl className="mt-1 grid grid-cols-3 gap-x-4 gap-y-1 min-[700px]:grid-cols-7">
        <Cell label={CHOOSE.heads.start} text={start} />
        <Cell label={CHOOSE.heads.run} text={starts ? CHOOSE.spare(runMarginA) : "–"} />
        <Cell label={CHOOSE.heads.held} text={share === null ? CHOOSE.trying : CHOOSE.held(share.holds, share.trials)} />
        <Cell label={CHOOSE.heads.usd} text={formatNumber(usd, 0)} />
        <Cell label={CHOOSE.heads.kg} text={kg === 0 ? "–" : CHOOSE.kg(kg)} />
        <Cell label={CHOOSE.heads.work} text={workMin === 0 ? "–" : CHOOSE.work(workMin)} />
        <Cell label={CHOOSE.heads.noise} text={noise} />
      </dl>
      <p className="mt-0.5 text-[14.5px] leading-[18px] text-ink2">{gives}</p>
    </li>
  );
}

function Cell({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <div>
      <dt className="text-[13.5px] leading-[15px] text-ink2">{label}</dt>
      <dd className="figure text-[16px] leading-[19px]">{text}</dd>
    </div>
  );
}
