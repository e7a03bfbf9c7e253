import { formatAmps } from "@amp-saver/core/quantity";
import { CHECK } from "../words/check.ts";
import type { AmpScale } from "./amp-scale.ts";
import { Halo } from "./halo.tsx";

/** One gap: what is needed, in pieces, and the wall. */
export interface Gap {
  readonly title: string;
  readonly loadsA: number;
  readonly fanA: number;
  readonly neededA: number;
  readonly availableA: number | null;
  readonly spareA: number | null;
  readonly toleranceA: number;
  readonly word: string;
  readonly limitWord: string;
  readonly decides: boolean;
}

export const GAP_HEIGHT = 66;
const BAR = 34;

/** A piece between its jaws: loads hatched, fan in upright lines, compressor solid, what lies beyond the wall cut off. */
export function HeadroomRow({
  gap,
  scale,
  y,
  ruleY,
  side,
}: {
  readonly gap: Gap;
  readonly scale: AmpScale;
  readonly y: number;
  readonly ruleY: number;
  readonly side: boolean;
}) {
  const { loadsA, fanA, neededA, availableA, spareA } = gap;
  const x0 = scale.x(0);
  const xLoads = scale.x(Math.min(loadsA, neededA));
  const xFan = scale.x(Math.min(loadsA + fanA, neededA));
  const xAsked = scale.x(neededA);
  const xLimit = availableA === null ? null : scale.x(availableA);
  const cut = xLimit === null ? xAsked : Math.min(xAsked, xLimit - 2);
  const over = spareA !== null && spareA <= 0;
  const top = y + 8;
  const roomInside = cut - xFan > 120;
  return (
    <g>
      <text x={x0 - 12} y={y + 22} textAnchor="end" fontWeight="700" fontSize="15.5" fill="var(--ink)">
        {gap.title}
      </text>
      <text x={x0 - 12} y={y + 41} textAnchor="end" fontSize="15" fill="var(--ink)">
        {formatAmps(neededA)}
      </text>
      <Bar from={x0} to={Math.min(xLoads, cut)} y={top} fill="url(#hatch-loads)" framed />
      <Bar from={Math.min(xLoads, cut)} to={Math.min(xFan, cut)} y={top} fill="url(#hatch-fan)" framed />
      <Bar from={Math.min(xFan, cut)} to={cut} y={top} fill="var(--steel)" />
      {over && xLimit !== null && (
        <>
          <rect x={xLimit + 4} y={top} width={Math.max(6, xAsked - xLimit - 4)} height={BAR} fill="var(--face)" />
          <rect
            x={xLimit + 4}
            y={top}
            width={Math.max(6, xAsked - xLimit - 4)}
            height={BAR}
            fill="url(#hatch-lead)"
            stroke="var(--lead)"
            strokeWidth="1.8"
          />
        </>
      )}
      {roomInside && (
        <text x={xFan + 10} y={top + 23} fill="var(--on-steel)" fontSize="15">
          <tspan className="figure" fontSize="17">
            {formatAmps(neededA - loadsA - fanA)}
          </tspan>
          <tspan dx="6">{gap.word}</tspan>
        </text>
      )}
      {xLimit !== null && <Wall x={xLimit} top={y} bottom={y + 50} rule={ruleY} />}
      {!over && xLimit !== null && xLimit - xAsked > 16 && <Dimension from={xAsked + 1} to={xLimit - 4} y={top + BAR / 2} />}
      {!side && <NarrowFigure gap={gap} x={over ? xAsked : (xLimit ?? xAsked)} y={top + 23} right={scale.right} />}
    </g>
  );
}

function Bar({
  from,
  to,
  y,
  fill,
  framed = false,
}: {
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly fill: string;
  readonly framed?: boolean;
}) {
  const width = to - from;
  return width < 0.5 ? null : (
    <rect x={from} y={y} width={width} height={BAR} fill={fill} {...(framed && { stroke: "var(--ink)", strokeWidth: 1.5 })} />
  );
}

/** A jaw at the limit, hatched beyond, with a thin extension down to the rule. */
function Wall({ x, top, bottom, rule }: { readonly x: number; readonly top: number; readonly bottom: number; readonly rule: number }) {
  return (
    <g>
      <rect x={x + 3} y={top} width="9" height={bottom - top} fill="url(#hatch-lead)" />
      <rect x={x - 2} y={top} width="5" height={bottom - top} fill="var(--lead)" />
      <line x1={x} x2={x} y1={bottom} y2={rule} stroke="var(--lead)" strokeWidth="1.5" />
    </g>
  );
}

/** An arrow both ways over what is left. */
export function Dimension({ from, to, y }: { readonly from: number; readonly to: number; readonly y: number }) {
  return (
    <g stroke="var(--ink)" fill="var(--ink)">
      <line x1={from} x2={to} y1={y} y2={y} strokeWidth="1.5" />
      <path d={`M${from} ${y}l8 -3.4v6.8zM${to} ${y}l-8 -3.4v6.8z`} stroke="none" />
    </g>
  );
}

/** The same with room for a figure in its middle. */
export function SplitDimension({
  from,
  to,
  y,
  gap,
}: {
  readonly from: number;
  readonly to: number;
  readonly y: number;
  readonly gap: number;
}) {
  const middle = (from + to) / 2;
  return (
    <g stroke="var(--ink)" fill="var(--ink)">
      <path d={`M${from} ${y}H${middle - gap}M${middle + gap} ${y}H${to}`} strokeWidth="1.5" fill="none" />
      <path d={`M${from} ${y}l8 -3.4v6.8zM${to} ${y}l-8 -3.4v6.8z`} stroke="none" />
    </g>
  );
}

function NarrowFigure({ gap, x, y, right }: { readonly gap: Gap; readonly x: number; readonly y: number; readonly right: number }) {
  if (gap.spareA === null) return null;
  const text = gap.spareA > 0 ? `${formatAmps(gap.spareA)} ${CHECK.toSpare}` : `${formatAmps(-gap.spareA)} ${CHECK.over}`;
  const inside = x + 18 + text.length * 8.6 > right;
  return (
    <Halo
      x={inside ? right : x + 18}
      y={inside ? y + 34 : y}
      anchor={inside ? "end" : "start"}
      size={16}
      figure
      fill={gap.spareA > 0 ? "var(--ink)" : "var(--lead)"}
    >
      {text}
    </Halo>
  );
}
