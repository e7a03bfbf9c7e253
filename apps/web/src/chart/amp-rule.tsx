import type { AmpScale } from "./amp-scale.ts";
import { Uprights } from "./strokes.tsx";

export const RULE_HEIGHT = 30;

/** The engraved rule of amps: ticks at 24, 46 and 62 % of its height, numerals right of theirs. */
export function AmpRule({ scale, y, label }: { readonly scale: AmpScale; readonly y: number; readonly label?: string }) {
  const { left, right, breakX } = scale;
  const above = scale.ticks.filter((a) => a !== 0);
  const zero = scale.ticks.filter((a) => a === 0);
  return (
    <g>
      <rect x={left - 4} y={y} width={right - left + 8} height={RULE_HEIGHT} fill="var(--bench)" stroke="var(--ink)" strokeWidth="1.5" />
      <Uprights at={scale.minor.map(scale.x)} from={y} to={y + RULE_HEIGHT * 0.24} stroke="var(--ink)" strokeWidth="1.2" />
      <Uprights at={above.map(scale.x)} from={y} to={y + RULE_HEIGHT * 0.46} stroke="var(--ink)" strokeWidth="1.8" />
      <Uprights at={zero.map(scale.x)} from={y} to={y + RULE_HEIGHT * 0.62} stroke="var(--ink)" strokeWidth="1.8" />
      <g fontSize="14.5" fontWeight="600" fill="var(--ink)">
        {scale.ticks
          .filter((a) => scale.x(a) + 4 + 9.5 * String(a).length < (breakX ?? right))
          .map((a) => (
            <text key={a} x={scale.x(a) + 4} y={y + RULE_HEIGHT - 7} className="figure">
              {a}
            </text>
          ))}
      </g>
      {breakX !== null && <Zigzag x={breakX} y={y - 3} height={RULE_HEIGHT + 6} />}
      {label !== undefined && (
        <text x={left - 12} y={y + RULE_HEIGHT - 9} textAnchor="end" fontWeight="700" fontSize="14.5" fill="var(--ink)">
          {label}
        </text>
      )}
    </g>
  );
}

/** A stretch left out, drawn as such. */
function Zigzag({ x, y, height }: { readonly x: number; readonly y: number; readonly height: number }) {
  const teeth = 5;
  const line = (dx: number): string =>
    Array.from(
      { length: teeth + 1 },
      (_, i) => `${i === 0 ? "M" : "L"}${x + dx + (i % 2 === 0 ? -3 : 3)} ${y + (height * i) / teeth}`,
    ).join("");
  return (
    <g>
      <path d={`${line(-6)}L${x + 9} ${y + height}L${x + 3} ${y}Z`} fill="var(--face)" />
      <path d={line(-6)} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
      <path d={line(6)} fill="none" stroke="var(--ink)" strokeWidth="1.5" />
    </g>
  );
}
