import { AmpRule, RULE_HEIGHT } from "./amp-rule.tsx";
import { ampScale } from "./amp-scale.ts";
import { GAP_HEIGHT, type Gap, HeadroomRow } from "./headroom.tsx";

interface LegsPictureProps {
  readonly width: number;
  /** Each leg in running, and the worst start where one is counted. */
  readonly gaps: readonly Gap[];
  readonly label: string;
  readonly ruleLabel: string;
}

/** What is on beside what the source carries: a row for each leg and for the worst start, over one rule of amps. */
export function LegsPicture({ width, gaps, label, ruleLabel }: LegsPictureProps) {
  const left = 104;
  const ruleY = GAP_HEIGHT * gaps.length + 4;
  const near = gaps.flatMap((g) => [g.neededA, g.availableA ?? 0]);
  const scale = ampScale(near, null, left, width - 14);
  return (
    <svg width={width} height={ruleY + RULE_HEIGHT + 4} role="img" aria-label={label} className="block">
      <rect x={left - 6} y="0" width="5" height={ruleY} fill="var(--ink)" />
      {gaps.map((gap, i) => (
        <HeadroomRow key={gap.title} gap={gap} scale={scale} y={2 + GAP_HEIGHT * i} ruleY={ruleY} side={false} />
      ))}
      <AmpRule scale={scale} y={ruleY} label={ruleLabel} />
    </svg>
  );
}
