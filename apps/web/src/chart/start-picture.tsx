import { useFramesDrawn } from "../ui/later.tsx";
import { CHECK } from "../words/check.ts";
import { AmpRule, RULE_HEIGHT } from "./amp-rule.tsx";
import { ampScale } from "./amp-scale.ts";
import { Halo } from "./halo.tsx";
import { GAP_HEIGHT, type Gap, HeadroomRow } from "./headroom.tsx";
import type { PictureTrace } from "./picture-trace.ts";
import { SideColumns } from "./side-columns.tsx";
import { SideFigure } from "./side-figure.tsx";
import { Levels, Uprights } from "./strokes.tsx";
import { Tear } from "./tear.tsx";
import { TimeLabels } from "./time-labels.tsx";
import { timeScale } from "./time-scale.ts";
import { TracePath } from "./trace-line.tsx";

export interface StartPictureProps {
  readonly width: number;
  readonly height: number;
  readonly start: Gap;
  readonly run: Gap | null;
  readonly planned: PictureTrace;
  readonly before: PictureTrace | null;
  readonly nominalV: number;
  readonly synchronousRpm: number;
  readonly minutesWall: string;
  readonly label: string;
  /** On a narrow page: amps, or volts and speed. */
  readonly show: "amps" | "sides";
  /** Moment that is read out, s; null for none. */
  readonly readS?: number | null;
  readonly onReadS?: (seconds: number) => void;
}

const NARROW_BELOW = 620;
const SIDE = 86;

/** Headroom, rule and trace over one scale of amps, with volts and speed beside it. */
export function StartPicture(props: StartPictureProps) {
  const { width, height, start, run, planned, before, label } = props;
  const narrow = width < NARROW_BELOW;
  // A slow phone draws first what is needed and what there is: the traces stand under it.
  const tracesDrawn = useFramesDrawn(1, !narrow);
  const left = narrow ? 64 : 68;
  const right = narrow ? width - 10 : width - 2 * SIDE - 30;
  const ruleY = GAP_HEIGHT * (run === null ? 1 : 2) + 4;
  const bottom = height - 6;
  const time = timeScale(Math.max(planned.lastS, before?.lastS ?? 0), ruleY + RULE_HEIGHT + 10, bottom, Math.max(56, height * 0.15));
  const near = [
    start.neededA,
    planned.peakA,
    planned.drawnA ?? 0,
    before?.peakA ?? 0,
    before?.drawnA ?? 0,
    run?.neededA ?? 0,
    run?.availableA ?? 0,
  ];
  const scale = ampScale(near, start.availableA, left, right);
  const columns = !narrow || props.show === "sides";
  return (
    <svg width={width} height={height} role="img" aria-label={label} className="block">
      {!(narrow && props.show === "sides") && (
        <>
          <rect x={left - 6} y="0" width="5" height={ruleY} fill="var(--ink)" />
          <HeadroomRow gap={start} scale={scale} y={2} ruleY={ruleY} side={!narrow} />
          {run !== null && <HeadroomRow gap={run} scale={scale} y={2 + GAP_HEIGHT} ruleY={ruleY} side={!narrow} />}
          {!narrow && <SideFigure gap={start} x={right + 18} y={2} right={width} />}
          {!narrow && run !== null && <SideFigure gap={run} x={right + 18} y={2 + GAP_HEIGHT} right={width} />}
          {tracesDrawn && <Amps {...props} scale={scale} time={time} bottom={bottom} narrow={narrow} />}
          <AmpRule scale={scale} y={ruleY} {...(!narrow && { label: CHECK.amps })} />
        </>
      )}
      {columns && (
        <SideColumns
          planned={planned}
          before={before}
          nominalV={props.nominalV}
          synchronousRpm={props.synchronousRpm}
          left={narrow ? left : right + 18}
          width={narrow ? (width - left - 40) / 2 : SIDE}
          top={ruleY}
          time={time}
          bottom={bottom}
        />
      )}
      {tracesDrawn && <TimeLabels time={time} x={left - 12} />}
      <ReadCursor time={time} width={width} readS={props.readS ?? null} onReadS={props.onReadS} />
    </svg>
  );
}

interface ReadCursorProps {
  readonly time: ReturnType<typeof timeScale>;
  readonly width: number;
  readonly readS: number | null;
  readonly onReadS: ((seconds: number) => void) | undefined;
}

/** Where the picture is read out: a hairline across it, moved by pointer, touch or the keys of the frame around it. */
function ReadCursor({ time, width, readS, onReadS }: ReadCursorProps) {
  const top = time.y(0);
  const tall = time.y(time.shownS) - top;
  const read = (event: React.PointerEvent<SVGRectElement>): void => {
    const box = event.currentTarget.getBoundingClientRect();
    onReadS?.(Math.max(0, Math.min(1, (event.clientY - box.top) / box.height)) * time.shownS);
  };
  return (
    <g data-screen-only="">
      {readS !== null && (
        <g>
          <line x1={0} x2={width} y1={time.y(readS)} y2={time.y(readS)} stroke="var(--ink)" strokeWidth="1.2" />
          <rect x={0} y={time.y(readS) - 11} width="31" height="22" fill="var(--face)" stroke="var(--ink)" strokeWidth="1.8" />
          <line x1={0} x2={31} y1={time.y(readS)} y2={time.y(readS)} stroke="var(--ink)" strokeWidth="1.2" />
        </g>
      )}
      {onReadS !== undefined && (
        <rect x={0} y={top} width={width} height={tall} fill="transparent" onPointerMove={read} onPointerDown={read} />
      )}
    </g>
  );
}

