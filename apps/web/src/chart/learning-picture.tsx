import { formatAmps, formatSeconds } from "@amp-saver/core/quantity";
import { LEARN } from "../words/learn.ts";
import { AmpRule, RULE_HEIGHT } from "./amp-rule.tsx";
import { ampScale } from "./amp-scale.ts";
import { Halo } from "./halo.tsx";

/** One expected start. */
interface ExpectedStart {
  readonly peakA: number;
  readonly startS: number | null;
  readonly tripped: boolean;
}

interface LearningPictureProps {
  readonly width: number;
  readonly starts: readonly ExpectedStart[];
  readonly directA: number;
  readonly settledAt: number | null;
}

const ROW = 38;
const BAR = 20;

/** Starts one under the other on one rule, expected and so dashed, the direct start above them. */
export function LearningPicture({ width, starts, directA, settledAt }: LearningPictureProps) {
  const narrow = width < 520;
  const left = narrow ? 74 : 126;
  const scale = ampScale([directA], null, left, width - 12);
  const top = RULE_HEIGHT + 14;
  const height = top + ROW * (starts.length + 1) + 4;
  const x0 = scale.x(0);
  return (
    <svg width={width} height={height} role="img" aria-label={LEARN.pictureLabel(starts.length)} className="block">
      {scale.ticks.map((a) => (
        <line key={a} x1={scale.x(a)} x2={scale.x(a)} y1={RULE_HEIGHT} y2={height} stroke="var(--hair)" />
      ))}
      <line x1={x0} x2={x0} y1={RULE_HEIGHT} y2={height} stroke="var(--ink)" strokeWidth="1.5" />
      <AmpRule scale={scale} y={0} {...(!narrow && { label: LEARN.rule })} />
      <text x={left - 12} y={top + 15} textAnchor="end" fontSize="15" fontWeight="700" fill="var(--ink)">
        {LEARN.direct}
      </text>
      <rect x={x0} y={top} width={scale.x(directA) - x0} height={BAR} fill="var(--face)" stroke="var(--ink)" strokeWidth="2.4" />
      <text x={x0 + 10} y={top + 16} className="figure" fontSize="15" fill="var(--ink)">
        {formatAmps(directA)}
      </text>
      {starts.map((start, i) => {
        const y = top + ROW * (i + 1);
        const settled = settledAt === i + 1;
        return (
          <g key={`${start.peakA} ${y}`}>
            <text x={left - 12} y={y + 15} textAnchor="end" fontSize="15" fontWeight={settled ? 700 : 400} fill="var(--ink)">
              {LEARN.start(i + 1)}
            </text>
            <rect
              x={x0}
              y={y}
              width={scale.x(start.peakA) - x0}
              height={BAR}
              fill="none"
              stroke="var(--steel)"
              strokeWidth="2.2"
              strokeDasharray="6 4"
            />
            <Halo x={scale.x(start.peakA) + 10} y={y + 15} fill="var(--steel)" weight={700}>
              {formatAmps(start.peakA)},{" "}
              {start.startS === null ? (start.tripped ? LEARN.tripped : LEARN.stalled) : formatSeconds(start.startS)}
              {settled && !narrow ? `, ${LEARN.settled}` : ""}
            </Halo>
          </g>
        );
      })}
    </svg>
  );
}
