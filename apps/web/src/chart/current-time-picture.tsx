import { PICTURES } from "../words/pictures.ts";
import { Halo } from "./halo.tsx";
import { type LogScale, logScale } from "./log-scale.ts";
import { Levels, Uprights } from "./strokes.tsx";

interface Point {
  readonly amps: number;
  readonly seconds: number;
}

/** What limits the current for how long: a breaker's band, or a source's steps. */
interface CurrentTimeLimit {
  /** Edge at which it may let go, and the one by which it has; the same where it is one line. */
  readonly earliest: readonly Point[];
  readonly latest: readonly Point[];
  readonly label: string;
}

export interface CurrentTimePictureProps {
  readonly width: number;
  readonly height: number;
  readonly traces: readonly { readonly points: readonly Point[]; readonly look: "planned" | "before"; readonly label: string }[];
  readonly limit: CurrentTimeLimit | null;
  readonly readA: number | null;
  readonly label: string;
}

const LEAST_S = 0.01;
const MOST_S = 3600;
const RULE = 30;

/** Where the picture's scales lie; shared with whoever reads it out. */
export function currentTimeScales({
  width,
  height,
  traces,
  limit,
}: Pick<CurrentTimePictureProps, "width" | "height" | "traces" | "limit">): {
  readonly x: LogScale;
  readonly y: LogScale;
} {
  const amps = [...traces.flatMap((t) => t.points), ...(limit?.earliest ?? []), ...(limit?.latest ?? [])].map((p) => p.amps);
  const most = Math.max(20, ...amps) * 1.15;
  const least = Math.max(1, Math.min(10, ...amps) * 0.8);
  return {
    x: logScale(least, most, width < 520 ? 58 : 74, width - 16),
    y: logScale(LEAST_S, MOST_S, RULE + 14, height - 10),
  };
}

/** How long a start stays at or above each current, over the band of a breaker or the steps of a source. Both axes logarithmic, time down. */
export function CurrentTimePicture(props: CurrentTimePictureProps) {
  const { width, height, traces, limit, readA, label } = props;
  const { x, y } = currentTimeScales(props);
  const left = x.at(x.from);
  const right = x.at(x.to);
  const line = (points: readonly Point[]): string =>
    points.map((p, i) => `${i === 0 ? "M" : "L"}${x.at(p.amps).toFixed(1)} ${y.at(p.seconds).toFixed(1)}`).join("");
  return (
    <svg width={width} height={height} role="img" aria-label={label} className="block">
      <Uprights at={x.ticks.map(x.at)} from={RULE} to={height - 10} stroke="var(--hair)" />
      <Levels at={y.ticks.map(y.at)} from={left} to={right} stroke="var(--hair)" />
      {limit !== null && (
        <g>
          <path d={`${line(limit.earliest)}${line(limit.latest.toReversed()).replace("M", "L")}Z`} fill="url(#hatch-lead)" opacity="0.55" />
          <path d={line(limit.latest)} fill="none" stroke="var(--lead)" strokeWidth="1.5" />
          <path d={line(limit.earliest)} transform="translate(7 0)" fill="none" stroke="url(#hatch-lead)" strokeWidth="11" />
          <path d={line(limit.earliest)} fill="none" stroke="var(--lead)" strokeWidth="3" />
        </g>
      )}
      {traces.map(({ points, look, label: name }) =>
        look === "before" ? (
          <g key={name}>
            <path d={line(points)} fill="none" stroke="var(--ink)" strokeWidth="5.5" strokeLinejoin="round" />
            <path d={line(points)} fill="none" stroke="var(--face)" strokeWidth="2.5" strokeLinejoin="round" />
          </g>
        ) : (
          <path key={name} d={line(points)} fill="none" stroke="var(--steel)" strokeWidth="5.5" strokeLinejoin="round" />
        ),
      )}
      {limit !== null && <LimitLabel limit={limit} x={x} y={y} />}
      {traces.map(({ points, look, label: name }, i) => (
        <TraceLabel
          key={name}
          points={points}
          name={name}
          share={0.25 + 0.3 * i}
          x={x}
          y={y}
          fill={look === "before" ? "var(--ink)" : "var(--steel)"}
        />
      ))}
      <LogRule x={x} width={width} />
      {y.ticks
        .filter((s) => /^[15]/.test(s.toExponential()))
        .map((s) => (
          <text key={s} x={left - 10} y={y.at(s) + 5} textAnchor="end" fontSize="13.5" fill="var(--ink2)">
            {PICTURES.tick(s)}
          </text>
        ))}
      {readA !== null && (
        <g data-screen-only="">
          <line x1={x.at(readA)} x2={x.at(readA)} y1={RULE} y2={height - 10} stroke="var(--ink)" strokeWidth="1.5" />
          <rect x={x.at(readA) - 11} y={0} width="22" height="31" fill="var(--face)" stroke="var(--ink)" strokeWidth="1.8" />
          <line x1={x.at(readA)} x2={x.at(readA)} y1={0} y2={31} stroke="var(--ink)" strokeWidth="1.2" />
        </g>
      )}
    </svg>
  );
}

function LogRule({ x, width }: { readonly x: LogScale; readonly width: number }) {
  const left = x.at(x.from);
  const right = x.at(x.to);
  return (
    <g>
      <rect x={left - 4} y={0} width={right - left + 8} height={RULE} fill="var(--bench)" stroke="var(--ink)" strokeWidth="1.5" />
      <Uprights at={x.ticks.map(x.at)} from={0} to={RULE * 0.46} stroke="var(--ink)" strokeWidth="1.8" />
      {x.ticks
        .filter((a) => x.at(a) + 26 < right)
        .map((a) => (
          <text key={a} x={x.at(a) + 4} y={RULE - 7} className="figure" fontSize="14.5" fontWeight="600" fill="var(--ink)">
            {a}
          </text>
        ))}
      {width >= 520 && (
        <text x={left - 12} y={RULE - 9} textAnchor="end" fontWeight="700" fontSize="14.5" fill="var(--ink)">
          {PICTURES.amps}
        </text>
      )}
    </g>
  );
}

interface Scales {
  readonly x: LogScale;
  readonly y: LogScale;
}

function LimitLabel({ limit, x, y }: { readonly limit: CurrentTimeLimit } & Scales) {
  const at = limit.earliest[0];
  if (at === undefined) return null;
  const left = Math.min(x.at(at.amps) + 14, x.at(x.to) - limit.label.length * 7.3);
  return (
    <Halo x={left} y={Math.min(y.at(at.seconds) - 8, y.at(y.to) - 6)} fill="var(--lead)" weight={700}>
      {limit.label}
    </Halo>
  );
}

function TraceLabel({
  points,
  name,
  share,
  x,
  y,
  fill,
}: { readonly points: readonly Point[]; readonly name: string; readonly share: number; readonly fill: string } & Scales) {
  const at = points[Math.floor((points.length - 1) * share)];
  if (at === undefined) return null;
  const span = name.length * 7.4;
  const before = x.at(at.amps) - 12 - span > x.at(x.from);
  return (
    <Halo
      x={before ? x.at(at.amps) - 12 : x.at(at.amps) + 14}
      y={y.at(at.seconds) - 6}
      anchor={before ? "end" : "start"}
      fill={fill}
      weight={700}
    >
      {name}
    </Halo>
  );
}
