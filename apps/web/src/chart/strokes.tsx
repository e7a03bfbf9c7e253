import type { SVGProps } from "react";

interface StrokesProps extends Omit<SVGProps<SVGPathElement>, "d" | "from" | "to"> {
  /** Where each stands across its own direction. */
  readonly at: readonly number[];
  readonly from: number;
  readonly to: number;
}

/** Upright lines at each x, as one path: a slow phone takes a path's time for each element. */
export function Uprights({ at, from, to, ...stroke }: StrokesProps) {
  return <path d={at.map((x) => `M${x} ${from}V${to}`).join("")} fill="none" {...stroke} />;
}

/** Level lines at each y, the same way. */
export function Levels({ at, from, to, ...stroke }: StrokesProps) {
  return <path d={at.map((y) => `M${from} ${y}H${to}`).join("")} fill="none" {...stroke} />;
}
