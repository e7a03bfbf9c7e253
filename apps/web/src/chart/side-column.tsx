import { scaleLinear } from "d3-scale";
import { Halo } from "./halo.tsx";
import type { TimeScale } from "./time-scale.ts";
import { type TraceLine, TracePath } from "./trace-line.tsx";

interface SideColumnProps {
  readonly title: string;
  readonly top: number;
  readonly most: number;
  readonly left: number;
  readonly width: number;
  readonly time: TimeScale;
  readonly bottom: number;
  readonly planned: TraceLine;
  readonly before: TraceLine | null;
  readonly of: (p: TraceLine["points"][number]) => number;
  readonly steadyOf: (trace: TraceLine) => number | null;
  readonly notes: readonly { readonly at: "start" | "steady" | "before"; readonly text: string; readonly t: number }[];
}

const RULE = 30;

/** A narrow column beside the amps, sharing its time: volts or speed on a small rule of its own. */
export function SideColumn({ title, top, most, left, width, time, bottom, planned, before, of, steadyOf, notes }: SideColumnProps) {
  const x = scaleLinear([0, most], [left + 1, left + width - 10]);
  const minutes = [time.tearY + 12, bottom] as const;
  const draw = (trace: TraceLine, look: "planned" | "before") => (
    <TracePath
      trace={trace}
      of={of}
      steady={steadyOf(trace)}
      x={(v) => x(Math.min(v, most))}
      y={time.y}
      shownS={time.shownS}
      minutes={minutes}
      look={look}
      thin
    />
  );
  return (
    <g>
      <text x={left} y={top - 8} fontWeight="700" fontSize="14.5" fill="var(--ink)">
        {title}
      </text>
      <rect x={left} y={top} width={width} height={RULE} fill="var(--bench)" stroke="var(--ink)" strokeWidth="1.5" />
      <line x1={x(most)} x2={x(most)} y1={top} y2={top + 12} stroke="var(--ink)" strokeWidth="1.5" />
      <text x={left + 5} y={top + RULE - 7} className="figure" fontSize="13.5" fontWeight="600" fill="var(--ink)">
        0
      </text>
      <text x={left + width - 14} y={top + RULE - 7} textAnchor="end" className="figure" fontSize="13.5" fontWeight="600" fill="var(--ink)">
        {most}
      </text>
      {time.seconds.map((s) => (
        <line key={s} x1={left} x2={left + width} y1={time.y(s)} y2={time.y(s)} stroke="var(--hair)" />
      ))}
      <line x1={left} x2={left} y1={top + RULE} y2={bottom} stroke="var(--ink)" strokeWidth="1.5" />
      {before !== null && draw(before, "before")}
      {draw(planned, "planned")}
      {notes.map((note) => (
        <Halo
          key={note.text + note.at}
          x={left + width / 2}
          y={note.at === "steady" ? (minutes[0] + minutes[1]) / 2 + 5 : time.y(note.t)}
          anchor="middle"
          size={15}
          weight={700}
          fill={note.at === "before" ? "var(--ink)" : "var(--steel)"}
        >
          {note.text}
        </Halo>
      ))}
    </g>
  );
}
