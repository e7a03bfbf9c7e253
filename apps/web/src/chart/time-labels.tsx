import { formatNumber } from "@amp-saver/core/quantity";
import type { TimeScale } from "./time-scale.ts";

const UNITS = { s: "\u00a0s", min: "\u00a0min" } as const;

/** Seconds, then minutes, down the left edge. */
export function TimeLabels({ time, x }: { readonly time: TimeScale; readonly x: number }) {
  const tenths = time.seconds.every((s) => Math.abs(s * 10 - Math.round(s * 10)) < 1e-6);
  const rows = [
    ...time.seconds.map((s) => ({ y: time.y(s), text: formatNumber(s, tenths ? 1 : 2), unit: "s" as const })),
    ...time.minutes.map((m) => ({ y: time.yMinutes(m), text: String(m), unit: "min" as const })),
  ];
  return (
    <g fontSize="14" fill="var(--ink)" textAnchor="end">
      {rows.map(({ y, text, unit }) => (
        <text key={unit + text} x={x} y={y + 5}>
          {text}
          <tspan fontSize="13" fill="var(--ink2)">
            {UNITS[unit]}
          </tspan>
        </text>
      ))}
    </g>
  );
}
