import { formatAmps } from "@amp-saver/core/quantity";
import { CHECK } from "../words/check.ts";
import type { Gap } from "./headroom.tsx";

/** The figure of a gap right of its picture, marked when it decides. */
export function SideFigure({ gap, x, y, right }: { readonly gap: Gap; readonly x: number; readonly y: number; readonly right: number }) {
  if (gap.spareA === null) {
    return (
      <text x={x} y={y + 30} fontSize="15" fill="var(--ink2)">
        {CHECK.noGap}
      </text>
    );
  }
  const over = gap.spareA <= 0;
  const figure = formatAmps(Math.abs(gap.spareA));
  const width = figure.length * 15.6;
  return (
    <foreignObject x={x} y={y - 4} width={right - x} height="66">
      <div className="leading-tight">
        <span
          className={`figure text-answer whitespace-nowrap ${gap.decides ? "decides" : ""} ${over ? "text-lead" : ""}`}
          style={{ minWidth: width }}
        >
          {figure}
        </span>
        <span className="ml-1.5 text-body font-semibold">{over ? CHECK.over : CHECK.toSpare}</span>
        <div className="text-small leading-[1.2] text-ink2">{gap.limitWord}</div>
      </div>
    </foreignObject>
  );
}
