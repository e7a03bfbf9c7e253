import type { FitLog } from "@amp-saver/records";
import { Button } from "../../ui/button.tsx";
import { FIT } from "../../words/fit.ts";
import type { SaveFitLog } from "../save-fit-log.ts";

interface ScrewTallyProps {
  readonly work: FitLog;
  readonly save: SaveFitLog;
}

const MOST = 200;

/** Screws taken out and put back, one tap each: each counts from what is kept when its turn comes, so that none is lost. */
export function ScrewTally({ work, save }: ScrewTallyProps) {
  const count = (field: "screwsOut" | "screwsIn", by: 1 | -1): void =>
    void save((kept) => ({ [field]: Math.min(MOST, Math.max(0, kept[field] + by)) }), field);
  const row = (field: "screwsOut" | "screwsIn", label: string) => (
    <div className="flex items-center justify-between gap-2 border-b border-hair py-1.5">
      <span className="text-body">{label}</span>
      <span className="flex items-center gap-3">
        <button
          type="button"
          aria-label={`${label}: one less`}
          disabled={work[field] === 0}
          onClick={() => count(field, -1)}
          className="edge min-h-[48px] min-w-[48px] bg-face text-large font-semibold disabled:opacity-60"
        >
          −
        </button>
        <output className="figure w-[32px] text-center text-large">{work[field]}</output>
        <button
          type="button"
          aria-label={FIT.screwsCount(label)}
          disabled={work[field] >= MOST}
          onClick={() => count(field, 1)}
          className="edge min-h-[48px] min-w-[48px] bg-face text-large font-semibold disabled:opacity-60"
        >
          +
        </button>
      </span>
    </div>
  );
  return (
    <section>
      {row("screwsOut", FIT.screwsOut)}
      {row("screwsIn", FIT.screwsIn)}
      {work.screwsIn < work.screwsOut && (
        <Button className="mt-2 min-h-[48px]" onClick={() => void save((kept) => ({ screwsIn: kept.screwsOut }), "screwsIn")}>
          {FIT.allScrewsIn(work.screwsOut)}
        </Button>
      )}
    </section>
  );
}