interface Laid {
  readonly time: ReturnType<typeof timeScale>;
  readonly bottom: number;
}

function Amps({
  planned,
  before,
  start,
  run,
  minutesWall,
  scale,
  time,
  bottom,
  narrow,
}: StartPictureProps & Laid & { readonly scale: ReturnType<typeof ampScale>; readonly narrow: boolean }) {
  const minutes = [time.tearY + 12, bottom] as const;
  const top = time.y(0) - 10;
  const end = time.y(time.shownS) + 8;
  const path = (trace: PictureTrace, look: "planned" | "before") => (
    <TracePath
      trace={trace}
      of={(p) => p.amps}
      steady={trace.steadyA}
      x={scale.x}
      y={time.y}
      shownS={time.shownS}
      minutes={minutes}
      look={look}
    />
  );
  return (
    <g>
      <Uprights at={scale.ticks.map(scale.x)} from={top} to={bottom} stroke="var(--hair)" />
      <Levels
        at={[...time.seconds.map(time.y), ...time.minutes.map(time.yMinutes)]}
        from={scale.left}
        to={scale.right}
        stroke="var(--hair)"
      />
      <line x1={scale.left} x2={scale.left} y1={top} y2={bottom} stroke="var(--ink)" strokeWidth="1.5" />
      {start.availableA !== null && <LimitLine x={scale.x(start.availableA)} from={top} to={end} />}
      {run?.availableA !== null && run !== null && <LimitLine x={scale.x(run.availableA)} from={minutes[0]} to={minutes[1]} />}
      {[before, planned].map((trace) =>
        trace?.drawnA == null ? null : (
          <line
            key={trace.drawnLabel}
            x1={scale.x(trace.drawnA)}
            x2={scale.x(trace.drawnA)}
            y1={time.y(0)}
            y2={time.y(Math.min(time.shownS, trace.lastS))}
            stroke="var(--ink)"
            strokeWidth="2.6"
            strokeDasharray="0.1 7"
            strokeLinecap="round"
          />
        ),
      )}
      {before !== null && path(before, "before")}
      {path(planned, "planned")}
      <Tear from={scale.left - 4} to={scale.right} y={time.tearY} />
      <LineLabel trace={planned} scale={scale} time={time} share={0.2} fill="var(--steel)" narrow={narrow} />
      {before !== null && <LineLabel trace={before} scale={scale} time={time} share={0.52} fill="var(--ink)" narrow={narrow} />}
      {[planned, before].map((trace, i) =>
        trace?.drawnA == null || narrow ? null : (
          <Halo key={trace.drawnLabel} x={scale.x(trace.drawnA) - 8} y={time.y(time.shownS * (0.93 - 0.12 * i))} anchor="end">
            {trace.drawnLabel}
          </Halo>
        ),
      )}
      {run !== null && run.availableA !== null && (
        <Halo
          {...beside(scale.x(run.availableA), scale.right, minutesWall.length)}
          y={(minutes[0] + minutes[1]) / 2 + 5}
          fill="var(--lead)"
          weight={700}
        >
          {minutesWall}
        </Halo>
      )}
    </g>
  );
}

function LimitLine({ x, from, to }: { readonly x: number; readonly from: number; readonly to: number }) {
  return (
    <g>
      <rect x={x + 2} y={from} width="8" height={to - from} fill="url(#hatch-lead)" />
      <line x1={x} x2={x} y1={from} y2={to} stroke="var(--lead)" strokeWidth="3" />
    </g>
  );
}

/** Right of a line where there is room, else left of it. */
function beside(x: number, right: number, letters: number): { readonly x: number; readonly anchor: "start" | "end" } {
  return x + 16 + letters * 7.4 < right ? { x: x + 16, anchor: "start" } : { x: x - 12, anchor: "end" };
}

function LineLabel({
  trace,
  scale,
  time,
  share,
  fill,
  narrow,
}: {
  readonly trace: PictureTrace;
  readonly scale: ReturnType<typeof ampScale>;
  readonly time: ReturnType<typeof timeScale>;
  readonly share: number;
  readonly fill: string;
  readonly narrow: boolean;
}) {
  const t = time.shownS * share;
  const at = trace.points.findLast((p) => p.t <= t) ?? trace.points[0];
  if (at === undefined) return null;
  const x = scale.x(at.amps);
  const text = narrow ? trace.short : trace.label;
  const span = text.length * 7.4;
  const place =
    x - 14 - span > scale.left
      ? { x: x - 12, anchor: "end" as const }
      : { x: Math.max(scale.left + 6, Math.min(x + 14, scale.right - span)), anchor: "start" as const };
  return (
    <Halo {...place} y={time.y(t) + 5} fill={fill} size={narrow ? 14 : 14.5} weight={700}>
      {text}
    </Halo>
  );
}
