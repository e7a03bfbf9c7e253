import { formatAmps, itemAt } from "@amp-saver/core/quantity";
import { PROVE } from "../words/prove.ts";
import { AmpRule, RULE_HEIGHT } from "./amp-rule.tsx";
import { ampScale } from "./amp-scale.ts";
import { Halo } from "./halo.tsx";
import { Dimension, SplitDimension } from "./headroom.tsx";
import { Uprights } from "./strokes.tsx";

/** One side of a comparison: its middle and every reading that counts. */
export interface SideBar {
  readonly middleA: number;
  readonly each: readonly { readonly id: string; readonly amps: number }[];
  readonly under: string;
}

export interface ReadingsPictureProps {
  readonly width: number;
  readonly mostA: number;
  readonly before: SideBar | null;
  readonly after: SideBar | null;
  readonly left: readonly { readonly amps: number; readonly why: string }[];
  readonly running: {
    readonly beforeA: number;
    readonly afterA: number;
    readonly verdict: Parameters<typeof PROVE.runningAfter>[1];
  } | null;
  /** Whether the sides are before and after the work, or two visits after it. */
  readonly sides?: "work" | "visits";
}

const ROW = 48;
const BAR = 24;

/** Start amps before and after under one rule, every reading a stroke, what was left out a cross. */
export function ReadingsPicture({ width, mostA, before, after, left: out, running, sides }: ReadingsPictureProps) {
  const words = sides === "visits" ? PROVE.visitSides : PROVE;
  const narrow = width < 520;
  const left = narrow ? 74 : 126;
  const scale = ampScale([mostA], null, left, width - 12);
  let y = RULE_HEIGHT + 16;
  const take = (height: number): number => {
    const at = y;
    y += height;
    return at;
  };
  const beforeY = take(ROW);
  const afterY = take(ROW);
  const outY = out.map(() => take(narrow ? 42 : 36));
  const runningY = running === null ? 0 : take(ROW);
  const height = y + 4;
  return (
    <svg width={width} height={height} role="img" aria-label={words.pictureLabel} className="block">
      <Uprights at={scale.ticks.map(scale.x)} from={RULE_HEIGHT} to={height} stroke="var(--hair)" />
      <line x1={scale.x(0)} x2={scale.x(0)} y1={RULE_HEIGHT} y2={height} stroke="var(--ink)" strokeWidth="1.5" />
      <AmpRule scale={scale} y={0} {...(!narrow && { label: PROVE.rule })} />
      <RowTitle y={beforeY} title={words.before} under={before?.under ?? ""} x={left - 12} />
      {before !== null && <Side side={before} y={beforeY} x={scale.x} look="before" />}
      <RowTitle y={afterY} title={words.after} under={after?.under ?? ""} x={left - 12} />
      {after !== null && <Side side={after} y={afterY} x={scale.x} look="after" />}
      {before !== null && after !== null && before.middleA > after.middleA && (
        <Difference
          from={scale.x(after.middleA)}
          to={scale.x(before.middleA)}
          y={afterY + BAR / 2 + 2}
          amps={before.middleA - after.middleA}
          top={beforeY + BAR + 4}
        />
      )}
      {out.map((reading, i) => (
        <LeftOut
          key={`${reading.amps}${reading.why}${outY[i]}`}
          reading={reading}
          y={itemAt(outY, i) + 12}
          x={scale.x(reading.amps)}
          first={i === 0}
          titleX={left - 12}
          right={width}
          narrow={narrow}
        />
      ))}
      {running !== null && (
        <g>
          <RowTitle y={runningY} title={PROVE.running} under={words.runningBoth} x={left - 12} />
          <rect
            x={scale.x(0)}
            y={runningY}
            width={scale.x(running.beforeA) - scale.x(0)}
            height="12"
            fill="var(--face)"
            stroke="var(--ink)"
            strokeWidth="2"
          />
          <rect x={scale.x(0)} y={runningY + 17} width={scale.x(running.afterA) - scale.x(0)} height="12" fill="var(--steel)" />
          <Halo x={scale.x(running.beforeA) + 10} y={runningY + 11}>
            {words.runningBefore(running.beforeA)}
          </Halo>
          <Halo x={scale.x(running.afterA) + 10} y={runningY + 29} fill="var(--steel)">
            {narrow ? words.runningAfterShort(running.afterA) : words.runningAfter(running.afterA, running.verdict)}
          </Halo>
        </g>
      )}
    </svg>
  );
}

