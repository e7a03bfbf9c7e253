import { line } from "d3-shape";

/** One line of a start: where it is at a moment, and where it ends up for good. */
export interface TraceLine {
  readonly points: readonly { readonly t: number; readonly amps: number; readonly volts: number; readonly rpm: number }[];
  readonly steadyA: number | null;
  readonly steadyV: number | null;
  readonly steadyRpm: number | null;
}

type Pick = (p: TraceLine["points"][number]) => number;

interface TracePathProps {
  readonly trace: TraceLine;
  readonly of: Pick;
  readonly steady: number | null;
  readonly x: (value: number) => number;
  readonly y: (seconds: number) => number;
  readonly shownS: number;
  readonly minutes: readonly [number, number];
  readonly look: "planned" | "before";
  readonly thin?: boolean;
}

/** A start as a line down the page: solid steel when planned, hollow when it is the one compared with. */
export function TracePath({ trace, of, steady, x, y, shownS, minutes, look, thin = false }: TracePathProps) {
  const shown = trace.points.filter((p) => p.t <= shownS + 1e-9);
  const first = shown[0];
  if (first === undefined) return null;
  const path =
    line<TraceLine["points"][number]>(
      (p) => x(of(p)),
      (p) => y(p.t),
    )(shown) ?? "";
  const d = `M${x(of(first))} ${y(0)}L${path.slice(1)}${steady === null ? "" : `M${x(steady)} ${minutes[0]}V${minutes[1]}`}`;
  const width = thin ? 4 : 5.5;
  if (look === "planned") return <path d={d} fill="none" stroke="var(--steel)" strokeWidth={width} strokeLinejoin="round" />;
  return (
    <g fill="none" strokeLinejoin="round">
      <path d={d} stroke="var(--ink)" strokeWidth={width} />
      <path d={d} stroke="var(--face)" strokeWidth={width - 3} />
    </g>
  );
}
