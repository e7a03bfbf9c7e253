import { scaleLinear } from "d3-scale";

/** A horizontal scale of amps, with at most one stretch left out and said so. */
export interface AmpScale {
  readonly x: (amps: number) => number;
  readonly ticks: readonly number[];
  readonly minor: readonly number[];
  /** Middle of the zigzag, pixels; null when nothing is left out. */
  readonly breakX: number | null;
  readonly left: number;
  readonly right: number;
}

const BREAK_WHEN_OVER = 1.7;
const FAR_SHARE = 0.13;
const BREAK_PX = 26;

/**
 * A scale from 0 to the largest of `near`. A `far` value beyond 1.7 times that gets a short stretch
 * of its own behind a break, since what lies between is empty.
 */
export function ampScale(near: readonly number[], far: number | null, left: number, right: number): AmpScale {
  const nearMost = Math.max(5, ...near) * 1.06;
  const broken = far !== null && far > nearMost * BREAK_WHEN_OVER;
  const top = broken || far === null ? nearMost : Math.max(nearMost, far * 1.06);
  const edge = broken ? right - (right - left) * FAR_SHARE - BREAK_PX : right;
  const inner = scaleLinear([0, top], [left, edge]);
  const step = stepFor(top, edge - left);
  const ticks = range(0, top, step);
  const minor = range(0, top, step / 5);
  if (!broken) return { x: (a) => inner(Math.min(a, top)), ticks, minor, breakX: null, left, right };
  const outer = scaleLinear([far * 0.9, far * 1.1], [edge + BREAK_PX, right]);
  return {
    x: (a) => (a <= top ? inner(a) : Math.max(edge + BREAK_PX / 2, Math.min(right, outer(a)))),
    ticks,
    minor,
    breakX: edge + BREAK_PX / 2,
    left,
    right,
  };
}

function stepFor(top: number, pixels: number): number {
  return [5, 10, 20, 50, 100, 200].find((step) => (pixels / top) * step >= 38) ?? 500;
}

function range(from: number, to: number, step: number): number[] {
  return Array.from({ length: Math.floor((to - from) / step + 1e-9) + 1 }, (_, i) => from + i * step);
}
