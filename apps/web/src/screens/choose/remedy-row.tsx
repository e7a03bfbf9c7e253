import { formatNumber } from "@amp-saver/core/quantity";
import { Button } from "../../ui/button.tsx";
import { type FitName, VerdictGlyph } from "../../ui/verdict-glyph.tsx";
import { CHOOSE } from "../../words/choose.ts";
import { FIT_WORDS } from "../../words/common.ts";

interface RemedyRowProps {
  readonly name: string;
  readonly gives: string;
  readonly remedy: {
    readonly fit: FitName;
    readonly starts: boolean;
    readonly startMarginA: number | null;
    readonly runMarginA: number | null;
    readonly usd: number;
  };
  readonly best: boolean;
  readonly onOpen: (() => void) | null;
}

/** One remedy: its fit, what is to spare, what it costs in money and otherwise. */
export function RemedyRow({ name, gives, remedy, best, onOpen }: RemedyRowProps) {
  const { fit, starts, startMarginA, runMarginA, usd } = remedy;
  const start = !starts ? CHOOSE.noStart : startMarginA !== null && startMarginA <= 0 ? CHOOSE.leans : CHOOSE.spare(startMarginA);
  return (
    <li className="grid items-center gap-x-5 gap-y-1 border-b border-hair py-2 max-[999px]:grid-cols-2 min-[1000px]:min-h-[58px] min-[1000px]:grid-cols-[minmax(230px,1.3fr)_150px_150px_130px_90px_minmax(180px,1.4fr)_150px]">
      <span className="max-[999px]:col-span-2">
        <span className={`text-[16px] font-bold ${best ? "decides" : ""}`}>{name}</span>
        {best && <span className="ml-2 text-[14px] font-semibold">{CHOOSE.best}</span>}
      </span>
      <span className="flex items-center gap-2.5">
        <VerdictGlyph fit={fit} />
        <span aria-hidden="true">{FIT_WORDS[fit]}</span>
      </span>
      <Cell label={CHOOSE.heads.start} text={start} />
      <Cell label={CHOOSE.heads.run} text={starts ? CHOOSE.spare(runMarginA) : ""} />
      <Cell label={CHOOSE.heads.usd} text={formatNumber(usd, 0)} />
      <span className="text-[14.5px] leading-[18px] text-ink2 max-[999px]:col-span-2">{gives}</span>
      {onOpen !== null && (
        <Button onClick={onOpen} aria-label={CHOOSE.openOf(name)} className="whitespace-nowrap max-[999px]:col-span-2">
          {CHOOSE.open}
        </Button>
      )}
    </li>
  );
}

function Cell({ label, text }: { readonly label: string; readonly text: string }) {
  return (
    <span>
      <span className="block text-[13.5px] leading-[15px] text-ink2">{label}</span>
      <span className="figure text-[16px]">{text}</span>
    </span>
  );
}
