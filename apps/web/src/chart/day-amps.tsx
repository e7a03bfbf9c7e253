import { itemAt } from "@amp-saver/core/quantity";
import type { DayPictureProps } from "./day-props.ts";
import { type DayFrame, DayRow } from "./day-row.tsx";

interface DayAmpsProps extends DayPictureProps, DayFrame {
  readonly y: number;
  readonly height: number;
}

/** Tick marks of the amps, at most. */
const TICKS = [5, 10, 20, 25, 50, 100, 200] as const;

/** All amps together: what is given, what there is, and what is asked beyond it. */
export function DayAmps(props: DayAmpsProps) {
  const { lanes, availableA, askedA, words, x, y, height, left, beside } = props;
  const steps = availableA.length;
  const most = Math.max(...availableA, ...askedA, 1);
  const tick = TICKS.find((t) => most / t <= 4) ?? 200;
  const ay = (amps: number): number => y + height - (height * amps) / (most * 1.04);
  const given = Array.from({ length: steps }, (_, k) => lanes.reduce((sum, lane) => sum + itemAt(lane.amps, k), 0));
  const stepped = (values: readonly number[]): string =>
    values.map((a, k) => `${k === 0 ? "M" : "L"}${x(k)} ${ay(a)}H${x(k + 1)}`).join("");
  const between = (low: readonly number[], high: readonly number[]): string =>
    low.map((a, k) => (itemAt(high, k) > a ? `M${x(k)} ${ay(a)}V${ay(itemAt(high, k))}H${x(k + 1)}V${ay(a)}Z` : "")).join("");
  return (
    <DayRow {...props} name={words.amps} note={null}>
      {Array.from({ length: Math.floor(most / tick) }, (_, k) => (k + 1) * tick).map((amps) => (
        <g key={amps}>
          <line x1={left} x2={x(steps)} y1={ay(amps)} y2={ay(amps)} stroke="var(--hair)" strokeWidth="1" />
          <text x={left - 6} y={ay(amps) + 5} textAnchor="end" fontSize="13" className="figure" fill="var(--ink)">
            {beside && ay(amps) < y + NAME_BELOW ? "" : amps}
          </text>
        </g>
      ))}
      <path
        d={between(
          given.map(() => 0),
          given,
        )}
        fill="var(--steel)"
      />
      <path d={between(availableA, askedA)} fill="url(#hatch-lead)" />
      <path d={stepped(availableA)} fill="none" stroke="var(--lead)" strokeWidth="3" />
    </DayRow>
  );
}

/** Room that the name of the row takes at its top, px. */
const NAME_BELOW = 22;
