import type { Work } from "@amp-saver/records";
import { useRef } from "react";
import { FIT } from "../../words/fit.ts";
import type { SaveWork } from "../save-work.ts";

interface ScrewTallyProps {
  readonly work: Work;
  readonly save: SaveWork;
}

const MOST = 200;

/** Screws taken out and put back, one tap each: taps are counted from the tap before, not from what is kept by then. */
export function ScrewTally({ work, save }: ScrewTallyProps) {
  const told = useRef({ screwsOut: work.screwsOut, screwsIn: work.screwsIn, open: 0 });
  const count = (field: "screwsOut" | "screwsIn", by: 1 | -1): void => {
    if (told.current.open === 0) told.current = { screwsOut: work.screwsOut, screwsIn: work.screwsIn, open: 0 };
    const next = Math.min(MOST, Math.max(0, told.current[field] + by));
    told.current = { ...told.current, [field]: next, open: told.current.open + 1 };
    void save({ [field]: next }, field).finally(() => {
      told.current.open -= 1;
    });
  };
  const row = (field: "screwsOut" | "screwsIn", label: string) => (
    <div className="flex items-center justify-between gap-2 border-b border-hair py-1.5">
      <span className="text-[15.5px]">{label}</span>
      <span className="flex items-center gap-3">
        <button
          type="button"
          aria-label={`${label}: one less`}
          disabled={work[field] === 0}
          onClick={() => count(field, -1)}
          className="edge min-h-[48px] min-w-[48px] bg-face text-[20px] font-semibold disabled:opacity-60"
        >
          −
        </button>
        <output className="figure w-[32px] text-center text-[20px]">{work[field]}</output>
        <button
          type="button"
          aria-label={FIT.screwsCount(label)}
          disabled={work[field] >= MOST}
          onClick={() => count(field, 1)}
          className="edge min-h-[48px] min-w-[48px] bg-face text-[20px] font-semibold disabled:opacity-60"
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
    </section>
  );
}
