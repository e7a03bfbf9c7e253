import { formatNumber, formatVolts } from "@amp-saver/core/quantity";
import { CHECK } from "../words/check.ts";
import type { PictureTrace } from "./picture-trace.ts";
import { SideColumn } from "./side-column.tsx";
import { Tear } from "./tear.tsx";
import type { TimeScale } from "./time-scale.ts";

interface SideColumnsProps {
  readonly planned: PictureTrace;
  readonly before: PictureTrace | null;
  readonly nominalV: number;
  readonly synchronousRpm: number;
  readonly left: number;
  readonly width: number;
  readonly top: number;
  readonly time: TimeScale;
  readonly bottom: number;
}

const GAP = 14;
const WORTH_V = 2;

/** Volts at the unit and speed, each on a small rule, sharing the time of the amps. */
export function SideColumns({ planned, before, nominalV, synchronousRpm, left, width, top, time, bottom }: SideColumnsProps) {
  const late = time.shownS * 0.9;
  const volts = [
    { at: "start" as const, text: formatVolts(planned.lowestV), t: late },
    ...(planned.steadyV === null ? [] : [{ at: "steady" as const, text: formatVolts(planned.steadyV), t: 0 }]),
    ...(before === null || Math.abs(before.lowestV - planned.lowestV) < WORTH_V
      ? []
      : [{ at: "before" as const, text: formatVolts(before.lowestV), t: time.shownS * 0.36 }]),
  ];
  const lastRpm = planned.points.findLast((p) => p.t <= time.shownS)?.rpm ?? 0;
  const shared = { width, top, time, bottom, planned, before };
  return (
    <g>
      <SideColumn
        {...shared}
        title={CHECK.volts}
        most={nominalV}
        left={left}
        of={(p) => p.volts}
        steadyOf={(t) => t.steadyV}
        notes={volts}
      />
      <SideColumn
        {...shared}
        title={CHECK.rpm}
        most={Math.round(synchronousRpm)}
        left={left + width + GAP}
        of={(p) => p.rpm}
        steadyOf={(t) => t.steadyRpm}
        notes={[{ at: "start", text: formatNumber(lastRpm, 0), t: late }]}
      />
      <Tear from={left - 2} to={left + 2 * width + GAP + 2} y={time.tearY} />
    </g>
  );
}
