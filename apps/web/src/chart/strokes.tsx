import type { SVGProps } from "react";

type Stroke = Omit<SVGProps<SVGPathElement>, "d">;

/** Upright lines at each x from one y to another, as one path: a slow phone takes a path's time for each element. */
export function Uprights({
  at,
  from,
  to,
  ...stroke
}: { readonly at: readonly number[]; readonly from: number; readonly to: number } & Stroke) {
  return <path d={at.map((x) => `M${x} ${from}V${to}`).join("")} fill="none" {...stroke} />;
}

/** The same lying, at each y from one x to another. */
export function Levels({
  at,
  from,
  to,
  ...stroke
}: { readonly at: readonly number[]; readonly from: number; readonly to: number } & Stroke) {
  return <path d={at.map((y) => `M${from} ${y}H${to}`).join("")} fill="none" {...stroke} />;
}
