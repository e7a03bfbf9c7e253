import { insulation } from "./insulation.ts";
import type { Point, Way } from "./route.ts";

const CHAMFER = 9;

/** Straight runs with cut corners. */
function pathOf(points: readonly Point[]): string {
  return points
    .map((p, k) => {
      const [before, after] = [points[k - 1], points[k + 1]];
      if (before === undefined) return `M${p.x} ${p.y}`;
      if (after === undefined) return `L${p.x} ${p.y}`;
      const [a, b] = [towards(p, before), towards(p, after)];
      return `L${a.x} ${a.y}L${b.x} ${b.y}`;
    })
    .join("");
}

function towards(p: Point, q: Point): Point {
  const far = Math.abs(q.x - p.x) + Math.abs(q.y - p.y);
  const part = Math.min(CHAMFER, far / 2) / Math.max(1, far);
  return { x: p.x + (q.x - p.x) * part, y: p.y + (q.y - p.y) * part };
}

interface WireProps {
  readonly way: Way;
  readonly thick: boolean;
}

/** A wire in its own insulation with ink on both sides; an end that is free has a black cap. */
export function Wire({ way: { conductor, points, ends }, thick }: WireProps) {
  const d = pathOf(points);
  const width = thick ? 8.5 : 5.5;
  const { base, stripe } = insulation(conductor.color);
  const line = { d, fill: "none", strokeLinejoin: "round" as const };
  const cap = ends[0] === "free" ? points[0] : ends[1] === "free" ? points.at(-1) : undefined;
  return (
    <>
      <path {...line} stroke="var(--face)" strokeWidth={width + 8} />
      <path {...line} stroke="var(--ink)" strokeWidth={width + 3} />
      <path {...line} stroke={base} strokeWidth={width} />
      {stripe !== null && <path {...line} stroke={stripe} strokeWidth={width * 0.45} strokeDasharray="9 9" />}
      {cap !== undefined && <rect x={cap.x - 8} y={cap.y - 7} width={16} height={14} rx={6} fill="var(--ink)" />}
    </>
  );
}