function RowTitle({ y, title, under, x }: { readonly y: number; readonly title: string; readonly under: string; readonly x: number }) {
  return (
    <g textAnchor="end" fill="var(--ink)">
      <text x={x} y={y + 12} fontWeight="700" fontSize="15">
        {title}
      </text>
      <text x={x} y={y + 29} fontSize="13.5" fill="var(--ink2)">
        {under}
      </text>
    </g>
  );
}

function Side({
  side,
  y,
  x,
  look,
}: {
  readonly side: SideBar;
  readonly y: number;
  readonly x: (a: number) => number;
  readonly look: "before" | "after";
}) {
  const after = look === "after";
  const width = x(side.middleA) - x(0);
  return (
    <g>
      <rect
        x={x(0)}
        y={y + 2}
        width={width}
        height={BAR}
        fill={after ? "var(--steel)" : "var(--face)"}
        stroke={after ? "none" : "var(--ink)"}
        strokeWidth="2.4"
      />
      {side.each.map(({ id, amps }) => (
        <line
          key={id}
          x1={x(amps)}
          x2={x(amps)}
          y1={y - 3}
          y2={y + BAR + 7}
          stroke={after ? "var(--steel)" : "var(--ink)"}
          strokeWidth="2"
        />
      ))}
      <text x={x(0) + 10} y={y + 20} fill={after ? "var(--on-steel)" : "var(--ink)"} fontSize="14.5">
        <tspan className="figure" fontSize="17">
          {formatAmps(side.middleA)}
        </tspan>
        {width > 190 && <tspan dx="8">{PROVE.middle(side.each.length)}</tspan>}
      </text>
    </g>
  );
}

function Difference({
  from,
  to,
  y,
  amps,
  top,
}: {
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly amps: number;
  readonly top: number;
}) {
  const room = to - from;
  if (room < 60) return null;
  return (
    <g>
      <line x1={to} x2={to} y1={top} y2={y + 14} stroke="var(--ink)" strokeWidth="1.2" />
      {room > 150 ? <SplitDimension from={from + 4} to={to} y={y} gap={72} /> : <Dimension from={from + 4} to={to} y={y} />}
      {room > 150 && (
        <Halo x={(from + to) / 2} y={y + 8} anchor="middle" size={22} figure>
          {formatAmps(amps)} {PROVE.less}
        </Halo>
      )}
    </g>
  );
}

interface LeftOutProps {
  readonly reading: { readonly amps: number; readonly why: string };
  readonly y: number;
  readonly x: number;
  readonly first: boolean;
  readonly titleX: number;
  readonly right: number;
  readonly narrow: boolean;
}

function LeftOut({ reading, y, x, first, titleX, right, narrow }: LeftOutProps) {
  const fitsRight = x + 80 + reading.why.length * 7 < right;
  const why = narrow ? "" : ` ${reading.why}`;
  return (
    <g>
      {first && (
        <text x={titleX} y={y + 4} textAnchor="end" fontWeight="700" fontSize="15" fill="var(--ink)">
          {PROVE.leftOut}
        </text>
      )}
      <path d={`M${x - 6} ${y - 6}l12 12m0 -12l-12 12`} stroke="var(--ink)" strokeWidth="2.6" />
      <Halo x={fitsRight || narrow ? x + 14 : x - 14} y={y + 5} anchor={fitsRight || narrow ? "start" : "end"} weight={400}>
        {formatAmps(reading.amps)}
        {why}
      </Halo>
    </g>
  );
}
